'use client';

import type { Wall } from '@/core/room/facing';

type Props = {
  readonly bearingDeg: number | null;
  readonly windows: readonly { readonly id: string; readonly wall: Wall }[];
  readonly wallNames: readonly string[];
  readonly onAddWindow: (wall: Wall) => void;
};

const HALF = 70;
/** Where the n-th of `count` windows lies along a wall, in plan units. */
const along = (n: number, count: number) => ((n + 1) / (count + 1)) * 2 * HALF - HALF;

/** The room from above, turned to true north; tapping a wall puts a window in it. */
export function RoomPlan({ bearingDeg, windows, wallNames, onAddWindow }: Props) {
  return (
    <svg
      viewBox="-130 -130 260 260"
      className="aspect-square w-full max-w-105"
      role="group"
      aria-label="Plan of the room, north up"
    >
      <g aria-hidden>
        <path d="M0 -128 l5 12 h-10 z" fill="var(--ink)" />
        <text y="-104" textAnchor="middle" fontSize="10" fill="var(--soft)">
          north
        </text>
      </g>
      <g transform={`rotate(${bearingDeg ?? 0})`}>
        <rect
          x={-HALF}
          y={-HALF}
          width={2 * HALF}
          height={2 * HALF}
          fill="var(--raised)"
          stroke="var(--line-strong)"
          strokeDasharray={bearingDeg === null ? '5 4' : undefined}
        />
        {([0, 1, 2, 3] as const).map((wall) => {
          const here = windows.filter((w) => w.wall === wall);
          return (
            <g key={wall} transform={`rotate(${wall * 90})`}>
              <g
                role="button"
                tabIndex={0}
                aria-label={`Add a window in the ${wallNames[wall]}`}
                className="cursor-pointer [&:hover>rect]:fill-[var(--line)]"
                onClick={() => onAddWindow(wall)}
                onKeyDown={(e) => {
                  if (e.key !== 'Enter' && e.key !== ' ') return;
                  e.preventDefault();
                  onAddWindow(wall);
                }}
              >
                <rect x={-HALF} y={-HALF - 14} width={2 * HALF} height={28} fill="transparent" />
                <line x1={-HALF} x2={HALF} y1={-HALF} y2={-HALF} stroke="var(--ink)" strokeWidth={wall === 0 ? 7 : 4} />
              </g>
              {here.map((w, i) => (
                <g key={w.id} transform={`translate(${along(i, here.length)} ${-HALF})`} pointerEvents="none">
                  <rect x="-17" y="-4" width="34" height="8" fill="var(--raised)" stroke="var(--ink)" strokeWidth="2" />
                  <path d="M-9 -10 L0 -23 L9 -10 Z" fill="var(--ink)" />
                </g>
              ))}
            </g>
          );
        })}
      </g>
    </svg>
  );
}
