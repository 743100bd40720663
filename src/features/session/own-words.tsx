'use client';

import { useMemo, type ReactNode } from 'react';
import { sayAs } from '@/core/derived/visit-speech';
import { usualHabits, type Habits } from '@/core/units/habits';
import { LocalWordsProvider } from '@/speech/local-words';

type Props = { readonly habits: Habits; readonly own: readonly string[]; readonly children: ReactNode };

/** Everything within is said by these habits; names in `own` stay as they are. */
export function InWordsOf({ habits, own, children }: Props) {
  const speech = JSON.stringify({ habits, own });
  const say = useMemo(() => sayAs(JSON.parse(speech) as Parameters<typeof sayAs>[0]), [speech]);
  return <LocalWordsProvider say={say}>{children}</LocalWordsProvider>;
}

/** Zones that stand for what a browser's language tells: outside of a visit nothing else is known of who reads. */
const AS_IN_AMERICA = 'America/New_York';
const AS_IN_BRITAIN = 'Europe/London';

type OwnProps = { readonly american: boolean; readonly children: ReactNode };
/** The pages outside of a visit speak as the browser does: American or not, as it says with what it asks. */
export function InOwnWords({ american, children }: OwnProps) {
  const habits: Habits = { units: 'metric', ...usualHabits(american ? AS_IN_AMERICA : AS_IN_BRITAIN) };
  return (
    <InWordsOf habits={habits} own={[]}>
      {children}
    </InWordsOf>
  );
}
