import { seededRandom } from '../base/random';
import { deltaE00 } from '../colour/ciede2000';
import { bands, dots, madePicture, type Made } from '../../../tests/made-pictures';
import { coloursOfPiece } from './piece';
import { type Frame } from './picture';

const PAINTING = ['#d9b79a', '#8fa39f', '#e6dccb', '#b26548', '#3d434d'];
const SHARES = [0.36, 0.22, 0.18, 0.14, 0.1];

/** Cases that were written before the first try; the last of each were kept back from fitting. */
const CASES: readonly { name: string; made: () => Made; within: number; shares: number; exact?: boolean }[] = [
  {
    name: 'flat bands of a painting',
    made: () => madePicture({ width: 300, height: 200, hexes: PAINTING, draw: bands(300, SHARES) }),
    within: 1,
    shares: 0.015,
    exact: true,
  },
  {
    name: 'the same with the noise of a camera',
    made: () => madePicture({ width: 300, height: 200, hexes: PAINTING, draw: bands(300, SHARES), noise: 6 }),
    within: 2,
    shares: 0.02,
    exact: true,
  },
  {
    name: 'stripes in light that falls off to one side',
    made: () =>
      madePicture({
        width: 320,
        height: 200,
        hexes: ['#c9a27e', '#5f7a78', '#efe6d6', '#7d3f2f'],
        draw: bands(80, [0.4, 0.3, 0.2, 0.1], 0),
        light: (x) => 1 - (0.28 * x) / 320,
        noise: 2,
      }),
    within: 4.5,
    shares: 0.025,
    exact: true,
  },
  {
    name: 'folds of a curtain: one colour in more and less light',
    made: () =>
      madePicture({
        width: 300,
        height: 200,
        hexes: ['#8a9a86', '#e4d5b8'],
        draw: (_, y) => (y < 150 ? 0 : 1),
        light: (x) => 0.88 + 0.12 * Math.sin(x / 14),
      }),
    within: 5,
    shares: 0.02,
    exact: true,
  },
  {
    name: 'a weave of lighter and darker threads',
    made: () =>
      madePicture({
        width: 260,
        height: 200,
        hexes: ['#7f8fa6', '#d8cbb5', '#8c4b3c'],
        draw: bands(260, [0.5, 0.35, 0.15]),
        light: (x, y) => ((x + y) % 2 === 0 ? 1.14 : 0.86),
      }),
    within: 2.5,
    shares: 0.02,
    exact: true,
  },
  {
    name: 'thin lines of four percent',
    made: () =>
      madePicture({
        width: 300,
        height: 225,
        hexes: ['#e2d2b6', '#5c7386', '#b3382c'],
        draw: (x, y) => (y % 75 < 3 ? 2 : x < 200 ? 0 : 1),
      }),
    within: 1.5,
    shares: 0.012,
    exact: true,
  },
  {
    name: 'near-neutrals that are not the same',
    made: () =>
      madePicture({
        width: 240,
        height: 160,
        hexes: ['#d8cdbc', '#cbb6a0', '#f2efe8', '#4b4a48'],
        draw: bands(240, [0.4, 0.3, 0.2, 0.1]),
        noise: 3,
      }),
    within: 1.5,
    shares: 0.02,
    exact: true,
  },
  {
    name: 'dots on a ground, one of them four percent',
    made: () =>
      madePicture({
        width: 320,
        height: 240,
        hexes: ['#efe7d8', '#486a5c', '#d08a3e', '#3b3f63'],
        draw: dots(seededRandom(7), { width: 320, height: 240, kinds: 3, count: 60, radius: 11 }),
        noise: 4,
      }),
    within: 2,
    shares: 0.02,
    exact: true,
  },
  // kept back
  {
    name: 'a rug with a border, in falling light, woven (kept back)',
    made: () =>
      madePicture({
        width: 360,
        height: 260,
        hexes: ['#a5532f', '#2f3e5a', '#d9c39a', '#6f7f55'],
        draw: (x, y) => {
          const edge = Math.min(x, y, 359 - x, 259 - y);
          if (edge < 22) return 1;
          if (edge < 30) return 2;
          return (Math.floor(x / 40) + Math.floor(y / 40)) % 5 === 0 ? 3 : 0;
        },
        light: (x, y) => (1 - (0.2 * y) / 260) * ((x + y) % 2 === 0 ? 1.08 : 0.92),
        noise: 3,
      }),
    within: 4.5,
    shares: 0.025,
  },
  {
    name: 'three greens and a spark (kept back)',
    made: () =>
      madePicture({
        width: 280,
        height: 210,
        hexes: ['#3f5a47', '#7d9a78', '#c3cdb0', '#e0a12e'],
        draw: dots(seededRandom(21), { width: 280, height: 210, kinds: 3, count: 44, radius: 13 }),
        noise: 5,
      }),
    within: 2.5,
    shares: 0.025,
  },
  {
    name: 'black and white with one red (kept back)',
    made: () =>
      madePicture({
        width: 240,
        height: 180,
        hexes: ['#f4f2ee', '#1f1f21', '#c22f2f'],
        draw: bands(240, [0.6, 0.36, 0.04]),
        noise: 2,
      }),
    within: 2,
    shares: 0.012,
  },
  {
    name: 'pastels in soft light (kept back)',
    made: () =>
      madePicture({
        width: 300,
        height: 200,
        hexes: ['#f0dfdc', '#dbe6e4', '#e9e2c9', '#c8cfe0'],
        draw: bands(150, [0.4, 0.3, 0.2, 0.1]),
        light: (x, y) => 0.8 + 0.2 * Math.exp(-((x - 150) ** 2 + (y - 100) ** 2) / 40000),
        noise: 3,
      }),
    within: 4.5,
    shares: 0.03,
  },
];

function compare({ picture, colours }: Made, white: Frame | null = null, frame: Frame | null = null) {
  const found = coloursOfPiece(picture, frame, white);
  if (!found.ok) throw new Error(found.reason);
  return colours.map((c) => {
    const near = found.value.colours.map((f) => ({ ...f, apart: deltaE00(f.lab, c.lab) })).sort((p, q) => p.apart - q.apart)[0]!;
    return { apart: near.apart, off: Math.abs(near.share - c.share), of: found.value.colours.length };
  });
}

test.each(CASES.map((c) => [c.name, c] as const))('%s', (_, { made, within, shares, exact }) => {
  const one = made();
  const found = compare(one);
  expect(found.map((f) => ({ apart: f.apart <= within, share: f.off <= shares, is: f }))).toEqual(
    found.map((is) => ({ apart: true, share: true, is })),
  );
  if (exact) expect(found[0]!.of).toBe(one.colours.length);
});

describe('the light of a photograph', () => {
  const paper: Frame = { x: 4, y: 4, width: 40, height: 40 };
  const cast = [1, 0.86, 0.66];
  const lit = (brightness: number) =>
    madePicture({
      width: 300,
      height: 220,
      hexes: [...PAINTING, '#f1f1f1'],
      draw: (x, y) => (x < 48 && y < 48 ? 5 : bands(300, SHARES)(x, y)),
      light: (_x, _y, c) => brightness * cast[c]!,
      noise: 1,
    });

  test('is taken out by white paper, which is no colour of the piece', () => {
    const made = lit(0.8);
    const found = compare({ ...made, colours: made.colours.slice(0, 5) }, { ...paper, width: 44, height: 44 });
    for (const f of found) expect(f.apart).toBeLessThan(4);
  });

  test('is taken as it is without paper', () => {
    const made = lit(1);
    const [first] = compare(made);
    expect(first!.apart).toBeGreaterThan(4.5);
  });

  test('paper that is blown out still tells the cast', () => {
    const made = madePicture({
      width: 200,
      height: 150,
      hexes: ['#9a7b62', '#5d7a80', '#ffffff'],
      draw: (x, y) => (x < 40 && y < 40 ? 2 : x < 120 ? 0 : 1),
      light: (_x, _y, c) => cast[c]!,
    });
    const found = compare({ ...made, colours: made.colours.slice(0, 2) }, { x: 2, y: 2, width: 36, height: 36 });
    for (const f of found) expect(f.apart).toBeLessThan(3);
  });

  test('too dark a paper is said', () => {
    const made = lit(0.01);
    expect(coloursOfPiece(made.picture, null, paper)).toEqual({ ok: false, reason: 'paper-too-dark' });
  });
});

describe('frames', () => {
  const made = madePicture({ width: 120, height: 80, hexes: ['#c07a52', '#40506a'], draw: (x) => (x < 60 ? 0 : 1) });

  test('only what is in the frame counts', () => {
    const found = coloursOfPiece(made.picture, { x: 0, y: 0, width: 50, height: 80 }, null);
    expect(found).toMatchObject({ ok: true, value: { colours: [{ share: 1 }] } });
  });

  test('a frame beyond the picture, and one of paper alone, are said', () => {
    expect(coloursOfPiece(made.picture, { x: 100, y: 0, width: 50, height: 80 }, null)).toEqual({
      ok: false,
      reason: 'frame-outside',
    });
    const all = { x: 0, y: 0, width: 120, height: 80 };
    expect(coloursOfPiece(made.picture, all, all)).toEqual({ ok: false, reason: 'nothing-left' });
    expect(coloursOfPiece(made.picture, null, { x: 0, y: 0, width: 500, height: 8 })).toEqual({
      ok: false,
      reason: 'paper-outside',
    });
  });

  test('a picture of one colour, of one pixel, of nothing', () => {
    const plain = madePicture({ width: 90, height: 60, hexes: ['#88a090'], draw: () => 0, noise: 3 });
    expect(coloursOfPiece(plain.picture, null, null)).toMatchObject({ ok: true, value: { colours: [{ share: 1 }] } });
    const dot = madePicture({ width: 1, height: 1, hexes: ['#88a090'], draw: () => 0 });
    expect(coloursOfPiece(dot.picture, null, null)).toMatchObject({ ok: true, value: { colours: [{ share: 1 }] } });
    const clear = { width: 10, height: 10, data: new Uint8Array(400) };
    expect(coloursOfPiece(clear, null, null)).toEqual({ ok: false, reason: 'nothing-left' });
  });
});
