'use client';

import { useSessionState } from '../session/use-session';
import { keyName } from '@/ui/key-table';
import { REASONS, REASON_SHORT, REASON_WORDS, type Verdict } from '@/core/judge/reasons';
import { PERSONS, type Person } from '@/core/judge/ruling';
import { INTENSITIES, INTENSITY_WORDS, intensityIn, type Intensity } from '@/core/record/intensity';
import { howSeen, isLookedAt, WAY_SEEN_WORDS } from '@/core/record/seen';
import { verdictIn } from '@/core/derived/standing';
import { reasonsOf } from '@/core/record/verdict';
import { LIGHT_NAMES, LIGHTS } from '@/core/room/facing';
import { Button, Key } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { VerdictBar } from '@/ui/verdict-mark';
import { InTheDark } from './in-the-dark';
import { BENCH_KEYS } from './keys';
import type { Bench } from './use-bench';
import { WaySeenMenu } from './way-seen';

const BUTTONS: readonly { readonly verdict: Verdict; readonly label: string }[] = [
  { verdict: 'works', label: 'Works' },
  { verdict: 'nearly', label: 'Nearly' },
  { verdict: 'no', label: 'No' },
];

/** Each reason in its own place with its own key, whatever the pair; the likely ones stand out. They wait for a verdict that needs one. */
function Reasons({ bench }: { readonly bench: Bench }) {
  const { current, likely } = bench;
  const given = current ? reasonsOf(current) : [];
  const wanted = current !== undefined && current.verdict !== 'works';
  return (
    <div role="group" aria-label="Why, as many as are true: too …" className="mt-2 grid grid-cols-6 gap-1 max-sm:grid-cols-4">
      {REASONS.map((reason, i) => (
        <button
          key={reason}
          type="button"
          disabled={!wanted}
          aria-pressed={given.includes(reason)}
          aria-label={`${REASON_WORDS[reason]}${wanted && likely.includes(reason) ? ', likely' : ''}`}
          title={`${REASON_WORDS[reason]} (${keyName(BENCH_KEYS.reason.keys[i]!)})`}
          data-likely={wanted && likely.includes(reason)}
          onClick={() => bench.giveReason(reason)}
          className="flex min-h-11 cursor-pointer items-center gap-1 border border-line bg-panel px-1 text-left text-[0.8125rem] leading-4 text-soft hover:bg-raised disabled:cursor-default disabled:opacity-55 aria-pressed:border-accent aria-pressed:bg-accent aria-pressed:text-on-accent enabled:border-line-strong enabled:text-ink data-[likely=true]:border-2 data-[likely=true]:border-ink data-[likely=true]:font-semibold"
        >
          <span className="shrink-0 text-xs opacity-75 pointer-coarse:hidden">{keyName(BENCH_KEYS.reason.keys[i]!)}</span>
          <span className="min-w-0">{REASON_SHORT[reason]}</span>
        </button>
      ))}
    </div>
  );
}

/** What comes next: by itself in a moment, or by a key. */
function Next({ bench }: { readonly bench: Bench }) {
  const { current, goesTo, room, onwards, candidate } = bench;
  const { going, stop } = onwards;
  const stay = room.stays.find((s) => s.id === goesTo?.stayId);
  const to = room.candidates.find((c) => c.id === goesTo?.candidateId);
  const says = stay && to && (to.id === candidate?.id ? stay.name : `${to.name} ${to.strength} %, ${stay.name}`);
  if (!current) return <p>Look at the join; then why.</p>;
  if (!says) return <p>All is judged in this light.</p>;
  if (!going) return <p className="break-words">{`Next: ${says}`}</p>;
  return (
    <p className="flex min-w-0 items-center gap-2" data-going={going.waitsForReason ? 'reason' : 'on'}>
      <span className="min-w-0 break-words">
        {sayGoing(going.waitsForReason, current.reason !== null)}: {says}
      </span>
      <button type="button" onClick={stop} className="-my-3 min-h-11 shrink-0 cursor-pointer px-1 underline underline-offset-4">
        stay here
      </button>
    </p>
  );
}

/** What is asked before it goes on. */
function sayGoing(waitsForReason: boolean, hasReason: boolean): string {
  if (waitsForReason) return 'Why? Else on';
  return hasReason ? 'Anything else? Else on' : 'On';
}

const AT_REST = (intensity: Intensity) => (intensity === 'right' ? 'strong' : 'plain');

/** A colour alone: its intensity. */
function AloneButtons({ bench }: { readonly bench: Bench }) {
  const { alone, giveAlone, light } = bench;
  const isSaid = (intensity: Intensity) => alone.current?.intensity === intensity;
  return (
    <div role="group" aria-label="The colour alone" className="grid grid-cols-[1.4fr_1fr_1fr] gap-1.5">
      {INTENSITIES.map((intensity) => {
        return (
          <Button
            key={intensity}
            look={isSaid(intensity) ? 'main' : AT_REST(intensity)}
            aria-pressed={isSaid(intensity)}
            disabled={!light}
            className={intensity === 'right' ? 'row-span-2 min-h-14 justify-between text-lg' : 'justify-between px-2.5'}
            onClick={() => giveAlone(intensity)}
          >
            <span className="first-letter:uppercase">{INTENSITY_WORDS[intensity]}</span>{' '}
            {intensity === 'right' ? (
              <Key of={BENCH_KEYS.works} />
            ) : (
              <Key of={BENCH_KEYS.reason} which={REASONS.indexOf(intensity)} />
            )}
          </Button>
        );
      })}
    </div>
  );
}

function PairButtons({ bench }: { readonly bench: Bench }) {
  const { current } = bench;
  return (
    <>
      <div className="grid grid-cols-3 gap-2">
        {BUTTONS.map(({ verdict, label }) => (
          <Button
            key={verdict}
            look={current?.verdict === verdict ? 'main' : 'strong'}
            aria-pressed={current?.verdict === verdict}
            className="min-h-14 justify-between text-lg"
            onClick={() => bench.give(verdict)}
          >
            {label} <Key of={BENCH_KEYS[verdict]} />
          </Button>
        ))}
      </div>
      <Reasons bench={bench} />
    </>
  );
}

/** What the eye can say of what is shown: of a pair, of a colour alone; nothing of what slides through many lights. */
function Saying({ bench }: { readonly bench: Bench }) {
  if (bench.layout.view === 'alone') return <AloneButtons bench={bench} />;
  if (bench.layout.judges) return <PairButtons bench={bench} />;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p className="text-soft">Along the slide the light changes: a verdict belongs to one light.</p>
      <Button onClick={() => bench.layout.setView('one')}>Judge the pair at the cursor</Button>
    </div>
  );
}

/** The eye decides: three verdicts, then the reason. */
export function EyePanel({ bench }: { readonly bench: Bench }) {
  const { person } = bench;
  return (
    <section
      aria-label="Your eye"
      className="min-w-0 border-line px-3.5 py-2.5 max-lg:border max-lg:border-t-0 lg:border-l fold:border-x-0 fold:px-3 fold:py-2"
    >
      <div className="mb-2 flex items-center justify-between gap-2">
        <div className="min-w-0 flex-1 text-sm">
          <p className="text-soft">
            {bench.light ? (
              <>
                {LIGHT_NAMES[bench.light]}, <WaySeenMenu />
              </>
            ) : (
              'too dark to judge at the cursor'
            )}
          </p>
          {bench.layout.judges && <Next bench={bench} />}
        </div>
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
                  client <Key of={BENCH_KEYS.person} />
                </>
              ),
            },
          ]}
        />
      </div>
      <InTheDark bench={bench} room={bench.room} />
      <Saying bench={bench} />
      {bench.layout.view === 'alone' ? <SaidAlone bench={bench} /> : <Said bench={bench} />}
    </section>
  );
}

/** What has been said of the colour alone. */
function SaidAlone({ bench }: { readonly bench: Bench }) {
  const { candidate, room } = bench;
  const { unsaved } = useSessionState();
  const said = PERSONS.flatMap((who) =>
    LIGHTS.flatMap((light) => intensityIn(room.intensities, { candidateId: candidate?.id ?? '', light, person: who }) ?? []),
  );
  return (
    <ul aria-label="Said of this colour alone" className="mt-1.5 min-h-5 text-sm">
      {said.map((one) => (
        <li key={one.id} data-saved={!unsaved.has(one.id)}>
          <b className="inline-block w-20 font-semibold">{one.person}</b> {LIGHT_NAMES[one.light]}:{' '}
          {INTENSITY_WORDS[one.intensity]}
          {!isLookedAt(one) && <span className="text-soft"> ({WAY_SEEN_WORDS[howSeen(one)]})</span>}
          {unsaved.has(one.id) && <span className="text-soft"> saving…</span>}
        </li>
      ))}
    </ul>
  );
}

/** What has been said of this pair, in every light and by both: a line for each person. */
function Said({ bench }: { readonly bench: Bench }) {
  const { candidate, stay, standing } = bench;
  const { unsaved } = useSessionState();
  if (!candidate || !stay) return null;
  const saidBy = (person: Person) =>
    LIGHTS.flatMap((light) =>
      [true, false].flatMap(
        (lookedAt) => verdictIn(standing, { candidateId: candidate.id, stayId: stay.id, light, person, lookedAt }) ?? [],
      ),
    );
  return (
    <div role="group" aria-label="Said of this pair" className="mt-1.5 min-h-5 text-sm">
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
                  data-seen={howSeen(v)}
                  className="flex items-center gap-1.5"
                >
                  <span className="w-6 shrink-0">
                    {v.verdict === 'no' ? <span className="block h-0.5 -rotate-12 bg-ink" /> : <VerdictBar mark={v.verdict} />}
                  </span>
                  {LIGHT_NAMES[v.light]}: {v.verdict}
                  {reasonsOf(v).map((r) => `, ${REASON_WORDS[r]}`)}
                  {!isLookedAt(v) && <span className="text-soft">({WAY_SEEN_WORDS[howSeen(v)]})</span>}
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
