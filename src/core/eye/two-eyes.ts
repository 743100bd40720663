import { listed, upperFirst } from '../base/words';
import { MINDED, MINDED_WORDS, type Minded, type Minds } from './minds';

/** Two eyes differ in what one minds so many times as much as the other, surely enough to be spoken of. Own choices. */
const DIFFERS = { times: 1.25, spreads: 1.3 } as const;

const spreadOf = ({ low, high }: { readonly low: number; readonly high: number }): number => Math.log(high / low) / (2 * 1.96);

/** What one eye minds more than another, the clearest first. */
export function mindsMore(one: Minds, other: Minds): readonly Minded[] {
  const told = MINDED.map((of) => {
    const apart = Math.log(one[of].factor / other[of].factor);
    const spread = Math.hypot(spreadOf(one[of]), spreadOf(other[of]));
    return { of, apart, clear: spread > 0 ? apart / spread : Math.sign(apart) * Infinity };
  });
  return told
    .filter(({ apart, clear }) => apart >= Math.log(DIFFERS.times) && clear >= DIFFERS.spreads)
    .sort((p, q) => q.clear - p.clear)
    .map(({ of }) => of);
}

const wordsOf = (all: readonly Minded[]): string => listed(all.map((of) => MINDED_WORDS[of]));

/**
 * Where two eyes differ again and again, said kindly: neither is wrong. "" where they do not.
 *
 * @param client what the client is called: "Merrin", "the client"
 */
export function sayTwoEyes(consultant: Minds, theirs: Minds, client: string): string {
  const more = mindsMore(theirs, consultant);
  const less = mindsMore(consultant, theirs);
  if (more.length + less.length === 0) return '';
  const several = / and |&|,/.test(client);
  const parts = [
    more.length > 0 && `${client} ${several ? 'mind' : 'minds'} ${wordsOf(more)} more than you do`,
    less.length > 0 && `you mind ${wordsOf(less)} more than ${client} ${several ? 'do' : 'does'}`,
  ].filter(Boolean);
  return `${upperFirst(parts.join('; '))}. Both eyes are right: it is their wall, and your name on the paper.`;
}
