import sharp from 'sharp';
import { VISIT_FILE, VISIT_FILE_LIMITS, visitFileSchema, type VisitFile } from '@/core/formats/visit-file';
import { isOfNoVisit, type Operation } from '@/core/operations/operations';
import { timeIssues } from '@/core/operations/time-issues';
import { readOperation } from '@/core/operations/upgrade';
import { ArchiveRefused, unzip } from './zip';
import { bareJpeg } from '../pictures/bare-jpeg';
import { sha256 } from '../sha256';

const PICTURE = /^pictures\/([0-9a-f]{64})\.jpg$/;
const LIMITS = {
  allows: (name: string) => name === 'visit.json' || name === 'visit.sha256' || PICTURE.test(name),
  mostFiles: VISIT_FILE_LIMITS.mostPictures + 2,
  mostBytes: 1024 ** 3,
};
/** Largest file taken, bytes. */
export const MOST_VISIT_FILE_BYTES = 512 * 1024 * 1024;

export type ReadVisit = {
  readonly file: VisitFile;
  readonly operations: readonly Operation[];
  readonly pictures: ReadonlyMap<string, Uint8Array>;
};

function headOf(files: ReadonlyMap<string, Uint8Array>): VisitFile {
  const bytes = files.get('visit.json');
  if (!bytes) throw new ArchiveRefused('It is no visit of Elm Swatch: it holds no visit.json.');
  const said = new TextDecoder().decode(files.get('visit.sha256')).slice(0, 64);
  if (said !== sha256(bytes)) throw new ArchiveRefused('Its visit.json is damaged: it is not what was written.');
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw new ArchiveRefused('Its visit.json is damaged.');
  }
  const version = (value as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > VISIT_FILE.version)
    throw new ArchiveRefused('It was written by a newer Elm Swatch.');
  const parsed = visitFileSchema.safeParse(value);
  if (parsed.success) return parsed.data;
  const [issue] = parsed.error.issues;
  throw new ArchiveRefused(
    `Its visit.json is not one of Elm Swatch (${issue!.path.join('.') || 'the whole'}: ${issue!.message}).`,
  );
}

/** Every operation checked as one that comes over the border, and as one of this visit. */
function operationsIn({ operations, visitId }: VisitFile): Operation[] {
  const seen = new Set<string>();
  return operations.map((given, i) => {
    const wrong = (says: string): never => {
      throw new ArchiveRefused(`Entry ${i + 1} of it ${says}.`);
    };
    const read = readOperation(given);
    if (!read.success) return wrong(`cannot be read (${read.error.issues[0]?.message ?? 'unknown'})`);
    const { id, at, write } = read.data;
    if (isOfNoVisit(write)) return wrong('is not of a visit');
    if ((write.name === 'visit.create') !== (i === 0)) return wrong(i === 0 ? 'does not begin a visit' : 'begins another visit');
    if ('visitId' in write && write.visitId !== visitId) return wrong('is of another visit');
    if (timeIssues({ at }).length > 0 || timeIssues(write).length > 0) return wrong('has a time outside this century');
    if (seen.has(id)) return wrong('stands there twice');
    seen.add(id);
    return read.data;
  });
}

/** A picture as the product keeps it: a whole JPEG of the size that was said; what it carries beside the picture is left out. */
async function barePicture(
  jpeg: Uint8Array,
  { width, height }: VisitFile['pictures'][number],
  name: string,
): Promise<Uint8Array> {
  const bare = bareJpeg(jpeg);
  const is =
    bare &&
    (await sharp(bare, { limitInputPixels: 20_000_000, failOn: 'truncated' })
      .raw()
      .toBuffer({ resolveWithObject: true })
      .catch(() => undefined));
  if (!bare || is?.info.width !== width || is.info.height !== height)
    throw new ArchiveRefused(`${name} in it is no picture of the size it says.`);
  return bare;
}

async function picturesIn(file: VisitFile, files: ReadonlyMap<string, Uint8Array>): Promise<Map<string, Uint8Array>> {
  const pictures = new Map<string, Uint8Array>();
  for (const said of file.pictures) {
    const name = `pictures/${said.hash}.jpg`;
    const jpeg = files.get(name);
    if (!jpeg) throw new ArchiveRefused(`${name} is missing in it.`);
    if (sha256(jpeg) !== said.sha256) throw new ArchiveRefused(`${name} in it is damaged.`);
    pictures.set(said.hash, await barePicture(jpeg, said, name));
  }
  if (pictures.size !== files.size - 2) throw new ArchiveRefused('It holds pictures that the visit does not name.');
  return pictures;
}

/** Reads a visit's file and checks all of it; nothing is kept. @throws ArchiveRefused with what is wrong */
export async function readVisitFile(bytes: Uint8Array): Promise<ReadVisit> {
  const files = unzip(bytes, LIMITS);
  const file = headOf(files);
  return { file, operations: operationsIn(file), pictures: await picturesIn(file, files) };
}
