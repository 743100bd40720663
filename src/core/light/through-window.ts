import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import { OTHERS, straightThrough, type BeyondWindow } from './beyond-window';
import type { Outdoors } from './outdoors';
import type { ReceivedLight, ReceiverSight } from './receiver';
import { SKY_GRID } from './sky-grid';
import { BANDS } from './spectral';
import { addBanded, addWeights, type Transfer } from './transfers';

/** A window as receivers have it: by bounces, straight (a list of sights for each receiver), and what its glass lets through. */
export type WindowLight = {
  readonly transfer: Transfer;
  readonly straight: readonly (readonly ReceiverSight[])[];
  readonly glass: Float64Array;
};

/**
 * Adds what comes through a window at a moment, straight and bounced, to the spectral illuminance of every receiver.
 *
 * @param beyond what the window shows besides the sky, cd/m² when weighted by V, before its glass
 */
export function addThroughWindow(
  { transfer: { targets, values }, straight, glass }: WindowLight,
  outdoors: Outdoors,
  beyond: BeyondWindow,
  into: readonly ReceivedLight[],
): void {
  const width = into.length * BANDS.count;
  const sky = DAYLIGHT_COMPONENTS.map(() => new Float64Array(width));
  const rest = OTHERS.map(() => new Float64Array(width));
  targets.forEach((target, k) => {
    if (target >= SKY_GRID.cells) return addWeights(rest[target - SKY_GRID.cells]!, values, k * width, 1);
    sky.forEach((sum, c) => addWeights(sum, values, k * width, outdoors.cells[target * 3 + c]!));
  });
  into.forEach(({ direct, bounced }, r) => {
    const offset = r * BANDS.count;
    sky.forEach((bands, c) => addBanded(bounced, { power: DAYLIGHT_COMPONENTS[c]!, glass }, { values: bands, offset }, Math.PI));
    rest.forEach((bands, o) => addBanded(bounced, { power: beyond[OTHERS[o]!], glass }, { values: bands, offset }, Math.PI));
    straightThrough(straight[r]!, outdoors, beyond).forEach((v, i) => (direct[i]! += v * glass[i]!));
  });
}
