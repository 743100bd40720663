'use client';

import { Keyboard } from 'lucide-react';
import { useState } from 'react';
import { Dialog } from '@/ui/dialog';
import { Key } from '@/ui/button';
import { useKeys } from '@/ui/use-keys';
import type { KeyGroup } from './keys';

/** The keyboard map, on its button and on "?". */
export function KeyMap({ groups }: { readonly groups: readonly KeyGroup[] }) {
  const [open, setOpen] = useState(false);
  useKeys({ '?': () => setOpen(true) });
  return (
    <Dialog
      title="Keys"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button
          type="button"
          aria-label="Keyboard map"
          title="Keys (?)"
          className="grid size-11 cursor-pointer place-items-center hover:bg-raised"
        >
          <Keyboard aria-hidden size={20} />
        </button>
      }
    >
      <div className="grid gap-6 sm:grid-cols-2">
        {groups.map((group) => (
          <section key={group.title}>
            <h3 className="mb-2 font-semibold">{group.title}</h3>
            <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1.5">
              {group.rows.map(([keys, does]) => (
                <div key={keys} className="contents">
                  <dt>
                    <Key>{keys}</Key>
                  </dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Dialog>
  );
}
