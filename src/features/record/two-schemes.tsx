'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import type { ComputedCell } from '@/core/derived/cell';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { Scheme } from '@/core/record/scheme';
import { Button, buttonClass } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { EmptyState } from '@/ui/step-title';
import { InLight, ShownSwitch } from '../light-client/in-light';
import { useCells } from '../light-client/judgements';
import { latest } from '../light-client/light-worker';
import { takeAway } from '../session/take-away';
import { useHome, useVisitWrite } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { SchemeLinks } from './scheme-links';
import { SchemePicture } from './scheme-picture';
import { SchemeForm } from './scheme-form';
import { addressOf } from '../session/address';

const NOW = 'now';

type SideProps = {
  readonly room: RoomInLight;
  readonly side: 'left' | 'right';
  readonly schemeId: string;
  readonly onScheme: (id: string) => void;
  /** Undefined while they are computed. */
  readonly cells: readonly ComputedCell[] | undefined;
};

/** One of the two schemes: which one, what it looks like, what holds it together. */
function Side({ room, side, schemeId, onScheme, cells }: SideProps) {
  const [changing, setChanging] = useState(false);
  const write = useVisitWrite();
  const scheme = room.schemes.find((s) => s.id === schemeId);
  const leave = ({ id, name: gone }: Scheme) =>
    takeAway(
      (retired) => write({ name: 'scheme.retire', roomId: room.id, schemeId: id, retired }, { answers: true }).result,
      `${gone} taken away`,
    );
  const name = scheme?.name ?? 'As it is now';
  return (
    <section aria-label={`The ${side} scheme: ${name}`} className="flex min-w-0 flex-col">
      <div className="mb-2 flex items-end gap-2 print:hidden">
        <select
          aria-label={`On the ${side}`}
          className="min-h-11 min-w-0 flex-1 border border-line-strong bg-raised px-2 text-[0.9375rem] font-semibold"
          value={scheme ? schemeId : NOW}
          onChange={(e) => onScheme(e.target.value)}
        >
          <option value={NOW}>As it is now</option>
          {room.schemes.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
            </option>
          ))}
        </select>
        {scheme && (
          <>
            <Dialog
              title={`Change ${scheme.name}`}
              open={changing}
              onOpenChange={setChanging}
              trigger={<Button aria-label={`Change the ${side} scheme`}>Change</Button>}
            >
              <SchemeForm room={room} scheme={scheme} onDone={() => setChanging(false)} />
            </Dialog>
            <Button aria-label={`Take away the ${side} scheme`} onClick={() => void leave(scheme)}>
              Take away
            </Button>
          </>
        )}
      </div>
      <p className="hidden font-semibold print:block">{name}</p>
      <SchemePicture room={room} scheme={scheme} name={name} />
      {scheme ? (
        <SchemeLinks room={room} scheme={scheme} cells={cells} />
      ) : (
        <p className="mt-3 text-sm text-soft">
          {room.oldWall ? 'The wall that is there today, beside what stays.' : 'The old wall has not been recorded: see Stays.'}
        </p>
      )}
    </section>
  );
}

function NewScheme({ room, onMade }: { readonly room: RoomInLight; readonly onMade: (id: string) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog
      title="A new scheme"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button look={room.schemes.length === 0 ? 'main' : 'plain'}>
          <Plus aria-hidden size={18} /> New scheme
        </Button>
      }
    >
      <SchemeForm
        room={room}
        onDone={(id) => {
          setOpen(false);
          if (id) onMade(id);
        }}
      />
    </Dialog>
  );
}

type BothProps = {
  readonly room: RoomInLight;
  readonly schemes: readonly [string, string];
  readonly onSchemes: (schemes: readonly [string, string]) => void;
};

function Both({ room, schemes: [left, right], onSchemes }: BothProps) {
  const asked = useCells(room.id);
  const cells = latest(asked)?.cells;
  // nothing is asked of a room where nothing stays
  const waiting = room.stays.length > 0 && asked.state === 'computing' && !cells;
  const shown = waiting ? undefined : (cells ?? []);
  return (
    <InLight roomId={room.id}>
      {asked.state === 'failed' && <p role="alert">{asked.says}</p>}
      <div className="grid gap-4 md:grid-cols-2">
        <Side room={room} side="left" schemeId={left} onScheme={(id) => onSchemes([id, right])} cells={shown} />
        <Side room={room} side="right" schemeId={right} onScheme={(id) => onSchemes([left, id])} cells={shown} />
      </div>
    </InLight>
  );
}

/** Any two schemes of a room side by side, in the light at the cursor. */
export function TwoSchemes({ room }: { readonly room: RoomInLight }) {
  const visit = useHome();
  const [chosen, setChosen] = useState<readonly [string | undefined, string | undefined]>([undefined, undefined]);
  const [first, second] = room.schemes;
  const known = (id: string | undefined) => (id === NOW || room.schemes.some((s) => s.id === id) ? id : undefined);
  const left = known(chosen[0]) ?? (second ? first!.id : NOW);
  const right = known(chosen[1]) ?? second?.id ?? first?.id ?? NOW;
  if (room.candidates.length === 0)
    return (
      <EmptyState title="No colour in this room yet">
        <p className="mb-4">A scheme is made of colours in the room: pick candidates from the deck first.</p>
        <VisitLink href={addressOf({ visitId: visit.id, roomId: room.id, step: 'deck' })} className={buttonClass('main')}>
          To the deck
        </VisitLink>
      </EmptyState>
    );
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center justify-between gap-2 print:hidden">
        <NewScheme room={room} onMade={(id) => setChosen(right === NOW ? [left, id] : [right, id])} />
        <ShownSwitch />
      </div>
      {room.schemes.length === 0 ? (
        <EmptyState title="No scheme yet">
          Put wall, trim and accents together; any two schemes then stand side by side with what stays.
        </EmptyState>
      ) : (
        <Both room={room} schemes={[left, right]} onSchemes={setChosen} />
      )}
    </>
  );
}
