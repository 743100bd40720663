import { ciede2000Terms, deltaE00 } from '../colour/ciede2000';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { RelationModel } from './model';
import type { Reason } from './reasons';

/** A conflict and its cost; 1 is "nearly", 2 is "no". */
export type Conflict = { readonly reason: Reason; readonly cost: number };

const clamp01 = (v: number) => Math.min(1, Math.max(0, v));

/** How much of a conflict counts beside a stay of lightness `l`: dark stays are easy on colour. */
const easiness = (l: number, m: RelationModel) => m.easyLeast + (1 - m.easyLeast) * clamp01((l - 15) / (m.easyBelow - 15));

/** Chroma that the stay's own depth family would have at lightness `l`: it grows away from white along a strip. */
function familyChroma(stay: Lab, l: number): number {
  const room = (lightness: number) => 1 - Math.exp(-Math.max(1, 98 - lightness) / 15);
  return chroma(stay) * Math.sqrt(room(l) / room(stay.l));
}

/** How much two colours of different depth still touch: far apart in lightness, colours are easy. */
const nearness = (apart: number, halfAt: number) => 1 / (1 + (apart / halfAt) ** 2);

/** The word for a hue difference, by its larger part; a pinkish or bluish shift of a weak colour is what consultants call too violet. */
function hueReason(stay: Lab, candidate: Lab): Reason {
  const pinker = 1.5 * (candidate.a - stay.a); // the CIEDE2000 stretch of a* near grey
  const yellower = candidate.b - stay.b;
  if (Math.abs(pinker) < Math.abs(yellower)) {
    if (yellower > 0) return 'too-yellow';
    return candidate.a < -1 ? 'too-green' : 'too-violet';
  }
  if (pinker < 0) return 'too-green';
  return chroma(candidate) < 8 ? 'too-violet' : 'too-pink';
}

function hueConflict(stay: Lab, candidate: Lab, m: RelationModel): Conflict {
  const { deltaH, sH } = ciede2000Terms(stay, candidate);
  const reason = hueReason(stay, candidate);
  const besidePink = reason === 'too-green' && stay.a > 0 && hueDeg(stay) < 80 ? m.greenBesidePink : 1;
  const committed = clamp01((chroma(stay) - m.hueFromChroma) / (m.hueFullChroma - m.hueFromChroma));
  const touch = nearness(candidate.l - stay.l, m.hueDepth) * easiness(stay.l, m);
  return { reason, cost: (Math.abs(deltaH) / sH / m.hueStep) * besidePink * committed * touch };
}

/** How much a stay is a clean white that any colour sets off, 0–1. */
const crispness = (stay: Lab, m: RelationModel) =>
  chroma(stay) <= m.cleanWhiteChroma ? clamp01((stay.l - m.crispFrom) / (m.crispFull - m.crispFrom)) : 0;

function strengthConflict(stay: Lab, candidate: Lab, m: RelationModel): Conflict {
  const excess = chroma(candidate) - (m.strongAllowance + m.strongGrowth * chroma(stay));
  if (excess > 0) return { reason: 'too-strong', cost: (excess / m.strongStep) * easiness(stay.l, m) * (1 - crispness(stay, m)) };
  const touch = candidate.l < stay.l ? 1 : nearness(candidate.l - stay.l, m.weakDepth);
  const lack = familyChroma(stay, candidate.l) * (1 - m.weakSlack) - chroma(candidate);
  return { reason: 'too-weak', cost: (Math.max(0, lack) / m.weakStep) * touch * easiness(stay.l, m) };
}

/** How much a lightness counts as an off-white's, 0–1. */
const whiteness = (l: number, m: RelationModel) => clamp01((l - m.offWhiteL) / (m.offWhiteFullL - m.offWhiteL));

/** White by white: the yellower and darker of two whites looks dirty, or makes the other look dated. */
function whiteConflict(stay: Lab, candidate: Lab, m: RelationModel): Conflict | undefined {
  if (candidate.l < m.offWhiteL) return undefined;
  const yellower = candidate.b - stay.b;
  const clean = (lab: Lab) => lab.l >= m.cleanWhiteL && chroma(lab) <= m.cleanWhiteChroma;
  if (clean(stay) && yellower > 0 && candidate.l < stay.l)
    return { reason: 'reads-dirty', cost: (whiteness(candidate.l, m) * Math.max(0, yellower - 1.5)) / m.dirtyStep };
  const dated = clean(candidate) && stay.l >= m.offWhiteL && yellower < 0 && candidate.l >= stay.l - 1;
  return dated ? { reason: 'dates-it', cost: -yellower / m.datedStep } : undefined;
}

/** True when a furnishing answers the candidate from across the hue circle instead of sharing its undertone. */
export function answers(stay: Lab, candidate: Lab, m: RelationModel): boolean {
  const apart = Math.abs(hueDeg(stay) - hueDeg(candidate));
  return chroma(stay) >= m.answerChroma && Math.min(apart, 360 - apart) >= m.answerHueDeg;
}

/** All conflicts of a candidate with one component, strongest first; identical colours only ever blend. */
export function conflictsWith(stay: Lab, candidate: Lab, share: number, m: RelationModel): Conflict[] {
  const apart = deltaE00(stay, candidate);
  // near-identical colours cannot clash: whatever differs fades in with the visible difference
  const visible = clamp01(apart / m.closeBelow);
  const found = [hueConflict(stay, candidate, m), strengthConflict(stay, candidate, m), whiteConflict(stay, candidate, m)]
    .filter((c): c is Conflict => c !== undefined)
    .map((c) => ({ ...c, cost: c.cost * visible }));
  if (share >= m.largeShare && apart < m.closeBelow)
    found.push({ reason: 'too-close', cost: Math.min(1.9, 1 + (m.closeBelow - apart) / m.closeBelow) });
  return found.filter((c) => c.cost > 0.05).sort((p, q) => q.cost - p.cost);
}
