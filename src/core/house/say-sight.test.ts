import { sayBrightness, sayPlanIssue, sayTogether, sayTurn, sayTurns, sayView } from './say-sight';

const names: Record<string, string> = { h: 'Hall', s: 'Sitting room', k: 'Kitchen' };
const nameOf = (id: string) => names[id]!;
const lux = (v: number) => `${v} lx`;

test('a view is told as one walks', () => {
  expect(sayView({ fromId: 'h', toId: 's', spot: 'door', throughRooms: [] }, nameOf)).toBe('From the hall into the sitting room');
  expect(sayView({ fromId: 'k', toId: 's', spot: 'middle', throughRooms: ['h'] }, nameOf)).toBe(
    'From the middle of the kitchen, through the hall, into the sitting room',
  );
});

test('how bright it is on both sides, and what that looks like', () => {
  expect(sayBrightness(60, 320, lux)).toBe('60 lx here, 320 lx there: it glows');
  expect(sayBrightness(320, 60, lux)).toBe('320 lx here, 60 lx there: it lies in shadow');
  expect(sayBrightness(100, 150, lux)).toBe('100 lx here, 150 lx there');
});

test('turns in whole steps, by day and by lamps', () => {
  expect(sayTurn({ towards: 'pinker', steps: 1.2 })).toBe('a step pinker');
  expect(sayTurn({ towards: 'bluer', steps: 12 })).toBe('much bluer (12 steps)');
  const pink = { towards: 'pinker', steps: 2.1, clock: '16:30' };
  expect(sayTurns(pink, { turn: null }, 'Hall')).toBe('at 16:30 the hall makes this wall two steps pinker; by lamps they agree');
  expect(sayTurns(pink, null, 'Hall')).toBe('at 16:30 the hall makes this wall two steps pinker');
  expect(sayTurns(null, { turn: { towards: 'yellower', steps: 3 } }, 'Hall')).toBe(
    'the hall makes this wall by lamps three steps yellower',
  );
  expect(sayTurns(null, { turn: null }, 'Hall')).toBe('');
});

test('a clash is named by what the far wall is', () => {
  expect(sayTogether({ kind: 'clash', reason: 'too-pink' })).toBe('too pink');
  expect(sayTogether({ kind: 'jump', reason: null })).toBe('a jump, meant?');
});

test('what of a plan cannot be is told at its door or rooms', () => {
  const words = { doorOf: () => 'the door between A and B', nameOf, sayLength: (m: number) => `${m.toFixed(2)} m` };
  expect(sayPlanIssue({ kind: 'gap', doorId: 'd', metres: 1.5 }, words)).toContain('1.50 m apart');
  expect(sayPlanIssue({ kind: 'overlap', rooms: ['h', 'k'], areaM2: 3 }, words)).toContain(
    'Hall and Kitchen would lie over each other',
  );
  expect(sayPlanIssue({ kind: 'turned', doorId: 'd' }, words)).toContain('do not face each other');
  expect(sayPlanIssue({ kind: 'one-floor', doorId: 'd' }, words)).toContain('stairs');
});
