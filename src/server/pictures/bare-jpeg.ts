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

type Segment = { readonly marker: number; readonly from: number; readonly until: number };

/** The segment that begins at a place, a scan with its coded picture; undefined where none does, or it is cut short. */
function segmentAt(bytes: Uint8Array, from: number): Segment | undefined {
  if (bytes[from] !== 0xff || from + 1 >= bytes.length) return undefined;
  const marker = bytes[from + 1]!;
  if (marker === EOI) return { marker, from, until: from + 2 };
  if (isAlone(marker) || from + 3 >= bytes.length) return undefined;
  const length = bytes[from + 2]! * 256 + bytes[from + 3]!;
  const end = from + 2 + length;
  if (length < 2 || end > bytes.length) return undefined;
  const until = marker === SOS ? endOfScan(bytes, end) : end;
  return until < 0 ? undefined : { marker, from, until };
}

/** Whether a segment is of the picture. APP0 of the usual length only says that the pixels are square. */
function isOfPicture({ marker, from, until }: Segment): boolean {
  const isJfif = marker === APP0 && until - from === 18;
  return marker !== COM && (!isApp(marker) || isJfif);
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
  for (let at = 2; ;) {
    // fill bytes before a marker
    while (bytes[at] === 0xff && bytes[at + 1] === 0xff) at += 1;
    const segment = segmentAt(bytes, at);
    if (!segment) return undefined;
    if (isOfPicture(segment)) parts.push(bytes.subarray(segment.from, segment.until));
    if (segment.marker === EOI) return join(parts);
    at = segment.until;
  }
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
