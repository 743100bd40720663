import type { Random } from '../base/random';
import { lightnessOfLrv, lrvOf } from '../colour/lab';
import { reflectanceFromLab } from '../colour/reflectance';
import type { Lab } from '../colour/types';
import { sayBeside, VERDICTS, type Reason } from '../judge/reasons';
import { relation } from '../judge/relation';
import { atStrength } from '../paint/strength';
import { apart, at, between, LEAST_SHOWN, oneOf, shown, wallColour, type Maker } from './asked-parts';

const VERDICT_CHOICES = ['works', 'nearly', 'no'] as const;
/** How far a cost lies from where its verdict turns; there is most room in the middle of what nearly works. */
function marginOf(cost: number): number {
  if (cost < 1) return 1 - cost;
  return cost < 2 ? Math.min(cost - 1, 2 - cost) : cost - 2;
}
const MOST_OF_NEARLY = 0.4;
/** Nothing much easier than wanted is asked, but what costs nothing at all, or beyond doubt. */
const EASY = 1.6;
const MOST_MARGIN = 1;
/** A blue is told too green by the model, whose words have no "too blue": nobody can guess that, and it is not asked. */
const isBlueTold = ({ a, b }: Lab, reason: Reason | undefined): boolean => reason === 'too-green' && b < 0 && -b > Math.abs(a);
export const besideThing: Maker = (random, level, { things }, once) => {
  const thing = oneOf(random, things);
  // drawn once: what is hard to come by is asked as often
  const wanted = VERDICT_CHOICES[Math.floor(once * VERDICT_CHOICES.length)]!;
  const patch = shown(wallColour(random));
  if (!patch) return undefined;
  const { verdict, cost, reasons } = relation(thing, patch.lab);
  if (isBlueTold(patch.lab, reasons[0])) return undefined;
  const margin = marginOf(cost);
  if (verdict !== wanted || margin < Math.min(level, wanted === 'nearly' ? MOST_OF_NEARLY : Infinity)) return undefined;
  if (margin > Math.max(EASY * level, MOST_OF_NEARLY) && margin < MOST_MARGIN) return undefined;
  const parts = thing.components.map(({ lab, share }) => ({ patch: shown(lab), share }));
  if (parts.some((p) => !p.patch)) return undefined;
  const why = reasons[0] ? sayBeside(reasons[0], thing.name.toLowerCase()) : 'nothing in it fights';
  return {
    level: margin,
    ask: `Beside ${thing.name.toLowerCase()}: does this wall work?`,
    fields: [[patch]],
    beside: { name: thing.name, parts: parts.map((p) => ({ ...p.patch!, share: p.share })) },
    words: VERDICT_CHOICES,
    right: VERDICTS.indexOf(verdict),
    says: `${{ works: 'It works', nearly: 'Nearly', no: 'No' }[verdict]}: ${why}.`,
  };
};

/** What is asked for stands first, in the middle or last of three, each so much from the next. */
const PLACES = [
  [0, 1, 2],
  [-1, 0, 1],
  [-2, -1, 0],
] as const;
function shuffled<T>(random: Random, all: readonly T[]): T[] {
  const left = [...all];
  return all.map(() => left.splice(Math.floor(random() * left.length), 1)[0]!);
}

export const depth: Maker = (random, level) => {
  const target = Math.round(between(random, 15, 82));
  const [c, hue] = [between(random, 2, 12), between(random, 0, 360)];
  const l = lightnessOfLrv(target);
  const made = shuffled(random, oneOf(random, PLACES)).map((k) => ({ k, patch: shown(at(l + k * level, c, hue)) }));
  if (made.some((m) => !m.patch || m.patch.lab.l < 22 || m.patch.lab.l > 95)) return undefined;
  const right = made.findIndex((m) => m.k === 0);
  return {
    level,
    ask: `Which gives back ${target} % of the light (LRV ${target})?`,
    fields: made.map((m) => [m.patch!]),
    beside: null,
    words: [],
    right,
    says: `From the left: LRV ${made.map((m) => Math.round(lrvOf(m.patch!.lab))).join(', ')}.`,
  };
};

const BASE = reflectanceFromLab({ l: 96, a: -0.4, b: 1.6 });
const STRENGTH = 75;
export const strength: Maker = (random, level) => {
  const full = shown(at(between(random, 35, 72), between(random, 8, 34), between(random, 0, 360)));
  const curve = full && reflectanceFromLab(full.lab);
  if (!full || !curve?.ok || !BASE.ok) return undefined;
  const step = Math.min(level, 25);
  const made = shuffled(random, oneOf(random, PLACES)).map((k) => {
    const percent = Math.round(STRENGTH + k * step);
    const mixed = percent > 0 && percent <= 100 ? atStrength(curve.value, BASE.value, percent / 100) : undefined;
    return { k, percent, patch: mixed?.ok ? shown(mixed.value.lab) : undefined };
  });
  const patches = made.flatMap((m) => m.patch ?? []);
  if (patches.length < 3) return undefined;
  const near = Math.min(apart(patches[0]!, patches[1]!), apart(patches[1]!, patches[2]!), apart(patches[0]!, patches[2]!));
  if (near < 2 * LEAST_SHOWN) return undefined;
  return {
    level: step,
    ask: 'Above is the full formula. Which is the 75 %?',
    fields: patches.map((p) => [p]),
    beside: { name: 'The full formula', parts: [{ ...full, share: 1 }] },
    words: [],
    right: made.findIndex((m) => m.k === 0),
    says: `From the left: ${made.map((m) => `${m.percent} %`).join(', ')}.`,
  };
};
