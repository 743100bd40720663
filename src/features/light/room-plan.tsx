'use client';

import { useMemo } from 'react';
import { lightRoomOf } from '@/core/light/light-room-of';
import type { RoomDescription } from '@/core/light/room-description';
import { FACES } from '@/core/light/box';
import { sunPatches } from '@/core/light/sun-patch';
import type { SunPosition } from '@/core/light/sun';
import { usualPositions } from '@/core/light/sample-positions';
import { WALLS, type Wall } from '@/core/room/facing';
import { PlanOpenings, type PlanOpening } from './plan-openings';
import { wallLine } from './plan-walls';
import { RAD } from '@/core/base/angles';

type Props = {
  readonly description: RoomDescription;
  /** False draws the room unturned, with a dashed outline. */
  readonly bearingKnown: boolean;
  /** The sun through the day, and at the cursor; empty while it is computed. */
  readonly path: readonly SunPosition[];
  readonly sun: SunPosition | undefined;
  /** Whether the sky lets a beam through. */
  readonly beam: boolean;
  readonly wallNames: readonly string[];
  readonly position: string;
  readonly onPosition: (position: string) => void;
  readonly onAddWindow: (wall: Wall) => void;
  readonly openings: readonly PlanOpening[];
  readonly say: (metres: number) => string;
  readonly onMove: (opening: PlanOpening, leftM: number) => void;
};

/** Radius of the horizon in plan units; the drawing is 260 wide. */
const HORIZON = 112;
/** Largest half diagonal of the room in plan units. */
const ROOM_REACH = 76;

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

/**
 * What a finger needs, in plan units: 44 px across where the plan is drawn at its usual size; a little of it inside, where the positions
 * are.
 */
const TAP = { outside: 25, inside: 6 } as const;
const scaleOf = (w: number, d: number): number => (2 * ROOM_REACH) / Math.hypot(w, d);

/** Where a tap is on a wall. */
function tapOf(wall: Wall, w: number, d: number) {
  const scale = scaleOf(w, d);
  const [outside, inside] = [TAP.outside / scale, TAP.inside / scale];
  const across = outside + inside;
  if (wall === 0) return { x: 0, y: -outside, width: w, height: across };
  if (wall === 1) return { x: w - inside, y: 0, width: across, height: d };
  if (wall === 2) return { x: 0, y: d - inside, width: w, height: across };
  return { x: -outside, y: 0, width: across, height: d };
}

function Walls({ description, bearingKnown, wallNames, onAddWindow }: Props) {
  const { widthM: w, depthM: d } = description;
  return (
    <>
      {WALLS.map((wall) => {
        const [x0, y0, x1, y1] = wallLine(wall, w, d);
        return (
          <g
            key={wall}
            role="button"
            tabIndex={0}
            aria-label={`Add a window in the ${wallNames[wall]}`}
            className="plan-part cursor-pointer"
            onClick={() => onAddWindow(wall)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter' && e.key !== ' ') return;
              e.preventDefault();
              onAddWindow(wall);
            }}
          >
            <rect {...tapOf(wall, w, d)} fill="transparent" style={{ vectorEffect: 'non-scaling-stroke' }} />
            <line
              {...{ x1: x0, y1: y0, x2: x1, y2: y1 }}
              stroke="var(--ink)"
              strokeDasharray={bearingKnown ? undefined : '10 6'}
              strokeWidth={wall === 0 ? 8 : 4}
              strokeLinecap="square"
              style={{ vectorEffect: 'non-scaling-stroke' }}
            />
          </g>
        );
      })}
    </>
  );
}

/** Patches of sun: on the floor as they fall, on walls as a bright line along them. */
function SunPatches({ description, sun }: { readonly description: RoomDescription; readonly sun: SunPosition }) {
  const room = useMemo(() => lightRoomOf(description), [description]);
  const patches = sunPatches(room, sun);
  const { widthM: w, depthM: d } = description;
  return (
    <g pointerEvents="none" data-testid="sun-patch">
      {patches.map(({ face, polygon }, i) => {
        if (FACES[face] === 'floor')
          return (
            <polygon
              key={i}
              points={polygon.map(([x, y]) => `${x},${y}`).join(' ')}
              fill="#ffffff"
              stroke="var(--ink)"
              strokeWidth="1.5"
              style={{ vectorEffect: 'non-scaling-stroke' }}
            />
          );
        if (face > 3) return null;
        const us = polygon.map(([u]) => u);
        const [a, b] = [Math.min(...us), Math.max(...us)];
        const across = face % 2 === 0;
        const still = [0, w, d, 0][face]!;
        const ends = across ? { x1: a, x2: b, y1: still, y2: still } : { x1: still, x2: still, y1: a, y2: b };
        return (
          <g key={i}>
            <line {...ends} stroke="var(--ink)" strokeWidth="9" style={{ vectorEffect: 'non-scaling-stroke' }} />
            <line {...ends} stroke="#ffffff" strokeWidth="6" style={{ vectorEffect: 'non-scaling-stroke' }} />
          </g>
        );
      })}
    </g>
  );
}

function Positions({ description, position, onPosition }: Props) {
  const positions = useMemo(() => usualPositions(lightRoomOf(description)), [description]);
  const size = Math.max(description.widthM, description.depthM);
  return (
    <g>
      {positions.map(({ name, at, normal }) => (
        <circle
          key={name}
          cx={at[0] + normal[0] * size * 0.045}
          cy={at[1] + normal[1] * size * 0.045}
          r={size * 0.028}
          fill={name === position ? 'var(--ink)' : 'var(--raised)'}
          stroke="var(--ink)"
          strokeWidth="2"
          style={{ vectorEffect: 'non-scaling-stroke' }}
          pointerEvents="none"
        />
      ))}
      {positions.map(({ name, at, normal }) => (
        <circle
          key={name}
          cx={at[0] + normal[0] * size * 0.045}
          cy={at[1] + normal[1] * size * 0.045}
          r={size * 0.05}
          fill="transparent"
          className="cursor-pointer"
          data-position={name}
          onClick={() => onPosition(name)}
        />
      ))}
    </g>
  );
}

/**
 * The room from above to scale, turned to true north: windows, the sun's way and where it falls; tapping a wall puts a window in it, and
 * what is in the walls is dragged along them.
 */
export function RoomPlan(props: Props) {
  const { description, path, sun, beam } = props;
  const { widthM: w, depthM: d, bearingDeg, lamps } = description;
  const scale = scaleOf(w, d);
  const up = sun && sun.altitudeDeg > 0 ? sun : undefined;
  const [sx, sy] = up ? onSky(up) : [0, 0];
  return (
    <svg
      viewBox="-130 -130 260 260"
      className="aspect-square w-full max-w-105"
      role="group"
      aria-label="Plan of the room, north up"
    >
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
      <g transform={`rotate(${bearingDeg}) scale(${scale}) translate(${-w / 2} ${-d / 2})`}>
        <rect width={w} height={d} fill="var(--panel)" />
        {up && beam && <SunPatches description={description} sun={up} />}
        <Walls {...props} />
        <PlanOpenings
          widthM={w}
          depthM={d}
          openings={props.openings}
          say={props.say}
          onMove={props.onMove}
          tapM={(2 * TAP.inside) / scale}
        />
        <g aria-hidden stroke="var(--soft)" strokeWidth="2" pointerEvents="none">
          {lamps.map((lamp, i) => (
            <g key={i} transform={`translate(${lamp.xM} ${lamp.yM}) scale(${Math.max(w, d) * 0.02})`}>
              <path d="M-1 -1 L1 1 M1 -1 L-1 1" style={{ vectorEffect: 'non-scaling-stroke' }} />
            </g>
          ))}
        </g>
        <Positions {...props} />
      </g>
    </svg>
  );
}
