'use client';

import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { settledPlan, withWallMoved } from '@/core/room/change-plan';
import { onWall, wallLine, type Plan, type Point } from '@/core/room/plan';

/** A wall that is being dragged, and how far out. */
export type MovedWall = { readonly wall: number; readonly outM: number };

/** Walls are moved by so much, metres. */
const STEP_M = 0.05;
const stepped = (metres: number): number => Math.round(metres / STEP_M) * STEP_M;

/** The plan while a wall is dragged, in the axes of before, so that the rest stands still under the finger. */
export function shownMoved(plan: Plan, { wall, outM }: MovedWall): Plan {
  const { plan: after, shift } = withWallMoved(plan, wall, outM);
  return after.map(([x, y]): Point => [x - shift[0], y - shift[1]]);
}

type Props = {
  readonly plan: Plan;
  /** As it is drawn now, with the wall that is dragged where it is. */
  readonly shown: Plan;
  readonly names: readonly string[];
  readonly say: (metres: number) => string;
  /** How far out a handle stands, metres of the plan. */
  readonly reachM: number;
  readonly moved: MovedWall | undefined;
  readonly onDrag: (moved: MovedWall | undefined) => void;
  readonly onMove: (wall: number, outM: number) => void;
};

function Handle({ wall, ...props }: Props & { readonly wall: number }) {
  const { plan, shown, names, say, reachM, moved, onDrag, onMove } = props;
  const group = useRef<SVGGElement>(null);
  const from = useRef(0);
  const { inward, length } = wallLine(shown, wall);
  const [x, y] = onWall(shown, wall, length / 2);
  const [cx, cy] = [x - 0.75 * reachM * inward[0], y - 0.75 * reachM * inward[1]];
  /** How far out of the wall's place of before a pointer is. */
  const outOf = (e: PointerEvent): number => {
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(group.current!.getScreenCTM()!.inverse());
    const line = wallLine(plan, wall);
    return -((p.x - line.from[0]) * line.inward[0] + (p.y - line.from[1]) * line.inward[1]);
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const by = { ArrowUp: STEP_M, ArrowRight: STEP_M, ArrowDown: -STEP_M, ArrowLeft: -STEP_M }[e.key];
    if (by === undefined) return;
    e.preventDefault();
    e.stopPropagation();
    onMove(wall, by);
  };
  const isDragged = moved?.wall === wall;
  return (
    <g
      ref={group}
      role="slider"
      tabIndex={0}
      aria-label={`Move the ${names[wall] ?? 'wall'}, out or in`}
      aria-valuemin={-60}
      aria-valuemax={60}
      aria-valuenow={isDragged ? moved.outM : 0}
      aria-valuetext={`${say(length)} long${isDragged ? `, moved by ${say(Math.abs(moved.outM))}` : ''}`}
      data-wall-handle={wall}
      className="plan-part cursor-move touch-none"
      onPointerDown={(e) => {
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        from.current = outOf(e);
        onDrag({ wall, outM: 0 });
      }}
      onPointerMove={(e) => isDragged && onDrag({ wall, outM: stepped(outOf(e) - from.current) })}
      onPointerUp={() => {
        if (isDragged && moved.outM !== 0) onMove(wall, moved.outM);
        onDrag(undefined);
      }}
      onPointerCancel={() => onDrag(undefined)}
      onKeyDown={onKeyDown}
    >
      <circle cx={cx} cy={cy} r={0.45 * reachM} fill="transparent" />
      <circle
        cx={cx}
        cy={cy}
        r={0.22 * reachM}
        fill={isDragged ? 'var(--ink)' : 'var(--raised)'}
        stroke="var(--ink)"
        strokeWidth="2"
        style={{ vectorEffect: 'non-scaling-stroke' }}
      />
    </g>
  );
}

/** A handle outside of each wall: dragged, or moved by the arrow keys, five centimetres at a time. */
export function WallHandles(props: Props) {
  return settledPlan(props.plan).plan.map((_, wall) => <Handle key={wall} wall={wall} {...props} />);
}
