'use client';

import { quoted } from '@/core/base/quoted';
import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { arrayMove, SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { ChevronDown, ChevronUp, GripVertical, Plus } from 'lucide-react';
import { useId, useState } from 'react';
import { v7 } from 'uuid';
import { WISH_WORDS, WISHES } from '@/core/judge/wish';
import { wishesOf, type Room } from '@/core/record/room';
import {
  KIND_WORDS,
  ROOM_KINDS,
  partsOfUse,
  USE_PARTS,
  USE_WORDS,
  usesTogether,
  type RoomUse,
  type UsePart,
} from '@/core/room/use';
import { Button } from '@/ui/button';
import { Chips, ManyChips } from '@/ui/chips';
import { Confirm } from '@/ui/confirm';
import { TextField } from '@/ui/field';
import { Fights } from '../drawings/fights';
import { SelfField } from '../entry/self-field';
import { addressOf } from '../session/address';
import { checkWrite } from '../session/check-write';
import { takeAway } from '../session/take-away';
import { useVisit, useVisitWrite } from '../session/visit-context';
import { goTo } from '../session/where';
import { sayRefusal } from '../words/words';

const options = <T extends string>(all: readonly T[], words: Readonly<Record<T, string>>) =>
  all.map((value) => ({ value, label: words[value] }));
const WISH_OPTIONS = options(WISHES, WISH_WORDS);
const KIND_OPTIONS = options(ROOM_KINDS, KIND_WORDS);
const USE_OPTIONS = options(USE_PARTS, USE_WORDS);

/** Of all hours a tap chooses one alone, and more are added to it; without any it is all of them again. */
function hoursAfterTap(before: RoomUse, parts: readonly UsePart[]): RoomUse {
  const alone = before === 'all' ? USE_PARTS.filter((part) => !parts.includes(part)) : parts;
  return usesTogether(alone) ?? 'all';
}

/** What a room is in a line, while it is folded. */
const sayRoom = (room: Room): string =>
  [
    KIND_WORDS[room.kind],
    `used ${USE_WORDS[room.use]}`,
    room.wish
      ? `wants it ${wishesOf(room)
          .map((w) => WISH_WORDS[w])
          .join(', then ')}`
      : undefined,
    room.wishWords ? quoted(room.wishWords) : undefined,
    room.mustNotChange ? `keeps ${room.mustNotChange}` : undefined,
  ]
    .filter(Boolean)
    .join(' · ');

const BY_KEY: Readonly<Record<string, number>> = { ArrowUp: -1, ArrowDown: 1 };

/** What the client wants of a room and says of it. */
function RoomBrief({ room }: { readonly room: Room }) {
  const visit = useVisit();
  const write = useVisitWrite();
  const href = addressOf({ visitId: visit.id, roomId: room.id, step: 'brief' });
  const field = (key: 'mustNotChange' | 'annoys' | 'mayChange', label: string, placeholder: string) => (
    <SelfField
      id={`${room.id}.${key}`}
      label={label}
      placeholder={placeholder}
      saved={room[key]}
      where={room.name}
      href={href}
      toWrite={(text) => ({ name: 'room.brief', roomId: room.id, [key]: text })}
    />
  );
  return (
    <div className="grid gap-3">
      <ManyChips
        label="The client wants it (several: in the order of the taps)"
        ordered
        value={wishesOf(room)}
        options={WISH_OPTIONS}
        onChange={([wish = null, ...more]) => write({ name: 'room.wish', roomId: room.id, wish, more, words: room.wishWords })}
      />
      <Fights room={room} />
      <ManyChips
        label="Used"
        value={partsOfUse(room.use)}
        options={USE_OPTIONS}
        onChange={(parts) => write({ name: 'room.use', roomId: room.id, use: hoursAfterTap(room.use, parts), kind: room.kind })}
      />
      <Chips
        label="It is a"
        value={room.kind}
        options={KIND_OPTIONS}
        onChange={(kind) => write({ name: 'room.use', roomId: room.id, use: room.use, kind })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <SelfField
          id={`${room.id}.wishWords`}
          label="In their words"
          saved={room.wishWords}
          where={room.name}
          href={href}
          toWrite={(words) => ({ name: 'room.wish', roomId: room.id, wish: room.wish, more: [...room.moreWishes], words })}
        />
        {field('annoys', 'What annoys', 'The yellow by lamplight')}
        {field('mustNotChange', 'What must not change', 'Grandmother’s piano')}
        {field('mayChange', 'What may be painted or replaced', 'The cabinets, the rug')}
      </div>
    </div>
  );
}

type RowProps = {
  readonly room: Room;
  readonly at: number;
  readonly count: number;
  readonly open: boolean;
  readonly onToggle: () => void;
  readonly onMove: (to: number) => void;
};

/** What the room is called, and leaving it out of the visit: the last room stays. */
function NameAndLeave({ room, isOnly }: { readonly room: Room; readonly isOnly: boolean }) {
  const visit = useVisit();
  const write = useVisitWrite();
  const retire = async () => {
    const set = (retired: boolean) => write({ name: 'room.retire', roomId: room.id, retired }, { answers: true }).result;
    if (!(await takeAway(set, `${room.name} taken off the visit`))) return;
    const next = visit.rooms.find((r) => r.id !== room.id)!;
    goTo(addressOf({ visitId: visit.id, roomId: next.id, step: 'brief' }));
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <SelfField
        className="min-w-48 flex-1"
        id={`${room.id}.name`}
        label="Name of the room"
        saved={room.name}
        where={room.name}
        href={addressOf({ visitId: visit.id, roomId: room.id, step: 'brief' })}
        toWrite={(name) => ({ name: 'room.rename', roomId: room.id, revision: room.revision, room: name })}
      />
      {!isOnly && (
        <Confirm
          title={`Leave ${room.name} out of the visit?`}
          body="Its record is kept and comes back with Undo, but it is not shown any more."
          action="Leave it out"
          onConfirm={() => void retire()}
        >
          <Button>Leave this room out</Button>
        </Confirm>
      )}
    </div>
  );
}

function RoomRow({ room, at, count, open, onToggle, onMove }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: room.id });
  const icon =
    'grid size-11 shrink-0 cursor-pointer place-items-center hover:bg-panel disabled:cursor-default disabled:opacity-35';
  const id = useId();
  return (
    <li
      ref={setNodeRef}
      data-room={room.id}
      style={{ transform: transform ? `translate3d(0, ${transform.y}px, 0)` : undefined, transition }}
      className={`border border-line bg-raised ${isDragging ? 'relative z-10 border-ink' : ''}`}
    >
      <div className="flex items-center">
        <button
          type="button"
          className={`${icon} touch-none`}
          aria-label={`Move ${room.name}`}
          title="Drag, or ↑ ↓"
          {...attributes}
          {...listeners}
          onKeyDown={(e) => {
            const to = at + (BY_KEY[e.key] ?? 0);
            if (to === at || to < 0 || to >= count) return;
            e.preventDefault();
            e.stopPropagation();
            onMove(to);
          }}
        >
          <GripVertical aria-hidden size={18} />
        </button>
        <button
          type="button"
          aria-expanded={open}
          aria-controls={id}
          onClick={onToggle}
          className="min-h-14 min-w-0 flex-1 cursor-pointer py-1.5 text-left"
        >
          <span className="block font-semibold break-words">{room.name}</span>
          <span className="block text-sm break-words text-soft">{sayRoom(room)}</span>
        </button>
        <button
          type="button"
          className={icon}
          disabled={at === 0}
          aria-label={`${room.name} earlier in the walk`}
          onClick={() => onMove(at - 1)}
        >
          <ChevronUp aria-hidden size={18} />
        </button>
        <button
          type="button"
          className={icon}
          disabled={at === count - 1}
          aria-label={`${room.name} later in the walk`}
          onClick={() => onMove(at + 1)}
        >
          <ChevronDown aria-hidden size={18} />
        </button>
      </div>
      {open && (
        <div id={id} className="grid gap-3 border-t border-line bg-ground p-3">
          <RoomBrief room={room} />
          <NameAndLeave room={room} isOnly={count === 1} />
        </div>
      )}
    </li>
  );
}

function AddRoom() {
  const visit = useVisit();
  const write = useVisitWrite();
  const [name, setName] = useState('');
  const [error, setError] = useState<string>();
  const add = async () => {
    const checked = checkWrite({ name: 'room.add', visitId: visit.id, roomId: v7(), room: name });
    if (!checked.ok) return setError(checked.errors['room']);
    const result = await write(checked.write, { answers: true }).result;
    if (!result.ok) return setError(sayRefusal(result));
    setError(undefined);
    setName('');
  };
  return (
    <form
      noValidate
      className="mt-3 flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
    >
      <TextField className="flex-1" label="Another room" value={name} error={error} onChange={(e) => setName(e.target.value)} />
      <Button type="submit">
        <Plus aria-hidden size={18} /> Add
      </Button>
    </form>
  );
}

/** A room is moved by keys without being picked up first. */
const BY_KEYS = { draggable: 'Press the up or down arrow key to move this room.' };

/** The rooms in walking order, moved by hand or by keys; one of them open. */
export function RoomsSection({ roomId }: { readonly roomId: string }) {
  const visit = useVisit();
  const write = useVisitWrite();
  const [open, setOpen] = useState<string | null>(roomId);
  const [followed, setFollowed] = useState(roomId);
  if (followed !== roomId) {
    setFollowed(roomId);
    setOpen(roomId);
  }
  const ids = visit.rooms.map((r) => r.id);
  const move = (from: number, to: number) => write({ name: 'room.order', visitId: visit.id, roomIds: arrayMove(ids, from, to) });
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <section aria-labelledby="rooms" className="min-w-0">
      <h2 id="rooms" className="mb-2 text-lg font-semibold">
        Rooms, in walking order
      </h2>
      <DndContext
        id="rooms"
        accessibility={{ screenReaderInstructions: BY_KEYS }}
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={onDragEnd}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ul className="grid grid-cols-1 gap-1.5">
            {visit.rooms.map((room, at) => (
              <RoomRow
                key={room.id}
                room={room}
                at={at}
                count={ids.length}
                open={room.id === open}
                onToggle={() => setOpen(room.id === open ? null : room.id)}
                onMove={(to) => move(at, to)}
              />
            ))}
          </ul>
        </SortableContext>
      </DndContext>
      <AddRoom />
    </section>
  );
}
