'use client';

import { sizeOf, type Size } from '@/core/derived/describe-room';
import { middleOf, onWall, planOf, wallLine, wallsOf } from '@/core/room/plan';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Download, Play, Square } from 'lucide-react';
import { toast } from 'sonner';
import { AS_DECIDED, dressOf, type Tried } from '@/core/engine/standing-dress';
import type { StandingAnswer } from '@/core/engine/standing-room';
import type { Room } from '@/core/record/room';
import { wallName, type Wall } from '@/core/room/facing';
import { Button } from '@/ui/button';
import { classNames } from '@/ui/class-names';
import { ChoiceField, FieldError } from '@/ui/field';
import { saveFile } from '@/ui/save-file';
import { useTableKeys } from '@/ui/use-keys';
import { useCursorPart, useReadCursor, useSetCursor } from '../cursor/cursor';
import { latest } from '../light-client/light-worker';
import { useShownDay } from '../light-client/room-day';
import { useStanding } from '../light-client/standing';
import { useHome, useRoom } from '../session/visit-context';
import { sayClock } from '../words/say-light';
import { STANDING_KEYS } from './standing-keys';
import type { Drawing, Stand } from './standing-scene';

/** How high the eyes are of one who stands, metres. */
const EYE_M = 1.6;
const STEP_DEG = 10;
const MOST_UP_DEG = 75;
/** Degrees a drag over the whole width turns. */
const DRAG_DEG = 90;

type Box = Size;

/** Where one may stand: in the middle, or with the back to a wall. */
type Place = 'middle' | Wall;
/** From a wall into the room, and which way one looks from there. */
const AWAY_M = 0.5;
function standAt(place: Place, size: Box): Stand {
  const { widthM, depthM, heightM } = size;
  const eyeM = Math.min(EYE_M, heightM - 0.2);
  const plan = planOf(size);
  const [x, y] = middleOf(plan);
  const middle = { x, y, eyeM, upDeg: 0 };
  if (place === 'middle') return { ...middle, turnDeg: 0 };
  const away = Math.min(AWAY_M, widthM / 3, depthM / 3);
  const { inward, length } = wallLine(plan, place);
  const [wx, wy] = onWall(plan, place, length / 2);
  const turnDeg = ((Math.atan2(inward[0], -inward[1]) * 180) / Math.PI + 360) % 360;
  // in a box from the middle of the wall too
  return { ...middle, x: wx + away * inward[0], y: wy + away * inward[1], turnDeg };
}

/** The drawing in a canvas, made when it is first shown; null where the browser cannot draw in space. */
function useDrawing() {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [drawing, setDrawing] = useState<Drawing | null>();
  useEffect(() => {
    let made: Drawing | undefined;
    let gone = false;
    // three is large, and asked for by whoever looks
    void import('./standing-scene').then(({ drawingIn }) => {
      if (gone || !canvas.current) return;
      made = drawingIn(canvas.current);
      setDrawing(made ?? null);
    });
    return () => {
      gone = true;
      made?.end();
    };
  }, []);
  return { canvas, drawing };
}

/** Keeps a canvas as large as its frame, what is shown in it, and the way one looks. */
function useShown(
  drawing: Drawing | null | undefined,
  { box, shown, stand }: { box: Box; shown: StandingAnswer | undefined; stand: Stand },
) {
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const { current } = frame;
    if (!drawing || !current) return;
    const resize = () => drawing.resize(current.clientWidth, current.clientHeight);
    resize();
    const observer = new ResizeObserver(resize);
    observer.observe(current);
    return () => observer.disconnect();
  }, [drawing]);
  useEffect(() => {
    if (drawing && shown?.faces) drawing.show(box, shown.faces);
    else if (drawing && shown?.facets) drawing.showFacets(shown.facets);
  }, [drawing, shown, box]);
  useEffect(() => drawing?.look(stand), [drawing, stand]);
  return frame;
}

/** Where one stands and looks, and what turns one. */
function useStand(box: Box) {
  const [from, setFrom] = useState<Place>('middle');
  const [stand, setStand] = useState(() => standAt('middle', box));
  const turn = (right: number, up = 0) =>
    setStand((s) => ({
      ...s,
      turnDeg: (s.turnDeg + right + 360) % 360,
      upDeg: Math.max(-MOST_UP_DEG, Math.min(MOST_UP_DEG, s.upDeg + up)),
    }));
  const choose = (next: Place) => {
    setFrom(next);
    setStand(standAt(next, box));
  };
  return { from, stand, turn, choose };
}

type ControlsProps = {
  readonly room: Room;
  readonly from: Place;
  readonly onStand: (place: Place) => void;
  readonly tried: Tried;
  readonly onTry: (tried: Tried) => void;
  readonly playing: boolean;
  readonly onPlay: () => void;
  /** undefined while there is nothing to keep. */
  readonly onKeep: (() => void) | undefined;
};

function Controls({ room, from, onStand, tried, onTry, onKeep, playing, onPlay }: ControlsProps) {
  const colours = room.candidates.map((c) => (
    <option key={c.id} value={c.id}>
      {c.name} {c.strength} %
    </option>
  ));
  return (
    <div className="flex flex-wrap items-end gap-3">
      <ChoiceField label="Stand" value={String(from)} onChange={(v) => onStand(v === 'middle' ? v : (Number(v) as Place))}>
        <option value="middle">in the middle</option>
        {wallsOf(room).map((wall) => (
          <option key={wall} value={wall}>
            with the back to the {wallName(room, wall)}
          </option>
        ))}
      </ChoiceField>
      <ChoiceField label="On the walls" value={tried.walls} onChange={(walls) => onTry({ ...tried, walls })}>
        <option value="">as they are</option>
        <option value={AS_DECIDED}>as decided</option>
        {colours}
      </ChoiceField>
      <ChoiceField label="Right half of each wall" value={tried.half} onChange={(half) => onTry({ ...tried, half })}>
        <option value="">the same</option>
        {colours}
      </ChoiceField>
      <Button aria-pressed={playing} onClick={onPlay}>
        {playing ? <Square aria-hidden size={18} /> : <Play aria-hidden size={18} />} A day in ten seconds
      </Button>
      <Button disabled={!onKeep} onClick={onKeep}>
        <Download aria-hidden size={18} /> A still for the client
      </Button>
    </div>
  );
}

type PictureProps = {
  readonly box: Box;
  /** null where it is too dark to judge. */
  readonly shown: StandingAnswer | null | undefined;
  readonly computing: boolean;
  readonly stand: Stand;
  readonly onTurn: (right: number, up: number) => void;
  readonly says: string;
  readonly onDrawing: (drawing: Drawing | null) => void;
  readonly dark: string;
};

/** The picture: turned by dragging, as large as there is room. */
function Picture({ box, shown, computing, stand, onTurn, says, onDrawing, dark }: PictureProps) {
  const { canvas, drawing } = useDrawing();
  const frame = useShown(drawing, { box, shown: shown ?? undefined, stand });
  useEffect(() => {
    if (drawing !== undefined) onDrawing(drawing);
  }, [drawing, onDrawing]);
  return (
    <>
      {drawing === null && (
        <p role="alert">This browser cannot draw in space. The four walls are drawn flat under “Four walls”.</p>
      )}
      <div
        ref={frame}
        className={classNames(
          'relative h-[min(calc(100dvh-27rem),44rem)] min-h-72 cursor-grab touch-none bg-line',
          drawing === null && 'hidden',
        )}
        aria-busy={computing}
        onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
        onPointerMove={(e) => {
          if (e.buttons !== 1) return;
          const { clientWidth } = e.currentTarget;
          onTurn((-e.movementX * DRAG_DEG) / clientWidth, (e.movementY * DRAG_DEG) / clientWidth);
        }}
      >
        <canvas ref={canvas} role="img" aria-label={says} data-shown={shown ? 'room' : 'nothing'} className="h-full w-full" />
        {shown === null && <p className="absolute inset-0 grid place-items-center bg-panel p-4 text-soft">{dark}</p>}
      </div>
    </>
  );
}

const AS_IT_IS: Tried = { walls: '', half: '' };

/** "Esk Mossen 75 % on all walls, the right half of each Esk Mossen 50 %". */
function sayTried(room: Room, { walls, half }: Tried): string {
  const named = (id: string) => {
    const candidate = room.candidates.find((c) => c.id === id);
    return candidate && `${candidate.name} ${candidate.strength} %`;
  };
  const colour = named(walls);
  const all = colour ? `${colour} on all walls` : walls === AS_DECIDED ? 'the walls as decided' : 'the walls as they are';
  const other = named(half);
  return other ? `${all}, the right half of each ${other}` : all;
}

/** A day is played in so many pictures at most, one each quarter of a second where they are computed so fast. */
const PICTURES = 40;
const EVERY_MS = 250;

/** Moves the cursor through the hours of light, a picture after the other; what is asked next waits for what was asked. */
function useDayPlayed(roomId: string, ready: boolean) {
  const set = useSetCursor();
  const read = useReadCursor();
  const day = useShownDay(roomId)?.day;
  const [playing, setPlaying] = useState(false);
  const isLit = (m: number) => day!.daylight[m]!.some((l) => l.lux >= 1);
  const lit = day ? day.moments.filter((_, m) => isLit(m)) : [];
  const [first, last] = [lit[0], lit.at(-1)];
  useEffect(() => {
    if (!playing || !ready || first === undefined || last === undefined) return;
    const timer = setTimeout(() => {
      const next = read().at + (last - first) / PICTURES;
      set({ at: Math.min(last, next) });
      if (next >= last) setPlaying(false);
    }, EVERY_MS);
    return () => clearTimeout(timer);
  });
  const play = () => {
    if (!playing && first !== undefined) set({ at: first });
    setPlaying(!playing && first !== undefined);
  };
  return { playing, play };
}

/** The room as one would see it who stands in it: predicted, with what is on the walls or a colour that is tried. */
export function StandingView({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const { place } = useHome();
  const { widthM, depthM, heightM, shape } = sizeOf(room);
  const box = useMemo(() => ({ widthM, depthM, heightM, shape }), [widthM, depthM, heightM, shape]);
  const clock = sayClock(
    useCursorPart((m) => m.at),
    place.timeZone,
  );
  const [tried, setTried] = useState<Tried>(AS_IT_IS);
  const [drawing, setDrawing] = useState<Drawing | null>(null);
  const { from, stand, turn, choose } = useStand(box);
  const dress = useMemo(() => dressOf(room, tried), [room, tried]);
  const computed = useStanding(roomId, dress);
  const { playing, play } = useDayPlayed(roomId, computed.state === 'done');
  const answer = latest(computed);
  const shown = answer && (answer.faces ?? answer.facets) ? answer : answer && null;
  useTableKeys(STANDING_KEYS, {
    turn: (which) => turn(which === 0 ? -STEP_DEG : STEP_DEG),
    raise: (which) => turn(0, which === 0 ? STEP_DEG : -STEP_DEG),
    walls: (k) => setTried({ ...tried, walls: k === 0 ? '' : (room.candidates[k - 1]?.id ?? tried.walls) }),
    play,
  });
  const keep = async () => {
    const png = await drawing?.png();
    if (!png) return void toast.error('The picture could not be made.');
    saveFile(png, `${room.name} at ${clock.replace(':', '.')}, predicted.png`);
  };
  const on = sayTried(room, tried);
  return (
    <div className="grid gap-3">
      <Controls
        {...{ room, from, tried, playing }}
        onPlay={play}
        onStand={choose}
        onTry={setTried}
        onKeep={drawing && shown ? () => void keep() : undefined}
      />
      {computed.state === 'failed' && <FieldError>{computed.says}</FieldError>}
      <Picture
        {...{ box, shown, stand }}
        computing={computed.state === 'computing'}
        onTurn={turn}
        onDrawing={setDrawing}
        says={`${room.name} as one stands in it, ${on}, predicted`}
        dark={`At ${clock} it is too dark to see colours here. Put the lamps on, or move the cursor.`}
      />
      <p className="text-sm text-soft">
        Predicted, {on}: the computed light on every surface, the sun where it falls, each window in one colour of what is
        outside; trim, doors and ceiling as decided or as they stay; no furniture but what stands there as boxes, and no texture.
        Drag to turn, or Shift with the arrow keys; 0 shows the walls as they are, 1–9 a colour that is tried.
      </p>
    </div>
  );
}
