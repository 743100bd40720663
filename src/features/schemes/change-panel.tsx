'use client';

import { useMemo, useState } from 'react';
import { counted, percent } from '@/core/base/words';
import type { DeckColour } from '@/core/derived/deck-colour';
import { sizeOf } from '@/core/derived/describe-room';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { Change, ChangesAnswer, ChangesRequest } from '@/core/engine/changes';
import { judgedThings } from '@/core/engine/judged-things';
import type { NoAnswer } from '@/core/engine/light-protocol';
import { withoutLights } from '@/core/engine/lit-room';
import type { RecordedStay } from '@/core/record/stay';
import { THING_NAMES, thingOf } from '@/core/record/thing';
import { CHANGE_COSTS, changeCost, isRuledOut } from '@/core/scheme/change-cost';
import { Button } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { latest, useJob } from '../light-client/light-worker';
import { useAdvisedRoom } from '../light-client/room-day';
import { hexOf, sayColour } from '../words/say-colour';

type Props = { readonly room: RoomInLight; readonly deck: ReadonlyMap<string, DeckColour> };

function useChanges(room: RoomInLight, asked: boolean) {
  const advised = useAdvisedRoom(room.id);
  const request = useMemo((): ChangesRequest | undefined => {
    if (!advised || !asked || room.stays.length === 0) return undefined;
    return { room: advised, things: judgedThings(room), are: room.stays.map(thingOf) };
  }, [advised, asked, room]);
  return useJob('changes', request, {
    of: (r) => ({ ...r, room: withoutLights(r.room) }),
    work: (w, id, r, progress): Promise<ChangesAnswer | NoAnswer> => w.changes(id, r, progress),
  });
}

type RowProps = Props & { readonly stay: RecordedStay; readonly change: Change };

/** A thing with what it takes to change it, what that opens up, and the best of it. */
function Row({ room, deck, stay, change: { opens, best, region } }: RowProps) {
  const thing = thingOf(stay);
  const { cost, how } = changeCost(thing, sizeOf(room).heightM);
  const ruledOut = isRuledOut(room.mustNotChange, [stay.name, THING_NAMES[thing]]);
  const colour = best && deck.get(best.id);
  return (
    <li
      data-change={stay.name}
      className="grid grid-cols-[minmax(9rem,1.2fr)_minmax(10rem,1.3fr)_minmax(12rem,2fr)] items-center gap-4 border-b border-line py-2 max-md:grid-cols-1 max-md:gap-1"
    >
      <span>
        <b className="font-semibold">{stay.name}</b>
        <span className="block text-sm text-soft">{ruledOut ? 'must not change, says the brief' : `${cost}: ${how}`}</span>
      </span>
      <span className="text-sm">
        {opens > 0 ? `opens ${counted(opens, 'more colour')} for the walls` : 'opens no other colour for the walls'}
      </span>
      <span className="grid gap-1 text-sm">
        {best && colour && (
          <span className="flex items-center gap-2.5">
            <Patch hex={hexOf(best.lab)} label={sayColour(best.lab)} className="h-9 w-12 shrink-0" />
            the best of them: {colour.name} {best.strength} %
          </span>
        )}
        {region && (
          <span className="flex items-center gap-2.5">
            <Patch hex={hexOf(region.lab)} label={sayColour(region.lab)} className="h-9 w-12 shrink-0" />
            <span>
              not chosen yet? A {region.says} leaves most walls possible: {percent(region.works)} of those tried
              {region.works > region.now ? ` (beside this one ${percent(region.now)})` : ', no more than beside this one'}
            </span>
          </span>
        )}
      </span>
    </li>
  );
}

/** What to change, if anything may: by what it costs, what it opens up, and what to choose instead. */
export function ChangePanel({ room, deck }: Props) {
  const [asked, setAsked] = useState(false);
  const answer = useChanges(room, asked);
  const changes = latest(answer)?.changes;
  const { heightM } = sizeOf(room);
  if (room.stays.length === 0) return null;
  const rank = (stay: RecordedStay) => CHANGE_COSTS.indexOf(changeCost(thingOf(stay), heightM).cost);
  const ruledOut = (stay: RecordedStay) => isRuledOut(room.mustNotChange, [stay.name, THING_NAMES[thingOf(stay)]]);
  const rows = (changes ?? [])
    .flatMap((change) => (room.stays[change.stay] ? [{ change, stay: room.stays[change.stay]! }] : []))
    // what may change first, the cheapest of it first, what opens most first
    .sort(
      (p, q) =>
        Number(ruledOut(p.stay)) - Number(ruledOut(q.stay)) || rank(q.stay) - rank(p.stay) || q.change.opens - p.change.opens,
    );
  return (
    <section aria-label="What to change, if anything may" className="mt-8 border-t border-line pt-4">
      <h2 className="mb-2 text-lg font-semibold">What to change, if anything may</h2>
      {!asked && <Button onClick={() => setAsked(true)}>What would each thing’s going open up?</Button>}
      {asked && answer.state === 'failed' && <p role="alert">{answer.says}</p>}
      {asked && answer.state === 'computing' && (
        <p role="status" className="flex items-center gap-3 text-soft">
          Trying {room.name} without each of its things…
          <progress className="h-3 w-40" value={answer.share} aria-label="Changes" />
          <Button onClick={() => setAsked(false)}>Stop</Button>
        </p>
      )}
      {rows.length > 0 && (
        <>
          <ul>
            {rows.map(({ change, stay }) => (
              <Row key={stay.id} {...{ room, deck, stay, change }} />
            ))}
          </ul>
          <p className="mt-2 text-sm text-soft">
            Predicted. Floors are dearest to change, then counters and tile; cabinets can be painted; trim, ceilings and walls are
            cheap, furnishings are moved. Ask what a floor or tile hides before it is taken up.
          </p>
        </>
      )}
    </section>
  );
}
