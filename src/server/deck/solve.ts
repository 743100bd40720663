import { z } from 'zod';
import { describeColour } from '@/core/colour/family';
import { illuminant } from '@/core/colour/illuminant';
import type { JudgedLight } from '@/core/colour/look';
import { screenColour } from '@/core/colour/srgb';
import { labSchema } from '@/core/colour/colour-schema';
import { paintAtStrength } from '@/core/paint/paint';
import { SHEET_LIGHTS } from '@/core/paint/sheet';
import { strengthForContrast, strengthForLook, strengthForLrv, type Solved } from '@/core/paint/solve';
import { sayStrength } from '@/core/paint/strength';
import { findDeckColour } from '@/data/decks';
import { database } from '../database';
import { paintsOf } from '../paint/paint-of';

const light = z.enum(['D65', ...SHEET_LIGHTS.map((l) => l.id)]);
const lux = z.number().min(1).max(100_000);
export const aimSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('lrv'), lrv: z.number().min(0).max(100) }),
  z.strictObject({ kind: z.literal('contrast'), finish: labSchema, deltaE: z.number().min(0).max(100) }),
  z.strictObject({ kind: z.literal('look'), here: light, hereLux: lux, there: light, thereLux: lux }),
]);
export type Aim = z.infer<typeof aimSchema>;

export type SolveAnswer = {
  readonly percent: number;
  readonly says: string;
  readonly reached: boolean;
  readonly missing: number;
  readonly lab: { readonly l: number; readonly a: number; readonly b: number };
  readonly hex: string;
  readonly lrv: number;
  readonly name: string;
};

const lightOf = (name: string, amount: number): JudgedLight => {
  const found = illuminant(name);
  if (!found.ok) throw new RangeError(`unknown light ${name}`);
  return { power: found.value, lux: amount };
};

const rounded = (percent: number) => Math.round(percent * 10) / 10;

/** The strength of a deck colour that reaches an aim, or how near it comes; undefined when there is no such colour. */
export async function solveStrength(colourId: string, aim: Aim): Promise<SolveAnswer | undefined> {
  const db = await database();
  const row = await findDeckColour(db, colourId);
  if (!row) return undefined;
  const paint = (await paintsOf(db, [row])).get(row.id)!;
  const solve = (): Solved => {
    if (aim.kind === 'lrv') return strengthForLrv(paint, aim.lrv);
    if (aim.kind === 'contrast') return strengthForContrast(paint, aim.finish, aim.deltaE);
    const there = { reflectance: paintAtStrength(paint, 100).reflectance, light: lightOf(aim.there, aim.thereLux) };
    return strengthForLook(paint, lightOf(aim.here, aim.hereLux), there);
  };
  const { percent, reached, missing, paint: at } = solve();
  return {
    percent: rounded(percent),
    says: sayStrength(rounded(percent)),
    reached,
    missing,
    lab: at.lab,
    hex: screenColour(at.lab).hex,
    lrv: at.lrv,
    name: describeColour(at.lab),
  };
}
