import { deltaE00 } from '../colour/ciede2000';
import { GRID, type Reflectance } from '../colour/grid';
import { labFromXyz, lrvOf } from '../colour/lab';
import { reflectanceFromLab } from '../colour/reflectance';
import { D65_10, tristimulus } from '../colour/tristimulus';
import type { Lab } from '../colour/types';
import { contrastRatio, HIDES_FROM, opaqueReflectance, reflectanceOver } from './film';
import { hidesByColourant, UNDERCOATS, type Paint } from './paint';
import { mix, type Optical } from './tint-system';

/** A coat under the finish that helps it hide: white, mid grey, or tinted toward the finish. */
export const UNDERCOAT_CHOICES = ['none', 'white', 'grey', 'tinted'] as const;
export type UndercoatChoice = (typeof UNDERCOAT_CHOICES)[number];
export const PRIMERS = ['none', 'spots', 'full'] as const;
export type Primer = (typeof PRIMERS)[number];

/** Coats that are given anyway; the film of a base is that of these. Common practice, no source. */
export const USUAL_COATS = 2;
/** Most coats of finish before an undercoat is the better way. Common practice, no source. */
const MOST_WITHOUT_UNDERCOAT = 3;
/** What shows through less than this (ΔE00) nobody sees. This product's own choice, as everywhere: one just-noticeable step. */
const SHOWS_FROM = 1;
/** LRV points between old and new from which the trade asks for more than two coats. Common practice, no source. */
const FAR_APART = 30;

export type CoatsAdvice = {
  readonly coats: number;
  readonly undercoat: UndercoatChoice;
  readonly why: string;
  /** Contrast ratio of two coats, 0–1; null where the paint's K and S are not known. */
  readonly contrast: number | null;
  /** What would show through two coats over what is there, ΔE00; null where either is not known. */
  readonly showsThrough: number | null;
};

const percent = (share: number) => `${(Math.floor(share * 1000) / 10).toFixed(1)} %`;
const flat = (r: number): Reflectance => new Float64Array(GRID.count).fill(r);
const curveOf = (lab: Lab): Reflectance | undefined => {
  const found = reflectanceFromLab(lab);
  return found.ok ? found.value : undefined;
};

/** What shows through so many coats over an undercoat, ΔE00 from the hiding paint. Kubelka 1948. */
function through({ optical, film, paint }: Film, coats: number, under: Reflectance): number {
  const surface = paint.tint!.system.surface;
  const labOf = (r: Reflectance) => labFromXyz(tristimulus(r, D65_10));
  return deltaE00(
    labOf(opaqueReflectance(optical, surface)),
    labOf(reflectanceOver(optical, (film * coats) / USUAL_COATS, under, surface)),
  );
}
type Film = { readonly paint: Paint; readonly optical: Optical; readonly film: number };

/** Whether so many coats are enough over what is there, and what says so. */
function hider(of: Film, under: Reflectance | undefined) {
  const { surface } = of.paint.tint!.system;
  if (!under)
    return {
      enough: (coats: number) => contrastRatio(of.optical, (of.film * coats) / USUAL_COATS, surface) >= HIDES_FROM,
      shows: 'what is there is not recorded',
    };
  const two = through(of, USUAL_COATS, under);
  return {
    enough: (coats: number) => through(of, coats, under) < SHOWS_FROM,
    shows: two < SHOWS_FROM ? 'nothing shows over what is there' : `over what is there ΔE ${two.toFixed(1)} would show`,
  };
}

/** A deep or clear base over something much lighter: the first coat dries patchy, however well two hide. Common practice, no source. */
const deepOverLight = ({ base, lab }: Pick<Paint, 'lab' | 'base'>, under: Lab | null) =>
  hidesByColourant(base) && (under === null || lrvOf(under) - lrvOf(lab) >= FAR_APART);
const FIRST_GREY = 'a deep colour’s first coat dries patchy over a light ground, so a grey undercoat first (common practice)';

function computed(of: Film, lab: Lab | null): CoatsAdvice {
  const under = lab === null ? undefined : curveOf(lab);
  const contrast = contrastRatio(of.optical, of.film, of.paint.tint!.system.surface);
  const { enough, shows } = hider(of, under);
  const says = `two coats hide ${percent(contrast)} (contrast ratio; ${percent(HIDES_FROM)} counts as hiding); ${shows}`;
  const known = { contrast, showsThrough: under ? through(of, USUAL_COATS, under) : null };
  if (enough(USUAL_COATS) && deepOverLight(of.paint, lab))
    return { coats: USUAL_COATS, undercoat: 'grey', why: `${says}; ${FIRST_GREY}`, ...known };
  if (enough(USUAL_COATS)) return { coats: USUAL_COATS, undercoat: 'none', why: says, ...known };
  if (enough(MOST_WITHOUT_UNDERCOAT) && !hidesByColourant(of.paint.base))
    return { coats: MOST_WITHOUT_UNDERCOAT, undercoat: 'none', why: `${says}: a third coat`, ...known };
  const [best] = (['white', 'grey'] as const)
    .map((undercoat) => {
      const over = flat(UNDERCOATS[undercoat].reflectance);
      return { undercoat, over, left: through(of, USUAL_COATS, over), name: UNDERCOATS[undercoat].name };
    })
    .sort((p, q) => p.left - q.left);
  const { undercoat, over, left, name } = best!;
  const instead = `; over ${name} ΔE ${left.toFixed(1)}`;
  if (left < SHOWS_FROM) return { coats: USUAL_COATS, undercoat, why: `${says}${instead}`, ...known };
  const three = through(of, MOST_WITHOUT_UNDERCOAT, over);
  if (three < SHOWS_FROM)
    return {
      coats: MOST_WITHOUT_UNDERCOAT,
      undercoat,
      why: `${says}${instead}, in three coats ΔE ${three.toFixed(1)}`,
      ...known,
    };
  return {
    coats: MOST_WITHOUT_UNDERCOAT,
    undercoat: 'tinted',
    why: `${says}${instead}: an undercoat tinted toward it`,
    ...known,
  };
}

function byRule({ lab, base }: Pick<Paint, 'lab' | 'base'>, under: Lab | null): Omit<CoatsAdvice, 'contrast' | 'showsThrough'> {
  if (deepOverLight({ lab, base }, under))
    return { coats: USUAL_COATS, undercoat: 'grey', why: `${FIRST_GREY}; its hiding was not measured` };
  if (under === null)
    return {
      coats: USUAL_COATS,
      undercoat: 'none',
      why: 'two coats as usual; its hiding and what is there now are not recorded',
    };
  const lighter = lrvOf(lab) - lrvOf(under);
  return lighter >= FAR_APART
    ? {
        coats: MOST_WITHOUT_UNDERCOAT,
        undercoat: 'none',
        why: `${Math.round(lighter)} points of LRV lighter than what is there: a third coat, or a white undercoat (common practice; its hiding was not measured)`,
      }
    : { coats: USUAL_COATS, undercoat: 'none', why: 'two coats as usual; its hiding was not measured' };
}

/**
 * How many coats a paint at a strength takes over what is there, and whether an undercoat serves better: by two-constant Kubelka–Munk with
 * incomplete hiding where K and S are known, by the trade's rules where they are not.
 *
 * @param under Lab (D65, 10°) of what is there; null where it is not recorded
 */
export function coatsOver(paint: Paint, strength: number, under: Lab | null): CoatsAdvice {
  const { base, tint } = paint;
  if (!tint || !base.optical) return { ...byRule(paint, under), contrast: null, showsThrough: null };
  const optical = mix(tint.system, base.optical, tint.formula, strength / 100);
  return computed({ paint, optical, film: base.optical.film }, under);
}
