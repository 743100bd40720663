'use client';

import { Check, DoorOpen, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { v7 } from 'uuid';
import { houseDoors, leadsToRoom, saidDoor, withHouseDoors, withoutHouseDoor, type HouseDoor } from '@/core/derived/house-doors';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { DOOR_STANDS, type DoorStands } from '@/core/record/paintwork';
import { lengthText, lengthUnit, typedLength } from '@/core/units/length';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { ChoiceField } from '@/ui/field';
import { TickRow } from '@/ui/tick-row';
import { SelfField } from '../entry/self-field';
import { WallChoice } from '../entry/wall-choice';
import { addressOf } from '../session/address';
import { doorWrites } from '../session/door-writes';
import { useHome, useVisitWrite } from '../session/visit-context';

const STANDS: Readonly<Record<DoorStands, string>> = {
  open: 'a door, usually open',
  shut: 'a door, usually shut',
  opening: 'an opening without a door',
};

type Rooms = { readonly rooms: readonly RoomInLight[] };

/** "hall leads to kitchen, sitting room": one tap for each, for those who will not measure. */
function LeadsTo({ rooms, from, doors }: Rooms & { readonly from: RoomInLight; readonly doors: readonly HouseDoor[] }) {
  const write = useVisitWrite();
  const doorTo = (id: string) => doors.find((d) => [from.id, id].every((r) => d.sides.some((s) => s.roomId === r)));
  const toggle = (to: RoomInLight) => {
    const known = doorTo(to.id);
    const written = known ? withoutHouseDoor(rooms, known) : withHouseDoors(rooms, [saidDoor(v7(), [from.id, to.id])]);
    write(doorWrites(rooms, written));
  };
  return (
    <div role="group" aria-label={`${from.name} leads to`} className="flex flex-wrap gap-2">
      {rooms
        .filter((r) => r.id !== from.id)
        .map((room) => {
          const joined = doorTo(room.id) !== undefined;
          return (
            <Button key={room.id} look={joined ? 'main' : 'plain'} aria-pressed={joined} onClick={() => toggle(room)}>
              {joined && <Check aria-hidden size={16} />} {room.name}
            </Button>
          );
        })}
    </div>
  );
}

type DoorProps = Rooms & { readonly door: HouseDoor };

/** Where a door is on one of its rooms' plans. */
function SidePlace({ rooms, door, k }: DoorProps & { readonly k: 0 | 1 }) {
  const home = useHome();
  const write = useVisitWrite();
  const side = door.sides[k];
  const room = rooms.find((r) => r.id === side.roomId)!;
  const put = (change: Partial<HouseDoor['sides'][0]>) => {
    const now = { ...side, ...change };
    const sides: HouseDoor['sides'] = k === 0 ? [now, door.sides[1]] : [door.sides[0], now];
    return doorWrites(rooms, withHouseDoors(rooms, [{ ...door, sides }]));
  };
  const unit = lengthUnit(home.units);
  return (
    <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-3">
      <WallChoice label={`In ${leadsToRoom(room.name)}`} room={room} wall={side.wall} onChange={(wall) => write(put({ wall }))} />
      {side.doorId !== null && (
        <SelfField
          id={`${room.id}.joins.${side.doorId}.leftM`}
          where={`a door · ${room.name}`}
          href={addressOf({ visitId: home.id, roomId: room.id, step: 'house' })}
          label={`From the left${unit ? `, ${unit}` : ''}`}
          placeholder="not measured"
          saved={side.leftM === null ? '' : lengthText(side.leftM, home.units)}
          toWrite={(text) => {
            const leftM = text.trim() === '' ? null : typedLength(text, home.units);
            const doors = room.paintwork.doors.map((d) => (d.id === side.doorId ? { ...d, leftM: leftM as number | null } : d));
            return { name: 'room.paintwork', roomId: room.id, paintwork: { ...room.paintwork, doors } };
          }}
        />
      )}
    </div>
  );
}

function DoorCard({ rooms, door }: DoorProps) {
  const write = useVisitWrite();
  const named = door.sides.map((s) => rooms.find((r) => r.id === s.roomId)!.name);
  const set = (change: Partial<HouseDoor>) => write(doorWrites(rooms, withHouseDoors(rooms, [{ ...door, ...change }])));
  return (
    <li className="grid gap-3 border border-line bg-panel p-3">
      <div className="flex items-center justify-between gap-3">
        <p className="font-semibold">
          {named[0]} – {named[1]}
        </p>
        <Button
          look="quiet"
          aria-label={`Take out the door between ${named[0]} and ${named[1]}`}
          onClick={() => write(doorWrites(rooms, withoutHouseDoor(rooms, door)))}
        >
          <Trash2 aria-hidden size={18} />
        </Button>
      </div>
      <ChoiceField label="What is there" value={door.stands} onChange={(stands) => set({ stands })}>
        {DOOR_STANDS.map((stands) => (
          <option key={stands} value={stands}>
            {STANDS[stands]}
          </option>
        ))}
      </ChoiceField>
      <div className="grid gap-2 sm:grid-cols-2">
        <TickRow
          label="Glass: one sees through it shut"
          checked={door.glazed}
          disabled={door.stands === 'opening'}
          onChange={(glazed) => set({ glazed })}
        />
        <TickRow label="Stairs: another floor" checked={door.stairs} onChange={(stairs) => set({ stairs })} />
      </div>
      <SidePlace {...{ rooms, door }} k={0} />
      <SidePlace {...{ rooms, door }} k={1} />
    </li>
  );
}

/** Doors between rooms: said in a tap, measured where it matters. */
export function DoorsDialog({ rooms }: Rooms) {
  const [fromId, setFromId] = useState(rooms[0]!.id);
  const doors = houseDoors(rooms);
  const from = rooms.find((r) => r.id === fromId) ?? rooms[0]!;
  return (
    <Dialog
      wide
      title="How the rooms join"
      description="Say which room leads to which. Where a door is in its wall makes the plan true; width and paint are with what is painted in the room."
      trigger={
        <Button>
          <DoorOpen aria-hidden size={18} /> Doors…
        </Button>
      }
    >
      <div className="grid gap-5">
        <section aria-label="Which room leads to which" className="grid gap-3">
          <ChoiceField label="This room" className="w-60" value={from.id} onChange={setFromId}>
            {rooms.map((r) => (
              <option key={r.id} value={r.id}>
                {r.name}
              </option>
            ))}
          </ChoiceField>
          <p className="text-sm text-soft">leads to</p>
          <LeadsTo {...{ rooms, from, doors }} />
        </section>
        <section aria-label="Its doors">
          <ul className="grid items-start gap-3 lg:grid-cols-2">
            {doors
              .filter((d) => d.sides.some((s) => s.roomId === from.id))
              .map((door) => (
                <DoorCard key={door.id} {...{ rooms, door }} />
              ))}
          </ul>
        </section>
      </div>
    </Dialog>
  );
}
