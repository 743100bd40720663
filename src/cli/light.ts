import { z } from 'zod';
import { SCENE, seenBy, viewOf, type SceneLight } from '@/core/appearance/scene';
import { rangeIn } from '@/core/colour/metamers';
import { isPlanned, plannedLight } from './planned-light';
import { populationSchema, rangeOf } from './range';
import { flagsOf, readingsOf } from '@/core/appearance/readings';
import { lightOfTemperature } from '@/core/colour/illuminant';
import { labFromXyz } from '@/core/colour/lab';
import { integrationWeights } from '@/core/colour/observer';
import { colourTemperature } from '@/core/colour/temperature';
import { D65_10, tristimulus, whiteOf } from '@/core/colour/tristimulus';
import type { ColourInput } from '@/core/colour/colour-schema';
import { onWalls, positionLights, roomLight } from '@/core/light/day-light';
import { firstProblem } from '@/core/light/say-room-problem';
import { isInside } from '@/core/light/box';
import { lightRoomOf } from '@/core/light/light-room-of';
import { roomSchema } from '@/core/light/room-description';
import { lightSchema, momentSchema, type MomentInput } from '@/core/light/light-request';
import { reflectanceOfColour } from '@/core/colour/given-colour';
import type { LightRoom } from '@/core/light/light-room';
import { outdoorsAt, outdoorsGiven, type Outdoors } from '@/core/light/outdoors';
import { prepareRoom } from '@/core/light/prepare-room';
import { illuminance, totalOf, type ReceivedLight, type Receiver } from '@/core/light/receiver';
import { slidePositions, usualPositions } from '@/core/light/sample-positions';

function outdoorsOf(moment: MomentInput): Outdoors {
  if (!('place' in moment)) return outdoorsGiven(moment.sky);
  const { place, time, sky } = moment;
  return outdoorsAt({ at: Date.parse(time), place, date: time.slice(0, 10), sky });
}

function checkedRoom(description: z.infer<typeof roomSchema>): LightRoom {
  const room = lightRoomOf(description);
  const problem = firstProblem(room);
  if (problem) throw new RangeError(problem);
  return room;
}

const sayBox = ({ widthM, depthM, heightM }: LightRoom['box']): string => `${widthM} × ${depthM} × ${heightM} m`;

const unit = ([x, y, z]: readonly [number, number, number]): [number, number, number] => {
  const size = Math.hypot(x, y, z);
  return [x / size, y / size, z / size];
};

/** What falls there: lux, temperature, and XYZ (2°, Y = 100) of a perfect white; nulls where there is no light to have a colour. */
function described({ name, at, normal }: Receiver, light: ReceivedLight) {
  const lux = illuminance(light);
  if (!(lux.total > 0)) return { name, at, normal, lux, cct: null, duv: null, xyz: null };
  const white = whiteOf(integrationWeights(totalOf(light), 2));
  const { cctK, duv } = colourTemperature(white);
  return { name, at, normal, lux, cct: cctK, duv, xyz: [white.x, white.y, white.z] };
}

/** `light`: what falls on the room's usual positions, or on the points that are asked for, at a moment. */
export function light(request: Record<string, unknown>) {
  if (isPlanned(request)) return plannedLight(request, { outdoors: outdoorsOf, describe: described });
  const { room: description, moment, points } = lightSchema.parse(request);
  const room = checkedRoom(description);
  for (const [n, { at }] of (points ?? []).entries())
    if (!isInside(room.box, at))
      throw new RangeError(`point ${n + 1} (${at.join(', ')} m) lies outside the room, ${sayBox(room.box)}`);
  const receivers = points
    ? points.map(({ name, at, normal }, n): Receiver => ({ name: name ?? `point-${n + 1}`, at, normal: unit(normal) }))
    : usualPositions(room);
  const found = prepareRoom(room, receivers).lightAt(outdoorsOf(moment), moment.lamps);
  return { [points ? 'points' : 'positions']: receivers.map((receiver, r) => described(receiver, found[r]!)) };
}

const plainLight = z.strictObject({
  cct: z.number().min(1000, 'a light of 1,000 to 25,000 K').max(25_000, 'a light of 1,000 to 25,000 K'),
  lux: z.number().positive('more than 0 lx').max(200_000),
});

const askedSchema = z.union([
  z.object({ light: plainLight, population: populationSchema }),
  z.object({ room: roomSchema, moment: momentSchema, position: z.string().max(40), population: populationSchema }),
]);

/** The light at a position of a room, with the room's own, to which the eye adapts in part. */
function lightInRoom({
  room: description,
  moment,
  position,
}: Extract<z.infer<typeof askedSchema>, { position: string }>): SceneLight {
  const room = checkedRoom(description);
  const usual = usualPositions(room);
  const receivers = [...usual, ...slidePositions(room)];
  const place = receivers.findIndex((r) => r.name === position);
  if (place < 0) throw new RangeError(`position ${position}: this room has ${receivers.map((r) => r.name).join(', ')}`);
  const lights = positionLights(prepareRoom(room, receivers), outdoorsOf(moment), moment.lamps);
  const { power, lux } = lights[place]!;
  if (!(lux > 0)) throw new RangeError(`no light falls on ${position} at this moment`);
  return { power, lux, room: roomLight(onWalls(lights)) };
}

/**
 * `appearance`: how a colour reads in a room at a moment, or in a plain light; where it is too dark to judge that is said instead of what
 * it does.
 */
export function appearance(request: Record<string, unknown>, colour: ColourInput) {
  const asked = askedSchema.parse(request);
  const scene = 'light' in asked ? { power: lightOfTemperature(asked.light.cct), lux: asked.light.lux } : lightInRoom(asked);
  const reflectance = reflectanceOfColour(colour);
  const view = viewOf(scene);
  const seen = seenBy(view, reflectance);
  const tooDark = scene.lux < SCENE.tooDarkLux;
  const readings = readingsOf(labFromXyz(tristimulus(reflectance, D65_10)), seen);
  return {
    lab: [seen.lab.l, seen.lab.a, seen.lab.b],
    hex: seen.hex,
    inGamut: seen.inGamut,
    flags: tooDark ? [] : flagsOf(readings),
    tooDark,
    ...(tooDark ? { says: 'too dark to judge' } : {}),
    ...rangeOf(colour, asked.population, (curves) =>
      rangeIn(curves, view.weights, (xyz) => view.reads(xyz).lab, asked.population),
    ),
    numbers: { brightness: seen.brightness, colourfulness: seen.colourfulness, lux: scene.lux, readings },
  };
}
