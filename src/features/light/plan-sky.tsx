import { RAD } from '@/core/base/angles';
import type { SunPosition } from '@/core/light/sun';

/** Radius of the horizon in plan units; the drawing is 260 wide. */
const HORIZON = 112;
/** Largest half diagonal of the room in plan units. */
export const ROOM_REACH = 76;

const onSky = ({ azimuthDeg, altitudeDeg }: SunPosition) => {
  const r = HORIZON - (HORIZON - ROOM_REACH - 6) * (Math.max(0, altitudeDeg) / 90);
  return [r * Math.sin(azimuthDeg * RAD), -r * Math.cos(azimuthDeg * RAD)] as const;
};

/** The sun's way over the day as one line for each stretch above the horizon. */
function wayOf(path: readonly SunPosition[]): string {
  let pen = 'M';
  return path
    .map((p) => {
      if (p.altitudeDeg <= 0) {
        pen = 'M';
        return '';
      }
      const [x, y] = onSky(p);
      const step = `${pen}${x.toFixed(1)} ${y.toFixed(1)}`;
      pen = 'L';
      return step;
    })
    .join(' ');
}

type Props = {
  readonly path: readonly SunPosition[];
  /** The sun at the cursor, where it is above the horizon. */
  readonly up: SunPosition | undefined;
  readonly beam: boolean;
};

/** The horizon around the plan, north up, with the sun's way and where it stands. */
export function PlanSky({ path, up, beam }: Props) {
  const [sx, sy] = up ? onSky(up) : [0, 0];
  return (
    <g aria-hidden>
      <circle r={HORIZON} fill="none" stroke="var(--line-strong)" strokeDasharray="1 4" />
      <path d="M0 -129 l4 10 h-8 z" fill="var(--ink)" />
      {(['E', 'S', 'W'] as const).map((point, i) => (
        <text key={point} x={[122, 0, -122][i]} y={[3, 127, 3][i]} textAnchor="middle" fontSize="9" fill="var(--soft)">
          {point}
        </text>
      ))}
      <text x="9" y="-119" fontSize="9" fill="var(--soft)">
        N
      </text>
      <path d={wayOf(path)} fill="none" stroke="var(--soft)" strokeWidth="2" />
      {up && (
        <>
          <line x1={sx} y1={sy} x2={sx * 0.72} y2={sy * 0.72} stroke="var(--ink)" strokeWidth={beam ? 2 : 0.8} />
          <circle cx={sx} cy={sy} r="7" fill={beam ? '#ffffff' : 'var(--panel)'} stroke="var(--ink)" strokeWidth="2" />
        </>
      )}
    </g>
  );
}
