import { viewOf } from '../appearance/scene';
import { onWalls, positionLights, roomLight } from '../light/day-light';
import { outdoorsAt } from '../light/outdoors';
import { cannotBe, prepare, roomOf } from './known-days';
import type { Steps } from './steps';
import type { MomentRequest, NoAnswer, SpotsAnswer, Swatch } from './light-protocol';
import { lookAt, sceneOf } from './looks';
import { tinted } from './light-tint';

/** What falls on positions of a room at one moment, and how swatches look there. */
export function* spots(request: MomentRequest, swatches: readonly Swatch[]): Steps<SpotsAnswer | NoAnswer> {
  const { problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  yield 0;
  const ready = prepare(request.room, request.where);
  yield 0.5;
  const { at, place, date, sky, lampsOn, scale } = request;
  const outside = outdoorsAt({ at, place, date, sky });
  const lights = positionLights(ready, outside, lampsOn);
  const walls = request.where === 'usual' ? lights : positionLights(prepare(request.room, 'usual'), outside, lampsOn);
  const room = roomLight(onWalls(walls));
  return {
    ok: true,
    spots: lights.map((light, p) => {
      const scene = sceneOf(light, room, scale);
      const view = scene && viewOf(scene);
      const scaled = { ...light, lux: light.lux * scale };
      return {
        position: ready.receivers[p]!.name,
        light: tinted(scaled),
        looks: swatches.map((swatch) => (view ? lookAt(swatch, view).look : null)),
      };
    }),
  };
}
