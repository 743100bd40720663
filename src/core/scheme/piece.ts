import { ok, type Ok, type Refused } from '../base/result';
import type { Lab } from '../colour/types';
import { clusters, nearestOf } from './clusters';
import { withoutGrain } from './grain';
import { labOfLinear, labPicture, type LabPicture } from './lab-picture';
import { mixtures } from './mixtures';
import { readPicture, type Frame, type LinearPicture, type Picture, type PictureProblem, type Read } from './picture';
import { withoutShading } from './shading';

/** A colour of a piece: D65, and what share of the piece it is, 0–1. */
export type PieceColour = { readonly lab: Lab; readonly share: number };
export type Piece = {
  /** Largest first; their shares make 1. */
  readonly colours: readonly PieceColour[];
  readonly paper: Read['paper'];
};

export const PIECE = {
  /** What is less of a piece than this is a speck, no colour of it. Own choice: accents of 4 % are wanted. */
  leastShare: 0.012,
  /** Colours that a piece is told in. */
  most: 10,
} as const;

/** Gives pixels that are no colour of their own to the cluster beside them that they are nearest to, from the edges in. */
function spread(of: Int32Array, lab: LabPicture, colours: readonly Lab[]): void {
  const { width, height } = lab;
  const at = (i: number): Lab => ({ l: lab.l[i]!, a: lab.a[i]!, b: lab.b[i]! });
  let open = Array.from(of.keys()).filter((i) => of[i]! < 0 && !Number.isNaN(lab.l[i]!));
  while (open.length > 0) {
    const given: [number, number][] = [];
    for (const i of open) {
      const [x, y] = [i % width, Math.floor(i / width)];
      const beside = new Set<number>();
      for (let v = Math.max(0, y - 1); v <= Math.min(height - 1, y + 1); v++)
        for (let u = Math.max(0, x - 1); u <= Math.min(width - 1, x + 1); u++)
          if (of[v * width + u]! >= 0) beside.add(of[v * width + u]!);
      if (beside.size === 0) continue;
      const near = [...beside];
      given.push([
        i,
        near[
          nearestOf(
            near.map((k) => colours[k]!),
            at(i),
          )
        ]!,
      ]);
    }
    if (given.length === 0) {
      for (const i of open) of[i] = nearestOf(colours, at(i));
      return;
    }
    for (const [i, k] of given) of[i] = k;
    open = open.filter((i) => of[i]! < 0);
  }
}

/** Mean colour of each cluster, in linear light: what one sees of it from afar. */
function meansOf({ red, green, blue }: LinearPicture, of: Int32Array, count: number): Lab[] {
  const sums = Array.from({ length: count }, () => ({ r: 0, g: 0, b: 0, n: 0 }));
  for (let i = 0; i < of.length; i++) {
    const sum = sums[of[i]!];
    if (!sum) continue;
    sum.r += red[i]!;
    sum.g += green[i]!;
    sum.b += blue[i]!;
    sum.n += 1;
  }
  return sums.map(({ r, g, b, n }) => labOfLinear(r / n, g / n, b / n));
}

/** Share of each cluster in what counts. */
function sharesOf(of: Int32Array, count: number): number[] {
  const counts = new Array<number>(count).fill(0);
  for (const k of of) if (k >= 0) counts[k]! += 1;
  const all = counts.reduce((s, n) => s + n, 0);
  return counts.map((n) => n / all);
}

/** Takes specks and what is beyond the most into what they are nearest to. */
function withoutSpecks(colours: readonly PieceColour[]): PieceColour[] {
  const sorted = [...colours].sort((p, q) => q.share - p.share);
  const kept = sorted.filter((c, k) => k === 0 || (c.share >= PIECE.leastShare && k < PIECE.most));
  const shares = kept.map((c) => c.share);
  for (const speck of sorted.slice(kept.length)) {
    const k = nearestOf(
      kept.map((c) => c.lab),
      speck.lab,
    );
    shares[k] = shares[k]! + speck.share;
  }
  return kept.map((c, k) => ({ ...c, share: shares[k]! })).sort((p, q) => q.share - p.share);
}

/**
 * The colours of a painting, a rug, a fabric, out of a picture of it: grain, falling light and edges are not taken for colours.
 *
 * @param frame what of the picture is the piece; all of it where null
 * @param paper white paper in the picture, in or outside of the frame: takes the cast of the light out; without it sRGB is taken as it is
 */
export function coloursOfPiece(picture: Picture, frame: Frame | null, paper: Frame | null): Ok<Piece> | Refused<PictureProblem> {
  const read = readPicture(picture, frame, paper);
  if (!read.ok) return read;
  const smooth = withoutGrain(read.value.picture);
  const even = withoutShading(smooth, labPicture(smooth));
  const lab = labPicture(even);
  const { of, count } = clusters(lab, mixtures(lab));
  const means = meansOf(even, of, count);
  spread(of, lab, means);
  const shares = sharesOf(of, count);
  return ok({ colours: withoutSpecks(means.map((c, k) => ({ lab: c, share: shares[k]! }))), paper: read.value.paper });
}
