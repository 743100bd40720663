import { sayTowards } from '../judge/say-towards';
import { directions } from '../colour/directions';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { coloursOf, paintedThing, type ColourByArea } from './judged-things';
import type { JudgedStay } from './judgement-protocol';
import type { Swatch } from './light-protocol';
import type { FoundWhite, JudgedWay } from './surface-ways';
import { candidateSwatch } from './swatches';
import { sayBeside, type Verdict } from '../judge/reasons';
import { FINISH_FOR, type Finish } from '../paint/product';
import { sheenFor, type PaintedSurface, type Sheen } from '../paint/sheen';
import type { Candidate } from '@/core/record/candidate';
import type { DecidedRoom } from '@/core/derived/decided';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import type { SurfaceKind } from '@/core/record/paintwork';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { roomRecord, type CandidateRow } from '@/core/derived/room-record';
import { LIGHT_NAMES } from '../room/facing';
import { alongStrip, knownColour, knownOf, type DeckColour, type KnownColour } from '@/core/derived/deck-colour';

/** A colour ready to be taken for a surface. */
export type WayOption = {
  readonly key: string;
  readonly title: string;
  /** What speaks for it, in words. */
  readonly says: string;
  readonly colour: KnownColour;
  readonly strength: number;
  readonly swatch: Swatch;
  readonly sheen: Sheen;
  readonly sheenWhy: string;
  readonly finish: Finish;
  /** Judged by the worker, and whether the wall is judged with what stays; null where the eye has spoken or no colour is added. */
  readonly asks: 'beside-wall' | 'alone' | null;
  /** As the eye ruled, where it did. */
  readonly ruled: CandidateRow['ruling'] | null;
};

/** A way with how it stands. */
export type ShownWay = WayOption & { readonly verdict: Verdict | null; readonly worst: string | null };

const PAINTED: Readonly<Record<SurfaceKind, PaintedSurface>> = {
  wall: 'wall',
  trim: 'trim',
  door: 'door',
  outside: 'door',
  cabinets: 'cabinet',
  'built-in': 'cabinet',
  ceiling: 'ceiling',
};
/** The product a kind of surface is painted with. */
export function finishOf(kind: SurfaceKind): Finish {
  if (kind === 'cabinets') return 'cabinet';
  return FINISH_FOR[kind === 'built-in' || kind === 'outside' ? kind : PAINTED[kind]];
}

/** Whether a window in an adjoining wall lights a wall along itself: what is not smooth shows then. */
export const isRaked = ({ windows }: Pick<RoomInLight, 'windows'>, wall: number | null): boolean =>
  wall !== null && windows.some((w) => (w.wall + wall) % 2 === 1);

/** What raking light asks of a wall's sheen. Common practice, no source. */
export const RAKED = 'a window’s light runs along it: matte if the plaster is not smooth';

/** The sheen a surface is advised, and why; trim in the wall's own colour is set off by it alone. */
export function sheenOf(
  kind: SurfaceKind,
  lab: Lab,
  { room, inWallColour }: { room: Pick<RoomInLight, 'kind'>; inWallColour: boolean },
) {
  const surface = kind === 'trim' && inWallColour ? 'trim-in-wall-colour' : PAINTED[kind];
  return sheenFor(surface, lrvOf(lab), room.kind);
}

/** The colours of the walls by the area they have, largest first. */
export const wallColours = (decided: DecidedRoom): readonly ColourByArea[] => coloursOf(decided, 'wall');

/** The decided walls as what is painted with the rest; null while they are open. */
export const wallAsThing = (decided: DecidedRoom): JudgedStay | null =>
  paintedThing(decided, 'wall', { id: 'walls', name: 'the wall' });

type Asked = {
  readonly room: RoomInLight;
  readonly decided: DecidedRoom;
  readonly surfaces: readonly PaintSurface[];
  /** undefined until the deck is there. */
  readonly deck: readonly DeckColour[] | undefined;
};

const RULED: Readonly<Record<CandidateRow['ruling'], string>> = {
  works: 'works here',
  nearly: 'nearly works here',
  not: 'does not work here',
  open: 'seen, not ruled on yet',
  untried: 'not tried here',
};
const ORDER: readonly CandidateRow['ruling'][] = ['works', 'nearly', 'open', 'untried', 'not'];

function option(
  kind: SurfaceKind,
  at: { room: Pick<RoomInLight, 'kind'>; candidate: Candidate; own?: boolean },
  more: Partial<WayOption> & Pick<WayOption, 'key' | 'title'>,
): WayOption {
  const { sheen, why } = sheenOf(kind, at.candidate.lab, { room: at.room, inWallColour: at.own ?? false });
  return {
    says: '',
    colour: knownOf(at.candidate),
    strength: at.candidate.strength,
    swatch: candidateSwatch(at.candidate),
    sheen,
    sheenWhy: why,
    finish: finishOf(kind),
    asks: null,
    ruled: null,
    ...more,
  };
}

/** The room's own colours, what works first and what is used nowhere before what is. */
function fromRoom({ room, decided, surfaces }: Asked, kind: SurfaceKind): WayOption[] {
  const chosen = new Set(surfaces.map((s) => s.id));
  const used = new Set(decided.painted.filter((p) => !chosen.has(p.surface.id)).map((p) => p.candidate?.id));
  const rows = roomRecord(room).rows;
  // on the walls what works counts; beside them what is not used yet (unused finalists become trim and accents)
  const rank = (r: CandidateRow) => ORDER.indexOf(r.ruling) + (kind !== 'wall' && used.has(r.candidate.id) ? 10 : 0);
  return rows
    .filter((r) => kind === 'wall' || r.ruling !== 'not')
    .sort((p, q) => rank(p) - rank(q))
    .map((r) => {
      const { candidate, ruling } = r;
      const unused = !used.has(candidate.id);
      const says = [RULED[ruling], kind !== 'wall' && (unused ? 'not used yet' : 'used in this room')].filter(Boolean).join(', ');
      return option(
        kind,
        { room, candidate },
        {
          key: candidate.id,
          title: `${candidate.name} ${candidate.strength} %`,
          says,
          ruled: kind === 'wall' ? ruling : null,
          asks: kind === 'wall' ? null : 'beside-wall',
        },
      );
    });
}

function deeper({ room, deck }: Asked, wall: Candidate, kind: SurfaceKind): WayOption[] {
  const own = deck?.find((c) => c.id === wall.deckColourId);
  const found = own && deck && (alongStrip(deck, own, 2) ?? alongStrip(deck, own, 1));
  if (!found) return [];
  const candidate: Candidate = {
    ...wall,
    ...knownColour(found, found.lab),
    id: `deck ${found.id}`,
    strength: 100,
    spectrum: null,
    offered: [],
  };
  const says = `${found.name}, ${sayTowards(directions(wall.lab, found.lab))}: it frames the wall`;
  return [option(kind, { room, candidate }, { key: 'deeper', title: 'Two depths darker', says, asks: 'beside-wall' })];
}

/** The wall's colour at the next weaker strength that is offered: a ceiling that belongs to its walls. Common practice, no source. */
function weaker({ room }: Asked, wall: Candidate): WayOption[] {
  const [offered] = [...wall.offered].filter((o) => o.strength <= wall.strength / 2).sort((p, q) => q.strength - p.strength);
  if (!offered) return [];
  const candidate: Candidate = {
    ...wall,
    id: `weaker ${offered.strength}`,
    strength: offered.strength,
    lab: offered.lab,
    spectrum: null,
  };
  return [
    option(
      'ceiling',
      { room, candidate },
      {
        key: 'weaker',
        title: 'The wall’s colour, weaker',
        says: `${wall.name} at ${offered.strength} %: belongs to the walls and keeps the height`,
        asks: 'beside-wall',
      },
    ),
  ];
}

const OWN_SAYS: Readonly<Partial<Record<SurfaceKind, (wall: Sheen, own: Sheen) => string>>> = {
  trim: (wall, own) => `${wall} wall, ${own} trim: quiet, and nothing is set off`,
  ceiling: () => 'walls and ceiling in one: soft edges, and the room feels lower',
  door: (_, own) => `the door goes with the wall, in ${own}`,
};

/** The wall's own colour on another surface. */
function ownColour({ room, decided }: Asked, wall: Candidate, kind: SurfaceKind): WayOption {
  const wallSheen =
    decided.surfaces.find((s) => s.surface.kind === 'wall' && s.candidate?.id === wall.id)?.choice?.sheen ?? 'eggshell';
  const made = option(kind, { room, candidate: wall, own: true }, { key: 'own', title: '' });
  return {
    ...made,
    title: kind === 'trim' ? 'The wall’s own colour, more sheen' : 'The wall’s own colour',
    says: OWN_SAYS[kind]?.(wallSheen, made.sheen) ?? `goes with the wall, in ${made.sheen}`,
  };
}

/** What could be painted on surfaces of one kind, before any of it is judged. */
export function waysFor(asked: Asked): readonly WayOption[] {
  const kind = asked.surfaces[0]?.kind ?? 'wall';
  const own = fromRoom(asked, kind);
  if (kind === 'wall') return own;
  const wall = wallColours(asked.decided)[0]?.candidate;
  const others = own.filter((o) => o.key !== wall?.id);
  if (!wall) return others;
  const ready = [ownColour(asked, wall, kind), ...(kind === 'ceiling' ? weaker(asked, wall) : deeper(asked, wall, kind))];
  return kind === 'trim' || kind === 'ceiling' ? [...ready, ...others] : [...others, ...ready];
}

/** What a white is called that works, or that only comes nearest. */
function whiteTitle(verdict: Verdict, beside: boolean): string {
  if (verdict !== 'works') return 'The white that comes nearest';
  return beside ? 'A clean white the wall can bear' : 'A clean white';
}

/** The white that was found, as a way. */
export function whiteWay(asked: Asked, white: FoundWhite | null): WayOption | undefined {
  const kind = asked.surfaces[0]?.kind ?? 'wall';
  const found = white && asked.deck?.find((c) => c.id === white.deckColourId);
  const wall = wallColours(asked.decided)[0]?.candidate;
  if (!found || kind === 'wall') return undefined;
  const points = wall && Math.round(lrvOf(found.lab) - lrvOf(wall.lab));
  const candidate = {
    ...knownColour(found, found.lab),
    id: `deck ${found.id}`,
    strength: 100,
    ordinal: 0,
    spectrum: null,
    offered: [],
  };
  const says = points === undefined ? found.says : `${found.name}: ${points} points of LRV lighter, ${found.says}`;
  return option(
    kind,
    { room: asked.room, candidate },
    { key: 'white', title: whiteTitle(white.verdict, wall !== undefined), says, asks: 'beside-wall' },
  );
}

/** "nearly beside travertine, overcast: makes it look dated"; what is worst of a judged way. */
export function sayWorst({ verdict, light, beside, reason }: JudgedWay): string | null {
  if (verdict === 'works') return null;
  const what = beside ?? 'what stays';
  return `${verdict}${light ? `, ${LIGHT_NAMES[light]}` : ''}: ${reason ? sayBeside(reason, what) : `does not sit well beside ${what}`}`;
}

const RULED_VERDICT: Readonly<Partial<Record<CandidateRow['ruling'], Verdict>>> = { works: 'works', nearly: 'nearly', not: 'no' };
/** Ways with how they stand: as the eye ruled, otherwise as they were judged; the wall's own colour adds none. */
export function shownWays(ways: readonly WayOption[], judged: readonly JudgedWay[]): ShownWay[] {
  return ways.map((way) => {
    if (way.key === 'own') return { ...way, verdict: 'works', worst: null };
    if (way.ruled) return { ...way, verdict: RULED_VERDICT[way.ruled] ?? null, worst: null };
    const found = judged.find((j) => j.key === way.key);
    return { ...way, verdict: found?.verdict ?? null, worst: found ? sayWorst(found) : null };
  });
}
