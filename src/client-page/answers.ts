import type { LookAnswersFile } from '@/core/formats/look-answers';
import type { LookCard } from '@/core/formats/look-cards';
import type { Verdict } from '@/core/judge/reasons';

/** What the page is given, beside its markup. */
export type PageData = {
  readonly hand: string;
  readonly key: string;
  readonly mostWords: number;
  readonly title: string;
  /** Where answers are mailed to; empty: nowhere. */
  readonly email: string;
  readonly cards: readonly LookCard[];
};

/** What was said of a colour at a look, and when. */
export type Said = { readonly verdict?: Verdict | undefined; readonly words: string; readonly at: string };
export type SaidOf = Readonly<Record<string, Said>>;

/** A colour at a look. */
export const keyOf = (lookId: string, colourId: string): string => `${lookId} ${colourId}`;

/** What was answered, in the order of the cards. */
export const answersOf = (cards: readonly LookCard[], said: SaidOf): LookAnswersFile['answers'] =>
  cards.flatMap(({ lookId, colours }) =>
    colours.flatMap(({ id }) => {
      const own = said[keyOf(lookId, id)];
      if (!own || (!own.verdict && own.words === '')) return [];
      return [{ look: lookId, colour: id, verdict: own.verdict ?? null, words: own.words.trim(), lookedAt: own.at }];
    }),
  );

/** The file that goes back to the consultant. */
export const answersText = ({ hand, key, cards }: Pick<PageData, 'hand' | 'key' | 'cards'>, said: SaidOf): string => {
  const file: LookAnswersFile = { format: 'elm-swatch/look-answers', version: 2, hand, key, answers: answersOf(cards, said) };
  return JSON.stringify(file);
};

/** A moment on the phone's own clock. */
export type Now = { readonly date: string; readonly hours: number };
type Hours = Pick<LookCard, 'date' | 'fromHour' | 'toHour'>;

const isLater = ({ date }: Hours, now: Now) => date !== null && date > now.date;
/** From when on it is dark enough for lamps, and until when. Common practice, no source. */
const [DARK_FROM, DARK_TO] = [17, 6];
/** How far beside its hours a look is still in its light. Own choice. */
const SLACK_HOURS = 0.5;

/** 0: its light is there now, 1: it comes later today, 2: on another day. */
export function rankOf(card: Hours, now: Now): 0 | 1 | 2 {
  if (isLater(card, now)) return 2;
  if (card.fromHour === null) return now.hours >= DARK_FROM || now.hours < DARK_TO ? 0 : 1;
  if (now.hours < card.fromHour) return 1;
  return now.hours < card.toHour! ? 0 : 2;
}

/** Whether it is not the hour of a look. */
export const isOutside = (card: Hours, now: Now): boolean =>
  isLater(card, now) ||
  (card.fromHour !== null && (now.hours < card.fromHour - SLACK_HOURS || now.hours > card.toHour! + SLACK_HOURS));

/** Cards as they are to be taken: what can be done now first. */
export const inTurn = (cards: readonly LookCard[], now: Now): LookCard[] =>
  [...cards].sort((p, q) => rankOf(p, now) - rankOf(q, now) || (p.date ?? '').localeCompare(q.date ?? '') || p.number - q.number);

/** A mail with the answers' file to be attached by hand. */
export const mailOf = ({ email, title }: Pick<PageData, 'email' | 'title'>, file: string): string =>
  `mailto:${encodeURIComponent(email).replace('%40', '@')}?subject=${encodeURIComponent(title)}&body=${encodeURIComponent(
    `My answers are in the file ${file}, attached to this mail.`,
  )}`;
