import { scheme } from '../../../tests/made-up-room';
import { partsOfScheme } from '../record/scheme';
import { withColour } from './with-part';

const lab = { l: 40, a: 2, b: -18 };

test('walls, trim and accents are paints of the room; everything else stands among the parts', () => {
  const made = [
    ['walls', { candidateId: 'w' }],
    ['trim', { candidateId: 't' }],
    ['focal', { candidateId: 'f' }],
    ['large', { lab }],
  ] as const;
  const full = made.reduce((s, [part, of]) => withColour(s, part, of), scheme());
  expect(full).toMatchObject({ wallId: 'w', trimId: 't' });
  expect(partsOfScheme(full).map((p) => [p.part, p.candidateId])).toEqual([
    ['walls', 'w'],
    ['focal', 'f'],
    ['trim', 't'],
    ['large', null],
  ]);
});

test('a part has one colour, accents the latest four', () => {
  const twice = withColour(withColour(scheme(), 'large', { lab }), 'large', { lab: { ...lab, l: 70 } });
  expect(twice.parts).toEqual([{ part: 'large', candidateId: null, lab: { ...lab, l: 70 } }]);
  const accents = ['a', 'b', 'c', 'a', 'd', 'e'].reduce((s, id) => withColour(s, 'accent', { candidateId: id }), scheme());
  expect(accents.accentIds).toEqual(['c', 'a', 'd', 'e']);
});
