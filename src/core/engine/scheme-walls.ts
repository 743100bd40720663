import { chroma, hueDeg, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { PaletteColour } from '../companions/companion';
import { hueApart } from '../judge/hues';
import { byServing, type Advice } from '../judge/room-advice';
import type { Wish } from '../judge/wish';
import type { Thing } from '../record/thing';
import { seenShares, type RoomAreas } from '../scheme/areas';
import { missesLadder } from '../scheme/ladder';
import { SCHEME_PARTS, type SchemeKind, type SchemePart } from '../scheme/parts';
import type { PieceColour } from '../scheme/piece';
import { recedes, sayOnWall } from '../scheme/piece-words';
import type { JudgedStay } from './judgement-protocol';
import { nearestPaints } from './scheme-parts';
import type { UsedLight } from './used-lights';

/** A thing that stays, as a scheme is made around it. */
export type SchemeStay = JudgedStay & { readonly thing: Thing; readonly cover: number | null };
/** A part that was chosen before, and is to be kept. */
export type KeptPart = {
  readonly part: SchemePart;
  /** Measured; null or left out where only the Lab is known. */
  readonly spectrum?: readonly number[] | null;
  readonly id: string | null;
  readonly strength: number | null;
  readonly lab: Lab;
};
export type SchemesAsked = {
  readonly kinds: readonly SchemeKind[];
  readonly stays: readonly SchemeStay[];
  readonly areas: RoomAreas;
  readonly wish: Wish | null;
  readonly kept: readonly KeptPart[];
  /** Whether what is kept is all there is: it is judged, and nothing is proposed. */
  readonly only?: boolean;
  /** Colours of the piece that a scheme begins from, the largest first; empty without one. */
  readonly piece: readonly PieceColour[];
  readonly pieceName: string;
};
/** What is known of the room: its lights, and how each colour of the palette serves as its walls. */
export type SchemesRoom = {
  readonly lights: readonly UsedLight[];
  readonly palette: readonly PaletteColour[];
  readonly adviceOn: (place: number) => Advice;
};

export const SCHEMES = {
  /** Hues on either side that still share an undertone, and that still answer one, degrees. */
  shares: 30,
  answers: 48,
  /** Chroma under which a wall has no hue to share or answer; from which a stone or a grey leans at all; LRV from which it is a white. */
  hueless: 4,
  leansFrom: 1,
  whiteFrom: 80,
  /** Chroma from which a wall answers rather than being another neutral. */
  answersFrom: 7,
  /** ΔE00 within which a wall is a colour of the piece. */
  ofPiece: 6.5,
  /** Share of a piece from which a minor colour is one to build on. */
  minorFrom: 0.02,
  /** Cloth is told from the wall and from other cloth from here on, ΔE00. */
  clothApart: 6,
  /** Share of a wish under which it is not granted. */
  grantsUnder: 0.25,
  /** Chroma, or LRV under which, four walls are strong: a wish, not a default. */
  strongChroma: 30,
  darkLrv: 18,
} as const;

/** A wall of the palette, and what speaks for it. */
export type Walls = { readonly place: number; readonly says: string };
export type Ranked = { readonly place: number; readonly advice: Advice };

/** The mean of a thing's colours by their shares. */
export function meanOf({ components }: Pick<JudgedStay, 'components'>): Lab {
  const sum = (part: 'l' | 'a' | 'b') => components.reduce((s, c) => s + c.share * c.lab[part], 0);
  return { l: sum('l'), a: sum('a'), b: sum('b') };
}

/** What leans in a room: by what hue, and whether one sees that it does. */
type Ground = { readonly hue: number; readonly name: string; readonly plainly: boolean };

/** What of a room its walls share with or answer: the largest of the fixed finishes that leans, else of the furnishings. */
function groundOf(stays: readonly SchemeStay[], shares: readonly number[]): Ground | null {
  const things = stays
    .map((stay, k) => ({ stay, lab: meanOf(stay), share: shares[k]! }))
    .filter((t) => t.stay.kind !== 'artwork');
  const leaning = (least: number) => things.filter(({ lab }) => chroma(lab) >= least && lrvOf(lab) < SCHEMES.whiteFrom);
  const fixed = (least: number) => leaning(least).filter((t) => t.stay.kind === 'fixed');
  const among =
    [fixed(SCHEMES.hueless), leaning(SCHEMES.hueless), fixed(SCHEMES.leansFrom)].find((found) => found.length > 0) ?? [];
  const [most] = [...among].sort((p, q) => q.share - p.share);
  return most ? { hue: hueDeg(most.lab), name: most.stay.name, plainly: chroma(most.lab) >= SCHEMES.hueless } : null;
}

export type Finder = {
  readonly asked: SchemesAsked;
  readonly room: SchemesRoom;
  /** Best first; what fights the room last. */
  readonly ranked: readonly Ranked[];
  readonly ground: Ground | null;
};

const works = (r: Ranked) => r.advice.verdict === 'works';
const bears = (r: Ranked) => r.advice.verdict !== 'no';

function shared({ room: { palette }, ranked, ground: leans }: Finder): Walls {
  // what hardly leans gives nothing to share
  const ground = leans?.plainly ? leans : null;
  const shares = ({ place }: Ranked) => {
    const { lab } = palette[place]!;
    return chroma(lab) >= SCHEMES.hueless && (!ground || hueApart(hueDeg(lab), ground.hue) <= SCHEMES.shares);
  };
  const found = ranked.find((r) => works(r) && shares(r)) ?? ranked.find((r) => bears(r) && shares(r));
  const says = found && ground ? `shares the undertone of ${ground.name}` : 'serves best as the walls here';
  return { place: (found ?? ranked[0])!.place, says };
}

function answered(finder: Finder): Walls {
  const { room, ranked, ground } = finder;
  const hue = ground?.hue ?? 72;
  const answers = ({ place }: Ranked) => {
    const { lab } = room.palette[place]!;
    return chroma(lab) >= SCHEMES.answersFrom && hueApart(hueDeg(lab), (hue + 180) % 360) <= SCHEMES.answers;
  };
  const found = ranked.find((r) => works(r) && answers(r)) ?? ranked.find((r) => bears(r) && answers(r));
  if (found)
    return { place: found.place, says: ground ? `answers ${ground.name} from across` : 'answers a warm room from across' };
  return { ...shared(finder), says: 'no wall that answers works here: the walls stay quiet, and what is before them answers' };
}

/** What a wall meets that stays: floor, trim, ceiling, large furniture. */
const neighbours = (stays: readonly SchemeStay[]): Lab[] =>
  stays.filter((s) => ['floor', 'trim', 'ceiling', 'sofa', 'cabinets', 'built-in'].includes(s.thing)).map(meanOf);

function tonal(finder: Finder): Walls {
  const { asked, room, ranked, ground } = finder;
  const beside = neighbours(asked.stays);
  const own = ranked.filter((r) => {
    const { lab } = room.palette[r.place]!;
    return bears(r) && (!ground || chroma(lab) < SCHEMES.hueless || hueApart(hueDeg(lab), ground.hue) <= SCHEMES.shares);
  });
  const from = own.length > 0 ? own : ranked.slice(0, 1);
  const misses = (r: Ranked) => missesLadder(room.palette[r.place]!.lab, beside);
  // in the order in which they serve: the first of those that miss least, a ΔE being nothing
  const least = Math.min(...from.map(misses));
  const found = from.find((r) => misses(r) <= least + 1)!;
  const says =
    least === 0 ? 'a slight step from all it meets' : `as near a slight step from what stays as a wall comes that works here`;
  return { place: found.place, says };
}

/** The colour of the palette nearest to one of a piece that the room bears; the nearest at all where it bears none. */
function ofPiece(
  { room: { palette, adviceOn } }: Finder,
  lab: Lab,
): { readonly place: number; readonly apart: number; readonly advice: Advice } {
  const places = new Map(palette.map((c, k) => [c, k]));
  const near = nearestPaints(palette, lab, 40).map(({ colour, apart }) => ({ place: places.get(colour)!, apart }));
  const within = near.filter((n) => n.apart <= Math.max(SCHEMES.ofPiece, near[0]!.apart + 1));
  const judged = within.map((n) => ({ ...n, advice: adviceOn(n.place) }));
  // what works may be so much farther from the piece than what does not
  const held = { works: 0, nearly: 1.5, no: 4 } as const;
  return judged.reduce((p, q) => (q.apart + held[q.advice.verdict] < p.apart + held[p.advice.verdict] ? q : p));
}

const sayApart = (apart: number) => `ΔE ${apart.toFixed(1)} from it`;

function largest(finder: Finder): Walls {
  const { piece, pieceName } = finder.asked;
  const { place, apart } = ofPiece(finder, piece[0]!.lab);
  const { lab } = finder.room.palette[place]!;
  return { place, says: `the largest colour of ${pieceName}, ${sayApart(apart)}: ${sayOnWall(piece, lab, pieceName)}` };
}

function minor(finder: Finder): Walls {
  const { piece, pieceName } = finder.asked;
  const lesser = piece.slice(1).filter((c) => c.share >= SCHEMES.minorFrom);
  const found = (lesser.length > 0 ? lesser : piece).map((c) => ofPiece(finder, c.lab));
  const standsOut = (place: number) => !recedes(piece, finder.room.palette[place]!.lab);
  const [best] = found.sort(
    (p, q) => Number(standsOut(q.place)) - Number(standsOut(p.place)) || byServing(p.advice, q.advice) || p.apart - q.apart,
  );
  const { lab } = finder.room.palette[best!.place]!;
  return {
    place: best!.place,
    says: `a minor colour of ${pieceName}, ${sayApart(best!.apart)}: ${sayOnWall(piece, lab, pieceName)}`,
  };
}

const WALLS: Readonly<Record<SchemeKind, (finder: Finder) => Walls>> = { shared, answered, tonal, largest, minor };

/** The walls of a scheme of a kind. Common practice, no source. */
export const wallsFor = (kind: SchemeKind, finder: Finder): Walls => WALLS[kind](finder);

/** What the walls of any kind are found by. @param ranked in any order */
export function finderOf(asked: SchemesAsked, room: SchemesRoom, ranked: readonly Ranked[]): Finder {
  const shares = seenShares(asked.areas, SCHEME_PARTS, asked.stays).stays;
  const sorted = [...ranked].sort((p, q) => byServing(p.advice, q.advice) || p.place - q.place);
  return { asked, room, ranked: sorted, ground: groundOf(asked.stays, shares) };
}
