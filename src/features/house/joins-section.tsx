'use client';

import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { houseDoors, leadsToRoom, withHouseDoors } from '@/core/derived/house-doors';
import { listed } from '@/core/base/words';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { joinedRooms, type Joined } from '@/core/house/joined-rooms';
import type { SightAnswer } from '@/core/engine/sight-lines';
import { movedRoom } from '@/core/house/moved-room';
import type { Point } from '@/core/house/quarter-turns';
import { sayPlanIssue } from '@/core/house/say-sight';
import { sayLength } from '@/core/units/length';
import { FieldError } from '@/ui/field';
import { useCursorPart } from '../cursor/cursor';
import { latest } from '../light-client/light-worker';
import { doorWrites } from '../session/door-writes';
import { useHome, useVisitWrite } from '../session/visit-context';
import { sayClock } from '../words/say-light';
import { DoorsDialog } from './doors-dialog';
import { PlanDrawing } from './plan-drawing';
import { isWeak, SeenList } from './seen-list';
import { useSight, type ShownIn } from './use-sight';

type Props = {
  readonly rooms: readonly RoomInLight[];
  readonly shownIn: ShownIn;
  readonly deck: ReadonlyMap<string, DeckColour>;
};

/** What of the plan cannot be, each at its place in words. */
function Issues({ joined: { plan, doors }, nameOf }: { readonly joined: Joined; readonly nameOf: (id: string) => string }) {
  const { units } = useHome();
  const doorOf = (id: string) => {
    const named = doors.find((d) => d.id === id)?.sides.map((s) => leadsToRoom(nameOf(s.roomId))) ?? [];
    return `the door between ${named.join(' and ')}`;
  };
  return plan.issues.map((issue) => {
    const says = sayPlanIssue(issue, { doorOf, nameOf, sayLength: (m) => sayLength(m, units) });
    return (
      <p key={says} role="note" className="mt-2 text-sm font-semibold">
        ▲ {says}
      </p>
    );
  });
}

/** Rooms that are drawn apart, and why. */
function Apart({ joined: { plan }, nameOf }: { readonly joined: Joined; readonly nameOf: (id: string) => string }) {
  const [, ...others] = plan.parts;
  const byStairs = (ids: readonly string[]) =>
    plan.doors.some(
      (d) => d.stairs && d.sides.some((s) => ids.includes(s.roomId)) && d.sides.some((s) => !ids.includes(s.roomId)),
    );
  const says = others.map((part) => {
    const ids = part.map((r) => r.id);
    return `${listed(ids.map(nameOf))}: ${byStairs(ids) ? 'by the stairs' : 'not joined yet'}`;
  });
  return <p className="mt-2 text-sm text-soft">{says.join('. ')}.</p>;
}

/** The doors next to where one stands of every view that breaks. */
const weakDoors = ({ views }: Joined, answer: SightAnswer | undefined): ReadonlySet<string> =>
  new Set(
    (answer?.views ?? [])
      .filter((seen) => isWeak(seen.worst.kind))
      .flatMap((seen) => views.find((v) => v.id === seen.id)?.through[0] ?? []),
  );

/** Puts a room elsewhere on the plan: its doors go where its walls touch others now. */
function useMove(rooms: readonly RoomInLight[], { plan }: Joined) {
  const write = useVisitWrite();
  return (roomId: string, by: Point) => {
    const { doors, apart } = movedRoom(plan, roomId, by);
    if (doors.length === 0)
      return void toast('It touches no room it has a door to there: put it beside one.', { id: 'moved-room' });
    const known = houseDoors(rooms);
    const moved = doors.flatMap(({ id, placed }) => {
      const door = known.find((d) => d.id === id);
      if (!door) return [];
      const side = (k: 0 | 1) => {
        const own = door.sides[k];
        // of a room that is no box only the rectangle around it lies there: its door stays in its own wall
        const shaped = rooms.some((r) => r.id === own.roomId && r.shape);
        return shaped ? own : { ...own, wall: placed[k].wall, leftM: placed[k].leftM };
      };
      return [{ ...door, sides: [side(0), side(1)] as const }];
    });
    write(doorWrites(rooms, withHouseDoors(rooms, moved)));
    if (apart.length > 0) toast('One of its doors does not fit there: see what is said under the plan.', { id: 'moved-room' });
  };
}

/** The hour the doorways are painted at. */
function AtCursor() {
  const { place } = useHome();
  const at = useCursorPart((m) => m.at);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  return (
    <span className="ml-3 text-sm font-normal text-soft">
      at {sayClock(at, place.timeZone)}
      {lampsOn && ', lamps on'}, each room in its own light
    </span>
  );
}

type TogetherProps = Pick<Props, 'deck'> & {
  readonly joined: Joined;
  readonly nameOf: (id: string) => string;
  readonly sight: ReturnType<typeof useSight>;
  readonly chosen: string | undefined;
  readonly onChoose: (viewId: string) => void;
};

/** What one sees together, or why nothing is told of it. */
function Together({ joined: { doors, views }, nameOf, deck, sight, chosen, onChoose }: TogetherProps) {
  const answer = latest(sight);
  return (
    <section aria-label="What one sees together" aria-busy={sight.state === 'computing'}>
      <h2 className="mb-2 break-after-avoid text-lg font-semibold">
        What one sees together
        <AtCursor />
      </h2>
      {sight.state === 'failed' && <FieldError>{sight.says}</FieldError>}
      {doors.length > 0 && views.length === 0 && (
        <p className="text-soft">Nothing is seen from one room into another: every door is shut, or leads to stairs.</p>
      )}
      {views.length > 0 && !answer && sight.state === 'computing' && (
        <p role="status" className="flex items-center gap-3 text-soft">
          Looking through the doors… <progress className="h-3 w-40" value={sight.share} aria-label="What one sees together" />
        </p>
      )}
      {answer && views.length > 0 && answer.views.length === 0 && (
        <p className="text-soft">Nothing is known of the walls yet: decide one, or record what is on them now.</p>
      )}
      {answer && <SeenList {...{ answer, views, doors, nameOf, deck, chosen, onChoose }} />}
    </section>
  );
}

/** How the rooms join, and what one sees together through their doors. */
export function JoinsSection({ rooms, shownIn, deck }: Props) {
  const joined = useMemo(() => joinedRooms(rooms), [rooms]);
  const sight = useSight(rooms, joined, { shownIn, deck });
  const [chosen, setChosen] = useState<string>();
  const move = useMove(rooms, joined);
  const weak = useMemo(() => weakDoors(joined, latest(sight)), [joined, sight]);
  const nameOf = (id: string) => rooms.find((r) => r.id === id)?.name ?? 'a room';
  const view = joined.views.find((v) => v.id === (chosen ?? latest(sight)?.views[0]?.id));
  return (
    <div className="mb-6 grid items-start gap-6 xl:grid-cols-[22rem_minmax(0,1fr)]">
      <section aria-label="How the rooms join">
        <div className="mb-2 flex items-center justify-between gap-2">
          <h2 className="text-lg font-semibold">How the rooms join</h2>
          <span className="print:hidden">
            <DoorsDialog rooms={rooms} />
          </span>
        </div>
        {joined.doors.length === 0 ? (
          <p className="border border-line bg-panel p-4 text-soft">
            No door joins two rooms yet. Say which room leads to which: then it is told what one sees from one into the other.
          </p>
        ) : (
          <PlanDrawing plan={joined.plan} {...{ nameOf, view, weak }} onMove={move} />
        )}
        {joined.plan.parts.length > 1 && <Apart {...{ joined, nameOf }} />}
        <Issues {...{ joined, nameOf }} />
      </section>
      <Together {...{ joined, nameOf, deck, sight }} chosen={view?.id} onChoose={setChosen} />
    </div>
  );
}
