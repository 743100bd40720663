import { openingOf, rectsOverlap, sillOf } from '../light/room-fit';
import { inPlan, wallLength, wallsOf } from '../room/plan';
import type { RoomShape } from '../record/shape';
import type { FieldIssue } from './field-issue';
import { shapeIssues } from './shape-issues';

type Fields = {
  readonly widthM: number | null;
  readonly depthM: number | null;
  readonly heightM: number | null;
  readonly shape: RoomShape | null;
  readonly windows: readonly {
    readonly wall: number;
    readonly widthM: number;
    readonly heightM: number;
    readonly leftM: number | null;
    readonly sillM: number | null;
  }[];
  readonly lamps: readonly { readonly xM: number | null; readonly yM: number | null; readonly heightM: number | null }[];
};

const m = (metres: number) => `${metres.toFixed(2)} m`;
const SLACK_M = 0.005;

type Window = Fields['windows'][number];
/** A sill in a room whose height may not be known. */
const sill = (w: Window, roomHeightM: number | null) => sillOf(w, roomHeightM ?? Infinity);

const overlap = (p: Window, q: Window, heightM: number | null): boolean => {
  if (p.wall !== q.wall || p.leftM === null || q.leftM === null) return false;
  const rect = (w: Window, leftM: number) => openingOf({ ...w, leftM, sillM: sill(w, heightM) });
  return rectsOverlap(rect(p, p.leftM), rect(q, q.leftM), SLACK_M);
};

function windowIssues(room: Fields, w: Window, i: number): FieldIssue[] {
  const at = (field: string, message: string): FieldIssue => ({ path: ['windows', i, field], message });
  const length = wallLength(w.wall, room);
  const issues: FieldIssue[] = [];
  if (!wallsOf(room).includes(w.wall)) return [at('wall', 'The room has no such wall any more: choose another.')];
  if (length !== null && w.widthM > length + SLACK_M)
    issues.push(at('widthM', `The window is wider than its wall of ${m(length)}.`));
  else if (length !== null && w.leftM !== null && w.leftM + w.widthM > length + SLACK_M)
    issues.push(at('leftM', `So far from the left it reaches beyond its wall of ${m(length)}.`));
  if (room.heightM !== null && w.heightM > room.heightM + SLACK_M)
    issues.push(at('heightM', `The window is higher than the room of ${m(room.heightM)}.`));
  else if (room.heightM !== null && sill(w, room.heightM) + w.heightM > room.heightM + SLACK_M)
    issues.push(at('sillM', `With this sill it reaches over the ceiling at ${m(room.heightM)}.`));
  const other = room.windows.findIndex((o, n) => n < i && overlap(o, w, room.heightM));
  if (other >= 0) issues.push(at('leftM', `It overlaps window ${other + 1}.`));
  return issues;
}

/** What of a wall's windows do not fit beside each other, when some are not placed. */
function crowdedWalls(room: Fields): FieldIssue[] {
  return wallsOf(room).flatMap((wall): FieldIssue[] => {
    const length = wallLength(wall, room);
    const here = room.windows.flatMap((w, i) => (w.wall === wall ? [{ w, i }] : []));
    const total = here.reduce((s, { w }) => s + w.widthM, 0);
    const unplaced = here.some(({ w }) => w.leftM === null);
    if (length === null || here.length < 2 || !unplaced || total <= length + SLACK_M) return [];
    const last = here.at(-1)!.i;
    return [
      {
        path: ['windows', last, 'widthM'],
        message: `The windows of this wall are ${m(total)} wide together; it is ${m(length)} long.`,
      },
    ];
  });
}

function lampIssues(room: Fields, lamp: Fields['lamps'][number], i: number): FieldIssue[] {
  const at = (field: string, message: string): FieldIssue => ({ path: ['lamps', i, field], message });
  const beyond = (value: number | null, length: number | null) => value !== null && length !== null && value >= length;
  if (room.shape) {
    const out = lamp.xM !== null && lamp.yM !== null && !inPlan([lamp.xM, lamp.yM], room.shape.plan);
    return [
      ...(out ? [at('xM', 'The lamp hangs outside the plan.')] : []),
      ...(beyond(lamp.heightM, room.heightM) ? [at('heightM', `The room is ${m(room.heightM!)} high.`)] : []),
    ];
  }
  return [
    ...(beyond(lamp.xM, room.widthM) ? [at('xM', `The room is ${m(room.widthM!)} wide.`)] : []),
    ...(beyond(lamp.yM, room.depthM) ? [at('yM', `The room is ${m(room.depthM!)} deep.`)] : []),
    ...(beyond(lamp.heightM, room.heightM) ? [at('heightM', `The room is ${m(room.heightM!)} high.`)] : []),
  ];
}

/** What of a room's windows and lamps does not fit its measures, each at its field; what was not measured is not asked after. */
export function roomLightIssues(given: Fields): FieldIssue[] {
  const known = (v: number | null) => (v !== null && v > 0 ? v : null); // what is no measure is answered at its own field
  const room = { ...given, widthM: known(given.widthM), depthM: known(given.depthM), heightM: known(given.heightM) };
  return [
    ...shapeIssues(room),
    ...room.windows.flatMap((w, i) => windowIssues(room, w, i)),
    ...crowdedWalls(room),
    ...room.lamps.flatMap((lamp, i) => lampIssues(room, lamp, i)),
  ];
}
