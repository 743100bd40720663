import { use } from 'react';
import { LocalWords, type Say } from './local-words';

/** Elements whose text is no text. */
const NO_TEXT: ReadonlySet<unknown> = new Set(['style', 'script', 'title', 'textarea', 'html', 'head', 'body', 'meta', 'link']);
/** Attributes that are shown or read out. */
const SPOKEN = ['aria-label', 'title', 'placeholder', 'alt', 'aria-valuetext', 'label', 'description'] as const;

/**
 * What may be said otherwise somewhere: words, a clock, a date, a length. Wide on purpose: what answers it is only looked at more
 * closely.
 */
const MAY_DIFFER =
  /colou|grey|skirt|worktop|sitting|cloak|metre|litre|centre|neighbour|favour|mould|judgement|labell|\btins?\b|plaster|\d:\d\d|\d (?:m|mm|cm)\b|\d (?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)/i;

const differs = (value: unknown): boolean =>
  typeof value === 'string' ? MAY_DIFFER.test(value) : Array.isArray(value) && value.some(differs);
/** A text, or a list that holds one, in the words of the place. */
const inWords = (say: Say, value: unknown): unknown => {
  if (typeof value === 'string') return MAY_DIFFER.test(value) ? say(value) : value;
  return Array.isArray(value) && value.some(differs) ? value.map((one) => inWords(say, one)) : value;
};

let everywhere: Say | undefined;
/** Says everything so from now on: for a thread that makes one document at a time. */
export const sayEverywhere = (say: Say | undefined): void => void (everywhere = say);

/**
 * How things are said where the element stands. Elements are made while a component is drawn; one that is made elsewhere is said as it is
 * written.
 */
function sayHere(): Say | undefined {
  if (everywhere) return everywhere;
  try {
    // a context may be read anywhere while drawing, in a loop or on a condition
    // eslint-disable-next-line react-hooks/rules-of-hooks
    return use(LocalWords);
  } catch {
    return undefined;
  }
}

type Props = Readonly<Record<string, unknown>>;

/** What an element is given, with its own text and what is read out of it in the words of the place. */
export function saidProps(type: unknown, props: Props): Props {
  // what a part is given goes into an element of its own in the end: of packages it is made without asking here
  if (NO_TEXT.has(type) || props['translate'] === 'no') return props;
  const { children } = props;
  const own = differs(children);
  const spoken = SPOKEN.filter((name) => differs(props[name]));
  const say = own || spoken.length > 0 ? sayHere() : undefined;
  if (!say) return props;
  const said: Record<string, unknown> = { ...props };
  for (const name of spoken) said[name] = say(props[name] as string);
  if (own) said['children'] = inWords(say, children);
  return said;
}
