'use client';

import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { REASON_WORDS, type Verdict } from '@/core/judge/reasons';
import { PERSONS, type Person } from '@/core/judge/ruling';
import { verdictIn } from '@/core/record/standing';
import { LIGHT_NAMES, LIGHTS } from '@/core/room/facing';
import { Button, Key } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { VerdictBar } from '@/ui/verdict-mark';
import { InTheDark } from './in-the-dark';
import { REASON_KEYS, type Bench } from './use-bench';

const BUTTONS: readonly { readonly verdict: Verdict; readonly label: string; readonly key: string }[] = [
  { verdict: 'works', label: 'Works', key: 'W' },
  { verdict: 'nearly', label: 'Nearly', key: 'E' },
  { verdict: 'no', label: 'No', key: 'R' },
];

/** Reasons shown at once, the likeliest first: so few that the colours above keep their size. Every reason has its key all the time. */
const LIKELIEST = 4;

function Reasons({ bench }: { readonly bench: Bench }) {
  const [open, setOpen] = useState(false);
  return (
    <div role="group" aria-label="Why" className="mt-2 flex flex-wrap gap-1.5">
      {bench.reasons.slice(0, open ? undefined : LIKELIEST).map((reason, i) => (
        <button
          key={reason}
          type="button"
          aria-pressed={bench.current?.reason === reason}
          onClick={() => bench.giveReason(reason)}
          className="min-h-11 cursor-pointer border border-line-strong bg-panel px-2 text-[15px] hover:bg-raised aria-pressed:bg-accent aria-pressed:text-on-accent"
        >
          <span className="pointer-coarse:hidden">{REASON_KEYS[i]} </span>
          {REASON_WORDS[reason]}
        </button>
      ))}
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="min-h-11 cursor-pointer border border-transparent px-1.5 text-[15px] underline underline-offset-4 hover:bg-raised"
      >
        {open ? 'fewer' : 'more…'}
      </button>
    </div>
  );
}

/** The eye decides: three verdicts, then the reason. */
export function EyePanel({ bench }: { readonly bench: Bench }) {
  const { current, person, lastGiven } = bench;
  return (
    <section
      aria-label="Your eye"
      className="min-w-0 border-l border-line p-3.5 max-lg:order-first max-lg:border-l-0 md:max-lg:col-span-2"
    >
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <p className="text-sm text-soft">{bench.light ? LIGHT_NAMES[bench.light] : 'too dark to judge at the cursor'}</p>
        <div className="flex gap-2">
          <Button className="px-3" aria-label="Undo" title="Undo the last verdict (Z)" disabled={!lastGiven} onClick={bench.undo}>
            <Undo2 aria-hidden size={16} /> <Key>Z</Key>
          </Button>
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
      </div>
      <InTheDark bench={bench} room={bench.room} />
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
        <Reasons bench={bench} />
      ) : (
        <p className="mt-2 flex min-h-11 items-center text-sm text-soft">
          {current ? 'Next thing: →' : 'Look at the join. One key or tap; the reason follows.'}
        </p>
      )}
      <Said bench={bench} />
    </section>
  );
}

/** What has been said of this pair, in every light and by both: a line for each person. */
function Said({ bench }: { readonly bench: Bench }) {
  const { candidate, stay, standing, unsaved } = bench;
  if (!candidate || !stay) return null;
  const saidBy = (person: Person) =>
    LIGHTS.map((light) => verdictIn(standing, { candidateId: candidate.id, stayId: stay.id, light, person })).filter(
      (v) => v !== undefined,
    );
  return (
    <div role="group" aria-label="Said of this pair" aria-live="polite" className="mt-2 min-h-11 text-sm">
      {PERSONS.map((person) => {
        const said = saidBy(person);
        return (
          said.length > 0 && (
            <ul key={person} aria-label={person} className="flex flex-wrap items-center gap-x-3.5 leading-5">
              <li className="w-20 font-semibold">{person}</li>
              {said.map((v) => (
                <li
                  key={v.id}
                  data-id={v.id}
                  data-verdict={v.verdict}
                  data-saved={!unsaved.has(v.id)}
                  className="flex items-center gap-1.5"
                >
                  <span className="w-6 shrink-0">
                    {v.verdict === 'no' ? <span className="block h-0.5 -rotate-12 bg-ink" /> : <VerdictBar mark={v.verdict} />}
                  </span>
                  {LIGHT_NAMES[v.light]}: {v.verdict}
                  {v.reason && `, ${REASON_WORDS[v.reason]}`}
                  {unsaved.has(v.id) && <span className="text-soft">saving…</span>}
                </li>
              ))}
            </ul>
          )
        );
      })}
    </div>
  );
}
