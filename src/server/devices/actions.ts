'use server';

import { z } from 'zod';
import { deltaE00 } from '@/core/colour/ciede2000';
import { screenColour } from '@/core/colour/srgb';
import type { Lab } from '@/core/colour/types';
import type { SkyShares } from '@/core/room/use';
import type { SkyName } from '@/core/light/outdoors';
import { CONTAINERS, type Container } from '@/core/paint/containers';
import { labOfFormula } from '@/core/paint/match-formula';
import { seededRandom } from '@/core/base/random';
import { findDeckColour } from '@/data/decks';
import type { LightReading, SpectrumReading } from '@/devices/ports';
import { SIMULATED_SURFACES } from '@/devices/surfaces';
import { database } from '../database';
import { paintsOf } from '../paint/paint-of';
import { devices } from './devices';

/** Seed of a stand-in's scatter, chosen by the caller so that a reading can be repeated in a test. */
const seed = z
  .int()
  .min(0)
  .max(2 ** 32 - 1);
const surface = z.enum(SIMULATED_SURFACES.map((s) => s.id));
const readingSchema = z.strictObject({ surface, seed });

type Invalid = { readonly ok: false; readonly reason: 'invalid' };
export type SurfaceChoice = { readonly id: string; readonly name: string };
export type ReadingAnswer = { readonly ok: true; readonly lab: Lab; readonly sinceCalibration: number | null } | Invalid;
export type SpectrumAnswer = { readonly ok: true; readonly spectrum: SpectrumReading } | Invalid;
export type LightAnswer = ({ readonly ok: true } & LightReading) | Invalid;

/** The surfaces the stand-ins can be put on. */
export async function deviceSurfaces(): Promise<SurfaceChoice[]> {
  return SIMULATED_SURFACES.map(({ id, name }) => ({ id, name }));
}

/** Puts the simulated colorimeter on its white tile. */
export async function calibrateColorimeter(): Promise<void> {
  await devices().colorimeter.calibrate();
}

/** One reading of the simulated pocket colorimeter, and how many it has made since it was calibrated. */
export async function takeReading(request: unknown): Promise<ReadingAnswer> {
  const parsed = readingSchema.safeParse(request);
  if (!parsed.success) return { ok: false, reason: 'invalid' };
  const { colorimeter } = devices();
  const lab = await colorimeter.read(parsed.data.surface, seededRandom(parsed.data.seed));
  return { ok: true, lab, sinceCalibration: colorimeter.sinceCalibration ?? null };
}

/** One spectrum of the simulated spectrophotometer. */
export async function takeSpectrum(request: unknown): Promise<SpectrumAnswer> {
  const parsed = readingSchema.safeParse(request);
  if (!parsed.success) return { ok: false, reason: 'invalid' };
  return { ok: true, spectrum: await devices().spectrophotometer.read(parsed.data.surface, seededRandom(parsed.data.seed)) };
}

const meterSchema = z.strictObject({
  roomId: z.uuid(),
  /** What is computed where the meter is held; the stand-in is told. */
  lux: z.number().min(0).max(1_000_000),
  cctK: z.number().min(500).max(100_000).nullable(),
  seed,
});

/** One reading of the simulated light meter. */
export async function readLightMeter(request: unknown): Promise<LightAnswer> {
  const parsed = meterSchema.safeParse(request);
  if (!parsed.success) return { ok: false, reason: 'invalid' };
  const { seed: from, ...place } = parsed.data;
  return { ok: true, ...(await devices().lightMeter.read(place, seededRandom(from))) };
}

/** The sky of a date hour by hour, from the simulated sky service; undefined for no date. */
export async function skyOfDay(request: unknown): Promise<readonly SkyName[] | undefined> {
  const parsed = z.strictObject({ date: z.iso.date() }).safeParse(request);
  return parsed.success ? devices().skyService.skyOfDay(parsed.data.date) : undefined;
}

/** How often each sky is met around a date, from the simulated sky service; undefined for no date. */
export async function skyShares(request: unknown): Promise<SkyShares | undefined> {
  const parsed = z.strictObject({ date: z.iso.date() }).safeParse(request);
  return parsed.success ? devices().skyService.skyShares(parsed.data.date) : undefined;
}

const orderSchema = z.strictObject({
  deckColourId: z.string().max(200),
  percent: z.number().min(10).max(150),
  container: z.enum(Object.keys(CONTAINERS) as [Container, ...Container[]]),
  seed,
});
export type OrderAnswer =
  | {
      readonly ok: true;
      readonly poured: Readonly<Record<string, number>>;
      readonly lab: Lab;
      readonly hex: string;
      readonly deltaE00: number;
    }
  | Invalid
  | { readonly ok: false; readonly reason: 'no-formula' };

/** Orders a can at the simulated tint counter; answers with what it really mixed and how far that is from the colour meant. */
export async function orderPaint(request: unknown): Promise<OrderAnswer> {
  const parsed = orderSchema.safeParse(request);
  if (!parsed.success) return { ok: false, reason: 'invalid' };
  const { deckColourId, percent, container } = parsed.data;
  const db = await database();
  const row = await findDeckColour(db, deckColourId);
  const paint = row && (await paintsOf(db, [row])).get(row.id);
  if (!paint?.tint || !paint.base.optical) return { ok: false, reason: 'no-formula' };
  const { system, formula } = paint.tint;
  const order = { formula, percent, container, shotMl: system.shotMl };
  const { poured } = await devices().tintCounter.make(order, seededRandom(parsed.data.seed));
  const lab = labOfFormula(system, paint.base.optical, poured);
  const meant = labOfFormula(system, paint.base.optical, formula, percent / 100);
  return { ok: true, poured, lab, hex: screenColour(lab).hex, deltaE00: deltaE00(meant, lab) };
}
