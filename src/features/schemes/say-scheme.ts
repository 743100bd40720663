import { upperFirst } from '@/core/base/words';
import { sayBeside } from '@/core/judge/reasons';
import { LIGHT_NAMES, type JudgingLight } from '@/core/room/facing';
import type { ProposedLink } from '@/core/scheme/parts';
import { VERDICT_WORDS } from '../words/verdict-words';

const inLight = (light: string | null) => (light && light in LIGHT_NAMES ? `, ${LIGHT_NAMES[light as JudgingLight]}` : '');

/** "Nearly: walls too green beside hearth stone, overcast". */
export function sayLink({ between: [one, other], verdict, reason, light }: ProposedLink): string {
  const what = reason ? sayBeside(reason, other) : `beside ${other}`;
  return `${VERDICT_WORDS[verdict]}: ${one} ${what}${inLight(light)}`;
}

/** What holds a scheme together least, as it stands under it. */
export const sayWeakest = (weakest: ProposedLink | null): string =>
  !weakest || weakest.verdict === 'works' ? 'nothing in it fights' : `weakest: ${sayLink(weakest).replace(/^\w+: /, '')}`;

/** A sentence of the core as it stands alone. */
export const asSentence = (says: string): string => `${upperFirst(says)}.`;
