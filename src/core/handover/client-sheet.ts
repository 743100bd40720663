import { deltaE00 } from '../colour/ciede2000';
import { sayForClient } from '../colour/client-words';
import { describeColour } from '../colour/family';
import { sayCardWhen } from '../plan/say-look';
import { sayBeside as sayReasonBeside, type Reason, type Verdict } from '../judge/reasons';
import type { DecidedRoom } from '@/core/derived/decided';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { paintedKinds, stayingWith } from '@/core/derived/painted-over';
import { roomRecord, type CandidateRow } from '@/core/derived/room-record';
import { sayWhy } from '@/core/derived/say-ruling';
import { LIGHT_NAMES, type JudgingLight } from '../room/facing';
import { stillsOf } from '@/core/record/photo';
import { warnOfCopies } from './copied';
import { clientScheme, type ClientScheme } from './client-scheme';
import { tellObjections } from './not-settled';
import { paperColour, type FactsOf, type PaperColour } from './paper-colour';
import type { SurfaceRow } from './rows';
import { upperFirst } from '../base/words';
import { listed } from '../base/words';

/** A picture that was computed, by the hash of its file, with what it shows. */
export type StillOnPaper = { readonly picture: string; readonly says: string };

export type ClientRoom = {
  /** What was said since it was signed, as the client is told it. */
  readonly objections: readonly string[];
  readonly wish: string;
  readonly colours: readonly {
    /** On the unfolded room. */
    readonly letter: string;
    readonly where: string;
    readonly colour: PaperColour;
    /** "a light beige that leans pink", with nothing of how it is known. */
    readonly says: string;
    readonly sheen: string;
    /** Why it, in words: the room's own, then what it rests on; of a colour that stands above already nothing again. */
    readonly why: readonly string[];
    readonly liveWith: readonly string[];
  }[];
  /** What was liked and is not painted: why not, and the nearest that works. */
  readonly whyNot: readonly { readonly hex: string; readonly says: string }[];
  readonly looks: readonly string[];
  readonly notDecided: string;
  /** The scheme they picked; null where they picked none. */
  readonly scheme: ClientScheme | null;
  readonly stills: readonly StillOnPaper[];
};

const inLights = (lights: readonly JudgingLight[]) => listed(lights.map((l) => LIGHT_NAMES[l]));

/** What was said against a colour and stands, beside what will still be there: what one lives with. */
function liveWith(row: CandidateRow | undefined, room: RoomInLight, staying: ReadonlySet<string>): string[] {
  const nearly = (row?.verdicts ?? []).filter((v) => v.verdict !== 'works' && staying.has(v.stayId));
  const said = nearly.map((v) => sayBeside(v.reason, room.stays.find((s) => s.id === v.stayId)!.name, v.verdict));
  return [...new Set(said)];
}
const sayBeside = (reason: Reason | null, what: string, verdict: Verdict) =>
  reason ? sayReasonBeside(reason, what) : `${verdict} beside ${what}`;

/** In which lights it was looked at, and in which of the room's it was not. */
function seenIn({ coverage: { seenIn, notSeenIn } }: CandidateRow): string {
  if (seenIn.length === 0) return 'Not looked at in the room yet';
  const left = notSeenIn.length === 0 ? ', every light this room has' : `; not yet in ${inLights(notSeenIn)}`;
  return `Looked at in ${inLights(seenIn)}${left}`;
}

const FEW_THINGS: Readonly<Record<number, string>> = { 1: 'what stays', 2: 'both things that stay' };
const sayWorks = (stays: number) => `It works beside ${FEW_THINGS[stays] ?? `all ${stays} things that stay`}`;

/** What its place in the room rests on. */
function restsOn(
  row: CandidateRow | undefined,
  room: RoomInLight,
  { outside, staying }: { outside: boolean; staying: ReadonlySet<string> },
): string[] {
  if (!row || row.ruling === 'untried') return ['Worked out for this room; not tried on a board yet'];
  if (outside) return ['Seen indoors only: look at a board outside before it is painted'];
  const { derived, byHand, ruling } = row;
  if (byHand?.note) return [byHand.note, seenIn(row)];
  const about = 'because' in derived ? derived.because.stayId : null;
  // beside what is painted over nothing has to work
  if (about !== null && !staying.has(about)) return [seenIn(row)];
  if (ruling === 'works') return [byHand ? 'It works here' : sayWorks(room.stays.length), seenIn(row)];
  // a "nearly" stands under what to live with
  return ruling === 'not' ? [sayWhy(derived, room.stays), seenIn(row)] : [seenIn(row)];
}

/** Whether the client took to a colour: said so, answered so, or picked it of two. */
function isLiked({ candidate, reaction, verdicts, answers }: CandidateRow, { picks }: RoomInLight): boolean {
  return (
    reaction?.reaction === 'likes' ||
    verdicts.some((v) => v.person === 'client' && v.verdict === 'works') ||
    answers.some((a) => a.verdict === 'works') ||
    picks.some((p) => !p.undone && p.chosenId === candidate.id)
  );
}

const called = ({ candidate: c }: CandidateRow) => `${c.name} ${c.strength} %`;

/** Every colour the client took to that was refused: beside what, in which light, and the nearest that works. */
function whyNot(rows: readonly CandidateRow[], room: RoomInLight, staying: ReadonlySet<string>): ClientRoom['whyNot'] {
  const works = rows.filter((r) => r.ruling === 'works');
  return rows.flatMap((row) => {
    const { candidate, ruling, derived, byHand } = row;
    const about = 'because' in derived ? derived.because.stayId : null;
    if (ruling !== 'not' || !isLiked(row, room) || (about !== null && !staying.has(about))) return [];
    const away = (r: CandidateRow) => deltaE00(r.candidate.lab, candidate.lab);
    const [nearest] = [...works].sort((p, q) => away(p) - away(q));
    const why = byHand?.note || sayWhy(derived, room.stays);
    const instead = nearest ? ` The nearest that works here is ${called(nearest)}.` : '';
    return [{ hex: paperColour(candidate, undefined).hex, says: `${called(row)}, which you liked: ${why}.${instead}` }];
  });
}

/** What a still shows, and that it is no photograph. */
const sayStill = (predicted: string, caption: string): string =>
  `Predicted, no photograph: ${predicted}.${caption === '' ? '' : ` ${caption}`}`;

/** The stills of a room as a client is shown them. */
export const stillsOnPaper = (room: RoomInLight): readonly StillOnPaper[] =>
  stillsOf(room).map(({ picture, predicted, caption }) => ({ picture, says: sayStill(predicted, caption) }));

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
  const colours = painted.map(({ letter, name, surfaces, choice, candidate }, k) => {
    const row = record.find((r) => r.candidate.id === candidate!.id);
    const outside = surfaces[0]!.kind === 'outside';
    // the same colour on another surface is told once
    const again = painted.slice(0, k).some((p) => p.candidate!.id === candidate!.id) && !outside;
    const rests = again
      ? []
      : [row?.reaction?.reaction === 'likes' && 'You like it', ...restsOn(row, room, { outside, staying })];
    return {
      letter,
      where: upperFirst(name),
      colour: paperColour(candidate!, factsOf(candidate!)),
      says: again ? '' : `${describeColour(candidate!.lab)}: ${sayForClient(candidate!.lab)}`,
      sheen: choice!.sheen,
      why: [choice!.why, ...rests, again ? '' : warnOfCopies(factsOf(candidate!)?.copied, room)]
        .filter((why) => typeof why === 'string' && why !== '')
        .map((why) => upperFirst(why as string)),
      liveWith: again ? [] : liveWith(row, room, staying),
    };
  });
  return {
    objections: tellObjections(room),
    wish: room.wishWords,
    colours,
    whyNot: whyNot(record, room, staying),
    looks: looks.map((l) => `${l.number}  ${upperFirst(sayCardWhen(l))}: ${l.decides}`),
    notDecided: decided.painted.length === 0 ? '' : notDecided,
    scheme: clientScheme(room),
    stills: stillsOnPaper(room),
  };
}
