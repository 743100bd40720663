import { GRID } from '../colour/grid';
import { reflectanceOfSurface } from '../light/surface';
import { describeBox } from './describe-room';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { measuredReflectance } from './surface';
import { room } from '../../../tests/made-up-room';

/** A curve that rises by 0.001 a nanometre from 0.1 at 380 nm, as an instrument gives it. */
const at = (nm: number) => 0.1 + (nm - 380) / 1000;
const measured = (start: number, step: number, count: number): RecordedColour => ({
  lab: { l: 60, a: 10, b: 10 },
  source: {
    kind: 'spectrophotometer',
    surface: 'A tile',
    spectrum: { start, step, values: Array.from({ length: count }, (_, i) => at(start + i * step)) },
  },
});
const nm = (i: number) => GRID.start + i * GRID.step;

describe('the surface of a recorded colour', () => {
  test.each([
    ['31 values from 400 nm by 10', 400, 10, 31],
    ['81 values on the grid', 380, 5, 81],
    ['81 values from 400 nm by 4', 400, 4, 81],
    ['36 values from 380 nm by 10', 380, 10, 36],
  ])('%s are read where they were measured', (_, start, step, count) => {
    const found = measuredReflectance(measured(start, step, count))!;
    expect(found).toHaveLength(GRID.count);
    const last = start + step * (count - 1);
    found.forEach((r, i) => expect(r).toBeCloseTo(at(Math.min(last, Math.max(start, nm(i)))), 6));
  });

  test('a colour known by its Lab only has none', () => {
    expect(measuredReflectance({ source: { kind: 'lab' } })).toBeUndefined();
  });

  test('the room’s light takes the same curve', () => {
    const wall = measured(400, 4, 81);
    const { walls } = describeBox(room({ oldWall: wall, stays: [] })).description.surfaces;
    const light = reflectanceOfSurface(walls as Parameters<typeof reflectanceOfSurface>[0]);
    const own = measuredReflectance(wall)!;
    light.forEach((r, i) => expect(r).toBeCloseTo(own[i]!, 3));
  });
});
