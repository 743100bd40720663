import rooms from '../../../tests/golden/roomcases.json';
import { all } from '../../../tests/all';
import { day, lookIn, travertine, usedFor } from '../../../tests/lit-room';
import { lrvOf } from '../colour/lab';
import { reflectanceFromLab } from '../colour/reflectance';
import { WALL_ROLES, type Role } from '../companions/roles';
import type { RoomKind } from '../room/use';
import { companions, type CompanionRoom } from './companions';
import type { MadeColour } from './copies';
import { toTheEnd } from './steps';

const palette: readonly MadeColour[] = rooms.deck.flatMap(({ id, lab: [l, a, b] }) => {
  const lab = { l: l!, a: a!, b: b! };
  const found = reflectanceFromLab(lab);
  return found.ok ? [{ id, maker: 'One', strength: 100, lab, reflectance: found.value }] : [];
});
const { skies: _, ...today } = day;
function roomOf(id: string, kind: RoomKind, widthM: number): CompanionRoom {
  const windows = today.room.windows.map((w) => ({ ...w, widthM }));
  return { id, kind, lit: { day: { ...today, room: { ...today.room, windows } }, lookIn, usedFor }, stays: [] };
}
const wall = { id: 'wall', lab: { l: 74, a: 2, b: 9 } };
const here = { ...roomOf('here', 'living', 1.5), stays: [travertine] };
function asked(others: readonly CompanionRoom[]) {
  const found = toTheEnd(companions({ wall, maker: 'One', here, others }, palette));
  if (!found.ok) throw new Error(found.reason);
  return found.companions;
}
const placeOf = (found: ReturnType<typeof asked>, role: Role) => found.find((c) => c.role === role)!.roomId;

test('what is quiet is for the brightest of the other rooms, what is deep for one to wind down in, the bridge for the hall', () => {
  const found = asked([
    roomOf('dim', 'other', 0.5),
    roomOf('bright', 'kitchen', 1.9),
    roomOf('bed', 'bedroom', 0.9),
    roomOf('hall', 'hall', 0.6),
  ]);
  expect([placeOf(found, 'quiet'), placeOf(found, 'deep'), placeOf(found, 'bridge')]).toEqual(['bright', 'bed', 'hall']);
  expect([placeOf(found, 'light-trim'), placeOf(found, 'accent')]).toEqual([null, null]);
});

test('in a visit of one room all of it is for that room', () => {
  expect(all(asked([]), (c) => c.roomId === null)).toBe(true);
});

test('below a rail it is deeper than the wall, above it lighter, on one wall of four told from it; none fights', () => {
  const found = asked([]);
  const lrv = lrvOf(wall.lab);
  const of = (role: Role) => found.filter((c) => c.role === role);
  expect(all(of('wall-below'), (c) => lrvOf(c.lab) <= lrv - 8)).toBe(true);
  expect(all(of('wall-above'), (c) => lrvOf(c.lab) >= lrv + 6)).toBe(true);
  expect(all(of('wall-focal'), (c) => Math.abs(lrvOf(c.lab) - lrv) >= 10)).toBe(true);
  expect(all(WALL_ROLES.flatMap(of), (c) => c.standing.verdict !== 'no')).toBe(true);
});
