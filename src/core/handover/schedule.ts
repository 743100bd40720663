import { screenColour } from '../colour/srgb';
import { USUAL_COATS } from '../paint/coats';
import type { PaintFacts } from '../paint/paint-facts';
import { PRODUCT_NAMES, type Finish } from '../paint/product';
import type { Candidate } from '@/core/record/candidate';
import type { DecidedRoom } from '@/core/derived/decided';
import type { Choice } from '@/core/record/decision';
import type { RoomInLight, VisitInLight } from '@/core/derived/kinds-of-light';
import { underNow } from '@/core/derived/under-now';
import { unfolded, type Unfolded } from '@/core/derived/unfolded';
import { sayArea } from '../units/area';
import { sayLength, type Units } from '../units/length';
import { sayTenths } from '../units/volume';
import { cautionsFor, type Caution } from './cautions';
import { clientRoom, type ClientRoom } from './client-sheet';
import type { PaintLine } from './paint-list';
import { paperColour, type FactsOf, type PaperColour } from './paper-colour';
import { preparationFor } from './preparation';
import { revisionOf, sayObjections } from './not-settled';
import { roomBoard, type RoomBoard } from './room-board';
import { surfaceRows, type SurfaceRow, sayEach } from './rows';
import { saySizes } from './sizes';
import { upperFirst } from '../base/words';
import { sayDay } from './words';
import { listed } from '../base/words';

export type ScheduleRow = {
  readonly letter: string;
  readonly surfaces: string;
  readonly state: 'painted' | 'stays' | 'open';
  /** null unless it is painted. */
  readonly colour: PaperColour | null;
  /** The letter of the row with the same colour at the same strength that stands above; null for the first. */
  readonly as: string | null;
  readonly product: string;
  readonly sheen: string;
  readonly coats: string;
  /** Why more coats than usual, or what goes under them; "" for two coats as usual. */
  readonly whyCoats: string;
  /** What is there now and what it needs before paint; "" where nobody said. */
  readonly preparation: string;
  readonly area: string;
  readonly take: string;
  readonly why: string;
};

export type RoomPaper = {
  readonly roomId: string;
  readonly room: string;
  readonly unfolded: Unfolded;
  /** Letter of the row of each surface, and its colour; null where it is not painted. */
  readonly letters: Readonly<Record<string, { readonly letter: string; readonly hex: string | null }>>;
  readonly caption: string;
  /** Its walls as they were measured, and what is in each. */
  readonly sizes: readonly string[];
  /** "revision 2, signed by … on 24 September 2026", "not signed: a draft". */
  readonly signed: string;
  /** What was said since; "" where nothing was. */
  readonly changed: string;
  /** What was said against what is signed, to be settled first. */
  readonly objections: readonly string[];
  /** What the last revision changed and why; undefined before the second. */
  readonly revised: ReturnType<typeof revisionOf>;
  readonly rows: readonly ScheduleRow[];
  readonly notDecided: string;
  readonly cautions: readonly Caution[];
  readonly forClient: ClientRoom;
  readonly board: RoomBoard;
};

const UNDER = { white: 'white', grey: 'mid-grey', tinted: 'tinted' } as const;
/** "1 undercoat, mid-grey, + 2", "bare spots primed, then 2". */
export function sayCoatsToPaint({ coats, undercoat, primer }: Choice): string {
  const first = [
    primer === 'full' && '1 primer',
    primer === 'spots' && 'prime bare spots',
    undercoat !== 'none' && `1 undercoat, ${UNDER[undercoat]},`,
  ].filter(Boolean);
  return first.length > 0 ? `${first.join(', ')} + ${coats}` : `${coats}`;
}

/** "Silk Wall", "wall paint": a product by its maker's own name, where that is known. */
export function sayProduct(finish: Finish, facts: PaintFacts | undefined): string {
  const line = facts?.products[finish] ?? '';
  return line === '' ? PRODUCT_NAMES[finish] : line;
}

/** Why a surface takes more than the usual coats, or something under them; "" where it does not. */
function sayWhyCoats({ coats, undercoat }: Choice, facts: PaintFacts | undefined): string {
  if (coats <= USUAL_COATS && undercoat === 'none') return '';
  const advised = facts?.coats;
  if (!advised) return '';
  return advised.coats === coats && advised.undercoat === undercoat ? `Why: ${advised.why}` : 'As chosen, not as reckoned';
}

export type Of = { readonly units: Units; readonly factsOf: FactsOf; readonly lines: readonly PaintLine[] };
const finishKey = (c: Candidate, choice: Choice) => `${c.deckColourId} ${c.strength} ${choice.finish} ${choice.sheen}`;

/** "2.3 l of paint 1", "… (draft)" where it is not to be bought yet. */
function sayTake({ surfaces }: SurfaceRow, key: string, { units, lines }: Pick<Of, 'units' | 'lines'>): string {
  const n = lines.findIndex((l) => l.kind === 'finish' && l.key === key);
  const uses = lines[n]?.uses.filter((u) => surfaces.includes(u.surface)) ?? [];
  if (uses.length === 0) return '';
  const tenths = uses.reduce((sum, u) => sum + u.tenths, 0);
  return `${sayTenths(tenths, units)} of paint\u00a0${n + 1}${uses.some((u) => u.draft !== null) ? ' (draft)' : ''}`;
}

type InRoom = { readonly room: RoomInLight; readonly above: readonly SurfaceRow[] };
function scheduleRow(row: SurfaceRow, { room, above }: InRoom, { units, factsOf, lines }: Of): ScheduleRow {
  const { letter, choice, candidate } = row;
  const { kind } = row.surfaces[0]!;
  const size =
    row.runM === null
      ? sayArea(row.areaM2, units)
      : `${sayLength(Math.round(row.runM * 10) / 10, units)} run, ${sayArea(row.areaM2, units)}`;
  const none = {
    letter,
    surfaces: row.name,
    colour: null,
    as: null,
    product: '',
    sheen: '',
    coats: '',
    whyCoats: '',
    preparation: '',
    area: size,
    take: '',
    why: choice?.why ?? '',
  };
  if (!choice) return { ...none, state: 'open' };
  if (choice.what !== 'paint' || !candidate) return { ...none, state: 'stays' };
  const same = above.find(
    (a) => a.candidate?.deckColourId === candidate.deckColourId && a.candidate.strength === candidate.strength,
  );
  const facts = factsOf({ ...candidate, under: underNow(room, kind) });
  return {
    ...none,
    state: 'painted',
    colour: paperColour(candidate, facts),
    as: same?.letter ?? null,
    product: sayProduct(choice.finish, facts),
    sheen: choice.sheen,
    coats: sayCoatsToPaint(choice),
    whyCoats: sayWhyCoats(choice, facts),
    preparation: preparationFor(room.paintwork.now[kind])?.says ?? '',
    take: sayTake(row, finishKey(candidate, choice), { units, lines }),
  };
}

/** A room on paper. */
export function roomPaper(visit: VisitInLight, room: RoomInLight, decided: DecidedRoom, of: Of): RoomPaper {
  const rows = surfaceRows(decided);
  const shape = unfolded(room);
  const { signature, revision, changed } = decided;
  const hexOf = (row: SurfaceRow) => (row.candidate ? screenColour(row.candidate.lab).hex : null);
  const letters = Object.fromEntries(
    rows.flatMap((row) => row.surfaces.map((s) => [s.id, { letter: row.letter, hex: hexOf(row) }])),
  );
  const walls = decided.surfaces
    .filter((s) => s.surface.kind === 'wall' && !s.surface.id.endsWith('-below'))
    .map((s) => ({ ...s.surface, name: s.surface.name.replace(/ above the rail$/, '') }));
  const notDecided = listed(rows.filter((r) => !r.choice).map((r) => r.name));
  const forClient = clientRoom(room, decided, { rows, factsOf: of.factsOf, notDecided });
  return {
    roomId: room.id,
    room: room.name,
    unfolded: shape,
    letters,
    caption: `${upperFirst(sayEach(walls))}, seen from inside as one turns to the right; letters are the rows below.`,
    sizes: saySizes(room, of.units),
    signed: signature
      ? `revision ${revision}, signed by ${signature.signedBy} on ${sayDay(signature.signedOn)}`
      : 'not signed: a draft',
    changed: changed
      ? `Something was decided otherwise since revision ${revision} was signed; this paper says what was signed.`
      : '',
    objections: sayObjections(room),
    revised: revisionOf(room),
    rows: rows.map((row, k) => scheduleRow(row, { room, above: rows.slice(0, k) }, of)),
    notDecided,
    cautions: cautionsFor(visit, room, decided),
    forClient,
    board: roomBoard(room, decided, { rows, factsOf: of.factsOf, scheme: forClient.scheme }),
  };
}
