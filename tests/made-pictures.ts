import { labFromHex } from '@/core/colour/srgb';
import type { Picture } from '@/core/scheme/picture';
import { normal, seededRandom, type Random } from '@/core/base/random';

/** Pictures with known colours and shares, as sRGB bytes. */

type Rgb = readonly [number, number, number];
const bytesOf = (hex: string): Rgb => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as unknown as Rgb;
const decode = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
const encode = (v: number) => (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055);
const byte = (v: number) => Math.max(0, Math.min(255, Math.round(v)));

export type Made = {
  readonly picture: Picture;
  readonly colours: { readonly lab: ReturnType<typeof labFromHex>; readonly share: number }[];
};
type Draw = (x: number, y: number) => number;
/** What happens to the light on the way: in linear light, by place and channel. */
type Light = (x: number, y: number, channel: number) => number;

/** A picture whose every pixel is one of some colours, with the light and the noise of a camera over it. */
export function madePicture({
  width,
  height,
  hexes,
  draw,
  light = () => 1,
  noise = 0,
  seed = 1,
}: {
  width: number;
  height: number;
  hexes: readonly string[];
  draw: Draw;
  light?: Light;
  noise?: number;
  seed?: number;
}): Made {
  const random = seededRandom(seed);
  const data = new Uint8Array(4 * width * height);
  const counts = hexes.map(() => 0);
  const linear = hexes.map((hex) => bytesOf(hex).map((v) => decode(v / 255)));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const k = draw(x, y);
      counts[k]! += 1;
      const i = 4 * (y * width + x);
      for (let c = 0; c < 3; c++)
        data[i + c] = byte(255 * encode(Math.min(1, linear[k]![c]! * light(x, y, c))) + (noise > 0 ? noise * normal(random) : 0));
      data[i + 3] = 255;
    }
  const all = width * height;
  const colours = hexes.map((hex, k) => ({ lab: labFromHex(hex), share: counts[k]! / all }));
  return { picture: { width, height, data }, colours };
}

/** Bands side by side with such shares, leaning a little. */
export const bands =
  (width: number, shares: readonly number[], lean = 0.4): Draw =>
  (x, y) => {
    const at = (((x + lean * y) / width) % 1) + 1e-9;
    let sum = 0;
    return Math.max(
      0,
      shares.findIndex((s) => (sum += s) >= at),
    );
  };

/** A ground with dots of other colours, each dot whole. */
export function dots(random: Random, of: { width: number; height: number; kinds: number; count: number; radius: number }): Draw {
  const all = Array.from({ length: of.count }, (_, k) => ({
    x: random() * of.width,
    y: random() * of.height,
    kind: 1 + (k % of.kinds),
  }));
  return (x, y) => all.findLast((d) => (d.x - x) ** 2 + (d.y - y) ** 2 <= of.radius ** 2)?.kind ?? 0;
}
