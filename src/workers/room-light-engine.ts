import { turnIn, turnsOf, usualLook } from '@/core/appearance/turns';
import { seenIn, type Appearance } from '@/core/appearance/scene';
import { labFromXyz } from '@/core/colour/lab';
import { adaptCat16 } from '@/core/colour/cat16';
import { integrationWeights } from '@/core/colour/observer';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import { screenColour } from '@/core/colour/srgb';
import { colourTemperature } from '@/core/colour/temperature';
import { WHITE_D65_10, whiteOf } from '@/core/colour/tristimulus';
import { incoming, sunHours, together, type PositionLight } from '@/core/light/day-light';
import { averageDaylightFactor, computedDaylightFactor } from '@/core/light/daylight-factor';
import { outdoorsAt } from '@/core/light/outdoors';
import { illuminance, totalOf } from '@/core/light/receiver';
import { cannotBe, dayOf, lightsOf, midday, placeOf, POSITIONS, prepare, roomOf, sceneAt, type Steps } from './known-days';
import { leastRecentlyUsed } from '@/core/least-recently-used';
import { lookAt, sceneOf } from './looks';
import type {
  Band,
  BandsAnswer,
  DayAnswer,
  DayRequest,
  HexesAnswer,
  Look,
  LookIn,
  MomentRequest,
  NoAnswer,
  SpotsAnswer,
  Swatch,
  TintedLight,
} from './protocol';

/** Daylight factors depend on the room alone, not on the day. */
const factors = leastRecentlyUsed<DayAnswer['daylightFactor']>(40);

/** Luminance factor at which the tint of a light is shown. */
const TINT_Y = 72;

/** Lux, temperature and tint of what falls on a position. */
function tinted({ power, lux }: Pick<PositionLight, 'power' | 'lux'>): TintedLight {
  if (!(lux > 0)) return { lux: 0, cct: null, duv: null, hex: '#000000' };
  // half adapted: as strong as a tint can be and still be believed
  const white = whiteOf(integrationWeights(power, 10));
  const seen = adaptCat16(white, white, WHITE_D65_10, 0.5);
  const share = TINT_Y / seen.y;
  const lab = labFromXyz({ x: seen.x * share, y: TINT_Y, z: seen.z * share }, WHITE_D65_10);
  return { lux, ...colourTemperature(whiteOf(integrationWeights(power, 2))), hex: screenColour(lab).hex };
}

/** A room through a day: lights at its usual positions, sun hours, daylight factor. */
export function* day(request: DayRequest): Steps<DayAnswer | NoAnswer> {
  const { room, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const { moments, skies, day: found } = yield* dayOf(request);
  const daylight: TintedLight[][] = [];
  const withLamps: TintedLight[][] = [];
  for (const lights of found.daylight) {
    daylight.push(lights.map(tinted));
    withLamps.push(lights.map((light, p) => tinted(together(light, found.lamps[p]!))));
    yield 0.9 + (0.1 * daylight.length) / moments.length;
  }
  return {
    ok: true,
    moments,
    skies,
    sun: found.sun,
    positions: POSITIONS.usual(room).map((p) => p.name),
    daylight,
    withLamps,
    lamps: found.lamps.map(tinted),
    sunHours: sunHours(room, found.sun),
    daylightFactor: factors(JSON.stringify(request.room), () => ({
      formula: averageDaylightFactor(room),
      computed: computedDaylightFactor(room),
    })),
  };
}

const seeAt = (lights: readonly PositionLight[], place: number, scale: number) => {
  const scene = sceneAt(lights, place, scale);
  return scene && seenIn(scene);
};

type Seer = ReturnType<typeof seenIn> | undefined;

function bandOf(swatch: Swatch, through: readonly Seer[], aside: { readonly overcast: Seer; readonly lamps: Seer }): Band {
  const [l, a, b] = swatch.lab;
  const deck = { l, a, b };
  const looks: (Look | null)[] = [];
  const appearances: (Appearance | undefined)[] = [];
  for (const see of through) {
    const found = see && lookAt(swatch, see);
    looks.push(found?.look ?? null);
    appearances.push(found?.appearance);
  }
  const usual = usualLook(appearances) ?? deck;
  const besides = (see: Seer) => {
    const found = see && lookAt(swatch, see);
    return found ? { look: found.look, turn: turnIn(deck, usual, found.appearance) ?? null } : null;
  };
  return {
    id: swatch.id,
    looks,
    turns: turnsOf(deck, appearances),
    overcast: besides(aside.overcast),
    lamps: besides(aside.lamps),
  };
}

type BandsRequest = { readonly day: DayRequest; readonly swatches: readonly Swatch[]; readonly lookIn: LookIn };

/** Swatches through a day at one position, and beside it under cloud and by the lamps. */
export function* bands({ day: request, swatches, lookIn }: BandsRequest): Steps<BandsAnswer | NoAnswer> {
  const { room, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(request);
  const grey = yield* dayOf({ ...request, skies: 'overcast' });
  const place = placeOf(room, lookIn.position);
  const { scale, lampsOn } = lookIn;
  const through = known.moments.map((_, m) => seeAt(lightsOf(known, m, lampsOn), place, scale));
  const aside = {
    overcast: seeAt(lightsOf(grey, midday(grey), false), place, scale),
    lamps: seeAt(known.day.lamps, place, scale),
  };
  const found: Band[] = [];
  for (const swatch of swatches) {
    found.push(bandOf(swatch, through, aside));
    yield found.length / swatches.length;
  }
  return { ok: true, bands: found };
}

/** What falls on positions of a room at one moment, and how swatches look there. */
export function* spots(request: MomentRequest, swatches: readonly Swatch[]): Steps<SpotsAnswer | NoAnswer> {
  const { problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  yield 0;
  const ready = prepare(request.room, request.where);
  yield 0.5;
  const { at, place, date, sky, lampsOn, scale } = request;
  const found = ready.lightAt(outdoorsAt({ at, place, date, sky }, ready.room.ground), lampsOn);
  const lights = found.map((light): PositionLight => {
    const { direct, total } = illuminance(light);
    return { power: totalOf(light), lux: total, direct: light.direct, directLux: direct };
  });
  const room = lights.length > 0 ? incoming(lights) : undefined;
  return {
    ok: true,
    spots: lights.map((light, p) => {
      const scene = sceneOf(light, room, scale);
      const see = scene && seenIn(scene);
      const scaled = { ...light, lux: light.lux * scale };
      return {
        position: ready.receivers[p]!.name,
        light: tinted(scaled),
        looks: swatches.map((swatch) => (see ? lookAt(swatch, see).look : null)),
      };
    }),
  };
}

/** Smoothest reflectances of colours known by Lab only, one after the other in one array each. */
const smoothest = leastRecentlyUsed<Float64Array | undefined>(6000);
const curveOf = ([l, a, b]: readonly [number, number, number]) =>
  smoothest(`${l},${a},${b}`, () => {
    const solved = reflectanceFromLab({ l, a, b });
    return solved.ok ? solved.value : undefined;
  });

type HexesRequest = {
  readonly day: DayRequest;
  readonly moment: number;
  readonly labs: readonly (readonly [number, number, number])[];
  readonly lookIn: LookIn;
};
/** Colours between two stops. */
const BATCH = 40;
const NIGHT_HEX = '#262626';

/** How many colours of a deck look at one moment of a day, on the screen. */
export function* hexes({ day: request, moment, labs, lookIn }: HexesRequest): Steps<HexesAnswer | NoAnswer> {
  const { room, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(request);
  const place = placeOf(room, lookIn.position);
  const see = seeAt(lightsOf(known, moment, lookIn.lampsOn), place, lookIn.scale);
  const found: string[] = [];
  for (const lab of labs) {
    const curve = see && curveOf(lab);
    found.push(curve && see ? see(curve).hex : NIGHT_HEX);
    if (found.length % BATCH === 0) yield found.length / labs.length;
  }
  return { ok: true, hexes: found };
}
