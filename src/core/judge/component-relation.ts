import { ciede2000Terms } from '../colour/ciede2000';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { ramp } from '../base/ramp';
import type { RelationModel } from './model';
import type { Reason } from './reasons';

const { abs, exp, max, min, sqrt } = Math;

/** A conflict and its cost; 1 is "nearly", 2 is "no". */
export type Conflict = { readonly reason: Reason; readonly cost: number };

/** What a candidate costs beside one component, by kind of conflict; 0 for none. */
export type Costs = { hue: number; tooStrong: number; tooWeak: number; dirty: number; dated: number; close: number };

/** A component with everything that does not depend on the candidate worked out. */
export type PreparedComponent = {
  readonly model: RelationModel;
  readonly lab: Lab;
  readonly share: number;
  readonly chroma: number;
  readonly hueDeg: number;
  /** How far it has a hue to conflict with, 0–1. */
  readonly committed: number;
  /** How much a conflict counts beside it, 0–1: dark stays are easy on colour. */
  readonly easiness: number;
  /** How much it is a clean white that any colour sets off, 0–1. */
  readonly crispness: number;
  /** Leans pink, by which a green lean is felt more. */
  readonly pink: boolean;
  /** A clean white, beside which a yellower one looks dirty. */
  readonly clean: boolean;
  /** Chroma a candidate may have beside it before it is too strong. */
  readonly strongFrom: number;
  /** Chroma its depth family would have, 0 for a furnishing, times the square root of the room left to white. */
  readonly familyChroma: number;
};

/** A candidate with everything that does not depend on what it is held against worked out. */
export type PreparedCandidate = {
  readonly lab: Lab;
  readonly chroma: number;
  /** Square root of the room for chroma left at its lightness. */
  readonly rootRoom: number;
  /** How far it has a hue to conflict with, 0–1. */
  readonly committed: number;
  /** How far being weak makes it lifeless, 0–1: only pale colours are. */
  readonly pale: number;
  /** How far it counts as an off-white, 0–1. */
  readonly whiteness: number;
  readonly clean: boolean;
};

export const noCosts = (): Costs => ({ hue: 0, tooStrong: 0, tooWeak: 0, dirty: 0, dated: 0, close: 0 });

const clamp01 = (v: number) => min(1, max(0, v));

/** The room for chroma left at a lightness: it grows away from white along a strip. */
const roomForChroma = (l: number) => 1 - exp(-max(1, 98 - l) / 15);

/** How much two colours of different depth still touch: far apart in lightness, colours are easy. */
const nearness = (apart: number, halfAt: number) => 1 / (1 + (apart / halfAt) * (apart / halfAt));

const isClean = (l: number, c: number, m: RelationModel) => l >= m.cleanWhiteL && c <= m.cleanWhiteChroma;

/**
 * A component made ready for many candidates. Lab of the same light as the candidates' (D65, 10°, or corresponding).
 *
 * @param furnishing a wall may always be weaker than a furnishing, which is seen on it, and somewhat stronger
 */
export function prepareComponent(lab: Lab, share: number, m: RelationModel, furnishing = false): PreparedComponent {
  const c = chroma(lab);
  return {
    model: m,
    lab,
    share,
    chroma: c,
    hueDeg: hueDeg(lab),
    committed: ramp(c, m.hueFromChroma, m.hueFullChroma),
    easiness: m.easyLeast + (1 - m.easyLeast) * ramp(lab.l, 15, m.easyBelow),
    crispness: ramp(lab.l, m.crispFrom, m.crispFull) * ramp(c, 3 * m.cleanWhiteChroma, m.cleanWhiteChroma),
    clean: isClean(lab.l, c, m),
    pink: lab.a > 0 && hueDeg(lab) < 80,
    strongFrom: m.strongAllowance + m.strongGrowth * c + (furnishing ? m.strongFurnishing : 0),
    familyChroma: furnishing ? 0 : c / sqrt(roomForChroma(lab.l)),
  };
}

/** A candidate made ready for many components. Lab of the same light as theirs (D65, 10°, or corresponding). */
export function prepareCandidate(lab: Lab, m: RelationModel): PreparedCandidate {
  const c = sqrt(lab.a * lab.a + lab.b * lab.b);
  return {
    lab,
    chroma: c,
    rootRoom: sqrt(roomForChroma(lab.l)),
    committed: ramp(c, m.hueCandidateFrom, m.hueCandidateFull),
    pale: ramp(lab.l, m.weakFrom, m.weakFull),
    whiteness: ramp(lab.l, m.offWhiteL, m.offWhiteFullL),
    clean: isClean(lab.l, c, m),
  };
}

/**
 * The word for a hue difference, by its larger part. A weaker colour is compared with the stay at its own chroma, so that being weaker is not
 * taken for another hue. A pinkish or bluish shift of a weak colour is what consultants call too violet.
 */
export function hueReason(stay: Lab, candidate: Lab): Reason {
  const c = sqrt(candidate.a * candidate.a + candidate.b * candidate.b);
  const same = min(1, c / max(sqrt(stay.a * stay.a + stay.b * stay.b), 1e-9));
  const pinker = 1.5 * (candidate.a - same * stay.a); // the CIEDE2000 stretch of a* near grey
  const yellower = candidate.b - same * stay.b;
  if (abs(pinker) < abs(yellower)) {
    if (yellower > 0) return 'too-yellow';
    return candidate.a < -1 ? 'too-green' : 'too-violet';
  }
  if (pinker < 0) return 'too-green';
  return c < 8 ? 'too-violet' : 'too-pink';
}

function strengthCosts(stay: PreparedComponent, { lab, chroma: c, rootRoom, pale }: PreparedCandidate, out: Costs): void {
  const m = stay.model;
  const excess = c - stay.strongFrom;
  if (excess > 0) {
    out.tooStrong = (excess / m.strongStep) * stay.easiness * (1 - stay.crispness);
    return;
  }
  const lack = stay.familyChroma * rootRoom * (1 - m.weakSlack) - c;
  if (lack <= 0) return;
  const touch = lab.l < stay.lab.l ? 1 : nearness(lab.l - stay.lab.l, m.weakDepth);
  out.tooWeak = (lack / m.weakStep) * touch * stay.easiness * pale;
}

/** White by white: the yellower of two whites looks dirty, or makes the other look dated. */
function whiteCosts(stay: PreparedComponent, { lab, whiteness, clean }: PreparedCandidate, out: Costs): void {
  const m = stay.model;
  if (lab.l < m.offWhiteL) return;
  const yellower = lab.b - stay.lab.b;
  if (stay.clean && yellower > 0) {
    const darker = ramp(lab.l, stay.lab.l + m.dirtyLighter, stay.lab.l);
    out.dirty = (darker * whiteness * max(0, yellower - m.dirtyFrom)) / m.dirtyStep;
    return;
  }
  if (yellower < 0 && clean && lab.l >= stay.lab.l - 1)
    out.dated = (ramp(stay.lab.l, m.datedFrom, m.offWhiteL) * -yellower) / m.datedStep;
}

/** Costs under this are nobody's reason. */
const LEAST_COST = 0.05;
const atLeast = (cost: number) => (cost > LEAST_COST ? cost : 0);
/** Blending alone is never a no. */
const MOST_CLOSE = 1.9;

/** How far two colours share their pink or their green, 0–1: what violet flecks have in common with an orange-pink beige. */
function sharing(stay: PreparedComponent, candidate: Lab): number {
  if (stay.lab.a * candidate.a <= 0) return 0;
  return min(1, min(abs(stay.lab.a), abs(candidate.a)) / stay.model.sharedFull);
}

/** How far a hue conflict counts beside a component: by depth, by how much of a hue both have, and by what they share. */
function hueTouch(stay: PreparedComponent, { lab, chroma: c, committed }: PreparedCandidate): number {
  const m = stay.model;
  const hues = stay.committed * committed;
  if (hues === 0) return 0;
  const touch = nearness(lab.l - stay.lab.l, m.hueDepth) * nearness(c - stay.chroma, m.hueChroma);
  return hues * touch * stay.easiness * (1 - m.sharedRelief * sharing(stay, lab));
}

const POW25_7 = 25 ** 7;

/** ΔH′ of CIEDE2000 without its angles: 2 (C′₁ C′₂ − the scalar product); over SH, which is at least 1, the hue difference is no more. */
function mostHue(stay: PreparedComponent, { lab, chroma: c }: PreparedCandidate): number {
  const mean = (stay.chroma + c) / 2;
  const mean2 = mean * mean;
  const mean7 = mean2 * mean2 * mean2 * mean;
  const g = 1.5 - 0.5 * sqrt(mean7 / (mean7 + POW25_7));
  const a1 = g * stay.lab.a;
  const a2 = g * lab.a;
  const { b: b1 } = stay.lab;
  const { b: b2 } = lab;
  return sqrt(max(0, 2 * (sqrt((a1 * a1 + b1 * b1) * (a2 * a2 + b2 * b2)) - a1 * a2 - b1 * b2)));
}

/** The largest lightness weight of CIEDE2000, at L* 0 and 100. */
const MOST_SL = 1.75;
/** Room for the rounding of a bound against what is bounded. */
const ROUNDING = 1e-9;

/**
 * What a candidate costs beside one component: writes each kind into `out` and answers all of them together, which add like the parts of a
 * colour difference. Colours that cannot be told apart only ever blend.
 *
 * @param above answers 0, and leaves `out` unfinished, when the cost is surely not above this
 */
export function costsBeside(stay: PreparedComponent, candidate: PreparedCandidate, out: Costs, above = -1): number {
  const m = stay.model;
  out.tooStrong = out.tooWeak = out.dirty = out.dated = out.close = 0;
  strengthCosts(stay, candidate, out);
  whiteCosts(stay, candidate, out);
  const touch = hueTouch(stay, candidate);
  const mayBlend = stay.share >= m.largeShare && abs(candidate.lab.l - stay.lab.l) < m.closeBelow * MOST_SL;
  const others = out.tooStrong * out.tooStrong + out.tooWeak * out.tooWeak + out.dirty * out.dirty + out.dated * out.dated;
  const left = above * abs(above) - others - (mayBlend ? MOST_CLOSE * MOST_CLOSE : 0);
  if (left >= 0) {
    const most = touch === 0 ? 0 : (touch / m.hueStep) * m.greenBesidePink * (mostHue(stay, candidate) + ROUNDING);
    if (most * most <= left) return 0;
  }
  return felt(stay, candidate, touch, out);
}

/** Finishes the costs that {@link costsBeside} has begun: hue, what is visible at all, and blending. */
function felt(stay: PreparedComponent, candidate: PreparedCandidate, touch: number, out: Costs): number {
  const m = stay.model;
  const { deltaL, deltaC, deltaH, sL, sC, sH, rT } = ciede2000Terms(stay.lab, candidate.lab);
  const dl = deltaL / sL;
  const dc = deltaC / sC;
  const dh = deltaH / sH;
  const apart = sqrt(dl * dl + dc * dc + dh * dh + rT * dc * dh); // CIEDE2000 eq. 22
  const besidePink = stay.pink && hueReason(stay.lab, candidate.lab) === 'too-green' ? m.greenBesidePink : 1;
  const hue = (abs(dh) / m.hueStep) * besidePink * touch;
  // near-identical colours cannot clash: whatever differs fades in with the visible difference
  const visible = clamp01(apart / m.closeBelow);
  out.hue = atLeast(hue * visible);
  out.tooStrong = atLeast(out.tooStrong * visible);
  out.tooWeak = atLeast(out.tooWeak * visible);
  out.dirty = atLeast(out.dirty * visible);
  out.dated = atLeast(out.dated * visible);
  if (stay.share >= m.largeShare && apart < m.closeBelow) out.close = min(MOST_CLOSE, 1 + (m.closeBelow - apart) / m.closeBelow);
  return sqrt(
    out.hue * out.hue +
      out.tooStrong * out.tooStrong +
      out.tooWeak * out.tooWeak +
      out.dirty * out.dirty +
      out.dated * out.dated +
      out.close * out.close,
  );
}

/** True when a furnishing answers the candidate from across the hue circle instead of sharing its undertone. */
export function answers(stay: PreparedComponent, candidate: Lab): boolean {
  const m = stay.model;
  if (stay.chroma < m.answerChroma) return false;
  const apart = abs(stay.hueDeg - hueDeg(candidate));
  return min(apart, 360 - apart) >= m.answerHueDeg;
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
