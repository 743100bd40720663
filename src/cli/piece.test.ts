import sharp from 'sharp';
import { deltaE00 } from '@/core/colour/ciede2000';
import { bands, madePicture, type Made } from '../../tests/made-pictures';
import { answer } from './requests';

type Found = { colours: { lab: [number, number, number]; share: number; lrv: number }[]; paper: string };
const HEXES = ['#d9b79a', '#8fa39f', '#e6dccb', '#b26548', '#3d434d'];
const SHARES = [0.4, 0.26, 0.18, 0.12, 0.04];

const raw = ({ picture: { width, height, data } }: Made) =>
  sharp(Buffer.from(data), { raw: { width, height, channels: 4 } }).removeAlpha();
const asked = async (image: Buffer, more: object = {}) =>
  (await answer('piece', { image: image.toString('base64'), ...more })) as Found & { error?: string };

test('a JPEG with noise and falling light: every colour and share, the accent of four percent too', async () => {
  const made = madePicture({
    width: 640,
    height: 480,
    hexes: HEXES,
    draw: bands(640, SHARES),
    light: (x) => 1 - (0.15 * x) / 640,
    noise: 4,
  });
  const { colours, paper } = await asked(await raw(made).jpeg({ quality: 65 }).toBuffer());
  expect(paper).toBe('none');
  expect(colours).toHaveLength(HEXES.length);
  expect(colours.reduce((sum, c) => sum + c.share, 0)).toBeCloseTo(1, 9);
  for (const { lab, share } of made.colours) {
    const [near] = colours
      .map((c) => ({ ...c, apart: deltaE00({ l: c.lab[0], a: c.lab[1], b: c.lab[2] }, lab) }))
      .sort((p, q) => p.apart - q.apart);
    expect(near!.apart).toBeLessThan(3);
    expect(Math.abs(near!.share - share)).toBeLessThan(0.015);
  }
  expect(colours.map((c) => c.share)).toEqual(colours.map((c) => c.share).sort((p, q) => q - p));
});

test('a PNG with a frame and white paper, in pixels', async () => {
  const made = madePicture({
    width: 300,
    height: 200,
    hexes: ['#9a7b62', '#5d7a80', '#f0f0f0', '#202020'],
    draw: (x, y) => (x < 50 && y < 50 ? 2 : x < 60 || y > 180 ? 3 : x < 180 ? 0 : 1),
    light: (_x, _y, c) => 0.9 * [1, 0.88, 0.7][c]!,
  });
  const { colours, paper } = await asked(await raw(made).png().toBuffer(), {
    white: { x: 5, y: 5, width: 40, height: 40 },
    frame: { x: 60, y: 0, width: 240, height: 181 },
  });
  expect(paper).toBe('used');
  expect(colours).toHaveLength(2);
  for (const { lab } of made.colours.slice(0, 2))
    expect(Math.min(...colours.map((c) => deltaE00({ l: c.lab[0], a: c.lab[1], b: c.lab[2] }, lab)))).toBeLessThan(4);
});

test('what is no picture, what is too large and what lies beyond is said in words', async () => {
  expect(await asked(Buffer.from('nothing'))).toEqual({
    error: 'image: no picture that can be read, or one of more than 60 million pixels',
  });
  const vast = await sharp({ create: { width: 9000, height: 7000, channels: 3, background: '#88a090' } })
    .png()
    .toBuffer();
  expect(await asked(vast)).toEqual({ error: 'image: no picture that can be read, or one of more than 60 million pixels' });
  const plain = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#88a090' } })
    .png()
    .toBuffer();
  expect((await asked(plain)).colours).toHaveLength(1);
  expect(await asked(plain, { frame: { x: 50, y: 0, width: 50, height: 60 } })).toEqual({
    error: 'The frame reaches beyond the picture.',
  });
  expect(answer('piece', {})).toBeInstanceOf(Promise);
  expect(await answer('piece', {})).toMatchObject({ error: expect.stringContaining('image') });
});
