import { z } from 'zod';
import type { Reflectance } from '@/core/colour/grid';
import { GRID } from '@/core/colour/grid';
import { deltaE00 } from '@/core/colour/ciede2000';
import { cam16, viewing } from '@/core/colour/cam16';
import { illuminant } from '@/core/colour/illuminant';
import { labFromXyz } from '@/core/colour/lab';
import { integrationWeights } from '@/core/colour/observer';
import { D65_10, lightReflectanceValue, tristimulus, whiteOf } from '@/core/colour/tristimulus';
import type { Lab } from '@/core/colour/types';
import { undertone } from '@/core/colour/undertone';
import { colourSchema, labTupleSchema, type ColourInput } from '@/core/colour/colour-schema';
import { judgeSchema } from '@/core/judge/judge-request';
import { labAsGiven, reflectanceOfColour } from '@/core/colour/given-colour';
import type { Relation } from '@/core/judge/relation';
import { sunPosition } from '@/core/light/sun';
import { atStrength, isLighterThanBase, LIGHTER_THAN_BASE, sayStrength, STRENGTH_RANGE } from '@/core/paint/strength';
import { rangeIn } from '@/core/colour/metamers';
import { companions } from './companions';
import { day } from './day';
import { eye } from './eye';
import { house } from './house';
import { populationSchema, rangeOf } from './range';
import { appearance, light } from './light';
import { inDeck, inLight } from './judged-case';
import { piece } from './piece';
import { practice } from './practice';
import { rendering } from './rendering';
import { scheme } from './scheme';
import { shortlist } from './shortlist';

const lab = ([l, a, b]: readonly [number, number, number]): Lab => ({ l, a, b });
const tuple = (c: Lab) => [c.l, c.a, c.b];
const spectrum = (values: Reflectance) => ({ start: GRID.start, step: GRID.step, values: Array.from(values) });

function labOf(colour: ColourInput): Lab {
  if (!('spectrum' in colour)) return labAsGiven(colour);
  return labFromXyz(tristimulus(reflectanceOfColour(colour), D65_10));
}

const observerSchema = z.union([z.literal(2), z.literal(10)]);
/** The colour's own keys stand beside the other keys of a request. */
const colourOf = (request: Record<string, unknown>): ColourInput => {
  const { lab: asLab, hex, spectrum: measured } = request;
  const given = Object.fromEntries(Object.entries({ lab: asLab, hex, spectrum: measured }).filter(([, v]) => v !== undefined));
  return colourSchema.parse(given);
};

const xyzSchema = z.object({
  illuminant: z.string().max(20).default('D65'),
  observer: observerSchema.default(10),
  population: populationSchema,
});

function xyz(request: Record<string, unknown>) {
  const asked = xyzSchema.parse(request);
  const light = illuminant(asked.illuminant);
  if (!light.ok) throw new RangeError(`unknown illuminant ${light.name}`);
  const colour = colourOf(request);
  const reflectance = reflectanceOfColour(colour);
  const weights = integrationWeights(light.value, asked.observer);
  const found = tristimulus(reflectance, weights);
  return {
    XYZ: [found.x, found.y, found.z],
    lab: tuple(labFromXyz(found, whiteOf(weights))),
    lrv: lightReflectanceValue(reflectance),
    ...rangeOf(colour, asked.population, (curves) => {
      const white = whiteOf(weights);
      return rangeIn(curves, weights, (v) => labFromXyz(v, white), asked.population);
    }),
  };
}

function deltaE(request: Record<string, unknown>) {
  const { lab1, lab2 } = z.object({ lab1: labTupleSchema, lab2: labTupleSchema }).parse(request);
  return { dE00: deltaE00(lab(lab1), lab(lab2)) };
}

function strength(request: Record<string, unknown>) {
  const { full, base, p } = z
    .object({ full: colourSchema, base: colourSchema, p: z.number().min(0).max(STRENGTH_RANGE.max) })
    .parse(request);
  const [colour, tinted] = [reflectanceOfColour(full), reflectanceOfColour(base)];
  const mixed = atStrength(colour, tinted, p);
  if (!mixed.ok && mixed.reason === 'lighter-than-base') throw new RangeError(LIGHTER_THAN_BASE);
  if (!mixed.ok) throw new RangeError(`at ${mixed.nanometres} nm this strength would need less absorption than none`);
  const { reflectance, lab: found, lrv, surface } = mixed.value;
  const caution = isLighterThanBase(lightReflectanceValue(colour), lightReflectanceValue(tinted))
    ? { caution: LIGHTER_THAN_BASE }
    : {};
  return { spectrum: spectrum(reflectance), lab: tuple(found), lrv, says: sayStrength(p * 100), ...caution, k1: surface.k1 };
}

function undertoneOf(request: Record<string, unknown>) {
  const { against } = z.object({ against: colourSchema.optional() }).parse(request);
  const found = undertone(labOf(colourOf(request)), against && labOf(against));
  const { lean, family, says, hueDeg, chroma, directions } = found;
  return { lean, hue: hueDeg, chroma, family, says, directions };
}

const numbersOf = ({ cost, link, components }: Relation) => ({ cost, link, components });

/** `judge`: a pair as in the deck; with a `light`, as it stands there, with what that light does to both. */
function judge(request: Record<string, unknown>) {
  const asked = judgeSchema.parse(request);
  const { light } = asked;
  if (!light) {
    const found = inDeck(asked);
    return { verdict: found.verdict, reasons: found.reasons, numbers: numbersOf(found) };
  }
  const { does, found } = inLight({ ...asked, light });
  if (!found) return { verdict: null, reasons: [], light: does, numbers: null };
  return { verdict: found.verdict, reasons: found.reasons, light: does, numbers: numbersOf(found) };
}

const tripleSchema = z.tuple([z.number().min(0).max(1000), z.number().min(0).max(1000), z.number().min(0).max(1000)]);

function cam16Of(request: Record<string, unknown>) {
  const asked = z
    .object({
      XYZ: tripleSchema,
      white: tripleSchema.refine((w) => w.every((v) => v > 0), 'a white has no zero'),
      la: z.number().positive().max(1e6),
      yb: z.number().positive().max(100),
      surround: z.enum(['average', 'dim', 'dark']).default('average'),
    })
    .parse(request);
  const xyzOf = ([x, y, z]: readonly [number, number, number]) => ({ x, y, z });
  const { la, yb, surround } = asked;
  const found = cam16(xyzOf(asked.XYZ), viewing({ white: xyzOf(asked.white), la, yb, surround }));
  return { J: found.j, C: found.c, h: found.h, Q: found.q, M: found.m, s: found.s };
}

function sun(request: Record<string, unknown>) {
  const { lat, lon, time } = z
    .object({
      lat: z.number().min(-90).max(90),
      lon: z.number().min(-180).max(180),
      time: z.iso.datetime({ offset: true, error: 'an ISO 8601 time with its offset, such as 2026-06-21T12:00:00+01:00' }),
    })
    .parse(request);
  const { azimuthDeg, altitudeDeg } = sunPosition(Date.parse(time), { latitude: lat, longitude: lon });
  return { azimuth: azimuthDeg, altitude: altitudeDeg };
}

/** Every operation of the command line: one request in, one answer out; throws on a request that is wrong. */
export const OPERATIONS: Readonly<Record<string, (request: Record<string, unknown>) => unknown>> = {
  xyz,
  deltaE,
  cam16: cam16Of,
  reflectance: (request) => ({ spectrum: spectrum(reflectanceOfColour(colourOf(request))) }),
  strength,
  undertone: undertoneOf,
  sun,
  light,
  appearance: (request) => appearance(request, colourOf(request)),
  judge,
  day,
  rendering,
  shortlist,
  companions,
  eye,
  house,
  piece,
  practice,
  scheme,
};

type Issue = z.core.$ZodIssue;

/** Of a choice of shapes, the issues of the one that came nearest: fewest, then deepest. */
function nearest(issue: Issue): Issue[] {
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [issue];
  const choices = issue.errors.map((found) => found.flatMap(nearest));
  const depth = (found: readonly Issue[]) => Math.max(...found.map((i) => i.path.length));
  choices.sort((p, q) => p.length - q.length || depth(q) - depth(p));
  return choices[0]!.map((i) => ({ ...i, path: [...issue.path, ...i.path] }));
}

/** What was wrong with a request; what was none of its doing goes on. */
function errorOf(e: unknown): { readonly error: string } {
  if (e instanceof z.ZodError)
    return {
      error: e.issues
        .flatMap(nearest)
        .map((i) => `${i.path.join('.') || 'request'}: ${i.message}`)
        .join('; '),
    };
  if (e instanceof RangeError) return { error: e.message };
  throw e;
}

/** The answer to one request, or `{ error }` in its place; a promise of it where something has to be decoded first. */
export function answer(operation: string, request: unknown): unknown {
  try {
    const found = OPERATIONS[operation]!(z.record(z.string(), z.unknown()).parse(request));
    return found instanceof Promise ? found.catch(errorOf) : found;
  } catch (e) {
    return errorOf(e);
  }
}
