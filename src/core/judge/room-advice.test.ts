import fc from 'fast-check';
import { all } from '../../../tests/all';
import { illuminant, lightOfTemperature } from '../colour/illuminant';
import { reflectanceFromLab } from '../colour/reflectance';
import type { Lab } from '../colour/types';
import { DEFAULT_SCHOOLS } from './light-schools';
import { VERDICTS } from './reasons';
import { ADVICE, byServing, prepareAdvice, type AdviceRoom } from './room-advice';
import { prepareCells, type WeighedLight } from './room-cells';
import { relation } from './relation';
import type { Surface, SurfaceStay } from './surfaces';
import { toWindDown, WALL_COSTS } from './walls';

function surface(lab: Lab): Surface {
  const solved = reflectanceFromLab(lab);
  if (!solved.ok) throw new Error(`not a surface: ${JSON.stringify(lab)}`);
  return { lab, reflectance: solved.value };
}
const of = (l: number, a: number, b: number) => surface({ l, a, b });

const f11 = illuminant('F11');
if (!f11.ok) throw new Error('F11');
const light = (kind: string, weight: number, power: Float64Array, lux: number): WeighedLight => ({
  kind,
  weight,
  scene: { power, lux },
});
const DAY = [5000, 5500, 6000].map((k) => light('day', 0.15, lightOfTemperature(k), 600));
const CLOUD = light('cloud', 0.2, lightOfTemperature(6500), 200);
const LAMPS = light('lamps', 0.35, lightOfTemperature(2800), 60);
const LIGHTS = [...DAY, CLOUD, LAMPS];

const thing = (name: string, kind: SurfaceStay['kind'], ...parts: [number, Surface][]): SurfaceStay => ({
  name,
  kind,
  school: 'share',
  components: parts.map(([share, s], i) => ({ name: `${name} ${i}`, share, ...s })),
});
const travertine = thing('travertine', 'fixed', [0.65, of(78, 3.6, 13)], [0.25, of(70, 5, 16)], [0.1, of(86, 2, 10)]);
const walnut = thing('walnut', 'fixed', [1, of(38, 9, 15)]);
const trim = thing('trim', 'fixed', [1, of(95, -0.3, 2.5)]);

const room = (more: Partial<AdviceRoom<string>> = {}) =>
  prepareAdvice({
    stays: [walnut, trim],
    lights: LIGHTS,
    light: { dim: 0, bright: 0 },
    kind: 'other',
    windDown: 0,
    schools: DEFAULT_SCHOOLS,
    wish: null,
    ...more,
  });

const anyLab = fc.record({
  l: fc.double({ min: 25, max: 94, noNaN: true }),
  a: fc.double({ min: -5, max: 8, noNaN: true }),
  b: fc.double({ min: -5, max: 16, noNaN: true }),
});
const greige = of(82, 1, 6);
const black = of(22, 0, -0.5);
const greenTan = of(78, -0.6, 13.5);

describe('a colour as the walls of a room', () => {
  test('in a room where nothing fights a quiet colour works and leads a near-black, which is a wish and no default', () => {
    const advise = room();
    expect(advise(greige)).toMatchObject({ verdict: 'works' });
    expect(byServing(advise(greige), advise(black))).toBeLessThan(0);
    expect(advise(greige).chance).toBeGreaterThan(0.8);
    expect(advise(black).chance).toBeLessThan(0.3);
    expect(advise(black)).toMatchObject({ verdict: 'nearly', weakest: { stay: null, reason: 'too-dark' } });
  });

  test('the weakest link names thing, part, kind of light and reason', () => {
    const found = room({ stays: [trim, travertine] })(greenTan);
    expect(found).toMatchObject({ verdict: 'no', weakest: { stay: 1, reason: 'too-green', flag: null } });
    expect(['day', 'cloud', 'lamps']).toContain(found.weakest!.kind);
    const component = travertine.components.findIndex((c) => c.name === relation(travertine, greenTan.lab).link);
    expect(found.weakest!.component).toBe(component);
  });

  test('a light that is hardly used has no say, one that is used a little has some', () => {
    // a cloth that agrees with the wall by day and not under tubes
    const curve = greige.reflectance as Float64Array;
    const metameric = curve.map((r, i) => r + 0.03 * Math.sin(i / 4) * Math.exp(-(((i - 40) / 25) ** 2)));
    const cloth = thing('cloth', 'fixed', [1, { lab: greige.lab, reflectance: metameric }]);
    const cost = (share: number) => {
      const lights = [
        { ...CLOUD, weight: 1 - share },
        { ...light('tubes', 1, f11.value, 300), weight: share },
      ];
      return room({ stays: [cloth], lights })(greige).cost;
    };
    const costs = [0.08, 0.13, 0.16, 0.3].map(cost);
    expect([...costs].sort((p, q) => p - q)).toEqual(costs);
    expect(costs[3]! - costs[0]!).toBeGreaterThan(0.3);
  });

  test('too dark against a wish for lighter, too light against one for depth, too dark for a dim room', () => {
    const wished = (wish: AdviceRoom<string>['wish'], candidate: Surface) => room({ wish })(candidate);
    expect(wished('lighter', of(60, 1, 6))).toMatchObject({ verdict: 'no', weakest: { stay: null, reason: 'too-dark' } });
    expect(wished('lighter', of(90, 1, 5)).verdict).toBe('works');
    expect(wished('deeper', of(80, 1, 6))).toMatchObject({ verdict: 'no', weakest: { stay: null, reason: 'too-light' } });
    expect(wished('deeper', of(35, 3, 6)).verdict).toBe('works');
    const dim = room({ light: { dim: 1, bright: 0 } })(of(30, 2, 4));
    expect(dim).toMatchObject({ verdict: 'nearly', weakest: { stay: null, reason: 'too-dark' } });
    expect(room({ wish: 'deeper', light: { dim: 1, bright: 0 } })(of(30, 2, 4)).verdict).toBe('works');
  });

  test('whites in a dim room by the school: none, warm ones only, or with more chroma', () => {
    const dim = { light: { dim: 1, bright: 0 }, stays: [walnut] };
    const verdict = (dimWhite: (typeof DEFAULT_SCHOOLS)['dimWhite'], candidate: Surface) =>
      room({ ...dim, schools: { ...DEFAULT_SCHOOLS, dimWhite } })(candidate).verdict;
    const [warm, cool, creamy] = [of(92, 0.8, 5), of(93, -0.8, -1.5), of(91, 0, 8)];
    expect([warm, cool, creamy].map((c) => verdict('never', c))).toEqual(['no', 'no', 'no']);
    expect([warm, cool].map((c) => verdict('warm-only', c))).toEqual(['works', 'no']);
    expect([creamy, cool].map((c) => verdict('more-chroma', c))).toEqual(['works', 'no']);
    expect(room({ ...dim, schools: { ...DEFAULT_SCHOOLS, dimWhite: 'never' } })(cool).weakest).toMatchObject({ flag: 'dingy' });
  });

  test('a very bright room asks weak light colours for more; a clean white beside them helps', () => {
    const costOf = (stays: SurfaceStay[], bright: number) =>
      room({ stays, light: { dim: 0, bright } })(of(88, 0.5, 4)).walls.light;
    expect(costOf([walnut], 0)).toBe(WALL_COSTS.abundance);
    expect(costOf([walnut], 1)).toBe(WALL_COSTS.abundance);
    expect(costOf([walnut, trim], 1)).toBeLessThan(costOf([walnut], 1));
    expect(room({ light: { dim: 0, bright: 1 } })(of(60, 3, 20)).walls.light).toBe(0);
  });

  test('a colour the lights turn stands behind, unless that is embraced', () => {
    const lights = [{ ...light('tubes', 1, f11.value, 300), weight: 1 }];
    const strong = of(62, 12, 28);
    const behind = (fightingLight: 'correct' | 'embrace') =>
      room({ stays: [], lights, wish: 'more-colour', schools: { ...DEFAULT_SCHOOLS, fightingLight } })(strong);
    expect(behind('correct').turned).toBeGreaterThan(0);
    expect(behind('embrace').turned).toBe(0);
    expect(behind('correct').behind).toBeGreaterThan(behind('embrace').behind);
  });

  test('in a high room to wind down in a deep colour stands less behind, and a light one as it did', () => {
    const deep = of(45, -6, 4);
    const evening = toWindDown({ kind: 'study', use: 'evening', heightM: 3.2 });
    expect(evening).toBe(1);
    expect(room({ windDown: evening })(deep).behind).toBeLessThan(room()(deep).behind - 0.5);
    const light = of(87, 1, 6);
    expect(room({ windDown: evening })(light).behind).toBe(room()(light).behind);
    const low = { kind: 'living', use: 'evening', heightM: 2.4 } as const;
    expect(toWindDown(low)).toBeLessThan(toWindDown({ ...low, heightM: 3.2 }));
    expect(toWindDown({ kind: 'living', use: 'all', heightM: 3.2 })).toBe(0);
  });

  test('no light at all is refused', () => {
    expect(() => room({ lights: [] })).toThrow(RangeError);
  });

  test('lights of a kind that differ in amount alone are one', () => {
    const twice = DAY.flatMap((l) => [
      { ...l, weight: l.weight / 2 },
      { ...l, weight: l.weight / 2, scene: { power: l.scene.power.map((v) => 3 * v), lux: 3 * l.scene.lux } },
    ]);
    expect(prepareCells([trim], twice).lights).toHaveLength(DAY.length);
    expect(room({ lights: [...twice, CLOUD, LAMPS] })(greige).behind).toBeCloseTo(room()(greige).behind, 9);
  });
});

describe('properties of the advice', () => {
  test('the order of things, components and lights does not matter', () => {
    fc.assert(
      fc.property(anyLab, fc.array(anyLab, { minLength: 1, maxLength: 3 }), (candidate, labs) => {
        const stays = [
          ...labs.map((lab, i) => thing(`thing ${i}`, i % 2 ? 'furnishing' : 'fixed', [1, surface(lab)])),
          travertine,
        ];
        const turned = stays.map((s) => ({ ...s, components: [...s.components].reverse() })).reverse();
        const there = room({ stays })(surface(candidate));
        const back = room({ stays: turned, lights: [...LIGHTS].reverse() })(surface(candidate));
        expect(back.verdict).toBe(there.verdict);
        expect(back.cost).toBeCloseTo(there.cost, 9);
        expect(back.behind).toBeCloseTo(there.behind, 9);
      }),
      { seed: 31, numRuns: 60 },
    );
  });

  test('one more thing never makes a cost smaller', () => {
    fc.assert(
      fc.property(anyLab, anyLab, (candidate, extra) => {
        const one = room({ stays: [travertine] })(surface(candidate)).cost;
        const more = thing('more', 'fixed', [1, surface(extra)]);
        // from where a colour is hopeless it is not followed further
        if (one < ADVICE.hopeless)
          expect(room({ stays: [travertine, more] })(surface(candidate)).cost).toBeGreaterThanOrEqual(one - 1e-9);
      }),
      { seed: 32, numRuns: 60 },
    );
  });

  test('a step of about 0.2 ΔE00 of the candidate or of a thing never turns works into no', () => {
    const step = fc.tuple(...Array.from({ length: 3 }, () => fc.double({ min: -0.13, max: 0.13, noNaN: true })));
    const moved = ({ l, a, b }: Lab, [dl, da, db]: readonly number[]) => ({ l: l + dl!, a: a + da!, b: b + db! });
    const wishes = fc.constantFrom<AdviceRoom<string>['wish']>(null, 'warmer', 'calmer', 'lighter', 'deeper', 'more-colour');
    fc.assert(
      fc.property(
        fc.record({ lab: anyLab, stay: anyLab, p: step, q: step, wish: wishes, dim: fc.double({ min: 0, max: 1, noNaN: true }) }),
        ({ lab, stay, p, q, wish, dim }) => {
          const at = (l: Lab, s: Lab) =>
            room({ stays: [thing('thing', 'fixed', [1, surface(s)]), trim], wish, light: { dim, bright: 0 } })(surface(l)).cost;
          const here = at(lab, stay);
          // works and no are one apart: half of that in a step would be a cliff
          if (here < 1) {
            expect(at(moved(lab, p), stay)).toBeLessThan(here + 0.5);
            expect(at(lab, moved(stay, q))).toBeLessThan(here + 0.5);
          }
        },
      ),
      { seed: 33, numRuns: 250 },
    );
  });

  test('the further behind, the smaller the chance; what works stands above what nearly does', () => {
    const advise = room({ wish: 'warmer', stays: [travertine, trim] });
    const found = Array.from({ length: 400 }, (_, i) =>
      advise(surface({ l: 55 + (i % 20) * 2, a: ((i * 7) % 11) - 3, b: ((i * 13) % 19) - 2 })),
    ).sort(byServing);
    const tierOf = ({ verdict }: (typeof found)[number]) => VERDICTS.indexOf(verdict);
    const tiers = found.map(tierOf);
    expect([...tiers].sort((p, q) => p - q)).toEqual(tiers);
    expect(new Set(tiers).size).toBe(3);
    for (const tier of [0, 1, 2]) {
      const chances = found.filter((f) => tierOf(f) === tier).map((f) => f.chance);
      expect([...chances].sort((p, q) => q - p)).toEqual(chances);
    }
    expect(
      all(
        found.filter((f) => tierOf(f) === 0),
        (f) => f.verdict === 'works' && f.chance > 0.3,
      ),
    ).toBe(true);
  });
});
