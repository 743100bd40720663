'use client';

import { SHEET_NAMES, sheetsOf } from '@/core/units/habits';
import { CalendarDays, FileText, Smartphone } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import { dayAfter, wallClock } from '@/core/light/time-zone';
import type { LookHand } from '@/core/record/look-hand';
import { Button, buttonClass } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { TextField } from '@/ui/field';
import { TickRow } from '@/ui/tick-row';
import { useHome, useVisit, useVisitWrite } from '../session/visit-context';
import { sayDate } from '../words/say-light';
import { sayRefusal } from '../words/words';
import { sayLookWhen, type LookRow } from '@/core/engine/look-rows';
import { savedLook } from './use-looks';

/** 128 random bits in base64url. */
function makeKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}

/** What a hand-out can be taken away as. */
function Papers({ hand }: { readonly hand: LookHand }) {
  const visit = useVisit();
  const file = (name: string) => `/api/visits/${visit.id}/hands/${hand.id}/${name}`;
  return (
    <div className="flex flex-wrap gap-2">
      <a className={buttonClass()} href={file('looks.html')} download>
        <Smartphone aria-hidden size={18} /> Page for the phone
      </a>
      {sheetsOf(visit).map((sheet) => (
        <a key={sheet} className={buttonClass()} href={file(`cards-${sheet}.pdf`)} download>
          <FileText aria-hidden size={18} /> Cards, {SHEET_NAMES[sheet]}
        </a>
      ))}
      <a className={buttonClass()} href={file('looks.ics')} download>
        <CalendarDays aria-hidden size={18} /> Calendar file
      </a>
    </div>
  );
}

/** How many looks of a hand-out were answered. */
function useAnswered(): (hand: LookHand) => number {
  const visit = useVisit();
  const answered = new Set(visit.rooms.flatMap((r) => r.answers.filter((a) => !a.undone).map((a) => a.lookId)));
  return ({ lookIds }) => lookIds.filter((id) => answered.has(id)).length;
}

/** Whether a board of one of its colours is painted: a client is asked about no other. */
const hasBoard = ({ room, candidateIds }: LookRow): boolean =>
  room.samples.some((s) => s.paintedAt !== null && (candidateIds.length === 0 || candidateIds.includes(s.candidateId)));

function HandedOver({ hand }: { readonly hand: LookHand }) {
  return (
    <div role="status" className="grid gap-2">
      <p className="font-semibold">
        {hand.lookIds.length === 1 ? 'One look is' : `${hand.lookIds.length} looks are`} handed over. Give them what suits:
      </p>
      <Papers hand={hand} />
      <p className="text-sm text-soft">
        Their answers come back as a file; read it in here. Only this hand-out’s own file is taken.
      </p>
    </div>
  );
}

function HandedBefore({ hands }: { readonly hands: readonly LookHand[] }) {
  const visit = useHome();
  const answered = useAnswered();
  const zone = visit.place.timeZone;
  if (hands.length === 0) return null;
  return (
    <section aria-label="Handed over before" className="grid gap-2 border-t border-line pt-3">
      {hands.map((h) => (
        <div key={h.id} className="grid gap-1">
          <p className="text-[0.9375rem]">
            {sayDate(wallClock(Date.parse(h.at), zone).date)}: {h.lookIds.length === 1 ? '1 look' : `${h.lookIds.length} looks`},{' '}
            {answered(h)} answered
          </p>
          <Papers hand={h} />
        </div>
      ))}
    </section>
  );
}

type Props = { readonly rows: readonly LookRow[] };

/** Which looks are handed over and from which day on, and the handing. */
function useHandingOver(rows: readonly LookRow[]) {
  const visit = useHome();
  const write = useVisitWrite();
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [from, setFrom] = useState('');
  const [busy, setBusy] = useState(false);
  const [made, setMade] = useState<string>();
  const chosen = rows.filter((r) => !left.has(r.key));
  const toggle = (key: string, on: boolean) => {
    const next = new Set(left);
    if (on) next.delete(key);
    else next.add(key);
    setLeft(next);
  };
  const handOver = async () => {
    setBusy(true);
    const first = from || dayAfter(Date.now(), visit.place.timeZone);
    const looks = chosen.map((row) =>
      savedLook(row, { who: 'client', date: row.look?.date ?? first, state: 'planned', takenAt: null }),
    );
    const handId = v7();
    const hand = { name: 'look.hand', visitId: visit.id, handId, key: makeKey(), lookIds: looks.map((l) => l.lookId) } as const;
    // what is handed out is kept with it, or neither is
    const done = await write([...looks, hand], { answers: true }).result;
    setBusy(false);
    if (!done.ok) return void toast.error(sayRefusal(done));
    setMade(handId);
  };
  return { chosen, isChosen: (key: string) => !left.has(key), toggle, from, setFrom, busy, made, setMade, handOver };
}

/** What is to be handed over, ticked, and from when. */
function ToHandOver({ rows, handing }: Props & { readonly handing: ReturnType<typeof useHandingOver> }) {
  const { chosen, busy } = handing;
  return (
    <>
      {rows.length === 0 ? (
        <p className="text-soft">Every look is taken or falls into the visit: nothing is left to the client.</p>
      ) : (
        <div className="grid max-h-[40dvh] gap-1 overflow-auto">
          {rows.map((row) => (
            <TickRow
              key={row.key}
              label={`${row.number}  ${row.room.name}, ${sayLookWhen(row)}`}
              aside={hasBoard(row) ? undefined : 'no painted board yet'}
              checked={handing.isChosen(row.key)}
              onChange={(on) => handing.toggle(row.key, on)}
            />
          ))}
        </div>
      )}
      <div className="flex flex-wrap items-end justify-between gap-3">
        <TextField
          label="From the day on"
          type="date"
          className="w-48"
          value={handing.from}
          onChange={(e) => handing.setFrom(e.target.value)}
          hint="Empty: tomorrow"
        />
        <Button look="main" disabled={chosen.length === 0 || busy} onClick={() => void handing.handOver()}>
          {busy ? 'Saving…' : `Hand over ${chosen.length === 1 ? 'one look' : `${chosen.length} looks`}`}
        </Button>
      </div>
    </>
  );
}

/** Hands looks to the client: cards for the boards, a page for the phone that gives back a file, and a calendar. */
export function HandOut({ rows }: Props) {
  const visit = useHome();
  const [open, setOpen] = useState(false);
  const handing = useHandingOver(rows);
  const hand = visit.hands.find((h) => h.id === handing.made);
  const before = [...visit.hands].reverse().filter((h) => h.id !== handing.made);
  return (
    <Dialog
      title="For the client"
      description="Cards for the boards, a page for their phone that works without a network, and the looks in their calendar."
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        if (!next) handing.setMade(undefined);
      }}
      trigger={<Button look="strong">For the client</Button>}
    >
      <div className="grid gap-4">
        {hand ? <HandedOver hand={hand} /> : <ToHandOver {...{ rows, handing }} />}
        <HandedBefore hands={before} />
      </div>
    </Dialog>
  );
}
