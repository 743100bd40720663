'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { sizeOf } from '@/core/derived/describe-room';
import { dressOf, type Tried } from '@/core/engine/standing-dress';
import { patternOf, seedOf } from '@/core/pattern/pattern';
import type { Room } from '@/core/record/room';
import { FieldError } from '@/ui/field';
import { saveFile } from '@/ui/save-file';
import { useTableKeys } from '@/ui/use-keys';
import { useCursorPart, useReadCursor, useSetCursor } from '../../cursor/cursor';
import { latest } from '../../light-client/light-worker';
import { momentIndex, useShownDay } from '../../light-client/room-day';
import { useStanding } from '../../light-client/standing';
import { keepPicture } from '../../session/keep-picture';
import { useHome, useRoom, useVisitWrite } from '../../session/visit-context';
import { sayClock, sayWhen } from '../../words/say-light';
import { Controls } from './controls';
import { STANDING_KEYS } from './keys';
import { Picture } from './picture';
import { sayTried, sayWalls } from './say-tried';
import type { ComponentPicture, Drawing } from './scene';
import { movedTo, standAt, stepped, turned, type Stand, type StandPlace } from './stand';
import { StandPlan } from './stand-plan';

const STEP_DEG = 10;
const STEP_M = 0.25;

/** The place an address asks to stand at. */
const askedPlace = (): StandPlace => (new URLSearchParams(window.location.search).get('stand') as StandPlace | null) ?? 'middle';

/** Where one stands and looks, and what moves and turns one. */
function useStand(room: Room) {
  const size = useMemo(() => sizeOf(room), [room]);
  const [from, setFrom] = useState<StandPlace | 'here'>(askedPlace);
  const [stand, setStand] = useState<Stand>(() => standAt(askedPlace(), room, size));
  const place = (next: StandPlace) => {
    setFrom(next);
    setStand(standAt(next, room, size));
  };
  const move = (to: (stand: Stand) => Stand) => {
    const next = to(stand);
    if (next === stand) return;
    setFrom('here');
    setStand(next);
  };
  return {
    size,
    from,
    stand,
    place,
    turn: (right: number, up = 0) => setStand((s) => turned(s, right, up)),
    go: (x: number, y: number) => move((s) => movedTo(s, [x, y], size)),
    step: (metres: number) => move((s) => stepped(s, metres, size)),
  };
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

/** Pictures of components are so large: on a floor of 3 m one of their places is 12 mm, and several are made within 50 ms. */
const PICTURE = { width: 240, height: 160 } as const;

/** How the components of what stays lie, each drawn once. */
function usePictures({ stays, schemes }: Room) {
  const drawn = useRef(new Map<string, ComponentPicture>());
  return useMemo(() => {
    const things = [...stays, ...schemes.flatMap((s) => s.things)];
    return (key: string): ComponentPicture | undefined => {
      const thing = things.find((t) => t.id === key);
      if (!thing) return undefined;
      const name = JSON.stringify([key, thing.components.map((c) => [c.name, c.share])]);
      const known = drawn.current.get(name) ?? { ...PICTURE, labels: patternOf(thing.components, PICTURE, seedOf(key)) };
      drawn.current.set(name, known);
      return known;
    };
  }, [stays, schemes]);
}

const AS_IT_IS: Tried = { walls: '', half: '', stays: true };

/** One picture, with what is tried in it. */
function useShown(roomId: string, room: Room, tried: Tried | null) {
  const dress = useMemo(() => tried && dressOf(room, tried), [room, tried]);
  const computed = useStanding(roomId, dress);
  const answer = latest(computed);
  return { computed, shown: answer && (answer.facets ? answer : null) };
}

const SKY_WORDS = { clear: 'clear sky', broken: 'broken sky', overcast: 'overcast' } as const;
/** So much is kept of it; names may be long. */
const MOST_SAID = 300;

/** What is on the walls, when, under which sky, and whether lamps are on: for whoever reads it on a sheet. */
function usePredicted(room: Room, tried: Tried): string {
  const { place } = useHome();
  const at = useCursorPart((m) => m.at);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const day = useShownDay(room.id)?.day;
  const sky = day ? `, ${SKY_WORDS[day.skies[momentIndex(day, at)]!]}` : '';
  const when = `${sayWhen(new Date(at).toISOString(), place.timeZone)}${sky}${lampsOn ? ', lamps on' : ''}`;
  const what = sayTried(room, tried);
  return `${what.slice(0, MOST_SAID - when.length - 2)}, ${when}`;
}

/** Keeps what is seen: as a file, or on the client’s sheet; undefined while there is nothing to keep. */
function useKeep(room: Room, drawing: Drawing | null, predicted: string) {
  const write = useVisitWrite();
  if (!drawing) return undefined;
  const png = async (): Promise<Blob | undefined> => {
    const made = await drawing.png();
    if (!made) toast.error('The picture could not be made.');
    return made ?? undefined;
  };
  return {
    save: async (clock: string) => {
      const made = await png();
      if (made) saveFile(made, `${room.name} at ${clock.replace(':', '.')}, predicted.png`);
    },
    forClient: async () => {
      const made = await png();
      if (!made) return;
      const refused = await keepPicture(write, { roomId: room.id, file: made, settings: 'unknown', predicted });
      if (refused) toast.error(`The picture ${refused}.`);
      else toast.success('On the client’s sheet, as predicted. It stands under Record, too.');
    },
  };
}

/** The room as one would see it who stands in it: predicted, with what is on the walls, or colours and schemes that are tried. */
export function StandingView({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const { place } = useHome();
  const clock = sayClock(
    useCursorPart((m) => m.at),
    place.timeZone,
  );
  const [tried, setTried] = useState<Tried>(AS_IT_IS);
  const [beside, setBeside] = useState<string | null>(null);
  const [drawing, setDrawing] = useState<Drawing | null>(null);
  const standing = useStand(room);
  const { size, stand, turn } = standing;
  const pictureOf = usePictures(room);
  const other = useMemo(() => (beside === null ? null : { walls: beside, half: '', stays: tried.stays }), [beside, tried.stays]);
  const left = useShown(roomId, room, tried);
  const right = useShown(roomId, room, other ?? tried);
  const { playing, play } = useDayPlayed(roomId, left.computed.state === 'done' && right.computed.state === 'done');
  const predicted = usePredicted(room, tried);
  const keep = useKeep(room, left.shown ? drawing : null, predicted);
  const choose = (next: Tried) => setTried(beside === null ? next : { ...next, half: '' });
  useTableKeys(STANDING_KEYS, {
    turn: (which) => turn(which === 0 ? -STEP_DEG : STEP_DEG),
    raise: (which) => turn(0, which === 0 ? STEP_DEG : -STEP_DEG),
    step: (which) => standing.step(which === 0 ? STEP_M : -STEP_M),
    walls: (k) => choose({ ...tried, walls: k === 0 ? '' : (room.candidates[k - 1]?.id ?? tried.walls) }),
    play,
  });
  const dark = `At ${clock} it is too dark to see colours here. Put the lamps on, or move the cursor.`;
  const common = { pictureOf, stand, dark, onTurn: turn };
  const says = (of: Tried) => `${room.name} as one stands in it, ${sayTried(room, of)}, predicted`;
  return (
    <div className="grid gap-3">
      {left.computed.state === 'failed' && <FieldError>{left.computed.says}</FieldError>}
      <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_16rem]">
        <div className="grid min-w-0 content-start gap-2">
          <div className="flex min-w-0 gap-1 max-sm:flex-col">
            <Picture
              {...common}
              shown={left.shown}
              computing={left.computed.state === 'computing'}
              says={says(tried)}
              onDrawing={setDrawing}
              {...(other && { title: sayWalls(room, tried.walls) })}
            />
            {other && (
              <Picture
                {...common}
                shown={right.shown}
                computing={right.computed.state === 'computing'}
                says={says(other)}
                title={sayWalls(room, other.walls)}
              />
            )}
          </div>
          <p className="text-sm text-soft">
            Predicted, {predicted}: the computed light on every surface, the sun where it falls, each window in one colour of what
            is outside. What stays stands as boxes of usual size where there is room for them, floors and worktops with their
            pattern; texture is not shown, and what stands there throws no shadow. Drag to turn, or Shift with the arrow keys;
            Shift and W or S for a step; 0 shows the walls as they are, 1–9 a colour that is tried.
          </p>
        </div>
        <Controls
          {...{ room, tried, beside, playing }}
          from={standing.from}
          onPlace={standing.place}
          onTry={choose}
          onBeside={(walls) => {
            setBeside(walls);
            if (walls !== null) setTried({ ...tried, half: '' });
          }}
          onPlay={play}
          onSave={keep && (() => void keep.save(clock))}
          onForClient={keep && (() => void keep.forClient())}
        >
          <StandPlan {...{ room, size, stand }} onStand={standing.go} />
        </Controls>
      </div>
    </div>
  );
}
