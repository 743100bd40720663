import { ciede2000Terms } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import { hueReason } from './hue-reason';
import { hueTouch, mostHue } from './hue-touch';
import type { PreparedCandidate, PreparedComponent } from './prepared';
import type { Reason } from './reasons';
import { tooStrongCost, tooWeakCost } from './strength-cost';
import { datedCost, dirtyCost } from './white-cost';

const { abs, min, sqrt } = Math;

/** A conflict and its cost; 1 is "nearly", 2 is "no". */
export type Conflict = { readonly reason: Reason; readonly cost: number };

/** What a candidate costs beside one component, by kind of conflict; 0 for none. */
export type Costs = { hue: number; tooStrong: number; tooWeak: number; dirty: number; dated: number; close: number };

export const noCosts = (): Costs => ({ hue: 0, tooStrong: 0, tooWeak: 0, dirty: 0, dated: 0, close: 0 });

/** Costs under this are nobody's reason. */
const LEAST_COST = 0.05;
const atLeast = (cost: number) => (cost > LEAST_COST ? cost : 0);
/** Blending alone is never a no. */
const MOST_CLOSE = 1.9;
/** The largest lightness weight of CIEDE2000, at L* 0 and 100. */
const MOST_SL = 1.75;
/** Room for the rounding of a bound against what is bounded. */
const ROUNDING = 1e-9;

const squared = (c: Costs): number =>
  c.hue * c.hue + c.tooStrong * c.tooStrong + c.tooWeak * c.tooWeak + c.dirty * c.dirty + c.dated * c.dated + c.close * c.close;

/** Whether what is left, the hue and blending, surely brings the cost to no more than `above`. */
function staysUnder(stay: PreparedComponent, candidate: PreparedCandidate, touch: number, left: number): boolean {
  const m = stay.model;
  const mayBlend = stay.share >= m.largeShare && abs(candidate.lab.l - stay.lab.l) < m.closeBelow * MOST_SL;
  const forHue = left - (mayBlend ? MOST_CLOSE * MOST_CLOSE : 0);
  if (forHue < 0) return false;
  const most = touch === 0 ? 0 : (touch / m.hueStep) * m.greenBesidePink * (mostHue(stay, candidate) + ROUNDING);
  return most * most <= forHue;
}

/**
 * What a candidate costs beside one component: writes each kind into `out` and answers all of them together, which add like the parts of a
 * colour difference. Colours that cannot be told apart only ever blend.
 *
 * @param above answers 0, and leaves `out` unfinished, when the cost is surely not above this
 */
export function costsBeside(stay: PreparedComponent, candidate: PreparedCandidate, out: Costs, above = -1): number {
  out.hue = 0;
  out.close = 0;
  out.tooStrong = tooStrongCost(stay, candidate);
  out.tooWeak = out.tooStrong > 0 || candidate.chroma > stay.strongFrom ? 0 : tooWeakCost(stay, candidate);
  out.dirty = dirtyCost(stay, candidate);
  out.dated = datedCost(stay, candidate);
  const touch = hueTouch(stay, candidate);
  if (above >= 0 && staysUnder(stay, candidate, touch, above * above - squared(out))) return 0;
  addVisible(stay, candidate, touch, out);
  return sqrt(squared(out));
}

/** Adds what lies in the difference itself, hue and blending, and fades the rest in with it: near-identical colours cannot clash. */
function addVisible(stay: PreparedComponent, candidate: PreparedCandidate, touch: number, out: Costs): void {
  const m = stay.model;
  const { deltaL, deltaC, deltaH, sL, sC, sH, rT } = ciede2000Terms(stay.lab, candidate.lab);
  const dl = deltaL / sL;
  const dc = deltaC / sC;
  const dh = deltaH / sH;
  const apart = sqrt(dl * dl + dc * dc + dh * dh + rT * dc * dh); // CIEDE2000 eq. 22
  const besidePink = stay.pink && hueReason(stay.lab, candidate.lab) === 'too-green' ? m.greenBesidePink : 1;
  const visible = min(1, apart / m.closeBelow);
  out.hue = atLeast((abs(dh) / m.hueStep) * besidePink * touch * visible);
  out.tooStrong = atLeast(out.tooStrong * visible);
  out.tooWeak = atLeast(out.tooWeak * visible);
  out.dirty = atLeast(out.dirty * visible);
  out.dated = atLeast(out.dated * visible);
  if (stay.share >= m.largeShare && apart < m.closeBelow) out.close = min(MOST_CLOSE, 1 + (m.closeBelow - apart) / m.closeBelow);
}

/** Costs as conflicts with their reasons, strongest first. */
export function conflictsOf(stay: Lab, candidate: Lab, costs: Costs): Conflict[] {
  const all: Conflict[] = [
    { reason: hueReason(stay, candidate), cost: costs.hue },
    { reason: 'too-strong', cost: costs.tooStrong },
    { reason: 'too-weak', cost: costs.tooWeak },
    { reason: 'reads-dirty', cost: costs.dirty },
    { reason: 'dates-it', cost: costs.dated },
    { reason: 'too-close', cost: costs.close },
  ];
  return all.filter((c) => c.cost > 0).sort((p, q) => q.cost - p.cost);
}
