'use client';

import { sayBeside, type Verdict } from '@/core/judge/reasons';
import { WISH_WORDS, type Fight } from '@/core/judge/wish';
import { sayChange } from '@/core/derived/say-change';
import type { RecordedStay } from '@/core/record/stay';
import type { Room } from '@/core/record/room';
import { Patch } from '@/ui/patch';
import { useFights } from '../light-client/judgements';
import { latest } from '../light-client/light-worker';
import { hexOf, sayColour } from '../words/say-colour';
import { listed } from '@/core/base/words';

const SOFT: Readonly<Record<Verdict, string>> = {
  works: 'stay soft and light: that works',
  nearly: 'stay soft and light: that nearly works',
  no: 'even soft and light does not work beside it',
};

function Warning({ fight, stay }: { readonly fight: Fight; readonly stay: RecordedStay }) {
  const { wish, waysOut, component, reasons, hard } = fight;
  const part = stay.components.length > 1 ? ` (${component})` : '';
  return (
    <li className="flex items-stretch gap-3">
      <Patch
        hex={hexOf(waysOut.soft.lab)}
        label={`a soft and light version: ${sayColour(waysOut.soft.lab)}`}
        className="w-14 shrink-0"
      />
      <div className="min-w-0">
        <p className="font-semibold">
          “{WISH_WORDS[wish]}” fights with {stay.name}
          {part}
        </p>
        <p className="text-sm">
          {hard ? 'Everything' : 'Nearly everything'} that plainly is {WISH_WORDS[wish]} is{' '}
          {reasons.map((r) => sayBeside(r, 'it')).join(', or ')}. Ways out: {SOFT[waysOut.soft.verdict]} · go with it: it is{' '}
          {waysOut.goWith} · change it: {sayChange(stay)}.
        </p>
      </div>
    </li>
  );
}

/** "“warmer” fights with the hearth and the floor; “lighter” with …", a part for each wish. */
const sayFights = (fights: readonly Fight[], stays: readonly RecordedStay[]): string =>
  [...new Set(fights.map((f) => f.wish))]
    .map((wish) => {
      const against = fights.filter((f) => f.wish === wish).map((f) => stays[f.stay]!.name);
      return `“${WISH_WORDS[wish]}” fights with ${listed(against)}`;
    })
    .join('; ');

/**
 * What stays and fights what the client wants of a room, said before a sample is fetched; folded to a line. Nothing when there is no
 * wish, or no fight.
 */
export function Fights({ room, folded = false }: { readonly room: Room; readonly folded?: boolean }) {
  const { stays } = room;
  const fights = latest(useFights(room))?.fights ?? [];
  if (fights.length === 0) return null;
  const warnings = (
    <ul className="grid gap-2">
      {fights.map((fight) => (
        <Warning key={`${fight.wish} ${fight.stay}`} fight={fight} stay={stays[fight.stay]!} />
      ))}
    </ul>
  );
  return (
    <div role="note" aria-label="What fights the wish" className="mb-3 border-l-8 border-ink bg-raised px-3 py-2.5">
      {folded ? (
        <details>
          <summary className="cursor-pointer">
            <b>{sayFights(fights, stays)}</b>
            <span className="text-soft"> · ways out</span>
          </summary>
          <div className="mt-2">{warnings}</div>
        </details>
      ) : (
        warnings
      )}
    </div>
  );
}
