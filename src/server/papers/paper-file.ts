import { clientTable, orderTable, scheduleTable, type PaperTable } from '@/core/handover/csv';
import { handOver, PAPER_TITLES, PAPERS, paintsOnPaper, type HandOver, type PaperName } from '@/core/handover/hand-over';
import { sampleLabels } from '@/core/handover/sampling';
import type { VisitInLight } from '@/core/record/kinds-of-light';
import { csvFile } from '../exports/csv';
import { fileName, type MadeFile } from '../exports/file-name';
import { factsOf } from '../paint/facts';
import { PAPERS as SIZES } from '../pdf/paper';
import { visitById } from '../visits/queries';
import { labelsPdf } from './labels-pdf';
import { paperPdf } from './papers-pdf';

const TABLES: Readonly<Record<PaperName, (made: HandOver) => PaperTable>> = {
  client: clientTable,
  schedule: scheduleTable,
  order: orderTable,
};

/** The papers of a visit with what the deck says of their paints. */
export async function madePapers(visit: VisitInLight, printedAt: number): Promise<HandOver> {
  const asked = paintsOnPaper(visit);
  const facts = await factsOf(asked);
  const known = new Map(asked.map((a, k) => [`${a.deckColourId} ${a.strength}`, facts[k] ?? undefined]));
  return handOver(visit, ({ deckColourId, strength }) => known.get(`${deckColourId} ${strength}`), printedAt);
}

/** Labels for the backs of the samples of a visit. */
async function labelsFile(visitId: string, file: string): Promise<MadeFile | undefined> {
  const paper = SIZES.find((p) => file === `labels-${p}.pdf`);
  const visit = paper && (await visitById(visitId));
  if (!paper || !visit) return undefined;
  const body = await labelsPdf(sampleLabels(visit), { paper, visit: visit.label });
  return {
    body,
    type: 'application/pdf',
    name: `${fileName(`${visit.label} sample labels`, 'labels')} ${paper}.pdf`,
    extension: 'pdf',
  };
}

/** A paper of a visit: `schedule-a4.pdf`, `order-letter.pdf`, `client.csv`, `labels-a4.pdf` …; undefined when there is none of that name. */
export async function paperFile(visitId: string, file: string): Promise<MadeFile | undefined> {
  if (file.startsWith('labels-')) return labelsFile(visitId, file);
  const name = PAPERS.find((p) => file.startsWith(`${p}-`) || file === `${p}.csv`);
  const visit = name && (await visitById(visitId));
  if (!name || !visit) return undefined;
  const paper = SIZES.find((p) => file === `${name}-${p}.pdf`);
  if (!paper && file !== `${name}.csv`) return undefined;
  const made = await madePapers(visit, Date.now());
  const called = fileName(`${visit.label} ${PAPER_TITLES[name]}`, name);
  if (!paper) {
    const { columns, rows } = TABLES[name](made);
    return { body: csvFile(columns, rows), type: 'text/csv; charset=utf-8', name: `${called}.csv`, extension: 'csv' };
  }
  return { body: await paperPdf(name, made, paper), type: 'application/pdf', name: `${called} ${paper}.pdf`, extension: 'pdf' };
}
