import { z } from 'zod';
import { describeColour } from '../colour/family';
import { lrvOf } from '../colour/lab';
import { tagged, type Lab } from '../colour/types';
import { REASONS, VERDICTS } from '../judge/reasons';
import { PERSONS, RULINGS } from '../judge/ruling';
import { sayStrength } from '../paint/strength';
import { roomRecord, type CandidateRow } from '../record/room-record';
import { sayRulingWord, sayWhy } from '../record/say-ruling';
import type { Room, Visit } from '../record/types';
import { LIGHT_NAMES, LIGHTS } from '../room/facing';
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
  undone: z.boolean(),
});

/** The room record as a file: everything said in a room, with what was derived from it. Version 1. */
export const roomRecordSchema = z.object({
  format: z.literal('elm-swatch/room-record'),
  version: z.literal(1),
  visit: z.object({ id: z.string(), label: z.string(), place: z.string(), createdAt: z.string() }),
  room: z.object({ id: z.string(), name: z.string(), bearingDeg: z.number().nullable(), lights: z.array(z.enum(LIGHTS)) }),
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
  agreement: z.object({ verdicts: z.int(), agreed: z.int() }),
});
export type RoomRecordFile = z.infer<typeof roomRecordSchema>;

const colourNumbers = (lab: Lab) => ({ l: round(lab.l, 3), a: round(lab.a, 3), b: round(lab.b, 3) });

/** The room record as a JSON document, undone verdicts and earlier rulings included. */
export function roomRecordFile(visit: Visit, room: Room): RoomRecordFile {
  const { rows, lights, agreement } = roomRecord(room);
  return {
    format: 'elm-swatch/room-record',
    version: 1,
    visit: { id: visit.id, label: visit.label, place: visit.place.name, createdAt: visit.createdAt },
    room: { id: room.id, name: room.name, bearingDeg: room.bearingDeg, lights: [...lights] },
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
      verdicts: room.verdicts
        .filter((v) => v.candidateId === c.id)
        .map(({ id, at, stayId, light, person, verdict: said, reason, predicted, undone }) => ({
          id,
          at,
          stayId,
          light,
          person,
          verdict: said,
          reason,
          predicted,
          undone,
        })),
    })),
    agreement: { ...agreement },
  };
}

/** Columns of the CSV, in order. */
// prettier-ignore
export const ROOM_RECORD_COLUMNS = [
  'visit', 'room', 'maker', 'code', 'name', 'strength_percent', 'strength_says', 'colour', 'lab_l', 'lab_a', 'lab_b', 'lrv',
  'ruling', 'ruling_by', 'derived_ruling', 'derived_why', 'ruling_note',
  'beside', 'kind', 'light', 'who', 'verdict', 'reason', 'predicted', 'at',
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
  };
}

const UNSEEN = { beside: '', kind: '', light: '', who: '', verdict: '', reason: '', predicted: '', at: '' } as const;

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
      };
    });
  });
}
