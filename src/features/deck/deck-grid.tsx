'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useMemo, useRef } from 'react';
import type { DeckColour } from '../shared/deck-data';
import { stripsOf, type DeckStrip } from './deck-filter';

const ROW_PX = 132;

type Props = {
  readonly colours: readonly DeckColour[];
  readonly inRoom: ReadonlySet<string>;
  readonly chosen: string | undefined;
  readonly onChoose: (colour: DeckColour) => void;
};

type StripProps = Omit<Props, 'colours'> & { readonly strip: DeckStrip };

const StripRow = memo(function StripRow({ strip, inRoom, chosen, onChoose }: StripProps) {
  return (
    <section aria-label={`${strip.name}, ${strip.maker}`} className="pb-2">
      <h2 className="mb-1 text-sm text-soft">
        <span className="font-semibold text-ink">{strip.name}</span> · {strip.maker}
      </h2>
      <div className="flex">
        {strip.colours.map((c) => (
          <button
            key={c.id}
            type="button"
            aria-pressed={chosen === c.id}
            aria-label={`${c.name} ${c.code}: ${c.says}, LRV ${Math.round(c.lrv)}${c.sharedName ? ', another maker uses this name too' : ''}${inRoom.has(c.id) ? ', in this room' : ''}`}
            data-code={c.code}
            data-patch={c.hex}
            onClick={() => onChoose(c)}
            style={{ backgroundColor: c.hex }}
            className="flex h-24 max-w-60 min-w-0 flex-1 cursor-pointer items-end text-left aria-pressed:z-10 aria-pressed:outline-4 aria-pressed:outline-ink"
          >
            <span className="w-full truncate bg-white/85 px-1.5 py-0.5 text-xs text-[#1a1a1a]">
              {`${inRoom.has(c.id) ? '● ' : ''}${c.sharedName ? '≠ ' : ''}${c.name} ${Math.round(c.lrv)}`}
            </span>
          </button>
        ))}
      </div>
    </section>
  );
});

/** Strips of depth steps, light to dark, one below the other; only those in view are drawn. */
export function DeckGrid({ colours, inRoom, chosen, onChoose }: Props) {
  const strips = useMemo(() => stripsOf(colours), [colours]);
  const scroller = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- the virtualizer's own state is meant to change between renders
  const virtual = useVirtualizer({
    count: strips.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 3,
    useFlushSync: false,
  });
  return (
    <div
      ref={scroller}
      className="min-h-0 flex-1 overflow-auto"
      data-testid="deck"
      tabIndex={0}
      role="region"
      aria-label="The deck"
    >
      <div className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => (
          <div
            key={strips[item.index]!.key}
            className="absolute inset-x-0 px-5"
            style={{ contain: 'strict', height: ROW_PX, transform: `translateY(${item.start}px)` }}
          >
            <StripRow strip={strips[item.index]!} inRoom={inRoom} chosen={chosen} onChoose={onChoose} />
          </div>
        ))}
      </div>
    </div>
  );
}
