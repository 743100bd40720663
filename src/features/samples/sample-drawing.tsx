import type { Sample } from '@/core/record/sample';

/** Pixels a metre, and the least and largest of a drawn sample. */
const DRAWN = { perM: 186, mostPx: 168 } as const;

/** A sample as it will stand there: its white border, its size in proportion. */
export function SampleDrawing({
  sample: { widthM, heightM, borderM },
  hex,
  label,
}: {
  readonly sample: Pick<Sample, 'widthM' | 'heightM' | 'borderM'>;
  readonly hex: string;
  readonly label: string;
}) {
  const scale = Math.min(DRAWN.perM, DRAWN.mostPx / Math.max(widthM, heightM));
  return (
    <div className="grid h-[168px] w-[168px] shrink-0 place-items-center">
      <div className="bg-white" style={{ width: widthM * scale, height: heightM * scale, padding: borderM * scale }}>
        <div role="img" aria-label={label} data-patch={hex} className="size-full" style={{ backgroundColor: hex }} />
      </div>
    </div>
  );
}
