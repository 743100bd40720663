'use client';

import { useMemo, useRef, useState, type ReactNode } from 'react';
import { cautionsFor } from '@/core/handover/cautions';
import { sayObjections } from '@/core/handover/not-settled';
import { paintList } from '@/core/handover/paint-list';
import { sayNames, surfaceRows, type SurfaceRow } from '@/core/handover/rows';
import { candidateSwatch } from '@/core/engine/swatches';
import { PRODUCT_NAMES } from '@/core/paint/product';
import { floorOf } from '@/core/derived/floor-of';
import { decidedRoom, focalWall, type DecidedRoom, type DecidedSurface } from '@/core/derived/decided';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { Room } from '@/core/record/room';
import { sayNeed } from '@/core/units/volume';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/sheet';
import { StepTitle } from '@/ui/step-title';
import { useMedia } from '@/ui/use-media';
import { useTableKeys } from '@/ui/use-keys';
import { DECIDE_KEYS } from './keys';
import { UnfoldedRoom, type ShownSurface } from '../drawings/unfolded-room';
import { ShownSwitch } from '../light-client/in-light';
import { useCursorPart } from '../cursor/cursor';
import { useHome, useRoom } from '../session/visit-context';
import { Cautions } from './cautions';
import { RoomParts } from './room-parts';
import { Sign } from './sign';
import { SupplyDialog } from './supply-dialog';
import { SurfacePanel } from './surface-panel';
import { SurfaceRows } from './surface-rows';
import { nowOn, useSurfaceLight, type SurfaceLight } from './use-surface-light';
import { wallColours } from '@/core/engine/ways';
import { useWays } from './use-ways';
import { upperFirst } from '@/core/base/words';

const DRAWING_PX = 246;
const PHONE = '(max-width: 47.99em)';
/** A surface that stays as it is, whose colour nobody recorded. */
const UNKNOWN_HEX = '#d6d6d6';

function sayState(choice: DecidedSurface['choice'], isFocal: boolean): string {
  if (!choice) return ' · open';
  if (choice.what === 'leave') return ' stays';
  return isFocal ? ', focal' : '';
}

/** How every surface looks at the cursor, and what is said of it on the drawing. */
function shownSurfaces(room: Room, decided: DecidedRoom, { paint }: SurfaceLight): Map<string, ShownSurface> {
  const focal = focalWall(decided);
  return new Map(
    decided.surfaces.map(({ surface, choice, candidate }): [string, ShownSurface] => {
      const now = nowOn(room, surface);
      const stays = now ? paint(now, surface.wall) : UNKNOWN_HEX;
      const left = choice ? { hex: stays, says: 'stays as it is' } : { hex: null, says: 'not decided' };
      const is = candidate
        ? { hex: paint(candidateSwatch(candidate), surface.wall), says: `${candidate.name} ${candidate.strength} %` }
        : left;
      const name = upperFirst(surface.name);
      const tag = surface.kind === 'door' || surface.kind === 'trim' ? null : `${name}${sayState(choice, surface.id === focal)}`;
      return [surface.id, { hex: is.hex, tag, label: `${name}: ${is.says}` }];
    }),
  );
}

/** "5.2 l wall paint, 1 l trim paint": what the room takes. */
function useTaken(room: Room, decided: DecidedRoom) {
  const visit = useHome();
  const { supply, units } = visit;
  return useMemo(() => {
    const lines = paintList([{ room, decided }], supply, units);
    const byProduct = new Map<string, number>();
    for (const line of lines) {
      const name = line.finish ? PRODUCT_NAMES[line.finish] : line.kind;
      byProduct.set(name, (byProduct.get(name) ?? 0) + line.litres);
    }
    const says = [...byProduct].map(([name, litres]) => `${sayNeed(litres, units)} ${name}`).join(', ');
    const takeOf = ({ choice, candidate }: SurfaceRow) =>
      choice && candidate
        ? lines.find((l) => l.key === `${candidate.deckColourId} ${candidate.strength} ${choice.finish} ${choice.sheen}`)?.cans
        : undefined;
    return { says, takeOf };
  }, [room, decided, supply, units]);
}

/** In which room it is shown: painted walls throw their own light. */
function AsPainted() {
  const inLight = useCursorPart((m) => m.shown === 'in-light');
  return inLight ? ' Shown with these walls painted; the bench shows today’s walls.' : null;
}

/** Which surfaces are chosen: those of the first open row until others are. */
function useChosen(rows: readonly SurfaceRow[], decided: DecidedRoom) {
  const [picked, setPicked] = useState<readonly string[]>();
  // the same surfaces are the same list: everything that is proposed and judged for them hangs on it
  const { surfaces, chosen } = useMemo(() => {
    const all = decided.surfaces.map((s) => s.surface);
    const standing = (picked ?? []).filter((id) => all.some((s) => s.id === id));
    const first = rows.find((r) => !r.choice) ?? rows[0]!;
    const chosen = new Set(standing.length > 0 ? standing : first.surfaces.map((s) => s.id));
    return { surfaces: all.filter((s) => chosen.has(s.id)), chosen };
  }, [picked, rows, decided]);
  return { surfaces, chosen, choose: (next: readonly PaintSurface[]) => setPicked(next.map((s) => s.id)) };
}

/** What is chosen for, beside the list; on a phone in a sheet where the finger is: below the drawing nobody looks. */
function UnderFinger({ children, ...sheet }: { title: string; open: boolean; onClose: () => void; children: ReactNode }) {
  return useMedia(PHONE) ? <Sheet {...sheet}>{children}</Sheet> : children;
}

function Objections({ room }: { readonly room: RoomInLight }) {
  return sayObjections(room).map((says) => (
    <p key={says} role="alert" className="mb-2 border-l-4 border-ink bg-raised px-3 py-1.5 font-semibold">
      {says}
    </p>
  ));
}

function sayOpen({ open, surfaces }: DecidedRoom): string {
  return open.length === 0 ? 'everything decided' : `${open.length} of ${surfaces.length} surfaces open`;
}

/** What the room takes, and by which measures. */
function Needs({ says, decided }: { readonly says: string; readonly decided: DecidedRoom }) {
  const assumed = decided.surfaces.some((s) => s.surface.assumed && s.surface.kind !== 'trim');
  return (
    <p className="text-soft">
      {says ? `${says}.` : 'Nothing is painted yet.'}
      {assumed && ' The room is not measured: areas are those of a usual room.'}
      <AsPainted />
    </p>
  );
}

type DrawingProps = {
  readonly room: RoomInLight;
  readonly decided: DecidedRoom;
  readonly light: SurfaceLight;
  readonly chosen: ReadonlySet<string>;
  readonly onTap: (surfaceId: string) => void;
};

/** The room unfolded, as it stands at the cursor. */
function Drawing({ room, decided, light, chosen, onTap }: DrawingProps) {
  const parts = useMemo(() => shownSurfaces(room, decided, light), [room, decided, light]);
  const floor = floorOf(room);
  return (
    <div className="min-w-[44rem]">
      <UnfoldedRoom
        room={room}
        shown={parts}
        glass={light.glass}
        floor={{
          hex: floor ? light.paint({ id: floor.component.id, lab: floor.component.colour.lab }, null) : '#b9b9b9',
          tag: floor ? `${floor.name} stays` : null,
        }}
        chosen={chosen}
        onTap={onTap}
        height={DRAWING_PX}
      />
    </div>
  );
}

/** Every surface of the room and how it is painted: the room unfolded, the surfaces, and what could be taken for the one that is chosen. */
export function DecideStep({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const room = useRoom(roomId);
  const decided = useMemo(() => decidedRoom(room), [room]);
  const rows = useMemo(() => surfaceRows(decided), [decided]);
  const { surfaces, chosen, choose: chooseThem } = useChosen(rows, decided);
  const small = useMedia(PHONE);
  const drawing = useRef<HTMLDivElement>(null);
  const [sheet, setSheet] = useState(false);
  const [taken, setTaken] = useState('');
  const choose = (next: readonly PaintSurface[]) => {
    setTaken('');
    chooseThem(next);
    setSheet(true);
    // what was tapped stays in view above the sheet
    if (small) drawing.current?.scrollIntoView({ block: 'start' });
  };
  const { ways, judging, deck } = useWays(room, decided, surfaces);
  const swatches = useMemo(() => ways.map((w) => w.swatch), [ways]);
  const light = useSurfaceLight(room, decided, swatches);
  const needs = useTaken(room, decided);
  const tap = (id: string) => choose(decided.surfaces.map((s) => s.surface).filter((s) => s.id === id));
  const walls = () => choose(decided.surfaces.map((s) => s.surface).filter((s) => s.kind === 'wall'));
  useTableKeys(DECIDE_KEYS, { row: (k) => (rows[k] ? choose(rows[k].surfaces) : false), walls });
  const wall = wallColours(decided)[0]?.candidate;
  const name = upperFirst(sayNames(surfaces));
  const panel = (
    <SurfacePanel
      key={surfaces.map((s) => s.id).join()}
      {...{ room, decided, surfaces, ways, judging, light }}
      deckFailed={deck.isError ? () => void deck.refetch() : undefined}
      wallHex={wall ? light.paint(candidateSwatch(wall), null) : null}
      onSaid={setTaken}
    />
  );
  return (
    <div className="p-4 lg:px-5">
      <StepTitle title={`${room.name}: the surfaces`} aside={sayOpen(decided)}>
        <ShownSwitch />
        <RoomParts room={room} />
        <Sign room={room} />
      </StepTitle>
      <Objections room={room} />
      {light.says && <p role="alert">{light.says}</p>}
      <div ref={drawing} className="overflow-x-auto" aria-busy={light.busy}>
        <Drawing {...{ room, decided, light, chosen }} onTap={tap} />
      </div>
      <div className="mt-3 flex flex-wrap items-center justify-between gap-2">
        <Needs says={needs.says} decided={decided} />
        <div className="flex gap-2">
          <Button onClick={walls}>All walls</Button>
          <SupplyDialog roomId={room.id} />
        </div>
      </div>
      <div className="mt-3 grid grid-cols-[minmax(0,1.55fr)_minmax(21rem,1fr)] gap-x-6 gap-y-5 max-lg:grid-cols-1">
        <div className="min-w-0 max-lg:order-last">
          <SurfaceRows
            {...{ rows, chosen }}
            onChoose={(row) => choose(row.surfaces)}
            hexOfRow={(row) => (row.candidate ? light.paint(candidateSwatch(row.candidate), row.surfaces[0]!.wall) : null)}
            units={visit.units}
            takeOf={needs.takeOf}
          />
          <Cautions cautions={cautionsFor(visit, room, decided)} />
        </div>
        <UnderFinger title={name} open={sheet} onClose={() => setSheet(false)}>
          {panel}
        </UnderFinger>
      </div>
      <p role="status" aria-atomic="true" className="sr-only" data-speaks>
        {taken && `${taken}. `}
        {name} chosen
      </p>
    </div>
  );
}
