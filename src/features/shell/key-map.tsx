'use client';

import { Keyboard } from 'lucide-react';
import { useState } from 'react';
import { Dialog } from '@/ui/dialog';
import { Key } from '@/ui/button';
import { useKeys } from '@/ui/use-keys';

const KEYS: readonly { readonly title: string; readonly rows: readonly (readonly [keys: string, does: string])[] }[] = [
  {
    title: 'On the bench',
    rows: [
      ['W', 'works'],
      ['E', 'nearly'],
      ['R', 'no'],
      ['1 – 9, 0, −', 'the reason, as numbered on its button'],
      ['Z', 'undo the last verdict'],
      ['→  ←', 'next, previous thing that stays'],
      ['↑  ↓', 'stronger, weaker'],
      ['N  P', 'next, previous colour'],
      ['C', 'consultant or client speaks'],
      ['A  I  S  K', 'all things, alone, two strengths, slide'],
      ['U', 'what lies around: paper, trim, black …'],
      ['G', 'first glance'],
      ['F', 'fetch the first proposal'],
    ],
  },
  {
    title: 'Everywhere in a room',
    rows: [
      ['D  B  O  Y', 'sky: clear, broken, overcast, of the day'],
      ['L', 'lamps on or off'],
      ['[  ]', 'a quarter of an hour back, on; with Shift an hour'],
      ['T', 'now'],
      ['V', 'as it looks, or as in the deck'],
      ['?', 'this list'],
    ],
  },
];

/** The keyboard map, on its button and on "?". */
export function KeyMap() {
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
        {KEYS.map((group) => (
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
