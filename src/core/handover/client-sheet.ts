import { sayCardWhen } from '../plan/say-look';
import { sayBeside as sayReasonBeside, type Reason, type Verdict } from '../judge/reasons';
import { sayLooked } from '../record/coverage';
import type { DecidedRoom } from '../record/decided';
import { paintedKinds, stayingWith } from '../record/painted-over';
import type { RoomInLight } from '../record/kinds-of-light';
import { roomRecord, type CandidateRow } from '../record/room-record';
import { sayRuling, sayWhy } from '../record/say-ruling';
import { tellObjections } from './not-settled';
import { paperColour, type FactsOf, type PaperColour } from './paper-colour';
import type { SurfaceRow } from './rows';
import { upperFirst } from './words';

export type ClientRoom = {
  /** What was said since it was signed, as the client is told it. */
  readonly objections: readonly string[];
  readonly wish: string;
  readonly colours: readonly {
    readonly where: string;
    readonly colour: PaperColour;
    readonly sheen: string;
    /** Why it, in words: the room's own, then what it rests on. */
    readonly why: readonly string[];
    readonly liveWith: readonly string[];
  }[];
  readonly looks: readonly string[];
  readonly notDecided: string;
};

/** What was said against a colour and stands, beside what will still be there: what one lives with. */
function liveWith(row: CandidateRow | undefined, room: RoomInLight, staying: ReadonlySet<string>): string[] {
  const nearly = (row?.verdicts ?? []).filter((v) => v.verdict !== 'works' && staying.has(v.stayId));
  const said = nearly.map((v) => sayBeside(v.reason, room.stays.find((s) => s.id === v.stayId)!.name, v.verdict));
  return [...new Set(said)];
}
const sayBeside = (reason: Reason | null, what: string, verdict: Verdict) =>
  reason ? sayReasonBeside(reason, what) : `${verdict} beside ${what}`;

/** What its place in the room rests on. */
function seenAs(
  row: CandidateRow | undefined,
  room: RoomInLight,
  { outside, staying }: { outside: boolean; staying: ReadonlySet<string> },
): string {
  if (!row || row.ruling === 'untried') return 'Predicted for this room; not tried on a board yet';
  if (outside) return 'Seen indoors only: look at a board outside before it is painted';
  const { derived, byHand } = row;
  if (byHand?.note) return `${sayRuling(row)}: ${byHand.note}`;
  const about = 'because' in derived ? derived.because.stayId : null;
  // beside what is painted over nothing has to work
  return about !== null && !staying.has(about) ? 'Tried here' : `${sayRuling(row)}: ${sayWhy(derived, room.stays)}`;
}

/** What a client is told of a room. */
export function clientRoom(
  room: RoomInLight,
  decided: DecidedRoom,
  { rows, factsOf, notDecided }: { rows: readonly SurfaceRow[]; factsOf: FactsOf; notDecided: string },
): ClientRoom {
  const record = roomRecord(room).rows;
  const staying = new Set(stayingWith(room.stays, paintedKinds(decided)).map((s) => s.id));
  const painted = rows.filter((r) => r.choice?.what === 'paint' && r.candidate);
  const looks = room.looks.filter((l) => l.state === 'planned' && l.who === 'client');
  return {
    objections: tellObjections(room),
    wish: room.wishWords,
    colours: painted.map(({ name, surfaces, choice, candidate }) => {
      const row = record.find((r) => r.candidate.id === candidate!.id);
      const looked = row ? sayLooked(row.coverage) : '';
      const seen = seenAs(row, room, { outside: surfaces[0]!.kind === 'outside', staying });
      return {
        where: upperFirst(name),
        colour: paperColour(candidate!, factsOf(candidate!)),
        sheen: choice!.sheen,
        why: [choice!.why, row?.reaction?.reaction === 'likes' && 'You like it', seen, looked]
          .filter((why) => typeof why === 'string' && why !== '')
          .map((why) => upperFirst(why as string)),
        liveWith: liveWith(row, room, staying),
      };
    }),
    looks: looks.map((l) => `${l.number}  ${upperFirst(sayCardWhen(l))}: ${l.decides}`),
    notDecided: decided.painted.length === 0 ? '' : notDecided,
  };
}
