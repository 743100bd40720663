import { deltaE00 } from '../colour/ciede2000';
import { describeColour } from '../colour/family';
import type { Reflectance } from '../colour/grid';
import { illuminant } from '../colour/illuminant';
import { ensembleUnder, measuredUnder, metamers } from '../colour/metamers';
import { integrationWeights, type Weights } from '../colour/observer';
import { screenColour } from '../colour/srgb';
import type { Lab } from '../colour/types';
import { CONTAINERS, type Container } from './containers';
import { dispense } from './dispense';
import {
  cautionOf,
  hidesByColourant,
  hidingAtStrength,
  isAssumed,
  overUndercoat,
  paintAtStrength,
  UNDERCOATS,
  type Paint,
  type StrengthCaution,
  type Undercoat,
} from './paint';
import { OFFERED_STRENGTHS, sayStrength } from './strength';

/** Lights a colour sheet foretells, by the names of {@link illuminant}. */
export const SHEET_LIGHTS = [
  { id: 'A', name: 'filament lamp, 2,860 K' },
  { id: 'LED-3000', name: 'warm LED, 3,000 K (synthetic)' },
  { id: 'F11', name: 'fluorescent, 4,000 K' },
  { id: 'D5000', name: 'afternoon sun, 5,000 K' },
  { id: 'D10000', name: 'blue sky away from the sun, 10,000 K' },
] as const;

export type SheetStrength = {
  readonly percent: number;
  readonly says: string;
  readonly lab: Lab;
  readonly hex: string;
  readonly lrv: number;
  readonly name: string;
  /** Contrast ratio of two coats, 0–1; null when the base's K and S are not known. */
  readonly hiding: number | null;
  readonly caution: StrengthCaution;
  /** Two coats over usual undercoats; only where the colourant does the hiding. */
  readonly over: readonly { readonly name: string; readonly lab: Lab; readonly hex: string; readonly deltaE00: number }[];
  readonly curve: readonly number[];
};
export type SheetPour = {
  readonly container: Container;
  readonly name: string;
  readonly shots: readonly { readonly colourant: string; readonly shots: number; readonly ml: number }[];
  readonly lab: Lab;
  readonly hex: string;
  readonly deltaE00: number;
  readonly warns: boolean;
};
export type Sheet = {
  readonly lab: Lab;
  readonly hex: string;
  readonly curve: readonly number[];
  readonly measured: boolean;
  readonly base: {
    readonly name: string;
    readonly kind: string;
    /** Nothing is known of its maker's base. */
    readonly assumed: boolean;
    readonly lab: Lab;
    readonly hex: string;
    readonly curve: readonly number[];
  };
  readonly strengths: readonly SheetStrength[];
  readonly lights: readonly { readonly name: string; readonly lab: Lab; readonly hex: string; readonly spread: number }[];
  readonly pours: readonly { readonly percent: number; readonly pours: readonly SheetPour[] }[];
  readonly shotMl: number | null;
};

/** Containers a colour sheet shows pours for. */
const SHEET_CONTAINERS = [
  'sample-jar',
  'pint',
  'quart',
  'gallon',
  'litre',
  'litre-2-5',
  'litre-5',
] as const satisfies Container[];

const hexOf = (lab: Lab) => screenColour(lab).hex;
const plain = (r: Reflectance) => Array.from(r, (v) => Math.round(v * 1e4) / 1e4);

function overOf(paint: Paint, percent: number, hiding: Lab): SheetStrength['over'] {
  return (Object.keys(UNDERCOATS) as Undercoat[]).flatMap((undercoat) => {
    const lab = overUndercoat(paint, percent, undercoat);
    return lab ? [{ name: UNDERCOATS[undercoat].name, lab, hex: hexOf(lab), deltaE00: deltaE00(hiding, lab) }] : [];
  });
}

function strengthOf(paint: Paint, percent: number): SheetStrength {
  const { lab, lrv, reflectance } = paintAtStrength(paint, percent);
  return {
    percent,
    says: sayStrength(percent),
    lab,
    hex: hexOf(lab),
    lrv,
    name: describeColour(lab),
    hiding: hidingAtStrength(paint, percent) ?? null,
    caution: cautionOf(paint, percent),
    over: hidesByColourant(paint.base) ? overOf(paint, percent, lab) : [],
    curve: plain(reflectance),
  };
}

function lightsOf(paint: Paint): Sheet['lights'] {
  const ensemble = paint.reflectance ? undefined : metamers(paint.lab, 'paint');
  const under = (weights: Weights) => {
    if (paint.reflectance) return measuredUnder(paint.reflectance, weights);
    return ensemble?.ok ? ensembleUnder(ensemble.value, weights, 'paint') : undefined;
  };
  return SHEET_LIGHTS.flatMap(({ id, name }) => {
    const light = illuminant(id);
    const found = light.ok ? under(integrationWeights(light.value, 10)) : undefined;
    return found ? [{ name, ...found, hex: hexOf(found.lab) }] : [];
  });
}

function poursOf({ tint, base }: Paint): Sheet['pours'] {
  if (!tint || !base.optical) return [];
  const { optical } = base;
  const { system, formula } = tint;
  const nameOf = (id: string) => system.colourants.find((c) => c.id === id)?.name ?? id;
  return OFFERED_STRENGTHS.map((percent) => ({
    percent,
    pours: SHEET_CONTAINERS.map((container): SheetPour => {
      const { shots, lab, deltaE00, warns } = dispense({ system, base: optical }, formula, percent, container);
      const counted = Object.entries(shots).map(([id, n]) => ({ colourant: nameOf(id), shots: n, ml: n * system.shotMl }));
      return { container, name: CONTAINERS[container].name, shots: counted, lab, hex: hexOf(lab), deltaE00, warns };
    }),
  }));
}

/** Everything a colour sheet shows of one paint; plain data. */
export function colourSheet(paint: Paint): Sheet {
  const strengths = OFFERED_STRENGTHS.map((percent) => strengthOf(paint, percent));
  const base = paintAtStrength({ ...paint, lab: paint.base.lab, reflectance: paint.base.reflectance, tint: undefined }, 100);
  return {
    lab: paint.lab,
    hex: hexOf(paint.lab),
    curve: strengths[0]!.curve,
    measured: paint.reflectance !== undefined,
    base: {
      name: paint.base.name,
      kind: paint.base.kind,
      assumed: isAssumed(paint.base),
      lab: paint.base.lab,
      hex: hexOf(paint.base.lab),
      curve: plain(base.reflectance),
    },
    strengths,
    lights: lightsOf(paint),
    pours: poursOf(paint),
    shotMl: paint.tint?.system.shotMl ?? null,
  };
}
