'use client';

import { useRef, useState, type PointerEvent } from 'react';
import { v7 } from 'uuid';
import { withPart } from '@/core/derived/shares';
import { labFromHex } from '@/core/colour/srgb';
import type { Frame } from '@/core/scheme/picture';
import { readPoint } from '../entry/read-picture';
import { nameOf, OFF, PICKED_SHARE, type Piece } from './use-piece';

/** What is drawn on the picture: what of it is the piece, where white paper lies, a colour picked by hand. */
export type Drawing = 'frame' | 'paper' | 'pick';

/** A rectangle between two points, shares of the picture. */
const between = (p: { x: number; y: number }, q: { x: number; y: number }): Frame => ({
  x: Math.min(p.x, q.x),
  y: Math.min(p.y, q.y),
  width: Math.max(0.01, Math.abs(p.x - q.x)),
  height: Math.max(0.01, Math.abs(p.y - q.y)),
});

function Outline({ of, says }: { readonly of: Frame; readonly says: string }) {
  return (
    <span
      className="pointer-events-none absolute border-2 border-white outline-2 outline-[#1a1a1a]"
      style={{ left: `${of.x * 100}%`, top: `${of.y * 100}%`, width: `${of.width * 100}%`, height: `${of.height * 100}%` }}
    >
      <span className="absolute top-0 left-0 bg-white/90 px-1 text-xs whitespace-nowrap text-[#1a1a1a]">{says}</span>
    </span>
  );
}

/** The picture, to be drawn on: what is the piece, where white paper lies, a colour picked by hand. */
export function Drawn({ piece, drawing }: { readonly piece: Piece; readonly drawing: Drawing }) {
  const [from, setFrom] = useState<{ x: number; y: number }>();
  const [to, setTo] = useState<{ x: number; y: number }>();
  const image = useRef<HTMLImageElement>(null);
  const at = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const clamp = (v: number) => Math.min(1, Math.max(0, v));
    return { x: clamp((event.clientX - box.left) / box.width), y: clamp((event.clientY - box.top) / box.height) };
  };
  const pick = (spot: { x: number; y: number }) => {
    const rgb = image.current && readPoint(image.current, spot.x, spot.y)?.rgb;
    if (!rgb) return;
    const lab = labFromHex(`#${rgb.map((v) => Math.round(v!).toString(16).padStart(2, '0')).join('')}`);
    const one = {
      id: v7(),
      name: nameOf(lab),
      share: PICKED_SHARE,
      colour: { lab, source: { kind: 'photo', uncertainty: OFF.none } as const },
    };
    piece.setColours(withPart(piece.found.colours, one));
  };
  const end = (event: PointerEvent<HTMLDivElement>) => {
    const spot = at(event);
    if (drawing === 'pick') pick(spot);
    else if (from && Math.hypot(spot.x - from.x, spot.y - from.y) > 0.02) piece.draw(drawing, between(from, spot));
    setFrom(undefined);
    setTo(undefined);
  };
  const live = from && to && drawing !== 'pick' ? between(from, to) : undefined;
  return (
    <div
      className="relative max-h-[46dvh] cursor-crosshair touch-none overflow-hidden select-none"
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setFrom(at(e));
      }}
      onPointerMove={(e) => from && setTo(at(e))}
      onPointerUp={end}
    >
      {/* eslint-disable-next-line @next/next/no-img-element -- from this page */}
      <img
        ref={image}
        src={piece.src}
        alt="The picture of the piece"
        draggable={false}
        className="block max-h-[46dvh] w-full object-fill"
      />
      {piece.frame && <Outline of={piece.frame} says="the piece" />}
      {piece.paper && <Outline of={piece.paper} says="white paper" />}
      {live && <Outline of={live} says={drawing === 'frame' ? 'the piece' : 'white paper'} />}
    </div>
  );
}
