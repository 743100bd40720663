'use client';

import { useMemo, useRef, type KeyboardEvent } from 'react';
import type { MeasuredRoom } from '@/core/derived/openings';
import { fitted, unfolded, type UnfoldedPart } from '@/core/derived/unfolded';
import { useWidth } from '@/ui/use-width';

/** How a surface looks, and what is said of it. */
export type ShownSurface = {
  /** sRGB; null while it is open. */
  readonly hex: string | null;
  /** On the surface: "North wall, focal", "Ceiling · open"; none where it would crowd. */
  readonly tag: string | null;
  /** For whoever cannot see it. */
  readonly label: string;
};

type Props = {
  readonly room: MeasuredRoom;
  readonly shown: ReadonlyMap<string, ShownSurface>;
  /** What is not painted: the glass, and what lies on the floor. */
  readonly glass: string;
  readonly floor: { readonly hex: string; readonly tag: string | null };
  readonly chosen: ReadonlySet<string>;
  readonly onTap: (surface: string) => void;
  readonly height: number;
};

type PartProps = {
  readonly part: UnfoldedPart;
  readonly of: ShownSurface | undefined;
  readonly hex: string;
  readonly chosen: boolean;
  readonly onTap: (surface: string) => void;
  readonly scale: (part: UnfoldedPart) => { left: number; top: number; width: number; height: number };
};

/** Width under which a wall's name would be cut, px. */
const LEAST_TAG_PX = 90;
/** The hatching of what is open, so that it is no colour. */
const OPEN = 'repeating-linear-gradient(135deg, var(--color-line) 0 1px, transparent 1px 9px)';

/** Distance of a name from the corner of its surface, px. */
const TAG_IN_PX = 10;
const TAG_PX = 26;

/** The name of a surface, over everything, clear of the skirting. */
function Tag({ part, skirting, scale, children }: TagProps) {
  const { left, top, width, height } = scale(part);
  if (width < LEAST_TAG_PX) return null;
  const low = part.what === 'wall' || part.what === 'below';
  const foot =
    part.what === 'below' || (low && part.y + part.height >= skirting.y + skirting.height - 1e-9) ? scale(skirting).height : 0;
  const y = low ? top + height - foot - TAG_PX - TAG_IN_PX : top + (height - TAG_PX) / 2;
  return (
    <span
      className="pointer-events-none absolute z-20 truncate bg-white/90 px-2.5 py-1 text-[0.8125rem] leading-[1.125rem] text-[#1a1a1a]"
      style={{ left: left + TAG_IN_PX, top: Math.max(top, y), maxWidth: width - 2 * TAG_IN_PX }}
    >
      {children}
    </span>
  );
}
type TagProps = Pick<PartProps, 'part' | 'scale'> & { readonly skirting: UnfoldedPart; readonly children: string };

/** What of its box a part takes, where that is no rectangle. */
const clipOf = ({ outline, x, y, width, height }: UnfoldedPart): string | undefined =>
  outline && `polygon(${outline.map(([px, py]) => `${(100 * (px - x)) / width}% ${(100 * (py - y)) / height}%`).join(', ')})`;

/** The frame around what is chosen, along its own edges. */
function Frame({
  part: { outline, x, y, width, height },
  box,
}: {
  readonly part: UnfoldedPart;
  readonly box: ReturnType<PartProps['scale']>;
}) {
  if (!outline) return <div aria-hidden className="pointer-events-none absolute z-10 border-4 border-ink" style={box} />;
  return (
    <svg
      aria-hidden
      viewBox={`${x} ${y} ${width} ${height}`}
      preserveAspectRatio="none"
      className="pointer-events-none absolute z-10 overflow-visible"
      style={box}
    >
      <polygon
        points={outline.map((p) => p.join(',')).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="4"
        style={{ vectorEffect: 'non-scaling-stroke' }}
      />
    </svg>
  );
}

function Part({ part, of, hex, chosen, onTap, scale }: PartProps) {
  const box = { ...scale(part), clipPath: clipOf(part) };
  const { surface } = part;
  if (surface === null || !of)
    return <div aria-hidden data-part={part.what} className="absolute" style={{ ...box, backgroundColor: hex }} />;
  const fill = of.hex === null ? { backgroundColor: 'var(--color-raised)', backgroundImage: OPEN } : { backgroundColor: hex };
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-pressed={chosen}
      aria-label={of.label}
      data-surface={surface}
      data-patch={of.hex ?? undefined}
      onClick={() => onTap(surface)}
      className="absolute cursor-pointer"
      style={{ ...box, ...fill }}
    ></button>
  );
}

/** The room unfolded: walls side by side as one turns on the spot, ceiling above, skirting and floor below. Tap a surface to choose it. */
export function UnfoldedRoom({ room, shown, glass, floor, chosen, onTap, height }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame, 1100);
  const shape = useMemo(() => unfolded(room), [room]);
  const place = fitted(shape, { width, height });
  const scale = (part: UnfoldedPart) => {
    const { x: left, y: top, ...size } = place(part);
    return { left, top, ...size };
  };
  const surfaces = [...new Set(shape.parts.flatMap((p) => p.surface ?? []))];
  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (!step) return;
    event.preventDefault();
    const at = surfaces.findIndex((s) => chosen.has(s));
    onTap(surfaces[(at + step + surfaces.length) % surfaces.length]!);
  };
  // a surface in several pieces has its name once
  const named = new Map(
    shape.parts
      .filter((p) => p.what !== 'frame')
      .flatMap((p) => (p.surface ? [[p.surface, p] as const] : []))
      .reverse(),
  );
  const foot = shape.parts.find((p) => p.what === 'skirting') ?? { ...shape.parts.at(-1)!, height: 0 };
  return (
    <div
      ref={frame}
      role="group"
      aria-label="The room unfolded; arrow keys go from surface to surface"
      tabIndex={0}
      onKeyDown={onKey}
      className="relative w-full overflow-hidden bg-raised select-none"
      style={{ height }}
    >
      {shape.parts.map((part, k) => {
        const of = part.surface === null ? undefined : shown.get(part.surface);
        const ownHex: Readonly<Record<string, string>> = { glass, floor: floor.hex };
        const hex = ownHex[part.what] ?? of?.hex ?? '#ffffff';
        const isChosen = part.surface !== null && chosen.has(part.surface);
        return <Part key={k} {...{ part, of, hex, onTap, scale }} chosen={isChosen} />;
      })}
      {shape.parts
        .filter((part) => part.surface !== null && chosen.has(part.surface))
        .map((part, k) => (
          // over the windows of a wall, and not instead of them
          <Frame key={k} part={part} box={scale(part)} />
        ))}
      {[...named].map(([surface, part]) => {
        const tag = shown.get(surface)?.tag;
        return (
          tag && (
            <Tag key={surface} {...{ part, scale }} skirting={foot}>
              {tag}
            </Tag>
          )
        );
      })}
      {floor.tag && (
        <span className="pointer-events-none absolute bottom-1.5 left-2.5 bg-white/90 px-2.5 py-1 text-[0.8125rem] leading-[1.125rem] text-[#1a1a1a]">
          {floor.tag}
        </span>
      )}
    </div>
  );
}
