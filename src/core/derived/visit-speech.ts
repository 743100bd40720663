import { habitsOf, type Habits } from '../units/habits';
import { localSpeech } from '../units/local-speech';
import { ownWords } from './own-words';
import type { Visit } from '@/core/record/visit';

/** How a visit speaks, as plain values: its habits, and what people and makers called things, which is never said otherwise. */
export type Speech = { readonly habits: Habits; readonly own: readonly string[] };

/** Whether everything is said as it is written here. */
const isPlain = ({ units, clock, dates, words }: Habits): boolean =>
  units === 'metric' && clock === '24' && dates === 'day' && words === 'british';

export function speechOf(visit: Visit): Speech {
  const habits = habitsOf(visit);
  return { habits, own: isPlain(habits) ? [] : [...ownWords(visit)] };
}

const asWritten = (text: string): string => text;
/** Says a text as a visit does. */
export const sayAs = ({ habits, own }: Speech): ((text: string) => string) =>
  isPlain(habits) ? asWritten : localSpeech(habits, own);
