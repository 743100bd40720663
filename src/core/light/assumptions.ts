import type { Lab } from '../colour/types';

const FROM_MEMORY = 'from memory';
const COMMON = 'common practice, no source';
const OWN = 'this product’s own choice';

/**
 * Every assumption of the room light that is no measurement, each with what it is and where it comes from. The code reads the values here
 * and nowhere else; the interface lists them.
 */
export const ASSUMED = {
  sunTemperatureK: {
    value: 5800,
    unit: 'K',
    what: 'The sun above the atmosphere, as a black body',
    origin: `solar physics, rounded, ${FROM_MEMORY}`,
  },
  clearExtinction: {
    value: 0.21,
    unit: '',
    what: 'What clear air takes from the sun’s beam overhead, as an optical depth: of its lux and, at 555 nm, of its spectrum',
    origin: 'IES RP-21',
  },
  turbidityExponent: { value: 1.3, unit: '', what: 'Ångström’s exponent α', origin: `Ångström 1929, ${FROM_MEMORY}` },
  overcastTemperatureK: { value: 6500, unit: 'K', what: 'An overcast sky', origin: `CIE daylight; ${COMMON}` },
  skyTemperatureBaseK: {
    value: 6500,
    unit: 'K',
    what: 'A clear sky’s temperature by its luminance: T = base + factor / L^power',
    origin: `Takagi et al. 1990, ${FROM_MEMORY}`,
  },
  skyTemperatureFactor: { value: 1.1985e8, unit: '', what: 'factor of the same', origin: `Takagi et al. 1990, ${FROM_MEMORY}` },
  skyTemperaturePower: { value: 1.2, unit: '', what: 'power of the same', origin: `Takagi et al. 1990, ${FROM_MEMORY}` },
  skyTemperatureMostK: {
    value: 20000,
    unit: 'K',
    what: 'The bluest sky with a high sun: beyond it nothing looks bluer',
    origin: OWN,
  },
  skyTemperatureLowK: {
    value: 9500,
    unit: 'K',
    what: 'The bluest sky with the sun on the horizon, whose light comes a long way through air; it rises evenly to the one above',
    origin: `measured twilight skies, Lee & Hernández-Andrés 2003, ${FROM_MEMORY}`,
  },
  skyLawFromDeg: {
    value: 25,
    unit: '°',
    what: 'Altitude of the sun from which that law was made: under it a sky is as blue as its luminance would be there',
    origin: OWN,
  },
  glowK: { value: 4000, unit: 'K', what: 'The glow on the horizon toward a low sun', origin: COMMON },
  glowShare: { value: 0.6, unit: '', what: 'How much of the light there is glow, toward the sun itself', origin: OWN },
  glowWidthDeg: { value: 35, unit: '°', what: 'How far from the sun the glow has fallen to a third', origin: OWN },
  glowHeightDeg: { value: 15, unit: '°', what: 'How high above the horizon it has fallen to a third', origin: OWN },
  brokenShareOfBlue: {
    value: 0.5,
    unit: '',
    what: 'How far a broken sky goes from overcast to blue, in reciprocal temperature',
    origin: OWN,
  },
  twilightLux: {
    value: 3.4,
    unit: 'lx',
    what: 'Clear sky at the end of civil twilight, sun 6° down; falls evenly in the logarithm from sunset',
    origin: `usual tables of twilight, ${FROM_MEMORY}`,
  },
  revealReturn: {
    value: 0.35,
    unit: '',
    what: 'Luminance of a window’s painted reveal, as a share of what the window shows on average',
    origin: OWN,
  },
  overhangReflectance: { value: 0.5, unit: '', what: 'Underside of an overhang, lit by the ground', origin: OWN },
  houseHeightM: {
    value: 6,
    unit: 'm',
    what: 'Height of the house, whose shadow lies before windows that face away from the sun',
    origin: OWN,
  },
  groundBelowEyeM: { value: 2, unit: 'm', what: 'How far the ground outside lies below an eye at a window', origin: OWN },
  receiverHeightM: { value: 1.5, unit: 'm', what: 'Height at which samples are held', origin: COMMON },
  workingPlaneM: { value: 0.85, unit: 'm', what: 'Height of the working plane', origin: 'EN 12464-1' },
  byWindowM: { value: 0.5, unit: 'm', what: 'How far inside the window a sample is held', origin: COMMON },
  underLampM: { value: 1.0, unit: 'm', what: 'How far under a lamp a sample is held at most', origin: COMMON },
  roomWidthM: { value: 4, unit: 'm', what: 'A room’s width until it is measured', origin: OWN },
  roomDepthM: { value: 4, unit: 'm', what: 'A room’s depth until it is measured', origin: OWN },
  roomHeightM: { value: 2.5, unit: 'm', what: 'A room’s height until it is measured', origin: OWN },
  sillM: { value: 0.9, unit: 'm', what: 'Height of a sill until it is measured', origin: COMMON },
  wallReflectance: { value: 0.6, unit: '', what: 'Walls of unknown colour', origin: COMMON },
  floorReflectance: { value: 0.25, unit: '', what: 'A floor of unknown colour', origin: COMMON },
  ceilingReflectance: { value: 0.82, unit: '', what: 'A ceiling of unknown colour: white', origin: COMMON },
  lampLumens: { value: 800, unit: 'lm', what: 'A lamp’s light until its label is read', origin: COMMON },
  lampHeightM: { value: 2.1, unit: 'm', what: 'A lamp’s height until it is measured', origin: COMMON },
  filamentDimming: {
    value: 0.124,
    unit: '',
    what: 'A dimmed filament reddens: its temperature goes with this power of its light (0.42 / 3.4)',
    origin: `usual laws of incandescent lamps, ${FROM_MEMORY}`,
  },
} as const;

/** What lies outside and gives its colour to the light from below. Lab (D65, 10°). */
export const GROUNDS = {
  paving: { name: 'pale paving', lab: { l: 58, a: 0.5, b: 5 } },
  lawn: { name: 'lawn', lab: { l: 40, a: -12, b: 22 } },
  brick: { name: 'red brick', lab: { l: 46, a: 20, b: 20 } },
  gravel: { name: 'gravel', lab: { l: 54, a: 2.5, b: 9 } },
  asphalt: { name: 'asphalt', lab: { l: 36, a: 0, b: 0 } },
  decking: { name: 'wooden decking', lab: { l: 48, a: 9, b: 19 } },
  snow: { name: 'snow', lab: { l: 91, a: -0.5, b: -1 } },
} as const satisfies Record<string, { name: string; lab: Lab }>;
export type Ground = keyof typeof GROUNDS;
export const GROUND_KINDS = Object.keys(GROUNDS) as readonly Ground[];

/** What stands opposite. */
export const OBSTRUCTIONS = {
  masonry: { name: 'pale masonry', lab: { l: 62, a: 3, b: 12 } },
  brick: GROUNDS.brick,
  trees: { name: 'trees', lab: { l: 34, a: -9, b: 16 } },
} as const satisfies Record<string, { name: string; lab: Lab }>;
export type Obstruction = keyof typeof OBSTRUCTIONS;
export const OBSTRUCTION_KINDS = Object.keys(OBSTRUCTIONS) as readonly Obstruction[];

/** Glazing: share of the light that comes straight through, dirt of an ordinary window included, its panes, and the tint it gives. */
export const GLAZINGS = {
  single: { name: 'single glass', transmittance: 0.83, panes: 1, tint: { l: 90, a: -0.4, b: 0.2 } },
  double: { name: 'double glass', transmittance: 0.72, panes: 2, tint: { l: 90, a: -1, b: 0.6 } },
  coated: { name: 'double glass, coated', transmittance: 0.65, panes: 2, tint: { l: 90, a: -2, b: 1.8 } },
  grey: { name: 'grey sun glass', transmittance: 0.38, panes: 2, tint: { l: 90, a: -0.8, b: -1.5 } },
  bronze: { name: 'bronze sun glass', transmittance: 0.4, panes: 2, tint: { l: 90, a: 2.5, b: 9 } },
  hole: { name: 'open, no glass', transmittance: 1, panes: 0, tint: { l: 90, a: 0, b: 0 } },
} as const satisfies Record<string, { name: string; transmittance: number; panes: number; tint: Lab }>;
export type Glazing = keyof typeof GLAZINGS;
export const GLAZING_KINDS = Object.keys(GLAZINGS) as readonly Glazing[];

/**
 * Curtains and blinds: the share of the window's width left clear in its middle, and what comes through the rest, which is scattered.
 */
export const CURTAINS = {
  open: { name: 'open', clear: 1, through: 0 },
  sheer: { name: 'sheer, closed', clear: 0, through: 0.5 },
  half: { name: 'half drawn', clear: 0.5, through: 0.06 },
  drawn: { name: 'drawn', clear: 0, through: 0.06 },
  blind: { name: 'white blind, closed', clear: 0, through: 0.2 },
} as const;
export type Curtain = keyof typeof CURTAINS;
export const CURTAIN_KINDS = Object.keys(CURTAINS) as readonly Curtain[];

/** The origin of the four tables above. */
export const TABLES_ORIGIN = COMMON;
