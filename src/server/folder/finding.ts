import type { SavedAgain } from './saved-again';

/** What was found and done when a folder was opened, to be told once. */
export type Finding =
  /** The last line was being written when the power went; it was never shown as saved. */
  | {
      readonly kind: 'torn';
      readonly file: string;
      readonly line: number;
      /** Nothing that was shown as saved can be missing: what the database knew was compared. */
      readonly sure: boolean;
    }
  /** The database was not as it was left: it was set aside and made anew from the journal. */
  | {
      readonly kind: 'remade';
      readonly why: string;
      readonly aside: string;
      readonly lines: number;
      /** Entries it held when it was closed that the journal has not; null where that cannot be told. */
      readonly missing: number | null;
    }
  /** The database knew more than the journal, which was shortened: what of it fits stands in the journal again. */
  | ({ readonly kind: 'saved-again'; readonly aside: string } & SavedAgain)
  /** Whether the journal was shortened cannot be told: the database could not be asked. */
  | { readonly kind: 'not-asked'; readonly why: string; readonly aside: string; readonly lines: number }
  /** The disk has too little room: everything is here to read, made of the journal in memory, and nothing can be saved. */
  | { readonly kind: 'read-only'; readonly freeBytes: number; readonly neededBytes: number; readonly forWhat: string }
  /** The journal was lost or shortened, and the database was whole: the journal was written anew from it. */
  | { readonly kind: 'rewritten'; readonly aside: string | undefined }
  /** The database that was kept at a close ends later than the journal, by so many entries; it was set aside. */
  | { readonly kind: 'kept-knows-more'; readonly aside: string; readonly entries: number }
  /** The newest copy ends later than the journal, by so many entries. */
  | { readonly kind: 'copy-knows-more'; readonly copy: string; readonly entries: number };
