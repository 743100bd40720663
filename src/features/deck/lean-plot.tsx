'use client';

import { useEffect, useRef, type MouseEvent } from 'react';
import { screenColour } from '@/core/colour/srgb';
import { lightnessOfLrv } from '@/core/colour/lab';
import { RELATION } from '@/core/judge/model';
import type { RecordedStay } from '@/core/record/stay';
import type { Found, ShortlistAnswer } from '@/core/engine/judgement-protocol';

type Axis = 'a' | 'b';
const AXES: Readonly<Record<Axis, { readonly low: string; readonly high: string; readonly name: string }>> = {
  a: { low: 'greener', high: 'pinker', name: 'green to pink' },
  b: { low: 'bluer', high: 'yellower', name: 'blue to yellow' },
};
/** Ends of the axes: a* or b* across, L* up. */
const REACH: Readonly<Record<Axis, readonly [number, number]>> = { a: [-16, 16], b: [-14, 30] };
const DEPTH = [18, 101] as const;
const LRV_TICKS = [5, 10, 20, 40, 60, 80] as const;
const MARGIN = { left: 34, right: 8, top: 8, bottom: 22 } as const;
/** Sides of the points, pixels: what is in the list is large, what is dropped a speck. */
const SIDE = { listed: 10, works: 4, dropped: 2 } as const;
/** Chance from which a colour is where the room wants to be, less where nothing has it, and how far that reaches about it, pixels. */
const WANTED = 0.6;
const OF_BEST = 0.85;
const REACHES = 13;
const CELL = 4;

type Props = {
  readonly axis: Axis;
  readonly answer: ShortlistAnswer;
  readonly stays: readonly RecordedStay[];
  readonly chosen: Found | undefined;
  readonly onChoose: (found: Found) => void;
};

function scales(axis: Axis, width: number, height: number) {
  const [low, high] = REACH[axis];
  return {
    x: (v: number) => MARGIN.left + ((v - low) / (high - low)) * (width - MARGIN.left - MARGIN.right),
    y: (l: number) => MARGIN.top + ((DEPTH[1] - l) / (DEPTH[1] - DEPTH[0])) * (height - MARGIN.top - MARGIN.bottom),
  };
}

type Pen = { readonly context: CanvasRenderingContext2D; readonly x: (v: number) => number; readonly y: (l: number) => number };

const AT: Readonly<Record<Axis, 1 | 2>> = { a: 1, b: 2 };

/** Where the room wants to be: the neighbourhood of everything that serves well enough as its walls. */
function drawRegion({ context, x, y }: Pen, axis: Axis, { labs, chances }: ShortlistAnswer, ground: string): void {
  const best = chances.reduce((most, chance) => (chance > most ? chance : most), 0);
  const wanted = Math.min(WANTED, OF_BEST * best);
  context.fillStyle = ground;
  context.beginPath();
  // thousands lie on top of each other: one for every few pixels is enough
  const drawn = new Set<string>();
  for (let i = 0; i < chances.length; i++) {
    if (!(chances[i]! >= wanted)) continue;
    const [px, py] = [x(labs[3 * i + AT[axis]]!), y(labs[3 * i]!)];
    const cell = `${Math.round(px / CELL)} ${Math.round(py / CELL)}`;
    if (drawn.has(cell)) continue;
    drawn.add(cell);
    context.moveTo(px + REACHES, py);
    context.arc(px, py, REACHES, 0, 2 * Math.PI);
  }
  context.fill();
}

function drawPoints({ context, x, y }: Pen, axis: Axis, { labs, costs, found }: ShortlistAnswer): void {
  const at = AT[axis];
  const draw = (from: number, to: number, side: number, grey?: string) => {
    for (let i = 0; i < costs.length; i++) {
      const cost = costs[i]!;
      if (!(cost >= from && cost < to)) continue;
      const [l, a, b] = [labs[3 * i]!, labs[3 * i + 1]!, labs[3 * i + 2]!];
      context.fillStyle = grey ?? screenColour({ l, a, b }).hex;
      context.fillRect(x(labs[3 * i + at]!) - side / 2, y(l) - side / 2, side, side);
    }
  };
  draw(RELATION.nearlyFrom, Infinity, SIDE.dropped, '#9a9a9a');
  draw(0, RELATION.nearlyFrom, SIDE.works);
  // the worst of the list first, so that the best is not covered
  for (const { lab } of [...found].reverse()) {
    context.fillStyle = screenColour(lab).hex;
    context.fillRect(x(lab[axis]) - SIDE.listed / 2, y(lab.l) - SIDE.listed / 2, SIDE.listed, SIDE.listed);
  }
}

/** The lean of everything that was looked at against its depth, with what stays in it: one sees where the room wants to be. */
export function LeanPlot({ axis, answer, stays, chosen, onChoose }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current;
    const context = element?.getContext('2d');
    if (!element || !context) return;
    const { width, height } = element.getBoundingClientRect();
    const ratio = window.devicePixelRatio;
    element.width = width * ratio;
    element.height = height * ratio;
    context.scale(ratio, ratio);
    const { x, y } = scales(axis, width, height);
    const { color: ink, fontFamily } = getComputedStyle(element);
    context.strokeStyle = ink;
    context.globalAlpha = 0.35;
    context.beginPath();
    context.moveTo(x(0), MARGIN.top);
    context.lineTo(x(0), height - MARGIN.bottom);
    context.stroke();
    context.globalAlpha = 1;
    context.font = `12px ${fontFamily}`;
    context.fillStyle = ink;
    context.textAlign = 'right';
    for (const lrv of LRV_TICKS) context.fillText(String(lrv), MARGIN.left - 8, y(lightnessOfLrv(lrv)) + 4);
    drawRegion({ context, x, y }, axis, answer, getComputedStyle(element).getPropertyValue('--region'));
    drawPoints({ context, x, y }, axis, answer);
    stays.forEach((stay, n) => {
      for (const { colour } of stay.components) {
        context.beginPath();
        context.arc(x(colour.lab[axis]), y(colour.lab.l), 9, 0, 2 * Math.PI);
        context.fillStyle = screenColour(colour.lab).hex;
        context.fill();
        context.lineWidth = 2;
        context.stroke();
        context.fillStyle = colour.lab.l > 50 ? '#1a1a1a' : '#ffffff';
        context.textAlign = 'center';
        context.fillText(String(n + 1), x(colour.lab[axis]), y(colour.lab.l) + 4);
      }
    });
    if (chosen) {
      const v = chosen.lab[axis];
      context.lineWidth = 3;
      context.strokeRect(x(v) - 9, y(chosen.lab.l) - 9, 18, 18);
    }
  }, [axis, answer, stays, chosen]);
  const choose = (event: MouseEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const { x, y } = scales(axis, box.width, box.height);
    const apart = ({ lab }: Found) => Math.hypot(x(lab[axis]) - (event.clientX - box.left), y(lab.l) - (event.clientY - box.top));
    const nearest = answer.found.reduce<Found | undefined>((p, q) => (!p || apart(q) < apart(p) ? q : p), undefined);
    if (nearest && apart(nearest) < 30) onChoose(nearest);
  };
  const { low, high, name } = AXES[axis];
  const { works, nearly, no } = answer.looked;
  return (
    <figure className="min-w-0 flex-1">
      <canvas
        ref={canvas}
        role="img"
        data-patch="plot"
        aria-label={`Lean from ${name} against depth: ${works} work, ${nearly} nearly, ${no} dropped; the numbered circles are what stays`}
        onClick={choose}
        className="h-[clamp(10rem,24vh,20rem)] w-full cursor-crosshair bg-raised text-ink"
      />
      <figcaption className="flex justify-between text-sm text-soft">
        <span>
          ← {low}
          <span className="sr-only"> to the left</span>
        </span>
        <span>LRV up</span>
        <span>{high} →</span>
      </figcaption>
    </figure>
  );
}
