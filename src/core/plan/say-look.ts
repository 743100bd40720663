import { directions, VISIBLE_STEP, type Directions } from '../colour/directions';
import type { Lab } from '../colour/types';
import { clockText } from '../light/time-zone';
import { LOOK_LIGHT_WORDS, type LookLight } from './look-light';

/** What a colour does from one light to another, from the largest change on. */
const DOES: readonly {
  readonly along: 'pinkGreen' | 'yellowBlue' | 'strongWeak' | 'lightDark';
  readonly words: readonly [string, string];
}[] = [
  { along: 'pinkGreen', words: ['turns greener', 'turns pinker'] },
  { along: 'yellowBlue', words: ['turns bluer', 'turns yellower'] },
  { along: 'strongWeak', words: ['goes greyer', 'gains colour'] },
  { along: 'lightDark', words: ['goes darker', 'goes lighter'] },
];

/** How a colour changes, in just-noticeable steps. */
export const changeFrom = (from: Lab, to: Lab): Directions => directions(from, to);

/** "turns greener"; "holds" where nobody would see a change. */
export function sayChange(change: Directions): string {
  const [most] = [...DOES].sort((p, q) => Math.abs(change[q.along]) - Math.abs(change[p.along]));
  const steps = change[most!.along];
  return Math.abs(steps) < VISIBLE_STEP ? 'holds' : most!.words[steps > 0 ? 1 : 0];
}

/** How far apart two colours are driven by a light: the difference of what it does to each, in just-noticeable steps. */
export const drivenApart = (p: Directions, q: Directions): number => Math.hypot(...DOES.map(({ along }) => p[along] - q[along]));

/** Which of two goes farther with a light. */
export const fartherOf = (p: Directions, q: Directions): 0 | 1 => (p.deltaE00 >= q.deltaE00 ? 0 : 1);

/** "Pale Ash turns greener at 16:30 under a clear sky". */
export const sayMissed = (name: string, change: Directions, { light, clock }: { light: LookLight; clock: string }): string =>
  `${name} ${sayChange(change)} ${light === 'lamps' || light === 'both' ? '' : `at ${clock} `}${LOOK_LIGHT_WORDS[light]}`;

/** When a look is to be taken, in a sentence's words. */
export const sayCardWhen = ({
  light,
  fromHour,
  toHour,
}: {
  readonly light: LookLight;
  readonly fromHour: number | null;
  readonly toHour: number | null;
}): string =>
  fromHour === null || toHour === null
    ? LOOK_LIGHT_WORDS[light]
    : `between ${clockText(fromHour)} and ${clockText(toHour)}, ${LOOK_LIGHT_WORDS[light]}`;
