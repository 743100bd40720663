import { deltaE00 } from '../colour/ciede2000';
import { directions } from '../colour/directions';
import type { Lab } from '../colour/types';
import { normal, seededRandom } from '../base/random';
import { belief, NEXT, nextSamples, type Sample } from './next-sample';
import type { Reason, Verdict } from './reasons';
import { logLikelihood, reasonChances, verdictChances, type Observation } from './verdict-likelihood';

/** A made-up deck of near-neutrals, whites to charcoals. */
function madeUpDeck(count: number, seed: number): Sample[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, () => {
    const l = 25 + 72 * Math.sqrt(random());
    const c = (2 + 16 * random()) * Math.min(1, (99 - l) / 12);
    const h = (20 + 90 * random() + (random() < 0.25 ? 150 : 0)) * (Math.PI / 180);
    return { lab: { l, a: c * Math.cos(h), b: c * Math.sin(h) }, atHand: false };
  });
}

/** A consultant who wants one colour and says what is wrong with another, now and then beside the point. Not the learner's own eye. */
function consultant(wanted: Lab, random: () => number) {
  return (lab: Lab): Observation => {
    const d = directions(wanted, lab);
    const felt = d.deltaE00 * Math.exp(0.15 * normal(random));
    const verdict: Verdict = felt < 2 ? 'works' : felt < 5 ? 'nearly' : 'no';
    const parts: [number, Reason, Reason][] = [
      [d.pinkGreen, 'too-pink', 'too-green'],
      [d.yellowBlue, 'too-yellow', 'too-violet'],
      [d.strongWeak, 'too-strong', 'too-weak'],
      [d.lightDark, 'too-light', 'too-dark'],
    ];
    const named = parts
      .map(([size, over, under]) => ({ size: size + 0.5 * normal(random), over, under }))
      .reduce((p, q) => (Math.abs(q.size) > Math.abs(p.size) ? q : p));
    return { lab, verdict, reason: verdict === 'works' ? null : named.size > 0 ? named.over : named.under, lapse: 0.03 };
  };
}

const FOUND = 2;

/** Verdicts until a sample within 2 ΔE00 of the wanted colour lay on the table. */
function verdictsNeeded(deck: readonly Sample[], seed: number): number {
  const random = seededRandom(seed);
  const wanted = deck[Math.floor(random() * deck.length)]!.lab;
  const ask = consultant(wanted, random);
  const said: Observation[] = [];
  while (said.length < 30) {
    const lab = deck[nextSamples(deck, said).proposals[0]!.index]!.lab;
    said.push(ask(lab));
    if (deltaE00(lab, wanted) <= FOUND) break;
  }
  return said.length;
}

describe('the next sample', () => {
  test('finds a hidden colour in a deck of 1,000 in at most 8 verdicts, in the median of simulated consultants', () => {
    const deck = madeUpDeck(1000, 11);
    const needed = Array.from({ length: 41 }, (_, k) => verdictsNeeded(deck, 100 + k)).sort((p, q) => p - q);
    process.stdout.write(`next sample: median ${needed[20]} verdicts, nine of ten within ${needed[36]}, at most ${needed[40]}\n`);
    expect(needed[20]).toBeLessThanOrEqual(8);
    expect(needed[36]).toBeLessThanOrEqual(16);
  });

  test('says the same twice, and whatever the order of what was said', () => {
    const deck = madeUpDeck(300, 5);
    const ask = consultant(deck[17]!.lab, seededRandom(1));
    const said = [ask(deck[40]!.lab), ask(deck[90]!.lab)];
    expect(nextSamples(deck, said)).toEqual(nextSamples(deck, said));
    const [there, back] = [belief(deck, said), belief(deck, [...said].reverse())];
    there.forEach((p, i) => expect(back[i]).toBeCloseTo(p, 12));
  });

  test('goes the way a reason points', () => {
    const deck = madeUpDeck(1000, 7);
    const tried = { l: 75, a: -1, b: 12 };
    const { proposals } = nextSamples(deck, [{ lab: tried, verdict: 'nearly', reason: 'too-green', lapse: 0.03 }]);
    const mean = belief(deck, [{ lab: tried, verdict: 'nearly', reason: 'too-green', lapse: 0.03 }]).reduce(
      (s, p, i) => s + p * deck[i]!.lab.a,
      0,
    );
    expect(mean).toBeGreaterThan(tried.a + 1);
    expect(proposals).toHaveLength(NEXT.most);
    for (const p of proposals) expect(deltaE00(deck[p.index]!.lab, tried)).toBeGreaterThan(0.5);
  });

  test('a strength of what is at hand goes first when it is about as good', () => {
    const wanted = { l: 82, a: 2, b: 8 };
    const near = { l: 82.3, a: 2, b: 8.3 };
    const said: Observation[] = [{ lab: { l: 78, a: 2.2, b: 10 }, verdict: 'nearly', reason: 'too-dark', lapse: 0.03 }];
    const samples: Sample[] = [
      { lab: wanted, atHand: false },
      { lab: near, atHand: true },
      { lab: { l: 40, a: 0, b: 0 }, atHand: false },
    ];
    expect(nextSamples(samples, said).proposals[0]!.index).toBe(1);
    const farOff = [
      { lab: wanted, atHand: false },
      { lab: { l: 40, a: 0, b: 0 }, atHand: true },
    ];
    expect(nextSamples(farOff, said).proposals[0]!.index).toBe(0);
  });

  test('what serves as the walls is believed sooner, and nothing is ruled out by it', () => {
    const lab = { l: 80, a: 1, b: 8 };
    const [free, refused] = belief(
      [
        { lab, atHand: false, chance: 0.9 },
        { lab, atHand: false, chance: 0 },
      ],
      [],
    );
    expect(free! / refused!).toBeCloseTo((0.9 / NEXT.leastChance) ** NEXT.trust, 9);
  });

  test('with nothing to look at there is nothing to propose', () => {
    expect(nextSamples([], [])).toEqual({ proposals: [], possible: 0 });
    const one = [{ lab: { l: 80, a: 0, b: 4 }, atHand: true }];
    expect(nextSamples(one, []).proposals).toHaveLength(1);
    expect(nextSamples(one, []).possible).toBeCloseTo(1, 12);
  });
});

describe('an eye’s answers', () => {
  test.each([0, 1, 3, 6, 12])('%d ΔE00 off, the chances are chances', (d) => {
    const chances = verdictChances(d, 0.03);
    expect(chances.works + chances.nearly + chances.no).toBeCloseTo(1, 12);
    expect(Math.min(...Object.values(chances))).toBeGreaterThan(0);
  });

  test('reasons are chances and follow the difference', () => {
    const chances = reasonChances(directions({ l: 80, a: 1, b: 10 }, { l: 80, a: -4, b: 10 }));
    expect(chances.reduce((s, p) => s + p, 0)).toBeCloseTo(1, 12);
    expect(chances.indexOf(Math.max(...chances))).toBe(1); // too green
  });

  test('what was said is likelier of the colour that fits it', () => {
    const said: Observation = { lab: { l: 80, a: -4, b: 10 }, verdict: 'no', reason: 'too-green', lapse: 0.03 };
    expect(logLikelihood({ l: 80, a: 4, b: 10 }, said)).toBeGreaterThan(logLikelihood({ l: 80, a: -8, b: 10 }, said));
  });
});
