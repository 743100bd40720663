'use client';

import { Plus, Trash2 } from 'lucide-react';
import { v7 } from 'uuid';
import { EXTRA_KINDS, roomDoorSchema, USUAL_SKIRTING_M, type Paintwork, type RoomDoor } from '@/core/record/paintwork';
import { doorIssues } from '@/core/derived/door-issues';
import { houseDoors, leadsToRoom, withoutHouseDoor, withRoomDoors } from '@/core/derived/house-doors';
import type { Write, WriteOf } from '@/core/operations/operations';
import type { Room } from '@/core/record/room';
import { wallName } from '@/core/room/facing';
import { wallsOf } from '@/core/room/plan';
import { areaOf, areaText, areaUnit } from '@/core/units/area';
import { inUnits, lengthText, lengthUnit, typedLength, typedNumber } from '@/core/units/length';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { ChoiceField } from '@/ui/field';
import { TickRow } from '@/ui/tick-row';
import { SelfField } from '../entry/self-field';
import { WallChoice } from '../entry/wall-choice';
import { addressOf } from '../session/address';
import { doorWrites } from '../session/door-writes';
import { useVisit, useVisitWrite } from '../session/visit-context';
import { GroundsNow } from './grounds-now';
import { upperFirst } from '@/core/base/words';

/** Fields of what is painted in a room; every one saves itself. */
function useParts(room: Room) {
  const visit = useVisit();
  const write = useVisitWrite();
  const { paintwork } = room;
  const href = addressOf({ visitId: visit.id, roomId: room.id, step: 'decide' });
  const say = (change: Partial<Paintwork>) => ({
    name: 'room.paintwork' as const,
    roomId: room.id,
    paintwork: { ...paintwork, ...change },
  });
  const set = (change: Partial<Paintwork>) => {
    const said = say(change) as WriteOf<'room.paintwork'>;
    void write([said, ...elsewhere(said)]);
  };
  /** A door that joins two rooms is known to both. */
  const elsewhere = (said: Write): Write[] => {
    if (said.name !== 'room.paintwork') return [];
    const others = withRoomDoors(visit.rooms, room.id, said.paintwork.doors).filter((w) => w.roomId !== room.id);
    return doorWrites(visit.rooms, others);
  };
  const takeOut = (door: RoomDoor) => {
    const joins = houseDoors(visit.rooms).find((d) => d.sides.some((s) => s.roomId === room.id && s.doorId === door.id));
    if (!joins) return set({ doors: paintwork.doors.filter((d) => d.id !== door.id) });
    write(doorWrites(visit.rooms, withoutHouseDoor(visit.rooms, joins)));
  };
  const field = (id: string, where: string) => ({ id: `${room.id}.${id}`, where: `${where} · ${room.name}`, href });
  const others = visit.rooms.filter((r) => r.id !== room.id);
  return { paintwork, units: visit.units, say, set, field, elsewhere, takeOut, others };
}
type Parts = ReturnType<typeof useParts>;

type DoorProps = { readonly parts: Parts; readonly door: RoomDoor; readonly room: Room };

/** Where a door leads: to a room of the visit, or somewhere else by a name. */
function LeadsTo({ parts: { paintwork, say, set, field, others: rooms }, door }: Omit<DoorProps, 'room'>) {
  const others = (change: Partial<RoomDoor>) => ({
    doors: paintwork.doors.map((d) => (d.id === door.id ? { ...d, ...change } : d)),
  });
  return (
    <>
      {rooms.length > 0 && (
        <ChoiceField
          label="Leads to"
          className="w-40"
          value={door.toRoomId ?? ''}
          disabled={door.outside}
          onChange={(chosen) => {
            const to = rooms.find((r) => r.id === chosen);
            set(others({ toRoomId: to?.id ?? null, leadsTo: to ? leadsToRoom(to.name) : '' }));
          }}
        >
          <option value="">somewhere else</option>
          {rooms.map((r) => (
            <option key={r.id} value={r.id}>
              {r.name}
            </option>
          ))}
        </ChoiceField>
      )}
      {door.toRoomId === null && (
        <div className="min-w-32 flex-1">
          <SelfField
            {...field(`door.${door.id}.leadsTo`, 'a door')}
            label={rooms.length > 0 ? 'Called' : 'Leads to'}
            placeholder="the hall"
            saved={door.leadsTo}
            toWrite={(leadsTo) => say(others({ leadsTo }))}
          />
        </div>
      )}
    </>
  );
}

function DoorRow({ parts, door, room }: DoorProps) {
  const { paintwork, units, say, set, field, elsewhere, takeOut } = parts;
  const others = (change: Partial<RoomDoor>) => ({
    doors: paintwork.doors.map((d) => (d.id === door.id ? { ...d, ...change } : d)),
  });
  const metres = (label: string, of: 'widthM' | 'heightM' | 'leftM') => (
    <SelfField
      {...field(`door.${door.id}.${of}`, 'a door')}
      label={`${label}${lengthUnit(units) ? `, ${lengthUnit(units)!}` : ''}`}
      saved={door[of] === null ? '' : lengthText(door[of], units)}
      placeholder={of === 'leftM' ? 'not measured' : ''}
      also={elsewhere}
      toWrite={(text) => say(others({ [of]: text.trim() === '' && of === 'leftM' ? null : typedLength(text, units) }))}
    />
  );
  return (
    <li className="grid gap-3 border border-line bg-panel p-3">
      <div className="flex flex-wrap items-end gap-3">
        <WallChoice label="In the" className="w-40" room={room} wall={door.wall} onChange={(wall) => set(others({ wall }))} />
        <LeadsTo {...{ parts, door }} />
        <Button look="quiet" className="ml-auto" aria-label="Take this door out" onClick={() => takeOut(door)}>
          <Trash2 aria-hidden size={18} />
        </Button>
      </div>
      <div className="grid grid-cols-3 gap-3">
        {metres('Width', 'widthM')}
        {metres('Height', 'heightM')}
        {metres('From the left', 'leftM')}
      </div>
      {doorIssues(room)
        .filter((i) => i.doorId === door.id)
        .map(({ says }) => (
          <p key={says} role="note" className="font-semibold">
            ▲ {inUnits(says, units)}
          </p>
        ))}
      <div className="grid gap-2 sm:grid-cols-2">
        <TickRow
          label="Both sides are painted with it"
          checked={door.sides === 'both'}
          disabled={door.outside}
          onChange={(on) => set(others({ sides: on ? 'both' : 'one' }))}
        />
        <TickRow
          label="A door of the house: its outside apart"
          checked={door.outside}
          onChange={(outside) => set(others({ outside }))}
        />
      </div>
    </li>
  );
}

function Rails({ parts: { paintwork, units, say, field }, room }: Omit<DoorProps, 'door'>) {
  return (
    <div className="grid grid-cols-4 gap-3 max-sm:grid-cols-2">
      {wallsOf(room).map((wall) => {
        const rail = paintwork.rails.find((r) => r.wall === wall);
        const others = paintwork.rails.filter((r) => r.wall !== wall);
        return (
          <SelfField
            key={wall}
            {...field(`rail.${wall}`, 'a rail')}
            label={upperFirst(wallName(room, wall))}
            placeholder="not parted"
            saved={rail ? lengthText(rail.heightM, units) : ''}
            toWrite={(text) =>
              say({ rails: text.trim() === '' ? others : [...others, { wall, heightM: typedLength(text, units) }] })
            }
          />
        );
      })}
    </div>
  );
}

function Extras({ parts: { paintwork, units, say, set, field } }: { readonly parts: Parts }) {
  const { extras } = paintwork;
  return (
    <ul className="grid gap-3">
      {extras.map((extra) => {
        const others = (change: object) => ({ extras: extras.map((e) => (e.id === extra.id ? { ...e, ...change } : e)) });
        return (
          <li key={extra.id} className="flex flex-wrap items-end gap-3">
            <div className="min-w-40 flex-1">
              <SelfField
                {...field(`extra.${extra.id}.name`, extra.name)}
                label="What"
                saved={extra.name}
                toWrite={(name) => say(others({ name }))}
              />
            </div>
            <ChoiceField label="Kind" className="w-36" value={extra.kind} onChange={(chosen) => set(others({ kind: chosen }))}>
              {EXTRA_KINDS.map((kind) => (
                <option key={kind}>{kind}</option>
              ))}
            </ChoiceField>
            <div className="w-32">
              <SelfField
                {...field(`extra.${extra.id}.area`, extra.name)}
                label={`Area, ${areaUnit(units)}`}
                saved={areaText(extra.areaM2, units)}
                toWrite={(text) => say(others({ areaM2: areaOf(typedNumber(text), units) }))}
              />
            </div>
            <Button
              look="quiet"
              aria-label={`Take ${extra.name} out`}
              onClick={() => set({ extras: extras.filter((e) => e.id !== extra.id) })}
            >
              <Trash2 aria-hidden size={18} />
            </Button>
          </li>
        );
      })}
    </ul>
  );
}

/** What of a room is painted beside its walls and ceiling: doors, rails, skirting, cabinets and built-ins. */
export function RoomParts({ room }: { readonly room: Room }) {
  const parts = useParts(room);
  const { paintwork, units, say, set, field } = parts;
  const addDoor = () => {
    const door = roomDoorSchema.parse({ id: v7(), wall: 0 });
    set({ doors: [...paintwork.doors, door] });
  };
  const addExtra = () => set({ extras: [...paintwork.extras, { id: v7(), name: 'Cabinets', kind: 'cabinets', areaM2: 4 }] });
  return (
    <Dialog
      title={`What is painted in the ${room.name}`}
      description="Walls, windows and ceiling come from the room’s light. Doors take their place out of the walls; a rail parts a wall in two."
      trigger={<Button>Doors, rails, what is there now</Button>}
    >
      <div className="grid gap-5">
        <section aria-label="Doors" className="grid gap-3">
          <h3 className="font-semibold">Doors</h3>
          {paintwork.doors.length > 0 && (
            <ul className="grid gap-3">
              {paintwork.doors.map((door) => (
                <DoorRow key={door.id} {...{ parts, door, room }} />
              ))}
            </ul>
          )}
          <Button className="w-fit" onClick={addDoor}>
            <Plus aria-hidden size={18} /> Add a door
          </Button>
        </section>
        <section aria-label="Rails">
          <h3 className="mb-2 font-semibold">
            A rail parts a wall at this height{lengthUnit(units) ? `, ${lengthUnit(units)!}` : ''}
          </h3>
          <Rails {...{ parts, room }} />
        </section>
        <section aria-label="Skirting" className="w-56">
          <SelfField
            {...field('skirting', 'the skirting')}
            label={`Skirting, how high${lengthUnit(units) ? `, ${lengthUnit(units)!}` : ''}`}
            placeholder={`not measured: ${lengthText(USUAL_SKIRTING_M, units)}`}
            hint="0 where there is none"
            saved={paintwork.skirtingM === null ? '' : lengthText(paintwork.skirtingM, units)}
            toWrite={(text) => say({ skirtingM: text.trim() === '' ? null : typedLength(text, units) })}
          />
        </section>
        <GroundsNow room={room} set={set} />
        <section aria-label="Cabinets and built-ins" className="grid gap-3">
          <h3 className="font-semibold">Cabinets and built-ins</h3>
          <Extras parts={parts} />
          <Button className="w-fit" onClick={addExtra}>
            <Plus aria-hidden size={18} /> Add cabinets or a built-in
          </Button>
        </section>
      </div>
    </Dialog>
  );
}
