import { z } from 'zod';
import { idSchema, instantSchema } from '../base/fields';
import { PERSONS } from '../judge/ruling';
import { LIGHT_NAMES, LIGHTS } from '../room/facing';
import { isLookedAt, WAYS_SEEN } from './seen';
import { verdictMomentSchema } from './verdict';

/** What an eye can say of a colour that stands alone: of its intensity, not of what it does beside something. */
export const INTENSITIES = ['right', 'too-strong', 'too-weak', 'too-dark', 'too-light'] as const;
export type Intensity = (typeof INTENSITIES)[number];
export const INTENSITY_WORDS: Readonly<Record<Intensity, string>> = {
  right: 'right',
  'too-strong': 'too strong',
  'too-weak': 'too weak',
  'too-dark': 'too dark',
  'too-light': 'too light',
};

/** What an eye said of a candidate looked at alone. */
export const intensitySchema = z.strictObject({
  id: idSchema,
  candidateId: idSchema,
  light: z.enum(LIGHTS),
  person: z.enum(PERSONS),
  intensity: z.enum(INTENSITIES),
  /** The light it was given in. */
  moment: verdictMomentSchema.nullable(),
  /** How it was looked at; null for those of before this was kept. */
  seen: z.enum(WAYS_SEEN).nullable(),
  at: instantSchema,
  undone: z.boolean(),
});
export type IntensityEvent = Readonly<z.infer<typeof intensitySchema>>;

type Said = Pick<IntensityEvent, 'candidateId' | 'light' | 'person'>;

/** What stands of a colour alone, in a light, by a person: the latest that was not undone. */
export const intensityIn = (events: readonly IntensityEvent[], cell: Said): IntensityEvent | undefined =>
  events.findLast((e) => !e.undone && e.candidateId === cell.candidateId && e.light === cell.light && e.person === cell.person);

/** What stands of a colour alone, every light and person, in the order of the lights. */
export const standingIntensities = (events: readonly IntensityEvent[], candidateId: string): IntensityEvent[] =>
  LIGHTS.flatMap((light) => PERSONS.flatMap((person) => intensityIn(events, { candidateId, light, person }) ?? []));

/** "right, window by day; too strong, lamps (client)". */
export const sayIntensities = (events: readonly IntensityEvent[]): string =>
  events
    .map(
      (e) =>
        `${INTENSITY_WORDS[e.intensity]}, ${LIGHT_NAMES[e.light]}${e.person === 'client' ? ' (client)' : ''}${isLookedAt(e) ? '' : ' (on the screen)'}`,
    )
    .join('; ');
