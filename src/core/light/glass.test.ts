import { greyRoom, openWindow } from '../../../tests/light-room';
import { cosineThrough, depthOf, diffuseShare, slantShare, slantTable, throughSurfaces } from './glass';
import { flat, panesOf } from './light-room';
import { outdoorsGiven } from './outdoors';
import { prepareRoom } from './prepare-room';
import { illuminance } from './receiver';

const at = (deg: number): number => Math.cos((deg * Math.PI) / 180);
const clear = { panes: 2, depth: depthOf(2, 0.72) };

describe('what comes through glass aslant', () => {
  test('surfaces: the closed forms straight through and at Brewster’s angle, nothing along the glass (Fresnel)', () => {
    const r = ((1.52 - 1) / (1.52 + 1)) ** 2;
    expect(throughSurfaces(1, 1)).toBeCloseTo((1 - r) / (1 + r), 12);
    expect(throughSurfaces(2, 1)).toBeCloseTo((1 - r) / (1 + 3 * r), 12);
    // at Brewster's angle one polarisation passes whole: half of the light, and the other half less its reflection
    const brewster = Math.atan(1.52);
    const across = Math.sin(brewster - (Math.PI / 2 - brewster)) ** 2;
    expect(throughSurfaces(1, Math.cos(brewster))).toBeCloseTo((1 + (1 - across) / (1 + across)) / 2, 9);
    expect(throughSurfaces(1, 1e-9)).toBeLessThan(1e-6);
    expect(throughSurfaces(0, 0.1)).toBe(1);
  });

  test('double glass: 0.70 of straight through at 70°, 0.36 at 80°, 0.89 of diffuse light', () => {
    expect(slantShare(clear, 1)).toBeCloseTo(1, 12);
    expect(slantShare(clear, at(45))).toBeGreaterThan(0.96);
    expect(slantShare(clear, at(70))).toBeCloseTo(0.7, 2);
    expect(Math.abs(slantShare(clear, at(80)) - 0.35)).toBeLessThan(0.015);
    expect(diffuseShare(clear)).toBeCloseTo(0.89, 2);
    expect(slantShare(clear, 0)).toBe(0);
  });

  test('one pane dims less, glass that swallows light more, a hole not at all', () => {
    const single = panesOf('single');
    expect(slantShare(single, at(70))).toBeGreaterThan(slantShare(clear, at(70)) + 0.05);
    expect(slantShare(panesOf('grey'), at(70))).toBeLessThan(slantShare(clear, at(70)) - 0.05);
    expect(panesOf('hole')).toEqual({ panes: 0, depth: 0 });
    expect(panesOf('double', 1)).toEqual({ panes: 0, depth: 0 });
    expect(diffuseShare(panesOf('hole'))).toBeCloseTo(1, 4);
  });

  test('the table for many rays is within 0.001', () => {
    const share = slantTable(clear);
    for (let k = 0; k <= 1000; k++) expect(Math.abs(share(k / 1000) - slantShare(clear, k / 1000))).toBeLessThan(0.001);
    expect(slantTable(panesOf('hole'))(0.2)).toBe(1);
  });

  test('the angle is that between a ray and the window', () => {
    expect(cosineThrough({ axis: 1 }, [2, 3, 1], [2, 0, 1])).toBe(1);
    expect(cosineThrough({ axis: 1 }, [2, 1, 1], [3, 0, 1])).toBeCloseTo(Math.SQRT1_2, 12);
  });
});

const room = (panes: ReturnType<typeof panesOf>, curtain: 'open' | 'sheer' = 'open') =>
  greyRoom({
    walls: [flat(0), flat(0), flat(0), flat(0)],
    floor: flat(0),
    ceiling: flat(0),
    ground: flat(0),
    windows: [openWindow({ glass: flat(0.72), panes, curtain })],
  });
const HOLE = { panes: 0, depth: 0 };

describe('a window dims with the angle', () => {
  test('the sun’s beam by the share at its own angle', () => {
    // the window faces south; the sun 40° up and 55° to the west of it
    const sun = { azimuthDeg: 235, altitudeDeg: 40 };
    const outdoors = outdoorsGiven({ type: 'uniform', horizontalLux: 1e-6, sun, beamNormalLux: 80_000 });
    const spot = { name: 'floor', at: [0.6, 0.9, 0.5] as const, normal: [0, 0, 1] as const };
    const [hole, glass] = [HOLE, clear].map(
      (panes) => illuminance(prepareRoom(room(panes), [spot]).lightAt(outdoors, false)[0]!).direct,
    );
    const cosine = at(40) * at(55);
    expect(hole).toBeGreaterThan(10_000);
    expect(glass! / hole!).toBeCloseTo(slantShare(clear, cosine), 6);
  });

  test('the sky in the depth of the room little, beside the window much; behind a sheer as diffuse light does', () => {
    const outdoors = outdoorsGiven({ type: 'uniform', horizontalLux: 10_000 });
    const share = (spot: readonly [number, number, number], curtain: 'open' | 'sheer') => {
      const receiver = { name: 'spot', at: spot, normal: [1, 0, 0] as const };
      const [hole, glass] = [HOLE, clear].map(
        (panes) => illuminance(prepareRoom(room(panes, curtain), [receiver]).lightAt(outdoors, false)[0]!).direct,
      );
      return glass! / hole!;
    };
    expect(share([0, 4.5, 1.5], 'open')).toBeGreaterThan(0.95);
    expect(share([0, 0.15, 1.5], 'open')).toBeLessThan(0.6);
    expect(share([0, 0.15, 1.5], 'sheer')).toBeCloseTo(diffuseShare(clear), 6);
  });
});
