import { deltaE00 } from '../colour/ciede2000';
import { GRID, type Reflectance } from '../colour/grid';
import { chroma, hueDeg, labFromXyz, lrvOf } from '../colour/lab';
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
/** Share of the full film that thin spots have. Common practice, no source; the figure is own choice. */
const THIN_SPOTS = 0.75;
/**
 * Chroma and hues of clear yellows, oranges and reds; LRV under which they are deep, and over which any colour has a white undercoat. Own
 * choice.
 */
const CLEAR_CHROMA = 28;
const CLEAR_HUES = { from: 350, to: 110 } as const;
const DEEP_LRV = 20;
const LIGHT_LRV = 45;
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

/** Whether so many coats are enough over what is there, thin spots included, and what says so. */
function hider(of: Film, under: Reflectance | undefined) {
  const { surface } = of.paint.tint!.system;
  if (!under)
    return {
      enough: (coats: number) => contrastRatio(of.optical, (of.film * coats) / USUAL_COATS, surface) >= HIDES_FROM,
      shows: 'what is there is not recorded',
    };
  const two = throughThin(of, USUAL_COATS, under);
  return {
    enough: (coats: number) => throughThin(of, coats, under) < SHOWS_FROM,
    shows:
      two < SHOWS_FROM ? 'nothing shows over what is there' : `over what is there ΔE ${two.toFixed(1)} would show in thin spots`,
  };
}

/** What shows through where a film is thin: by brush and roller a quarter less than it should be. */
const throughThin = (of: Film, coats: number, under: Reflectance) => through(of, coats * THIN_SPOTS, under);

/**
 * Whether a colour is a clear yellow, orange or red, which grey would dull and white lets shine. Common practice, no source; own borders.
 */
const isWarmAndClear = ({ l, a, b }: Lab): boolean => {
  const hue = hueDeg({ l, a, b });
  return chroma({ l, a, b }) >= CLEAR_CHROMA && (hue <= CLEAR_HUES.to || hue >= CLEAR_HUES.from);
};

/** The plain undercoat for a colour: grey under deep blues, greens and greys, white under clear yellows, oranges and reds. */
const plainUndercoat = (lab: Lab): 'white' | 'grey' => (isWarmAndClear(lab) || lrvOf(lab) > LIGHT_LRV ? 'white' : 'grey');

/**
 * A deep or clear base over something much lighter: where its hiding was not measured, its first coat is taken to dry patchy. Common
 * practice, no source.
 */
const deepOverLight = ({ base, lab }: Pick<Paint, 'lab' | 'base'>, under: Lab | null) =>
  hidesByColourant(base) && (under === null || lrvOf(under) - lrvOf(lab) >= FAR_APART);

/** An undercoat tinted halfway from a plain one to the finish. */
const tintedTo = (finish: Reflectance, plain: number): Reflectance => finish.map((r) => (r + plain) / 2);

type Tried = { readonly undercoat: UndercoatChoice; readonly name: string; readonly over: Reflectance };

/** Undercoats for a paint, the plain one that suits it first, then one tinted toward it. */
function undercoatsFor({ paint, optical }: Film): readonly Tried[] {
  const plain = plainUndercoat(paint.lab);
  const { reflectance, name } = UNDERCOATS[plain];
  const finish = opaqueReflectance(optical, paint.tint!.system.surface);
  return [
    { undercoat: plain, name, over: flat(reflectance) },
    { undercoat: 'tinted', name: 'an undercoat tinted toward it', over: tintedTo(finish, reflectance) },
  ];
}

function computed(of: Film, lab: Lab | null): CoatsAdvice {
  const under = lab === null ? undefined : curveOf(lab);
  const contrast = contrastRatio(of.optical, of.film, of.paint.tint!.system.surface);
  const { enough, shows } = hider(of, under);
  const says = `two coats hide ${percent(contrast)} (contrast ratio; ${percent(HIDES_FROM)} counts as hiding); ${shows}`;
  const known = { contrast, showsThrough: under ? throughThin(of, USUAL_COATS, under) : null };
  if (enough(USUAL_COATS)) return { coats: USUAL_COATS, undercoat: 'none', why: says, ...known };
  const third = { coats: MOST_WITHOUT_UNDERCOAT, undercoat: 'none', why: `${says}: a third coat`, ...known } as const;
  const threeDo = enough(MOST_WITHOUT_UNDERCOAT);
  if (threeDo && !hidesByColourant(of.paint.base)) return third;
  const hidden = overUndercoats(of, threeDo ? USUAL_COATS : MOST_WITHOUT_UNDERCOAT);
  if (hidden) return { coats: hidden.coats, undercoat: hidden.undercoat, why: `${says}; ${hidden.says}`, ...known };
  if (threeDo) return third;
  return {
    coats: MOST_WITHOUT_UNDERCOAT,
    undercoat: 'tinted',
    why: `${says}: three coats over an undercoat tinted toward it`,
    ...known,
  };
}

/** The first undercoat over which up to so many coats hide, fewest coats first; undefined where none does. */
function overUndercoats(of: Film, most: number) {
  const tried = undercoatsFor(of);
  for (let coats = USUAL_COATS; coats <= most; coats++)
    for (const { undercoat, name, over } of tried) {
      const left = throughThin(of, coats, over);
      const says = `over ${name}${coats > USUAL_COATS ? ' in three coats' : ''} ΔE ${left.toFixed(1)}`;
      if (left < SHOWS_FROM) return { coats, undercoat, says };
    }
  return undefined;
}

/** The undercoat that the trade gives a deep colour whose hiding was not measured, and why. */
function undercoatByRule(lab: Lab): { readonly undercoat: UndercoatChoice; readonly why: string } {
  if (!isWarmAndClear(lab))
    return {
      undercoat: 'grey',
      why: 'a deep blue, green or grey dries patchy over a light ground, so a grey undercoat first (common practice)',
    };
  return lrvOf(lab) < DEEP_LRV
    ? {
        undercoat: 'tinted',
        why: 'a deep red or orange hides badly and grey would dull it: an undercoat tinted toward it (common practice)',
      }
    : {
        undercoat: 'white',
        why: 'a clear yellow, orange or red hides badly and shines over white: a white undercoat (common practice)',
      };
}

function byRule({ lab, base }: Pick<Paint, 'lab' | 'base'>, under: Lab | null): Omit<CoatsAdvice, 'contrast' | 'showsThrough'> {
  if (deepOverLight({ lab, base }, under)) {
    const { undercoat, why } = undercoatByRule(lab);
    return { coats: USUAL_COATS, undercoat, why: `${why}; its hiding was not measured` };
  }
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
