'use client';

import { useId, useRef, useState } from 'react';
import { castOf } from '@/core/colour/cast';
import type { Photo } from '@/core/record/photo';
import { classNames } from '@/ui/class-names';
import { readPoint } from '../entry/read-picture';

type Props = {
  readonly photo: Photo;
  readonly src: string;
  readonly says: string;
  readonly corrected: boolean;
  /** Set while the paper is being pointed at. */
  readonly onPoint: ((white: Photo['white']) => void) | undefined;
};

const STEP = 0.02;
const inside = (share: number) => Math.max(0, Math.min(1, share));
const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

function Mark({ x, y, wide }: { readonly x: number; readonly y: number; readonly wide: boolean }) {
  return (
    <span
      aria-hidden
      className={classNames(
        'pointer-events-none absolute -translate-x-1/2 -translate-y-1/2 border-2 border-white outline-2 outline-[#1a1a1a]',
        wide ? 'size-8' : 'size-4',
      )}
      style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
    />
  );
}

/** Takes the cast out of whatever it is put on. */
function CastFilter({ id, matrix }: { readonly id: string; readonly matrix: readonly (readonly number[])[] }) {
  const values = [...matrix.map((row) => [...row.map((v) => v.toFixed(6)), '0', '0'].join(' ')), '0 0 0 1 0'].join('  ');
  return (
    <svg aria-hidden width="0" height="0" className="absolute">
      <filter id={id} colorInterpolationFilters="linearRGB">
        <feColorMatrix type="matrix" values={values} />
      </filter>
    </svg>
  );
}

/** A photograph, as taken or with its cast taken out; in pointing, a tap or the arrow keys and Enter say where the white paper is. */
export function PhotoPicture({ photo, src, says, corrected, onPoint }: Props) {
  const filterId = `cast${useId().replace(/[^\w]/g, '')}`;
  const image = useRef<HTMLImageElement>(null);
  const [at, setAt] = useState<readonly [number, number]>([0.5, 0.5]);
  const { white } = photo;
  const cast = white && castOf(white.rgb);
  const filter = corrected && cast?.ok ? `url(#${filterId})` : undefined;
  const point = (x: number, y: number) => image.current && onPoint?.(readPoint(image.current, x, y));
  const picture = (
    // a photograph of the visit from this machine: there is nothing for an image service to do
    // eslint-disable-next-line @next/next/no-img-element
    <img
      ref={image}
      src={src}
      alt={says}
      width={photo.width}
      height={photo.height}
      loading="lazy"
      className="block h-auto w-full"
      {...(filter ? { style: { filter } } : {})}
    />
  );
  return (
    <div className="relative bg-line" data-corrected={filter !== undefined}>
      {cast?.ok && <CastFilter id={filterId} matrix={cast.matrix} />}
      {onPoint ? (
        <button
          type="button"
          aria-label="Point at the white paper: arrow keys move, Enter takes it"
          className="block w-full cursor-crosshair"
          onClick={(e) => {
            const box = e.currentTarget.getBoundingClientRect();
            // a click by keyboard has no place of its own
            if (e.detail === 0) point(at[0], at[1]);
            else point((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height);
          }}
          onKeyDown={(e) => {
            const move = MOVES[e.key];
            if (!move) return;
            e.preventDefault();
            e.stopPropagation();
            setAt([inside(at[0] + move[0]), inside(at[1] + move[1])]);
          }}
        >
          {picture}
          <Mark x={at[0]} y={at[1]} wide />
        </button>
      ) : (
        <>
          {picture}
          {white && <Mark x={white.x} y={white.y} wide={false} />}
        </>
      )}
    </div>
  );
}
