import { strengthSchema } from '@/core/record/candidate';
import { describeColour } from '@/core/colour/family';
import { screenColour } from '@/core/colour/srgb';
import { cautionOf, paintAtStrength, type StrengthCaution } from '@/core/paint/paint';
import { sayStrength } from '@/core/paint/strength';
import { findDeckColour } from '@/data/decks';
import { database } from '../database';
import { paintsOf } from '../paint/paint-of';

export type Mixed = {
  readonly percent: number;
  readonly says: string;
  readonly lab: { readonly l: number; readonly a: number; readonly b: number };
  readonly hex: string;
  readonly lrv: number;
  readonly name: string;
  readonly caution: StrengthCaution;
};

/** A deck colour at any strength a counter will mix; undefined when there is no such colour or strength. */
export async function mixedAt(colourId: string, percent: number): Promise<Mixed | undefined> {
  if (!strengthSchema.safeParse(percent).success) return undefined;
  const db = await database();
  const row = await findDeckColour(db, colourId);
  if (!row) return undefined;
  const paint = (await paintsOf(db, [row])).get(row.id)!;
  const { lab, lrv } = paintAtStrength(paint, percent);
  return {
    percent,
    says: sayStrength(percent),
    lab,
    hex: screenColour(lab).hex,
    lrv,
    name: describeColour(lab),
    caution: cautionOf(paint, percent),
  };
}
