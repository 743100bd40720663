import { candidate, room, scheme } from '../../../tests/made-up-room';
import { clientScheme } from './client-scheme';

const PICKED = '2026-09-24T10:00:00.000Z';
const cloth = { part: 'large', candidateId: null, lab: { l: 40, a: 4, b: 12 } } as const;
const of = (more: object = {}) =>
  room({
    candidates: [candidate('c100', 100), candidate('c75', 75)],
    schemes: [scheme({ name: 'Warm', wallId: 'c75', trimId: 'c100', parts: [cloth], pickedAt: PICKED, ...more })],
  });

test('the scheme that was picked is told in measure, its cloth as something to look for', () => {
  const told = clientScheme(of())!;
  expect(told.title).toBe('Warm');
  expect(told.measure.reduce((sum, m) => sum + m.share, 0)).toBeCloseTo(1, 9);
  expect(told.parts.map((p) => p.says)).toEqual([
    expect.stringMatching(/^Walls: Test Shell 75 %, \d+ % of what one sees$/),
    expect.stringMatching(/^Trim: Test Shell 100 %, \d+ % of what one sees$/),
  ]);
  expect(told.toLookFor).toHaveLength(1);
  expect(told.toLookFor[0]!.says).toMatch(/^Curtains or a sofa: /);
});

test('nothing is told of a scheme nobody picked, nor of one without a colour', () => {
  expect(clientScheme(of({ pickedAt: null }))).toBeNull();
  expect(clientScheme(of({ wallId: 'gone', trimId: null, parts: [] }))).toBeNull();
});

test('the latest pick counts', () => {
  const later = scheme({ id: 't', name: 'Later', wallId: 'c100', pickedAt: '2026-09-25T10:00:00.000Z' });
  expect(clientScheme({ ...of(), schemes: [...of().schemes, later] })!.title).toBe('Later');
});
