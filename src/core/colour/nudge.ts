import { deltaE00 } from './ciede2000';
import type { Direction } from './directions';
import type { Lab } from './types';

/** Steps along each direction; positive: pinker, yellower, stronger, lighter. */
export type Nudges = Readonly<Record<Direction, number>>;
export const NO_NUDGES: Nudges = { pinkGreen: 0, yellowBlue: 0, strongWeak: 0, lightDark: 0 };
/** Steps offered either way. Own choice: beyond them it is another material. */
export const MOST_NUDGES = 15;

/** Chroma under which a colour has no hue to be stronger in. */
const NO_HUE = 0.05;
/** Furthest a single step is looked for, in Lab units: no just-noticeable step of a surface is longer. */
const FURTHEST = 20;
const HALVINGS = 40;

/** The way in Lab that a direction goes, as a unit vector; undefined where there is none. */
function wayOf({ a, b }: Lab, direction: Direction): Lab | undefined {
  if (direction === 'pinkGreen') return { l: 0, a: 1, b: 0 };
  if (direction === 'yellowBlue') return { l: 0, a: 0, b: 1 };
  if (direction === 'lightDark') return { l: 1, a: 0, b: 0 };
  const chroma = Math.hypot(a, b);
  return chroma < NO_HUE ? undefined : { l: 0, a: a / chroma, b: b / chroma };
}

/** One just-noticeable step (ΔE00 1) along a direction. A grey gets no stronger, and nothing weaker than grey. */
function stepped(lab: Lab, direction: Direction, sign: 1 | -1): Lab {
  const way = wayOf(lab, direction);
  if (!way) return lab;
  const most = direction === 'strongWeak' && sign < 0 ? Math.hypot(lab.a, lab.b) : FURTHEST;
  const at = (d: number): Lab => ({ l: lab.l + sign * d * way.l, a: lab.a + sign * d * way.a, b: lab.b + sign * d * way.b });
  let [near, far] = [0, most];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (near + far) / 2;
    if (deltaE00(lab, at(middle)) < 1) near = middle;
    else far = middle;
  }
  const next = at(far);
  return { ...next, l: Math.max(0, Math.min(100, next.l)) };
}

/** A colour (Lab, D65, 10°) so many just-noticeable steps further along each direction; parts of a step are taken in proportion. */
export function nudged(lab: Lab, nudges: Nudges): Lab {
  let at = lab;
  for (const direction of ['lightDark', 'strongWeak', 'pinkGreen', 'yellowBlue'] as const) {
    const steps = nudges[direction];
    const sign = steps < 0 ? -1 : 1;
    const whole = Math.floor(Math.abs(steps));
    for (let i = 0; i < whole; i++) at = stepped(at, direction, sign);
    const part = Math.abs(steps) - whole;
    if (part === 0) continue;
    const next = stepped(at, direction, sign);
    at = { l: at.l + part * (next.l - at.l), a: at.a + part * (next.a - at.a), b: at.b + part * (next.b - at.b) };
  }
  return at;
}
