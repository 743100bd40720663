import { all } from '../../../tests/all';
import { deck as demo, paint } from '../../../tests/demo-paints';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { chroma, lrvOf } from '../colour/lab';
import { GRID } from '../colour/grid';
import type { Lab } from '../colour/types';
import { describeBox } from '@/core/derived/describe-room';
import type { JudgedStay } from './judgement-protocol';
import { toTheEnd } from './steps';
import { surfaceWays, type Way, type WaysAnswer } from './surface-ways';

const paints = demo.colours.map((c) => paint(c.code));
const labs = Float32Array.from(paints.flatMap(({ lab: { l, a, b } }) => [l, a, b]));
const curves = new Float32Array(paints.length * GRID.count);
paints.forEach(({ reflectance }, k) => curves.set(reflectance!, GRID.count * k));
const deck = { ids: demo.colours.map((c) => c.code), makers: demo.colours.map(() => 'F'), strengths: [100], labs, curves };

const thing = (name: string, lab: Lab, kind: JudgedStay['kind'] = 'fixed'): JudgedStay => ({
  id: name,
  name,
  kind,
  school: 'share',
  components: [{ id: name, name, share: 1, lab }],
});
const of = room({ bearingDeg: 0, windows: [roomWindow({ widthM: 1.6, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1500 })] });
const lit = {
  day: {
    room: describeBox(of).description,
    place: { latitude: 51.45, longitude: -2.59 },
    date: '2026-09-23',
    zone: 'Europe/London',
  },
  lookIn: { position: 'wall-2', lampsOn: false, scale: 1 },
  usedFor: { use: 'all', skies: null },
} as const;
const OAK = thing('oak', { l: 55, a: 10, b: 25 });
const MARBLE = thing('marble', { l: 85, a: -0.3, b: 0.5 });
const TRAVERTINE = thing('travertine', { l: 78, a: 3.6, b: 13 });
const WALLS = {
  greige: { l: 80, a: 1, b: 7 },
  taupe: { l: 68, a: 4, b: 8 },
  cream: { l: 92, a: 0.5, b: 11 },
  charcoal: { l: 28, a: 0, b: -3 },
} as const;

const ask = (stays: readonly JudgedStay[], wall: Lab | null, ways: readonly Way[] = []) =>
  toTheEnd(
    surfaceWays({ lit, stays, wall: wall && thing('the wall', wall, 'painted'), ways, on: 'trim', findWhite: true }, deck),
  ) as WaysAnswer;

describe('a white for a wall, in every light of a room (BRIEF of the trade; common practice, no source)', () => {
  test('beside a taupe wall it is a clean white, not a yellowish one', () => {
    for (const stay of [OAK, MARBLE]) {
      const { white } = ask([stay], WALLS.taupe);
      expect(white!.lab.b).toBeLessThan(3);
      expect(white!.verdict).toBe('works');
    }
  });
  test('beside cream it is a soft one: the cleanest white would date it', () => {
    const { white } = ask([OAK], WALLS.cream);
    expect(white!.lab.b).toBeGreaterThan(4);
  });
  test('beside travertine nothing clean stands without reserve, and what is found says so', () => {
    const { white } = ask([TRAVERTINE], WALLS.greige);
    expect(white).toMatchObject({ verdict: 'nearly', beside: 'travertine' });
    expect(white!.lab.a).toBeGreaterThan(0);
  });
  test('it is a white, and lighter than the wall', () => {
    for (const wall of [WALLS.greige, WALLS.taupe, WALLS.charcoal]) {
      const { white } = ask([OAK], wall);
      expect(lrvOf(white!.lab)).toBeGreaterThan(Math.max(80, lrvOf(wall) + 4));
      expect(chroma(white!.lab)).toBeLessThan(6);
    }
  });
  test('no white of the deck stands better beside wall and floor', () => {
    const whites = paints.filter((p) => lrvOf(p.lab) >= 84 && chroma(p.lab) <= 6);
    const ways = whites.map((p, k): Way => ({
      key: String(k),
      swatch: { id: String(k), lab: p.lab, spectrum: [...p.reflectance!] },
      besideWall: true,
    }));
    const answer = ask([TRAVERTINE], WALLS.taupe, ways);
    const rank = (verdict: string) => ['works', 'nearly', 'no'].indexOf(verdict);
    expect(all(answer.ways, (w) => rank(w.verdict) >= rank(answer.white!.verdict))).toBe(true);
  });
});

test('a colour is judged beside the wall where it is to stand beside it, and not where it is the wall’s own', () => {
  const near = { id: 'near', lab: { ...WALLS.greige, a: -1.5, b: 7.5 } };
  const ways = [
    { key: 'own', swatch: near, besideWall: false },
    { key: 'beside', swatch: near, besideWall: true },
  ];
  const { ways: judged } = ask([], WALLS.greige, ways);
  expect(judged[0]).toMatchObject({ key: 'own', verdict: 'works', beside: null });
  expect(judged[1]!.verdict).not.toBe('works');
  expect(judged[1]!.beside).toBe('the wall');
});

test('trim may blend with a finish, not with the wall; a ceiling with either', () => {
  const skirting = thing('skirting', { l: 94, a: 0, b: 3 });
  const near = { key: 'near', swatch: { id: 'near', lab: { l: 93, a: 0.2, b: 3.4 } }, besideWall: true };
  const judged = (on: 'ceiling' | 'trim', stays: JudgedStay[], wall: Lab) =>
    (
      toTheEnd(
        surfaceWays({ lit, stays, wall: thing('the wall', wall, 'painted'), ways: [near], on, findWhite: false }, deck),
      ) as WaysAnswer
    ).ways[0]!;
  expect(judged('trim', [skirting], WALLS.taupe)).toMatchObject({ verdict: 'works' });
  expect(judged('trim', [], { l: 94, a: 0, b: 3 })).toMatchObject({
    verdict: 'nearly',
    reason: 'too-close',
    beside: 'the wall',
  });
  expect(judged('ceiling', [], { l: 94, a: 0, b: 3 })).toMatchObject({ verdict: 'works' });
});

test('a room with no wall decided, or nothing that stays, is answered too', () => {
  expect(ask([], null).white!.verdict).toBe('works');
});

test('a room that cannot be says so', () => {
  const wrong = { ...lit, day: { ...lit.day, room: { ...lit.day.room, windows: [{ ...lit.day.room.windows[0]!, widthM: 9 }] } } };
  const answer = toTheEnd(surfaceWays({ lit: wrong, stays: [OAK], wall: null, ways: [], on: 'ceiling', findWhite: false }, deck));
  expect(answer).toMatchObject({ ok: false, reason: 'cannot-be' });
});
