import type { Lab } from '../colour/types';
import { GROUNDS, OBSTRUCTIONS } from './assumptions';
import { glassOf, panesOf, type LightRoom } from './light-room';
import type { RoomDescription } from './room-description';
import { reflectanceOfSurface, type SurfaceInput } from './surface';

/** The room the light is computed in, of its checked description. */
export function lightRoomOf(description: RoomDescription): LightRoom {
  const { surfaces, ground, obstruction, wallsM } = description;
  const walls = Array.isArray(surfaces.walls) ? surfaces.walls.map(reflectanceOfSurface) : undefined;
  const one = walls ? undefined : reflectanceOfSurface(surfaces.walls as SurfaceInput);
  const named = (lab: Lab) => reflectanceOfSurface({ lab: [lab.l, lab.a, lab.b] });
  return {
    box: {
      widthM: wallsM ? (wallsM[0] + wallsM[2]) / 2 : description.widthM,
      depthM: wallsM ? (wallsM[1] + wallsM[3]) / 2 : description.depthM,
      heightM: description.heightM,
    },
    bearingDeg: description.bearingDeg,
    walls: [0, 1, 2, 3].map((k) => walls?.[k] ?? one!) as unknown as LightRoom['walls'],
    floor: reflectanceOfSurface(surfaces.floor),
    ceiling: reflectanceOfSurface(surfaces.ceiling),
    ground: typeof ground === 'string' ? named(GROUNDS[ground].lab) : reflectanceOfSurface(ground),
    obstruction: typeof obstruction === 'string' ? named(OBSTRUCTIONS[obstruction].lab) : reflectanceOfSurface(obstruction),
    windows: description.windows.map(({ glazing, transmittance, ...w }) => ({
      ...w,
      glass: transmittance === undefined ? glassOf(glazing) : glassOf('hole', transmittance),
      panes: panesOf(glazing, transmittance),
    })),
    lamps: description.lamps.map(({ xM, yM, heightM, dimmedPercent, ...lamp }) => ({
      ...lamp,
      at: [xM, yM, heightM],
      dimmedShare: dimmedPercent / 100,
    })),
  };
}
