import { all } from '../../../tests/all';
import fc from 'fast-check';
import { READINGS, readingsOf, type Reading } from '../appearance/readings';
import { readIn } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import { illuminant, lightOfTemperature } from '../colour/illuminant';
import { reflectanceFromLab } from '../colour/reflectance';
import type { Lab } from '../colour/types';
import { DEFAULT_SCHOOLS, lightConflict, lightConflictOf, LIGHT_CONFLICT } from './light-conflict';
import { relation } from './relation';
import { missingOf, prepareAffinity } from './affinity';
import { fitOf, prepareJudgement, roomScore, type JudgedMoment, type Surface, type SurfaceStay } from './room-score';
import { SHORTLIST, shortlistSteps, type ShortlistDeck } from './shortlist';

function surface(l: number, a: number, b: number): Surface {
  const solved = reflectanceFromLab({ l, a, b });
  if (!solved.ok) throw new Error(`not a surface: ${l} ${a} ${b}`);
  return { lab: { l, a, b }, reflectance: solved.value };
}

const f11 = illuminant('F11');
if (!f11.ok) throw new Error('F11');
const DECK: JudgedMoment = { name: 'as in the deck', scene: undefined };
const NORTH: JudgedMoment = { name: 'dim north', scene: { power: lightOfTemperature(9000), lux: 60 } };
const SOUTH: JudgedMoment = { name: 'noon', scene: { power: lightOfTemperature(5200), lux: 900 } };
const OPEN_SKY: JudgedMoment = { name: 'open sky', scene: { power: lightOfTemperature(12000), lux: 2000 } };
const TUBES: JudgedMoment = { name: 'tubes', scene: { power: f11.value, lux: 300 } };

const travertine: SurfaceStay = {
  name: 'travertine floor',
  kind: 'fixed',
  school: 'share',
  components: [
    { name: 'field', share: 0.65, ...surface(78, 3.6, 13) },
    { name: 'band', share: 0.25, ...surface(70, 5, 16) },
    { name: 'filled pores', share: 0.1, ...surface(86, 2, 10) },
  ],
};
const trim: SurfaceStay = {
  name: 'trim',
  kind: 'fixed',
  school: 'share',
  components: [{ name: 'paint', share: 1, ...surface(97, -0.4, 1.6) }],
};
const beige = surface(84, 3.2, 11.5);
const greenTan = surface(78, -0.6, 13.5);
const blueWhite = surface(95.5, -0.9, -1.6);
const cream = surface(94, 0.2, 12);

describe('the score of a candidate in a room', () => {
  test('as in the deck it is the worst relation, and names its thing, component and reason', () => {
    const room = prepareJudgement([trim, travertine], [DECK]);
    const found = roomScore(greenTan, room);
    expect(found.cost).toBeCloseTo(relation(travertine, greenTan.lab).cost, 12);
    expect(found.verdict).toBe('no');
    const component = travertine.components.findIndex((c) => c.name === relation(travertine, greenTan.lab).link);
    expect(found.link).toEqual({ kind: 'relation', moment: 0, stay: 1, component, reason: 'too-green' });
    expect(roomScore(beige, room).verdict).toBe('works');
  });

  test('a light that turns a colour counts as a link of its own, named', () => {
    const room = prepareJudgement([], [DECK, SOUTH, NORTH]);
    expect(roomScore(blueWhite, room)).toMatchObject({ verdict: 'no', link: { kind: 'light', moment: 2, flag: 'dingy' } });
    expect(roomScore(cream, room)).toMatchObject({ verdict: 'nearly', link: { kind: 'light', moment: 2, flag: 'dingy' } });
    expect(roomScore(surface(60, 2, 8), room)).toEqual({ cost: 0, verdict: 'works', link: undefined });
  });

  test('schools: whites in a dim room never, warm only, or with more chroma; a fighting light embraced', () => {
    const scored = (schools: Partial<typeof DEFAULT_SCHOOLS>, candidate: Surface, moment = NORTH) =>
      roomScore(candidate, prepareJudgement([], [moment], { ...DEFAULT_SCHOOLS, ...schools })).verdict;
    expect(scored({ dimWhite: 'never' }, cream)).toBe('no');
    expect(scored({ dimWhite: 'warm-only' }, cream)).toBe('nearly');
    expect(scored({ dimWhite: 'more-chroma' }, cream)).toBe('works');
    expect(scored({ dimWhite: 'more-chroma' }, blueWhite)).toBe('nearly');
    const offBlack = surface(33.5, -0.5, -1.6);
    expect(scored({ fightingLight: 'correct' }, offBlack, OPEN_SKY)).toBe('nearly');
    expect(scored({ fightingLight: 'embrace' }, offBlack, OPEN_SKY)).toBe('works');
  });

  test('two surfaces that agree in daylight and part under tubes are told apart there', () => {
    const curve = beige.reflectance as Float64Array;
    const metameric = curve.map((r, i) => r + 0.06 * Math.sin(i / 4) * Math.exp(-(((i - 40) / 25) ** 2)));
    const stay: SurfaceStay = { ...trim, components: [{ name: 'paint', share: 1, lab: beige.lab, reflectance: metameric }] };
    const apart = roomScore(beige, prepareJudgement([stay], [TUBES])).cost;
    const same = roomScore(
      beige,
      prepareJudgement([{ ...stay, components: [{ name: 'paint', share: 1, ...beige }] }], [TUBES]),
    ).cost;
    expect(same).toBe(0); // its very colour
    expect(apart).toBeGreaterThan(0.3);
  });

  test('the verdict of a cost reads on the scale of fit', () => {
    expect([fitOf(0), fitOf(1), fitOf(2)]).toEqual([100, 50, 25]);
  });
});

const colour = fc.record({
  l: fc.double({ min: 25, max: 94, noNaN: true }),
  a: fc.double({ min: -5, max: 8, noNaN: true }),
  b: fc.double({ min: -5, max: 16, noNaN: true }),
});
const surfaceOf = ({ l, a, b }: Lab) => surface(l, a, b);

describe('properties of the score', () => {
  test('it does not depend on the order of things, components or moments', () => {
    fc.assert(
      fc.property(colour, fc.array(colour, { minLength: 1, maxLength: 4 }), (candidate, labs) => {
        const stays = labs.map((lab, i): SurfaceStay => ({
          ...trim,
          name: `thing ${i}`,
          components: [{ name: 'c', share: 1, ...surfaceOf(lab) }],
        }));
        const moments = [DECK, SOUTH, NORTH, TUBES];
        const there = roomScore(surfaceOf(candidate), prepareJudgement([...stays, travertine], moments));
        const turned = { ...travertine, components: [...travertine.components].reverse() };
        const back = roomScore(surfaceOf(candidate), prepareJudgement([turned, ...stays.reverse()], moments.reverse()));
        expect(back.verdict).toBe(there.verdict);
        // a refusal ends the search for what a light does, so only costs below it are comparable to the last digit
        if (there.verdict !== 'no') expect(back.cost).toBeCloseTo(there.cost, 9);
      }),
      { seed: 21, numRuns: 60 },
    );
  });

  test('a candidate identical to a component is too close or shared, never a clash, in any light', () => {
    fc.assert(
      fc.property(colour, fc.constantFrom(DECK, SOUTH, NORTH, TUBES), (lab, moment) => {
        const same = surfaceOf(lab);
        const stay: SurfaceStay = { ...trim, components: [{ name: 'paint', share: 1, ...same }] };
        const { link, verdict } = roomScore(
          same,
          prepareJudgement([stay], [moment], { dimWhite: 'more-chroma', fightingLight: 'embrace' }),
        );
        expect(verdict).not.toBe('no');
        if (link?.kind === 'relation') expect(link.reason).toBe('too-close');
      }),
      { seed: 22, numRuns: 60 },
    );
  });

  test('a stronger conflict with the light never costs less', () => {
    const reads = readIn(NORTH.scene!);
    fc.assert(
      fc.property(
        colour,
        fc.double({ min: 1, max: 4, noNaN: true }),
        fc.constantFrom('never' as const, 'warm-only' as const, 'more-chroma' as const),
        fc.constantFrom('correct' as const, 'embrace' as const),
        (lab, by, dimWhite, fightingLight) => {
          const schools = { dimWhite, fightingLight };
          const readings = readingsOf(lab, reads(surfaceOf(lab).reflectance));
          const stronger = readings.map((r): Reading => ({
            ...r,
            value: r.value * by,
            holds: r.holds || (r.value > 0 && by > 2),
          }));
          const [weak, strong] = [lightConflict(lab, readings, schools), lightConflict(lab, stronger, schools)];
          expect(strong?.cost ?? 0).toBeGreaterThanOrEqual(weak?.cost ?? 0);
        },
      ),
      { seed: 23, numRuns: 200 },
    );
  });

  test('one more thing or one more moment never makes a score better', () => {
    fc.assert(
      fc.property(colour, colour, (candidate, extra) => {
        const more: SurfaceStay = { ...trim, components: [{ name: 'c', share: 1, ...surfaceOf(extra) }] };
        const one = roomScore(surfaceOf(candidate), prepareJudgement([travertine], [DECK])).cost;
        expect(roomScore(surfaceOf(candidate), prepareJudgement([travertine, more], [DECK])).cost).toBeGreaterThanOrEqual(
          one - 1e-12,
        );
        expect(roomScore(surfaceOf(candidate), prepareJudgement([travertine], [DECK, SOUTH])).cost).toBeGreaterThanOrEqual(
          one - 1e-12,
        );
      }),
      { seed: 24, numRuns: 60 },
    );
  });
});

describe('what a light costs', () => {
  test('nothing where it does nothing', () => {
    expect(lightConflictOf(beige.lab, readIn(SOUTH.scene!)(beige.reflectance))).toBeUndefined();
  });

  test('a reading at its threshold costs one', () => {
    const { threshold } = READINGS.dingy;
    const at = (value: number): Reading[] => [{ flag: 'dingy', value, threshold, holds: value >= threshold }];
    expect(lightConflict({ l: 60, a: 2, b: 8 }, at(threshold))?.cost).toBe(LIGHT_CONFLICT.atThreshold);
    expect(lightConflict({ l: 60, a: 2, b: 8 }, at(threshold * 0.99))).toBeUndefined();
  });
});

/** A made-up deck from white through beiges and, every other one, green-leaning tans. */
function lineDeck(count: number): ShortlistDeck {
  const all = Array.from({ length: count }, (_, i) =>
    surface(95 - (40 * i) / count, (i % 2 ? -3 : 4) * (i / count), 3 + (14 * i) / count),
  );
  return { count, labOf: (i) => all[i]!.lab, reflectanceOf: (i) => all[i]!.reflectance };
}

function run(steps: ReturnType<typeof shortlistSteps>) {
  const told: number[] = [];
  for (;;) {
    const step = steps.next();
    if (step.done) return { told, found: step.value };
    told.push(step.value);
  }
}

describe('the shortlist', () => {
  const deck = lineDeck(120);
  const room = prepareJudgement([travertine, trim], [DECK, SOUTH, NORTH]);
  const affinityOf = prepareAffinity([travertine, trim], 'lighter');
  const { told, found } = run(shortlistSteps(deck, room, { affinityOf }));

  test('scores every colour as it would be scored alone, best first', () => {
    expect(found.ranked.length).toBeGreaterThan(5);
    found.ranked.forEach(({ index, cost, fit, link, affinity }, place) => {
      const alone = roomScore({ lab: deck.labOf(index), reflectance: deck.reflectanceOf(index) }, room, SHORTLIST.giveUpAt);
      expect(cost).toBe(alone.cost);
      expect(link).toEqual(alone.link);
      expect(affinity).toEqual(affinityOf(deck.labOf(index)));
      expect(fit).toBe(fitOf(cost + missingOf(affinity)));
      expect(fit).toBeLessThanOrEqual(found.ranked[place - 1]?.fit ?? 100);
    });
  });

  test('counts what works, what is near and why the rest was dropped', () => {
    const { works, nearly, no } = found.looked;
    expect(works + nearly + no).toBe(deck.count);
    expect(no).toBeGreaterThan(0);
    expect(found.drops.reduce((s, d) => s + d.count, 0)).toBe(no);
    expect(found.drops[0]!.count).toBeGreaterThanOrEqual(found.drops.at(-1)!.count);
  });

  test('tells progress from 0 on and leaves out what a filter took away', () => {
    expect(told[0]).toBe(0);
    expect(told).toHaveLength(Math.ceil(deck.count / SHORTLIST.batch));
    const half = run(shortlistSteps(deck, room, { affinityOf, wanted: (i) => i % 2 === 0 })).found;
    expect(all(half.ranked, (r) => r.index % 2 === 0)).toBe(true);
    expect(half.costs[1]).toBeNaN();
  });

  test.each([0, 1])('a deck of %d', (count) => {
    const few = run(shortlistSteps(lineDeck(count), room, { affinityOf })).found;
    expect(few.costs).toHaveLength(count);
  });

  test('what a colour brings moves it in the ranking and never changes what works', () => {
    const plain = run(shortlistSteps(deck, room, { affinityOf: prepareAffinity([], null) })).found;
    expect(plain.looked).toEqual(found.looked);
    expect([...plain.costs]).toEqual([...found.costs]);
    expect(plain.ranked.map((r) => r.index)).not.toEqual(found.ranked.map((r) => r.index));
  });

  test('what is left in plain sight is told apart from what blends', () => {
    const { ranked } = found;
    expect(deltaE00(deck.labOf(ranked[0]!.index), travertine.components[0]!.lab)).toBeGreaterThan(1);
  });
});
