import { z } from 'zod';
import { describeColour } from '../colour/family';
import { lrvOf } from '../colour/lab';
import { tagged, type Lab } from '../colour/types';
import { REASONS, VERDICTS } from '../judge/reasons';
import { PERSONS, RULINGS } from '../judge/ruling';
import { WISHES } from '../judge/wish';
import { sayStrength } from '../paint/strength';
import { roomRecord, type CandidateRow } from '../record/room-record';
import { sayRulingWord, sayWhy } from '../record/say-ruling';
import type { Room, VerdictEvent, Visit } from '../record/types';
import { LIGHT_NAMES, LIGHTS } from '../room/facing';
import { PHOTO_SETTINGS, verdictMomentSchema, whitePointSchema } from './judgement-writes';
import { recordedColourSchema } from './operations';

const round = (value: number, digits: number) => Math.round(value * 10 ** digits) / 10 ** digits;
const taggedLab = z.object({
  space: z.literal('lab'),
  white: z.literal('D65'),
  observer: z.literal(10),
  l: z.number(),
  a: z.number(),
  b: z.number(),
});
const verdict = z.object({
  id: z.string(),
  at: z.string(),
  stayId: z.string(),
  light: z.enum(LIGHTS),
  person: z.enum(PERSONS),
  verdict: z.enum(VERDICTS),
  reason: z.enum(REASONS).nullable(),
  predicted: z.enum(VERDICTS),
  moment: verdictMomentSchema.nullable(),
  firstGlanceMs: z.int().nullable(),
  undone: z.boolean(),
});
const said = z.object({ id: z.string(), at: z.string(), undone: z.boolean() });

/** The room record as a file: everything said in a room, with what was derived from it. Version 2. */
export const roomRecordSchema = z.object({
  format: z.literal('elm-swatch/room-record'),
  version: z.literal(2),
  visit: z.object({ id: z.string(), label: z.string(), place: z.string(), createdAt: z.string() }),
  room: z.object({
    id: z.string(),
    name: z.string(),
    bearingDeg: z.number().nullable(),
    lights: z.array(z.enum(LIGHTS)),
    wish: z.enum(WISHES).nullable(),
    wishWords: z.string(),
  }),
  stays: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.enum(['fixed', 'furnishing']),
      school: z.enum(['share', 'answer']),
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
      rulings: z.array(z.object({ id: z.string(), at: z.string(), ruling: z.enum(RULINGS).nullable(), note: z.string() })),
      verdicts: z.array(verdict),
    }),
  ),
  /** Verdicts of the consultant that stand, and how many of them had been computed so. */
  agreement: z.object({ verdicts: z.int(), agreed: z.int() }),
  /** What the client picked of two. */
  picks: z.array(said.extend({ chosenId: z.string(), otherId: z.string() })),
  /** On the room (no candidate) or on a candidate. */
  notes: z.array(said.extend({ candidateId: z.string().nullable(), words: z.string() })),
  /** Put together from candidates by their ids. */
  looks: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      wallId: z.string().nullable(),
      trimId: z.string().nullable(),
      accentIds: z.array(z.string()),
    }),
  ),
  /** Without the pictures themselves. */
  photographs: z.array(
    z.object({
      id: z.string(),
      at: z.string(),
      caption: z.string(),
      settings: z.enum(PHOTO_SETTINGS),
      widthPixels: z.int(),
      heightPixels: z.int(),
      whitePaper: whitePointSchema.nullable(),
    }),
  ),
});
export type RoomRecordFile = z.infer<typeof roomRecordSchema>;

const colourNumbers = (lab: Lab) => ({ l: round(lab.l, 3), a: round(lab.a, 3), b: round(lab.b, 3) });

const verdictOf = (v: VerdictEvent): z.infer<typeof verdict> => ({
  id: v.id,
  at: v.at,
  stayId: v.stayId,
  light: v.light,
  person: v.person,
  verdict: v.verdict,
  reason: v.reason,
  predicted: v.predicted,
  moment: v.moment && { ...v.moment },
  firstGlanceMs: v.firstGlanceMs,
  undone: v.undone,
});

/** The room record as a JSON document, undone verdicts and earlier rulings included. */
export function roomRecordFile(visit: Visit, room: Room): RoomRecordFile {
  const { rows, lights, agreement } = roomRecord(room);
  return {
    format: 'elm-swatch/room-record',
    version: 2,
    visit: { id: visit.id, label: visit.label, place: visit.place.name, createdAt: visit.createdAt },
    room: {
      id: room.id,
      name: room.name,
      bearingDeg: room.bearingDeg,
      lights: [...lights],
      wish: room.wish,
      wishWords: room.wishWords,
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
      rulings: room.rulings
        .filter((r) => r.candidateId === c.id)
        .map(({ id, at, ruling: set, note }) => ({ id, at, ruling: set, note })),
      verdicts: room.verdicts.filter((v) => v.candidateId === c.id).map(verdictOf),
    })),
    agreement: { ...agreement },
    picks: room.picks.map((pick) => ({ ...pick })),
    notes: room.notes.map((note) => ({ ...note })),
    looks: room.schemes.map((look) => ({ ...look, accentIds: [...look.accentIds] })),
    photographs: room.photos.map(({ id, at, caption, settings, width, height, white }) => ({
      id,
      at,
      caption,
      settings,
      widthPixels: width,
      heightPixels: height,
      whitePaper: white && { x: white.x, y: white.y, rgb: [...white.rgb] as [number, number, number] },
    })),
  };
}

/** Columns of the CSV, in order. */
// prettier-ignore
export const ROOM_RECORD_COLUMNS = [
  'visit', 'room', 'maker', 'code', 'name', 'strength_percent', 'strength_says', 'colour', 'lab_l', 'lab_a', 'lab_b', 'lrv',
  'ruling', 'ruling_by', 'derived_ruling', 'derived_why', 'ruling_note',
  'beside', 'kind', 'light', 'who', 'verdict', 'reason', 'predicted', 'at', 'judged_at', 'sky', 'lamps', 'first_glance_ms', 'notes',
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
    notes: room.notes
      .filter((n) => n.candidateId === c.id && !n.undone)
      .map((n) => n.words)
      .join(' · '),
  };
}

// prettier-ignore
const UNSEEN = {
  beside: '', kind: '', light: '', who: '', verdict: '', reason: '', predicted: '', at: '', judged_at: '', sky: '', lamps: '', first_glance_ms: '',
} as const;

/** The moment of the ribbon a verdict was given in. */
const momentCells = ({ moment, firstGlanceMs }: VerdictEvent) => ({
  judged_at: moment?.at ?? '',
  sky: moment?.sky ?? '',
  lamps: moment ? (moment.lampsOn ? 'on' : 'off') : '',
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
        predicted: v.predicted,
        at: v.at,
        ...momentCells(v),
      };
    });
  });
}
