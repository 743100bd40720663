'use client';

import { listed } from '@/core/base/words';
import { judgedThings } from '@/core/engine/judged-things';
import { judgedFor, type EyeFactors } from '@/core/judge/eye-in-force';
import { relation } from '@/core/judge/relation';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { ChoiceRow } from '@/ui/choice-row';
import { judgeForWhom, useEyes, useWhoseEye } from '../light-client/eyes';
import { useHome } from '../session/visit-context';

/** Colours of a room that an eye would take beside everything there, as in the deck. */
const takenBy = (room: Room, factors: EyeFactors | null): ReadonlySet<Candidate> =>
  judgedFor(
    factors,
    () =>
      new Set(room.candidates.filter((c) => judgedThings(room).every((t) => relation(t, c.lab, t.school).verdict === 'works'))),
  );

/** Colours nobody has judged for the client, of which both eyes are foretold to take them. */
function bothTake(room: Room, own: EyeFactors | null, client: EyeFactors | null): string[] {
  const [yours, theirs] = [takenBy(room, own), takenBy(room, client)];
  const judged = new Set(room.verdicts.filter((v) => v.person === 'client' && !v.undone).map((v) => v.candidateId));
  return room.candidates
    .filter((c) => yours.has(c) && theirs.has(c) && !judged.has(c.id))
    .map((c) => `${c.name} ${c.strength} %`);
}

/** Where the consultant's eye and the client's differ, what both would take, and whose eye is judged for. */
export function TwoEyes({ room }: { readonly room: Room }) {
  const home = useHome();
  const { data } = useEyes(home.id);
  const whose = useWhoseEye(home.id);
  if (!data?.client && !data?.differ) return null;
  const factorsOf = (eye: (typeof data)['own']) => (eye ? eye.factors : null);
  const both = bothTake(room, factorsOf(data.own), factorsOf(data.client));
  return (
    <section aria-label="Two eyes" className="mt-6 grid gap-2 print:hidden">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h2 className="text-lg font-semibold">Two eyes</h2>
        {data.client && (
          <ChoiceRow
            label="Whose eye is judged for"
            value={whose}
            onChange={(next) => judgeForWhom(home.id, next)}
            options={[
              { value: 'own', label: 'your eye' },
              { value: 'client', label: 'choose by theirs' },
            ]}
          />
        )}
      </div>
      <p>{data.differ || 'The client’s eye and yours do not differ in anything that can be told yet.'}</p>
      {both.length > 0 && (
        <p className="text-sm text-soft">
          Not shown to the client yet, and foretold to work for both: {listed(both)}. Predicted, as in the deck.
        </p>
      )}
      {whose === 'client' && (
        <p className="text-sm text-soft">Search, next sample and predictions of this page follow the client’s eye now.</p>
      )}
    </section>
  );
}
