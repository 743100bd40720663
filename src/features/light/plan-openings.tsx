'use client';

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Wall } from '@/core/room/facing';
import { wallLine, type Plan } from '@/core/room/plan';
import { classNames } from '@/ui/class-names';
import { stretchOf, wallLineOf } from './plan-walls';

/** A window or a door as it stands in the plan, metres from the left end of its wall. */
export type PlanOpening = {
  readonly id: string;
  readonly kind: 'window' | 'door';
  readonly wall: Wall;
  readonly leftM: number;
  readonly widthM: number;
  /** "window 1 in the west wall" */
  readonly name: string;
};

type Props = {
  readonly plan: Plan;
  readonly openings: readonly PlanOpening[];
  readonly say: (metres: number) => string;
  readonly onMove: (opening: PlanOpening, leftM: number) => void;
  /** How wide a finger's target is, in metres of the plan. */
  readonly tapM: number;
};

/** Own choice: places to the centimetre by hand, five by a key. */
const GRAIN_M = 0.01;
const KEY_M = 0.05;
/** A finger that moved less has only tapped, metres. */
const TAPPED_M = 0.03;

const placed = (leftM: number, widthM: number, lengthM: number): number =>
  Math.round(Math.max(0, Math.min(lengthM - widthM, leftM)) / GRAIN_M) * GRAIN_M;

type OneProps = Omit<Props, 'openings'> & { readonly opening: PlanOpening };

/** One opening: dragged along its wall, or moved by the arrow keys. */
function Opening({ opening, plan, say, onMove, tapM }: OneProps) {
  const { wall, kind, name } = opening;
  const lengthM = wallLine(plan, wall).length;
  const group = useRef<SVGGElement>(null);
  const [drag, setDrag] = useState<{ readonly from: number; readonly at: number }>();
  const line = wallLineOf(plan, wall);
  const leftM = drag ? placed(opening.leftM + drag.at - drag.from, opening.widthM, lengthM) : opening.leftM;
  const [x0, y0, x1, y1] = stretchOf(plan, wall, leftM, leftM + opening.widthM);
  /** Metres along the wall under a pointer. */
  const onWall = (e: PointerEvent): number => {
    const matrix = group.current!.getScreenCTM()!.inverse();
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix);
    const [ax, ay, bx, by] = line;
    return ((p.x - ax) * (bx - ax) + (p.y - ay) * (by - ay)) / lengthM;
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const by = { ArrowRight: KEY_M, ArrowUp: KEY_M, ArrowLeft: -KEY_M, ArrowDown: -KEY_M }[e.key];
    if (by === undefined) return;
    e.preventDefault();
    e.stopPropagation();
    onMove(opening, placed(opening.leftM + by, opening.widthM, lengthM));
  };
  return (
    <g
      ref={group}
      role="slider"
      tabIndex={0}
      aria-label={`${name}, from the left of its wall`}
      aria-valuemin={0}
      aria-valuemax={Math.max(0, lengthM - opening.widthM)}
      aria-valuenow={leftM}
      aria-valuetext={say(leftM)}
      data-opening={opening.id}
      className={classNames('plan-part touch-none', drag ? 'cursor-grabbing' : 'cursor-grab')}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        const at = onWall(e);
        setDrag({ from: at, at });
      }}
      onPointerMove={(e) => drag && setDrag({ ...drag, at: onWall(e) })}
      onPointerUp={() => {
        if (drag && Math.abs(drag.at - drag.from) > TAPPED_M) onMove(opening, leftM);
        setDrag(undefined);
      }}
      onPointerCancel={() => setDrag(undefined)}
      onKeyDown={onKeyDown}
    >
      <line {...{ x1: x0, y1: y0, x2: x1, y2: y1 }} stroke="transparent" strokeWidth={tapM} strokeLinecap="butt" />
      <line
        {...{ x1: x0, y1: y0, x2: x1, y2: y1 }}
        stroke="var(--ink)"
        strokeWidth={kind === 'window' ? 10 : 6}
        style={{ vectorEffect: 'non-scaling-stroke' }}
      />
      <line
        {...{ x1: x0, y1: y0, x2: x1, y2: y1 }}
        stroke={kind === 'window' ? 'var(--raised)' : 'var(--panel)'}
        strokeWidth={kind === 'window' ? 6 : 5}
        strokeDasharray={kind === 'window' ? undefined : '3 3'}
        style={{ vectorEffect: 'non-scaling-stroke' }}
      />
    </g>
  );
}

/** The windows and doors of the plan. */
export function PlanOpenings({ openings, ...rest }: Props) {
  return openings.map((opening) => <Opening key={opening.id} opening={opening} {...rest} />);
}
