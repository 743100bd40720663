import { fewestLeftover, fewestTins, SOLD_IN, type CanChoice } from '../paint/cans';
import type { UndercoatChoice } from '../paint/coats';
import type { Finish } from '../paint/product';
import { litresFor } from '../paint/quantity';
import type { Sheen } from '../paint/sheen';
import type { Candidate } from '@/core/record/candidate';
import type { DecidedRoom, DecidedSurface } from '@/core/derived/decided';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import type { Room } from '@/core/record/room';
import type { Supply } from '@/core/record/supply';
import type { Units } from '../units/length';
import { tenthsOf } from '../units/volume';

/** A surface that takes a paint, and how much of it. */
export type PaintUse = {
  readonly room: string;
  readonly surface: PaintSurface;
  readonly coats: number;
  readonly litres: number;
  /** The same as it is told, in tenths of a litre or gallon: what is told of all uses adds up to what is told of the paint. */
  readonly tenths: number;
  /** Why it is not to be bought yet; null where it is. */
  readonly draft: string | null;
};
/** What is bought once for everything that is painted with it. */
export type PaintLine = {
  readonly key: string;
  /** A colour in a product and a sheen; or what goes under it, with no colour of its own unless it is tinted toward one. */
  readonly kind: 'finish' | 'undercoat' | 'primer';
  readonly candidate: Candidate | null;
  readonly finish: Finish | null;
  readonly sheen: Sheen | null;
  readonly undercoat: Exclude<UndercoatChoice, 'none'> | null;
  readonly uses: readonly PaintUse[];
  /** Of what is not a draft, waste included. */
  readonly litres: number;
  /** Of drafts: what it may take on top. */
  readonly draftLitres: number;
  readonly cans: CanChoice;
  /** The tins that leave less over, where those are other ones. */
  readonly leastLeft: CanChoice | null;
};

type Bought = Omit<PaintLine, 'uses' | 'litres' | 'draftLitres' | 'cans' | 'leastLeft'> & { readonly use: PaintUse };
export type RoomToPaint = {
  readonly room: Pick<Room, 'id' | 'name'>;
  readonly decided: DecidedRoom;
  /** Why a surface is not to be bought for yet; of a list without it everything is. */
  readonly draftOf?: (surface: DecidedSurface) => string | null;
};

/** What the surfaces of a room take, one after the other. */
function boughtFor({ room, decided, draftOf }: RoomToPaint, { spreading, waste }: Supply): Bought[] {
  return decided.painted.flatMap((painted): Bought[] => {
    const { surface, choice, candidate } = painted;
    if (!choice || !candidate) return [];
    const { finish, sheen, coats, primer, undercoat } = choice;
    const use = (product: keyof Supply['spreading'], count: number): PaintUse => ({
      room: room.name,
      surface,
      coats: count,
      litres: litresFor({ areaM2: surface.areaM2, coats: count, spreadingM2PerL: spreading[product], waste }),
      tenths: 0,
      draft: draftOf?.(painted) ?? null,
    });
    const under = { finish: null, sheen: null, use: use('primer', 1) };
    return [
      ...(primer === 'full' ? [{ ...under, key: 'primer', kind: 'primer' as const, candidate: null, undercoat: null }] : []),
      ...(undercoat === 'none'
        ? []
        : [
            {
              ...under,
              key: undercoat === 'tinted' ? `undercoat ${candidate.id}` : `undercoat ${undercoat}`,
              kind: 'undercoat' as const,
              candidate: undercoat === 'tinted' ? candidate : null,
              undercoat,
            },
          ]),
      {
        // the same colour taken into two rooms is one paint
        key: `${candidate.deckColourId} ${candidate.strength} ${finish} ${sheen}`,
        kind: 'finish',
        candidate,
        finish,
        sheen,
        undercoat: null,
        use: use(finish, coats),
      },
    ];
  });
}

/** Uses with what is told of each: of what is bought, and of drafts, the parts add up. */
function told(uses: readonly PaintUse[], units: Units): PaintUse[] {
  const sure = uses.filter((u) => u.draft === null);
  const groups = [sure, uses.filter((u) => u.draft !== null)].map((group) => ({
    group,
    tenths: tenthsOf(
      group.map((u) => u.litres),
      units,
    ),
  }));
  return uses.map((use) => {
    const { group, tenths } = groups[use.draft === null ? 0 : 1]!;
    return { ...use, tenths: tenths[group.indexOf(use)]! };
  });
}

/**
 * What has to be bought for rooms, each paint once: needs of all surfaces added up, in the fewest containers. Finishes
 * first, in the order of the rooms.
 */
export function paintList(rooms: readonly RoomToPaint[], supply: Supply, units: Units): PaintLine[] {
  const lines = new Map<string, { of: Bought; uses: PaintUse[] }>();
  for (const bought of rooms.flatMap((room) => boughtFor(room, supply))) {
    const known = lines.get(bought.key);
    if (known) known.uses.push(bought.use);
    else lines.set(bought.key, { of: bought, uses: [bought.use] });
  }
  const sizes = SOLD_IN[units];
  const found = [...lines.values()].map(({ of: { use: _, ...line }, uses }): PaintLine => {
    const sum = (of: readonly PaintUse[]) => of.reduce((all, u) => all + u.litres, 0);
    const [litres, draftLitres] = [sum(uses.filter((u) => u.draft === null)), sum(uses.filter((u) => u.draft !== null))];
    const [cans, least] = [fewestTins(litres, sizes), fewestLeftover(litres, sizes)];
    const leastLeft = least.litres < cans.litres ? least : null;
    return { ...line, uses: told(uses, units), litres, draftLitres, cans, leastLeft };
  });
  const rank = { finish: 0, undercoat: 1, primer: 2 } as const;
  // what is to be bought stands before what is only a draft
  const sure = ({ litres }: PaintLine) => (litres > 0 ? 0 : 1);
  return found.sort((p, q) => sure(p) - sure(q) || rank[p.kind] - rank[q.kind]);
}
