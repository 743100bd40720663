import type { Asked, Known, Preview } from './preview';

/** A deck file as it was handed in; its name stands in for what it does not say. */
export type DeckFile = { readonly bytes: Uint8Array; readonly name: string };

/** What the thread that reads a deck file says. */
export type FromWorker =
  | { readonly kind: 'ask'; readonly asked: Asked }
  | { readonly kind: 'progress'; readonly done: number; readonly total: number }
  | { readonly kind: 'done'; readonly preview: Preview };
/** What it is told: the file first, then what is here already of each deck it asks about. */
export type ToWorker = { readonly kind: 'file'; readonly file: DeckFile } | { readonly kind: 'known'; readonly known: Known };
