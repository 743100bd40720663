/** Markers of a JPEG (ITU-T T.81, table B.1). */
const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const APP0 = 0xe0;
const COM = 0xfe;
const isApp = (marker: number) => marker >= APP0 && marker <= 0xef;
/** Markers that stand alone, without a length: TEM, RST0 to RST7. */
const isAlone = (marker: number) => marker === 0x01 || (marker >= 0xd0 && marker <= 0xd7);

/** Where the coded picture that begins at a place ends: at the next marker that is none of its own (0 is a stuffed byte). */
function endOfScan(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++) {
    if (bytes[at] !== 0xff) continue;
    const next = bytes[at + 1]!;
    if (next !== 0 && !isAlone(next) && next !== 0xff) return at;
  }
  return -1;
}

/**
 * A JPEG with nothing but its picture: comments, application segments (places, thumbnails, profiles) and what follows its end are left out,
 * the picture itself is not touched.
 *
 * @returns undefined when it is no whole JPEG
 */
export function bareJpeg(bytes: Uint8Array): Uint8Array | undefined {
  if (bytes[0] !== 0xff || bytes[1] !== SOI) return undefined;
  const parts: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 3 < bytes.length || (bytes[at] === 0xff && bytes[at + 1] === EOI)) {
    if (bytes[at] !== 0xff) return undefined;
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at += 1; // fill bytes
      continue;
    }
    if (marker === EOI) return join([...parts, bytes.subarray(at, at + 2)]);
    if (isAlone(marker)) return undefined;
    const length = bytes[at + 2]! * 256 + bytes[at + 3]!;
    const end = at + 2 + length;
    if (length < 2 || end > bytes.length) return undefined;
    const until = marker === SOS ? endOfScan(bytes, end) : end;
    if (until < 0) return undefined;
    // APP0 that says JFIF is how a JPEG says its pixels are square; it carries nothing else once its length is the usual
    const isJfif = marker === APP0 && length === 16;
    if (marker !== COM && (!isApp(marker) || isJfif)) parts.push(bytes.subarray(at, until));
    at = until;
  }
  return undefined;
}

function join(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, p) => sum + p.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
