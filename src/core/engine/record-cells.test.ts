import { all } from '../../../tests/all';
import { answerOf } from '../../../tests/answer-of';
import { DEFAULT_SCHOOLS } from '../judge/light-schools';
import { day, lookIn, travertine, usedFor } from '../../../tests/lit-room';
import { cells } from './record-cells';
import type { Swatch } from './light-protocol';

const beige: Swatch = { id: 'beige', lab: { l: 84, a: 3.2, b: 11.5 } };
const greenTan: Swatch = { id: 'green tan', lab: { l: 78, a: -0.6, b: 13.5 } };

const plain = { day, lookIn, usedFor, kind: 'other', wish: null, schools: DEFAULT_SCHOOLS } as const;

describe('cells of the record', () => {
  test('every candidate beside every thing in every light there is', () => {
    const found = answerOf(cells({ ...plain, stays: [travertine], candidates: [beige, greenTan] })).cells;
    expect(found.filter((c) => c.candidateId === 'beige').map((c) => c.light)).toEqual([
      'no-sun',
      'sun-south',
      'overcast',
      'lamps-by-day',
      'lamps',
    ]);
    expect(
      all(
        found.filter((c) => c.candidateId === 'beige'),
        (c) => c.verdict === 'works',
      ),
    ).toBe(true);
    expect(
      all(
        found.filter((c) => c.candidateId === 'green tan'),
        (c) => c.verdict === 'no' && c.reason === 'too-green',
      ),
    ).toBe(true);
  });

  test('a school that refuses whites in a dim room is heard in the record too, and the record says so once a colour', () => {
    const dim = { ...day, room: { ...day.room, windows: day.room.windows.map((w) => ({ ...w, widthM: 0.3, heightM: 0.4 })) } };
    const white: Swatch = { id: 'white', lab: { l: 94, a: -0.5, b: 0 } };
    const ask = (dimWhite: 'never' | 'more-chroma' | 'warm-only', in_: typeof day, candidate: Swatch) =>
      answerOf(
        cells({ ...plain, day: in_, schools: { ...DEFAULT_SCHOOLS, dimWhite }, stays: [travertine], candidates: [candidate] }),
      ).asWalls;
    for (const school of ['never', 'more-chroma', 'warm-only'] as const)
      expect(ask(school, dim, white)).toEqual([{ candidateId: 'white', verdict: 'no', says: expect.stringContaining('dingy') }]);
    expect(ask('never', day, white)).toEqual([]);
    const creamy: Swatch = { id: 'creamy', lab: { l: 90, a: 1, b: 9 } };
    expect(ask('warm-only', dim, creamy)).toEqual([]);
    expect(ask('more-chroma', dim, creamy)).toEqual([]);
    // its word: nothing of LRV 70 and more under chroma 4
    expect(ask('more-chroma', dim, { id: 'weak', lab: { l: 87.5, a: 0.5, b: 3.8 } })[0]).toMatchObject({ verdict: 'no' });
  });

  test('a room without lamps has no cells by lamplight', () => {
    const dark = { ...day, room: { ...day.room, lamps: [] } };
    const found = answerOf(cells({ ...plain, day: dark, stays: [travertine], candidates: [beige] })).cells;
    expect(found.map((c) => c.light)).toEqual(['no-sun', 'sun-south', 'overcast']);
  });
});
