import { REASON_WORDS } from '../judge/reasons';
import { leadsToRoom } from '../derived/house-doors';
import type { PlanIssue } from './floor-plan';
import { SEEN_WORDS, type SeenAlso, type SeenTogether } from './seen-together';
import type { View } from './views';

/** A far room that is so many times as bright glows; one that is so dim lies in shadow. Own choices. */
const GLOWS = 2;

type Named = Pick<View, 'fromId' | 'toId' | 'spot'> & { readonly throughRooms: readonly string[] };

/** "From the hall into the sitting room", "From the middle of the kitchen, through the hall, into the bedroom". */
export function sayView({ fromId, toId, spot, throughRooms }: Named, nameOf: (roomId: string) => string): string {
  const called = (id: string) => leadsToRoom(nameOf(id));
  const from = spot === 'middle' ? `the middle of ${called(fromId)}` : called(fromId);
  const through = throughRooms.length > 0 ? `, through ${throughRooms.map(called).join(' and ')},` : '';
  return `From ${from}${through} into ${called(toId)}`;
}

/** "60 lx here, 320 lx there: it glows" of the light in both rooms. */
export function sayBrightness(luxNear: number, luxFar: number, sayLux: (lux: number) => string): string {
  const times = luxFar / luxNear;
  const looks = times >= GLOWS ? ': it glows' : times <= 1 / GLOWS ? ': it lies in shadow' : '';
  return `${sayLux(luxNear)} here, ${sayLux(luxFar)} there${looks}`;
}

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five'];
/** From so many steps on it is much. Own choice. */
const MUCH = 6;
/** "two steps pinker", "a step bluer", "much bluer (12 steps)". */
export const sayTurn = ({ towards, steps }: { readonly towards: string; readonly steps: number }): string => {
  const whole = Math.max(1, Math.round(steps));
  if (whole >= MUCH) return `much ${towards} (${whole} steps)`;
  return whole === 1 ? `a step ${towards}` : `${COUNTS[whole] ?? whole} steps ${towards}`;
};

/**
 * What the light of where one stands makes of the wall behind the door, at its most and by lamps: "at 16:30 the hall makes this wall two
 * steps pinker; by lamps they agree"; "" where nothing is to be said.
 */
export function sayTurns(
  turn: { readonly towards: string; readonly steps: number; readonly clock: string } | null,
  lamps: { readonly turn: { readonly towards: string; readonly steps: number } | null } | null,
  room: string,
): string {
  const from = leadsToRoom(room);
  const byDay = turn ? `at ${turn.clock} ${from} makes this wall ${sayTurn(turn)}` : '';
  if (!lamps) return byDay;
  if (!lamps.turn) return byDay ? `${byDay}; by lamps they agree` : '';
  const byLamps = `by lamps ${sayTurn(lamps.turn)}`;
  return byDay ? `${byDay}; ${byLamps}` : `${from} makes this wall ${byLamps}`;
}

/** What is to be said of trims or floors on both sides of a door; "" where they run on, or where floors only change. */
export function sayAlso({ of, kind, reason, byLamps }: Pick<SeenAlso, 'of' | 'kind' | 'reason' | 'byLamps'>): string {
  const when = byLamps ? ' by the lamps' : '';
  const fights = kind === 'clash' && reason ? REASON_WORDS[reason] : null;
  if (of === 'trims') {
    if (fights) return `the other trim is ${fights} beside this one${when}`;
    return kind === 'runs-on' ? '' : 'the trims are two whites: one through both rooms would run on';
  }
  return fights ? `the other floor is ${fights} beside this one${when}: end one under the door` : '';
}

/** "too green", "a jump, meant?": how two walls stand, in two words. */
export const sayTogether = ({ kind, reason }: Pick<SeenTogether, 'kind' | 'reason'>): string =>
  kind === 'clash' && reason ? REASON_WORDS[reason] : SEEN_WORDS[kind];

/** What of a plan cannot be, in words. `doorOf` a door: "the door between the hall and the kitchen". */
export function sayPlanIssue(
  issue: PlanIssue,
  {
    doorOf,
    nameOf,
    sayLength,
  }: {
    readonly doorOf: (doorId: string) => string;
    readonly nameOf: (roomId: string) => string;
    readonly sayLength: (metres: number) => string;
  },
): string {
  switch (issue.kind) {
    case 'gap':
      return `The plan does not close at ${doorOf(issue.doorId)}: its two sides are ${sayLength(issue.metres)} apart. Measure a room or a door again, or drag a room.`;
    case 'turned':
      return `The two walls of ${doorOf(issue.doorId)} do not face each other: one of them is another wall.`;
    case 'overlap':
      return `${nameOf(issue.rooms[0])} and ${nameOf(issue.rooms[1])} would lie over each other. Drag one of them, or say where its doors are.`;
    case 'one-floor':
      return `There are stairs at ${doorOf(issue.doorId)}, but other doors put both rooms on one floor.`;
  }
}
