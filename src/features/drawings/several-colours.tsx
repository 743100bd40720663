import type { Candidate } from '@/core/record/candidate';
import { Patch } from '@/ui/patch';
import { hexOf, sayColour } from '../words/say-colour';

type Props = {
  readonly ids: readonly string[];
  readonly candidates: readonly Candidate[];
  readonly most: number;
  readonly onChange: (ids: readonly string[]) => void;
};

/** Several colours of a room, at most so many, each with its patch. */
export function SeveralColours({ ids, candidates, most, onChange }: Props) {
  return (
    <ul className="grid gap-x-4 sm:grid-cols-[repeat(auto-fill,minmax(14rem,1fr))]">
      {candidates.map((c) => {
        const on = ids.includes(c.id);
        return (
          <li key={c.id}>
            <label className="flex min-h-11 cursor-pointer items-center gap-2.5 text-[0.9375rem]">
              <input
                type="checkbox"
                className="size-5 accent-[var(--ink)]"
                checked={on}
                disabled={!on && ids.length >= most}
                onChange={() => onChange(on ? ids.filter((id) => id !== c.id) : [...ids, c.id])}
              />
              <Patch hex={hexOf(c.lab)} label={sayColour(c.lab)} className="h-7 w-10" />
              {c.name} {c.strength} %
            </label>
          </li>
        );
      })}
    </ul>
  );
}
