import type { WallRect } from '../light/room-fit';
import type { RecordedComponent } from '../record/recorded-colour';
import type { Swatch } from './light-protocol';
import type { Laid, Layer } from './standing-face';
import { colourSwatch } from './swatches';

/** What covers a surface: one colour, or its components as they lie. */
export type Covering = { readonly swatches: readonly Swatch[]; readonly laid: Laid | null };
/** Something on a wall that has a colour of its own: skirting, casings, a door, half of the wall, what hangs there. */
export type StandingPart = {
  readonly wall: number;
  readonly rect: WallRect;
  readonly covering: Covering;
  readonly layer: Layer;
};

export const inOne = (swatch: Swatch): Covering => ({ swatches: [swatch], laid: null });

/** A thing in its colours, as they lie where there are several. */
export function coveringOf(
  { id, components }: { readonly id: string; readonly components: readonly RecordedComponent[] },
  wideM: number | null,
): Covering {
  const swatches = components.map((c) => colourSwatch(c.id, c.colour));
  return { swatches, laid: swatches.length > 1 ? { key: id, wideM } : null };
}
