import { room, roomWindow } from '../../../tests/made-up-room';
import { seededRandom } from '../base/random';
import { coveredArea, openingsOf } from './openings';
import { paintSurfaces } from './paint-surfaces';
import { paintworkSchema, type Paintwork } from '@/core/record/paintwork';
import type { Room } from '@/core/record/room';
import { unfolded } from './unfolded';

const id = (n: number) => `01a217f3-80e9-7106-930d-${String(n).padStart(12, '0')}`;
const paintwork = (more: Parameters<typeof paintworkSchema.parse>[0]): Paintwork => paintworkSchema.parse(more);
const box = (more: Partial<Room> = {}) =>
  room({ widthM: 5, depthM: 4, heightM: 2.5, bearingDeg: 0, windows: [], paintwork: paintwork({ skirtingM: 0.1 }), ...more });
const areaOf = (of: Room, surface: string) => paintSurfaces(of).find((s) => s.id === surface)?.areaM2;

describe('areas of a room', () => {
  test('a plain box: walls from skirting to ceiling, skirting all around, the ceiling', () => {
    expect(areaOf(box(), 'wall-0')).toBeCloseTo(5 * 2.4, 10);
    expect(areaOf(box(), 'wall-1')).toBeCloseTo(4 * 2.4, 10);
    expect(areaOf(box(), 'ceiling')).toBeCloseTo(20, 10);
    expect(paintSurfaces(box()).find((s) => s.id === 'trim')).toMatchObject({ name: 'skirting', runM: 18 });
    expect(areaOf(box(), 'trim')).toBeCloseTo(1.8, 10);
  });

  test('openings are left out: a window of 1.2 by 1.3, a door that cuts the skirting too', () => {
    const of = box({
      windows: [roomWindow({ wall: 0, widthM: 1.2, heightM: 1.3, sillM: 0.9 })],
      paintwork: paintwork({
        skirtingM: 0.1,
        doors: [{ id: id(1), wall: 1, widthM: 0.8, heightM: 2, leadsTo: 'the hall', sides: 'both' }],
      }),
    });
    expect(areaOf(of, 'wall-0')).toBeCloseTo(5 * 2.4 - 1.2 * 1.3, 10);
    expect(areaOf(of, 'wall-1')).toBeCloseTo(4 * 2.4 - 0.8 * 1.9, 10);
    expect(areaOf(of, `door:${id(1)}`)).toBeCloseTo(2 * 0.8 * 2, 10);
    const trim = paintSurfaces(of).find((s) => s.id === 'trim')!;
    expect(trim.name).toBe('skirting, window and door frames');
    expect(trim.runM).toBeCloseTo(18 - 0.8 + 2 * (1.2 + 1.3) + 2 * 2 + 0.8, 10);
  });

  test('a rail parts a wall in two, and the parts make the wall, whatever is in it', () => {
    const windows = [roomWindow({ wall: 0, widthM: 1.2, heightM: 1.3, sillM: 0.5 })];
    const whole = box({ windows });
    const parted = box({ windows, paintwork: paintwork({ skirtingM: 0.1, rails: [{ wall: 0, heightM: 1 }] }) });
    expect(areaOf(parted, 'wall-0')! + areaOf(parted, 'wall-0-below')!).toBeCloseTo(areaOf(whole, 'wall-0')!, 10);
    expect(areaOf(parted, 'wall-0-below')).toBeCloseTo(5 * 0.9 - 1.2 * 0.5, 10);
    expect(paintSurfaces(parted)[0]!.name).toBe('north wall above the rail');
  });

  test('a front door has an outside of its own; two doors of one name are told apart', () => {
    const doors = [
      { id: id(1), wall: 0 as const, outside: true, sides: 'both' as const },
      { id: id(2), wall: 1 as const, leadsTo: 'the hall' },
      { id: id(3), wall: 2 as const, leadsTo: 'the hall' },
    ];
    const names = paintSurfaces(box({ paintwork: paintwork({ doors }) })).map((s) => s.name);
    expect(names).toEqual(expect.arrayContaining(['front door, inside', 'front door, outside']));
    expect(names).toEqual(expect.arrayContaining(['door to the hall in the east wall', 'door to the hall in the south wall']));
  });

  test('a room of which nothing was measured has the usual measures, and says so; nothing is measured against the door', () => {
    const of = box({ widthM: null, depthM: null, heightM: null });
    for (const { areaM2, assumed, id: surface } of paintSurfaces(of)) {
      expect(areaM2).toBeGreaterThan(1);
      expect({ surface, assumed }).toEqual({ surface, assumed: true });
    }
  });

  test('an opening larger than its wall leaves nothing, never less', () => {
    const doors = [{ id: id(1), wall: 1 as const, widthM: 9, heightM: 3, leftM: 1 }];
    const of = box({ paintwork: paintwork({ skirtingM: 0.1, doors }) });
    expect(areaOf(of, 'wall-1')).toBeCloseTo(1 * 2.4, 10);
    expect(areaOf(box({ paintwork: paintwork({ skirtingM: 1 }), heightM: 0.5 }), 'wall-0')).toBe(0);
  });
});

describe('area covered by rectangles', () => {
  test('as by throwing points at them (20 drawn sets, 40,000 points each)', () => {
    const random = seededRandom(3);
    for (let k = 0; k < 20; k++) {
      const rects = Array.from({ length: 5 }, () => {
        const [s0, z0] = [random() * 3, random() * 2];
        return { s0, s1: s0 + random() * 2, z0, z1: z0 + random() };
      });
      let inside = 0;
      for (let n = 0; n < 40_000; n++) {
        const [s, z] = [random() * 5, random() * 3];
        if (rects.some((r) => s >= r.s0 && s <= r.s1 && z >= r.z0 && z <= r.z1)) inside += 1;
      }
      expect(Math.abs(coveredArea(rects) - (inside / 40_000) * 15)).toBeLessThan(0.25);
    }
  });

  test('two that overlap count once, none is nothing', () => {
    const one = { s0: 0, s1: 1, z0: 0, z1: 1 };
    expect(coveredArea([one, { s0: 0.5, s1: 1.5, z0: 0.5, z1: 1.5 }])).toBeCloseTo(1.75, 12);
    expect(coveredArea([])).toBe(0);
  });
});

describe('the room unfolded', () => {
  const doors = [{ id: id(1), wall: 1 as const }];
  const windows = [roomWindow({ wall: 1, leftM: null }), roomWindow({ id: 'w2', wall: 3 })];
  const of = box({ windows, paintwork: paintwork({ skirtingM: 0.1, doors, rails: [{ wall: 3, heightM: 1 }] }) });

  test('walls stand side by side in the order of turning right, as long together as the room is around', () => {
    const { width, parts } = unfolded(of);
    expect(width).toBeCloseTo(18, 10);
    const walls = parts.filter((p) => p.what === 'wall');
    expect(walls.map((w) => w.surface)).toEqual(['wall-0', 'wall-1', 'wall-2', 'wall-3']);
    walls.slice(1).forEach((w, k) => expect(w.x).toBeCloseTo(walls[k]!.x + walls[k]!.width, 10));
  });

  test('every surface of the room stands in it, but the outside of a door and what stands free', () => {
    const drawn = new Set(unfolded(of).parts.flatMap((p) => p.surface ?? []));
    expect([...drawn].sort()).toEqual(
      paintSurfaces(of)
        .map((s) => s.id)
        .sort(),
    );
  });

  test('a door that was not placed stands clear of the window of its wall', () => {
    const [window, door] = openingsOf(of).filter((o) => o.wall === 1);
    expect(door!.rect.s0 >= window!.rect.s1 || door!.rect.s1 <= window!.rect.s0).toBe(true);
  });

  test('a room without skirting has none drawn', () => {
    expect(unfolded(box({ paintwork: paintwork({ skirtingM: 0 }) })).parts.some((p) => p.what === 'skirting')).toBe(false);
  });
});
