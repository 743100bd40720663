import { describeColour } from '../colour/family';
import { lrvOf } from '../colour/lab';
import { STAY_KIND_WORDS } from '../judge/kinds';
import { REASON_WORDS } from '../judge/reasons';
import { clockText, wallClock } from '../light/time-zone';
import { sayStrength } from '../paint/strength';
import { INTENSITY_WORDS, standingIntensities, type IntensityEvent } from '@/core/record/intensity';
import type { Look } from '@/core/record/look';
import type { LookAnswer } from '@/core/record/look-answer';
import { REACTION_WORDS, type ReactionEvent } from '@/core/record/reaction';
import type { RoomInLight, VisitInLight } from '@/core/derived/kinds-of-light';
import { roomRecord, type CandidateRow } from '@/core/derived/room-record';
import { sayRuling, sayRulingWord, sayWhy } from '@/core/derived/say-ruling';
import { howSeen, WAY_SEEN_WORDS } from '@/core/record/seen';
import { reasonsOf, type VerdictEvent } from '@/core/record/verdict';
import { LIGHT_NAMES } from '../room/facing';
import { colourNumbers, ofCandidate, round } from './room-record';

/** Columns of the CSV, in order. */
// prettier-ignore
export const ROOM_RECORD_COLUMNS = [
  'visit', 'room', 'maker', 'code', 'name', 'strength_percent', 'strength_says', 'colour', 'lab_l', 'lab_a', 'lab_b', 'lrv',
  'ruling', 'ruling_by', 'derived_ruling', 'derived_why', 'ruling_note',
  'beside', 'kind', 'kind_says', 'light', 'who', 'verdict', 'verdict_says', 'reason', 'reason_says', 'predicted', 'predicted_says', 'predicted_in',
  'seen', 'seen_says',
  'at', 'at_home', 'judged_at', 'judged_at_home', 'time_zone', 'sky', 'sky_says', 'lamps', 'lux', 'first_glance_ms', 'look', 'notes',
] as const;
export type RoomRecordCsvRow = Readonly<Record<(typeof ROOM_RECORD_COLUMNS)[number], string | number>>;

function colourCells(visit: VisitInLight, room: RoomInLight, row: CandidateRow) {
  const { candidate: c, derived, byHand } = row;
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
    ruling: sayRuling(row),
    ruling_by: byHand ? 'hand' : 'derived',
    derived_ruling: sayRulingWord(derived.ruling),
    derived_why: sayWhy(derived, room.stays),
    ruling_note: byHand?.note ?? '',
    notes: ofCandidate(room.notes, c.id)
      .filter((n) => !n.undone)
      .map((n) => n.words)
      .join(' · '),
  };
}

const VERDICT_SAYS = { works: 'works', nearly: 'nearly', no: 'does not work' } as const;
const SKY_SAYS = { clear: 'clear sky', broken: 'sun and clouds', overcast: 'overcast sky' } as const;

// prettier-ignore
const UNSEEN = {
  beside: '', kind: '', kind_says: '', light: '', who: '', verdict: '', verdict_says: '', reason: '', reason_says: '',
  predicted: '', predicted_says: '', predicted_in: '', seen: '', seen_says: '', at: '', at_home: '', judged_at: '', judged_at_home: '', time_zone: '',
  sky: '', sky_says: '', lamps: '', lux: '', first_glance_ms: '', look: '',
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

const seenCells = (v: VerdictEvent | IntensityEvent | ReactionEvent) => ({
  seen: howSeen(v),
  seen_says: WAY_SEEN_WORDS[howSeen(v)],
});

function verdictCells(v: VerdictEvent, room: RoomInLight, zone: string) {
  const stay = room.stays.find((s) => s.id === v.stayId);
  return {
    ...UNSEEN,
    beside: stay?.name ?? '(taken out)',
    kind: stay?.kind ?? '',
    kind_says: stay ? STAY_KIND_WORDS[stay.kind] : '',
    light: LIGHT_NAMES[v.light],
    who: v.person,
    verdict: v.verdict,
    verdict_says: VERDICT_SAYS[v.verdict],
    reason: reasonsOf(v).join('; '),
    reason_says: reasonsOf(v)
      .map((r) => REASON_WORDS[r])
      .join('; '),
    predicted: v.predicted ?? '',
    predicted_says: v.predicted ? VERDICT_SAYS[v.predicted] : '',
    predicted_in: v.predictedIn ?? '',
    ...seenCells(v),
    ...momentCells(v, zone),
    first_glance_ms: v.firstGlanceMs ?? '',
    look: numberOf(room, v.lookId),
  };
}

const everyLook = (room: RoomInLight): readonly Look[] => [...room.looks, ...room.retired.looks];
const numberOf = (room: RoomInLight, lookId: string | null): number | '' =>
  everyLook(room).find((l) => l.id === lookId)?.number ?? '';

/** What the client answered at a look, of the colour as a whole. */
function answerCells(a: LookAnswer, room: RoomInLight, zone: string) {
  const look = everyLook(room).find((l) => l.id === a.lookId);
  return {
    ...UNSEEN,
    beside: '(everything)',
    light: look ? LIGHT_NAMES[room.inLight.ofLook.get(look.id)!] : '',
    who: 'client',
    verdict: a.verdict,
    verdict_says: VERDICT_SAYS[a.verdict],
    reason_says: a.words,
    at: a.at,
    at_home: atHome(a.at, zone),
    judged_at: a.lookedAt,
    judged_at_home: atHome(a.lookedAt, zone),
    time_zone: zone,
    look: look?.number ?? '',
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
  ...seenCells(e),
  ...momentCells(e, zone),
});

/** The client's reaction to a colour as a whole. */
const reactionCells = (r: ReactionEvent, zone: string) => ({
  ...UNSEEN,
  beside: '(the colour)',
  who: 'client',
  verdict: r.reaction,
  verdict_says: REACTION_WORDS[r.reaction],
  ...seenCells(r),
  ...momentCells(r, zone),
});

/** One row per verdict that stands, beside something or alone; a colour with none has one row without a verdict. Lab is D65, 10°. */
export function roomRecordCsvRows(visit: VisitInLight, room: RoomInLight): RoomRecordCsvRow[] {
  const zone = visit.place.timeZone;
  return roomRecord(room).rows.flatMap((row): RoomRecordCsvRow[] => {
    const colour = colourCells(visit, room, row);
    const said = [
      ...[...row.verdicts, ...row.unlooked].map((v) => verdictCells(v, room, zone)),
      ...row.answers.map((a) => answerCells(a, room, zone)),
      ...(row.reaction ? [reactionCells(row.reaction, zone)] : []),
      ...standingIntensities(room.intensities, row.candidate.id).map((e) => aloneCells(e, zone)),
    ];
    return (said.length > 0 ? said : [UNSEEN]).map((cells) => ({ ...colour, ...cells }));
  });
}
