import type { SpectralPower } from '../colour/grid';
import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import { ASSUMED } from './assumptions';
import { bearingOf, type LightRoom } from './light-room';
import { beforeWindow } from './street';
import type { Outdoors } from './outdoors';
import { SKY_GRID } from './sky-grid';
import { addLight, noLight } from './spectral';

/** What is seen through a window besides the sky, in the order of the targets after its cells. */
export const OTHERS = ['ground', 'obstruction', 'overhang', 'reveal', 'cloth'] as const;

/** Spectral radiances (cd/m² when weighted by V) of what one window shows besides the sky. */
export type BeyondWindow = Readonly<Record<(typeof OTHERS)[number], SpectralPower>>;

/** What one window of a room shows at one moment, before its glass. */
export function beyondWindow(room: LightRoom, window: number, outdoors: Outdoors): BeyondWindow {
  const { wall, obstructionDeg, revealM, overhangM } = room.windows[window]!;
  const { ground, facade, onWindow } = beforeWindow(outdoors, bearingOf(room, wall), { ...room, obstructionDeg });
  const share = (k: number) => onWindow.map((e) => (k * e) / Math.PI);
  return {
    ground,
    obstruction: facade,
    overhang: overhangM > 0 ? ground.map((l) => l * ASSUMED.overhangReflectance.value) : noLight(),
    reveal: revealM > 0 ? share(ASSUMED.revealReturn.value) : noLight(),
    cloth: share(1),
  };
}

type Piece = { readonly factor: number; readonly target: number; readonly altitudeDeg: number; readonly azimuthDeg: number };

/** Spectral illuminance straight through the pieces of one aperture, before its glass. */
export function straightThrough(pieces: readonly Piece[], outdoors: Outdoors, beyond: BeyondWindow): SpectralPower {
  const amounts = [0, 0, 0];
  const seen = OTHERS.map(() => 0);
  for (const { factor, target, altitudeDeg, azimuthDeg } of pieces) {
    if (target >= SKY_GRID.cells) {
      seen[target - SKY_GRID.cells]! += factor;
      continue;
    }
    const [a, b, c] = outdoors.skyAt(altitudeDeg, azimuthDeg);
    amounts[0]! += factor * a;
    amounts[1]! += factor * b;
    amounts[2]! += factor * c;
  }
  const power = noLight();
  amounts.forEach((amount, c) => addLight(power, DAYLIGHT_COMPONENTS[c]!, Math.PI * amount));
  seen.forEach((share, o) => addLight(power, beyond[OTHERS[o]!], Math.PI * share));
  return power;
}
