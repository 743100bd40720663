import { viewOf, type SceneView } from '../appearance/scene';
import type { PositionLight } from '../light/day-light';
import { sceneAt } from './known-days';

/** What makes an appearance of a surface at a place of a room in its lights; undefined where it is too dark to judge. */
export const viewAt = (lights: readonly PositionLight[], place: number, scale: number): SceneView | undefined => {
  const scene = sceneAt(lights, place, scale);
  return scene && viewOf(scene);
};
