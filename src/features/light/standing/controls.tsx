'use client';

import { DoorOpen, Download, FilePlus2, Play, Square } from 'lucide-react';
import type { ReactNode } from 'react';
import { houseDoors } from '@/core/derived/house-doors';
import { AS_DECIDED, schemeChoice, type Tried } from '@/core/engine/standing-dress';
import type { Room } from '@/core/record/room';
import { wallName } from '@/core/room/facing';
import { wallsOf } from '@/core/room/plan';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { TickRow } from '@/ui/tick-row';
import { addressOf } from '../../session/address';
import { useVisit } from '../../session/visit-context';
import { VisitLink } from '../../session/where';
import type { StandPlace } from './stand';

/** Colours and schemes of a room, as they are chosen for its walls. */
function WallChoices({ room }: { readonly room: Room }) {
  return (
    <>
      <option value={AS_DECIDED}>as decided</option>
      {room.schemes.length > 0 && (
        <optgroup label="Schemes">
          {room.schemes.map((s) => (
            <option key={s.id} value={schemeChoice(s.id)}>
              {s.name}
            </option>
          ))}
        </optgroup>
      )}
      {room.candidates.length > 0 && (
        <optgroup label="On all walls">
          <ColourChoices room={room} />
        </optgroup>
      )}
    </>
  );
}
const ColourChoices = ({ room }: { readonly room: Room }) =>
  room.candidates.map((c) => (
    <option key={c.id} value={c.id}>
      {c.name} {c.strength} %
    </option>
  ));

/** The rooms of the visit one comes to from a room, each by a door of it. */
function useDoorsOn(roomId: string): readonly { readonly doorId: string | null; readonly toId: string; readonly name: string }[] {
  const { rooms } = useVisit();
  return houseDoors(rooms).flatMap(({ sides, stairs }) => {
    const there = sides.find((s) => s.roomId !== roomId);
    if (!sides.some((s) => s.roomId === roomId) || !there) return [];
    const name = rooms.find((r) => r.id === there.roomId)!.name;
    return [{ doorId: there.doorId, toId: there.roomId, name: stairs ? `${name}, by the stairs` : name }];
  });
}

/** Through a door into the next room, where one goes on standing. */
function DoorsOn({ roomId }: { readonly roomId: string }) {
  const { id: visitId } = useVisit();
  const doors = useDoorsOn(roomId);
  if (doors.length === 0) return null;
  return (
    <nav aria-label="Through a door" className="grid gap-1">
      {doors.map(({ doorId, toId, name }, k) => (
        <VisitLink
          key={k}
          href={addressOf({ visitId, roomId: toId, step: 'light', at: { stand: doorId === null ? 'middle' : `door-${doorId}` } })}
          className={buttonClass('plain')}
        >
          <DoorOpen aria-hidden size={18} /> Into {name}
        </VisitLink>
      ))}
    </nav>
  );
}

type Props = {
  readonly room: Room;
  readonly from: StandPlace | 'here';
  readonly onPlace: (place: StandPlace) => void;
  readonly tried: Tried;
  readonly onTry: (tried: Tried) => void;
  /** On the walls of the picture beside; null where none stands there. */
  readonly beside: string | null;
  readonly onBeside: (walls: string | null) => void;
  readonly playing: boolean;
  readonly onPlay: () => void;
  /** undefined while there is nothing to keep. */
  readonly onSave: (() => void) | undefined;
  readonly onForClient: (() => void) | undefined;
  /** The plan. */
  readonly children: ReactNode;
};

const NONE_BESIDE = 'none';

/** Where one stands, what is tried, and what is kept of it. */
export function Controls({ room, from, onPlace, tried, onTry, beside, onBeside, ...of }: Props) {
  const { playing, onPlay, onSave, onForClient, children } = of;
  const doors = room.paintwork.doors.filter((d) => d.wall !== null);
  return (
    <div className="grid content-start gap-3 max-lg:grid-cols-2 max-sm:grid-cols-1">
      <div className="grid gap-1">
        {children}
        <ChoiceField label="Stand" value={from} onChange={(v) => v !== 'here' && onPlace(v as StandPlace)}>
          {from === 'here' && <option value="here">here</option>}
          <option value="middle">in the middle</option>
          {doors.map((door) => (
            <option key={door.id} value={`door-${door.id}`}>
              in the door{door.leadsTo ? ` to ${door.leadsTo}` : ''}
            </option>
          ))}
          {wallsOf(room).map((wall) => (
            <option key={wall} value={`wall-${wall}`}>
              with the back to the {wallName(room, wall)}
            </option>
          ))}
        </ChoiceField>
      </div>
      <div className="grid content-start gap-3">
        <ChoiceField label="On the walls" value={tried.walls} onChange={(walls) => onTry({ ...tried, walls })}>
          <option value="">as they are</option>
          <WallChoices room={room} />
        </ChoiceField>
        {beside === null && (
          <ChoiceField label="Right half of each wall" value={tried.half} onChange={(half) => onTry({ ...tried, half })}>
            <option value="">the same</option>
            <ColourChoices room={room} />
          </ChoiceField>
        )}
        <ChoiceField
          label="Side by side with"
          value={beside ?? NONE_BESIDE}
          onChange={(v) => onBeside(v === NONE_BESIDE ? null : v)}
        >
          <option value={NONE_BESIDE}>nothing</option>
          <option value="">as they are</option>
          <WallChoices room={room} />
        </ChoiceField>
        <TickRow label="With what stays" checked={tried.stays} onChange={(stays) => onTry({ ...tried, stays })} />
      </div>
      <DoorsOn roomId={room.id} />
      <div className="grid content-start gap-1">
        <Button aria-pressed={playing} onClick={onPlay}>
          {playing ? <Square aria-hidden size={18} /> : <Play aria-hidden size={18} />} A day in ten seconds
        </Button>
        <Button disabled={!onForClient} onClick={onForClient}>
          <FilePlus2 aria-hidden size={18} /> Onto the client’s sheet
        </Button>
        <Button disabled={!onSave} onClick={onSave}>
          <Download aria-hidden size={18} /> Save the picture
        </Button>
      </div>
    </div>
  );
}
