import { z } from 'zod';
import { colourRendering } from '@/core/colour/colour-rendering';
import { onGrid, type SpectralPower } from '@/core/colour/grid';
import { illuminant } from '@/core/colour/illuminant';
import { LAMP_KINDS, lampSpectrum } from '@/core/light/lamp';
import { measure } from '@/core/light/measures';

/** A spectral power as it was measured, in any scale. */
const powerSchema = z
  .strictObject({
    start: z.number().min(200).max(1000),
    step: z.number().min(0.5).max(20),
    values: z.array(z.number().min(0).max(1e9)).min(3).max(2000),
  })
  .refine((s) => s.start <= 400 && s.start + s.step * (s.values.length - 1) >= 700, 'the spectrum must reach from 400 to 700 nm')
  .refine((s) => s.values.some((v) => v > 0), 'a spectrum gives some light');

const askedSchema = z.union([
  z.strictObject({ illuminant: z.string().max(20) }),
  z.strictObject({ spectrum: powerSchema }),
  z.strictObject({
    lamp: z.strictObject({ kind: z.enum(LAMP_KINDS), cctK: measure.cctK, ra: measure.ra.nullable().default(null) }),
  }),
]);

/** On the grid by straight lines; outside what was measured there is no light. */
function powerOf({ start, step, values }: z.infer<typeof powerSchema>): SpectralPower {
  return onGrid((nm) => {
    const at = (nm - start) / step;
    const i = Math.min(values.length - 2, Math.floor(at));
    if (at < 0 || at > values.length - 1) return 0;
    return values[i]! + (values[i + 1]! - values[i]!) * (at - i);
  });
}

function lightOf(asked: z.infer<typeof askedSchema>): SpectralPower {
  if ('spectrum' in asked) return powerOf(asked.spectrum);
  if ('lamp' in asked) return lampSpectrum({ ...asked.lamp, dimmedShare: 1 });
  const found = illuminant(asked.illuminant);
  if (!found.ok) throw new RangeError(`unknown illuminant ${asked.illuminant}`);
  return found.value;
}

/** `rendering`: correlated colour temperature, general and special colour rendering indices of a light (CIE 13.3-1995). */
export function rendering(request: Record<string, unknown>) {
  const { cctK, ra, r } = colourRendering(lightOf(askedSchema.parse(request)));
  return { cct: cctK, ra, r };
}
