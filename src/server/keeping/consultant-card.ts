import type { ConsultantCard } from '@/core/record/consultant-card';
import { findConsultantCard } from '@/data/consultant-card';
import { database } from '../database';
import { warmPdf } from '../pdf/make-pdf';

/** The card of whoever hands papers over. Whoever asks is about to make papers: the thread that does is started. */
export async function consultantCard(): Promise<ConsultantCard> {
  warmPdf();
  return findConsultantCard(await database());
}
