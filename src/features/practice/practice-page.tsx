'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { unitOf } from '@/core/eye/asked';
import { EXERCISES, PRACTISED, PRACTISED_WORDS, type Practised } from '@/core/eye/exercises';
import { counted } from '@/core/base/words';
import type { EyeSettings, PracticeAnswer } from '@/core/record/eye';
import type { EyeTold } from '@/server/eye/eye';
import { Button } from '@/ui/button';
import { Confirm } from '@/ui/confirm';
import { useLive } from '@/ui/use-live';
import { VISITS } from '../session/address';
import { useWrite } from '../session/use-session';
import { sayRefusal } from '../words/words';
import { OverTime } from './over-time';
import { Portrait } from './portrait';
import { ScreenCheck } from './screen-check';
import { Sitting } from './sitting';
import { answersOf, dueOf, standingOf, type Standing } from './trials';

/** A screen is looked at again after so long. Own choice. */
const SCREEN_HOLDS_MS = 30 * 24 * 60 * 60_000;

function sayStanding(of: Practised, standing: Standing | undefined): string {
  if (!standing) return '';
  const unit = unitOf(of);
  const say = (v: number) =>
    unit === 'ΔE' || unit === 'L*' ? `${unit} ${v.toFixed(1)}` : `${v.toFixed(unit === '%' ? 0 : 1)} ${unit}`;
  const { estimate, low, high } = standing;
  return low === null || high === null ? `from ${say(estimate)}` : `from ${say(estimate)} (${low.toFixed(1)}–${high.toFixed(1)})`;
}

type CardProps = { readonly of: Practised; readonly told: EyeTold; readonly now: number; readonly onStart: () => void };
function ExerciseCard({ of, told, now, onStart }: CardProps) {
  const answers = answersOf(told.sets, of);
  const due = dueOf(told.sets, of, now).length;
  const { name, says } = PRACTISED_WORDS[of];
  const stands = sayStanding(of, standingOf(of, answers));
  return (
    <li className="flex flex-col gap-1 border border-line bg-panel p-4">
      <h3 className="font-semibold">{name}</h3>
      <p className="text-sm text-soft">{says}</p>
      <p className="mt-auto pt-2 text-sm">
        {answers.length === 0 ? 'not begun' : `${stands || 'not enough yet'}; ${counted(answers.length, 'answer')}`}
        {due > 0 && ` · ${due} missed and due again`}
      </p>
      <div>
        <Button aria-label={`${name}: two minutes`} onClick={onStart}>
          Two minutes
        </Button>
      </div>
    </li>
  );
}

/** What is written of an eye, and told where it could not be. */
function useEyeWrites({ settings }: EyeTold) {
  const router = useRouter();
  const write = useWrite();
  const set = async (said: Partial<EyeSettings>, says?: string) => {
    const before = Object.fromEntries(
      Object.keys(said).map((k) => [k, settings[k as keyof EyeSettings]]),
    ) as Partial<EyeSettings>;
    const result = await write({ name: 'eye.set', ...said }, { answers: true }).result;
    if (!result.ok) return void toast.error(sayRefusal(result));
    router.refresh();
    if (says) toast(says, { action: { label: 'Take it back', onClick: () => void set(before) } });
  };
  const keep = async (exercise: Practised, answers: readonly PracticeAnswer[]) => {
    if (answers.length === 0) return;
    const result = await write({ name: 'eye.practise', exercise, answers: [...answers] }, { answers: true }).result;
    if (!result.ok) return void toast.error(sayRefusal(result));
    const right = answers.filter((a) => a.right).length;
    toast(`${counted(answers.length, 'answer')}, ${right} right, kept`);
    router.refresh();
  };
  return { set, keep };
}

/** What can be practised, and how fine this eye is in it. */
function Exercises({ told, onStart }: { readonly told: EyeTold; readonly onStart: (of: Practised) => void }) {
  // the hour of the first look at the page: what is due does not change under one's hand
  const [now] = useState(() => Date.now());
  const offered = PRACTISED.filter((of) => of !== 'same-name' || told.sources.sameNames.length > 0);
  return (
    <section aria-label="Exercises" className="grid gap-3">
      <h2 className="text-lg font-semibold">Exercises</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-3">
        {offered.map((of) => (
          <ExerciseCard key={of} {...{ of, told, now }} onStart={() => onStart(of)} />
        ))}
      </ul>
    </section>
  );
}

/** Where an eye is practised, and what its verdicts say of it. */
export function PracticePage({ told }: { readonly told: EyeTold }) {
  const live = useLive();
  const { set, keep } = useEyeWrites(told);
  const [sitting, setSitting] = useState<Practised>();
  const [opened] = useState(() => Date.now());
  const [seen, setSeen] = useState(false);
  const { settings, sets, sources } = told;
  if (sitting)
    return (
      <main data-live={live} className="mx-auto max-w-6xl p-5 max-sm:p-3">
        <Sitting
          key={sitting}
          exercise={sitting}
          {...{ sets, sources }}
          onDone={(answers) => {
            setSitting(undefined);
            void keep(sitting, answers);
          }}
        />
      </main>
    );
  const ready = seen || (settings.screenSeen !== null && opened - Date.parse(settings.screenSeen) < SCREEN_HOLDS_MS);
  const screenSeen = () => {
    setSeen(true);
    void set({ screenSeen: new Date().toISOString() });
  };
  return (
    <main data-live={live} className="mx-auto grid max-w-6xl gap-8 px-5 py-8">
      <div>
        <p className="text-soft">
          <Link href={VISITS} className="inline-flex min-h-11 items-center underline underline-offset-4">
            Visits
          </Link>
        </p>
        <h1 className="text-3xl font-semibold">Practice for the eye</h1>
        <p className="mt-1 max-w-prose text-soft">
          Two minutes at a time. A screen is not paint, and this is no medical test of colour vision. Nothing leaves this machine.
        </p>
      </div>
      {ready ? <Exercises told={told} onStart={setSitting} /> : <ScreenCheck onReady={screenSeen} />}
      <OverTime sets={sets} />
      <Portrait
        told={told}
        onLearns={(learns) => void set({ learns })}
        onForget={() => void set({ verdictsFrom: new Date().toISOString() }, 'What your verdicts taught is forgotten')}
      />
      {sets.length > 0 && (
        <div>
          <Confirm
            title="Begin practice anew?"
            body={`${counted(EXERCISES.length, 'threshold')} and everything that was missed start from nothing. You can take this back.`}
            action="Begin anew"
            onConfirm={() => void set({ practiceFrom: new Date().toISOString() }, 'Practice begins anew')}
          >
            <Button>Begin practice anew</Button>
          </Confirm>
        </div>
      )}
    </main>
  );
}
