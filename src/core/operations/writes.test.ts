import { writeSchema } from './operations';

const id = '0190c5c0-0000-7000-8000-000000000001';
const other = '0190c5c0-0000-7000-8000-000000000002';
const give = {
  name: 'verdict.give',
  roomId: id,
  candidateId: id,
  stayId: other,
  light: 'lamps',
  person: 'client',
  verdict: 'no',
};
const moment = { at: '2026-09-23T12:05:00.000Z', sky: 'clear', lampsOn: true, position: 'by-window' };
const white = { x: 0.5, y: 0.5, rgb: [200, 180, 140] };
const edit = { name: 'photo.edit', roomId: id, photoId: other, caption: '', settings: 'locked', white };
const scheme = { name: 'scheme.save', roomId: id, schemeId: other, scheme: 'Light', wallId: id, trimId: null, accentIds: [] };

const window = { id, wall: 0, widthM: 1, heightM: 1 };
const light = { name: 'room.light', roomId: id, revision: 1, windows: [window], lamps: [] };

describe('what may be written', () => {
  test('what an older page leaves out is filled in', () => {
    expect(writeSchema.parse(give)).toMatchObject({ predicted: null, moment: null, firstGlanceMs: null });
  });

  test('a room described by one window has the usual ones’ figures', () => {
    expect(writeSchema.parse(light)).toMatchObject({
      bearingDeg: null,
      ground: 'paving',
      windows: [{ glazing: 'double', revealM: 0.1, leftM: null, sillM: null }],
    });
  });

  test.each([
    ['a verdict with its moment', { ...give, moment, predicted: 'works', predictedIn: 'light', firstGlanceMs: 640 }],
    ['a pick', { name: 'pair.pick', roomId: id, chosenId: id, otherId: other }],
    ['a note on the room', { name: 'note.add', roomId: id, candidateId: null, words: 'Ärger & “quotes” <b>' }],
    ['a photograph without white paper', { ...edit, white: null }],
    ['a look without a wall', { ...scheme, wallId: null, accentIds: [id, other] }],
    ['schools', { name: 'visit.schools', visitId: id, dimWhite: 'more-chroma', fightingLight: 'correct' }],
    ['a room used in the mornings', { name: 'room.use', roomId: id, use: 'morning', kind: 'bedroom' }],
    ['a wish taken back', { name: 'room.wish', roomId: id, wish: null, words: '' }],
  ])('%s passes', (_, write) => {
    expect(writeSchema.safeParse(write).success).toBe(true);
  });

  test.each([
    ['an unknown sky', { ...give, moment: { ...moment, sky: 'service' } }],
    ['a position that is none', { ...give, moment: { ...moment, position: 'wall-north' } }],
    ['a glance before the pair was shown', { ...give, firstGlanceMs: -1 }],
    ['a glance of an hour', { ...give, firstGlanceMs: 3_600_000 }],
    ['a verdict nobody gives', { ...give, verdict: 'perhaps' }],
    ['a person who is not there', { ...give, person: 'painter' }],
    ['a word too many', { ...give, extra: true }],
    ['paper outside the picture', { ...edit, white: { ...white, x: 1.2 } }],
    ['a colour that no camera gives', { ...edit, white: { ...white, rgb: [0, 300, 10] } }],
    ['settings nobody knows', { ...edit, settings: 'manual' }],
    ['the same window twice', { ...light, windows: [window, window] }],
    ['five accents', { ...scheme, accentIds: [id, id, id, id, id] }],
    ['an id that is none', { ...scheme, wallId: "'; drop table scheme; --" }],
    ['a use that is none', { name: 'room.use', roomId: id, use: 'night', kind: 'bedroom' }],
    ['a wish that is none', { name: 'room.wish', roomId: id, wish: 'louder', words: '' }],
    ['a school that is none', { name: 'visit.schools', visitId: id, dimWhite: 'sometimes', fightingLight: 'correct' }],
    ['a time that is none', { ...give, moment: { ...moment, at: 'teatime' } }],
  ])('%s is refused', (_, write) => {
    expect(writeSchema.safeParse(write).success).toBe(false);
  });

  test.each([
    [{ name: 'note.add', roomId: id, candidateId: null, words: '   ' }, 'Write something.'],
    [{ name: 'note.add', roomId: id, candidateId: id, words: 'x'.repeat(2001) }, 'At most 2,000 characters.'],
    [{ ...edit, caption: 'x'.repeat(201) }, 'At most 200 characters.'],
    [{ ...scheme, accentIds: [id, id, id, id, id] }, 'At most four accents.'],
    [{ name: 'room.wish', roomId: id, wish: null, words: 'x'.repeat(501) }, 'At most 500 characters.'],
  ])('says in words what is wrong: %#', (write, says) => {
    expect(writeSchema.safeParse(write).error?.issues[0]?.message).toBe(says);
  });
});
