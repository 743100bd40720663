import { GRID } from '../colour/grid';
import type { RoomDescription } from '../light/room-description';
import { ASSUMED } from '../light/assumptions';
import type { AnyDescription } from '../light/any-room';
import type { PlannedDescription } from '../light/plan/planned-fields';
import { plannedRoomOf } from '../light/plan/planned-description';
import type { SunRoom } from '../light/sun-side';
import type { BoxWall } from '../room/facing';
import { boundsOf, middleOf, planOf, wallLength, wallsOf, type Point } from '../room/plan';
import { sillOf } from '../light/room-fit';
import { reflectanceOfSurface, type SurfaceInput } from '../light/surface';
import type { RecordedColour } from '@/core/record/recorded-colour';
import type { RecordedStay, StayFace } from '@/core/record/stay';
import type { RoomItself } from '@/core/record/room';
import { measuredReflectance } from './surface';
import type { RoomShape } from '@/core/record/shape';
import type { RoomWindow } from '@/core/record/window';

const onGrid = (values: Float64Array): SurfaceInput => ({
  spectrum: {
    start: GRID.start,
    step: GRID.step,
    values: Array.from(values, (v) => Math.min(1, Math.max(0, Math.round(v * 1e4) / 1e4))),
  },
});

const surfaceOf = (colour: RecordedColour): SurfaceInput => {
  const measured = measuredReflectance(colour);
  const { l, a, b } = colour.lab;
  return measured ? onGrid(measured) : { lab: [l, a, b] };
};

/** Mean reflectance of a thing's components by their shares. */
function meanOf(stay: RecordedStay): Float64Array {
  const sum = new Float64Array(GRID.count);
  for (const { share, colour } of stay.components)
    reflectanceOfSurface(surfaceOf(colour)).forEach((r, i) => (sum[i]! += share * r));
  return sum;
}

/**
 * A face with what lies on it. The shares are those that are seen; where they make more than the face (it was kept so once), the narrower
 * lie on the wider.
 */
function covered(ground: SurfaceInput, stays: readonly RecordedStay[], place: StayFace): SurfaceInput {
  const lying = stays.filter((s) => s.lies === place).sort((p, q) => q.cover - p.cover);
  if (lying.length === 0) return ground;
  const total = lying.reduce((sum, s) => sum + s.cover, 0);
  let face = reflectanceOfSurface(ground).map((r) => r * (total <= 1 ? 1 - total : 1));
  for (const stay of lying) {
    const over = meanOf(stay);
    const left = total <= 1 ? 1 : 1 - stay.cover;
    face = face.map((r, i) => r * left + over[i]! * stay.cover);
  }
  return onGrid(face);
}

/** The parts of a recorded room that its light depends on. */
export const LIT_PARTS = [
  'widthM',
  'depthM',
  'heightM',
  'shape',
  'bearingDeg',
  'windows',
  'lamps',
  'oldWall',
  'ceiling',
  'stays',
  'ground',
  'obstruction',
] as const satisfies readonly (keyof RoomItself)[];
export type LitRoom = Pick<RoomItself, (typeof LIT_PARTS)[number]> & Partial<Pick<RoomItself, 'borrows'>>;

export type Size = {
  readonly widthM: number;
  readonly depthM: number;
  readonly heightM: number;
  /** Of a room that is no box: its length and depth are those of the rectangle around it. */
  readonly shape: RoomShape | null;
};

/** The room's measures; those that are not known are the usual ones, larger where its windows need it. */
export function sizeOf({
  widthM,
  depthM,
  heightM,
  windows,
  shape = null,
}: Pick<LitRoom, 'widthM' | 'depthM' | 'heightM' | 'windows'> & Partial<Pick<LitRoom, 'shape'>>): Size {
  const wide = (parity: number) =>
    Math.max(
      ...[parity, parity + 2].map((wall) =>
        windows.filter((w) => w.wall === wall).reduce((s, w) => Math.max(s + w.widthM, (w.leftM ?? 0) + w.widthM), 0),
      ),
    );
  const high = Math.max(0, ...windows.map((w) => (w.sillM ?? 0) + w.heightM));
  if (shape) {
    const around = boundsOf(shape.plan);
    const knees = shape.slopes.map((slope) => slope.kneeM + 0.1);
    const least = Math.max(ASSUMED.roomHeightM.value, high, ...knees);
    return { widthM: around.widthM, depthM: around.depthM, heightM: heightM ?? least, shape };
  }
  return {
    shape: null,
    widthM: widthM ?? Math.max(ASSUMED.roomWidthM.value, wide(0)),
    depthM: depthM ?? Math.max(ASSUMED.roomDepthM.value, wide(1)),
    heightM: heightM ?? Math.max(ASSUMED.roomHeightM.value, high),
  };
}

/** Where the windows of one wall lie: as measured, the others evenly in what the wall leaves. */
export function leftsOf(windows: readonly RoomWindow[], lengthM: number): Map<string, number> {
  const total = windows.reduce((s, w) => s + w.widthM, 0);
  const gap = (lengthM - total) / (windows.length + 1);
  const lefts = new Map<string, number>();
  let at = gap;
  for (const w of windows) {
    lefts.set(w.id, w.leftM ?? Math.max(0, at));
    at = (w.leftM ?? at) + w.widthM + gap;
  }
  return lefts;
}

/** What about a room was not measured and is taken as usual; the interface names each. */
export type Assumed = 'size' | 'bearing' | 'walls' | 'floor' | 'ceiling' | 'sills';

const flatSurface = (key: 'wallReflectance' | 'floorReflectance' | 'ceilingReflectance'): SurfaceInput => ({
  reflectance: ASSUMED[key].value,
});

/** A recorded room as far as it decides where the sun comes in; what was not measured is taken as usual. */
export function outlineOf(room: LitRoom): SunRoom {
  const borrows = room.borrows === true;
  if (room.shape || borrows) return { planned: plannedRoomOf(plannedDescription(room)), borrows };
  return boxOutlineOf(room);
}

/** The same of a box room. */
export function boxOutlineOf(room: LitRoom) {
  const size = sizeOf(room);
  const lefts = leftsOnWalls(room, size);
  return {
    box: size,
    bearingDeg: room.bearingDeg ?? 0,
    windows: room.windows.map(({ id, wall, ...w }) => ({
      ...w,
      wall: wall as BoxWall,
      leftM: lefts.get(id)!,
      sillM: sillOf(w, size.heightM),
    })),
  };
}

/** Where the windows of every wall lie, metres from its left end, by their ids. */
const leftsOnWalls = ({ windows }: Pick<LitRoom, 'windows'>, size: Size): Map<string, number> =>
  new Map(
    wallsOf(size).flatMap((wall) => [
      ...leftsOf(
        windows.filter((w) => w.wall === wall),
        wallLength(wall, size),
      ),
    ]),
  );

export type DescribedRoom = { readonly description: AnyDescription; readonly assumed: readonly Assumed[] };
export type DescribedBox = { readonly description: RoomDescription; readonly assumed: readonly Assumed[] };

function assumedOf(room: LitRoom, walls?: SurfaceInput): Assumed[] {
  const lies = (place: StayFace) => room.stays.some((s) => s.lies === place);
  const missing: readonly (readonly [Assumed, boolean])[] = [
    ['size', room.widthM === null || room.depthM === null || room.heightM === null],
    ['bearing', room.bearingDeg === null && room.windows.length > 0],
    ['walls', !walls && !room.oldWall],
    ['floor', !lies('floor')],
    ['ceiling', !room.ceiling && !lies('ceiling')],
    ['sills', room.windows.some((w) => w.sillM === null)],
  ];
  return missing.filter(([, is]) => is).map(([what]) => what);
}

function surfacesOf(room: LitRoom, walls?: SurfaceInput) {
  const wallGround = walls ?? (room.oldWall ? surfaceOf(room.oldWall) : flatSurface('wallReflectance'));
  return {
    walls: covered(wallGround, room.stays, 'walls'),
    floor: covered(flatSurface('floorReflectance'), room.stays, 'floor'),
    ceiling: covered(room.ceiling ? surfaceOf(room.ceiling) : flatSurface('ceilingReflectance'), room.stays, 'ceiling'),
  };
}

const lampsIn = (room: LitRoom, [xM, yM]: Point, heightM: number) =>
  room.lamps.map(({ id: _, name: __, ...l }) => ({
    ...l,
    xM: l.xM ?? xM,
    yM: l.yM ?? yM,
    heightM: Math.min(l.heightM ?? ASSUMED.lampHeightM.value, heightM * 0.95),
  }));

/** A recorded box room as its light sees it: {@link describeRoom} where it is known that it has no plan of its own. */
export function describeBox(room: LitRoom, walls?: SurfaceInput): DescribedBox {
  const { widthM, depthM, heightM } = sizeOf(room);
  const { windows, bearingDeg } = boxOutlineOf(room);
  return {
    assumed: assumedOf(room, walls),
    description: {
      widthM,
      depthM,
      heightM,
      bearingDeg,
      surfaces: surfacesOf(room, walls),
      ground: room.ground,
      obstruction: room.obstruction,
      windows,
      lamps: lampsIn(room, [widthM / 2, depthM / 2], heightM),
    },
  };
}

/** A recorded room of any plan, boxes too, as its light sees it. */
export function plannedDescription(room: LitRoom, walls?: SurfaceInput): PlannedDescription {
  const size = sizeOf(room);
  const lefts = leftsOnWalls(room, size);
  const plan = planOf(size);
  const surfaces = surfacesOf(room, walls);
  const { slopes, roofWindows, boxes } = room.shape ?? NO_SHAPE;
  return {
    plan: plan.map(([x, y]): [number, number] => [x, y]),
    heightM: size.heightM,
    bearingDeg: room.bearingDeg ?? 0,
    surfaces,
    ground: room.ground,
    obstruction: room.obstruction,
    slopes: [...slopes],
    windows: room.windows.map(({ id, ...w }) => ({ ...w, leftM: lefts.get(id)!, sillM: sillOf(w, size.heightM) })),
    roofWindows: roofWindows.map(({ id: _, slope, leftM, upM, heightM, ...w }) =>
      slope === null
        ? { ...w, ceiling: true as const, atM: [leftM, upM] as [number, number], depthM: heightM }
        : { ...w, slope, leftM, upM, heightM },
    ),
    boxes: boxes.map(({ xM, yM, widthM, depthM, heightM, colour }) => ({
      atM: [xM, yM] as [number, number],
      widthM,
      depthM,
      heightM: Math.min(heightM, size.heightM),
      surface: colour ? surfaceOf(colour) : surfaces.walls,
    })),
    lamps: lampsIn(room, middleOf(plan), size.heightM),
  };
}
const NO_SHAPE: Omit<RoomShape, 'plan'> = { slopes: [], roofWindows: [], boxes: [] };

/**
 * A recorded room as its light sees it, and what had to be assumed. A room half described is still a room: what is missing is taken as
 * usual. Walls can be given another colour than they have today.
 *
 * @param walls instead of the existing wall colour
 */
export function describeRoom(room: LitRoom, walls?: SurfaceInput): DescribedRoom {
  if (!room.shape) return describeBox(room, walls);
  return { assumed: assumedOf(room, walls), description: plannedDescription(room, walls) };
}
