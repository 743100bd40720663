import { z } from 'zod';
import { idSchema, instantSchema, wordsSchema } from '../base/fields';
import { VERDICTS, type Verdict } from '../judge/reasons';
import { MOST_WORDS } from '@/core/record/look-answer';
import { handKeySchema, type LookHand } from '@/core/record/look-hand';
import { sayOutside } from '@/core/derived/look-fits';
import type { Room } from '@/core/record/room';
import type { Visit } from '@/core/record/visit';

/** Largest file of answers that is read, bytes; and most answers in one. */
export const MOST_ANSWER_BYTES = 1_000_000;
const MOST_ANSWERS = 2000;

/** What a client's page gives back. */
export const lookAnswersSchema = z.strictObject({
  format: z.literal('elm-swatch/look-answers'),
  version: z.union([z.literal(1), z.literal(2)]),
  hand: idSchema,
  key: handKeySchema,
  answers: z
    .array(
      z.strictObject({
        look: idSchema,
        colour: idSchema,
        /** null from version 2 on: words without a tapped answer. */
        verdict: z.enum(VERDICTS).nullable(),
        words: wordsSchema(MOST_WORDS),
        lookedAt: instantSchema,
      }),
    )
    .max(MOST_ANSWERS),
});
export type LookAnswersFile = z.infer<typeof lookAnswersSchema>;

/** An answer as it is shown before it is kept. */
export type AnswerRow = {
  readonly room: Room;
  readonly lookId: string;
  readonly number: number;
  readonly colour: string;
  readonly candidateId: string;
  /** null: only words, which are kept as a note. */
  readonly verdict: Verdict | null;
  readonly words: string;
  readonly lookedAt: string;
  /** Why it may have been another light than the look's; "" where nothing says so. */
  readonly outside: string;
  /** Kept before, word for word. */
  readonly known: boolean;
};
export type ReadAnswers =
  | { readonly ok: true; readonly hand: LookHand; readonly rows: readonly AnswerRow[]; readonly skipped: readonly string[] }
  | { readonly ok: false; readonly says: string };

const wrong = (says: string): ReadAnswers => ({ ok: false, says });

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/** What a client's words without an answer are kept as: a note on the colour. */
const ANSWERED = 'The client, look';
export const noteOf = ({ number, words }: Pick<AnswerRow, 'number' | 'words'>): string => `${ANSWERED} ${number}: ${words}`;

/** Whether what a row says is kept already, word for word. */
function isKept(row: Omit<AnswerRow, 'known'>): boolean {
  const { room, lookId, candidateId, verdict, words, lookedAt } = row;
  if (verdict === null) return room.notes.some((n) => !n.undone && n.candidateId === candidateId && n.words === noteOf(row));
  return room.answers.some(
    (a) =>
      !a.undone &&
      a.lookId === lookId &&
      a.candidateId === candidateId &&
      a.verdict === verdict &&
      a.words === words &&
      a.lookedAt === lookedAt,
  );
}

/** A day by which a client's clock may be off. */
const DAY_MS = 86_400_000;

type Asked = { readonly visit: Visit; readonly hand: LookHand; readonly now: number };
/** An answer as it is shown, or why it is left out. */
function rowOf(
  said: LookAnswersFile['answers'][number],
  { visit, hand, now }: Asked,
): { readonly row: AnswerRow; readonly out?: never } | { readonly row?: never; readonly out: string } {
  const { look: lookId, colour: candidateId, verdict, words, lookedAt } = said;
  const room = visit.rooms.find((r) => r.looks.some((l) => l.id === lookId));
  const look = room?.looks.find((l) => l.id === lookId);
  if (!room || !look || !hand.lookIds.includes(lookId))
    return { out: 'a look that was not handed out, or was taken off the plan' };
  const colour = room.candidates.find((c) => c.id === candidateId);
  if (!colour) return { out: `look ${look.number}: a colour that is not in ${room.name} any more` };
  if (Date.parse(lookedAt) > now + DAY_MS) return { out: `look ${look.number}: said to be taken in the future` };
  if (verdict === null && words === '') return { out: `look ${look.number}: nothing said` };
  const row = {
    room,
    lookId,
    number: look.number,
    colour: `${colour.name} ${colour.strength} %`,
    candidateId,
    verdict,
    words,
    lookedAt,
    outside: sayOutside(look, lookedAt, visit.place),
  };
  return { row: { ...row, known: isKept(row) } };
}

/**
 * Reads a client's file for a visit: nothing of it is trusted. It must carry the key of one of the visit's hand-outs; an answer counts
 * only for a look that was handed out and a colour that is in its room.
 *
 * @param now instant, to which a client's clock is held
 */
export function readAnswers(text: string, visit: Visit, now: number): ReadAnswers {
  if (text.length > MOST_ANSWER_BYTES) return wrong('The file is too large to be an answer.');
  const found = lookAnswersSchema.safeParse(parsed(text));
  if (!found.success) return wrong('This is not a file of answers, or it was changed on the way.');
  const hand = visit.hands.find((h) => h.id === found.data.hand && h.key === found.data.key);
  if (!hand) return wrong('These answers belong to another visit.');
  const skipped: string[] = [];
  const rows = new Map<string, AnswerRow>();
  for (const said of found.data.answers) {
    const { out, row } = rowOf(said, { visit, hand, now });
    if (row) rows.set(`${row.lookId} ${row.candidateId}`, row);
    else skipped.push(out);
  }
  return { ok: true, hand, rows: [...rows.values()].sort((p, q) => p.number - q.number), skipped };
}
