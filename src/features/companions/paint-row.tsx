'use client';

import { toast } from 'sonner';
import { Check, Plus } from 'lucide-react';
import { lrvOf } from '@/core/colour/lab';
import { accentDose, seenOfRoom } from '@/core/companions/accent-dose';
import { partedAreas, partedWall } from '@/core/companions/parted-walls';
import { ROLE_WORDS, type PaintRole } from '@/core/companions/roles';
import type { PlacedCompanion } from '@/core/engine/companions';
import { sizeOf } from '@/core/derived/describe-room';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { sayBeside } from '@/core/judge/reasons';
import { LIGHT_NAMES, type JudgingLight } from '@/core/room/facing';
import { sayArea } from '@/core/units/area';
import type { Units } from '@/core/units/length';
import { Button } from '@/ui/button';
import { classNames } from '@/ui/class-names';
import { Patch } from '@/ui/patch';
import { VerdictBar } from '@/ui/verdict-mark';
import { ColourAcross } from '../drawings/colour-across';
import { GoesWith } from '../drawings/goes-with';
import { usePaint } from '../light-client/in-light';
import { useTakeColour } from '../session/take-colour';
import { useHome, useVisit } from '../session/visit-context';
import { sayColour } from '../words/say-colour';
import { VERDICT_WORDS } from '../words/verdict-words';
import { sayRefusal } from '../words/words';
import { IntoScheme } from './into-scheme';
import { swatchOf } from './swatch-of';
import { NoneOfIt, ToldRow } from './told-row';
import type { Wall } from './use-wall';

/** How much of the band each role takes, as it would of a wall: a frame is narrow, another room is wide, an accent small. */
const MEASURE: Readonly<Record<PaintRole, string>> = {
  'light-trim': 'w-[22%]',
  'dark-trim': 'w-[22%]',
  quiet: 'w-[72%]',
  deep: 'w-[72%]',
  bridge: 'w-[56%]',
  accent: 'w-[22%] self-end h-1/2',
  'wall-below': 'w-full self-end h-[38%]',
  'wall-above': 'w-full self-start h-[62%]',
  'wall-focal': 'w-[72%]',
};

/** Why a role is proposed for another room. */
const PLACED: Readonly<Partial<Record<PaintRole, string>>> = {
  quiet: 'the brightest of the other rooms',
  deep: 'where one winds down',
  bridge: 'which lies between',
};

/** "nearly: too yellow beside travertine, by lamps"; how it stands where it is worst, predicted. */
function sayStanding({ standing: { verdict, reason, beside, light } }: PlacedCompanion): string {
  if (verdict === 'works') return 'works, predicted';
  const where = light && light in LIGHT_NAMES ? `, ${LIGHT_NAMES[light as JudgingLight]}` : '';
  const why = reason ? sayBeside(reason, beside ?? 'what stays') : `beside ${beside ?? 'what stays'}`;
  return `${VERDICT_WORDS[verdict].toLowerCase()}, predicted: ${why}${where}`;
}

type CardProps = {
  /** The room with the wall, and that wall. */
  readonly here: RoomInLight;
  readonly wall: Wall;
  readonly companion: PlacedCompanion;
  readonly colour: DeckColour;
  /** The room it is proposed for. */
  readonly room: RoomInLight;
};

function Card({ here, wall, companion, colour, room }: CardProps) {
  const take = useTakeColour(room);
  const strength = companion.strength!;
  const known = knownColour(colour, companion.lab);
  const taken = room.candidates.some((c) => c.deckColourId === colour.id && c.strength === strength);
  const add = async () => {
    const result = await take(known, strength).result;
    if (!result.ok) toast.error(sayRefusal(result));
  };
  return (
    <li data-companion={companion.key} data-verdict={companion.standing.verdict} className="min-w-0 pr-4">
      <VerdictBar mark={companion.standing.verdict} />
      <p className="mt-1 text-sm text-soft">{companion.title}</p>
      <p className="leading-tight font-semibold break-words">
        {colour.name} {strength} %
      </p>
      <p className="text-sm">
        {colour.maker} {colour.code} · LRV {Math.round(lrvOf(companion.lab))}
      </p>
      <p className="mt-1 text-sm">{companion.why}.</p>
      <p className="text-sm text-soft">{sayStanding(companion)}</p>
      <div className="mt-2 flex flex-wrap gap-1.5 print:hidden">
        <Button
          look={taken ? 'main' : 'plain'}
          aria-pressed={taken}
          disabled={taken}
          aria-label={`${taken ? 'Is in' : 'Take into'} ${room.name}: ${colour.name} ${strength} %`}
          onClick={() => void add()}
        >
          {taken ? <Check aria-hidden size={16} /> : <Plus aria-hidden size={16} />} {room.name}
        </Button>
        <IntoScheme room={here} wall={wall} companion={companion} colour={colour} />
        <ColourAcross colour={{ ...known, strength }}>
          <Button className="px-2.5" aria-label={`${colour.name} ${strength} % in other rooms`}>
            Other rooms…
          </Button>
        </ColourAcross>
        <GoesWith roomId={room.id} colour={{ deckColourId: colour.id, strength }} look="text" className="ml-1">
          goes with…
        </GoesWith>
      </div>
    </li>
  );
}

/** What there is of it, and which half is the deeper in a room of this height. */
function sayParted(role: PaintRole, room: Parameters<typeof partedAreas>[0], units: Units): string | undefined {
  const { belowM2, aboveM2, focalM2 } = partedAreas(room);
  const before = 'before openings';
  if (role === 'wall-focal') return `The largest wall has ${sayArea(focalM2, units)}, ${before}.`;
  if (role !== 'wall-below' && role !== 'wall-above') return undefined;
  const { says } = partedWall(room.heightM);
  return `${says} About ${sayArea(role === 'wall-below' ? belowM2 : aboveM2, units)}, ${before}.`;
}

type Props = {
  readonly role: PaintRole;
  readonly room: RoomInLight;
  readonly wall: Wall;
  readonly companions: readonly PlacedCompanion[];
  readonly deck: ReadonlyMap<string, DeckColour>;
};

/** The band of wall colour with the companions of a role in it, in measure and touching; what each is stands below. */
export function PaintRow({ role, room, wall, companions, deck }: Props) {
  const visit = useHome();
  const { rooms } = useVisit();
  const paint = usePaint();
  const { name, says } = ROLE_WORDS[role];
  const placed = rooms.find((r) => r.id === companions[0]?.roomId) ?? room;
  const wallHex = paint(wall.swatch.id, wall.swatch.lab);
  const dose = role === 'accent' ? accentDose(seenOfRoom(sizeOf(room))) : undefined;
  const { units } = visit;
  const parted = sayParted(role, sizeOf(room), units);
  const known = companions.filter((c) => deck.has(c.id!));
  const columns = `repeat(${Math.max(1, known.length)}, minmax(0, 1fr))`;
  return (
    <ToldRow
      name={name}
      says={says}
      more={
        <>
          {placed !== room && (
            <p className="mt-1 text-sm">
              Proposed for {placed.name}, {PLACED[role]}, in its light.
            </p>
          )}
          {parted && <p className="mt-1 text-sm">{parted}</p>}
          {dose && (
            <p className="mt-1 text-sm">
              Here about {sayArea(dose.usualM2, units)} of it, at most {sayArea(dose.mostM2, units)}. Brown and muted ones go
              muddy in cool light: show it where the lamps are.
            </p>
          )}
        </>
      }
    >
      {known.length === 0 ? (
        <NoneOfIt>The deck has none that does not fight here.</NoneOfIt>
      ) : (
        <div>
          <div
            className="grid h-36 max-sm:h-24"
            style={{ backgroundColor: wallHex, gridTemplateColumns: columns }}
            data-patch={wallHex}
            role="group"
            aria-label={`The wall: ${sayColour(wall.swatch.lab)}`}
          >
            {known.map((c) => (
              <Patch
                key={c.key}
                hex={paint(swatchOf(c).id, c.lab)}
                label={`${c.title}: ${sayColour(c.lab)}`}
                className={classNames('justify-self-center', MEASURE[role])}
              />
            ))}
          </div>
          <ul className="mt-1.5 grid gap-y-3 max-sm:!grid-cols-1" style={{ gridTemplateColumns: columns }}>
            {known.map((c) => (
              <Card key={c.key} here={room} wall={wall} companion={c} colour={deck.get(c.id!)!} room={placed} />
            ))}
          </ul>
        </div>
      )}
    </ToldRow>
  );
}
