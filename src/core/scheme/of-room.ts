import { sizeOf } from '../derived/describe-room';
import { paintSurfaces, wallSurface, type PaintSurface } from '../derived/paint-surfaces';
import type { Wall } from '../room/facing';
import { floorArea, planOf, wallsOf } from '../room/plan';
import type { SurfaceKind } from '../record/paintwork';
import type { SchemePart } from '../record/scheme';
import type { RoomAreas } from './areas';

type Measured = Parameters<typeof paintSurfaces>[0];

/** What there is of a recorded room to be seen, m²: what was not measured is as usual. */
export function areasOfRoom(room: Measured): RoomAreas {
  const surfaces = paintSurfaces(room);
  const plan = planOf(sizeOf(room));
  const of = (kind: SurfaceKind) => surfaces.filter((s) => s.kind === kind).reduce((sum, s) => sum + s.areaM2, 0);
  const least = 0.1;
  return {
    walls: Math.max(least, of('wall')),
    ceiling: of('ceiling'),
    floor: floorArea(plan),
    trim: Math.max(least, of('trim')),
    // a room has a door, whether or not it was recorded
    doors: Math.max(1.7, of('door')),
    windows: room.windows.reduce((sum, w) => sum + w.widthM * w.heightM, 0),
  };
}

/** The wall that is looked at: the largest there is to paint, openings left out. */
export function focalOf(room: Measured): Wall {
  const areas = new Map<Wall, number>(wallsOf(room).map((wall) => [wall, 0]));
  for (const s of paintSurfaces(room)) if (s.kind === 'wall' && s.wall !== null) areas.set(s.wall, areas.get(s.wall)! + s.areaM2);
  return [...areas].reduce((best, one) => (one[1] > best[1] ? one : best))[0];
}

/** The surfaces of a room that a part of a scheme is painted on; none of what is no paint. */
export function surfacesOfPart(room: Measured, part: SchemePart, has: readonly SchemePart[]): readonly PaintSurface[] {
  const surfaces = paintSurfaces(room);
  const of = (kind: SurfaceKind) => surfaces.filter((s) => s.kind === kind);
  const focal = has.includes('focal') ? wallSurface(focalOf(room)) : undefined;
  const isFocal = (s: PaintSurface) => focal !== undefined && (s.id === focal || s.id === `${focal}-below`);
  const isBelow = (s: PaintSurface) => has.includes('below') && s.id.endsWith('-below');
  switch (part) {
    case 'walls':
      return of('wall').filter((s) => !isFocal(s) && !isBelow(s));
    case 'focal':
      return of('wall').filter((s) => isFocal(s) && !isBelow(s));
    case 'below':
      return of('wall').filter(isBelow);
    case 'trim':
    case 'ceiling':
    case 'door':
      return of(part);
    default:
      return [];
  }
}
