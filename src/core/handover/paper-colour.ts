import { describeColour } from '../colour/family';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { screenColour } from '../colour/srgb';
import type { KnownBy, PaintFacts } from '../paint/paint-facts';
import { sayStrength } from '../paint/strength';
import type { Candidate } from '@/core/record/candidate';

/** What to say wherever a colour is printed or shown. */
export const PATCH_CAVEAT = 'Patches on paper and screens are not paint: go by maker, code and strength.';

/** A colour with no room for doubt. */
export type PaperColour = {
  readonly maker: string;
  readonly code: string;
  readonly name: string;
  readonly strength: number;
  /** "75 % strength", and the other way of saying it: "colourant cut by a quarter". */
  readonly strengthSays: readonly [share: string, cut: string];
  readonly base: string;
  /** "not Ferrowmere’s colour of that name": another maker sells a different one under it. */
  readonly notToMix: string | null;
  readonly hex: string;
  readonly says: string;
  /** How it was known, and how sure its look by lamplight is. */
  readonly known: string;
};

const KNOWN_SAYS: Readonly<Record<KnownBy, string>> = {
  spectrum: 'from its measured spectrum',
  colourants: 'mixed from its formula’s colourants',
  lab: 'known by its Lab only',
};
/** ΔE00 by a lamp up to which a prediction is as good as any. One just-noticeable step: this product's own choice. */
const SURE_TO = 1;
function sayKnown(facts: PaintFacts | undefined): string {
  if (!facts) return 'not in the deck any more: how it was known is not recorded';
  const sure =
    facts.lampSpread < SURE_TO
      ? 'its look by lamps is sure'
      : `its look by lamps may be off by ΔE ${facts.lampSpread.toFixed(1)}: trust the painted board`;
  return `${KNOWN_SAYS[facts.known]}; ${sure}`;
}

type Asked = { readonly deckColourId: string; readonly strength: number; readonly under?: Lab | null };
/** Finds what the deck says of a paint, over what is there where that is asked; undefined for a colour it does not have any more. */
export type FactsOf = (of: Asked) => PaintFacts | undefined;

/** Finds facts among those that were asked for; over anything where nothing is said of what is there. */
export function factsAmong(
  known: readonly { readonly asked: Required<Asked>; readonly facts: PaintFacts | undefined }[],
): FactsOf {
  const keyOf = ({ deckColourId, strength }: Asked) => `${deckColourId} ${strength}`;
  const byColour = new Map<string, typeof known>();
  for (const one of known) byColour.set(keyOf(one.asked), [...(byColour.get(keyOf(one.asked)) ?? []), one]);
  return (of) => {
    const all = byColour.get(keyOf(of)) ?? [];
    const over = of.under === undefined ? all[0] : all.find(({ asked }) => sameLab(asked.under, of.under!));
    return (over ?? all[0])?.facts;
  };
}
const sameLab = (p: Lab | null, q: Lab | null): boolean => p === q || (!!p && !!q && p.l === q.l && p.a === q.a && p.b === q.b);

/** A colour as papers name it. */
export function paperColour(c: Candidate, facts: PaintFacts | undefined): PaperColour {
  const [, share, cut] = /^(.*) \((.*)\)$/.exec(sayStrength(c.strength))!;
  return {
    maker: c.maker,
    code: c.code,
    name: c.name,
    strength: c.strength,
    strengthSays: [share!, cut!],
    base: facts?.base.assumed ? 'its base is not known here' : `${facts?.base.kind ?? c.baseKind} base`,
    notToMix: c.sharedName ? `another maker sells a different colour as ${c.name}: only ${c.maker} ${c.code}` : null,
    hex: screenColour(c.lab).hex,
    says: `${describeColour(c.lab)}, LRV ${Math.round(lrvOf(c.lab))}`,
    known: sayKnown(facts),
  };
}
