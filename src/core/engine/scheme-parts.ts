import { deltaE00 } from '../colour/ciede2000';
import { chroma, hueDeg, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { Companion, PaletteColour } from '../companions/companion';
import { asSurface } from '../companions/companions';
import type { Role } from '../companions/roles';
import { hueApart } from '../judge/hues';
import type { Surface } from '../judge/surfaces';
import { rungOf } from '../scheme/ladder';
import type { SchemeKind, SchemePart } from '../scheme/parts';
import type { PieceColour } from '../scheme/piece';

/** A colour that a part could have. */
export type Option = Surface & {
  readonly id: string | null;
  readonly strength: number | null;
  readonly why: string;
  /** Meant to answer rather than to share. */
  readonly answers: boolean;
  /** What is no fault of it where it is. */
  readonly role: Role;
};

/** Of what the options of a part are made. */
export type OptionsOf = {
  readonly kind: SchemeKind;
  readonly wall: Surface;
  readonly palette: readonly PaletteColour[];
  readonly companions: readonly Companion[];
  /** Colours of the piece that the walls did not take, the largest first. */
  readonly left: readonly PieceColour[];
  /** The trim as it is chosen, or as it stays; undefined where neither. */
  readonly trim: Lab | undefined;
  /** Whether the walls are a colour rather than a near-neutral. */
  readonly wallIsColour: boolean;
};

const PART_ROLE: Readonly<Record<SchemePart, Role>> = {
  walls: 'quiet',
  focal: 'wall-focal',
  below: 'wall-below',
  trim: 'light-trim',
  ceiling: 'light-trim',
  door: 'dark-trim',
  large: 'fabric-calm',
  small: 'fabric-lively',
  accent: 'accent',
};

/** Near enough a piece's colour to be told from it by nobody across a room; ΔE00, own choice. */
const NEAR_PIECE = 8;
/** Near enough the trim that stays to pass for it. ΔE00, own choice. */
const AS_TRIM = 2.5;
/** A white for a ceiling: LRV. Common practice. */
const CEILING_LRV = 78;
/** Chroma from which a colour of a piece is a strong one, and up to which it is quiet enough for curtains. Own choices. */
const STRONG = 28;
const QUIET = 26;

/** Whether something is a slight step from the wall. */
const isSlight = (wall: Lab, other: Lab): boolean => rungOf(deltaE00(wall, other)) === 'slight';

const paint = (c: PaletteColour, role: Role, why: string): Option => ({ ...c, role, why, answers: false });
const cloth = (lab: Lab, role: Role, why: string, answers = false): Option => ({
  ...asSurface(lab),
  id: null,
  strength: null,
  role,
  why,
  answers,
});

type Near = { readonly colour: PaletteColour; readonly apart: number };
const byApart = (p: Near, q: Near) =>
  p.apart - q.apart || q.colour.strength - p.colour.strength || (p.colour.id < q.colour.id ? -1 : 1);
/** So many times as many are looked at closely as are asked for: plain distance and ΔE00 differ in their order. Own choice. */
const LOOKED_AT = 6;

/** The colours of a palette nearest to one, the nearest first. */
export function nearestPaints(palette: readonly PaletteColour[], lab: Lab, most = 12): Near[] {
  const plain = Float64Array.from(palette, (c) => (c.lab.l - lab.l) ** 2 + (c.lab.a - lab.a) ** 2 + (c.lab.b - lab.b) ** 2);
  const count = Math.min(palette.length, LOOKED_AT * most + 40);
  const within = Float64Array.from(plain).sort()[count - 1] ?? 0;
  return palette
    .filter((_, k) => plain[k]! <= within)
    .map((colour) => ({ colour, apart: deltaE00(colour.lab, lab) }))
    .sort(byApart)
    .slice(0, most);
}

const stepped = ({ l, a, b }: Lab, by: number, keeps: number): Lab => ({
  l: Math.min(96, Math.max(8, l + by)),
  a: a * keeps,
  b: b * keeps,
});
const stepSays = (from: Lab, to: Lab) => `a slight step from the walls (ΔE ${Math.round(deltaE00(from, to))})`;

/** Paints of the wall's own hue that are a slight step from it, toward light. */
function slightSteps({ wall, palette }: OptionsOf, by: number, role: Role): Option[] {
  const target = stepped(wall.lab, by, 0.75);
  return nearestPaints(palette, target, 24)
    .filter(({ colour }) => rungOf(deltaE00(colour.lab, wall.lab)) === 'slight')
    .filter(({ colour }) => chroma(colour.lab) < 3 || chroma(wall.lab) < 3 || hueApart(hueDeg(colour.lab), hueDeg(wall.lab)) < 40)
    .map(({ colour }) => paint(colour, role, stepSays(wall.lab, colour.lab)));
}

const ofRole = ({ companions, palette }: OptionsOf, role: Role, keys?: readonly string[]): Option[] =>
  companions
    .filter((c) => c.role === role && (!keys || keys.includes(c.key)))
    .sort((p, q) => (keys ? keys.indexOf(p.key) - keys.indexOf(q.key) : 0))
    .flatMap((c): Option[] => {
      const answers = ['answers', 'across', 'one-side', 'other-side', 'spark'].includes(c.key);
      if (c.id === null) return [cloth(c.lab, role, c.why, answers)];
      const colour = palette.find((p) => p.id === c.id && p.strength === c.strength);
      return colour ? [{ ...colour, role, why: c.why, answers }] : [];
    });

/** The colours of a piece as paints of the deck, where it has them. */
const asPaint = ({ palette }: OptionsOf, colours: readonly PieceColour[], role: Role): Option[] =>
  colours.flatMap(({ lab }) =>
    nearestPaints(palette, lab, 3)
      .filter((n) => n.apart < NEAR_PIECE)
      .map((n) => paint(n.colour, role, `a colour of the piece (ΔE ${n.apart.toFixed(1)})`)),
  );

function trims(of: OptionsOf): Option[] {
  const light = of.left.filter((c) => lrvOf(c.lab) >= CEILING_LRV - 8 && chroma(c.lab) < 14);
  const own = of.kind === 'tonal' ? slightSteps(of, of.wall.lab.l > 84 ? -9 : 9, 'light-trim') : asPaint(of, light, 'light-trim');
  const keys = of.kind === 'shared' ? ['soft', 'clean', 'own-pale', 'creamy'] : undefined;
  return [...own, ...ofRole(of, 'light-trim', keys)];
}

/** The trim's own colour, or where the trim stays the paints that are nearest to it. */
const asTrim = ({ trim, palette }: OptionsOf, why: string): Option[] =>
  trim ? nearestPaints(palette, trim, 3).flatMap((n) => (n.apart < AS_TRIM ? [paint(n.colour, 'light-trim', why)] : [])) : [];

function ceilings(of: OptionsOf): Option[] {
  const whites = ofRole(of, 'light-trim');
  const own = of.trim && lrvOf(of.trim) >= CEILING_LRV ? asTrim(of, 'as the trim: one white above and around') : [];
  if (of.kind !== 'tonal') return [...own, ...whites];
  return [...slightSteps(of, Math.min(14, Math.max(5, 95 - of.wall.lab.l)), 'light-trim'), ...own, ...whites];
}

function doors(of: OptionsOf): Option[] {
  const own = asTrim(of, 'as the trim');
  const dark = ofRole(of, 'dark-trim', of.kind === 'answered' ? ['answers', 'strip', 'ground'] : ['strip', 'ground', 'answers']);
  return of.kind === 'answered' || of.kind === 'minor' ? [...dark, ...own] : [...own, ...dark];
}

const quietLeft = ({ left }: OptionsOf) => left.filter((c) => chroma(c.lab) < QUIET && lrvOf(c.lab) > 8);
const strongLeft = ({ left }: OptionsOf) =>
  [...left].filter((c) => chroma(c.lab) >= 14).sort((p, q) => chroma(q.lab) - chroma(p.lab));
const OF_PIECE = 'a colour of the piece';

function larges(of: OptionsOf): Option[] {
  const calm = ofRole(of, 'fabric-calm');
  const ground = ofRole(of, 'fabric-ground');
  if (of.kind === 'largest' || of.kind === 'minor')
    return [...quietLeft(of).map((c) => cloth(c.lab, 'fabric-calm', OF_PIECE)), ...calm, ...ground];
  if (of.kind === 'tonal') {
    const deeper = stepped(of.wall.lab, of.wall.lab.l > 45 ? -12 : 12, 0.9);
    return [cloth(deeper, 'fabric-calm', stepSays(of.wall.lab, deeper)), ...calm];
  }
  return of.kind === 'answered' ? [...ground, ...calm] : [...calm, ...ground];
}

function smalls(of: OptionsOf): Option[] {
  if (of.kind === 'largest' || of.kind === 'minor') {
    const strong = strongLeft(of).map((c) => cloth(c.lab, 'fabric-lively', OF_PIECE, true));
    return [...strong, ...ofRole(of, 'fabric-lively')];
  }
  if (of.kind === 'answered') return ofRole(of, 'fabric-lively');
  if (of.kind === 'tonal') {
    const deeper = stepped(of.wall.lab, of.wall.lab.l > 45 ? -17 : 17, 1.1);
    const calm = ofRole(of, 'fabric-calm').filter((o) => isSlight(of.wall.lab, o.lab));
    return [cloth(deeper, 'fabric-calm', stepSays(of.wall.lab, deeper)), ...calm];
  }
  return [...ofRole(of, 'fabric-ground'), ...ofRole(of, 'fabric-calm')];
}

function accents(of: OptionsOf): Option[] {
  if (of.kind === 'tonal') return [];
  if (of.kind === 'largest' || of.kind === 'minor') {
    const strong = strongLeft(of).filter((c) => chroma(c.lab) >= STRONG / 2);
    return [...strong.slice(1), ...strong.slice(0, 1)].map((c) => cloth(c.lab, 'accent', OF_PIECE, true));
  }
  return ofRole(of, 'accent', of.kind === 'answered' ? ['answers', 'spark', 'own'] : ['own', 'spark', 'answers']);
}

/** One wall of four is told from the rest only where these are quiet, and answers them. */
const focals = (of: OptionsOf): Option[] =>
  of.kind === 'answered' && !of.wallIsColour ? ofRole(of, 'wall-focal', ['answers']) : [];

/** Parts that are proposed; what stands below a rail is chosen by hand. */
export type ProposedName = Exclude<SchemePart, 'walls' | 'below'>;
const OPTIONS: Readonly<Record<ProposedName, (of: OptionsOf) => Option[]>> = {
  focal: focals,
  trim: trims,
  ceiling: ceilings,
  door: doors,
  large: larges,
  small: smalls,
  accent: accents,
};

/** What a part of a scheme could have, what speaks most for it first. Common practice, no source. */
export const optionsFor = (part: ProposedName, of: OptionsOf): readonly Option[] => OPTIONS[part](of);

/** A colour that was given, as an option of its part. */
export const givenOption = (surface: Surface, part: SchemePart, id: string | null, strength: number | null): Option => ({
  ...surface,
  id,
  strength,
  role: PART_ROLE[part],
  why: 'as it was chosen',
  answers: part === 'small' || part === 'accent',
});
