'use client';

import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { browserSession } from '../session/browser-session';
import type { SetAside as Aside } from '../session/outbox';
import { useSessionState } from '../session/use-session';
import { useVisit } from '../session/visit-context';
import { sayWhen } from '../words/say-light';
import { sayWrite } from '../words/say-write';
import { sayRefusal } from '../words/words';

function Row({ aside }: { readonly aside: Aside }) {
  const visit = useVisit();
  const { session } = browserSession();
  const { operations, refusal } = aside;
  const [operation] = operations;
  return (
    <li className="border border-line bg-panel p-3">
      <p className="font-semibold">
        {operation ? operations.map((o) => sayWrite(o.write, visit)).join('; ') : 'Something that can no longer be read'}
      </p>
      <p className="text-sm text-soft">
        {operation && `${sayWhen(operation.at, visit.place.timeZone)} · `}
        {refusal.reason === 'failed' ? 'Elm Swatch failed at it several times.' : sayRefusal(refusal)}
      </p>
      {!operation && <pre className="mt-2 max-h-40 overflow-auto bg-raised p-2 text-sm whitespace-pre-wrap">{aside.text}</pre>}
      <div className="mt-2 flex gap-2">
        {operation && (
          <Button look="main" onClick={() => session.tryAgain(aside.id)}>
            Try again
          </Button>
        )}
        <Button onClick={() => session.letGo(aside.id)}>Let it go</Button>
      </div>
    </li>
  );
}

/** What could not be saved and never will be by itself: said at the top until the person has decided on each. */
export function SetAside() {
  const { aside } = useSessionState();
  const [open, setOpen] = useState(false);
  if (aside.length === 0) return null;
  return (
    <div role="alert" className="flex items-center gap-3 border-b-2 border-ink bg-raised px-4 py-1.5 print:hidden">
      <TriangleAlert aria-hidden size={18} className="shrink-0" />
      <p className="min-w-0 flex-1">
        {aside.length === 1 ? 'One thing' : `${aside.length} things`} you said could not be saved and{' '}
        {aside.length === 1 ? 'is' : 'are'} kept aside.
      </p>
      <Dialog title="Kept aside" open={open} onOpenChange={setOpen} trigger={<Button>Look</Button>}>
        <ul className="grid gap-3">
          {aside.map((one) => (
            <Row key={one.id} aside={one} />
          ))}
        </ul>
      </Dialog>
    </div>
  );
}
