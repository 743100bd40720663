import { boardTable, clientTable, orderTable, scheduleTable, type PaperTable } from '@/core/handover/csv';
import { handOver, PAPER_TITLES, HANDED_PAPERS, paintsOnPaper, type HandOver, type PaperName } from '@/core/handover/hand-over';
import { factsAmong } from '@/core/handover/paper-colour';
import { hasRecord, recordPaper } from '@/core/handover/record-paper';
import { sampleLabels } from '@/core/handover/sampling';
import { speechOf, type Speech } from '@/core/derived/visit-speech';
import type { VisitInLight } from '@/core/derived/kinds-of-light';
import { findConsultantCard } from '@/data/consultant-card';
import { database } from '../database';
import { csvFile } from '../exports/csv';
import { zipOf } from '../archive/zip';
import { fileName, type MadeFile } from '../exports/file-name';
import { factsOf } from '../paint/facts';
import type { PdfJob, Stills } from '../pdf/jobs';
import { SHEETS, type Paper } from '../pdf/papers';
import { visitById } from '../visits/queries';
import { pdfOf } from '../pdf/make-pdf';
import { pictureOf } from '../pictures/pictures';

const TABLES: Readonly<Record<PaperName, (made: HandOver) => PaperTable>> = {
  client: clientTable,
  schedule: scheduleTable,
  order: orderTable,
  board: boardTable,
};

/** The papers of a visit with what the deck says of their paints. */
export async function madePapers(visit: VisitInLight, printedAt: number): Promise<HandOver> {
  const asked = paintsOnPaper(visit);
  const facts = await factsOf(asked);
  const factsFor = factsAmong(asked.map((one, k) => ({ asked: one, facts: facts[k] ?? undefined })));
  return handOver(visit, { factsOf: factsFor, card: await findConsultantCard(await database()) }, printedAt);
}

/** The stills that a client is shown. */
async function stillsFor({ rooms, stillsLeft }: HandOver): Promise<Stills> {
  const shown = [...rooms.map((room) => room.forClient), ...stillsLeft];
  const pictures = [...new Set(shown.flatMap(({ stills }) => stills.map((s) => s.picture)))];
  const found = await Promise.all(pictures.map(async (picture) => [picture, await pictureOf(picture)] as const));
  return Object.fromEntries(found.flatMap(([picture, bytes]) => (bytes ? [[picture, bytes]] : [])));
}

/** A paper to be made, with the logo and the pictures that are on it. */
async function paperJob(name: PaperName, made: HandOver, { paper, speech }: { paper: Paper; speech: Speech }): Promise<PdfJob> {
  const logo = made.from.logo === null ? undefined : await pictureOf(made.from.logo);
  const stills = name === 'client' ? await stillsFor(made) : undefined;
  return { kind: 'paper', name, made, paper, logo, stills, speech };
}

/** Labels for the backs of the samples of a visit. */
async function labelsFile(visitId: string, file: string): Promise<MadeFile | undefined> {
  const paper = SHEETS.find((p) => file === `labels-${p}.pdf`);
  const visit = paper && (await visitById(visitId));
  if (!paper || !visit) return undefined;
  const body = await pdfOf({ kind: 'labels', labels: sampleLabels(visit), visit: visit.label, paper, speech: speechOf(visit) });
  return {
    body,
    type: 'application/pdf',
    name: `${fileName(`${visit.label} sample labels`, 'labels')} ${paper}.pdf`,
    extension: 'pdf',
  };
}

/** Every paper of a visit in one zip: PDFs and tables, a record of each room, and labels where something is in paint. */
async function allPapers(visit: VisitInLight, paper: Paper): Promise<MadeFile> {
  const speech = speechOf(visit);
  const made = await madePapers(visit, Date.now());
  const titles = HANDED_PAPERS.map((name) => fileName(PAPER_TITLES[name], name));
  const pdfs = await Promise.all(HANDED_PAPERS.map(async (name) => pdfOf(await paperJob(name, made, { paper, speech }))));
  const rooms = visit.rooms.filter(hasRecord);
  const records = await Promise.all(
    rooms.map((room) => pdfOf({ kind: 'record', made: recordPaper(visit, room), paper, speech })),
  );
  const labels = sampleLabels(visit);
  const labelled = labels.length > 0 ? await pdfOf({ kind: 'labels', labels, visit: visit.label, paper, speech }) : undefined;
  const text = (body: string) => new TextEncoder().encode(body);
  const files: [string, Uint8Array][] = [
    ...HANDED_PAPERS.map((_, k): [string, Uint8Array] => [`${titles[k]!}.pdf`, pdfs[k]!]),
    ...HANDED_PAPERS.map((name, k): [string, Uint8Array] => {
      const { columns, rows } = TABLES[name](made);
      return [`${titles[k]!}.csv`, text(csvFile(columns, rows))];
    }),
    ...rooms.map((room, k): [string, Uint8Array] => [`Room ${k + 1} ${fileName(room.name, 'room')} record.pdf`, records[k]!]),
    ...(labelled ? [['Sample labels.pdf', labelled] satisfies [string, Uint8Array]] : []),
  ];
  const body = zipOf(files.map(([name, bytes]) => ({ name, bytes: () => bytes, stored: name.endsWith('.pdf') })));
  return { body, type: 'application/zip', name: `${fileName(`${visit.label} papers`, 'papers')}.zip`, extension: 'zip' };
}

/**
 * A paper of a visit: `schedule-a4.pdf`, `order-letter.pdf`, `client.csv`, `labels-a4.pdf`, `all-a4.zip` …; undefined when there is none
 * of that name.
 */
export async function paperFile(visitId: string, file: string): Promise<MadeFile | undefined> {
  if (file.startsWith('labels-')) return labelsFile(visitId, file);
  const whole = SHEETS.find((p) => file === `all-${p}.zip`);
  if (whole) {
    const all = await visitById(visitId);
    return all && allPapers(all, whole);
  }
  const name = HANDED_PAPERS.find((p) => file.startsWith(`${p}-`) || file === `${p}.csv`);
  const visit = name && (await visitById(visitId));
  if (!name || !visit) return undefined;
  const paper = SHEETS.find((p) => file === `${name}-${p}.pdf`);
  if (!paper && file !== `${name}.csv`) return undefined;
  const made = await madePapers(visit, Date.now());
  const called = fileName(`${visit.label} ${PAPER_TITLES[name]}`, name);
  if (!paper) {
    const { columns, rows } = TABLES[name](made);
    return { body: csvFile(columns, rows), type: 'text/csv; charset=utf-8', name: `${called}.csv`, extension: 'csv' };
  }
  return {
    body: await pdfOf(await paperJob(name, made, { paper, speech: speechOf(visit) })),
    type: 'application/pdf',
    name: `${called} ${paper}.pdf`,
    extension: 'pdf',
  };
}
