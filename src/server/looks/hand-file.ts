import { speechOf } from '@/core/derived/visit-speech';
import { cardsOf } from '@/core/formats/look-cards';
import { findConsultantCard } from '@/data/consultant-card';
import { database } from '../database';
import { fileName, type MadeFile } from '../exports/file-name';
import { visitById } from '../visits/queries';
import { looksCalendar } from './calendar';
import { pdfOf } from '../pdf/make-pdf';
import { SHEETS } from '../pdf/papers';
import { clientPage } from './client-page';

/** A file of a hand-out: `looks.html`, `looks.ics`, `cards-a4.pdf` or `cards-letter.pdf`; undefined when there is none of that name. */
export async function handFile(visitId: string, handId: string, file: string): Promise<MadeFile | undefined> {
  const visit = await visitById(visitId);
  const hand = visit?.hands.find((h) => h.id === handId);
  if (!visit || !hand) return undefined;
  const cards = cardsOf(visit, hand.lookIds);
  const name = fileName(`${visit.label} looks`, 'looks');
  if (file === 'looks.html')
    return {
      body: clientPage(visit, hand, { cards, card: await findConsultantCard(await database()) }),
      type: 'text/html; charset=utf-8',
      name: `${name}.html`,
      extension: 'html',
    };
  if (file === 'looks.ics')
    return {
      body: looksCalendar(visit, hand, cards),
      type: 'text/calendar; charset=utf-8',
      name: `${name}.ics`,
      extension: 'ics',
    };
  const paper = SHEETS.find((p) => file === `cards-${p}.pdf`);
  if (!paper) return undefined;
  return {
    body: await pdfOf({ kind: 'cards', cards, visit: visit.label, paper, speech: speechOf(visit) }),
    type: 'application/pdf',
    name: `${name} ${paper}.pdf`,
    extension: 'pdf',
  };
}
