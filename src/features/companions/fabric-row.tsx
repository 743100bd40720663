'use client';

import { fabricCard } from '@/core/companions/fabric-card';
import { ROLE_WORDS, type FabricRole } from '@/core/companions/roles';
import type { PlacedCompanion } from '@/core/engine/companions';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { Patch } from '@/ui/patch';
import { usePaint } from '../light-client/in-light';
import { hexOf, sayColour } from '../words/say-colour';
import { IntoScheme } from './into-scheme';
import { swatchOf } from './swatch-of';
import { NoneOfIt, ToldRow } from './told-row';
import type { Wall } from './use-wall';

type Props = {
  readonly role: FabricRole;
  readonly room: RoomInLight;
  readonly wall: Wall;
  readonly companions: readonly PlacedCompanion[];
};
type CardProps = Pick<Props, 'room' | 'wall'> & { readonly companion: PlacedCompanion };

/** A card of one fabric: the colour large, touching the wall, and around it how far a fabric may be off and still do. */
function FabricCard({ room, companion, wall }: CardProps) {
  const paint = usePaint();
  const { lab, within, title, why } = companion;
  const edges = fabricCard(lab, within!);
  return (
    <li data-companion={companion.key} className="border border-line bg-panel p-2.5 print:break-inside-avoid">
      <div className="flex h-28">
        <Patch hex={paint(wall.swatch.id, wall.swatch.lab)} label="the wall" className="w-1/4" />
        <Patch hex={paint(swatchOf(companion).id, lab)} label={`${title}: ${sayColour(lab)}`} className="flex-1" />
        <div className="grid w-1/4 grid-rows-4">
          {edges.map(({ says, lab: edge }) => (
            <Patch key={says} hex={hexOf(edge)} label={`as far as ${says}: ${sayColour(edge)}`} />
          ))}
        </div>
      </div>
      <p className="mt-1.5 font-semibold">{title}</p>
      <p className="text-sm">
        {sayColour(lab)}; {why}.
      </p>
      <p className="text-sm text-soft">
        Anything from {edges[0]!.says} to {edges[1]!.says}, from {edges[2]!.says} to {edges[3]!.says}, as at the right, still does
        (ΔE {within}).
      </p>
      <div className="mt-1.5 print:hidden">
        <IntoScheme {...{ room, wall, companion }} colour={undefined} />
      </div>
    </li>
  );
}

/** The fabrics of one direction, as cards to take along. */
export function FabricRow({ role, room, wall, companions }: Props) {
  const { name, says } = ROLE_WORDS[role];
  return (
    <ToldRow name={name} says={says} under>
      {companions.length === 0 ? (
        <NoneOfIt>None of this direction sits well with what stays here.</NoneOfIt>
      ) : (
        <ul className="grid grid-cols-3 gap-3 max-sm:grid-cols-1">
          {companions.map((c) => (
            <FabricCard key={c.key} room={room} companion={c} wall={wall} />
          ))}
        </ul>
      )}
    </ToldRow>
  );
}
