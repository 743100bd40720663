'use client';

import { useLayoutEffect, useRef } from 'react';
import { patternOf, seedOf } from '@/core/pattern/pattern';
import type { RecordedStay } from '@/core/record/stay';
import { Patch } from '@/ui/patch';
import { classNames } from '@/ui/class-names';
import { sayColour } from '../words/say-colour';
import { usePaint } from '../light-client/in-light';

const SIZE = { width: 840, height: 560 } as const;
/** As one of many: so small that twenty are drawn without a pause. */
const SMALL = { width: 210, height: 140 } as const;
type Size = typeof SIZE | typeof SMALL;

/** Pictures of things that were drawn already, by what they depend on. */
const drawn = new Map<string, Uint8Array>();
const MOST_DRAWN = 40;

function labelsOf({ id, components }: RecordedStay, size: Size): Uint8Array {
  const key = JSON.stringify([id, size.width, components.map((c) => [c.name, c.share])]);
  const known = drawn.get(key);
  if (known) return known;
  const labels = patternOf(components, size, seedOf(id));
  drawn.set(key, labels);
  if (drawn.size > MOST_DRAWN) drawn.delete(drawn.keys().next().value!);
  return labels;
}

function paintOn(canvas: HTMLCanvasElement, labels: Uint8Array, { hexes, size }: { hexes: readonly string[]; size: Size }): void {
  const context = canvas.getContext('2d');
  if (!context) return;
  const image = context.createImageData(size.width, size.height);
  const pixels = new Uint32Array(image.data.buffer);
  // little-endian: alpha, blue, green, red from the high byte down
  const words = hexes.map((hex) => {
    const n = parseInt(hex.slice(1), 16);
    return ((255 << 24) | ((n & 255) << 16) | (n & 0xff00) | (n >> 16)) >>> 0;
  });
  for (let i = 0; i < labels.length; i++) pixels[i] = words[labels[i]!]!;
  context.putImageData(image, 0, 0);
}

/**
 * A thing that stays as it lies: veins as veins, flecks as flecks, tiles as tiles, each component in its share. Fills what it is placed
 * in.
 */
export function StayPattern({
  stay,
  className,
  small = false,
}: {
  readonly stay: RecordedStay;
  readonly className?: string;
  readonly small?: boolean;
}) {
  const size = small ? SMALL : SIZE;
  const paint = usePaint();
  const canvas = useRef<HTMLCanvasElement>(null);
  const { components } = stay;
  const says = components.map((c) => {
    const share = components.length > 1 ? ` ${Math.round(c.share * 100)} %` : '';
    return `${c.name}${share}: ${sayColour(c.colour.lab)}`;
  });
  const label = `${stay.name}, ${says.join('; ')}`;
  const hexes = components.map((c) => paint(c.id, c.colour.lab));
  const key = hexes.join(' ');
  useLayoutEffect(() => {
    if (canvas.current) paintOn(canvas.current, labelsOf(stay, size), { hexes: key.split(' '), size });
  }, [stay, key, size]);
  if (components.length === 1) return <Patch hex={hexes[0]!} label={label} {...(className ? { className } : {})} />;
  return (
    <div role="img" aria-label={label} data-patch={key} className={classNames('overflow-hidden', className)}>
      <canvas ref={canvas} width={size.width} height={size.height} className="block size-full object-cover" />
    </div>
  );
}
