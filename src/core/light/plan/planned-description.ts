import { z } from 'zod';
import { finite } from '../../base/fields';
import { ASSUMED, GROUND_KINDS, GROUNDS, OBSTRUCTION_KINDS, OBSTRUCTIONS } from '../assumptions';
import { glassOf, panesOf } from '../light-room';
import { BARE_OPENING, lampFields, measure, windowFields } from '../measures';
import { reflectanceOfSurface, surfaceSchema } from '../surface';
import type { Glazed, OpenDoor, PlannedRoom, RoofWindow } from './planned-room';
import { planProblem } from './plan-problems';

const metres = (what: string) =>
  finite(`${what} is a number of metres.`).min(-100, `${what} lies within 100 m.`).max(100, `${what} lies within 100 m.`);
const pointSchema = z.tuple([metres('A corner'), metres('A corner')]);

const { wall: _, widthM, heightM, ...glazed } = windowFields(BARE_OPENING);
const glazedFields = { ...glazed, transmittance: z.number().gt(0).max(1).optional() };
const wallIndex = z.int('A wall is named by its number, from 0.').min(0, 'A wall is named by its number, from 0.').max(63);

const windowSchema = z.strictObject({
  ...glazedFields,
  wall: wallIndex,
  widthM,
  heightM,
  leftM: measure.left,
  sillM: measure.sill.default(ASSUMED.sillM.value),
});
const roofWindowSchema = z.union([
  z.strictObject({ ...glazedFields, slope: wallIndex, leftM: measure.left, upM: measure.left, widthM, heightM }),
  z.strictObject({ ...glazedFields, ceiling: z.literal(true), atM: pointSchema, widthM, depthM: widthM }),
]);
const slopeSchema = z.strictObject({
  wall: wallIndex,
  kneeM: finite('A slope’s knee is a number of metres.').min(0, 'A slope begins at 0 m or more.').max(20),
  pitchDeg: finite('A pitch is a number of degrees.')
    .gt(0, 'A pitch lies between 0 and 85°.')
    .max(85, 'A pitch lies between 0 and 85°.'),
});
const boxSchema = z.strictObject({
  atM: pointSchema,
  widthM: measure.roomLength,
  depthM: measure.roomLength,
  heightM: measure.roomHeight,
  surface: surfaceSchema,
});
const lampSchema = z.strictObject({
  ...lampFields,
  xM: metres('A lamp'),
  yM: metres('A lamp'),
  heightM: measure.lampHeight.default(ASSUMED.lampHeightM.value),
});

const fields = {
  /** Corners as the walls are met turning right; wall i from corner i to i + 1, x right along wall 0, y into the room. */
  plan: z.array(pointSchema).min(3, 'A plan has three corners or more.').max(40, 'A plan has 40 corners at most.'),
  heightM: measure.roomHeight.default(ASSUMED.roomHeightM.value),
  bearingDeg: measure.bearing.default(0),
  surfaces: z
    .strictObject({
      walls: z.union([surfaceSchema, z.array(surfaceSchema).max(40)]).default({ reflectance: ASSUMED.wallReflectance.value }),
      floor: surfaceSchema.default({ reflectance: ASSUMED.floorReflectance.value }),
      ceiling: surfaceSchema.default({ reflectance: ASSUMED.ceilingReflectance.value }),
    })
    .prefault({}),
  ground: z.union([z.enum(GROUND_KINDS), surfaceSchema]).default('paving'),
  obstruction: z.union([z.enum(OBSTRUCTION_KINDS), surfaceSchema]).default('masonry'),
  slopes: z.array(slopeSchema).max(8).default([]),
  windows: z.array(windowSchema).max(16).default([]),
  roofWindows: z.array(roofWindowSchema).max(12).default([]),
  boxes: z.array(boxSchema).max(20).default([]),
  lamps: z.array(lampSchema).max(24).default([]),
};
const bare = z.strictObject(fields);
export type PlannedDescription = z.infer<typeof bare>;

/** A room as it is, described outright; what cannot be is said in words. */
export const plannedRoomSchema = bare.superRefine((room, context) => {
  const wrong = planProblem(room);
  if (wrong) context.addIssue({ code: 'custom', path: [...wrong.path], message: wrong.says });
});

export const openDoorSchema = z.strictObject({
  rooms: z.tuple([z.string().min(1).max(60), z.string().min(1).max(60)]),
  walls: z.tuple([wallIndex, wallIndex]),
  leftM: z.tuple([measure.left, measure.left]),
  widthM: measure.windowWidth,
  heightM: measure.windowHeight,
});
export type DoorDescription = z.infer<typeof openDoorSchema>;

type GlazedDescription = Pick<
  PlannedDescription['windows'][number],
  'glazing' | 'transmittance' | 'obstructionDeg' | 'revealM' | 'overhangM'
>;
const glazedOf = ({ glazing, transmittance, obstructionDeg, revealM, overhangM }: GlazedDescription): Glazed => ({
  glass: transmittance === undefined ? glassOf(glazing) : glassOf('hole', transmittance),
  panes: panesOf(glazing, transmittance),
  obstructionDeg,
  revealM,
  overhangM,
});

/** The room the light is computed in, of its checked description. */
export function plannedRoomOf(description: PlannedDescription): PlannedRoom {
  const { plan, surfaces, ground, obstruction } = description;
  const { walls } = surfaces;
  const one = Array.isArray(walls) ? undefined : reflectanceOfSurface(walls);
  const each = Array.isArray(walls) ? walls.map(reflectanceOfSurface) : [];
  const named = ({ lab: { l, a, b } }: { readonly lab: { readonly l: number; readonly a: number; readonly b: number } }) =>
    reflectanceOfSurface({ lab: [l, a, b] });
  return {
    plan,
    heightM: description.heightM,
    bearingDeg: description.bearingDeg,
    walls: plan.map((_, k) => one ?? each[k]!),
    floor: reflectanceOfSurface(surfaces.floor),
    ceiling: reflectanceOfSurface(surfaces.ceiling),
    ground: typeof ground === 'string' ? named(GROUNDS[ground]) : reflectanceOfSurface(ground),
    obstruction: typeof obstruction === 'string' ? named(OBSTRUCTIONS[obstruction]) : reflectanceOfSurface(obstruction),
    slopes: description.slopes,
    windows: description.windows.map((w) => ({ ...w, ...glazedOf(w) })),
    roofWindows: description.roofWindows.map((w): RoofWindow => ({ ...w, ...glazedOf(w) })),
    boxes: description.boxes.map(({ surface, ...box }) => ({ ...box, reflectance: reflectanceOfSurface(surface) })),
    lamps: description.lamps.map(({ xM, yM, heightM, dimmedPercent, ...lamp }) => ({
      ...lamp,
      at: [xM, yM, heightM],
      dimmedShare: dimmedPercent / 100,
    })),
  };
}

/** Doors by the numbers of their rooms. @throws RangeError for a room there is not, or a door that does not fit its wall */
export function openDoorsOf(
  doors: readonly DoorDescription[],
  names: readonly string[],
  rooms: readonly PlannedDescription[],
): OpenDoor[] {
  return doors.map(({ rooms: of, walls, leftM, widthM, heightM }, d) => {
    const at = of.map((name) => names.indexOf(name));
    at.forEach((r, k) => {
      const room = rooms[r];
      if (!room) throw new RangeError(`door ${d + 1} leads to ${of[k]!}, and there is no such room`);
      const { plan } = room;
      const wall = walls[k]!;
      if (wall >= plan.length) throw new RangeError(`door ${d + 1}: ${of[k]!} has no wall ${wall}`);
      const [[x0, y0], [x1, y1]] = [plan[wall]!, plan[(wall + 1) % plan.length]!];
      if (leftM[k]! + widthM > Math.hypot(x1 - x0, y1 - y0) + 1e-6)
        throw new RangeError(`door ${d + 1} reaches beyond wall ${wall} of ${of[k]!}`);
    });
    return { rooms: [at[0]!, at[1]!], walls, leftM, widthM, heightM };
  });
}
