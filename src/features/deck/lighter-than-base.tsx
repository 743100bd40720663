import { LIGHTER_THAN_BASE } from '@/core/paint/strength';
import type { Sheet } from '../entry/sheet-data';

/** Said once over all strengths of a colour that its base is too dark for; nothing for any other. */
export function LighterThanBase({ sheet }: { readonly sheet: Sheet }) {
  if (!sheet.strengths.some((s) => s.caution === 'lighter-than-base')) return null;
  if (sheet.base.assumed)
    return (
      <p role="note" className="mb-2 text-sm">
        ▲ Lighter than a usual white base: what less colourant gives is not known. Ask its maker.
      </p>
    );
  return (
    <p role="note" className="mb-2 text-sm">
      ▲ Lighter than its base: {LIGHTER_THAN_BASE}, and less colourant brings it down to the base. Ask for another base.
    </p>
  );
}
