'use client';

import { Archive, Download, Trash2, Undo2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { partlySeen, sayHome, sayLooks, STATE_WORDS, type Home } from '@/core/derived/home';
import type { Shelf } from '@/core/record/visit';
import { Button, buttonClass } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { Patch } from '@/ui/patch';
import { addressOf } from '../session/address';
import { useWrite } from '../session/use-session';
import { sayRefusal } from '../words/words';

const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });
/** "14 March 2026" of a calendar date. */
const sayDay = (date: string): string => days.format(new Date(`${date}T12:00Z`));

const shortDays = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
const sayShortDay = (date: string): string => shortDays.format(new Date(`${date}T12:00Z`));

/** The home as one strip: each room in walking order, by the colours that work there; thinner while they are only tried. */
function HomeStrip({ home, large }: { readonly home: Home; readonly large: boolean }) {
  return (
    <div className={`flex items-end bg-line ${large ? 'h-56 max-sm:h-36' : 'h-28'}`} aria-hidden>
      {home.rooms.map((room) => (
        <div key={room.id} className="flex h-full min-w-0 flex-1 items-end" title={`${room.name}: ${STATE_WORDS[room.state]}`}>
          {room.colours.length === 0 ? (
            <span className="h-full flex-1 border-r border-dashed border-line-strong bg-panel last:border-r-0" />
          ) : (
            room.colours.map((colour) => (
              <Patch
                key={colour.name}
                hex={colour.hex}
                label={colour.name}
                className={colour.works ? 'h-full flex-1' : 'h-1/2 flex-1'}
              />
            ))
          )}
        </div>
      ))}
    </div>
  );
}

/** The rooms under their colours, each with how far it is. */
function RoomNames({ home }: { readonly home: Home }) {
  return (
    <span aria-hidden className="flex border-b border-line">
      {home.rooms.map((room) => (
        <span key={room.id} className="min-w-0 flex-1 border-r border-line px-2 py-1.5 text-sm leading-4 last:border-r-0">
          <b className="block font-semibold break-words">{room.name}</b>
          <span className="block text-soft">{STATE_WORDS[room.state]}</span>
        </span>
      ))}
    </span>
  );
}

/** Deleting asks twice: once what, once whether really. */
function Delete({ home, onDelete }: { readonly home: Home; readonly onDelete: () => void }) {
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState(false);
  return (
    <Dialog
      title={`Delete ${home.label}?`}
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setAsked(false);
      }}
      trigger={
        <Button className="px-2.5" aria-label={`Delete ${home.label}`} title="Delete">
          <Trash2 aria-hidden size={18} />
        </Button>
      }
    >
      <p className="mb-4">
        {asked
          ? `Really delete it, with ${home.rooms.length === 1 ? 'its room' : `all ${home.rooms.length} rooms`} and everything that was judged there?`
          : 'It goes from the list. It stays among the deleted, where it can be put back.'}
      </p>
      <div className="flex justify-end gap-3">
        <Button onClick={() => setOpen(false)}>Keep it</Button>
        <Button
          look="main"
          onClick={() => {
            if (!asked) return setAsked(true);
            setOpen(false);
            onDelete();
          }}
        >
          {asked ? 'Yes, delete it' : 'Delete it'}
        </Button>
      </div>
    </Dialog>
  );
}

/** A visit in the list: known by its colours, with how far it is. */
export function HomeCard({ home, large = false }: { readonly home: Home; readonly large?: boolean }) {
  const router = useRouter();
  const write = useWrite();
  const partly = partlySeen(home);
  const looks = sayLooks(home, sayShortDay);
  const shelve = async (shelf: Shelf, says?: string) => {
    const result = await write({ name: 'visit.shelve', visitId: home.id, shelf }, { answers: true }).result;
    if (!result.ok) return void toast.error(sayRefusal(result));
    router.refresh();
    if (says) toast(says, { action: { label: 'Put it back', onClick: () => void shelve(home.shelf) } });
  };
  return (
    <li className="flex flex-col border border-line bg-panel">
      <Link href={addressOf({ visitId: home.id })} prefetch={false} className="block flex-1 hover:bg-raised">
        <HomeStrip home={home} large={large} />
        {large && <RoomNames home={home} />}
        <span className="block px-4 pt-3 pb-2">
          <span className="block text-lg font-semibold break-words">{home.label}</span>
          <span className="block text-soft">
            {[home.clientName, home.placeName, sayDay(home.day)].filter(Boolean).join(' · ')}
          </span>
          <span className="mt-1 block">
            {sayHome(home)}
            {partly > 0 && (
              <span className="text-soft">; {partly === 1 ? 'one colour' : `${partly} colours`} not seen in every light</span>
            )}
          </span>
          {looks && <span className="block text-soft">{looks}</span>}
        </span>
      </Link>
      <div className="flex justify-end gap-1 px-2 pb-2">
        {home.shelf !== 'current' && (
          <Button className="px-3" onClick={() => void shelve('current')}>
            <Undo2 aria-hidden size={18} /> Put it back
          </Button>
        )}
        <a
          href={`/api/visits/${home.id}/file`}
          download
          aria-label={`Take ${home.label} away as a file`}
          title="Take away as a file"
          className={buttonClass('plain', 'px-2.5')}
        >
          <Download aria-hidden size={18} />
        </a>
        {home.shelf === 'current' && (
          <Button
            className="px-2.5"
            aria-label={`Put ${home.label} away`}
            title="Put away"
            onClick={() => void shelve('archived', `${home.label} is put away`)}
          >
            <Archive aria-hidden size={18} />
          </Button>
        )}
        {home.shelf !== 'deleted' && <Delete home={home} onDelete={() => void shelve('deleted', `${home.label} is deleted`)} />}
      </div>
    </li>
  );
}
