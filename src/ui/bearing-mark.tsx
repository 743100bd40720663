type Props = {
  /** Bearing the first wall faces outward, degrees from true north; null draws the room unturned. */
  readonly bearingDeg: number | null;
  /** Walls (0–3, clockwise from the first) that have a window. */
  readonly windowWalls: readonly number[];
  readonly size?: number;
};

/** A small plan of a room turned to true north (up), with a tick outside every wall that has a window. */
export function BearingMark({ bearingDeg, windowWalls, size = 30 }: Props) {
  return (
    <svg aria-hidden width={size} height={size} viewBox="-16 -16 32 32">
      <g transform={`rotate(${bearingDeg ?? 0})`} fill="none" stroke="currentColor">
        <rect
          x="-8.5"
          y="-8.5"
          width="17"
          height="17"
          strokeWidth="1.5"
          strokeDasharray={bearingDeg === null ? '2 2' : undefined}
        />
        {[...new Set(windowWalls)].map((wall) => (
          <path
            key={wall}
            transform={`rotate(${wall * 90})`}
            d="M-4.5 -10 L0 -15.5 L4.5 -10 Z"
            fill="currentColor"
            stroke="none"
          />
        ))}
      </g>
    </svg>
  );
}
