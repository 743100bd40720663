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
import { INTENSITY_WORDS, intensitySchema, standingIntensities, type IntensityEvent } from '../record/intensity';
import { REASON_WORDS } from '../judge/reasons';
import { clockText, wallClock } from '../light/time-zone';
import { verdictSchema, type VerdictEvent } from '../record/verdict';
import { dayOfVisit, type Visit } from '../record/visit';
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
const intensity = intensitySchema.omit({ candidateId: true }).extend({ id });
const ruling = rulingSchema.omit({ candidateId: true }).extend({ id });

/** The room record as a file: everything said in a room, with what was derived from it. Version 5: the brief in full, and colours judged alone. */
export const roomRecordSchema = z.object({
  format: z.literal('elm-swatch/room-record'),
  version: z.literal(5),
  visit: z.object({
    id: z.string(),
    label: z.string(),
    place: z.string(),
    /** The home's; instants in this file are in UTC. */
    timeZone: z.string(),
    createdAt: z.string(),
    /** The day of the visit in the home's calendar. */
    visitedOn: z.iso.date(),
    decides: z.string(),
    budget: z.string(),
    painter: z.string(),
    builtYear: z.int().nullable(),
  }),
  room: z.object({
    id: z.string(),
    name: z.string(),
    bearingDeg: z.number().nullable(),
    lights: z.array(z.enum(LIGHTS)),
    wish: z.enum(WISHES).nullable(),
    wishWords: z.string(),
    use: z.enum(ROOM_USES),
    kind: z.enum(ROOM_KINDS),
    mustNotChange: z.string(),
    annoys: z.string(),
    mayChange: z.string(),
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
      /** Said of the colour alone. */
      intensities: z.array(intensity),
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
    version: 5,
    visit: {
      id: visit.id,
      label: visit.label,
      place: visit.place.name,
      timeZone: visit.place.timeZone,
      createdAt: visit.createdAt,
      visitedOn: dayOfVisit(visit),
      decides: visit.decides,
      budget: visit.budget,
      painter: visit.painter,
      builtYear: visit.builtYear,
    },
    room: {
      id: room.id,
      name: room.name,
      bearingDeg: room.bearingDeg,
      lights: [...lights],
      wish: room.wish,
      wishWords: room.wishWords,
      use: room.use,
      kind: room.kind,
      mustNotChange: room.mustNotChange,
      annoys: room.annoys,
      mayChange: room.mayChange,
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
      intensities: of(room.intensities, c.id).map(withoutCandidate),
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
  'beside', 'kind', 'kind_says', 'light', 'who', 'verdict', 'verdict_says', 'reason', 'reason_says', 'predicted', 'predicted_says', 'predicted_in',
  'at', 'at_home', 'judged_at', 'judged_at_home', 'time_zone', 'sky', 'sky_says', 'lamps', 'lux', 'first_glance_ms', 'notes',
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

const KIND_SAYS = { fixed: 'fixed finish', furnishing: 'furnishing' } as const;
const VERDICT_SAYS = { works: 'works', nearly: 'nearly', no: 'does not work' } as const;
const SKY_SAYS = { clear: 'clear sky', broken: 'sun and clouds', overcast: 'overcast sky' } as const;

// prettier-ignore
const UNSEEN = {
  beside: '', kind: '', kind_says: '', light: '', who: '', verdict: '', verdict_says: '', reason: '', reason_says: '',
  predicted: '', predicted_says: '', predicted_in: '', at: '', at_home: '', judged_at: '', judged_at_home: '', time_zone: '',
  sky: '', sky_says: '', lamps: '', lux: '', first_glance_ms: '',
} as const;

/** "2026-09-23 13:05" of an instant, by the home's own clock. */
function atHome(instant: string, zone: string): string {
  const { date, hours } = wallClock(Date.parse(instant), zone);
  return `${date} ${clockText(hours)}`;
}

/** When something was said, and the moment of the ribbon it was said in. */
const momentCells = ({ at, moment }: Pick<VerdictEvent, 'at' | 'moment'>, zone: string) => ({
  at,
  at_home: atHome(at, zone),
  judged_at: moment?.at ?? '',
  judged_at_home: moment ? atHome(moment.at, zone) : '',
  time_zone: zone,
  sky: moment?.sky ?? '',
  sky_says: moment ? SKY_SAYS[moment.sky] : '',
  lamps: moment ? (moment.lampsOn ? 'on' : 'off') : '',
  lux: moment?.lux ?? '',
});

function verdictCells(v: VerdictEvent, room: Room, zone: string) {
  const stay = room.stays.find((s) => s.id === v.stayId);
  return {
    ...UNSEEN,
    beside: stay?.name ?? '(taken out)',
    kind: stay?.kind ?? '',
    kind_says: stay ? KIND_SAYS[stay.kind] : '',
    light: LIGHT_NAMES[v.light],
    who: v.person,
    verdict: v.verdict,
    verdict_says: VERDICT_SAYS[v.verdict],
    reason: v.reason ?? '',
    reason_says: v.reason ? REASON_WORDS[v.reason] : '',
    predicted: v.predicted ?? '',
    predicted_says: v.predicted ? VERDICT_SAYS[v.predicted] : '',
    predicted_in: v.predictedIn ?? '',
    ...momentCells(v, zone),
    first_glance_ms: v.firstGlanceMs ?? '',
  };
}

/** A colour looked at alone: of its intensity, beside nothing. */
const aloneCells = (e: IntensityEvent, zone: string) => ({
  ...UNSEEN,
  beside: '(alone)',
  light: LIGHT_NAMES[e.light],
  who: e.person,
  verdict: e.intensity,
  verdict_says: INTENSITY_WORDS[e.intensity],
  ...momentCells(e, zone),
});

/** One row per verdict that stands, beside something or alone; a colour with none has one row without a verdict. Lab is D65, 10°. */
export function roomRecordCsvRows(visit: Visit, room: Room): RoomRecordCsvRow[] {
  const zone = visit.place.timeZone;
  return roomRecord(room).rows.flatMap((row): RoomRecordCsvRow[] => {
    const colour = colourCells(visit, room, row);
    const said = [
      ...row.verdicts.map((v) => verdictCells(v, room, zone)),
      ...standingIntensities(room.intensities, row.candidate.id).map((e) => aloneCells(e, zone)),
    ];
    return (said.length > 0 ? said : [UNSEEN]).map((cells) => ({ ...colour, ...cells }));
  });
}
