import { z } from 'zod';
import { GRID } from '../colour/grid';
import type { Lab } from '../colour/types';

/** A whole deck at several strengths as numbers: by colour, then strength, one run each of Lab and reflectance. */
export type DeckCurves = {
  readonly ids: readonly string[];
  readonly makers: readonly string[];
  /** Percent of the formula, in the order the strengths stand. */
  readonly strengths: readonly number[];
  /** L*, a*, b* (D65, 10°) one after the other; NaN where a strength cannot be mixed. */
  readonly labs: Float32Array;
  /** Reflectance on the grid, 0–1. */
  readonly curves: Float32Array;
};

const headerSchema = z.object({
  ids: z.array(z.string()),
  makers: z.array(z.string()),
  strengths: z.array(z.number()),
});

const FULL_SCALE = 65_535;
const LENGTH_BYTES = 4;
const ALIGN = 4;
const aligned = (bytes: number) => Math.ceil(bytes / ALIGN) * ALIGN;

/** How many places (colours times strengths) there are. */
export const placesOf = ({ ids, strengths }: Pick<DeckCurves, 'ids' | 'strengths'>): number => ids.length * strengths.length;

export const labAt = ({ labs }: Pick<DeckCurves, 'labs'>, place: number): Lab => ({
  l: labs[3 * place]!,
  a: labs[3 * place + 1]!,
  b: labs[3 * place + 2]!,
});

/**
 * One file: length of the header in bytes (uint32, little-endian), header (JSON, UTF-16), Lab (float32), reflectances in steps of
 * 1/65,535 (uint16).
 */
export function encodeDeckCurves(deck: DeckCurves): Uint8Array<ArrayBuffer> {
  const { ids, makers, strengths } = deck;
  const says = JSON.stringify({ ids, makers, strengths });
  const header = Uint16Array.from({ length: says.length }, (_, i) => says.charCodeAt(i));
  const labsAt = aligned(LENGTH_BYTES + header.byteLength);
  const curvesAt = labsAt + deck.labs.byteLength;
  const file = new ArrayBuffer(curvesAt + 2 * deck.curves.length);
  new DataView(file).setUint32(0, header.byteLength, true);
  new Uint16Array(file, LENGTH_BYTES, header.length).set(header);
  new Float32Array(file, labsAt, deck.labs.length).set(deck.labs);
  new Uint16Array(file, curvesAt).set(deck.curves.map((r) => Math.round(r * FULL_SCALE)));
  return new Uint8Array(file);
}

/**
 * Reads what {@link encodeDeckCurves} wrote.
 * @throws RangeError when the file is shorter than its header says
 */
export function decodeDeckCurves(file: ArrayBuffer): DeckCurves {
  const length = new DataView(file).getUint32(0, true);
  const says = Array.from(new Uint16Array(file, LENGTH_BYTES, length / 2), (unit) => String.fromCharCode(unit)).join('');
  const header = headerSchema.parse(JSON.parse(says));
  const places = placesOf(header);
  const labsAt = aligned(LENGTH_BYTES + length);
  const curvesAt = labsAt + 12 * places;
  return {
    ...header,
    labs: new Float32Array(file, labsAt, 3 * places),
    curves: Float32Array.from(new Uint16Array(file, curvesAt, GRID.count * places), (v) => v / FULL_SCALE),
  };
}
