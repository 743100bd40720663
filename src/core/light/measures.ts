import { z } from 'zod';
import { finite } from '../base/fields';
import { WALLS } from '../room/facing';
import { ASSUMED, CURTAIN_KINDS, GLAZING_KINDS } from './assumptions';
import { LAMP_KINDS, LAMP_THROWS } from './lamp';

const metres = (what: string, max: number) =>
  finite(`${what} is a number of metres.`).gt(0, `${what} must be more than 0.`).max(max, `${what} is at most ${max} m.`);
const from0 = (what: string, max: number) =>
  finite(`${what} is a number.`).min(0, `${what} cannot be less than 0.`).max(max, `${what} is at most ${max}.`);
const between = (what: string, unit: string, says: string, [min, max]: readonly [number, number]) =>
  finite(`${what} is a number of ${unit}.`).min(min, says).max(max, says);

export const latitudeSchema = between('A latitude', 'degrees', 'Latitude lies between −90 and 90°.', [-90, 90]);
export const longitudeSchema = between('A longitude', 'degrees', 'Longitude lies between −180 and 180°.', [-180, 180]);

/** What each measure may be; the application's forms, the database and the command line check the same. */
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
  cctK: between('A lamp’s warmth', 'kelvin', 'A lamp’s warmth lies between 1,500 and 10,000 K.', [1500, 10_000]),
  ra: between('Colour rendering', 'index points', 'An LED’s colour rendering (Ra) lies between 70 and 97.', [70, 97]),
  dimmedPercent: between('Dimming', 'percent', 'A lamp that is on gives between 1 and 100 % of its light.', [1, 100]),
  bearing: between('A bearing', 'degrees, or a point such as NNE', 'A bearing lies between 0 and 360°.', [0, 360]),
} as const;

/** A window until it is looked at closely: the one table of its defaults. */
export const USUAL_WINDOW = { glazing: 'double', curtain: 'open', obstructionDeg: 0, revealM: 0.1, overhangM: 0 } as const;
/** An opening described outright, as on the command line: it has the reveal that is written, and none where none is. */
export const BARE_OPENING = { ...USUAL_WINDOW, revealM: 0 } as const;
/** A lamp until its label is read. */
export const USUAL_LAMP = { kind: 'led', lumens: ASSUMED.lampLumens.value, throws: 'round', dimmedPercent: 100 } as const;

/** A wall of any room by its number, and one of a box. */
export const wallSchema = z.int('A wall is named by its number.').min(0).max(39);
export const boxWallSchema = z.literal(WALLS);

type WindowDefaults = Readonly<Record<'obstructionDeg' | 'revealM' | 'overhangM', number>>;
/** What every description of a window says, wherever it lies in its wall. */
export const windowFields = ({ obstructionDeg, revealM, overhangM }: WindowDefaults) => ({
  widthM: measure.windowWidth,
  heightM: measure.windowHeight,
  glazing: z.enum(GLAZING_KINDS).default(USUAL_WINDOW.glazing),
  curtain: z.enum(CURTAIN_KINDS).default(USUAL_WINDOW.curtain),
  obstructionDeg: measure.obstructionDeg.default(obstructionDeg),
  revealM: measure.reveal.default(revealM),
  overhangM: measure.overhang.default(overhangM),
});

/** What every description of a lamp says, wherever it stands. */
export const lampFields = {
  kind: z.enum(LAMP_KINDS).default(USUAL_LAMP.kind),
  cctK: measure.cctK,
  /** General colour rendering index of an LED; null is the usual of its kind. */
  ra: measure.ra.nullable().default(null),
  lumens: measure.lumens.default(USUAL_LAMP.lumens),
  throws: z.enum(LAMP_THROWS).default(USUAL_LAMP.throws),
  dimmedPercent: measure.dimmedPercent.default(USUAL_LAMP.dimmedPercent),
};
