import { deck as demo, paint } from '../../../tests/demo-paints';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { GRID } from '../colour/grid';
import type { Lab } from '../colour/types';
import { describeBox } from '@/core/derived/describe-room';
import { DEFAULT_SCHOOLS } from '../judge/light-schools';
import type { Thing } from '../record/thing';
import { changesOf, type ChangesAnswer } from './changes';
import { judgedDeck } from './judged-deck';
import type { JudgedStay } from './judgement-protocol';
import { toTheEnd } from './steps';
import { surfaceStay } from './surface-stay';

const paints = demo.colours.map((c) => paint(c.code));
const labs = Float32Array.from(paints.flatMap(({ lab: { l, a, b } }) => [l, a, b]));
const curves = new Float32Array(paints.length * GRID.count);
paints.forEach(({ reflectance }, k) => curves.set(reflectance!, GRID.count * k));
const deck = { ids: demo.colours.map((c) => c.code), makers: demo.colours.map(() => 'F'), strengths: [100], labs, curves };
const of = room({ bearingDeg: 0, windows: [roomWindow({ widthM: 1.6, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1500 })] });
const advised = {
  day: {
    room: describeBox(of).description,
    place: { latitude: 51.45, longitude: -2.59 },
    date: '2026-09-23',
    zone: 'Europe/London',
  },
  lookIn: { position: 'wall-2', lampsOn: false, scale: 1 },
  usedFor: { use: 'all', skies: null },
  kind: 'living',
  schools: DEFAULT_SCHOOLS,
  wish: 'warmer',
} as const;
const thing = (name: string, lab: Lab): JudgedStay => ({
  id: name,
  name,
  kind: 'fixed',
  school: 'share',
  components: [{ id: name, name, share: 1, lab }],
});
const OAK = thing('Oak floor', { l: 55, a: 10, b: 25 });
const BLUE = thing('Blue-grey hearth', { l: 52, a: -2, b: -8 });
const ask = (things: readonly JudgedStay[], are: readonly Thing[]) =>
  toTheEnd(changesOf({ room: advised, things, are }, deck)) as ChangesAnswer;
const worksBeside = (things: readonly JudgedStay[]) => {
  const judged = toTheEnd(judgedDeck(JSON.stringify(things.map((t) => t.id)), advised, { stays: things.map(surfaceStay), deck }));
  if (!judged.ok) throw new Error('no light');
  return new Set(judged.advice.flatMap((a, k) => (a?.verdict === 'works' ? [k] : [])));
};

test('what a thing’s going opens up is what trying the whole deck without it finds', () => {
  const { changes } = ask([OAK, BLUE], ['floor', 'hearth']);
  const now = worksBeside([OAK, BLUE]);
  for (const [k, others] of [[BLUE], [OAK]].entries()) {
    const then = worksBeside(others);
    expect(changes[k]!.opens).toBe([...then].filter((p) => !now.has(p)).length);
  }
  // a blue-grey finish rules where warmth is wished for
  expect(changes[1]!.opens).toBeGreaterThan(changes[0]!.opens);
  expect(changes[1]!.best).not.toBeNull();
  expect(changes[1]!.region).toBeNull();
});

test('for a floor not chosen yet it says what leaves most walls possible, which is no fewer than beside this one', () => {
  const { changes } = ask([thing('Blue carpet', { l: 50, a: -3, b: -12 })], ['floor']);
  const { region } = changes[0]!;
  expect(region!.works).toBeGreaterThan(region!.now);
  expect(region!.says).toMatch(/^(pale|mid|dark) /);
});

test('a room with nothing in it has nothing to change', () => {
  expect(ask([], [])).toEqual({ ok: true, changes: [] });
});
