import { z } from 'zod';
import type { Reflectance } from '../colour/grid';
import { labFromHex } from '../colour/srgb';
import { reflectanceFromLab } from '../colour/reflectance';
import { resample } from '../colour/resample';
import {
  ASSUMED,
  CURTAIN_KINDS,
  GLAZING_KINDS,
  GROUND_KINDS,
  GROUNDS,
  OBSTRUCTION_KINDS,
  OBSTRUCTIONS,
  type Curtain,
  type Glazing,
  type Ground,
  type Obstruction,
} from '../light/assumptions';
import { LAMP_KINDS, LAMP_THROWS } from '../light/lamp';
import { flat, glassOf, roomProblems, type LightRoom, type RoomProblem } from '../light/light-room';
import { SKIES } from '../light/outdoors';
import { STANDARD_SKIES } from '../light/sky';
import { colourSchema, finite, latitudeSchema, longitudeSchema, nameSchema, type ColourInput } from './schemas';

const metres = (what: string, max: number) =>
  finite(`${what} is a number of metres.`).gt(0, `${what} must be more than 0.`).max(max, `${what} is at most ${max} m.`);
const from0 = (what: string, max: number) =>
  finite(`${what} is a number.`).min(0, `${what} cannot be less than 0.`).max(max, `${what} is at most ${max}.`);

/** What each measure may be; the application's forms and the command line check the same. */
export const measure = {
  roomLength: metres('A room’s length', 60),
  roomHeight: metres('A room’s height', 20),
  windowWidth: metres('A window’s width', 20),
  windowHeight: metres('A window’s height', 8),
  left: from0('The distance from the left', 60),
  sill: from0('The sill’s height', 20),
  obstructionDeg: from0('The angle of what stands opposite', 89),
  reveal: from0('The depth of the reveal', 2),
  overhang: from0('The depth of the overhang', 10),
  lumens: finite('A lamp’s light is a number of lumens.')
    .gt(0, 'A lamp’s light must be more than 0 lm.')
    .max(50_000, 'A lamp’s light is at most 50,000 lm.'),
  lampHeight: metres('A lamp’s height', 20),
  cctK: finite('A lamp’s warmth is a number of kelvin.')
    .min(1500, 'A lamp’s warmth lies between 1,500 and 10,000 K.')
    .max(10_000, 'A lamp’s warmth lies between 1,500 and 10,000 K.'),
  dimmedPercent: finite('Dimming is a number of percent.')
    .min(1, 'A lamp that is on gives between 1 and 100 % of its light.')
    .max(100, 'A lamp that is on gives between 1 and 100 % of its light.'),
  bearing: finite('A bearing is a number of degrees.')
    .min(0, 'A bearing lies between 0 and 360°.')
    .max(360, 'A bearing lies between 0 and 360°.'),
} as const;

const reflectanceSchema = z.strictObject({
  reflectance: finite('A reflectance is a number.')
    .min(0, 'A reflectance lies between 0 and 1.')
    .lt(1, 'A reflectance must be less than 1: in a room that gives back everything the light would never end.'),
});
/** A surface: a colour, or a flat reflectance. */
export const surfaceSchema = z.union([reflectanceSchema, ...colourSchema.options]);
export type SurfaceInput = z.infer<typeof surfaceSchema>;

const wallSchema = z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]);

const windowSchema = z.strictObject({
  wall: wallSchema,
  leftM: measure.left,
  sillM: measure.sill.default(ASSUMED.sillM.value),
  widthM: measure.windowWidth,
  heightM: measure.windowHeight,
  glazing: z.enum(GLAZING_KINDS as [Glazing, ...Glazing[]]).default('double'),
  /** Instead of the glazing's own: 1 is an open hole. */
  transmittance: z.number().gt(0).max(1).optional(),
  curtain: z.enum(CURTAIN_KINDS as [Curtain, ...Curtain[]]).default('open'),
  obstructionDeg: measure.obstructionDeg.default(0),
  revealM: measure.reveal.default(0),
  overhangM: measure.overhang.default(0),
});

const lampSchema = z.strictObject({
  kind: z.enum(LAMP_KINDS).default('led'),
  cctK: measure.cctK,
  lumens: measure.lumens.default(ASSUMED.lampLumens.value),
  throws: z.enum(LAMP_THROWS).default('round'),
  xM: measure.left,
  yM: measure.left,
  heightM: measure.lampHeight.default(ASSUMED.lampHeightM.value),
  dimmedPercent: measure.dimmedPercent.default(100),
});

const wallsSchema = z.union([surfaceSchema, z.tuple([surfaceSchema, surfaceSchema, surfaceSchema, surfaceSchema])]);

/** How far opposite walls may differ and still count as a box, as a share. */
const CLOSES_WITHIN = 0.02;

/**
 * A room as its light sees it. Wall 0 lies at y = 0 and faces outward at `bearingDeg`; x runs along it from 0 to `widthM`, y into the room
 * to `depthM`, z up. Walls 1, 2, 3 follow clockwise seen from above: x = widthM, y = depthM, x = 0. `leftM` is measured from a wall's left
 * end seen from inside: x on wall 0, y on wall 1, widthM − x on wall 2, depthM − y on wall 3.
 */
export const roomSchema = z
  .strictObject({
    widthM: measure.roomLength.default(ASSUMED.roomWidthM.value),
    depthM: measure.roomLength.default(ASSUMED.roomDepthM.value),
    heightM: measure.roomHeight.default(ASSUMED.roomHeightM.value),
    /** Instead of width and depth: the four walls as measured, in their order. */
    wallsM: z.tuple([measure.roomLength, measure.roomLength, measure.roomLength, measure.roomLength]).optional(),
    bearingDeg: measure.bearing.default(0),
    surfaces: z
      .strictObject({
        walls: wallsSchema.default({ reflectance: ASSUMED.wallReflectance.value }),
        floor: surfaceSchema.default({ reflectance: ASSUMED.floorReflectance.value }),
        ceiling: surfaceSchema.default({ reflectance: ASSUMED.ceilingReflectance.value }),
      })
      .prefault({}),
    /** What lies outside: one of the kinds, or a surface. */
    ground: z.union([z.enum(GROUND_KINDS as [Ground, ...Ground[]]), surfaceSchema]).default('paving'),
    obstruction: z.union([z.enum(OBSTRUCTION_KINDS as [Obstruction, ...Obstruction[]]), surfaceSchema]).default('masonry'),
    windows: z.array(windowSchema).max(16).default([]),
    lamps: z.array(lampSchema).max(24).default([]),
  })
  .refine(
    ({ wallsM }) =>
      !wallsM ||
      [0, 1].every((k) => Math.abs(wallsM[k]! - wallsM[k + 2]!) <= CLOSES_WITHIN * Math.max(wallsM[k]!, wallsM[k + 2]!)),
    { path: ['wallsM'], error: 'The walls do not close: opposite walls of a box room have the same length.' },
  );
export type RoomDescription = z.infer<typeof roomSchema>;
export type RoomInput = z.input<typeof roomSchema>;

const STANDARD_TYPES = Object.keys(STANDARD_SKIES).map(Number);

/** A moment: by place and time under a sky, or with the sky given outright. */
export const momentSchema = z.union([
  z.strictObject({
    place: z.strictObject({ latitude: latitudeSchema, longitude: longitudeSchema }),
    /** ISO 8601 with its offset; the date is the one written. */
    time: z.iso.datetime({ offset: true, error: 'an ISO 8601 time with its offset, such as 2026-06-21T12:00:00+01:00' }),
    sky: z.enum(SKIES).default('clear'),
    lamps: z.boolean().default(false),
  }),
  z.strictObject({
    sky: z.strictObject({
      /** 1–15 of ISO 15469, the traditional CIE overcast sky, or a uniform one. */
      type: z.union([
        z.int().refine((n) => STANDARD_TYPES.includes(n), 'there are sky types 1 to 15'),
        z.enum(['traditional-overcast', 'uniform']),
      ]),
      /** Of the sky alone on open ground, lux. */
      horizontalLux: z.number().min(0).max(200_000),
      cctK: z.number().min(4000).max(25_000).optional(),
      sun: z.strictObject({ azimuthDeg: z.number().min(0).max(360), altitudeDeg: z.number().min(-90).max(90) }).optional(),
      /** The sun's beam on a surface that faces it, lux. */
      beamNormalLux: z.number().min(0).max(200_000).optional(),
    }),
    lamps: z.boolean().default(false),
  }),
]);
export type MomentInput = z.infer<typeof momentSchema>;

const vector = z.tuple([z.number(), z.number(), z.number()]);
/** A place in the room and where it faces; the direction need not have length 1. */
export const pointSchema = z.strictObject({
  name: nameSchema.optional(),
  at: vector,
  normal: vector.refine((n) => Math.hypot(...n) > 1e-9, 'a direction is not 0, 0, 0'),
});

/** What `bin/core light` is asked. Without `points` it answers at the room's usual positions. */
export const lightSchema = z.strictObject({
  room: roomSchema,
  moment: momentSchema,
  points: z.array(pointSchema).max(60).optional(),
});

/** Most of the light a surface can give back in the room model: reflectances of very white paint are held under it. */
const MOST_REFLECTANCE = 0.99;

/**
 * Reflectance of a surface as it was given.
 * @throws RangeError for a colour that no surface has
 */
export function reflectanceOfSurface(surface: SurfaceInput): Reflectance {
  if ('reflectance' in surface) return flat(surface.reflectance);
  return reflectanceOfColour(surface).map((r) => Math.min(r, MOST_REFLECTANCE));
}

/**
 * Reflectance of a colour as it was given: its measured spectrum, or the smoothest with its Lab.
 * @throws RangeError for a colour that no surface has
 */
export function reflectanceOfColour(colour: ColourInput): Reflectance {
  if ('spectrum' in colour) return resample(colour.spectrum.start, colour.spectrum.step, colour.spectrum.values).reflectance;
  const lab = 'lab' in colour ? { l: colour.lab[0], a: colour.lab[1], b: colour.lab[2] } : labFromHex(colour.hex);
  const solved = reflectanceFromLab(lab);
  if (!solved.ok) {
    const numbers = [lab.l, lab.a, lab.b].map((v) => v.toFixed(2)).join(', ');
    throw new RangeError(`Lab ${numbers} lies outside what a surface can be`);
  }
  return solved.value;
}

/** The room the light is computed in, of its checked description. */
export function lightRoomOf(description: RoomDescription): LightRoom {
  const { surfaces, ground, obstruction, wallsM } = description;
  const walls = Array.isArray(surfaces.walls) ? surfaces.walls.map(reflectanceOfSurface) : undefined;
  const one = walls ? undefined : reflectanceOfSurface(surfaces.walls as SurfaceInput);
  const named = (lab: { l: number; a: number; b: number }) => reflectanceOfSurface({ lab: [lab.l, lab.a, lab.b] });
  return {
    box: {
      widthM: wallsM ? (wallsM[0] + wallsM[2]) / 2 : description.widthM,
      depthM: wallsM ? (wallsM[1] + wallsM[3]) / 2 : description.depthM,
      heightM: description.heightM,
    },
    bearingDeg: description.bearingDeg,
    walls: [0, 1, 2, 3].map((k) => walls?.[k] ?? one!) as unknown as LightRoom['walls'],
    floor: reflectanceOfSurface(surfaces.floor),
    ceiling: reflectanceOfSurface(surfaces.ceiling),
    ground: typeof ground === 'string' ? named(GROUNDS[ground].lab) : reflectanceOfSurface(ground),
    obstruction: typeof obstruction === 'string' ? named(OBSTRUCTIONS[obstruction].lab) : reflectanceOfSurface(obstruction),
    windows: description.windows.map(({ glazing, transmittance, ...w }) => ({
      ...w,
      glass: transmittance === undefined ? glassOf(glazing) : glassOf('hole', transmittance),
    })),
    lamps: description.lamps.map(({ xM, yM, heightM, dimmedPercent, ...lamp }) => ({
      ...lamp,
      at: [xM, yM, heightM],
      dimmed: dimmedPercent / 100,
    })),
  };
}

const FACE_NAMES = ['wall 1', 'wall 2', 'wall 3', 'wall 4', 'the floor', 'the ceiling'] as const;

/** A problem of a room in words, windows and lamps counted from 1. */
export function sayRoomProblem(problem: RoomProblem): string {
  switch (problem.reason) {
    case 'wider-than-wall':
      return `Window ${problem.window + 1} does not fit its wall, which is ${problem.roomM.toFixed(2)} m long.`;
    case 'higher-than-wall':
      return `Window ${problem.window + 1} reaches over the ceiling, which is ${problem.roomM.toFixed(2)} m high.`;
    case 'windows-overlap':
      return `Window ${problem.window + 1} overlaps window ${problem.other + 1}.`;
    case 'lamp-outside':
      return `Lamp ${problem.lamp + 1} lies outside the room.`;
    case 'reflects-everything':
      return `The reflectance of ${FACE_NAMES[problem.face]} must lie between 0 and less than 1.`;
  }
}

/** The first problem of a room in words, or undefined. */
export function firstProblem(room: LightRoom): string | undefined {
  const [problem] = roomProblems(room);
  return problem && sayRoomProblem(problem);
}
