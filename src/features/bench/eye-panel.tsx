'use client';

import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { REASON_WORDS, type Verdict } from '@/core/judge/reasons';
import { PERSONS } from '@/core/judge/ruling';
import { verdictIn } from '@/core/record/room-record';
import { LIGHT_NAMES, LIGHTS } from '@/core/room/facing';
import { Button, Key } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { classNames } from '@/ui/class-names';
import { VerdictBar } from '@/ui/verdict-mark';
import { REASON_KEYS, type Bench } from './use-bench';

const BUTTONS: readonly { readonly verdict: Verdict; readonly label: string; readonly key: string }[] = [
  { verdict: 'works', label: 'Works', key: 'W' },
  { verdict: 'nearly', label: 'Nearly', key: 'E' },
  { verdict: 'no', label: 'No', key: 'R' },
];

/** Reasons shown at once, the likeliest first: so few that the colours above keep their size. Every reason has its key all the time. */
const LIKELIEST = 5;

/** The eye decides: three verdicts, then the reason. */
export function EyePanel({ bench }: { readonly bench: Bench }) {
  const { current, person } = bench;
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Your eye" className="min-w-0 border-l border-line p-3.5 max-lg:border-t max-lg:border-l-0">
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <p className="text-sm text-soft">
          {person === 'client' ? 'The client’s eye' : 'Your eye'}, {LIGHT_NAMES[bench.light]}
        </p>
        <ChoiceRow
          label="Who says it"
          value={person}
          onChange={bench.setPerson}
          options={[
            { value: PERSONS[0], label: 'consultant' },
            {
              value: PERSONS[1],
              label: (
                <>
                  client <Key>C</Key>
                </>
              ),
            },
          ]}
        />
      </div>
      <div className="grid grid-cols-3 gap-2">
        {BUTTONS.map(({ verdict, label, key }) => (
          <Button
            key={verdict}
            look={current?.verdict === verdict ? 'main' : 'strong'}
            aria-pressed={current?.verdict === verdict}
            className="min-h-14 justify-between text-lg"
            onClick={() => bench.give(verdict)}
          >
            {label} <Key>{key}</Key>
          </Button>
        ))}
      </div>
      {current && current.verdict !== 'works' ? (
        <div role="group" aria-label="Why" className="mt-2 flex flex-wrap gap-1.5">
          {bench.reasons.slice(0, open ? undefined : LIKELIEST).map((reason, i) => (
            <button
              key={reason}
              type="button"
              aria-pressed={current.reason === reason}
              onClick={() => bench.giveReason(reason)}
              className="min-h-11 cursor-pointer border border-line-strong bg-panel px-2.5 text-sm hover:bg-raised aria-pressed:bg-accent aria-pressed:text-on-accent"
            >
              <span className="pointer-coarse:hidden">{REASON_KEYS[i]} </span>
              {REASON_WORDS[reason]}
            </button>
          ))}
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="min-h-11 cursor-pointer border border-transparent px-2.5 text-sm underline underline-offset-4 hover:bg-raised"
          >
            {open ? 'fewer' : 'more…'}
          </button>
        </div>
      ) : (
        <p className="mt-2 text-sm text-soft">
          {current ? 'Next thing: →' : 'Look at the join. One key or tap; the reason follows.'}
        </p>
      )}
    </section>
  );
}

/** What has been said of this pair, in every light and by both, and the way back. */
export function SaidPanel({ bench }: { readonly bench: Bench }) {
  const { candidate, stay, standing, lastGiven, unsaved } = bench;
  if (!candidate || !stay) return null;
  const cells = LIGHTS.flatMap((light) =>
    PERSONS.map((person) => verdictIn(standing, { candidateId: candidate.id, stayId: stay.id, light, person })),
  ).filter((v) => v !== undefined);
  return (
    <section aria-label="Said of this pair" className="min-w-0 border-l border-line p-3.5 max-lg:border-t max-lg:border-l-0">
      <div className="mb-2 flex items-center justify-between gap-2">
        <p className="text-sm text-soft">Said of this pair</p>
        <Button disabled={!lastGiven} onClick={bench.undo}>
          <Undo2 aria-hidden size={16} /> Undo <Key>Z</Key>
        </Button>
      </div>
      {cells.length === 0 ? (
        <p className="border border-dashed border-line-strong p-3 text-sm text-soft">Not looked at yet.</p>
      ) : (
        <ul className="grid gap-2" aria-live="polite">
          {cells.map((v) => (
            <li
              key={v.id}
              data-id={v.id}
              data-verdict={v.verdict}
              data-saved={!unsaved.has(v.id)}
              className="grid grid-cols-[2.5rem_1fr] items-center gap-x-3"
            >
              {v.verdict === 'no' ? <span className="h-0.5 w-full -rotate-12 bg-ink" /> : <VerdictBar mark={v.verdict} />}
              <span>
                <b>{v.person}</b>, {LIGHT_NAMES[v.light]}: {v.verdict}
                {v.reason && `, ${REASON_WORDS[v.reason]}`}
                <span className={classNames('ml-2 text-sm text-soft')}>{unsaved.has(v.id) ? 'saving…' : 'saved'}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
