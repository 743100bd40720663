'use client';

import { floorOf } from '@/core/derived/floor-of';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { UnfoldedPart } from '@/core/derived/unfolded';
import { OLD_WALL_ID } from '@/core/engine/swatches';
import type { SchemeStay } from '@/core/engine/scheme-walls';
import type { RecordedStay } from '@/core/record/stay';
import { thingOf } from '@/core/record/thing';
import { focalOf } from '@/core/scheme/of-room';
import { SCHEME_PART_WORDS, type Proposal, type ProposedPart, type SchemePart } from '@/core/scheme/parts';
import { percent } from '@/core/base/words';
import { Patch } from '@/ui/patch';
import { SKY_HEX } from '../drawings/glass';
import { UnfoldedPicture } from '../drawings/unfolded-picture';
import { usePaint } from '../light-client/in-light';
import { sayColour } from '../words/say-colour';
import { partSwatch } from './use-schemes';

/** A surface that stays as it is, whose colour nobody recorded. */
const UNKNOWN_HEX = '#d6d6d6';

type Shown = {
  readonly room: RoomInLight;
  /** Stands for the scheme in the ids of what is painted. */
  readonly name: string;
  readonly proposal: Pick<Proposal, 'parts' | 'stays'>;
  readonly stays: readonly SchemeStay[];
};

/** What fills each surface of a room in a scheme; what it does not say is as it is now. */
function useSurfaces({ room, name, proposal: { parts } }: Omit<Shown, 'stays'>): (part: UnfoldedPart) => string {
  const paint = usePaint();
  const hexOf = (of: SchemePart): string | undefined => {
    const k = parts.findIndex((p) => p.part === of);
    return k < 0 ? undefined : paint(partSwatch(name, of, k, parts[k]!.lab).id, parts[k]!.lab);
  };
  const staying = (thing: string) => {
    const component = room.stays.find((s) => s.thing === thing || s.name.toLowerCase().includes(thing))?.components[0];
    return component && paint(component.id, component.colour.lab);
  };
  const old = room.oldWall ? paint(OLD_WALL_ID, room.oldWall.lab) : UNKNOWN_HEX;
  const walls = hexOf('walls') ?? old;
  const focal = parts.some((p) => p.part === 'focal') ? focalOf(room) : undefined;
  const trim = hexOf('trim') ?? staying('trim') ?? UNKNOWN_HEX;
  const floor = floorOf(room)?.component;
  const ceiling = hexOf('ceiling') ?? staying('ceiling') ?? UNKNOWN_HEX;
  const of: Readonly<Record<Exclude<UnfoldedPart['what'], 'wall' | 'below'>, string>> = {
    ceiling,
    slope: ceiling,
    skirting: trim,
    frame: trim,
    door: hexOf('door') ?? staying('door') ?? trim,
    glass: SKY_HEX,
    floor: floor ? paint(floor.id, floor.colour.lab) : UNKNOWN_HEX,
  };
  return ({ what, wall }) => {
    if (what !== 'wall' && what !== 'below') return of[what];
    if (what === 'below' && hexOf('below')) return hexOf('below')!;
    return wall === focal ? hexOf('focal')! : walls;
  };
}

/** The piece where it hangs: its picture, or its colours in their shares. */
export function PieceOnWall({ piece, className }: { readonly piece: RecordedStay; readonly className: string }) {
  const paint = usePaint();
  const sorted = [...piece.components].sort((p, q) => q.share - p.share);
  if (piece.picture !== null)
    return (
      // eslint-disable-next-line @next/next/no-img-element -- from this machine: there is nothing for an image service to do
      <img src={`/api/pictures/${piece.picture}`} alt={piece.name} className={`${className} object-cover`} />
    );
  return (
    <div role="img" aria-label={piece.name} className={`${className} flex flex-col`}>
      {sorted.map((c) => (
        <div key={c.id} style={{ flexGrow: c.share, backgroundColor: paint(c.id, c.colour.lab) }} />
      ))}
    </div>
  );
}

/** Where a piece is seen: on the floor, beside a window, on a wall. */
function placeOf(piece: RecordedStay): string {
  const thing = thingOf(piece);
  if (thing === 'rug' || piece.lies === 'floor') return 'bottom-0 left-[38%] h-[13%] w-[24%]';
  if (thing === 'curtains') return 'top-[24%] left-[2%] h-[50%] w-[5%]';
  if (thing === 'sofa') return 'bottom-[14%] left-[52%] h-[18%] w-[22%]';
  return 'top-[26%] left-[57%] h-[24%] w-[14%]';
}

/** The room unfolded in a scheme, with the piece where it is seen. */
export function SchemeRoom({
  room,
  name,
  proposal,
  label,
  piece,
  className,
}: Omit<Shown, 'stays'> & { readonly label: string; readonly piece?: RecordedStay | undefined; readonly className: string }) {
  const surface = useSurfaces({ room, name, proposal });
  return (
    <UnfoldedPicture room={room} paint={surface} label={label} className={className}>
      {piece && <PieceOnWall piece={piece} className={`absolute ${placeOf(piece)}`} />}
    </UnfoldedPicture>
  );
}

const sayPart = (p: ProposedPart) => `${SCHEME_PART_WORDS[p.part]}, ${percent(p.share)}: ${sayColour(p.lab)}`;

/** Everything one sees in a scheme, each as wide as its share of the view: what is painted first, then what stays, then the small. */
export function ColoursInMeasure({ name, proposal, stays, className }: Omit<Shown, 'room'> & { readonly className: string }) {
  const paint = usePaint();
  const painted = proposal.parts.map((p, k) => ({
    key: `${p.part} ${k}`,
    hex: paint(partSwatch(name, p.part, k, p.lab).id, p.lab),
    share: p.share,
    label: sayPart(p),
    small: p.part === 'small' || p.part === 'accent' || p.part === 'door',
  }));
  const staying = stays.map((stay, k) => ({ stay, share: proposal.stays[k] ?? 0 }));
  const patch = ({ key, hex, share, label }: Omit<(typeof painted)[number], 'small'>) => (
    <Patch key={key} hex={hex} label={label} className="min-w-0.5" style={{ flexGrow: share, flexBasis: 0 }} />
  );
  return (
    <div role="group" aria-label="Its colours in measure" className={`flex ${className}`}>
      {painted.filter((p) => !p.small).map(patch)}
      {staying.map(({ stay, share }) => (
        <div key={stay.id} className="flex flex-col" style={{ flexGrow: share, flexBasis: 0 }}>
          {stay.components.map((c) => (
            <Patch
              key={c.id}
              hex={paint(c.id, c.lab)}
              label={`${stay.name}, ${c.name}: ${sayColour(c.lab)}`}
              style={{ flexGrow: c.share, flexBasis: 0 }}
            />
          ))}
        </div>
      ))}
      {painted.filter((p) => p.small).map(patch)}
    </div>
  );
}
