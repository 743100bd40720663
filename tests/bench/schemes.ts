import { lightOfTemperature } from '@/core/colour/illuminant';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import { DEFAULT_SCHOOLS } from '@/core/judge/light-schools';
import { prepareAdvice } from '@/core/judge/room-advice';
import { seededRandom } from '@/core/base/random';
import type { UsedLight } from '@/core/engine/used-lights';
import type { SchemeStay } from '@/core/engine/scheme-walls';
import { schemes } from '@/core/engine/schemes';
import { surfaceStay } from '@/core/engine/surface-stay';
import { toTheEnd } from '@/core/engine/steps';
import { describeBox } from '@/core/derived/describe-room';
import { sightLines, type SightPlace } from '@/core/engine/sight-lines';
import { fewestFor } from '@/core/house/fewest';
import { joinedRooms } from '@/core/house/joined-rooms';
import { paintworkSchema, roomDoorSchema } from '@/core/record/paintwork';
import { room, roomLamp, roomWindow } from '../made-up-room';
import { SCHEME_KINDS } from '@/core/record/scheme';
import { areasOfBox } from '@/core/scheme/areas';
import { coloursOfPiece } from '@/core/scheme/piece';
import { bands, madePicture } from '../made-pictures';
import { against, medianSeconds, sized } from './measure';

/** The colours of a piece in a photograph of 12 million pixels, decoded. */
export function benchPiece(): void {
  const side = sized(4000, 400);
  const { picture } = madePicture({
    width: side,
    height: (3 * side) / 4,
    hexes: ['#d9b79a', '#8fa39f', '#e6dccb', '#b26548', '#3d434d'],
    draw: bands(side, [0.36, 0.22, 0.18, 0.14, 0.1]),
    noise: 6,
  });
  against(
    'the colours of a piece in 12 million pixels',
    medianSeconds(() => coloursOfPiece(picture, null, null), 3),
    1.2,
    's',
  );
}

const KINDS_OF_LIGHT = [
  ['clear', 'window-day', 5500, 900],
  ['overcast', 'overcast', 6800, 350],
  ['lamps', 'lamps', 2800, 120],
] as const;
const LIGHTS = KINDS_OF_LIGHT.map(([kind, judging, cct, lux]): UsedLight => ({
  kind,
  judging,
  weight: 1 / 3,
  scene: { power: lightOfTemperature(cct), lux },
  at: 0,
}));

const thing = (name: string, what: SchemeStay['thing'], l: number, a: number, b: number): SchemeStay => ({
  id: name,
  name,
  kind: 'fixed',
  school: 'share',
  thing: what,
  cover: null,
  components: [{ id: name, name, share: 1, lab: { l, a, b } }],
});

/** Five whole schemes out of a deck that is judged already, as the page has it after the search. */
export function benchSchemes(): void {
  const random = seededRandom(9);
  const palette = Array.from({ length: sized(4000, 120) }, (_, k) => {
    const lab = { l: 25 + 70 * random(), a: 24 * random() - 12, b: 40 * random() - 12 };
    const found = reflectanceFromLab(lab);
    return found.ok ? { id: String(k), strength: 100, lab, reflectance: found.value } : undefined;
  }).filter((c) => c !== undefined);
  const stays = [thing('Oak floor', 'floor', 55, 10, 25), thing('Hearth', 'hearth', 62, 3, 9), thing('Sofa', 'sofa', 48, 0, 1)];
  const advise = prepareAdvice({
    kind: 'living',
    windDown: 0,
    schools: DEFAULT_SCHOOLS,
    wish: null,
    light: { dim: 0.3, bright: 0 },
    stays: stays.map(surfaceStay),
    lights: LIGHTS.map(({ judging, weight, scene }) => ({ kind: judging, weight, scene })),
  });
  const advice = palette.map((c) => advise(c));
  const asked = {
    kinds: SCHEME_KINDS,
    stays,
    areas: areasOfBox({ widthM: 4, depthM: 5, heightM: 2.5, windows: [{ widthM: 1.5, heightM: 1.3 }] }),
    wish: null,
    kept: [],
    piece: [
      { lab: { l: 77, a: 10, b: 20 }, share: 0.6 },
      { lab: { l: 64, a: -8, b: 1 }, share: 0.4 },
    ],
    pieceName: 'the painting',
  };
  const adviceOn = (k: number) => advice[k]!;
  const seconds = medianSeconds(() => toTheEnd(schemes(asked, { lights: LIGHTS, palette, adviceOn })), 3);
  against('five schemes for a room out of 4,000, judged already', seconds, 1, 's');
}

/** The fewest colours that serve twelve rooms, of four hundred that work in some of them. */
export function benchHouse(): void {
  const random = seededRandom(5);
  const rooms = Array.from({ length: 12 }, () => ({
    works: Array.from({ length: 400 }, (_, k) => `c${k}`).filter(() => random() < 0.2),
  }));
  against(
    'the fewest of 400 colours for 12 rooms',
    medianSeconds(() => fewestFor(rooms), 3),
    3,
    's',
  );
}

const ROOMS = 12;
const idOf = (k: number) => `01a217f3-80e9-7106-930d-${String(k).padStart(12, '0')}`;

/** A house of twelve rooms along a hall: its plan, what one sees together, and that through a day whose light is not known yet. */
export function benchSight(): void {
  const doors = Array.from({ length: ROOMS - 1 }, (_, k) =>
    roomDoorSchema.parse({
      id: idOf(100 + k),
      wall: k % 2 === 0 ? 1 : 3,
      leftM: 0.5 + 2 * Math.floor(k / 2),
      toRoomId: idOf(k + 1),
    }),
  );
  const lit = { windows: [roomWindow({ widthM: 1.6, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1500 })] };
  const rooms = Array.from({ length: ROOMS }, (_, k) =>
    room({
      id: idOf(k),
      name: `Room ${k}`,
      widthM: k === 0 ? 2 : 3,
      depthM: k === 0 ? 12 : 2.6,
      heightM: 2.5,
      bearingDeg: (k * 37) % 360,
      ...lit,
      paintwork: { ...paintworkSchema.parse({}), doors: k === 0 ? doors : [] },
    }),
  );
  const { views } = joinedRooms(rooms);
  const places = rooms.map((of, k): SightPlace => {
    const wall = { id: `wall ${k}`, lab: { l: 60 + 2 * k, a: k - 6, b: 6 + k }, population: 'paint' as const };
    const place = { latitude: 51.45, longitude: -2.59 };
    const day = { room: describeBox(of).description, place, date: '2026-09-23', zone: 'Europe/London', skies: 'clear' as const };
    return { id: of.id, day, scale: 1, walls: [wall, wall, wall, wall], trim: null, floor: null, paint: null };
  });
  const deck = { ids: [], makers: [], strengths: [100], labs: new Float32Array(), curves: new Float32Array() };
  const start = performance.now();
  const answer = toTheEnd(sightLines({ rooms: places, views, lampsOn: false }, deck));
  if (!answer.ok || answer.views.length < ROOMS) throw new Error('nothing is seen');
  against(
    `what one sees together in ${ROOMS} rooms, their light not known yet`,
    (performance.now() - start) / 1000,
    6,
    's',
    `${views.length} views`,
  );
  against(
    'the same again',
    medianSeconds(() => toTheEnd(sightLines({ rooms: places, views, lampsOn: true }, deck)), 3),
    3,
    's',
  );
}
