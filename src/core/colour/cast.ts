import { adaptCat16 } from './cat16';
import { directions, type Directions } from './directions';
import { labFromXyz } from './lab';
import { linearOf, linearOfXyz, WHITE_SRGB, xyzOfLinear } from './srgb';

/** sRGB bytes, 0–255. */
export type Bytes = readonly [number, number, number];
type Row = readonly [number, number, number];

export type Cast =
  | {
      readonly ok: true;
      /** Linear sRGB as taken → linear sRGB without the cast; rows are red, green, blue. */
      readonly matrix: readonly [Row, Row, Row];
      /** From neutral to what the camera made of the paper. */
      readonly directions: Directions;
    }
  | { readonly ok: false; readonly reason: 'too-bright' | 'too-dark' };

export const PAPER_IN_PHOTO = {
  /** A channel from here on is clipped, or all but: how much more there was is lost. Own choice. */
  clippedFrom: 253,
  /** A paper whose brightest channel stays under this is mostly noise. Own choice. */
  darkUnder: 40,
} as const;

/**
 * What takes the cast out of a photograph: corresponding colours by CAT16 with full adaptation from what the camera made of white paper to
 * the neutral of the screen, Li et al. 2017 §2. Brightness stays as taken. The paper is taken for neutral: brightener in it makes it a
 * little bluish by day, so what is corrected by it may come out a touch too warm.
 */
export function castOf(paper: Bytes): Cast {
  const brightest = Math.max(...paper);
  if (brightest >= PAPER_IN_PHOTO.clippedFrom) return { ok: false, reason: 'too-bright' };
  if (brightest < PAPER_IN_PHOTO.darkUnder) return { ok: false, reason: 'too-dark' };
  const from = xyzOfLinear(linearOf(paper));
  const scale = from.y / WHITE_SRGB.y;
  const to = { x: WHITE_SRGB.x * scale, y: from.y, z: WHITE_SRGB.z * scale };
  // the adaptation is linear: where the three primaries go is all there is to know
  const [red, green, blue] = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map((primary) => linearOfXyz(adaptCat16(xyzOfLinear(primary), from, to))) as unknown as [Row, Row, Row];
  const row = (k: 0 | 1 | 2): Row => [red[k], green[k], blue[k]];
  const lab = labFromXyz(from, WHITE_SRGB);
  return { ok: true, matrix: [row(0), row(1), row(2)], directions: directions({ l: lab.l, a: 0, b: 0 }, lab) };
}
