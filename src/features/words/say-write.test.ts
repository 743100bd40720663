import { OPERATIONS, writeSchema, type WriteInput, type WriteName } from '@/core/operations/operations';
import { room, visit } from '../../../tests/made-up-room';
import { sayWrite } from './say-write';

const id = (n: number) => `0190c5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const ROOM = id(1);
const here = room();
const made = {
  ...visit(),
  rooms: [
    {
      ...here,
      id: ROOM,
      candidates: [{ ...here.candidates[0]!, id: id(2) }],
      retired: { ...here.retired, stays: [{ ...here.stays[0]!, id: id(3) }] },
    },
  ],
};
const say = (write: WriteInput) => sayWrite(writeSchema.parse(write), made);

test('what was said is told with its colour, its thing, its light and its room', () => {
  const given = { name: 'verdict.give', roomId: ROOM, candidateId: id(2), stayId: id(3), light: 'lamps' } as const;
  expect(say({ ...given, person: 'client', verdict: 'nearly' })).toBe(
    'Nearly, said by the client: Test Shell 100 % beside Oak floor, lamps · Sitting room',
  );
  expect(say({ ...given, candidateId: id(8), person: 'client', verdict: 'no' })).toContain('a colour beside Oak floor');
});

test('long words are cut, a room that is gone is not named', () => {
  expect(say({ name: 'note.add', roomId: id(70), candidateId: null, words: 'x'.repeat(90) })).toBe(
    `The note “${'x'.repeat(58)}…”`,
  );
});

test('every operation has words of its own', () => {
  const names = Object.keys(OPERATIONS) as WriteName[];
  const blank = {
    words: '',
    label: '',
    place: {},
    room: '',
    stay: '',
    scheme: '',
    caption: '',
    note: '',
    verdict: 'no',
    reason: 'too-pink',
    light: 'lamps',
    lux: 1,
    number: 3,
    lookIds: ['a'],
    surfaces: ['ceiling'],
    signedBy: '',
  };
  const says = names.map((name) => sayWrite({ name, ...blank } as never, made));
  for (const words of says) expect(words).toMatch(/^[A-Za-z“]/);
  expect(new Set(says).size).toBe(names.length);
});
