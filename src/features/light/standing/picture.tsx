'use client';

import { useEffect, useRef, useState } from 'react';
import type { StandingAnswer } from '@/core/engine/standing-room';
import { classNames } from '@/ui/class-names';
import type { ComponentPicture, Drawing } from './scene';
import type { Stand } from './stand';

/** Degrees a drag over the whole width turns. */
const DRAG_DEG = 90;

/** The drawing in a canvas, made when it is first shown; null where the browser cannot draw in space. */
function useDrawing() {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [drawing, setDrawing] = useState<Drawing | null>();
  useEffect(() => {
    let made: Drawing | undefined;
    let gone = false;
    // three is large, and asked for by whoever looks
    void import('./scene').then(({ drawingIn }) => {
      if (gone || !canvas.current) return;
      made = drawingIn(canvas.current);
      setDrawing(made ?? null);
    });
    return () => {
      gone = true;
      made?.end();
    };
  }, []);
  return { canvas, drawing };
}

type PictureProps = {
  /** null where it is too dark to judge. */
  readonly shown: StandingAnswer | null | undefined;
  /** Pictures of the components of what stays, by its id. */
  readonly pictureOf: (key: string) => ComponentPicture | undefined;
  readonly computing: boolean;
  readonly stand: Stand;
  readonly onTurn: (right: number, up: number) => void;
  readonly says: string;
  readonly onDrawing?: (drawing: Drawing | null) => void;
  readonly dark: string;
  /** Over the picture, where several stand side by side. */
  readonly title?: string;
};

/** The picture: turned by dragging, as large as there is room. */
export function Picture({ shown, pictureOf, computing, stand, onTurn, says, onDrawing, dark, title }: PictureProps) {
  const { canvas, drawing } = useDrawing();
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const { current } = frame;
    if (!drawing || !current) return;
    const resize = () => drawing.resize(current.clientWidth, current.clientHeight);
    resize();
    const observer = new ResizeObserver(resize);
    observer.observe(current);
    return () => observer.disconnect();
  }, [drawing]);
  useEffect(() => {
    if (drawing && shown) drawing.show(shown, pictureOf);
  }, [drawing, shown, pictureOf]);
  useEffect(() => drawing?.look(stand), [drawing, stand]);
  useEffect(() => {
    if (drawing !== undefined) onDrawing?.(drawing);
  }, [drawing, onDrawing]);
  if (drawing === null)
    return <p role="alert">This browser cannot draw in space. The four walls are drawn flat under “Four walls”.</p>;
  return (
    <figure className="min-w-0 flex-1">
      {title !== undefined && <figcaption className="truncate pb-1 font-semibold">{title}</figcaption>}
      <div
        ref={frame}
        className={classNames(
          'relative min-h-72 cursor-grab touch-none bg-line',
          title === undefined ? 'h-[min(calc(100dvh-21rem),46rem,65vw)]' : 'h-[min(calc(100dvh-23rem),44rem,65vw)]',
        )}
        aria-busy={computing}
        onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
        onPointerMove={(e) => {
          if (e.buttons !== 1) return;
          const { clientWidth } = e.currentTarget;
          onTurn((-e.movementX * DRAG_DEG) / clientWidth, (e.movementY * DRAG_DEG) / clientWidth);
        }}
      >
        <canvas ref={canvas} role="img" aria-label={says} data-shown={shown ? 'room' : 'nothing'} className="h-full w-full" />
        {shown === null && <p className="absolute inset-0 grid place-items-center bg-panel p-4 text-soft">{dark}</p>}
      </div>
    </figure>
  );
}
