import { choice, decision, WALL_SURFACES } from '../../../tests/made-up-decision';
import { candidate, room } from '../../../tests/made-up-room';
import { relation } from '../judge/relation';
import { coloursOf, judgedThings, paintedThing } from './judged-things';
import { decidedRoom } from '@/core/derived/decided';

const base = room();
const trim = base.stays.find((s) => s.id === 'trim')!;
const white = { ...candidate('white', 100), lab: { l: 95, a: -0.4, b: 2.5 }, name: 'Test White' };
const withTrim = {
  ...base,
  candidates: [...base.candidates, white],
  decisions: [decision(['trim'], choice({ candidateId: 'white' }))],
};

describe('what a wall is judged beside', () => {
  test('what stays, as it is, as long as nothing is decided', () => {
    expect(judgedThings(base).map((t) => [t.id, t.kind])).toEqual(base.stays.map((s) => [s.id, s.kind]));
    expect(judgedThings(base)).toBe(judgedThings(base));
  });

  test('trim that is decided to be painted stands there in its new colour, as a paint of the same job', () => {
    const things = judgedThings(withTrim);
    expect(things.map((t) => t.id)).toEqual(base.stays.map((s) => s.id));
    const painted = things.find((t) => t.id === trim.id)!;
    expect(painted).toMatchObject({ kind: 'painted', name: trim.name, components: [{ id: 'white', share: 1, lab: white.lab }] });
    expect(
      judgedThings({ ...withTrim, decisions: [...withTrim.decisions, decision(['trim'], { what: 'open', candidateId: null })] }),
    ).toEqual(judgedThings(base));
  });

  test('wall beside trim, and trim beside wall: one verdict, whichever is chosen first', () => {
    const beige = { ...candidate('beige', 100), lab: { l: 90, a: 1, b: 9 } };
    const walls = {
      ...withTrim,
      candidates: [...withTrim.candidates, beige],
      decisions: [...withTrim.decisions, decision(WALL_SURFACES, choice({ candidateId: 'beige' }))],
    };
    const wall = paintedThing(decidedRoom(walls), 'wall', { id: 'walls', name: 'the wall' })!;
    const inSearch = relation(
      judgedThings(walls).find((t) => t.id === trim.id)!,
      beige.lab,
    );
    const inDecide = relation(wall, white.lab);
    expect(inDecide.verdict).toBe(inSearch.verdict);
    expect(inDecide.cost).toBeCloseTo(inSearch.cost, 9);
  });

  test('colours of a kind by their area, largest first', () => {
    const parted = {
      ...withTrim,
      decisions: [decision(WALL_SURFACES.slice(0, 3)), decision(WALL_SURFACES.slice(3), { candidateId: 'white' })],
    };
    const found = coloursOf(decidedRoom(parted), 'wall');
    expect(found.map((c) => c.candidate.id)).toEqual(['c75', 'white']);
    expect(found[0]!.areaM2).toBeGreaterThan(found[1]!.areaM2);
    expect(paintedThing(decidedRoom(parted), 'ceiling', { id: 'c', name: 'ceiling' })).toBeNull();
  });
});
