'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { luminanceOfHex } from '@/core/colour/srgb';
import { inkOn } from '@/ui/patch';
import type { DeckColour } from '@/core/derived/deck-colour';
import { fanRows, stripsOf, type DeckStrip, type FanRow } from './deck-filter';

const CHIP_PX = 46;
const HEAD_PX = 40;
const GAP_PX = 14;
const STRIP_PX = 124;

type Choosing = {
  readonly inRoom: ReadonlySet<string>;
  readonly chosen: string | undefined;
  readonly onChoose: (colour: DeckColour) => void;
};

function sayChip(c: DeckColour, inRoom: boolean): string {
  const twin = c.sharedName ? ', another maker uses this name too' : '';
  return `${c.name} ${c.code}: ${c.says}, LRV ${Math.round(c.lrv)}${twin}${inRoom ? ', in this room' : ''}`;
}

function Chip({ colour: c, inRoom, chosen, onChoose }: Choosing & { readonly colour: DeckColour }) {
  const here = inRoom.has(c.id);
  return (
    <button
      type="button"
      aria-pressed={chosen === c.id}
      aria-label={sayChip(c, here)}
      data-code={c.code}
      data-patch={c.hex}
      onClick={() => onChoose(c)}
      style={{ backgroundColor: c.hex, height: CHIP_PX }}
      className="flex w-full cursor-pointer items-end text-left aria-pressed:relative aria-pressed:z-10 aria-pressed:outline-4 aria-pressed:outline-ink"
    >
      <span className="flex w-full gap-1 px-1.5 pb-0.5 text-xs" style={{ color: inkOn(luminanceOfHex(c.hex)) }}>
        <span className="min-w-0 truncate">{`${here ? '● ' : ''}${c.sharedName ? '≠ ' : ''}${c.name}`}</span>
        <span className="shrink-0">{Math.round(c.lrv)}</span>
      </span>
    </button>
  );
}

const Strip = memo(function Strip({ strip, ...choosing }: Choosing & { readonly strip: DeckStrip }) {
  return (
    <section aria-label={`${strip.name}, ${strip.maker}`} style={{ width: STRIP_PX }} className="shrink-0">
      <h3 className="truncate text-xs text-soft" title={`${strip.name}, ${strip.maker}`}>
        {strip.name} · {strip.maker.slice(0, 2)}
      </h3>
      {strip.steps.map((c, i) =>
        c ? (
          <Chip key={c.id} colour={c} {...choosing} />
        ) : (
          <div key={i} style={{ height: CHIP_PX }} className="border-l border-line" />
        ),
      )}
    </section>
  );
});

const heightOf = (row: FanRow) => HEAD_PX + GAP_PX + CHIP_PX * Math.max(...row.strips.map((s) => s.steps.length));

/** How many strips fit beside each other in an element, followed as it changes. */
function useAcross(element: React.RefObject<HTMLDivElement | null>): number {
  const [across, setAcross] = useState(6);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) =>
      setAcross(Math.max(2, Math.floor((entry!.contentRect.width - 24) / STRIP_PX))),
    );
    observer.observe(element.current!);
    return () => observer.disconnect();
  }, [element]);
  return across;
}

type Props = Choosing & { readonly all: readonly DeckColour[]; readonly shown: readonly DeckColour[] };

/** The deck as a fan: strips of one hue, light above and deep below, neighbours beside each other, family by family. */
export function DeckFan({ all, shown, ...choosing }: Props) {
  const scroller = useRef<HTMLDivElement>(null);
  const across = useAcross(scroller);
  const strips = useMemo(() => stripsOf(all, new Set(shown.map((c) => c.id))), [all, shown]);
  const rows = useMemo(() => fanRows(strips, across), [strips, across]);
  // eslint-disable-next-line react-hooks/incompatible-library -- the virtualizer's own state is meant to change between renders
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => heightOf(rows[i]!),
    getItemKey: (i) => rows[i]!.key,
    overscan: 1,
    useFlushSync: false,
  });
  useEffect(() => virtual.measure(), [virtual, rows]);
  return (
    <div
      ref={scroller}
      className="min-h-0 min-w-0 flex-1 overflow-auto fold:h-[58dvh] fold:flex-none"
      data-testid="deck"
      tabIndex={0}
      role="region"
      aria-label="The deck"
    >
      <div className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const row = rows[item.index]!;
          const first = rows[item.index - 1]?.family !== row.family;
          return (
            <div
              key={item.key}
              className="absolute inset-x-0 px-5"
              style={{ contain: 'strict', height: heightOf(row), transform: `translateY(${item.start}px)` }}
            >
              <h2 className="h-5 text-sm font-semibold">{first ? row.family : ''}</h2>
              <div className="flex">
                {row.strips.map((strip) => (
                  <Strip key={strip.key} strip={strip} {...choosing} />
                ))}
              </div>
            </div>
          );
        })}
      </div>
    </div>
  );
}
