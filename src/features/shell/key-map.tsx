'use client';

import type { KeyTable } from '@/ui/key-table';
import { CircleHelp } from 'lucide-react';
import { useState } from 'react';
import { ChoiceRow } from '@/ui/choice-row';
import { Dialog } from '@/ui/dialog';
import { Key } from '@/ui/button';
import { useKept } from '@/ui/use-kept';
import { EVERYWHERE } from '../words/everywhere-keys';
import { useTableKeys } from '@/ui/use-keys';
import { GUIDE, GUIDE_WORDS } from '../words/guide';

/** The keys of one screen. */
export type KeyGroup = { readonly title: string; readonly table: KeyTable };

const PAGES = ['keys', 'visit', 'words'] as const;
type Page = (typeof PAGES)[number];
const PAGE_NAMES: Readonly<Record<Page, string>> = { keys: 'Keys', visit: 'One visit', words: 'The words' };

function Keys({ groups }: { readonly groups: readonly KeyGroup[] }) {
  return (
    <div className="grid gap-6 sm:grid-cols-2">
      {groups.map((group) => (
        <section key={group.title}>
          <h3 className="mb-2 font-semibold">{group.title}</h3>
          <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1.5">
            {Object.entries(group.table).map(([action, row]) => (
              <div key={action} className="contents">
                <dt>
                  <Key of={row} />
                </dt>
                <dd>{row.does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}

function OneVisit() {
  return (
    <ol className="grid max-w-[65ch] gap-4">
      {GUIDE.map(({ title, says }, k) => (
        <li key={title}>
          <h3 className="font-semibold">
            {k + 1}. {title}
          </h3>
          {says.map((text) => (
            <p key={text} className="mt-1">
              {text}
            </p>
          ))}
        </li>
      ))}
    </ol>
  );
}

function Words() {
  return (
    <dl className="grid max-w-[75ch] gap-x-4 gap-y-2 sm:grid-cols-[11rem_1fr]">
      {GUIDE_WORDS.map(([word, means]) => (
        <div key={word} className="contents">
          <dt className="font-semibold">{word}</dt>
          <dd>{means}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Keys, a guide through one visit, and what the computed words mean: on its button and on "?". */
export function KeyMap({ groups }: { readonly groups: readonly KeyGroup[] }) {
  const [open, setOpen] = useState(false);
  const [page, setPage] = useKept<Page>('help', 'keys', PAGES);
  useTableKeys(EVERYWHERE, { help: () => setOpen(true) });
  return (
    <Dialog
      title="Keys and guide"
      wide
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button
          type="button"
          aria-label="Keys and guide"
          title="Keys and guide (?)"
          className="grid size-11 cursor-pointer place-items-center hover:bg-raised"
        >
          <CircleHelp aria-hidden size={20} />
        </button>
      }
    >
      <div className="mb-4">
        <ChoiceRow
          label="What is shown"
          value={page}
          onChange={setPage}
          options={PAGES.map((value) => ({ value, label: PAGE_NAMES[value] }))}
        />
      </div>
      {page === 'keys' && <Keys groups={groups} />}
      {page === 'visit' && <OneVisit />}
      {page === 'words' && <Words />}
    </Dialog>
  );
}
