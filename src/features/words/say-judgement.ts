import { FLAG_NAMES } from '@/core/appearance/readings';
import { sayBeside } from '@/core/judge/reasons';
import type { Found, Weakest } from '@/core/engine/judgement-protocol';

/** What a weakest link, or a drop, is about, without its moment: "too green beside Hearth stone, the band". */
export function sayLink({ stay, component, reason, flag }: Weakest): string {
  if (flag) return `the light makes it ${FLAG_NAMES[flag]}`;
  const what = `${stay}${component ? `, the ${component}` : ''}`;
  return reason ? sayBeside(reason, what) : `a conflict beside ${what}`;
}

/** What is for a colour, and its weakest link: "shares the undertone of Hearth stone · too weak beside Oak floor · 14:30, clear sky". */
export const sayFound = ({ weakest, shares }: Pick<Found, 'weakest' | 'shares'>): string =>
  [shares && `shares the undertone of ${shares}`, sayWeakest(weakest)].filter(Boolean).join(' · ');

/** A weakest link in full: "too green beside Hearth stone, the band, 14:30, clear sky". */
export const sayWeakest = (weakest: Weakest | null): string =>
  weakest ? `${sayLink(weakest)} · ${weakest.moment}` : 'no conflict with anything, in any light';
