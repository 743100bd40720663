'use client';

import { useMemo } from 'react';
import { FLAG_NAMES } from '@/core/appearance/readings';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import type { MomentRequest, Spot, Swatch } from '@/core/engine/light-protocol';
import { Patch, PatchLabel } from '@/ui/patch';
import { EmptyState } from '@/ui/step-title';
import { sayColour } from '../words/say-colour';
import { useCursorPart } from '../cursor/cursor';
import { candidateSwatch } from '@/core/engine/swatches';
import { latest, useSpots } from '../light-client/light-worker';
import { sayClock, sayKelvin, sayLux, sayPosition } from '../words/say-light';
import { useRoom, useVisit } from '../session/visit-context';
import { useColourChoice } from './colour-choice';
import { useMomentRequests } from '../light-client/moment-request';

type WallPatchProps = { readonly spot: Spot; readonly words: string };

function WallPatch({ spot, words }: WallPatchProps) {
  const look = spot.looks[0];
  if (!look) return <div className="grid h-40 place-items-center bg-panel text-soft">{words}: too dark to judge</div>;
  return (
    <Patch hex={look.hex} label={`${words}: ${sayColour(look.lab)}`} className="relative h-40">
      <PatchLabel className="absolute right-3 bottom-2 left-2 w-fit text-sm leading-5">
        <b className="block first-letter:uppercase">{words}</b>
        {sayLux(spot.light.lux)}, {sayKelvin(spot.light.cctK)}
        {look.flags.length > 0 && ` · ${look.flags.map((flag) => FLAG_NAMES[flag]).join(', ')}`}
        {!look.inGamut && ' · stronger than a screen can show'}
      </PatchLabel>
    </Patch>
  );
}

type RowProps = {
  readonly title: string;
  readonly note: string;
  readonly room: Room;
  readonly request: MomentRequest;
  readonly swatches: readonly Swatch[];
};

function WallsRow({ title, note, room, request, swatches }: RowProps) {
  const asked = useSpots({ moment: request, swatches });
  const answer = latest(asked);
  return (
    <section className="mb-5">
      <h2 className="text-lg font-semibold">
        {title} <span className="font-normal text-soft">{note}</span>
      </h2>
      {asked.state === 'failed' && <p role="alert">{asked.says}</p>}
      <div className="grid min-h-40 grid-cols-4 max-md:grid-cols-2" aria-busy={asked.state === 'computing'}>
        {answer?.spots.map((spot) => (
          <WallPatch key={spot.position} spot={spot} words={sayPosition(room, spot.position).replace('at the ', '')} />
        ))}
        {!answer && <p className="col-span-4 self-center text-soft">computing…</p>}
      </div>
    </section>
  );
}

function OtherRoom({
  room,
  request,
  swatches,
}: {
  readonly room: Room;
  readonly request: MomentRequest;
  readonly swatches: readonly Swatch[];
}) {
  const asked = useSpots({ moment: request, swatches });
  const answer = latest(asked);
  const spot = answer?.spots[2];
  if (asked.state === 'failed')
    return (
      <p className="bg-panel p-3">
        {room.name}: {asked.says}
      </p>
    );
  return spot ? (
    <WallPatch spot={spot} words={room.name} />
  ) : (
    <p className="h-40 bg-panel p-3 text-soft">{room.name}: computing…</p>
  );
}

function Walls({ room, candidate }: { readonly room: Room; readonly candidate: Candidate }) {
  const visit = useVisit();
  const at = useCursorPart((m) => m.at);
  const swatches = useMemo(() => [candidateSwatch(candidate)], [candidate]);
  const rooms = useMemo(() => [room], [room]);
  const others = useMemo(() => visit.rooms.filter((r) => r.id !== room.id), [visit.rooms, room.id]);
  const { l, a, b } = candidate.lab;
  const paint = useMemo((): { lab: [number, number, number] } => ({ lab: [l, a, b] }), [l, a, b]);
  const [today] = useMomentRequests(rooms, 'walls');
  const [painted] = useMomentRequests(rooms, 'walls', paint);
  const elsewhere = useMomentRequests(others, 'walls');
  return (
    <>
      <p className="mb-3 text-soft">Predicted at {sayClock(at, visit.place.timeZone)}; move the day along the bottom.</p>
      <WallsRow title="On each wall" note="among the walls as they are today" room={room} request={today!} swatches={swatches} />
      <WallsRow
        title="On all four walls"
        note="a colour on four walls deepens itself"
        room={room}
        request={painted!}
        swatches={swatches}
      />
      {others.length > 0 && (
        <section>
          <h2 className="text-lg font-semibold">
            In the other rooms{' '}
            <span className="font-normal text-soft">at the same moment, on the wall opposite the thick one</span>
          </h2>
          <div className="grid grid-cols-4 max-md:grid-cols-2">
            {others.map((other, i) => (
              <OtherRoom key={other.id} room={other} request={elsewhere[i]!} swatches={swatches} />
            ))}
          </div>
        </section>
      )}
    </>
  );
}

/** One colour on every wall at the cursor: alone, with all four painted in it, and in the other rooms of the visit. */
export function FourWalls({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const { candidate, choice } = useColourChoice(room);
  if (!candidate)
    return (
      <EmptyState title="No candidate yet">
        <p>Take a colour from the deck to see it on every wall.</p>
      </EmptyState>
    );
  return (
    <div>
      {choice}
      <Walls room={room} candidate={candidate} />
    </div>
  );
}
