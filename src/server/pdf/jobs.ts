import type { LookCard } from '@/core/formats/look-cards';
import type { HandOver, PaperName } from '@/core/handover/hand-over';
import type { RecordPaper } from '@/core/handover/record-paper';
import type { SampleLabel } from '@/core/handover/sampling';
import type { Speech } from '@/core/derived/visit-speech';
import type { Paper } from './papers';

/** Pictures of rooms that were computed, JPEG, by their hash. */
export type Stills = Readonly<Record<string, Uint8Array>>;

/** A document to be made as a PDF: everything that is on it, and how it speaks. */
export type PdfJob = { readonly speech: Speech } & (
  | {
      readonly kind: 'paper';
      readonly name: PaperName;
      readonly made: HandOver;
      readonly paper: Paper;
      readonly logo?: Uint8Array | undefined;
      readonly stills?: Stills | undefined;
    }
  | { readonly kind: 'record'; readonly made: RecordPaper; readonly paper: Paper }
  | { readonly kind: 'labels'; readonly labels: readonly SampleLabel[]; readonly visit: string; readonly paper: Paper }
  | { readonly kind: 'cards'; readonly cards: readonly LookCard[]; readonly visit: string; readonly paper: Paper }
);

/** What the thread is asked, and what it answers. */
export type ToPdfWorker = { readonly id: number; readonly job: PdfJob | 'warm' };
export type FromPdfWorker = { readonly id: number; readonly pdf: Uint8Array } | { readonly id: number; readonly error: string };
