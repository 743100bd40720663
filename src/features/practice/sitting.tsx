'use client';

import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { PRACTISED_WORDS } from '@/core/eye/exercises';
import type { PracticeAnswer } from '@/core/record/eye';
import { Button } from '@/ui/button';
import { useTableKeys } from '@/ui/use-keys';
import { AskedView } from './asked-view';
import { SITTING_KEYS } from './keys';
import { nextAsked, type Sitting as Of } from './trials';

/** How long a sitting lasts. */
const LASTS_S = 120;
const newSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0]! >>> 1;

type Props = Of & { readonly onDone: (answers: readonly PracticeAnswer[]) => void };

/** Seconds that are left; whoever leaves the page has the time stand still. */
function useSecondsLeft(): number {
  const [left, setLeft] = useState(LASTS_S);
  useEffect(() => {
    const timer = setInterval(() => !document.hidden && setLeft((s) => Math.max(0, s - 1)), 1000);
    return () => clearInterval(timer);
  }, []);
  return left;
}

/** What is asked and answered in a sitting, and how it ends: once, with all its answers, however it is left. */
function useSitting({ exercise, sets, sources, onDone }: Props) {
  const [answers, setAnswers] = useState<readonly PracticeAnswer[]>([]);
  const [answered, setAnswered] = useState<number>();
  const [next, setNext] = useState(() => nextAsked({ exercise, sets, sources }, [], { seed: newSeed(), now: Date.now() }));
  const over = useRef(false);
  const end = () => {
    if (over.current) return;
    over.current = true;
    onDone(answers);
  };
  const leave = useEffectEvent(end);
  // a sitting that is left is kept as one that is stopped
  useEffect(() => {
    const onLeave = () => leave();
    window.addEventListener('pagehide', onLeave);
    return () => window.removeEventListener('pagehide', onLeave);
  }, []);
  const answer = (which: number) => {
    if (!next || answered !== undefined) return;
    const { seed, level, right } = next.asked;
    setAnswered(which);
    setAnswers([...answers, { seed, level, right: which === right }]);
  };
  const on = (last: boolean) => {
    if (answered === undefined) return;
    if (last) return end();
    setAnswered(undefined);
    setNext(nextAsked({ exercise, sets, sources }, answers, { seed: newSeed(), now: Date.now() }));
  };
  return { next, answered, answer, on, end };
}

/** Two minutes of one exercise: what is asked, the answer, what was right. */
export function Sitting(props: Props) {
  const { next, answered, answer, on, end } = useSitting(props);
  const left = useSecondsLeft();
  const over = left === 0;
  const choices = next ? next.asked.words.length || next.asked.fields.length : 0;
  const choose = (which: number) => (which < choices ? answer(which) : undefined);
  useTableKeys(SITTING_KEYS, {
    choose,
    left: () => (answered === undefined ? choose(0) : undefined),
    right: () => (answered === undefined ? choose(choices - 1) : on(over)),
    on: () => on(over),
    stop: end,
  });
  if (!next) return <p role="alert">There is nothing to ask in this exercise just now.</p>;
  const { asked, again } = next;
  return (
    <section
      aria-label={PRACTISED_WORDS[props.exercise].name}
      className="grid h-[calc(100dvh-3rem)] min-h-[30rem] grid-rows-[auto_minmax(0,1fr)_auto] gap-4"
    >
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="text-2xl font-semibold">{asked.ask}</h1>
        <p className="text-soft">
          {again && 'missed before · '}
          {over ? 'the last one' : `${left} s`}
        </p>
      </div>
      <AskedView asked={asked} answered={answered} onAnswer={answer} />
      <div className="flex min-h-14 flex-wrap items-center justify-between gap-3">
        <p role="status" className="text-lg">
          {answered !== undefined && (
            <>
              <b>{answered === asked.right ? 'Right.' : 'Not this time.'}</b> {asked.says}
            </>
          )}
        </p>
        <div className="flex gap-2">
          <Button onClick={end}>Stop here</Button>
          <Button look="main" disabled={answered === undefined} onClick={() => on(over)}>
            {over ? 'Done' : 'Next'}
          </Button>
        </div>
      </div>
    </section>
  );
}
