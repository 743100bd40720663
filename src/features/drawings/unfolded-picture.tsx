'use client';

import { useMemo, type ReactNode } from 'react';
import type { MeasuredRoom } from '@/core/derived/openings';
import { unfolded, type UnfoldedPart } from '@/core/derived/unfolded';

type Props = {
  readonly room: MeasuredRoom;
  /** How a part looks, `#rrggbb`. */
  readonly paint: (part: UnfoldedPart) => string;
  /** For whoever cannot see it. */
  readonly label: string;
  readonly className: string;
  /** What hangs on the walls, over the picture. */
  readonly children?: ReactNode;
};

/** The room unfolded, to be looked at: nothing in it is tapped. */
export function UnfoldedPicture({ room, paint, label, className, children }: Props) {
  const { width, height, parts } = useMemo(() => unfolded(room), [room]);
  return (
    <div className={`relative overflow-hidden ${className}`}>
      <svg
        role="img"
        aria-label={label}
        viewBox={`0 0 ${width} ${height}`}
        preserveAspectRatio="none"
        shapeRendering="crispEdges"
        className="absolute inset-0 size-full"
      >
        {parts.map((part, k) =>
          part.outline ? (
            <polygon key={k} points={part.outline.map((p) => p.join(',')).join(' ')} fill={paint(part)} />
          ) : (
            <rect key={k} x={part.x} y={part.y} width={part.width} height={part.height} fill={paint(part)} />
          ),
        )}
      </svg>
      {children}
    </div>
  );
}
