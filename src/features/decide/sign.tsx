'use client';

import { useState, type ReactNode } from 'react';
import { toast } from 'sonner';
import { sayObjections } from '@/core/handover/not-settled';
import { sayNames } from '@/core/handover/rows';
import { wallClock } from '@/core/light/time-zone';
import { decidedRoom, toSign, type DecidedRoom } from '@/core/derived/decided';
import type { Signature } from '@/core/record/decision';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { objections, stillOpen } from '@/core/derived/signed';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { FieldError, TextField } from '@/ui/field';
import { useWriteForm } from '../session/use-write-form';
import { useHome, useVisitWrite } from '../session/visit-context';
import { sayDate } from '../words/say-light';

/** What a revision changed: names of surfaces that were decided otherwise before. */
function changesOf({ decided }: Signature, before: Signature | undefined): string {
  if (!before) return '';
  const of = (d: Signature['decided'][number]) => JSON.stringify({ ...d, name: '', why: '' });
  const changed = decided.filter((d) => !before.decided.some((b) => of(b) === of(d))).map((d) => d.name);
  const gone = before.decided.filter((b) => !decided.some((d) => d.surface === b.surface)).map((b) => `${b.name} left out`);
  return [...changed, ...gone].join(', ');
}

function Revisions({ signatures }: { readonly signatures: readonly Signature[] }) {
  if (signatures.length === 0) return null;
  return (
    <section aria-label="Signed before" className="border-t border-line pt-3">
      <h3 className="font-semibold">Signed before</h3>
      <ol className="mt-1 grid gap-2 text-[0.9375rem]">
        {[...signatures].reverse().map((s, k) => {
          const n = signatures.length - k;
          const changed = changesOf(s, signatures[n - 2]);
          return (
            <li key={s.id}>
              <b>Revision {n}</b>, {s.signedBy}, {sayDate(s.signedOn)} {s.signedOn.slice(0, 4)}
              {s.why && `: ${s.why}`}
              {changed && <span className="block text-sm text-soft">Changed: {changed}</span>}
              {s.leftOpen && <span className="block text-sm whitespace-pre-line text-soft">Open when signed: {s.leftOpen}</span>}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

type LinesProps = { readonly title: string; readonly lines: readonly string[]; readonly children: ReactNode };
/** What has to be known before it is signed, a line each; nothing where there is nothing. */
function Lines({ title, lines, children }: LinesProps) {
  if (lines.length === 0) return null;
  return (
    <section role="note" aria-label={title} className="border-l-4 border-ink pl-3">
      <h3 className="font-semibold">{title}</h3>
      <ul>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className="text-sm text-soft">{children}</p>
    </section>
  );
}

type BeforeProps = { readonly decided: DecidedRoom; readonly against: readonly string[]; readonly left: readonly string[] };
/** What one should know before one signs. */
function BeforeSigning({ decided: { signature, changed, open }, against, left }: BeforeProps) {
  return (
    <>
      {signature && !changed && against.length === 0 && <p role="status">Nothing has changed since it was signed.</p>}
      <Lines title="Said against what is signed" lines={against}>
        Decide it otherwise, or sign it again and say why it is kept.
      </Lines>
      <Lines title="Still open" lines={left}>
        It can be signed all the same; what is open is kept with the signature.
      </Lines>
      {open.length > 0 && (
        <p role="note" className="border-l-4 border-ink pl-3">
          <b>Not decided:</b> {sayNames(open)}. The schedule will say so.
        </p>
      )}
    </>
  );
}

type FormProps = { readonly room: RoomInLight; readonly decided: DecidedRoom; readonly onDone: () => void };

function SignForm({ room, decided, onDone }: FormProps) {
  const visit = useHome();
  const write = useVisitWrite();
  const { signature, revision, changed } = decided;
  const [today] = useState(() => wallClock(Date.now(), visit.place.timeZone).date);
  const ready = toSign(decided);
  const [against, left] = [sayObjections(room), stillOpen(room, decided)];
  const whyItIs = `it is ${against.length > 0 && !changed ? 'kept' : 'revised'}`;
  const { form, submit, busy, refused, wrong } = useWriteForm({
    fields: {
      signedBy: signature?.signedBy ?? visit.decides,
      signedOn: today,
      why: '',
    },
    toWrite: (said) => ({
      name: 'decision.sign',
      roomId: room.id,
      ...said,
      leftOpen: left.join('\n').slice(0, 2000),
      decided: ready,
    }),
    also: ({ why }) => (revision > 0 && why.trim() === '' ? { why: `Say why ${whyItIs}.` } : {}),
    send: (said) => write(said, { answers: true }).result,
    onDone: () => {
      onDone();
      toast.success(`${room.name} is signed, revision ${revision + 1}`);
    },
  });
  return (
    <form noValidate className="grid gap-4" onSubmit={(e) => void submit(e)}>
      <BeforeSigning {...{ decided, against, left }} />
      <div className="grid grid-cols-2 gap-3 max-sm:grid-cols-1">
        <TextField label="Signed by" error={wrong('signedBy')} {...form.register('signedBy')} />
        <TextField label="On" type="date" error={wrong('signedOn')} {...form.register('signedOn')} />
      </div>
      {revision > 0 && <TextField label={`Why ${whyItIs}`} error={wrong('why')} maxLength={500} {...form.register('why')} />}
      {refused && <FieldError>{refused}</FieldError>}
      <div className="flex justify-end">
        <Button type="submit" look="main" disabled={busy || ready.length === 0}>
          {busy ? 'Saving…' : `Sign ${ready.length === 1 ? 'one surface' : `${ready.length} surfaces`}`}
        </Button>
      </div>
      <Revisions signatures={room.signatures} />
    </form>
  );
}

/** Signs what is decided in a room, with a name and a date; a revision says why. */
export function Sign({ room }: { readonly room: RoomInLight }) {
  const decided = decidedRoom(room);
  const { signature, revision, changed, surfaces, open } = decided;
  const [shown, setShown] = useState(false);
  const nothing = open.length === surfaces.length;
  const refused = objections(room).length > 0;
  const toDo = !nothing && (changed || refused || !signature);
  const sayButton = () => {
    if (!signature) return 'Sign';
    if (changed) return 'Sign the revision';
    return refused ? 'Sign again' : 'Signed';
  };
  return (
    <Dialog
      title={revision === 0 ? `Sign what is decided: ${room.name}` : `Revision ${revision + 1}: ${room.name}`}
      description="What is signed is what the painter’s schedule and the order say. It can be revised; every revision is kept."
      open={shown}
      onOpenChange={setShown}
      trigger={
        <Button look={toDo ? 'strong' : 'plain'} disabled={nothing && !signature}>
          {sayButton()}
        </Button>
      }
    >
      <SignForm {...{ room, decided }} onDone={() => setShown(false)} />
    </Dialog>
  );
}
