'use client';

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { alongWall, doorSegment, wallSegment } from '@/core/house/box-walls';
import { inPlan, rectOf, type FloorPlan, type PlacedDoor, type PlacedRoom } from '@/core/house/floor-plan';
import { laidOut, type JoinedView } from '@/core/house/joined-rooms';
import type { Point } from '@/core/house/quarter-turns';
import { WALLS } from '@/core/room/facing';

type Props = {
  readonly plan: FloorPlan;
  readonly nameOf: (roomId: string) => string;
  /** The view that is looked at: where one stands, and along what. */
  readonly view: JoinedView | undefined;
  /** Doors through which something breaks: marked. */
  readonly weak: ReadonlySet<string>;
  /** A room was put elsewhere, by so many metres; undefined where nothing may be moved. */
  readonly onMove: ((roomId: string, by: Point) => void) | undefined;
};

/** Around all of them, metres; and how far an arrow key moves a room. */
const EDGE_M = 0.5;
const KEY_M = 0.25;
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-KEY_M, 0],
  ArrowRight: [KEY_M, 0],
  ArrowUp: [0, -KEY_M],
  ArrowDown: [0, KEY_M],
};

const line = ([p, q]: readonly [Point, Point]) => ({ x1: p[0], y1: p[1], x2: q[0], y2: q[1] });

function Room({ room, moved, ...rest }: { readonly room: PlacedRoom; readonly moved: Point } & React.SVGProps<SVGGElement>) {
  const { x0, y0, x1, y1 } = rectOf(room);
  return (
    <g transform={`translate(${moved[0]} ${moved[1]})`} data-room={room.id} {...rest}>
      <rect x={x0} y={y0} width={x1 - x0} height={y1 - y0} fill="var(--raised)" />
      {WALLS.map((wall) => (
        <line
          key={wall}
          {...line(wallSegment(room, wall).map((p) => inPlan(room, p)) as [Point, Point])}
          stroke="var(--ink)"
          strokeWidth={0.12}
          strokeLinecap="square"
        />
      ))}
    </g>
  );
}

/** A room's name over everything else. */
function Name({ room, name, moved }: { readonly room: PlacedRoom; readonly name: string; readonly moved: Point }) {
  const { x0, y0, x1, y1 } = rectOf(room);
  const size = Math.min(0.46, ((x1 - x0) * 1.7) / Math.max(4, name.length));
  return (
    <g transform={`translate(${moved[0]} ${moved[1]})`}>
      <text
        x={(x0 + x1) / 2}
        y={(y0 + y1) / 2 + size / 3}
        textAnchor="middle"
        fontSize={size}
        fill="var(--ink)"
        stroke="var(--raised)"
        strokeWidth={size / 4}
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  );
}

const mid = ([p, q]: readonly [Point, Point]): Point => [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2];

/** A door as a gap in the wall: broken where nobody measured where it stands. */
function Door({
  door,
  rooms,
  weak,
}: {
  readonly door: PlacedDoor;
  readonly rooms: readonly PlacedRoom[];
  readonly weak: boolean;
}) {
  return door.placed.map(({ roomId, wall, leftM }) => {
    const room = rooms.find((r) => r.id === roomId);
    if (!room) return null;
    const segment = doorSegment(room, wall, leftM, door.widthM).map((p) => inPlan(room, p)) as [Point, Point];
    return (
      <g key={roomId}>
        <line {...line(segment)} stroke="var(--raised)" strokeWidth={0.16} />
        {(door.assumed || door.stairs) && (
          <line
            {...line(segment)}
            stroke="var(--ink)"
            strokeWidth={0.05}
            strokeDasharray={door.stairs ? '0.08 0.08' : '0.2 0.14'}
          />
        )}
        {weak && (
          <path d="M-0.22 0.19 L0.22 0.19 L0 -0.19 Z" transform={`translate(${mid(segment).join(' ')})`} fill="var(--ink)" />
        )}
      </g>
    );
  });
}

/** Where one stands and along what one looks. */
function SightLine({ view, rooms }: { readonly view: JoinedView; readonly rooms: readonly PlacedRoom[] }) {
  const [from, to] = [rooms.find((r) => r.id === view.fromId), rooms.find((r) => r.id === view.toId)];
  if (!from || !to || from.part !== to.part) return null;
  const at = inPlan(from, view.at);
  const long = view.farSide % 2 === 0 ? to.widthM : to.depthM;
  const end = inPlan(to, alongWall(to, view.farSide, long / 2));
  return (
    <g aria-hidden>
      <line {...line([at, end])} stroke="var(--ink)" strokeWidth={0.06} strokeDasharray="0.2 0.14" />
      <circle cx={at[0]} cy={at[1]} r={0.16} fill="var(--ink)" />
    </g>
  );
}

type Moving = { readonly roomId: string; readonly from: Point; readonly by: Point };

/** The plan of the house, rooms placed by their doors; a room is dragged, or moved by the arrows, to where it lies. */
export function PlanDrawing({ plan, nameOf, view, weak, onMove }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [moving, setMoving] = useState<Moving>();
  const { shifts, width, height } = laidOut(plan.parts);
  const at = (event: PointerEvent): Point => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return [p.x, p.y];
  };
  const movedBy = (roomId: string): Point => (moving?.roomId === roomId ? moving.by : [0, 0]);
  const drag = (roomId: string) =>
    onMove && {
      tabIndex: 0,
      role: 'button',
      'aria-label': `${nameOf(roomId)}: drag it, or move it with the arrows`,
      className: 'cursor-move outline-offset-4',
      onPointerDown: (e: PointerEvent<SVGGElement>) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setMoving({ roomId, from: at(e), by: [0, 0] });
      },
      onPointerMove: (e: PointerEvent) => {
        if (moving?.roomId !== roomId) return;
        const [x, y] = at(e);
        setMoving({ ...moving, by: [x - moving.from[0], y - moving.from[1]] });
      },
      onPointerUp: () => {
        if (moving && Math.hypot(...moving.by) > 0.1) onMove(roomId, moving.by);
        setMoving(undefined);
      },
      onPointerCancel: () => setMoving(undefined),
      onKeyDown: (e: KeyboardEvent) => {
        const by = ARROWS[e.key];
        if (!by) return;
        e.preventDefault();
        e.stopPropagation();
        onMove(roomId, by);
      },
    };
  return (
    <svg
      ref={svg}
      role="group"
      aria-label="The plan of the house"
      viewBox={`${-EDGE_M} ${-EDGE_M} ${width + 2 * EDGE_M} ${height + 2 * EDGE_M}`}
      className="max-h-80 w-full touch-none border border-line bg-panel select-none"
    >
      {plan.parts.map((part, k) => (
        <g key={part[0]!.id} transform={`translate(${shifts[k]![0]} ${shifts[k]![1]})`}>
          {part.map((room) => (
            <Room key={room.id} room={room} moved={movedBy(room.id)} {...drag(room.id)} />
          ))}
          <g pointerEvents="none">
            {plan.doors
              .filter((d) => d.placed.some((s) => part.some((r) => r.id === s.roomId)))
              .map((door) => (
                <Door key={door.id} door={door} rooms={part} weak={weak.has(door.id)} />
              ))}
            {view && <SightLine view={view} rooms={part} />}
            {part.map((room) => (
              <Name key={room.id} room={room} name={nameOf(room.id)} moved={movedBy(room.id)} />
            ))}
          </g>
        </g>
      ))}
    </svg>
  );
}
