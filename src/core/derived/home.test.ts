import { room, verdict, visit } from '../../../tests/made-up-room';
import { look } from '../../../tests/made-up-look';
import { homeOf, inOrder, isOfKind, partlySeen, sayHome, sayLooks, type Home } from './home';

const settled = room({
  lamps: [],
  verdicts: ['floor', 'trim'].flatMap((stayId) =>
    (['window-day', 'overcast'] as const).map((light) => verdict({ candidateId: 'c100', stayId, light })),
  ),
  candidates: [room().candidates[0]!],
});

test('a home is known by what works in its rooms, and says how far each is', () => {
  const home = homeOf({
    ...visit(),
    rooms: [settled, room({ id: 'r2' }), room({ id: 'r3', candidates: [], stays: [], windows: [], bearingDeg: null })],
  });
  expect(home.rooms.map((r) => r.state)).toEqual(['settled', 'begun', 'nothing']);
  expect(home.rooms[0]!.colours).toEqual([
    { hex: expect.stringMatching(/^#[0-9a-f]{6}$/) as string, name: 'Test Shell 100 %', works: true, partly: false },
  ]);
  expect(home.rooms[1]!.colours.map((c) => c.works)).toEqual([false, false]);
  expect(home.rooms[2]!.colours).toEqual([]);
  expect(sayHome(home)).toBe('3 rooms: 1 settled');
  expect(sayHome({ ...home, rooms: [home.rooms[0]!] })).toBe('1 room, settled');
  expect(sayHome({ ...home, rooms: [home.rooms[2]!] })).toBe('1 room, nothing tried yet');
});

test('the day is that of the home, not of the server: an evening in Wellington is not the day before', () => {
  const evening = {
    ...visit(),
    createdAt: '2026-09-22T20:00:00.000Z',
    place: { ...visit().place, timeZone: 'Pacific/Auckland' },
  };
  expect(homeOf(evening).day).toBe('2026-09-23');
  expect(homeOf({ ...evening, visitedOn: '2026-03-14' }).day).toBe('2026-03-14');
});

test('looks still to be taken are counted, with the day of the next; colours seen in part are', () => {
  const day = (date: string) => date;
  const looks = [look({ date: '2026-10-26' }), look({ date: '2026-10-25' }), look({ state: 'dropped' }), look()];
  const home = homeOf({ ...visit(), rooms: [{ ...settled, looks }] });
  expect(sayLooks(home, day)).toBe('3 looks to go, the next on 2026-10-25');
  expect(sayLooks({ looksToGo: 1, nextLook: '2026-10-25' }, day)).toBe('1 look to go, on 2026-10-25');
  expect(sayLooks({ looksToGo: 0, nextLook: null }, day)).toBe('');
  expect(partlySeen(home)).toBe(0);
  const ruling = { id: 'r', candidateId: 'c100', ruling: 'works' as const, note: '', at: '2026-09-23T12:00:00.000Z' };
  expect(partlySeen(homeOf({ ...visit(), rooms: [{ ...settled, verdicts: [], rulings: [ruling] }] }))).toBe(1);
});

test('what is said of a home is true: signed, decided and tried rooms are told apart', () => {
  const [one] = homeOf({ ...visit(), rooms: [settled] }).rooms;
  const of = (...states: Home['rooms'][number]['state'][]) => ({
    ...homeOf(visit()),
    rooms: states.map((state) => ({ ...one!, state })),
  });
  expect(sayHome(of('signed', 'decided', 'being-tried', 'nothing'))).toBe(
    '4 rooms: 1 signed, 1 decided, not signed, 1 being tried',
  );
  expect(sayHome(of('signed', 'signed'))).toBe('2 rooms, signed');
  expect([isOfKind(of('signed', 'signed'), 'signed'), isOfKind(of('signed', 'decided'), 'signed')]).toEqual([true, false]);
  expect([isOfKind(of('signed', 'decided'), 'open'), isOfKind(of('nothing'), 'all')]).toEqual([true, true]);
});

test('homes by day, next date, name and client; those without it last', () => {
  const home = (label: string, more: Partial<Home>): Home => ({ ...homeOf(visit()), label, ...more });
  const all = [
    home('Row 10', { day: '2026-03-01', nextLook: null, clientName: 'B. Reed' }),
    home('Row 9', { day: '2026-05-01', nextLook: '2026-06-02', clientName: '' }),
    home('Acre', { day: '2026-04-01', nextLook: '2026-05-02', clientName: 'A. Moss' }),
  ];
  const names = (order: Parameters<typeof inOrder>[1]) => inOrder(all, order).map((h) => h.label);
  expect(names('newest')).toEqual(['Row 9', 'Acre', 'Row 10']);
  expect(names('next')).toEqual(['Acre', 'Row 9', 'Row 10']);
  expect(names('name')).toEqual(['Acre', 'Row 9', 'Row 10']);
  expect(names('client')).toEqual(['Acre', 'Row 10', 'Row 9']);
});
