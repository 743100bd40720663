import sharp from 'sharp';
import { bareJpeg } from './bare-jpeg';

const picture = (progressive = false) =>
  sharp({ create: { width: 90, height: 60, channels: 3, background: '#a86', noise: { type: 'gaussian', mean: 128, sigma: 40 } } })
    .jpeg({ quality: 85, progressive })
    .toBuffer();
const segment = (marker: number, text: string) => {
  const body = Buffer.from(text, 'latin1');
  return Buffer.concat([Buffer.from([0xff, marker, (body.length + 2) >> 8, (body.length + 2) & 255]), body]);
};
const pixels = (bytes: Uint8Array) => sharp(bytes).raw().toBuffer();

test.each([false, true])('a JPEG as the product keeps it stays byte for byte (progressive: %s)', async (progressive) => {
  const jpeg = await picture(progressive);
  expect(Buffer.from(bareJpeg(jpeg)!).equals(jpeg)).toBe(true);
});

test('comments, places, thumbnails and what follows the end are left out, the picture is not touched', async () => {
  const jpeg = await picture();
  const dressed = Buffer.concat([
    jpeg.subarray(0, 2),
    segment(0xfe, 'a comment'),
    segment(0xe1, 'Exif\0\0 51.45 N'),
    segment(0xed, 'Photoshop'),
    segment(0xe0, `JFXX\0${'x'.repeat(200)}`),
    jpeg.subarray(2),
    Buffer.from('<script>and more</script>'),
  ]);
  const bare = Buffer.from(bareJpeg(dressed)!);
  for (const never of ['comment', 'Exif', '51.45', 'Photoshop', 'JFXX', 'script']) expect(bare.includes(never)).toBe(false);
  expect((await pixels(bare)).equals(await pixels(jpeg))).toBe(true);
});

test('what is cut short, or no JPEG, is none', async () => {
  const jpeg = await picture();
  for (const short of [2, 4, 30, jpeg.length >> 1, jpeg.length - 2]) expect(bareJpeg(jpeg.subarray(0, short))).toBeUndefined();
  expect(bareJpeg(new Uint8Array())).toBeUndefined();
  expect(bareJpeg(new TextEncoder().encode('<svg/>'))).toBeUndefined();
  expect(bareJpeg(await sharp(jpeg).png().toBuffer())).toBeUndefined();
});
