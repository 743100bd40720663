import { randomUUID } from 'node:crypto';
import { v7 } from 'uuid';
import { OPERATION_VERSION } from '@/core/operations/operations';
import type { ApplyResult } from '@/core/operations/revision';
import { database } from '../database';
import { deckCurves } from '../deck/curves';
import { isOfTheDisk, NO_WORDS, sayTrouble } from '../folder/trouble';
import { applyOperation } from '../operations/apply';
import { checkInWorker } from './in-worker';
import { knownOf, type Preview, type Progress } from './preview';
import type { DeckFile } from './worker-messages';
import { onePerProcess } from '../one-per-process';

type Held = Preview & { readonly at: number };
/** Previews waiting to be taken or left; few, since each may hold thousands of colours. */
const held = onePerProcess('previews', () => new Map<string, Held>());
const MOST_HELD = 4;

/** What the page shows of a preview. */
export type PreviewAnswer = {
  readonly token: string;
  readonly makers: readonly {
    readonly name: string;
    readonly colours: number;
    readonly bases: number;
    readonly spectra: number;
    readonly formulas: number;
  }[];
  readonly problems: Preview['problems'];
  readonly problemCount: number;
  readonly notes: readonly string[];
};

/** Reads and checks a deck file; nothing is written. The answer's token takes it in afterwards. */
export async function previewDeck(file: DeckFile, progress: Progress, signal: AbortSignal): Promise<PreviewAnswer> {
  const db = await database();
  const preview = await checkInWorker(file, { ask: (asked) => knownOf(db, asked), progress, signal });
  const token = randomUUID();
  held.set(token, { ...preview, at: Date.now() });
  for (const old of [...held.keys()].slice(0, -MOST_HELD)) held.delete(old);
  return {
    token,
    makers: preview.decks.map((d) => ({
      name: d.maker.name,
      colours: d.colours.length,
      bases: d.bases.length,
      spectra: d.colours.filter((c) => c.spectrum).length,
      formulas: d.colours.filter((c) => c.formula).length,
    })),
    problems: preview.problems,
    problemCount: preview.problemCount,
    notes: preview.notes,
  };
}

/** Why a deck file could not be looked at, for the person. */
export function deckTrouble(error: unknown): string {
  const says = sayTrouble(error);
  if (says !== NO_WORDS) return says;
  console.error('deck preview failed', error);
  return 'The file could not be read.';
}

/** A deck that could not be taken in for want of room; anything else is no answer. */
export function notTaken(error: unknown): ApplyResult {
  if (isOfTheDisk(error)) return { ok: false, reason: 'no-room', says: sayTrouble(error) };
  console.error('deck not taken', error);
  return { ok: false, reason: 'failed' };
}

/** Takes in the good colours of a preview, all of them or none. */
export async function takeDeck(token: string): Promise<ApplyResult> {
  const preview = held.get(token);
  if (!preview) return { ok: false, reason: 'not-found', what: 'preview' };
  const decks = preview.decks.filter((d) => d.colours.length > 0 || d.bases.length > 0);
  if (decks.length === 0) return { ok: false, reason: 'not-found', what: 'colour to take' };
  const db = await database();
  // twice in the journal and its copy, and as rows
  db.mustHaveRoom(4 * JSON.stringify(decks).length);
  const result = await applyOperation(db, {
    id: v7(),
    version: OPERATION_VERSION,
    at: new Date().toISOString(),
    write: { name: 'deck.import', decks: [...decks] },
  });
  if (!result.ok) return result;
  held.delete(token);
  // the next search finds the strengths of the new colours mixed, or being mixed
  deckCurves().catch(() => undefined);
  return result;
}
