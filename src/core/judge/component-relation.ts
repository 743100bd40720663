import { ramp } from '../base/ramp';
import { ciede2000Terms, deltaE00 } from '../colour/ciede2000';
import { hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { answering } from './answering';
import { greener, hueReason } from './hue-reason';
import { hueTouch, mostHue } from './hue-touch';
import { prepareCandidate } from './prepare-candidate';
import { ALONE, prepareComponent } from './prepare-component';
import type { PreparedCandidate, PreparedComponent } from './prepared';
import type { Reason } from './reasons';
import { tooStrongCost, tooWeakCost } from './strength-cost';
import { datedCost, dirtyCost } from './white-cost';
import { discordCost, loudCost } from './colour-cost';

const { abs, max, min, sqrt } = Math;

/** A conflict and its cost; 1 is "nearly", 2 is "no". */
export type Conflict = { readonly reason: Reason; readonly cost: number };

/** What a candidate costs beside one component, by kind of conflict; 0 for none. */
export type Costs = { hue: number; tooStrong: number; tooWeak: number; dirty: number; dated: number; close: number };

export const noCosts = (): Costs => ({ hue: 0, tooStrong: 0, tooWeak: 0, dirty: 0, dated: 0, close: 0 });

/** Costs under this are nobody's reason. */
const LEAST_COST = 0.05;
const atLeast = (cost: number) => (cost > LEAST_COST ? cost : 0);
/** ΔE00 from which blending colours are told apart well enough to say by what, and the part of it that lightness must be. Own choice. */
const LEAST_STEP = 2;
const MOSTLY_DEPTH = 0.8;
/** Chroma from which a weak colour has a hue to be named by, and the hue distance (degrees) from which it is another. Own choice. */
const WEAK_WITH_HUE = 1.5;
const OTHER_HUE_DEG = 35;
/** Blending alone is never a no. */
const MOST_CLOSE = 1.9;
/** The largest lightness weight of CIEDE2000, at L* 0 and 100. */
const MOST_SL = 1.75;
/** Room for the rounding of a bound against what is bounded. */
const ROUNDING = 1e-9;

const squared = (c: Costs): number =>
  c.hue * c.hue + c.tooStrong * c.tooStrong + c.tooWeak * c.tooWeak + c.dirty * c.dirty + c.dated * c.dated + c.close * c.close;

/** The most that blending may cost two that are so far apart in depth at least, ΔE00. */
function mostClose({ large, model: m }: PreparedComponent, apart: number): number {
  if (large === 0 || apart >= m.closeBelow + m.closeStep + m.closeFades) return 0;
  return large * (apart < m.closeBelow ? min(MOST_CLOSE, 1 + (m.closeBelow - apart) / m.closeBelow) : 1);
}

/** Whether what is left, the hue and blending, surely brings the cost to no more than `above`. */
function staysUnder(stay: PreparedComponent, candidate: PreparedCandidate, touch: number, left: number): boolean {
  const m = stay.model;
  const close = mostClose(stay, abs(candidate.lab.l - stay.lab.l) / MOST_SL);
  const forHue = left - close * close;
  if (forHue < 0) return false;
  const most = touch === 0 ? 0 : (touch / m.hueStep) * m.greenBesidePink * (mostHue(stay, candidate) + ROUNDING);
  return most * most <= forHue;
}

/** What a colour costs beside a component, apart from blending with it: {@link discordCost}, {@link loudCost}. */
function colourCosts(stay: PreparedComponent, candidate: PreparedCandidate, out: Costs): void {
  out.hue = discordCost(stay, candidate);
  out.tooStrong = loudCost(stay, candidate);
  out.tooWeak = out.dirty = out.dated = 0;
}

/** What a near-neutral costs beside a component, apart from its hue and blending; answers how far its hue counts. */
function neutralCosts(stay: PreparedComponent, candidate: PreparedCandidate, out: Costs): number {
  const answer = answering(stay, candidate);
  out.tooStrong = tooStrongCost(stay, candidate, answer);
  out.tooWeak = out.tooStrong > 0 || candidate.chroma > stay.strongFrom ? 0 : tooWeakCost(stay, candidate);
  out.dirty = dirtyCost(stay, candidate);
  out.dated = datedCost(stay, candidate);
  return hueTouch(stay, candidate, answer);
}

/** Scales every kind of cost but blending. */
function scale(out: Costs, by: number): void {
  out.hue *= by;
  out.tooStrong *= by;
  out.tooWeak *= by;
  out.dirty *= by;
  out.dated *= by;
}

/** What lies between the worlds costs by how far it belongs to either; `out` holds what it costs as a near-neutral. */
function betweenWorlds(stay: PreparedComponent, candidate: PreparedCandidate, out: Costs): void {
  const asNeutral = sqrt(squared(out) - out.close * out.close);
  const { neutralMost } = stay.model;
  scale(out, (1 - candidate.chromatic) * (asNeutral > neutralMost ? neutralMost / asNeutral : 1));
  out.hue += candidate.chromatic * discordCost(stay, candidate);
  out.tooStrong += candidate.chromatic * loudCost(stay, candidate);
}

function oneWay(stay: PreparedComponent, candidate: PreparedCandidate, out: Costs, above: number): number {
  out.hue = 0;
  out.close = 0;
  if (candidate.chromatic === 1) {
    colourCosts(stay, candidate, out);
    if (above >= 0 && staysUnder(stay, candidate, 0, above * above - squared(out))) return 0;
    addVisible(stay, candidate, 0, out);
    return sqrt(squared(out));
  }
  const touch = neutralCosts(stay, candidate, out);
  if (above >= 0 && candidate.chromatic === 0 && staysUnder(stay, candidate, touch, above * above - squared(out))) return 0;
  addVisible(stay, candidate, touch, out);
  if (candidate.chromatic > 0) betweenWorlds(stay, candidate, out);
  return sqrt(squared(out));
}

const BACK = noCosts();

/** How far a contrast of two paints of one job is meant, by the deeper of them, 0–1. */
const onPurpose = ({ model: m, lab }: PreparedComponent, candidate: Lab): number =>
  ramp(min(lab.l, candidate.l), m.meantFromL, m.meantFullL);

/**
 * Two paints of one job are judged the same both ways round: the worse of the two for their hues and strength, the yellower of two whites
 * looks dirty whichever it is, and nothing is dated or washed out. A deep one contrasts on purpose.
 */
function bothWays(stay: PreparedComponent, candidate: PreparedCandidate, out: Costs): number {
  const { model: m } = stay;
  oneWay(stay, candidate, out, -1);
  oneWay(prepareComponent(candidate.lab, m, { ...ALONE, kind: 'painted' }), prepareCandidate(stay.lab, m), BACK, -1);
  const meant = 1 - onPurpose(stay, candidate.lab);
  out.hue = meant * max(out.hue, BACK.hue);
  out.tooStrong = max(out.tooStrong, BACK.tooStrong);
  out.tooWeak = 0;
  out.dated = BACK.dirty;
  return sqrt(squared(out));
}

/**
 * What a candidate costs beside one component: writes each kind into `out` and answers all of them together, which add like the parts of a
 * colour difference. Colours that cannot be told apart only ever blend.
 *
 * @param above answers 0, and leaves `out` unfinished, when the cost is surely not above this
 */
export const costsBeside = (stay: PreparedComponent, candidate: PreparedCandidate, out: Costs, above = -1): number =>
  stay.kind === 'painted' ? bothWays(stay, candidate, out) : oneWay(stay, candidate, out, above);

/**
 * What blending with a large component costs: neither the same nor visibly another colour. Two colours that differ in depth alone are a
 * near miss for longer; the very colour of a thing of one colour is a choice.
 *
 * @param apart ΔE00; @param byDepth how much of it is lightness, 0–1
 */
function closeCost({ large, uniform, model: m }: PreparedComponent, apart: number, byDepth: number): number {
  const reach = m.closeBelow + m.closeStep * ramp(byDepth, 0.8, 0.95);
  if (large === 0 || apart >= reach + m.closeFades) return 0;
  const near =
    apart < m.closeBelow ? 1 + (m.closeBelow - apart) / m.closeBelow : min(1, (reach + m.closeFades - apart) / m.closeFades);
  const same = uniform * ramp(apart, m.sameNoMore, m.sameUpTo);
  return large * (1 - same) * min(MOST_CLOSE, near);
}

/** Adds what lies in the difference itself, hue and blending, and fades the rest in with it: near-identical colours cannot clash. */
function addVisible(stay: PreparedComponent, candidate: PreparedCandidate, touch: number, out: Costs): void {
  const m = stay.model;
  const { deltaL, deltaC, deltaH, sL, sC, sH, rT } = ciede2000Terms(stay.lab, candidate.lab);
  const dl = deltaL / sL;
  const dc = deltaC / sC;
  const dh = deltaH / sH;
  const apart = sqrt(dl * dl + dc * dc + dh * dh + rT * dc * dh); // CIEDE2000 eq. 22
  const besidePink = stay.pink === 0 ? 1 : 1 + (m.greenBesidePink - 1) * stay.pink * greener(stay.lab, candidate.lab);
  const visible = min(1, apart / m.closeBelow);
  out.hue = atLeast((out.hue + (abs(dh) / m.hueStep) * besidePink * touch) * visible);
  out.tooStrong = atLeast(out.tooStrong * visible);
  out.tooWeak = atLeast(out.tooWeak * visible);
  out.dirty = atLeast(out.dirty * visible);
  out.dated = atLeast(out.dated * visible);
  out.close = atLeast(closeCost(stay, apart, apart === 0 ? 0 : abs(dl) / apart));
}

/** The word for blending: by depth, where that is what tells the two apart. */
function closeReason(stay: Lab, candidate: Lab): Reason {
  const { deltaL, sL } = ciede2000Terms(stay, candidate);
  const apart = deltaE00(stay, candidate);
  if (apart < LEAST_STEP || abs(deltaL / sL) < MOSTLY_DEPTH * apart) return 'too-close';
  return candidate.l < stay.l ? 'too-dark' : 'too-light';
}

/** The word for being weaker: where the hues differ visibly it is the hue that is seen. */
function weakReason(stay: PreparedComponent, { lab, chroma: c }: PreparedCandidate): Reason {
  const apart = abs(stay.hueDeg - hueDeg(lab));
  const otherHue = c >= WEAK_WITH_HUE && stay.chroma >= WEAK_WITH_HUE && min(apart, 360 - apart) >= OTHER_HUE_DEG;
  return otherHue ? hueReason(stay.lab, lab) : 'too-weak';
}

/** Costs as conflicts with their reasons, strongest first; what has the same word counts together. */
export function conflictsOf(stay: PreparedComponent, candidate: PreparedCandidate, costs: Costs): Conflict[] {
  const all: Conflict[] = [
    { reason: hueReason(stay.lab, candidate.lab), cost: costs.hue },
    { reason: 'too-strong', cost: costs.tooStrong },
    { reason: weakReason(stay, candidate), cost: costs.tooWeak },
    { reason: 'reads-dirty', cost: costs.dirty },
    { reason: 'dates-it', cost: costs.dated },
    { reason: closeReason(stay.lab, candidate.lab), cost: costs.close },
  ];
  const together = new Map<Reason, number>();
  for (const { reason, cost } of all) if (cost > 0) together.set(reason, Math.hypot(together.get(reason) ?? 0, cost));
  return [...together].map(([reason, cost]) => ({ reason, cost })).sort((p, q) => q.cost - p.cost);
}
