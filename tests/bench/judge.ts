import { lightOfTemperature } from '@/core/colour/illuminant';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import type { Lab } from '@/core/colour/types';
import { nextSamples } from '@/core/judge/next-sample';
import { DEFAULT_SCHOOLS } from '@/core/judge/light-schools';
import { byServing, prepareAdvice } from '@/core/judge/room-advice';
import type { Surface, SurfaceStay } from '@/core/judge/surfaces';
import { seededRandom } from '@/core/base/random';
import { companions } from '@/core/engine/companions';
import { toTheEnd } from '@/core/engine/steps';
import { against, medianSeconds, sized } from './measure';

const COLOURS = sized(4000, 80);
const STRENGTHS = 4;

/** Reflectance curves are made for so many Labs and used again: ranking does not care where a curve comes from. */
const DISTINCT = sized(400, 20);

function surface(lab: Lab): Surface {
  const solved = reflectanceFromLab(lab);
  if (!solved.ok) throw new Error(`not a surface: ${JSON.stringify(lab)}`);
  return { lab, reflectance: solved.value };
}

/** Twelve lights from a grey dawn to the lamps: six of one kind, three of another, three of lamps. */
const LIGHTS = Array.from({ length: 12 }, (_, i) => ({
  kind: i < 6 ? 'clear' : i < 9 ? 'cloud' : 'lamps',
  weight: 1 / 12,
  scene: { power: lightOfTemperature(2700 + 700 * i), lux: 60 + 90 * i },
}));

/** Ten components in four things. `near` makes them such that most of the deck is worth following to its end. */
function stays(near: boolean): SurfaceStay[] {
  const random = seededRandom(4);
  const component = (i: number) => {
    const lab = near
      ? { l: 78 + i, a: 3 + random(), b: 11 + 2 * random() }
      : { l: 35 + 6 * i, a: 8 * random(), b: 4 + 14 * random() };
    return { name: `component ${i}`, share: 1, ...surface(lab) };
  };
  const all = Array.from({ length: 10 }, (_, i) => component(i));
  return [all.slice(0, 3), all.slice(3, 6), all.slice(6, 8), all.slice(8)].map((components, i) => ({
    name: `thing ${i}`,
    kind: 'fixed',
    school: 'share',
    components: components.map((c) => ({ ...c, share: 1 / components.length })),
  }));
}

function deckOf(near: boolean): Surface[] {
  const random = seededRandom(3);
  return Array.from({ length: DISTINCT }, () =>
    surface(
      near
        ? { l: 80 + 8 * random(), a: 2.5 + 2 * random(), b: 9 + 4 * random() }
        : { l: 40 + 50 * random(), a: 10 * random() - 3, b: 20 * random() - 2 },
    ),
  );
}

/** Judges a whole deck as the walls of a room; answers the longest time a single colour took, milliseconds. */
function judge(near: boolean, deck: readonly Surface[]): number {
  const adviceOn = prepareAdvice({
    stays: stays(near),
    lights: LIGHTS,
    light: { dim: 0.3, bright: 0 },
    kind: 'other',
    windDown: 0,
    schools: DEFAULT_SCHOOLS,
    wish: 'warmer',
  });
  let longest = 0;
  const found = Array.from({ length: COLOURS * STRENGTHS }, (_, i) => {
    const from = performance.now();
    const advice = adviceOn(deck[i % DISTINCT]!);
    longest = Math.max(longest, performance.now() - from);
    return advice;
  });
  found.sort(byServing);
  return longest;
}

/** A whole deck ranked in a room, and what to look at next. */
export function benchJudge(): void {
  for (const [name, near, budget] of [
    ['an ordinary deck', false, 0.7],
    ['a deck where nothing is dropped early', true, 1.5],
  ] as const) {
    const deck = deckOf(near);
    let longest = 0;
    const seconds = medianSeconds(() => (longest = judge(near, deck)), 3);
    against(`4,000 × 4 × 10 × 12 ranked, ${name}`, seconds, budget, 's');
    // a worker looks for a cancel and tells progress after 40 ms and the colour it is in
    against(`the longest colour of it, with the 40 ms of a slice, ${name}`, 40 + longest, 100, 'ms');
  }
  const samples = deckOf(false).flatMap((s, i) =>
    Array.from({ length: COLOURS / DISTINCT }, (_, k) => ({
      lab: { ...s.lab, l: s.lab.l + 0.1 * k },
      atHand: i < 3,
      chance: 0.1 + (i % 5) / 6,
    })),
  );
  const said = samples.slice(0, 6).map(({ lab }, i) => ({
    lab,
    verdict: i % 2 ? ('no' as const) : ('nearly' as const),
    reason: i % 2 ? ('too-green' as const) : null,
    lapse: 0.03,
  }));
  against('next sample out of 4,000', 1000 * medianSeconds(() => nextSamples(samples, said), 5), 50, 'ms');
}

/** A wall colour's companions out of a whole deck, beside ten components, its lights known. */
export function benchCompanions(): void {
  const palette = deckOf(false).flatMap(({ lab, reflectance }, i) =>
    Array.from({ length: COLOURS / DISTINCT }, (_, k) => ({
      id: `${i} ${k}`,
      strength: 100,
      maker: k % 2 ? 'one' : 'another',
      lab: { ...lab, l: lab.l + 0.1 * k },
      reflectance,
    })),
  );
  const things = stays(false).map(({ components, ...stay }, k) => ({
    ...stay,
    id: String(k),
    components: components.map((c, n) => ({ ...c, id: `${k} ${n}`, spectrum: Array.from(c.reflectance) })),
  }));
  const wall = { id: 'wall', lab: { l: 74, a: 2, b: 9 } };
  const here = { id: 'here', kind: 'other', lit: null, stays: things } as const;
  const seconds = medianSeconds(() => toTheEnd(companions({ wall, maker: 'one', here, others: [] }, palette)), 3);
  against('companions of a wall out of 4,000', seconds, 0.7, 's');
}
