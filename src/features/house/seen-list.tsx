'use client';

import { useDeferredValue } from 'react';
import type { SeenAt, SeenView, SightAnswer } from '@/core/engine/sight-lines';
import type { HouseDoor } from '@/core/derived/house-doors';
import { leadsToRoom } from '@/core/derived/house-doors';
import type { DeckColour } from '@/core/derived/deck-colour';
import { percent, upperFirst } from '@/core/base/words';
import { roomsBetween } from '@/core/house/joined-rooms';
import { sayAlso, sayBrightness, sayTogether, sayTurns, sayView } from '@/core/house/say-sight';
import { SEEN_WORDS, type SeenKind } from '@/core/house/seen-together';
import type { View } from '@/core/house/views';
import { classNames } from '@/ui/class-names';
import { useCursorPart } from '../cursor/cursor';
import { momentIndex } from '../light-client/room-day';
import { useHome } from '../session/visit-context';
import { sayClock, sayLux } from '../words/say-light';

const DARK = '#262626';
/** A frame of which nothing is known. */
const FRAME = '#f2f2f0';

/** The near wall, the door's frame, the far wall touching it, and back again. */
function Doorway({ at, says }: { readonly at: SeenAt | null; readonly says: string }) {
  const near = at?.near ?? DARK;
  const frame = at ? (at.frame ?? FRAME) : DARK;
  const of = [
    [near, 'flex-[35]'],
    [frame, 'flex-[5]'],
    [at?.far ?? DARK, 'flex-[22]'],
    [frame, 'flex-[5]'],
    [near, 'flex-[35]'],
  ] as const;
  return (
    <div role="img" aria-label={says} className="flex h-20 w-56 max-sm:w-full">
      {of.map(([hex, wide], k) => (
        <div key={k} className={wide} style={{ backgroundColor: hex, printColorAdjust: 'exact' }} />
      ))}
    </div>
  );
}

/** Nothing to do under a firm line; something to look at under a broken one. */
export const isWeak = (kind: SeenKind): boolean => kind === 'jump' || kind === 'clash';

type Told = {
  readonly answer: SightAnswer;
  readonly views: readonly View[];
  readonly doors: readonly HouseDoor[];
  readonly nameOf: (roomId: string) => string;
  readonly deck: ReadonlyMap<string, DeckColour>;
  readonly chosen: string | undefined;
  readonly onChoose: (viewId: string) => void;
};

/** "Esk Mossen at 50 % in the hall: a step"; the door shut. */
function sayMends(
  { mends, worst }: SeenView,
  view: View,
  { deck, doors, nameOf }: Pick<Told, 'deck' | 'doors' | 'nameOf'>,
): string {
  if (!isWeak(worst.kind)) return '';
  const paints = mends.flatMap(({ roomId, id, strength, kind }) => {
    const colour = deck.get(id);
    return colour ? [`${colour.name} at ${strength} % in ${leadsToRoom(nameOf(roomId))}: ${SEEN_WORDS[kind]}`] : [];
  });
  const door = doors.find((d) => d.id === view.through[0]);
  const shut = door?.stands === 'open' && !door.glazed ? ['the door kept shut'] : [];
  const frame = worst.kind === 'jump' ? ['a clear light frame between, and it is meant'] : [];
  const all = [...paints, ...frame, ...shut];
  return all.length > 0 ? `Would mend it: ${all.join('; ')}.` : '';
}

function Row({
  seen,
  view,
  told,
  moment,
}: {
  readonly seen: SeenView;
  readonly view: View;
  readonly told: Told;
  readonly moment: number;
}) {
  const { place } = useHome();
  const { answer, doors, nameOf, chosen, onChoose } = told;
  const at = seen.moments[moment] ?? null;
  const throughRooms = roomsBetween(view, doors);
  const title = sayView({ ...view, throughRooms }, nameOf);
  const clock = (m: number) => sayClock(answer.moments[m]!, place.timeZone);
  const turn = seen.turn && { ...seen.turn, clock: clock(seen.turn.moment) };
  const light = at ? sayBrightness(at.luxNear, at.luxFar, sayLux) : 'too dark to judge at this hour';
  const turns = sayTurns(turn, seen.lamps, nameOf(view.fromId));
  const { worst } = seen;
  const when = worst.moment === null ? 'by the lamps' : `at ${clock(worst.moment)}`;
  const mends = sayMends(seen, view, told);
  const also = seen.also.map(sayAlso).filter(Boolean).join('; ');
  return (
    <li
      data-view={view.id}
      className="grid break-inside-avoid grid-cols-[auto_minmax(0,1fr)_10rem] items-center gap-4 border-b border-line py-2.5 max-lg:grid-cols-[auto_minmax(0,1fr)] max-sm:grid-cols-1"
    >
      <button
        type="button"
        aria-pressed={chosen === view.id}
        aria-label={`${title}: show it on the plan`}
        onClick={() => onChoose(view.id)}
        className={classNames('cursor-pointer border-2', chosen === view.id ? 'border-ink' : 'border-transparent')}
      >
        <Doorway at={at} says={`${title}: ${at ? sayTogether(worst) : 'too dark'}`} />
      </button>
      <div className="min-w-0">
        <p className="font-semibold">{title}</p>
        <p className="text-sm text-soft">
          {upperFirst([`${percent(view.share)} of the view`, light, turns].filter(Boolean).join('; '))}
        </p>
        {also && <p className="text-sm">{upperFirst(also)}.</p>}
        {mends && <p className="text-sm">{mends}</p>}
      </div>
      <div className="max-lg:col-span-full">
        <p className="leading-tight font-semibold">{sayTogether(worst)}</p>
        <p className="text-sm text-soft">{isWeak(worst.kind) ? `${when}, predicted` : 'predicted'}</p>
        <div className={classNames('mt-1 w-full border-t-4 border-ink', isWeak(worst.kind) && 'border-dashed')} />
      </div>
    </li>
  );
}

/** What one sees together through the house: the doorway that breaks it first. */
export function SeenList(told: Told) {
  const { answer, views } = told;
  const cursor = useDeferredValue(useCursorPart((m) => m.at));
  const moment = answer.moments.length > 1 ? momentIndex(answer, cursor) : 0;
  return (
    <ul aria-label="What one sees together">
      {answer.views.map((seen) => {
        const view = views.find((v) => v.id === seen.id);
        return view && <Row key={seen.id} {...{ seen, view, told, moment }} />;
      })}
    </ul>
  );
}
