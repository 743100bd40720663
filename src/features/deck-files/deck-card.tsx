'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import type { Write } from '@/core/operations/operations';
import type { MakerSummary } from '@/server/deck-files/export';
import { Button, buttonClass } from '@/ui/button';
import { Confirm } from '@/ui/confirm';
import { Dialog } from '@/ui/dialog';
import { TextField } from '@/ui/field';
import { checkWrite } from '../session/check-write';
import type { WriteResult } from '../session/sender';
import { useWrite } from '../session/use-session';
import { sayRefusal } from '../words/words';
import { ProductLinesDialog } from './product-lines';
import { counted } from '@/core/base/words';

/** The deck as its strips, side by side. */
function Strips({ maker }: { readonly maker: MakerSummary }) {
  return (
    <div
      className="flex h-32 bg-line"
      role="img"
      aria-label={`The strips of ${maker.name}`}
      data-patch={maker.strips.flat().join(' ')}
    >
      {maker.strips.map((steps, i) => (
        <span key={i} className="flex min-w-0 flex-1 flex-col">
          {steps.map((hex, k) => (
            <span key={k} className="flex-1" style={{ backgroundColor: hex }} />
          ))}
        </span>
      ))}
    </div>
  );
}

function Rename({ maker, onWrite }: { readonly maker: MakerSummary; readonly onWrite: (write: Write) => Promise<WriteResult> }) {
  const [open, setOpen] = useState(false);
  const [called, setCalled] = useState(maker.name);
  const [error, setError] = useState<string>();
  const submit = async () => {
    const checked = checkWrite({ name: 'deck.rename', makerId: maker.id, called: called.trim() === '' ? null : called });
    if (!checked.ok) return setError(Object.values(checked.errors)[0]);
    const result = await onWrite(checked.write);
    if (!result.ok) return setError(sayRefusal(result));
    setOpen(false);
  };
  return (
    <Dialog
      title={`What ${maker.name} is called here`}
      open={open}
      onOpenChange={setOpen}
      trigger={<Button aria-label={`Rename ${maker.name}`}>Rename</Button>}
    >
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void submit();
        }}
      >
        <TextField
          label="Name of the deck"
          hint="Empty: as its maker names it. Codes stay as they are: maker and code say which colour it is."
          value={called}
          error={error}
          onChange={(e) => setCalled(e.target.value)}
        />
        <div className="flex justify-end">
          <Button type="submit" look="main">
            Call it so
          </Button>
        </div>
      </form>
    </Dialog>
  );
}

/** One deck: its strips, its files, what it is called, and the way to put it away. */
export function DeckCard({ maker }: { readonly maker: MakerSummary }) {
  const router = useRouter();
  const write = useWrite();
  const onWrite = async (said: Write): Promise<WriteResult> => {
    const result = await write(said, { answers: true }).result;
    if (result.ok) router.refresh();
    return result;
  };
  const retire = async (retired: boolean) => {
    const done = await onWrite({ name: 'deck.retire', makerId: maker.id, retired });
    if (!done.ok) return void toast.error(sayRefusal(done));
    if (retired) toast(`${maker.name} is put away`, { action: { label: 'Put it back', onClick: () => void retire(false) } });
  };
  const tried =
    maker.tried > 0
      ? `${counted(maker.tried, 'colour')} of it ${maker.tried === 1 ? 'is' : 'are'} tried in ${counted(maker.visits, 'visit')} and ${maker.tried === 1 ? 'stays' : 'stay'} there.`
      : 'None of its colours is tried anywhere.';
  return (
    <li className={`border border-line bg-panel ${maker.retired ? 'opacity-70' : ''}`} data-deck={maker.id}>
      <Strips maker={maker} />
      <div className="flex flex-wrap items-center gap-2 px-4 py-3">
        <p className="min-w-40 flex-1">
          <b className="block text-lg break-words">{maker.name}</b>
          <span className="text-sm text-soft">
            {counted(maker.colours, 'colour')}
            {maker.retired && ', put away'}
            {!maker.retired && maker.tried > 0 && `, ${maker.tried} tried`}
          </span>
        </p>
        {(['csv', 'cgats', 'json'] as const).map((kind) => (
          <a
            key={kind}
            download
            className={buttonClass()}
            href={`/api/decks/${encodeURIComponent(maker.id)}/deck.${kind}`}
            aria-label={`${maker.name} as ${kind.toUpperCase()}`}
          >
            {kind.toUpperCase()}
          </a>
        ))}
        <ProductLinesDialog key={JSON.stringify(maker.products)} maker={maker} onWrite={onWrite} />
        <Rename key={maker.name} maker={maker} onWrite={onWrite} />
        {maker.retired ? (
          <Button onClick={() => void retire(false)}>Put it back</Button>
        ) : (
          <Confirm
            title={`Put ${maker.name} away?`}
            body={`It is not leafed through or searched any more, and comes back whenever you like. ${tried}`}
            action="Put it away"
            onConfirm={() => void retire(true)}
          >
            <Button aria-label={`Put ${maker.name} away`}>Put away</Button>
          </Confirm>
        )}
      </div>
    </li>
  );
}
