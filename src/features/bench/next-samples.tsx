'use client';

import { useMemo } from 'react';
import { toast } from 'sonner';
import { Explain } from '@/ui/explain';
import { Key } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { BENCH_KEYS } from './keys';
import { useTableKeys } from '@/ui/use-keys';
import { sayColour } from '../words/say-colour';
import { AlsoInLight, usePaint } from '../light-client/in-light';
import { offeredSwatch } from '@/core/engine/swatches';
import { useTakeColour } from '../session/take-colour';
import { sayRefusal } from '../words/words';
import type { Bench } from './use-bench';
import { useProposals, type Proposed } from './use-proposals';
import { percent } from '@/core/base/words';

/** "50 % of what you have" or the name of a colour to fetch. */
const sayWhat = ({ atHand, strength, name, code }: Proposed) => (atHand ? `${strength} % of ${name}` : `${name} ${code}`);

/** "a little greyer and lighter than 50 %", of the same colour or another. */
function sayLike({ from, towards, deckColourId }: Proposed): string {
  if (!from) return '';
  const than = from.deckColourId === deckColourId ? `${from.strength} %` : `${from.name} ${from.strength} %`;
  return towards === 'about the same' ? `about the same as ${than}` : `${towards} than ${than}`;
}

const swatchId = (p: Proposed) => offeredSwatch(p, p.strength, p.lab).id;

function Row({ proposed, first, onTake }: { readonly proposed: Proposed; readonly first: boolean; readonly onTake: () => void }) {
  const { lab, chance, rulesOut } = proposed;
  const paint = usePaint();
  const like = sayLike(proposed);
  const id = proposed.candidate?.id ?? swatchId(proposed);
  return (
    <li>
      <button
        type="button"
        onClick={onTake}
        title={like}
        data-proposal={swatchId(proposed)}
        className="grid min-h-11 w-full cursor-pointer grid-cols-[3rem_1fr] items-stretch gap-2.5 text-left hover:bg-raised"
      >
        <Patch hex={paint(id, lab)} label={sayColour(lab)} />
        <span className="min-w-0 self-center py-0.5">
          <span className="flex items-baseline gap-2 leading-[1.125rem]">
            <b className="min-w-0 flex-1 break-words">{sayWhat(proposed)}</b>
            <span className="shrink-0 text-sm">
              {percent(chance)} likely {first && <Key of={BENCH_KEYS.fetch} />}
            </span>
          </span>
          <span className="block text-sm leading-4 break-words text-soft">
            {like} · narrows by {percent(rulesOut)}
          </span>
        </span>
      </button>
    </li>
  );
}

/** At most three things to look at next, a strength of what is at hand before a new colour. */
export function NextSamples({ bench }: { readonly bench: Bench }) {
  const takeColour = useTakeColour(bench.room);
  const { said, busy, failed, proposals, possible } = useProposals(bench.room);
  const fetched = useMemo(
    () => (proposals ?? []).filter((p) => !p.candidate).map((p) => offeredSwatch(p, p.strength, p.lab)),
    [proposals],
  );
  const take = async (proposed: Proposed) => {
    if (proposed.candidate) return bench.setCandidateId(proposed.candidate.id);
    const { candidateId, result } = takeColour(proposed, proposed.strength);
    bench.setCandidateId(candidateId);
    const kept = await result;
    if (!kept.ok) toast.error(sayRefusal(kept));
  };
  useTableKeys(BENCH_KEYS, { fetch: () => (proposals?.[0] ? void take(proposals[0]) : false) });
  return (
    <div aria-label="Look at next" role="group" aria-busy={busy} className="mt-2">
      <p className="mb-0.5 text-sm text-soft">
        Look at next
        {possible !== undefined && said && (
          <>
            {' · '}
            <Explain
              label="Still possible"
              why="From every verdict and reason in this room (Bayes’ rule over the deck): how many of its colours could still be the wanted one. A proposal’s chance is how likely it is to work; what it rules out is the share of these its verdict should take away."
            >
              {Math.max(1, Math.round(possible)) === 1 ? 'one colour' : `about ${Math.round(possible)} colours`} could still be it
            </Explain>
          </>
        )}
      </p>
      {!said && <p className="text-sm text-soft">Proposals come with the first verdict.</p>}
      {said && failed && <p className="text-sm">They could not be computed on this device.</p>}
      {said && !failed && !proposals && <p className="text-sm text-soft">computing…</p>}
      <AlsoInLight roomId={bench.room.id} swatches={fetched}>
        <ul className="grid">
          {proposals?.map((p, i) => (
            <Row key={swatchId(p)} proposed={p} first={i === 0} onTake={() => void take(p)} />
          ))}
        </ul>
      </AlsoInLight>
    </div>
  );
}
