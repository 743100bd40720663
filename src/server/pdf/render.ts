import { cardsPdf } from '../looks/cards-pdf';
import { labelsPdf } from '../papers/labels-pdf';
import { paperPdf } from '../papers/papers-pdf';
import { recordPdf } from '../papers/record-pdf';
import { sayAs } from '@/core/derived/visit-speech';
import { sayEverywhere } from '@/speech/host';
import type { PdfJob } from './jobs';
import { tagTexts } from './tagged';

/** Makes a document; one at a time, since it speaks as its visit does. */
export async function renderPdf(job: PdfJob): Promise<Uint8Array> {
  tagTexts();
  sayEverywhere(sayAs(job.speech));
  try {
    return await made(job);
  } finally {
    sayEverywhere(undefined);
  }
}

function made(job: PdfJob): Promise<Uint8Array> {
  switch (job.kind) {
    case 'paper':
      return paperPdf(job.name, job.made, job);
    case 'record':
      return recordPdf(job.made, job.paper);
    case 'labels':
      return labelsPdf(job.labels, job);
    case 'cards':
      return cardsPdf({ label: job.visit }, job.cards, job.paper);
  }
}
