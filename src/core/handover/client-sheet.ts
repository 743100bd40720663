import { sayCardWhen } from '../plan/say-look';
import { sayLooked } from '../record/coverage';
import type { DecidedRoom } from '../record/decided';
import type { Room } from '../record/room';
import { roomRecord, type CandidateRow } from '../record/room-record';
import { sayRuling, sayWhy } from '../record/say-ruling';
import { paperColour, type FactsOf, type PaperColour } from './paper-colour';
import type { SurfaceRow } from './rows';
import { upperFirst } from './words';

export type ClientRoom = {
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

/** What was said against a colour and stands: what one lives with. */
function liveWith(row: CandidateRow | undefined, room: Room): string[] {
  if (!row) return [];
  const nearly = row.verdicts.filter((v) => v.verdict !== 'works' && v.stayId !== null);
  const said = nearly.map((v) =>
    sayWhy({ ruling: v.verdict === 'no' ? 'not' : 'nearly', because: v } as Parameters<typeof sayWhy>[0], room.stays),
  );
  return [...new Set(said)];
}

/** What a client is told of a room. */
export function clientRoom(
  room: Room,
  decided: DecidedRoom,
  { rows, factsOf, notDecided }: { rows: readonly SurfaceRow[]; factsOf: FactsOf; notDecided: string },
): ClientRoom {
  const record = roomRecord(room).rows;
  const painted = rows.filter((r) => r.choice?.what === 'paint' && r.candidate);
  const looks = room.looks.filter((l) => l.state === 'planned' && l.who === 'client');
  return {
    wish: room.wishWords,
    colours: painted.map(({ name, choice, candidate }) => {
      const row = record.find((r) => r.candidate.id === candidate!.id);
      const looked = row ? sayLooked(row.coverage) : '';
      const seen =
        !row || row.ruling === 'untried'
          ? 'predicted for this room; not tried on a board yet'
          : `${sayRuling(row)}: ${row.byHand?.note || sayWhy(row.derived, room.stays)}`;
      return {
        where: upperFirst(name),
        colour: paperColour(candidate!, factsOf(candidate!)),
        sheen: choice!.sheen,
        why: [choice!.why, seen, looked].filter(Boolean).map(upperFirst),
        liveWith: liveWith(row, room).map(upperFirst),
      };
    }),
    looks: looks.map((l) => `${l.number}  ${upperFirst(sayCardWhen(l))}: ${l.decides}`),
    notDecided: decided.painted.length === 0 ? '' : notDecided,
  };
}
