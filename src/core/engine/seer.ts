import { seenIn } from '../appearance/scene';
import type { PositionLight } from '../light/day-light';
import { sceneAt } from './known-days';

/** What makes an appearance of a surface; undefined in the dark. */
export type Seer = ReturnType<typeof seenIn> | undefined;

/** The same at a place of a room in its lights. */
export const seeAt = (lights: readonly PositionLight[], place: number, scale: number): Seer => {
  const scene = sceneAt(lights, place, scale);
  return scene && seenIn(scene);
};
