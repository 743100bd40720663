import { candidate, room, scheme as madeScheme } from '../../../tests/made-up-room';
import { schemeColours, schemeLinks } from './scheme-links';
import type { Scheme } from '@/core/record/scheme';

const lab = (l: number, a: number, b: number) => ({ lab: { l, a, b } });
const white = { ...candidate('white', 100), ...lab(95, -0.4, 2.5), name: 'Test White' };
const pink = { ...candidate('pink', 100), ...lab(88, 7, 4), name: 'Test Pink' };
const blue = { ...candidate('blue', 100), ...lab(35, -4, -20), name: 'Test Blue' };
const base = room({ candidates: [candidate('c100', 100), white, pink, blue] });
const scheme = (more: Partial<Scheme> = {}): Scheme =>
  madeScheme({ name: 'First', wallId: 'c100', trimId: 'white', accentIds: ['blue'], ...more });
const cells = ['c100', 'white', 'blue'].flatMap((candidateId) =>
  (['floor', 'trim'] as const).map((stayId) => ({
    candidateId,
    stayId,
    light: 'overcast' as const,
    verdict: candidateId === 'blue' && stayId === 'floor' ? ('no' as const) : ('works' as const),
    reason: candidateId === 'blue' && stayId === 'floor' ? ('too-strong' as const) : null,
  })),
);

describe('links of a scheme', () => {
  test('name every colour beside every thing that stays and beside the wall, the worst first', () => {
    const links = schemeLinks(base, scheme(), cells);
    expect(links).toHaveLength(8);
    expect(links[0]).toMatchObject({
      part: 'accent',
      beside: 'Oak floor',
      light: 'overcast',
      verdict: 'no',
      reason: 'too-strong',
    });
    expect(links.filter((l) => l.beside === 'the wall').map((l) => [l.part, l.light])).toEqual([
      ['trim', null],
      ['accent', null],
    ]);
  });

  test('a light of a thing that is weaker than another decides', () => {
    const lamps = { candidateId: 'c100', stayId: 'floor', light: 'lamps' as const, verdict: 'nearly' as const, reason: null };
    const [first] = schemeLinks(base, scheme({ trimId: null, accentIds: [] }), [...cells, lamps]);
    expect(first).toMatchObject({ beside: 'Oak floor', light: 'lamps', verdict: 'nearly' });
  });

  test('two whites that fight are found between wall and trim', () => {
    const links = schemeLinks(base, scheme({ wallId: 'pink', accentIds: [] }), []);
    expect(links).toHaveLength(1);
    expect(links[0]).toMatchObject({ part: 'trim', beside: 'the wall' });
    expect(links[0]!.verdict).not.toBe('works');
  });

  test('a blue accent may answer a warm wall', () => {
    const links = schemeLinks(base, scheme({ trimId: null }), []);
    expect(links.map((l) => [l.part, l.verdict])).toEqual([['accent', 'works']]);
  });

  test('colours that left the room leave the scheme', () => {
    expect(schemeColours(base, scheme({ wallId: 'gone', trimId: null, accentIds: ['blue', 'gone'] })).map((c) => c.part)).toEqual(
      ['accent'],
    );
  });
});
