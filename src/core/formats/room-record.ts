import { z } from 'zod';
import { describeColour } from '../colour/family';
import { lrvOf } from '../colour/lab';
import { tagged, type Lab } from '../colour/types';
import { SCHOOLS, STAY_KINDS } from '../judge/relation';
import { RULINGS } from '../judge/ruling';
import { WISHES } from '../judge/wish';
import { sayStrength } from '../paint/strength';
import { hitRate } from '../record/hit-rate';
import { noteSchema } from '../record/note';
import { photoSchema } from '../record/photo';
import { pickSchema } from '../record/pick';
import { recordedColourSchema } from '../record/recorded-colour';
import type { Room } from '../record/room';
import { roomRecord, type CandidateRow } from '../record/room-record';
import { rulingSchema } from '../record/ruling';
import { sayRulingWord, sayWhy } from '../record/say-ruling';
import { schemeSchema } from '../record/scheme';
import { verdictSchema, type VerdictEvent } from '../record/verdict';
import type { Visit } from '../record/visit';
import { LIGHT_NAMES, LIGHTS } from '../room/facing';
import { ROOM_KINDS, ROOM_USES } from '../room/use';

const round = (value: number, digits: number) => Math.round(value * 10 ** digits) / 10 ** digits;
const taggedLab = z.object({
  space: z.literal('lab'),
  white: z.literal('D65'),
  observer: z.literal(10),
  l: z.number(),
  a: z.number(),
  b: z.number(),
});
/** In a file an id is any text. */
const id = z.string();
const verdict = verdictSchema.omit({ candidateId: true }).extend({ id, stayId: id });
const ruling = rulingSchema.omit({ candidateId: true }).extend({ id });

/** The room record as a file: everything said in a room, with what was derived from it. Version 4: use and kind of the room. */
export const roomRecordSchema = z.object({
  format: z.literal('elm-swatch/room-record'),
  version: z.literal(4),
  visit: z.object({ id: z.string(), label: z.string(), place: z.string(), createdAt: z.string() }),
  room: z.object({
    id: z.string(),
    name: z.string(),
    bearingDeg: z.number().nullable(),
    lights: z.array(z.enum(LIGHTS)),
    wish: z.enum(WISHES).nullable(),
    wishWords: z.string(),
    use: z.enum(ROOM_USES),
    kind: z.enum(ROOM_KINDS),
  }),
  stays: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.enum(STAY_KINDS),
      school: z.enum(SCHOOLS),
      components: z.array(z.object({ name: z.string(), share: z.number(), colour: recordedColourSchema })),
    }),
  ),
  candidates: z.array(
    z.object({
      id: z.string(),
      maker: z.string(),
      code: z.string(),
      name: z.string(),
      nameAlsoUsedByAnotherMaker: z.boolean(),
      strengthPercent: z.number(),
      strengthSays: z.string(),
      lab: taggedLab,
      lrv: z.number(),
      says: z.string(),
      ruling: z.enum([...RULINGS, 'open', 'untried']),
      rulingBy: z.enum(['derived', 'hand']),
      derivedRuling: z.enum([...RULINGS, 'open']),
      derivedWhy: z.string(),
      rulings: z.array(ruling),
      verdicts: z.array(verdict),
    }),
  ),
  /** Verdicts of the consultant that stand and were predicted for the light they were given in, and how many were predicted so. */
  agreement: z.object({ verdicts: z.int(), agreed: z.int() }),
  /** What the client picked of two. */
  picks: z.array(pickSchema.extend({ id, chosenId: id, otherId: id })),
  /** On the room (no candidate) or on a candidate. */
  notes: z.array(noteSchema.extend({ id, candidateId: id.nullable() })),
  /** Put together from candidates by their ids. */
  schemes: z.array(schemeSchema.extend({ id, wallId: id.nullable(), trimId: id.nullable(), accentIds: z.array(id).readonly() })),
  /** Without the pictures themselves. */
  photos: z.array(photoSchema.extend({ id })),
});
export type RoomRecordFile = z.infer<typeof roomRecordSchema>;

const colourNumbers = (lab: Lab) => ({ l: round(lab.l, 3), a: round(lab.a, 3), b: round(lab.b, 3) });

const withoutCandidate = <T extends { readonly candidateId: string }>({ candidateId: _, ...rest }: T) => rest;
const of = <T extends { readonly candidateId: string | null }>(all: readonly T[], candidateId: string) =>
  all.filter((one) => one.candidateId === candidateId);

/** The room record as a JSON document, undone verdicts and earlier rulings included. */
export function roomRecordFile(visit: Visit, room: Room): RoomRecordFile {
  const { rows, lights } = roomRecord(room);
  const { seen, agreed } = hitRate([room]);
  return {
    format: 'elm-swatch/room-record',
    version: 4,
    visit: { id: visit.id, label: visit.label, place: visit.place.name, createdAt: visit.createdAt },
    room: {
      id: room.id,
      name: room.name,
      bearingDeg: room.bearingDeg,
      lights: [...lights],
      wish: room.wish,
      wishWords: room.wishWords,
      use: room.use,
      kind: room.kind,
    },
    stays: room.stays.map(({ id, name, kind, school, components }) => ({
      id,
      name,
      kind,
      school,
      components: components.map((c) => ({ name: c.name, share: c.share, colour: c.colour })),
    })),
    candidates: rows.map(({ candidate: c, derived, byHand, ruling }) => ({
      id: c.id,
      maker: c.maker,
      code: c.code,
      name: c.name,
      nameAlsoUsedByAnotherMaker: c.sharedName,
      strengthPercent: c.strength,
      strengthSays: sayStrength(c.strength),
      lab: tagged(colourNumbers(c.lab)),
      lrv: round(lrvOf(c.lab), 2),
      says: describeColour(c.lab),
      ruling,
      rulingBy: byHand ? ('hand' as const) : ('derived' as const),
      derivedRuling: derived.ruling,
      derivedWhy: sayWhy(derived, room.stays),
      rulings: of(room.rulings, c.id).map(withoutCandidate),
      verdicts: of(room.verdicts, c.id).map(withoutCandidate),
    })),
    agreement: { verdicts: seen, agreed },
    picks: [...room.picks],
    notes: [...room.notes],
    schemes: [...room.schemes],
    photos: [...room.photos],
  };
}

/** Columns of the CSV, in order. */
// prettier-ignore
export const ROOM_RECORD_COLUMNS = [
  'visit', 'room', 'maker', 'code', 'name', 'strength_percent', 'strength_says', 'colour', 'lab_l', 'lab_a', 'lab_b', 'lrv',
  'ruling', 'ruling_by', 'derived_ruling', 'derived_why', 'ruling_note',
  'beside', 'kind', 'light', 'who', 'verdict', 'reason', 'predicted', 'predicted_in', 'at', 'judged_at', 'sky', 'lamps', 'lux', 'first_glance_ms', 'notes',
] as const;
export type RoomRecordCsvRow = Readonly<Record<(typeof ROOM_RECORD_COLUMNS)[number], string | number>>;

function colourCells(visit: Visit, room: Room, row: CandidateRow) {
  const { candidate: c, derived, byHand, ruling } = row;
  const { l, a, b } = colourNumbers(c.lab);
  return {
    visit: visit.label,
    room: room.name,
    maker: c.maker,
    code: c.code,
    name: c.name,
    strength_percent: c.strength,
    strength_says: sayStrength(c.strength),
    colour: describeColour(c.lab),
    lab_l: l,
    lab_a: a,
    lab_b: b,
    lrv: round(lrvOf(c.lab), 2),
    ruling: sayRulingWord(ruling),
    ruling_by: byHand ? 'hand' : 'derived',
    derived_ruling: sayRulingWord(derived.ruling),
    derived_why: sayWhy(derived, room.stays),
    ruling_note: byHand?.note ?? '',
    notes: of(room.notes, c.id)
      .filter((n) => !n.undone)
      .map((n) => n.words)
      .join(' · '),
  };
}

// prettier-ignore
const UNSEEN = {
  beside: '', kind: '', light: '', who: '', verdict: '', reason: '', predicted: '', predicted_in: '', at: '',
  judged_at: '', sky: '', lamps: '', lux: '', first_glance_ms: '',
} as const;

/** The moment of the ribbon a verdict was given in. */
const momentCells = ({ moment, firstGlanceMs }: VerdictEvent) => ({
  judged_at: moment?.at ?? '',
  sky: moment?.sky ?? '',
  lamps: moment ? (moment.lampsOn ? 'on' : 'off') : '',
  lux: moment?.lux ?? '',
  first_glance_ms: firstGlanceMs ?? '',
});

/** One row per verdict that stands; a colour with none has one row without a verdict. Lab is D65, 10°. */
export function roomRecordCsvRows(visit: Visit, room: Room): RoomRecordCsvRow[] {
  return roomRecord(room).rows.flatMap((row): RoomRecordCsvRow[] => {
    const colour = colourCells(visit, room, row);
    if (row.verdicts.length === 0) return [{ ...colour, ...UNSEEN }];
    return row.verdicts.map((v) => {
      const stay = room.stays.find((s) => s.id === v.stayId);
      return {
        ...colour,
        beside: stay?.name ?? '(taken out)',
        kind: stay?.kind ?? '',
        light: LIGHT_NAMES[v.light],
        who: v.person,
        verdict: v.verdict,
        reason: v.reason ?? '',
        predicted: v.predicted ?? '',
        predicted_in: v.predictedIn ?? '',
        at: v.at,
        ...momentCells(v),
      };
    });
  });
}
