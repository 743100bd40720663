import { plainShape } from '../../../tests/made-shapes';
import { room, roomWindow } from '../../../tests/made-up-room';
import { sayNames } from '../handover/rows';
import { areaUnder, heightAlong, overhead, upperEdgeOf } from './shape-faces';
import { paintSurfaces } from './paint-surfaces';
import { saySizes } from '../handover/sizes';
import { letterPlaces } from '../handover/letters';
import { shapeIssues } from './shape-issues';
import { unfolded } from './unfolded';

const ATTIC = { shape: plainShape('attic'), heightM: 2.4 };
const areaOf = (r: ReturnType<typeof room>, id: string) => paintSurfaces(r).find((s) => s.id === id)!.areaM2;

test('an attic whose ceiling slopes to both long walls: its gables, its slopes, what is flat', () => {
  // 4 m deep, knees of 1.2 m at 45°: flat from 1.2 m in on either side, 1.6 m wide
  expect(upperEdgeOf(ATTIC, 0, 5)).toEqual([
    [0, 1.2],
    [5, 1.2],
  ]);
  const gable = upperEdgeOf(ATTIC, 1, 4);
  expect(gable.map(([s, z]) => [Number(s.toFixed(6)), Number(z.toFixed(6))])).toEqual([
    [0, 1.2],
    [1.2, 2.4],
    [2, 2.4],
    [2.8, 2.4],
    [4, 1.2],
  ]);
  expect(heightAlong(gable, 0.6)).toBeCloseTo(1.8, 9);
  expect(areaUnder(gable, 0, 2.4)).toBeCloseTo(1.6 * 2.4 + 2 * ((1.2 + 2.4) / 2) * 1.2, 9);
  expect(areaUnder(gable, 0, 1)).toBeCloseTo(4, 9);
  const above = overhead(ATTIC)!;
  expect(above.flat).toBeCloseTo(5 * 1.6, 6);
  for (const slope of above.slopes) expect(slope).toBeCloseTo(5 * 1.2 * Math.SQRT2, 6);
});

test('its surfaces are painted by their own areas, roof windows left out, and each has a name', () => {
  const attic = room({
    bearingDeg: 0,
    widthM: 5,
    depthM: 4,
    heightM: 2.4,
    windows: [],
    shape: {
      ...ATTIC.shape,
      roofWindows: [
        {
          id: 'r',
          slope: 0,
          leftM: 1,
          upM: 0.3,
          widthM: 0.8,
          heightM: 1,
          glazing: 'double',
          curtain: 'open',
          obstructionDeg: 0,
          revealM: 0,
          overhangM: 0,
        },
      ],
    },
  });
  expect(areaOf(attic, 'slope-0')).toBeCloseTo(5 * 1.2 * Math.SQRT2 - 0.8, 6);
  expect(areaOf(attic, 'slope-1')).toBeCloseTo(5 * 1.2 * Math.SQRT2, 6);
  expect(areaOf(attic, 'ceiling')).toBeCloseTo(8, 6);
  expect(areaOf(attic, 'wall-0')).toBeCloseTo(5 * (1.2 - 0.12), 6);
  expect(paintSurfaces(attic).find((s) => s.id === 'slope-0')!.name).toBe('slope over the north wall');
  const { parts } = unfolded(attic);
  expect(parts.filter((p) => p.what === 'slope')).toHaveLength(2);
  expect(parts.filter((p) => p.what === 'wall' && p.outline)).toHaveLength(4);
});

test('on paper a wall under a slope is as high as that leaves it, and its letter stands on it', () => {
  const attic = room({ bearingDeg: 0, widthM: 5, depthM: 4, heightM: 2.4, windows: [], shape: ATTIC.shape });
  const sizes = saySizes(attic, 'metric');
  expect(sizes[0]).toBe('North wall 5.00 × 1.20 m');
  expect(sizes[1]).toMatch(/^East wall 4\.00 × 1\.20 m, up to 2\.40? m$/);
  const drawing = unfolded(attic);
  const letters = Object.fromEntries(['wall-0', 'slope-0'].map((id) => [id, { letter: id, hex: null }]));
  const places = letterPlaces({ unfolded: drawing, letters });
  const floor = drawing.parts.find((p) => p.what === 'wall')!;
  const upFrom = (id: string) => floor.y + floor.height - places.find((p) => p.surface === id)!.y;
  expect(upFrom('wall-0')).toBeCloseTo(0.6, 6);
  expect(upFrom('slope-0')).toBeCloseTo(1.8, 6);
});

test('an L has six walls, named apart; all of them are "all 6 walls", four of them are listed', () => {
  const l = room({
    bearingDeg: 0,
    widthM: 7,
    depthM: 5,
    heightM: 2.6,
    windows: [roomWindow({ wall: 0 })],
    shape: plainShape('L'),
  });
  const walls = paintSurfaces(l).filter((s) => s.kind === 'wall');
  expect(walls.map((w) => w.name)).toEqual([
    'north wall',
    'first east wall',
    'first south wall',
    'second east wall',
    'second south wall',
    'west wall',
  ]);
  expect(sayNames(walls)).toBe('all 6 walls');
  expect(sayNames(walls.slice(0, 4))).toBe('north, first east, first south and second east wall');
  expect(areaOf(l, 'ceiling')).toBeCloseTo(7 * 2 + 4 * 3, 9);
  expect(areaOf(l, 'wall-3')).toBeCloseTo(3 * (2.6 - 0.12), 9);
  expect(unfolded(l).width).toBeCloseTo(7 + 2 + 3 + 3 + 4 + 5, 9);
});

const L = plainShape('L');
test.each([
  [
    'walls that cross',
    {
      ...L,
      plan: [
        [0, 0],
        [4, 0],
        [0, 3],
        [4, 3],
      ] as [number, number][],
    },
    /Walls 2 and 4 cross/,
  ],
  ['a slope under the ceiling', { ...L, slopes: [{ wall: 0, kneeM: 3, pitchDeg: 30 }] }, /begins under the ceiling/],
  ['a slope nobody stands under', { ...L, slopes: [{ wall: 0, kneeM: 0.1, pitchDeg: 5 }] }, /below 1 m/],
  ['a slope over no wall', { ...L, slopes: [{ wall: 9, kneeM: 1, pitchDeg: 30 }] }, /not there any more/],
  [
    'a box outside',
    { ...L, boxes: [{ id: 'b', name: 'Island', xM: 5, yM: 3, widthM: 1, depthM: 1, heightM: 1, colour: null }] },
    /outside the room/,
  ],
])('%s is answered in words at its place', (_, shape, says) => {
  const [issue] = shapeIssues({ shape, heightM: 2.6 });
  expect(issue!.path[0]).toBe('shape');
  expect(issue!.message).toMatch(says);
});
test('a roof window goes no further up than its slope', () => {
  const glazed = { glazing: 'double', curtain: 'open', obstructionDeg: 0, revealM: 0, overhangM: 0 } as const;
  const at = (upM: number) => ({
    ...ATTIC.shape,
    roofWindows: [{ id: 'r', slope: 0, leftM: 1, upM, widthM: 0.8, heightM: 1, ...glazed }],
  });
  // the slope is 1.2 · √2 = 1.70 m long
  expect(shapeIssues({ shape: at(0.6), heightM: 2.4 })).toEqual([]);
  expect(shapeIssues({ shape: at(0.8), heightM: 2.4 })[0]!.message).toBe('It reaches beyond its slope, 1.70 m up along it.');
});
test('a good shape has nothing wrong', () => {
  expect(shapeIssues({ shape: L, heightM: 2.6 })).toEqual([]);
  expect(shapeIssues({ shape: ATTIC.shape, heightM: null })).toEqual([]);
});
