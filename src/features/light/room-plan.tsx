'use client';

import { useMemo, useState } from 'react';
import { lightRoomOf } from '@/core/light/light-room-of';
import type { RoomDescription } from '@/core/light/room-description';
import { FACES } from '@/core/light/box';
import { sunPatches } from '@/core/light/sun-patch';
import type { SunPosition } from '@/core/light/sun';
import { engineRoomOf, positionsOf } from '@/core/engine/engine-rooms';
import { isBox } from '@/core/light/any-room';
import { plannedRoomOf } from '@/core/light/plan/planned-description';
import type { PlannedDescription } from '@/core/light/plan/planned-fields';
import { sunOnPlan } from '@/core/light/plan/sun-in-plan';
import type { Wall } from '@/core/room/facing';
import { boundsOf, boxPlan, onWall, wallLine, type Plan, type Point } from '@/core/room/plan';
import { PlanOpenings, type PlanOpening } from './plan-openings';
import { PlanSky, ROOM_REACH } from './plan-sky';
import { pointsOf, stretchOf, wallLineOf, type PlanLine } from './plan-walls';
import { shownMoved, WallHandles, type MovedWall } from './wall-handles';
import { RAD } from '@/core/base/angles';

type Props = {
  readonly description: RoomDescription | PlannedDescription;
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
  /** Moves a wall outward; a box has no such handles. */
  readonly onMoveWall?: (wall: number, outM: number) => void;
};

/**
 * What a finger needs, in plan units: 44 px across where the plan is drawn at its usual size; a little of it inside, where the positions
 * are.
 */
const TAP = { outside: 25, inside: 6 } as const;

/** The plan as it is drawn: its walls, and what turns metres into plan units. */
type Drawn = { readonly plan: Plan; readonly scale: number };

function Walls({ drawn: { plan, scale }, bearingKnown, wallNames, onAddWindow }: Props & { readonly drawn: Drawn }) {
  const [outside, inside] = [TAP.outside / scale, TAP.inside / scale];
  return plan.map((_, wall) => {
    const [x0, y0, x1, y1] = wallLineOf(plan, wall);
    const { inward } = wallLine(plan, wall);
    const out = (outside - inside) / 2;
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
        <line
          {...{ x1: x0, y1: y0, x2: x1, y2: y1 }}
          transform={`translate(${-out * inward[0]} ${-out * inward[1]})`}
          stroke="transparent"
          strokeWidth={outside + inside}
        />
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
  });
}

/** A bright line along a wall. */
function LitStretch({ line: [x1, y1, x2, y2] }: { readonly line: PlanLine }) {
  return (
    <g>
      <line {...{ x1, y1, x2, y2 }} stroke="var(--ink)" strokeWidth="9" style={{ vectorEffect: 'non-scaling-stroke' }} />
      <line {...{ x1, y1, x2, y2 }} stroke="#ffffff" strokeWidth="6" style={{ vectorEffect: 'non-scaling-stroke' }} />
    </g>
  );
}

/** Patches of sun in a box: on the floor as they fall, on walls as a bright line along them. */
function SunInBox({ description, sun }: { readonly description: RoomDescription; readonly sun: SunPosition }) {
  const room = useMemo(() => lightRoomOf(description), [description]);
  const patches = sunPatches(room, sun);
  const { widthM: w, depthM: d } = description;
  return patches.map(({ face, polygon }, i) => {
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
    const [from, to] = [Math.min(...us), Math.max(...us)];
    const still = [0, w, d, 0][face]!;
    return <LitStretch key={i} line={face % 2 === 0 ? [from, still, to, still] : [still, from, still, to]} />;
  });
}

/** The same in a room of any plan, past what stands in it and its own walls outside. */
function SunInPlan({ description, sun }: { readonly description: PlannedDescription; readonly sun: SunPosition }) {
  const room = useMemo(() => plannedRoomOf(description), [description]);
  const { floor, walls, cellM } = useMemo(() => sunOnPlan(room, sun), [room, sun]);
  return (
    <>
      <g fill="#ffffff">
        {floor.map(({ x, y, length }, k) => (
          <rect key={k} x={x} y={y} width={length} height={cellM * 1.02} />
        ))}
      </g>
      {walls.map(({ wall, fromM, toM }, k) => (
        <LitStretch key={k} line={stretchOf(room.plan, wall, fromM, toM)} />
      ))}
    </>
  );
}

function Positions({ description, drawn: { plan }, position, onPosition }: Props & { readonly drawn: Drawn }) {
  const positions = useMemo(() => positionsOf(engineRoomOf(description).room, 'usual'), [description]);
  const { widthM, depthM } = boundsOf(plan);
  const size = Math.max(widthM, depthM);
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

/** What slopes and stands in a room, and what is glazed above: outlines over the floor. */
function Above({ description }: { readonly description: PlannedDescription }) {
  const { plan, slopes, roofWindows, boxes } = description;
  const { widthM, depthM } = boundsOf(plan);
  const reach = 0.06 * Math.max(widthM, depthM);
  const thin = { vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <g aria-hidden pointerEvents="none" fill="none" stroke="var(--soft)" strokeWidth="1.5">
      {boxes.map((box, k) => (
        <rect
          key={k}
          x={box.atM[0]}
          y={box.atM[1]}
          width={box.widthM}
          height={box.depthM}
          fill="var(--region)"
          stroke="var(--ink)"
          style={thin}
        />
      ))}
      {slopes.map(({ wall }, k) => {
        const { inward } = wallLine(plan, wall);
        const [x1, y1, x2, y2] = wallLineOf(plan, wall);
        return [1, 2, 3].map((n) => (
          <line
            key={`${k} ${n}`}
            {...{ x1, y1, x2, y2 }}
            transform={`translate(${n * reach * inward[0]} ${n * reach * inward[1]})`}
            strokeDasharray="6 4"
            style={thin}
          />
        ));
      })}
      {roofWindows.map((w, k) =>
        'ceiling' in w ? (
          <rect key={k} x={w.atM[0]} y={w.atM[1]} width={w.widthM} height={w.depthM} stroke="var(--ink)" style={thin} />
        ) : (
          <polygon key={k} points={pointsOf(inSlope(plan, slopes[w.slope]!, w))} stroke="var(--ink)" style={thin} />
        ),
      )}
    </g>
  );
}

type InSlope = { readonly leftM: number; readonly upM: number; readonly widthM: number; readonly heightM: number };
/** Corners over the floor of a window in a slope. */
function inSlope(plan: Plan, { wall, pitchDeg }: PlannedDescription['slopes'][number], w: InSlope): Plan {
  const { inward } = wallLine(plan, wall);
  const level = Math.cos(pitchDeg * RAD);
  const at = (s: number, up: number): Point => {
    const [x, y] = onWall(plan, wall, s);
    return [x + up * level * inward[0], y + up * level * inward[1]];
  };
  const [right, top] = [w.leftM + w.widthM, w.upM + w.heightM];
  return [at(w.leftM, w.upM), at(right, w.upM), at(right, top), at(w.leftM, top)];
}

/**
 * The room from above to scale, turned to true north: windows, the sun's way and where it falls; tapping a wall puts a window in it, and
 * what is in the walls is dragged along them.
 */
export function RoomPlan(props: Props) {
  const { description, path, sun, beam } = props;
  const { bearingDeg, lamps } = description;
  const [moved, setMoved] = useState<MovedWall>();
  const still = isBox(description) ? boxPlan(description.widthM, description.depthM) : description.plan;
  const plan = moved ? shownMoved(still, moved) : still;
  const { from, widthM: w, depthM: d } = boundsOf(still);
  const scale = (2 * ROOM_REACH) / Math.hypot(w, d);
  const drawn: Drawn = { plan, scale };
  const up = sun && sun.altitudeDeg > 0 ? sun : undefined;
  return (
    <svg
      viewBox="-130 -130 260 260"
      className="aspect-square w-full max-w-105"
      role="group"
      aria-label="Plan of the room, north up"
    >
      <PlanSky path={path} up={up} beam={beam} />
      <g transform={`rotate(${bearingDeg}) scale(${scale}) translate(${-from[0] - w / 2} ${-from[1] - d / 2})`}>
        <polygon points={pointsOf(plan)} fill="var(--panel)" />
        {up && beam && !moved && (
          <g pointerEvents="none" data-testid="sun-patch">
            {isBox(description) ? <SunInBox {...{ description }} sun={up} /> : <SunInPlan {...{ description }} sun={up} />}
          </g>
        )}
        {!isBox(description) && <Above description={description} />}
        <Walls {...props} drawn={drawn} />
        <PlanOpenings
          plan={plan}
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
        <Positions {...props} drawn={drawn} />
        {props.onMoveWall && (
          <WallHandles
            plan={still}
            shown={plan}
            names={props.wallNames}
            say={props.say}
            reachM={TAP.outside / scale}
            moved={moved}
            onDrag={setMoved}
            onMove={props.onMoveWall}
          />
        )}
      </g>
    </svg>
  );
}
