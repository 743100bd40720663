import { illuminant } from '../colour/illuminant';
import { ensembleUnder, metamers } from '../colour/metamers';
import { integrationWeights } from '../colour/observer';
import type { Lab } from '../colour/types';
import { coatsOver, type CoatsAdvice } from './coats';
import { CONTAINERS, type Container } from './containers';
import { dispense, overloaded } from './dispense';
import type { ProductLines, TestPot } from './product-lines';
import { isAssumed, paintAtStrength, type Paint } from './paint';
import type { BaseKind } from './tint-system';

/** How a colour was known: by a measured spectrum, mixed from its own colourants, or by its Lab only. */
export type KnownBy = 'spectrum' | 'colourants' | 'lab';
/** A formula as a counter pours it into one container. */
export type Pour = {
  readonly container: Container;
  readonly shots: readonly { readonly colourant: string; readonly shots: number; readonly ml: number }[];
  /** From the colour that was meant. */
  readonly deltaE00: number;
  readonly warns: boolean;
};
/** The nearest paint of another maker: a match, as a counter would offer it. */
export type PaintCopy = {
  readonly maker: string;
  readonly code: string;
  readonly name: string;
  /** Percent of its formula. */
  readonly strength: number;
  /** ΔE00 in the light of the deck. */
  readonly inDeck: number;
  /** On the grid, 0–1. */
  readonly reflectance: readonly number[];
};
/** A paint with the nearest of each other maker, nearest first. */
export type Copied = { readonly reflectance: readonly number[]; readonly copies: readonly PaintCopy[] };
/** What a paper says of a paint at a strength, beside what the record knows of it. */
export type PaintFacts = {
  readonly base: { readonly name: string; readonly kind: BaseKind; readonly assumed: boolean };
  readonly makerId: string;
  readonly known: KnownBy;
  /** How far its look by a warm lamp may be from what is predicted, ΔE00: 0 for a measured spectrum. */
  readonly lampSpread: number;
  readonly coats: CoatsAdvice;
  /** Empty where the formula is not known. */
  readonly pours: readonly Pour[];
  readonly shotMl: number | null;
  /** What its maker's products are called on the tin. */
  readonly products: ProductLines;
  /** More colourant than such a base should take. */
  readonly overloaded: boolean;
  /** How other makers would match it; null where nobody asked. */
  readonly copied: Copied | null;
};

const WARM_LAMP = 'LED-3000';

/** Spread of the plausible surfaces with a Lab by a warm lamp, ΔE00. */
function spreadByLamp(lab: Lab): number {
  const light = illuminant(WARM_LAMP);
  const ensemble = metamers(lab, 'paint');
  if (!light.ok || !ensemble.ok) return 0;
  return ensembleUnder(ensemble.value, integrationWeights(light.value, 10), 'paint').spread;
}

function knownBy(paint: Paint, strength: number): KnownBy {
  if (paint.reflectance && (strength === 100 || paint.base.reflectance)) return 'spectrum';
  return paint.tint && paint.base.optical ? 'colourants' : 'lab';
}

function poursOf({ tint, base }: Paint, strength: number, containers: readonly Container[]): Pour[] {
  if (!tint || !base.optical) return [];
  const { system, formula } = tint;
  const nameOf = (id: string) => system.colourants.find((c) => c.id === id)?.name ?? id;
  const from = { system, base: base.optical };
  return containers.map((container): Pour => {
    const { shots, deltaE00, warns } = dispense(from, formula, strength, container);
    const counted = Object.entries(shots).map(([id, n]) => ({ colourant: nameOf(id), shots: n, ml: n * system.shotMl }));
    return { container, shots: counted, deltaE00, warns };
  });
}

/** Millilitres of a pour per litre: "3.1 ml/l". */
export const perLitre = (ml: number, container: Container): number => ml / CONTAINERS[container].litres;

/**
 * What papers say of a paint at a strength (percent of its formula).
 *
 * @param under Lab of what is there now, or null; @param containers to pour it into
 */
export function paintFacts(paint: Paint, strength: number, { under, containers, products, makerId }: PaintedOver): PaintFacts {
  const known = knownBy(paint, strength);
  const formula = paint.tint
    ? Object.fromEntries(Object.entries(paint.tint.formula).map(([id, ml]) => [id, (ml * strength) / 100]))
    : {};
  return {
    base: { name: paint.base.name, kind: paint.base.kind, assumed: isAssumed(paint.base) },
    makerId,
    known,
    lampSpread: known === 'lab' ? spreadByLamp(paintAtStrength(paint, strength).lab) : 0,
    coats: coatsOver(paint, strength, under),
    pours: poursOf(paint, strength, containers),
    shotMl: paint.tint?.system.shotMl ?? null,
    products,
    overloaded: overloaded(paint.base.kind, formula),
    copied: null,
  };
}
type PaintedOver = {
  readonly under: Lab | null;
  readonly containers: readonly Container[];
  readonly makerId: string;
  readonly products: ProductLines;
};

/** What the sample pots of a paint's maker hold: as such makers sell them, as somebody said, or nobody knows. */
export type PotsKnown = 'usual' | 'unknown' | TestPot;
export const potsKnown = ({ base, products, pours }: Pick<PaintFacts, 'base' | 'products' | 'pours'>): PotsKnown =>
  products.testPot ?? (base.assumed && pours.length === 0 ? 'unknown' : 'usual');
