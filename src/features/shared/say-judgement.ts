import { FLAG_NAMES } from '@/core/appearance/readings';
import { sayBeside } from '@/core/judge/reasons';
import type { Weakest } from '@/workers/judgement-protocol';

/** What a weakest link, or a drop, is about, without its moment: "too green beside Hearth stone, the band". */
export function sayLink({ stay, component, reason, flag }: Weakest): string {
  if (flag) return `the light makes it ${FLAG_NAMES[flag]}`;
  const what = `${stay}${component ? `, the ${component}` : ''}`;
  return reason ? sayBeside(reason, what) : `a conflict beside ${what}`;
}

/** A weakest link in full: "too green beside Hearth stone, the band, 14:30, clear sky". */
export const sayWeakest = (weakest: Weakest | null): string =>
  weakest ? `${sayLink(weakest)} · ${weakest.moment}` : 'no conflict with anything, in any light';
