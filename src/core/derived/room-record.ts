import {
  deriveRuling,
  roomProgress,
  type DerivedRuling,
  type RoomProgress,
  type Ruling,
  type StandingVerdict,
} from '../judge/ruling';
import type { JudgingLight } from '../room/facing';
import { reactionTo, VERDICT_OF_REACTION, type ReactionEvent } from '@/core/record/reaction';
import { isLookedAt } from '@/core/record/seen';
import { standingVerdicts } from './standing';
import type { Candidate } from '@/core/record/candidate';
import { coverageOf, type Coverage } from './coverage';
import type { RoomInLight } from './kinds-of-light';
import { standingAnswers, type LookAnswer } from '@/core/record/look-answer';
import type { Room } from '@/core/record/room';
import type { RulingEvent } from '@/core/record/ruling';
import type { VerdictEvent } from '@/core/record/verdict';

export type CandidateRow = {
  readonly candidate: Candidate;
  /** Of what was looked at. */
  readonly verdicts: readonly VerdictEvent[];
  /** Of what was judged on a screen or a photograph: kept, and nothing rests on it. */
  readonly unlooked: readonly VerdictEvent[];
  /** The client's, at looks. */
  readonly answers: readonly LookAnswer[];
  /** The client's, to the colour as a whole; undefined where there is none. */
  readonly reaction: ReactionEvent | undefined;
  /** The lights and looks its ruling rests on. */
  readonly coverage: Coverage;
  readonly derived: DerivedRuling;
  /** Set by hand, and when; undefined when the derived ruling stands. */
  readonly byHand: (RulingEvent & { ruling: Ruling }) | undefined;
  readonly ruling: Ruling | 'open' | 'untried';
};

export type RoomRecord = {
  readonly lights: readonly JudgingLight[];
  readonly rows: readonly CandidateRow[];
  readonly progress: RoomProgress;
};

/** What there is of a room before anything in it was tried. */
export type RoomBegun = { readonly light: boolean; readonly stays: number; readonly colours: number };

/** Whether what makes a room's light is known: its windows and where they face, or that it has none and its lamps. */
export const isLightRead = ({ windows, bearingDeg, windowless, lamps }: Room): boolean =>
  windows.length > 0 ? bearingDeg !== null : windowless && lamps.length > 0;

/** How far a room is before anything was tried; undefined when nothing at all is recorded. */
export function roomBegun(room: Room): RoomBegun | undefined {
  const light = isLightRead(room);
  const begun = light || room.windows.length > 0 || room.lamps.length > 0 || room.bearingDeg !== null;
  const colours = new Set(room.candidates.map((c) => c.deckColourId)).size;
  return begun || room.stays.length > 0 || colours > 0 ? { light, stays: room.stays.length, colours } : undefined;
}

/** An answer of the client as a verdict on the colour as a whole, in the light of its look. */
export function ofTheWhole({ inLight }: RoomInLight, { lookId, verdict }: LookAnswer): Whole[] {
  const light = inLight.ofLook.get(lookId);
  return light ? [{ stayId: null, light, person: 'client', verdict, reason: null }] : [];
}
type Whole = StandingVerdict & { readonly light: JudgingLight; readonly person: 'client' };

/** What a client does not like of a colour, as a verdict on it; what they like says nothing of what it does in the room. */
const ofReaction = (reaction: ReactionEvent | undefined): StandingVerdict[] =>
  !reaction || reaction.reaction === 'likes' || !isLookedAt(reaction)
    ? []
    : [{ stayId: null, light: null, person: 'client', verdict: VERDICT_OF_REACTION[reaction.reaction], reason: null }];

/** The room record: every candidate and strength with its standing verdicts and its ruling, derived and by hand. */
export function roomRecord(room: RoomInLight): RoomRecord {
  const lights = room.inLight.kinds;
  const standing = standingVerdicts(room.verdicts);
  const answered = standingAnswers(room.answers);
  const stayIds = room.stays.map((s) => s.id);
  const rows = room.candidates.map((candidate): CandidateRow => {
    const own = standing.filter((v) => v.candidateId === candidate.id);
    const verdicts = own.filter(isLookedAt);
    const answers = answered.filter((a) => a.candidateId === candidate.id);
    const reaction = reactionTo(room.reactions, candidate.id);
    const whole = [...answers.flatMap((a) => ofTheWhole(room, a)), ...ofReaction(reaction)];
    const derived = deriveRuling([...verdicts, ...whole], stayIds, lights);
    const last = room.rulings.filter((r) => r.candidateId === candidate.id).at(-1);
    const byHand = last && last.ruling !== null ? { ...last, ruling: last.ruling } : undefined;
    const untried = verdicts.length === 0 && whole.length === 0 && !byHand;
    const ruling = byHand?.ruling ?? (untried ? 'untried' : derived.ruling);
    const coverage = coverageOf(candidate.id, { room, verdicts, answers, lights });
    return {
      candidate,
      verdicts,
      unlooked: own.filter((v) => !isLookedAt(v)),
      answers,
      reaction,
      coverage,
      derived,
      byHand,
      ruling,
    };
  });
  const inPart = rows.filter((r) => r.ruling === 'works' && r.coverage.notSeenIn.length > 0).length;
  return {
    lights,
    rows,
    progress: roomProgress(
      rows.map((r) => r.ruling),
      inPart,
    ),
  };
}
