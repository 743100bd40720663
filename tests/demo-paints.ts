import { readFileSync } from 'node:fs';
import { opaqueReflectance } from '@/core/paint/film';
import { deckSchema } from '@/core/formats/deck/deck';
import { labOfFormula } from '@/core/paint/match-formula';
import type { Paint } from '@/core/paint/paint';
import type { TintBase, TintSystem } from '@/core/paint/tint-system';

type TintFile = {
  id: string;
  name: string;
  shotMl: number;
  surface: { k1: number; k2: number };
  colourants: never[];
  bases: never[];
};
const file = JSON.parse(readFileSync('demo/tint-system.json', 'utf8')) as TintFile;
const curves = <T extends { k: number[]; s: number[] }>(o: T) => ({ ...o, k: Float64Array.from(o.k), s: Float64Array.from(o.s) });
export const system: TintSystem = { ...file, colourants: file.colourants.map(curves) };
export const bases: TintBase[] = file.bases.map(curves);
export const deck = deckSchema.parse(JSON.parse(readFileSync('demo/decks/ferrowmere.json', 'utf8')));
export const base = (id: string) => bases.find((b) => b.id === id)!;

/** A demo colour as paint. */
export function paint(code: string): Paint {
  const entry = deck.colours.find((c) => c.code === code)!;
  const own = base(entry.base!);
  return {
    lab: labOfFormula(system, own, entry.formula!),
    reflectance: Float64Array.from(entry.spectrum!.values),
    base: {
      id: own.id,
      kind: own.kind,
      name: own.name,
      lab: labOfFormula(system, own, {}),
      reflectance: opaqueReflectance(own, system.surface),
      optical: own,
    },
    tint: { system, formula: entry.formula! },
  };
}
