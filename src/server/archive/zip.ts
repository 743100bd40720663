import { unzipSync, Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { writeDurablyBy } from '@/data/folder/durable';

/** A file of a zip: its bytes, or where they are. What is compressed already is stored as it is. */
export type ZipEntry = { readonly name: string; readonly bytes: () => Uint8Array; readonly stored?: boolean };

/** Every file of a zip has one time, so that the same files make the same bytes. */
const TIME = new Date(2000, 0, 1);

/** Says a zip piece by piece, never more than one of its files in memory. */
function zipTo(entries: Iterable<ZipEntry>, put: (piece: Uint8Array) => void): void {
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    put(piece);
  });
  for (const { name, bytes, stored } of entries) {
    const file = stored ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });
    file.mtime = TIME;
    zip.add(file);
    file.push(bytes(), true);
  }
  zip.end();
}

/** A zip in memory. */
export function zipOf(entries: Iterable<ZipEntry>): Uint8Array {
  const pieces: Uint8Array[] = [];
  zipTo(entries, (piece) => pieces.push(piece));
  return new Uint8Array(Buffer.concat(pieces));
}

/** Writes a zip so that a power cut leaves it whole or not at all. */
export const writeZip = (file: string, entries: Iterable<ZipEntry>): void => writeDurablyBy(file, (put) => zipTo(entries, put));

/** A file that is no zip of ours, or was changed; nothing was kept of it. The message is for the person. */
export class ArchiveRefused extends Error {
  constructor(says: string) {
    super(says);
    this.name = 'ArchiveRefused';
  }
}

export type ZipLimits = {
  /** Whether a file of that name may be in it; anything else is refused. */
  readonly allows: (name: string) => boolean;
  readonly mostFiles: number;
  /** Bytes of all files together, unpacked. */
  readonly mostBytes: number;
};

/** How much larger a file may be than it is packed. Deflate reaches 1032 at the utmost; text of ours stays below 60. Own choice. */
const MOST_RATIO = 200;
const megabytes = (bytes: number) => `${Math.round(bytes / 1024 / 1024)} MB`;

/**
 * The files of a zip, unpacked in memory. What it says of sizes is not believed beyond the limits, and no more is unpacked than it says.
 *
 * @throws ArchiveRefused when it is no zip, damaged, too large, or holds a file of another name
 */
export function unzip(bytes: Uint8Array, { allows, mostFiles, mostBytes }: ZipLimits): ReadonlyMap<string, Uint8Array> {
  const seen = new Set<string>();
  let total = 0;
  const accept = (file: { name: string; size: number; originalSize: number }) => {
    if (!allows(file.name))
      throw new ArchiveRefused(`It holds a file that does not belong there (${JSON.stringify(file.name.slice(0, 60))}).`);
    if (seen.has(file.name)) throw new ArchiveRefused(`It holds ${file.name} twice.`);
    seen.add(file.name);
    total += file.originalSize;
    if (seen.size > mostFiles) throw new ArchiveRefused(`It holds more than ${mostFiles.toLocaleString('en-GB')} files.`);
    if (total > mostBytes || file.originalSize > 1024 + file.size * MOST_RATIO)
      throw new ArchiveRefused(`Unpacked it would be larger than it may be (${megabytes(mostBytes)}).`);
    return true;
  };
  try {
    const files = unzipSync(bytes, { filter: accept });
    return new Map(Object.entries(files));
  } catch (e) {
    if (e instanceof ArchiveRefused) throw e;
    throw new ArchiveRefused('It is no zip file, or it is damaged.');
  }
}
