'use client';

import { Layers } from 'lucide-react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import type { PlacedCompanion } from '@/core/engine/companions';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { schemeSchema } from '@/core/record/scheme';
import { SCHEME_PART_WORDS } from '@/core/scheme/parts';
import { PART_OF_ROLE, withColour } from '@/core/scheme/with-part';
import { Button } from '@/ui/button';
import { takenColour } from '../session/take-colour';
import { useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import type { Wall } from './use-wall';

type Props = {
  readonly room: RoomInLight;
  readonly wall: Wall;
  readonly companion: PlacedCompanion;
  /** Of a paint; undefined of cloth. */
  readonly colour: DeckColour | undefined;
};

/**
 * One tap from a companion into the scheme with this wall: the latest that has it, or a new one. Both colours are taken into the room with
 * it, all in one step.
 */
export function IntoScheme({ room, wall, companion, colour }: Props) {
  const write = useVisitWrite();
  const part = PART_OF_ROLE[companion.role];
  if (!part) return null;
  const walls = takenColour(room, knownColour(wall.colour, wall.swatch.lab), wall.strength);
  const own = colour ? takenColour(room, knownColour(colour, companion.lab), companion.strength!) : undefined;
  // what stands above a rail changes place with the wall: that stands below it then
  const wallPart = companion.role === 'wall-above' ? 'below' : 'walls';
  const put = async () => {
    const has = room.schemes.findLast((s) =>
      wallPart === 'walls' ? s.wallId === walls.candidateId : s.parts.some((p) => p.candidateId === walls.candidateId),
    );
    const name = `With ${wall.colour.name} ${wall.strength} %`;
    const begun = has ?? schemeSchema.parse({ id: v7(), name, wallId: null, trimId: null, accentIds: [] });
    const with1 = withColour(begun, wallPart, { candidateId: walls.candidateId });
    const scheme = withColour(with1, part, own ? { candidateId: own.candidateId } : { lab: companion.lab });
    const missing = [walls, ...(own ? [own] : [])].filter((t) => !room.candidates.some((c) => c.id === t.candidateId));
    const { id, name: called, ...rest } = scheme;
    const save = { name: 'scheme.save', roomId: room.id, schemeId: id, scheme: called, ...rest } as const;
    const result = await write([...missing, save], { answers: true }).result;
    if (!result.ok) return void toast.error(sayRefusal(result));
    toast(`In the scheme “${called}” of ${room.name}: ${SCHEME_PART_WORDS[part]}`);
  };
  return (
    <Button className="px-2.5" aria-label={`${companion.title} into a scheme`} onClick={() => void put()}>
      <Layers aria-hidden size={16} /> Scheme
    </Button>
  );
}
