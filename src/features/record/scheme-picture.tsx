'use client';

import { lrvOf } from '@/core/colour/lab';
import { schemeColours } from '@/core/derived/scheme-links';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import type { Scheme } from '@/core/record/scheme';
import { Patch, PatchLabel } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import { usePaint } from '../light-client/in-light';
import { OLD_WALL_ID } from '@/core/engine/swatches';
import { StayPattern } from '../drawings/stay-pattern';

/** A scheme of the room: a scheme, or `undefined` for the room as it is now. */
export type ShownScheme = Scheme | undefined;

const sayCandidate = (c: Candidate) => `${c.name} at ${c.strength} %: ${sayColour(c.lab)}`;

function useWall(room: Room, scheme: ShownScheme, wall: Candidate | undefined) {
  const paint = usePaint();
  if (scheme === undefined)
    return room.oldWall && { hex: paint(OLD_WALL_ID, room.oldWall.lab), says: `the old wall: ${sayColour(room.oldWall.lab)}` };
  return wall && { hex: paint(wall.id, wall.lab), says: `wall, ${sayCandidate(wall)}` };
}

/** The wall with what stands before it, its trim, and all that stays, touching as they do in the room. */
export function SchemePicture({
  room,
  scheme,
  name,
}: {
  readonly room: Room;
  readonly scheme: ShownScheme;
  readonly name: string;
}) {
  const paint = usePaint();
  const colours = scheme ? schemeColours(room, scheme) : [];
  const of = (part: string) => colours.filter((c) => c.part === part).map((c) => c.candidate);
  const [wallColour] = of('wall');
  const [trim] = of('trim');
  const accents = of('accent');
  const wall = useWall(room, scheme, wallColour);
  return (
    <div
      role="group"
      aria-label={`${name}, as it would look`}
      className="flex h-[clamp(17rem,calc(100dvh-31.5rem),40rem)] flex-col"
      data-scheme={name}
    >
      <div className="relative flex min-h-0 flex-[2] items-end">
        {wall ? (
          <Patch hex={wall.hex} label={wall.says} className="absolute inset-0" />
        ) : (
          <p className="absolute inset-0 grid place-items-center border border-dashed border-line-strong text-soft">
            no colour for the wall yet
          </p>
        )}
        {trim && (
          <div
            aria-hidden
            data-patch={paint(trim.id, trim.lab)}
            className="relative ml-[7%] h-full w-[5%]"
            style={{ backgroundColor: paint(trim.id, trim.lab) }}
          />
        )}
        <div className="relative ml-auto flex h-[46%] w-[58%] justify-end pr-[6%]">
          {accents.map((c) => (
            <Patch
              key={c.id}
              hex={paint(c.id, c.lab)}
              label={`accent, ${sayCandidate(c)}`}
              className="h-full max-w-[45%] flex-1"
            />
          ))}
        </div>
        {wallColour && (
          <PatchLabel className="pointer-events-none absolute top-3 right-3">
            {wallColour.name} {wallColour.strength} % · LRV {Math.round(lrvOf(wallColour.lab))}
          </PatchLabel>
        )}
      </div>
      {trim && <Patch hex={paint(trim.id, trim.lab)} label={`trim, ${sayCandidate(trim)}`} className="h-7" />}
      <div className="flex min-h-0 flex-1">
        {room.stays.map((stay) => (
          <StayPattern key={stay.id} stay={stay} className="min-w-0 flex-1" />
        ))}
      </div>
    </div>
  );
}
