'use client';

import { Slider as Radix } from 'radix-ui';
import { useState } from 'react';
import { classNames } from './class-names';

export type Range = readonly [from: number, to: number];

type Props = {
  readonly label: string;
  /** What the range is in, said before its ends: "LRV". */
  readonly unit: string;
  readonly value: Range;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** Called once the thumb is let go, or a key was pressed. */
  readonly onChange: (value: Range) => void;
  /** A ground for the track, such as a gradient. */
  readonly track?: string;
  readonly className?: string;
};

/** A range between two ends that are both dragged or moved by keys. */
export function RangeSlider({ label, unit, value, min, max, step, onChange, track, className }: Props) {
  const [dragged, setDragged] = useState<Range>();
  const [from, to] = dragged ?? value;
  const range = (values: number[]): Range => [values[0]!, values[1]!];
  return (
    <div className={className} role="group" aria-label={label}>
      <p aria-hidden className="mb-1 flex justify-between gap-3 text-sm text-soft">
        <span>{label}</span>
        <span className="tabular-nums">
          {unit} {from} to {to}
        </span>
      </p>
      <Radix.Root
        className="relative flex h-11 touch-none items-center select-none"
        value={[from, to]}
        min={min}
        max={max}
        step={step}
        minStepsBetweenThumbs={1}
        onValueChange={(values) => setDragged(range(values))}
        onValueCommit={(values) => {
          setDragged(undefined);
          onChange(range(values));
        }}
      >
        <Radix.Track
          className={classNames('relative h-4 flex-1 border border-line-strong', !track && 'bg-raised')}
          style={{ background: track }}
        >
          <Radix.Range className="absolute inset-y-0 border-x-0 border-y-4 border-ink" />
        </Radix.Track>
        {(['from', 'to'] as const).map((end, k) => (
          <Radix.Thumb
            key={end}
            aria-label={`${label}, ${end}`}
            aria-valuetext={`${unit} ${k === 0 ? from : to}`}
            className="relative block h-8 w-4 cursor-grab border-2 border-ink bg-raised before:absolute before:-inset-x-3.5 before:-inset-y-1.5 active:cursor-grabbing"
          />
        ))}
      </Radix.Root>
    </div>
  );
}
