import { RELATION } from '../judge/model';
import { upperFirst } from '../base/words';
import { mindsMore } from './two-eyes';
import { MINDED_WORDS, mindsOf, type Minded, type Said } from './minds';

/** What a verdict was given beside, and the light it was given in: parts of all that was said in which an eye may see otherwise. */
export const PARTED = ['stone', 'floor', 'trim', 'cabinets', 'cloth', 'picture', 'lamps', 'day'] as const;
export type Parted = (typeof PARTED)[number];
const WHERE: Readonly<Record<Parted, string>> = {
  stone: 'beside stone and tile',
  floor: 'beside floors',
  trim: 'beside trim and doors',
  cabinets: 'beside cabinets and shelves',
  cloth: 'beside cloth',
  picture: 'beside pictures',
  lamps: 'by lamps',
  day: 'by day',
};

/** What was said, and the parts it belongs to. */
export type SaidOfPart = Said & { readonly parts: readonly Parted[] };

/** Parts of fewer verdicts, or that leave fewer beside them, say nothing. Own choice, as for an eye as a whole. */
const LEAST = 20;
const HUES: ReadonlySet<Minded> = new Set(['pink', 'green', 'yellow', 'violet']);

/** "Beside stone and tile you mind green more than elsewhere: 1.6 times as much as most, from 1.7 steps." */
function sayPart(part: Parted, of: Minded, factor: number): string {
  const steps = HUES.has(of) ? `, from ${(RELATION.hueStep / factor).toFixed(1)} steps` : '';
  return `${upperFirst(WHERE[part])} you mind ${MINDED_WORDS[of]} more than elsewhere: ${factor.toFixed(1)} times as much as most${steps}.`;
}

/**
 * Where an eye minds something more than elsewhere: what was said in a part against what was said outside of it, each learnt apart, the
 * clearest of each part. Nothing where the two cannot be told apart; it is told, and not judged by.
 */
export function sayParted(said: readonly SaidOfPart[]): string[] {
  return PARTED.flatMap((part) => {
    const inside = said.filter((s) => s.parts.includes(part));
    const outside = said.filter((s) => !s.parts.includes(part));
    if (inside.length < LEAST || outside.length < LEAST) return [];
    const minds = mindsOf(inside);
    const [most] = mindsMore(minds, mindsOf(outside));
    return most === undefined ? [] : [sayPart(part, most, minds[most].factor)];
  });
}
