import { z } from 'zod';
import { CURTAINS, GROUNDS, OBSTRUCTIONS } from '../assumptions';
import { glassOf, panesOf } from '../light-room';
import { measure } from '../measures';
import { reflectanceOfSurface } from '../surface';
import { plannedFieldsSchema, wallIndex, type PlannedDescription } from './planned-fields';
import type { Glazed, OpenDoor, PlannedRoom, RoofWindow } from './planned-room';
import { planProblem } from './plan-problems';

/** A room as it is, described outright; what cannot be is said in words. */
export const plannedRoomSchema = plannedFieldsSchema.superRefine((room, context) => {
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
  'glazing' | 'transmittance' | 'obstructionDeg' | 'revealM' | 'overhangM' | 'curtain'
>;
const glazedOf = ({ glazing, transmittance, obstructionDeg, revealM, overhangM, curtain }: GlazedDescription): Glazed => ({
  curtain: CURTAINS[curtain],
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
