import { castOf, PAPER_IN_PHOTO, type Bytes, type Cast } from '../colour/cast';
import { PHOTO_COLOUR } from '../colour/from-photo';
import { linearOf, WHITE_SRGB, xyzOfLinear } from '../colour/srgb';
import { ok, type Ok, type Refused } from '../base/result';

/** A picture as it is decoded: rows of sRGB bytes with their opacity, four a pixel. */
export type Picture = { readonly width: number; readonly height: number; readonly data: Uint8Array | Uint8ClampedArray };
/** A part of a picture, pixels from its upper left corner. */
export type Frame = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

/** A picture in linear light: sRGB primaries, 1 = the white of the screen; NaN where it does not count. */
export type LinearPicture = {
  readonly width: number;
  readonly height: number;
  readonly red: Float32Array;
  readonly green: Float32Array;
  readonly blue: Float32Array;
};

/** Pixels along the longer side at which a piece is read: more shows weave and grain, not colours. Own choice. */
export const READ_SIDE = 480;
/** A pixel less opaque than this is not there. */
const OPAQUE = 128;

const LINEAR = Float32Array.from({ length: 256 }, (_, v) => linearOf([v, v, v])[0]);

const within = ({ x, y, width, height }: Frame, of: Picture) =>
  x >= 0 && y >= 0 && width >= 1 && height >= 1 && x + width <= of.width && y + height <= of.height;

/** What the camera made of the white paper, the middle of each channel. */
function paperOf({ data, width }: Picture, paper: Frame): Bytes {
  const middle = (channel: number) => {
    const counts = new Uint32Array(256);
    for (let y = Math.round(paper.y); y < Math.round(paper.y + paper.height); y++)
      for (let x = Math.round(paper.x); x < Math.round(paper.x + paper.width); x++) {
        const v = data[4 * (y * width + x) + channel]!;
        counts[v] = counts[v]! + 1;
      }
    const half = counts.reduce((s, n) => s + n, 0) / 2;
    let sum = 0;
    return counts.findIndex((n) => (sum += n) >= half);
  };
  return [middle(0), middle(1), middle(2)];
}

type Correction = { readonly matrix: Extract<Cast, { ok: true }>['matrix']; readonly scale: number; readonly clipped: boolean };

/**
 * What takes the light of a photograph out by its white paper. A paper that is blown out tells the cast of what it still shows, and that
 * the picture was to be this bright: its brightness is taken for the screen's white.
 */
function correctionBy(paper: Bytes): Ok<Correction> | Refused<'paper-too-dark'> {
  const most = Math.max(...paper);
  if (most < PAPER_IN_PHOTO.darkUnder) return { ok: false, reason: 'paper-too-dark' };
  const clipped = most >= PAPER_IN_PHOTO.clippedFrom;
  // the cast is the same however bright the paper is: a darker one of the same colour tells it
  const cast = castOf(clipped ? [paper[0] * DIMMED, paper[1] * DIMMED, paper[2] * DIMMED] : paper);
  if (!cast.ok) return { ok: false, reason: 'paper-too-dark' };
  const y = xyzOfLinear(linearOf(paper)).y / WHITE_SRGB.y;
  return ok({ matrix: cast.matrix, scale: (clipped ? 1 : PHOTO_COLOUR.paperY) / y, clipped });
}
/** Enough for 255 to lie under what counts as blown out. */
const DIMMED = 0.98;

export type Read = { readonly picture: LinearPicture; readonly paper: 'none' | 'used' | 'blown-out' };
export const PICTURE_PROBLEMS = ['frame-outside', 'paper-outside', 'paper-too-dark', 'nothing-left'] as const;
export type PictureProblem = (typeof PICTURE_PROBLEMS)[number];
export const PICTURE_WORDS: Readonly<Record<PictureProblem, string>> = {
  'frame-outside': 'The frame reaches beyond the picture.',
  'paper-outside': 'The paper lies beyond the picture.',
  'paper-too-dark': 'The paper is too dark to tell its colour by.',
  'nothing-left': 'Nothing is left in the frame but paper.',
};

/**
 * Reads what is in a frame of a picture in linear light, the cast taken out by white paper where there is some, the paper itself left out,
 * at most {@link READ_SIDE} pixels long. Areas are averaged in linear light, as the eye does from afar.
 */
export function readPicture(picture: Picture, frame: Frame | null, paper: Frame | null): Ok<Read> | Refused<PictureProblem> {
  const of = frame ?? { x: 0, y: 0, width: picture.width, height: picture.height };
  if (!within(of, picture)) return { ok: false, reason: 'frame-outside' };
  if (paper && !within(paper, picture)) return { ok: false, reason: 'paper-outside' };
  const correction = paper ? correctionBy(paperOf(picture, paper)) : null;
  if (correction && !correction.ok) return correction;
  const linear = shrunk(picture, of, paper);
  if (linear.red.every((v) => Number.isNaN(v))) return { ok: false, reason: 'nothing-left' };
  if (!correction) return ok({ picture: linear, paper: 'none' });
  correct(linear, correction.value);
  return ok({ picture: linear, paper: correction.value.clipped ? 'blown-out' : 'used' });
}

/** One pixel in `step` each way is averaged into one. */
function shrunk({ data, width: across }: Picture, of: Frame, paper: Frame | null): LinearPicture {
  const step = Math.max(1, Math.ceil(Math.max(of.width, of.height) / READ_SIDE));
  const [width, height] = [Math.max(1, Math.floor(of.width / step)), Math.max(1, Math.floor(of.height / step))];
  const [left, top] = [Math.round(of.x), Math.round(of.y)];
  const channels = {
    red: new Float32Array(width * height),
    green: new Float32Array(width * height),
    blue: new Float32Array(width * height),
  };
  const inPaper = (x: number, y: number) =>
    paper !== null && x >= paper.x && x < paper.x + paper.width && y >= paper.y && y < paper.y + paper.height;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let [r, g, b, n] = [0, 0, 0, 0];
      for (let v = top + y * step; v < top + (y + 1) * step; v++)
        for (let u = left + x * step; u < left + (x + 1) * step; u++) {
          const i = 4 * (v * across + u);
          if (data[i + 3]! < OPAQUE || inPaper(u, v)) continue;
          r += LINEAR[data[i]!]!;
          g += LINEAR[data[i + 1]!]!;
          b += LINEAR[data[i + 2]!]!;
          n++;
        }
      const at = y * width + x;
      // what is half paper or half nothing does not count
      const counts = n > (step * step) / 2;
      channels.red[at] = counts ? r / n : NaN;
      channels.green[at] = counts ? g / n : NaN;
      channels.blue[at] = counts ? b / n : NaN;
    }
  return { width, height, ...channels };
}

function correct({ red, green, blue }: LinearPicture, { matrix, scale }: Correction): void {
  const [p, q, s] = matrix;
  for (let i = 0; i < red.length; i++) {
    const [r, g, b] = [red[i]!, green[i]!, blue[i]!];
    red[i] = scale * (p[0] * r + p[1] * g + p[2] * b);
    green[i] = scale * (q[0] * r + q[1] * g + q[2] * b);
    blue[i] = scale * (s[0] * r + s[1] * g + s[2] * b);
  }
}
