import { deck as demo, paint } from '../../../tests/demo-paints';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { chroma, lrvOf } from '../colour/lab';
import { GRID } from '../colour/grid';
import type { Lab } from '../colour/types';
import { describeBox } from '@/core/derived/describe-room';
import { DEFAULT_SCHOOLS } from '../judge/light-schools';
import type { Wish } from '../judge/wish';
import type { RoomKind } from '../room/use';
import { house, type HouseAnswer, type HouseRoom } from './house';
import { judgedDeck } from './judged-deck';
import type { JudgedStay } from './judgement-protocol';
import { toTheEnd } from './steps';
import { surfaceStay } from './surface-stay';

const paints = demo.colours.map((c) => paint(c.code));
const labs = Float32Array.from(paints.flatMap(({ lab: { l, a, b } }) => [l, a, b]));
const curves = new Float32Array(paints.length * GRID.count);
paints.forEach(({ reflectance }, k) => curves.set(reflectance!, GRID.count * k));
const deck = { ids: demo.colours.map((c) => c.code), makers: demo.colours.map(() => 'F'), strengths: [100], labs, curves };

const thing = (name: string, lab: Lab): JudgedStay => ({
  id: name,
  name,
  kind: 'fixed',
  school: 'share',
  components: [{ id: name, name, share: 1, lab }],
});
const of = (bearingDeg: number) =>
  room({ bearingDeg, windows: [roomWindow({ widthM: 1.6, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1500 })] });
type Of = { readonly id: string; readonly kind: RoomKind; readonly bearingDeg: number; readonly wish: Wish | null };
function houseRoom({ id, kind, bearingDeg, wish }: Of, ...things: JudgedStay[]): HouseRoom {
  return {
    id,
    things,
    room: {
      day: {
        room: describeBox(of(bearingDeg)).description,
        place: { latitude: 51.45, longitude: -2.59 },
        date: '2026-09-23',
        zone: 'Europe/London',
      },
      lookIn: { position: 'wall-2', lampsOn: false, scale: 1 },
      usedFor: { use: 'all', skies: null },
      kind,
      schools: DEFAULT_SCHOOLS,
      wish,
    },
  };
}
const ROOMS = [
  houseRoom({ id: 'hall', kind: 'hall', bearingDeg: 0, wish: null }, thing('Oak floor', { l: 55, a: 10, b: 25 })),
  houseRoom({ id: 'kitchen', kind: 'kitchen', bearingDeg: 90, wish: 'lighter' }, thing('White tile', { l: 94, a: -0.5, b: 1 })),
  houseRoom({ id: 'dining', kind: 'dining', bearingDeg: 270, wish: 'deeper' }, thing('Walnut floor', { l: 36, a: 8, b: 14 })),
];
const found = toTheEnd(house({ rooms: ROOMS }, deck)) as HouseAnswer;

/** What the search says of a room. */
const verdictsIn = ({ room: of_, things }: HouseRoom, of = deck) => {
  const judged = toTheEnd(judgedDeck(JSON.stringify(of_), of_, { stays: things.map(surfaceStay), deck: of }));
  if (!judged.ok) throw new Error('no light');
  const per = of.strengths.length;
  return new Map(
    judged.advice.map((a, k) => [`${of.ids[Math.floor(k / per)]!}${per > 1 ? ` ${of.strengths[k % per]}` : ''}`, a?.verdict]),
  );
};

test('every room is served, and by nothing that the search does not find to work there', () => {
  expect(found.exact).toBe(true);
  expect(found.without).toEqual([]);
  for (const room_ of ROOMS) {
    const verdicts = verdictsIn(room_);
    const serving = found.fewest.filter((f) => f.rooms.includes(room_.id));
    expect(serving.length).toBeGreaterThan(0);
    const allowed = found.nearly.includes(room_.id) ? ['works', 'nearly'] : ['works'];
    for (const { id } of [...serving, ...found.own.filter((o) => o.rooms.includes(room_.id))])
      expect(allowed).toContain(verdicts.get(id));
  }
});

test('its palette has roles, the deep one in a room to wind down in', () => {
  const roles = new Map(found.palette.map((p) => [p.role, p]));
  expect(lrvOf(roles.get('quiet')!.lab)).toBeGreaterThan(60);
  expect(roles.get('deep')!.rooms).toContain('dining');
  expect(chroma(roles.get('accent')!.lab)).toBeGreaterThan(20);
});

test('one white for all trim is a white, and says where it stands worst', () => {
  const { trim } = found;
  expect(lrvOf(trim!.lab)).toBeGreaterThanOrEqual(80);
  expect(chroma(trim!.lab)).toBeLessThanOrEqual(6);
  if (trim!.verdict === 'works') expect(trim!.roomId).toBeNull();
  else expect(ROOMS.map((r) => r.id)).toContain(trim!.roomId);
});

test('a house of no rooms, and of one', () => {
  expect(toTheEnd(house({ rooms: [] }, deck))).toMatchObject({ ok: true, fewest: [], palette: [], trim: null });
  expect((toTheEnd(house({ rooms: ROOMS.slice(0, 1) }, deck)) as HouseAnswer).fewest).toHaveLength(1);
});

test('a room that keeps its colour is served by that alone; one the deck has no more keeps nothing', () => {
  const [hall, ...others] = ROOMS;
  const kept = deck.ids.find((id) => !found.fewest.some((f) => f.id === id))!;
  const keeping = (id: string) =>
    toTheEnd(house({ rooms: [{ ...hall!, keeps: { id, strength: 100 } }, ...others] }, deck)) as HouseAnswer;
  const { fewest, own } = keeping(kept);
  expect(fewest.filter((f) => f.rooms.includes('hall')).map((f) => f.id)).toEqual([kept]);
  expect(own.find((o) => o.rooms.includes('hall'))!.id).toBe(kept);
  expect(keeping('gone').fewest).toEqual(found.fewest);
});

test('what each room’s own colour would be in each other is what the search says of it there', () => {
  expect(found.across).toHaveLength(6);
  for (const to of ROOMS) {
    const verdicts = verdictsIn(to);
    for (const { from, verdict } of found.across.filter((x) => x.in === to.id))
      expect([from, to.id, verdict]).toEqual([from, to.id, verdicts.get(found.own.find((o) => o.rooms.includes(from))!.id)]);
  }
});

test('the same colour at another strength is told where it works only so, and of no room twice', () => {
  const strengths = [50, 100];
  const each = paints.flatMap(({ lab, reflectance }) => {
    const weaker = { l: (lab.l + 96) / 2, a: lab.a / 2, b: lab.b / 2 };
    const white = Float64Array.from(reflectance!, (r) => (r + 0.9) / 2);
    return [
      { lab: weaker, reflectance: white },
      { lab, reflectance: reflectance! },
    ];
  });
  const half = new Float32Array(each.length * GRID.count);
  each.forEach((c, k) => half.set(c.reflectance, GRID.count * k));
  const two = { ...deck, strengths, labs: Float32Array.from(each.flatMap(({ lab: { l, a, b } }) => [l, a, b])), curves: half };
  const { fewest } = toTheEnd(house({ rooms: ROOMS }, two)) as HouseAnswer;
  for (const { id, strength, rooms, also } of fewest) {
    const all = [...rooms, ...also.flatMap((a) => a.rooms)];
    expect(new Set(all).size).toBe(all.length);
    const other = strength === 100 ? 50 : 100;
    const only = ROOMS.filter((r) => !rooms.includes(r.id) && verdictsIn(r, two).get(`${id} ${other}`) === 'works').map(
      (r) => r.id,
    );
    expect(also).toEqual(only.length > 0 ? [{ strength: other, rooms: only }] : []);
  }
});
