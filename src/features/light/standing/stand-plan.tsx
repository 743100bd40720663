'use client';

import type { Size } from '@/core/derived/describe-room';
import { openingsOf, type MeasuredRoom } from '@/core/derived/openings';
import { boundsOf, onWall, planOf } from '@/core/room/plan';
import { aheadOf, type Stand } from './stand';

/** Around the plan, as a share of its longer side. */
const MARGIN = 0.06;
/** How far the cone of what is looked at reaches, and half its width, as a share of the longer side and in degrees. */
const CONE = { reach: 0.3, half: 31 } as const;

type Props = {
  readonly room: MeasuredRoom;
  readonly size: Size;
  readonly stand: Stand;
  readonly onStand: (x: number, y: number) => void;
};

/** The plan, small: where one stands and looks. A tap stands elsewhere; the keys of the picture do the same. */
export function StandPlan({ room, size, stand, onStand }: Props) {
  const plan = planOf(size);
  const { from, widthM, depthM } = boundsOf(plan);
  const long = Math.max(widthM, depthM);
  const margin = MARGIN * long;
  const box = [from[0] - margin, from[1] - margin, widthM + 2 * margin, depthM + 2 * margin] as const;
  const edge = (degrees: number) => {
    const [dx, dy] = aheadOf({ turnDeg: stand.turnDeg + degrees });
    return `${stand.x + CONE.reach * long * dx},${stand.y + CONE.reach * long * dy}`;
  };
  return (
    <svg
      role="img"
      aria-label="The plan: tap where to stand"
      viewBox={box.join(' ')}
      className="h-44 w-full cursor-crosshair border border-line bg-panel"
      onClick={(e) => {
        const { currentTarget: svg, clientX, clientY } = e;
        const at = new DOMPoint(clientX, clientY).matrixTransform(svg.getScreenCTM()!.inverse());
        onStand(at.x, at.y);
      }}
    >
      <polygon
        points={plan.map((p) => p.join(',')).join(' ')}
        fill="var(--color-raised)"
        stroke="var(--ink)"
        strokeWidth="3"
        style={{ vectorEffect: 'non-scaling-stroke' }}
      />
      {(size.shape?.boxes ?? []).map((b) => (
        <rect key={b.id} x={b.xM} y={b.yM} width={b.widthM} height={b.depthM} fill="var(--color-line)" />
      ))}
      {openingsOf(room, size).map(({ id, kind, wall, rect: { s0, s1 } }) => {
        const [[x1, y1], [x2, y2]] = [onWall(plan, wall, s0), onWall(plan, wall, s1)];
        return (
          <line
            key={id}
            {...{ x1, y1, x2, y2 }}
            stroke={kind === 'door' ? 'var(--color-raised)' : '#ffffff'}
            strokeWidth={kind === 'door' ? 5 : 2}
            style={{ vectorEffect: 'non-scaling-stroke' }}
          />
        );
      })}
      <polygon
        points={`${stand.x},${stand.y} ${edge(-CONE.half)} ${edge(CONE.half)}`}
        fill="var(--color-accent)"
        opacity="0.45"
      />
      <circle cx={stand.x} cy={stand.y} r={0.03 * long} fill="var(--color-accent)" />
    </svg>
  );
}
