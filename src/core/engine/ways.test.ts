import { roomDoorSchema } from '@/core/record/paintwork';
import { decision, WALL_SURFACES } from '../../../tests/made-up-decision';
import { candidate, room, verdict } from '../../../tests/made-up-room';
import { decidedRoom } from '@/core/derived/decided';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { DeckColour } from '@/core/derived/deck-colour';
import { isRaked, sayWorst, sheenOf, shownWays, wallAsThing, wallColours, waysFor, whiteWay } from './ways';

const deckColour = (id: string, step: number, l: number): DeckColour =>
  ({
    id,
    maker: 'Ferrowmere',
    code: id.slice(3),
    name: `Name ${step}`,
    strip: 's',
    ownStrip: true,
    step,
    lab: { l, a: 3, b: 12 },
    hex: '#000000',
    lrv: 50,
    family: 'beige',
    lean: null,
    baseKind: 'white',
    measured: true,
    hasFormula: true,
    says: 'white',
    sharedName: false,
  }) as unknown as DeckColour;
const deck = [
  deckColour('FR:FR 1', 1, 80),
  deckColour('FR:FR 2', 2, 70),
  deckColour('FR:FR 3', 3, 60),
  { ...deckColour('FR:W', 1, 96), strip: 'whites' },
];
const asked = (of: RoomInLight, ...ids: string[]) => {
  const decided = decidedRoom(of);
  return { room: of, decided, deck, surfaces: decided.surfaces.map((s) => s.surface).filter((s) => ids.includes(s.id)) };
};
const keys = (of: RoomInLight, id: string) => waysFor(asked(of, id)).map((w) => w.key);

test('for walls the room’s own colours stand ready, what works first; what does not work is offered last', () => {
  const verdicts = [
    ...['window-day', 'overcast'].flatMap((light) =>
      ['floor', 'trim'].map((stayId) => verdict({ candidateId: 'c75', stayId, light: light as 'overcast' })),
    ),
    verdict({ candidateId: 'c100', verdict: 'no', reason: 'too-pink' }),
  ];
  const of = room({ verdicts });
  expect(keys(of, 'wall-0')).toEqual(['c75', 'c100']);
  expect(shownWays(waysFor(asked(of, 'wall-0')), []).map((w) => w.verdict)).toEqual(['works', 'no']);
});

test('for trim: the wall’s own colour with more sheen, two depths darker, then what is used nowhere', () => {
  const of = room({ decisions: [decision(WALL_SURFACES)] });
  expect(keys(of, 'trim')).toEqual(['own', 'deeper', 'c100']);
  const [own, deeper] = waysFor(asked(of, 'trim'));
  expect(own).toMatchObject({ sheen: 'semi-gloss', finish: 'trim', strength: 75, asks: null });
  expect(own!.says).toContain('eggshell wall, semi-gloss trim');
  expect(deeper!.colour.deckColourId).toBe('FR:FR 3');
});

test('the ceiling may have the wall’s colour weaker, matte; a door the unused finalists first', () => {
  const of = room({ decisions: [decision(WALL_SURFACES, { candidateId: 'c100' })] });
  const ceiling = waysFor(asked(of, 'ceiling'));
  expect(ceiling.map((w) => w.key)).toEqual(['own', 'weaker', 'c75']);
  expect(ceiling[1]).toMatchObject({ strength: 50, sheen: 'matte', finish: 'ceiling' });
  const doors = [roomDoorSchema.parse({ id: '01a217f3-80e9-7106-930d-000000000001', wall: 0, widthM: 0.8, heightM: 2 })];
  const withDoor = { ...of, paintwork: { ...of.paintwork, doors } };
  expect(keys(withDoor, `door:${doors[0]!.id}`)).toEqual(['c75', 'own', 'deeper']);
});

test('nothing is ready for trim before the walls are decided, but the room’s own colours are', () => {
  expect(keys(room(), 'trim')).toEqual(['c100', 'c75']);
  expect(keys(room({ candidates: [] }), 'wall-0')).toEqual([]);
});

test('the walls count by their area', () => {
  const of = room({
    decisions: [decision(WALL_SURFACES), decision(['wall-1'], { candidateId: 'c100' })],
    widthM: 5,
    depthM: 4,
    heightM: 2.5,
    windows: [],
  });
  expect(wallColours(decidedRoom(of)).map((c) => c.candidate.id)).toEqual(['c75', 'c100']);
  const shares = wallAsThing(decidedRoom(of))!.components.map((c) => c.share);
  expect(shares.reduce((s, v) => s + v, 0)).toBeCloseTo(1, 12);
  expect(shares[0]).toBeCloseTo(14 / 18, 6);
  expect(wallAsThing(decidedRoom(room()))).toBeNull();
});

test('the white that was found says by how many points it is lighter; of walls there is none', () => {
  const of = room({ decisions: [decision(WALL_SURFACES)] });
  const white = {
    key: 'white',
    verdict: 'works',
    light: null,
    beside: null,
    reason: null,
    deckColourId: 'FR:W',
    strength: 100,
    lab: deck[3]!.lab,
  } as const;
  expect(whiteWay(asked(of, 'trim'), white)!.says).toMatch(/^Name 1: \d+ points of LRV lighter, white$/);
  expect(whiteWay(asked(of, 'wall-0'), white)).toBeUndefined();
  expect(whiteWay(asked(of, 'trim'), null)).toBeUndefined();
});

test('sheen goes by surface: a dark wall matte, doors and cabinets satin, trim in the wall’s colour set off by it', () => {
  const inLiving = { room: { kind: 'living' }, inWallColour: false } as const;
  expect(sheenOf('wall', { l: 25, a: 0, b: 0 }, inLiving)).toMatchObject({ sheen: 'matte' });
  expect(sheenOf('wall', { l: 85, a: 0, b: 0 }, inLiving)).toMatchObject({ sheen: 'eggshell' });
  expect(sheenOf('cabinets', { l: 85, a: 0, b: 0 }, inLiving).sheen).toBe('satin');
  expect(sheenOf('trim', { l: 85, a: 0, b: 0 }, { ...inLiving, inWallColour: true }).why).toContain('only the sheen');
  expect(sheenOf('wall', { l: 85, a: 0, b: 0 }, { ...inLiving, room: { kind: 'bath' } }).sheen).toBe('satin');
});

test('the worst of a judged way is told with its light and its thing', () => {
  const way = { key: 'k', verdict: 'nearly', light: 'overcast', beside: 'Travertine', reason: 'too-pink' } as const;
  expect(sayWorst(way)).toBe('nearly, overcast: too pink beside Travertine');
  expect(sayWorst({ ...way, reason: null })).toBe('nearly, overcast: does not sit well beside Travertine');
  expect(sayWorst({ ...way, verdict: 'works' })).toBeNull();
});

test('a colour that was taken out of the room but is on its walls still counts', () => {
  const made = room({ decisions: [decision(WALL_SURFACES)] });
  const out = { ...made, candidates: [candidate('c100', 100)], retired: { ...made.retired, candidates: [candidate('c75', 75)] } };
  expect(waysFor(asked(out, 'trim')).map((w) => w.key)).toEqual(['own', 'deeper', 'c100']);
});

test('a window in an adjoining wall rakes along a wall, one opposite or in it does not', () => {
  const windows = [{ ...room().windows[0]!, wall: 0 as const }];
  expect([0, 1, 2, 3].map((wall) => isRaked({ windows }, wall))).toEqual([false, true, false, true]);
  expect(isRaked({ windows }, null)).toBe(false);
});

test('a white that only comes nearest is not said to be borne', () => {
  const of = room({ decisions: [decision(WALL_SURFACES)] });
  const white = {
    key: 'white',
    verdict: 'nearly',
    light: 'lamps',
    beside: 'the wall',
    reason: 'too-weak',
    deckColourId: 'FR:W',
    strength: 100,
    lab: deck[3]!.lab,
  } as const;
  expect(whiteWay(asked(of, 'trim'), white)!.title).toBe('The white that comes nearest');
  expect(whiteWay(asked(of, 'trim'), { ...white, verdict: 'works' })!.title).toBe('A clean white the wall can bear');
});
