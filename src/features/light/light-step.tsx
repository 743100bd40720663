'use client';

import { useMemo, useState, useSyncExternalStore } from 'react';
import { v7 } from 'uuid';
import { bearingOfWall, daylightWords, type Wall } from '@/core/room/facing';
import type { ChangedPlan } from '@/core/room/change-plan';
import { withWallMoved } from '@/core/room/change-plan';
import { planOf, wallsOf, type Plan } from '@/core/room/plan';
import { isBox, ownOf } from '@/core/light/any-room';
import { sizeOf } from '@/core/derived/describe-room';
import { openingsOf } from '@/core/derived/openings';
import type { Room } from '@/core/record/room';
import { USUAL_WINDOW } from '@/core/light/measures';
import { lengthText, lengthUnit, sayLength } from '@/core/units/length';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError } from '@/ui/field';
import { StepTitle } from '@/ui/step-title';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { useHome, useRoom, useVisitWrite } from '../session/visit-context';
import { onWent } from '../session/where';
import { momentIndex, useDayRequest, usePosition, useRoomDay, useShownDay, useScale } from '../light-client/room-day';
import { wallName } from '@/core/room/facing';
import { sayPosition } from '../words/say-light';
import { AssumptionsList } from './assumptions-list';
import { BorrowedLight } from './borrowed-light';
import { BearingField, readBearing } from './bearing-field';
import { DayChart } from './day-chart';
import { FourWalls } from './four-walls';
import { LampRows } from './lamp-rows';
import { windowDraftOf, type LightDraft } from './light-draft';
import type { PlanOpening } from './plan-openings';
import { LightMeterReadings } from './light-meter';
import { AssumedLine, LightResults } from './light-results';
import { LightStrip } from './light-strip';
import { RoomPlan } from './room-plan';
import { paintworkAfter, withChangedPlan } from './reshape';
import { ShapeSection } from './shape-section';
import { Slide } from './slide';
import { StandingView } from './standing/view';
import { OutsideSection, SizeSection, SurfacesSection } from './surfaces-section';
import { useLightDraft, type LightSaving } from './use-light-draft';
import { WindowRows } from './window-rows';

/** A new window starts from these. */
const NEW_WINDOW = { ...USUAL_WINDOW, widthM: 1.2, heightM: 1.3, leftM: null, sillM: null } as const;

const SAVING_WORDS: Record<LightSaving, string> = {
  saved: 'saved',
  saving: 'saving…',
  'not-saved': 'saved, but for what is marked ▲',
};

const VIEWS = ['room', 'day', 'walls', 'standing', 'slide', 'meter'] as const;
type View = (typeof VIEWS)[number];
const VIEW_NAMES: Readonly<Record<View, string>> = {
  room: 'The room',
  day: 'Through the day',
  walls: 'Four walls',
  standing: 'Standing in it',
  slide: 'The slide',
  meter: 'Light meter',
};

/** Windows as they are drawn and typed, and doors as they stand, each by its wall. */
function planOpenings(
  room: Room,
  { windows }: ReturnType<typeof ownOf>,
  draft: LightDraft,
  names: readonly string[],
): PlanOpening[] {
  const drawn = draft.windows.length === windows.length ? draft.windows : [];
  return [
    ...drawn.map(({ id }, i): PlanOpening => {
      const { wall, leftM, widthM } = windows[i]!;
      return { id, kind: 'window', wall, leftM, widthM, name: `Window ${i + 1} in the ${names[wall]!}` };
    }),
    ...openingsOf(room).flatMap(({ kind, id, wall, rect }): PlanOpening[] => {
      if (kind !== 'door') return [];
      const to = room.paintwork.doors.find((door) => door.id === id)!.leadsTo;
      const name = `Door${to ? ` to ${to}` : ''} in the ${names[wall]!}`;
      return [{ id, kind, wall, leftM: rect.s0, widthM: rect.s1 - rect.s0, name }];
    }),
  ];
}

type RoomViewProps = { readonly roomId: string; readonly light: ReturnType<typeof useLightDraft> };

/** Gives the room another plan, with everything that stands in its walls. */
function useReshape({ room, draft, change }: ReturnType<typeof useLightDraft>) {
  const { units } = useHome();
  const write = useVisitWrite();
  return (changed: ChangedPlan, before: Plan) => {
    change(withChangedPlan(draft, before, changed, units));
    const paintwork = paintworkAfter(room.paintwork, before, changed);
    if (paintwork) void write({ name: 'room.paintwork', roomId: room.id, paintwork: { ...room.paintwork, ...paintwork } });
  };
}

/** The plan with the sun at the cursor. */
function PlanColumn({ roomId, light }: RoomViewProps) {
  const visit = useHome();
  const write = useVisitWrite();
  const { room, draft, change, errors } = light;
  const { request } = useDayRequest(roomId);
  const day = useShownDay(roomId)?.day;
  const position = usePosition(room);
  const at = useCursorPart((m) => m.at);
  const set = useSetCursor();
  const bearing = readBearing(draft.bearing);
  const names = useMemo(
    () => wallsOf(draft).map((wall) => wallName({ bearingDeg: bearing, windows: draft.windows, shape: draft.shape }, wall)),
    [bearing, draft],
  );
  const addWindow = (wall: Wall) =>
    change({ ...draft, windows: [...draft.windows, windowDraftOf({ id: v7(), wall, ...NEW_WINDOW }, visit.units)] });
  const own = ownOf(request.room);
  const openings = planOpenings(room, own, draft, names);
  const reshape = useReshape(light);
  const move = ({ id: opening, kind }: PlanOpening, leftM: number) => {
    if (kind === 'window') {
      const left = lengthText(leftM, visit.units, 'window');
      return change({ ...draft, windows: draft.windows.map((w) => (w.id === opening ? { ...w, left } : w)) });
    }
    const doors = room.paintwork.doors.map((door) => (door.id === opening ? { ...door, leftM } : door));
    return void write({ name: 'room.paintwork', roomId: room.id, paintwork: { ...room.paintwork, doors } });
  };
  const moment = day && momentIndex(day, at);
  const length = (metres: number) => lengthText(metres, visit.units);
  const { widthM, depthM, heightM } = sizeOf(room);
  return (
    <div className="grid gap-3">
      <RoomPlan
        description={own}
        {...(isBox(own)
          ? {}
          : { onMoveWall: (wall, outM) => reshape(withWallMoved(planOf(sizeOf(room)), wall, outM), planOf(sizeOf(room))) })}
        bearingKnown={bearing !== null}
        path={day?.sun ?? []}
        sun={moment === undefined ? undefined : day!.sun[moment]}
        beam={moment !== undefined && day!.skies[moment] !== 'overcast'}
        wallNames={names}
        position={position}
        onPosition={(next) => set({ position: next })}
        onAddWindow={addWindow}
        openings={openings}
        say={(metres) => sayLength(metres, visit.units, 'window')}
        onMove={move}
      />
      <p className="text-center text-sm text-soft">
        {length(widthM)} × {length(depthM)} × {length(heightM)} {lengthUnit(visit.units)} long, deep and high. Tap a wall to put a
        window in it, a circle to judge there; drag windows and doors along their walls.
      </p>
      <BearingField {...{ draft, errors }} onChange={change} />
      <ShapeSection {...{ draft, errors, room }} onChange={change} onReshape={reshape} />
    </div>
  );
}

/** What falls where at the cursor, and through the day. */
function ResultsColumn({ roomId, light: { room } }: RoomViewProps) {
  const visit = useHome();
  const { assumed, request } = useDayRequest(roomId);
  const computed = useRoomDay(roomId);
  const shown = useShownDay(roomId);
  const day = shown?.day;
  const position = usePosition(room);
  const scale = useScale(roomId);
  const zone = visit.place.timeZone;
  const place = Math.max(0, day?.positions.indexOf(position) ?? 0);
  return (
    <div className="grid gap-4">
      {computed.state === 'failed' && <FieldError>{computed.says}</FieldError>}
      {shown?.stale && (
        <p role="status" className="font-semibold">
          Computing this light… the figures below are those of before.
        </p>
      )}
      {day ? (
        <div className={shown?.stale ? 'grid gap-4 opacity-40' : 'grid gap-4'} data-stale={shown?.stale}>
          <LightResults {...{ room, day, position, scale, zone }} description={request.room} />
          <section>
            <h2 className="text-lg font-semibold">Through the day, {sayPosition(room, day.positions[place]!)}</h2>
            <DayChart {...{ day, place, scale, zone }} />
          </section>
        </div>
      ) : (
        computed.state === 'computing' && <p className="text-soft">computing the light of the day…</p>
      )}
      <AssumedLine assumed={assumed} />
      <AssumptionsList />
    </div>
  );
}

function RoomView({ roomId, light }: RoomViewProps) {
  const { draft, change, errors } = light;
  const section = { draft, errors, onChange: change };
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[minmax(16rem,24rem)_minmax(17rem,22rem)_minmax(0,1fr)]">
      <PlanColumn roomId={roomId} light={light} />
      <ResultsColumn roomId={roomId} light={light} />
      <div className="grid gap-6">
        <WindowRows {...section} roomName={light.room.name} />
        <BorrowedLight {...section} room={light.room} />
        <LampRows {...section} />
        <SizeSection {...section} />
        <OutsideSection {...section} />
        <SurfacesSection {...section} />
      </div>
    </div>
  );
}

function MeterView({ light }: RoomViewProps) {
  const { room } = light;
  return <LightMeterReadings room={room} position={usePosition(room)} />;
}

/** What is looked at of the light. */
function Shown({ view, ...of }: RoomViewProps & { readonly view: View }) {
  switch (view) {
    case 'room':
      return <RoomView {...of} />;
    case 'day':
      return <LightStrip roomId={of.roomId} />;
    case 'walls':
      return <FourWalls roomId={of.roomId} />;
    case 'standing':
      return <StandingView key={of.roomId} roomId={of.roomId} />;
    case 'slide':
      return <Slide roomId={of.roomId} />;
    case 'meter':
      return <MeterView {...of} />;
  }
}

/** Where windows face, those in slopes as their walls do. */
const facesOf = ({ windows, shape }: LightDraft, bearing: number): number[] => [
  ...windows.map((w) => bearingOfWall(bearing, { shape }, w.wall)),
  ...(shape?.roofWindows ?? []).flatMap((w) => {
    const slope = w.slope === null ? undefined : shape!.slopes[w.slope];
    return slope ? [bearingOfWall(bearing, { shape }, slope.wall)] : [];
  }),
];

/** Whether the address asks to stand in the room, as one does who came through a door. */
const useAskedToStand = (): boolean =>
  useSyncExternalStore(
    onWent,
    () => new URLSearchParams(window.location.search).has('stand'),
    () => false,
  );

/** The light of a room: what makes it, and what it makes of colours through the day. */
export function LightStep({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const [chosen, setView] = useState<View>();
  const asked = useAskedToStand();
  const view = chosen ?? (asked ? 'standing' : 'room');
  const light = useLightDraft(roomId);
  const { room, draft, errors, saving, conflict, takeNewer, keepMine } = light;
  const bearing = readBearing(draft.bearing);
  const faces = bearing === null ? [] : facesOf(draft, bearing);
  // what is not described yet keeps no sun out
  const { kinds } = useRoom(roomId).inLight;
  const sunComesIn = !kinds.includes('no-sun') || kinds.some((k) => k.startsWith('sun-'));
  const words =
    bearing === null && draft.windows.length > 0
      ? 'read the bearing to know the light'
      : draft.borrows && faces.length === 0
        ? 'no window: light from next door, and lamps'
        : daylightWords(faces, visit.place.latitude, sunComesIn);
  return (
    <div className="p-4">
      <StepTitle title={`${room.name}: the light`} aside={words}>
        <p role="status" data-saving={saving} className="py-2 text-sm text-soft">
          {SAVING_WORDS[saving]}
        </p>
        <div className="max-w-full overflow-x-auto max-md:w-[calc(100vw-2rem)]">
          <ChoiceRow<View>
            label="View of the light"
            value={view}
            onChange={setView}
            options={VIEWS.map((value) => ({ value, label: VIEW_NAMES[value] }))}
          />
        </div>
      </StepTitle>
      {conflict && (
        <div role="alert" className="mb-4 flex flex-wrap items-center gap-3 border-2 border-ink bg-raised p-3">
          <p className="flex-1">This room was changed in another window meanwhile. Nothing is lost: which one shall stand?</p>
          <Button onClick={takeNewer}>Show the newer one</Button>
          <Button look="main" onClick={keepMine}>
            Save mine
          </Button>
        </div>
      )}
      {errors['form'] && <FieldError>{errors['form']}</FieldError>}
      <Shown {...{ view, roomId, light }} />
    </div>
  );
}
