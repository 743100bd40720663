'use client';

import { DIM_WHITE_SCHOOLS, FIGHTING_LIGHT_SCHOOLS, type LightSchools } from '@/core/judge/light-schools';
import { ChoiceField } from '@/ui/field';
import { useHome, useVisitWrite } from '../session/visit-context';

const DIM_WHITE_WORDS = {
  never: 'none',
  'warm-only': 'warm ones only',
  'more-chroma': 'with more chroma',
} as const;
const FIGHTING_WORDS = { correct: 'counts against it', embrace: 'is embraced' } as const;

/** Which school the visit follows where good consultants disagree: a white in a dim room, and a light that turns a colour. */
export function SchoolFields() {
  const visit = useHome();
  const write = useVisitWrite();
  const { schools } = visit;
  const set = (change: Partial<LightSchools>) => void write({ name: 'visit.schools', visitId: visit.id, ...schools, ...change });
  return (
    <>
      <ChoiceField
        className="w-46"
        label="Whites in a dim room"
        value={schools.dimWhite}
        onChange={(chosen) => set({ dimWhite: chosen })}
      >
        {DIM_WHITE_SCHOOLS.map((s) => (
          <option key={s} value={s}>
            {DIM_WHITE_WORDS[s]}
          </option>
        ))}
      </ChoiceField>
      <ChoiceField
        className="w-40"
        label="A light that turns it"
        value={schools.fightingLight}
        onChange={(chosen) => set({ fightingLight: chosen })}
      >
        {FIGHTING_LIGHT_SCHOOLS.map((s) => (
          <option key={s} value={s}>
            {FIGHTING_WORDS[s]}
          </option>
        ))}
      </ChoiceField>
    </>
  );
}
