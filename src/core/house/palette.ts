import { chroma, hueDeg, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { wantsFor } from '../companions/paint-wants';
import { wallColour } from '../companions/wall-colour';
import { misfit, type Wanted } from '../companions/wanted';
import { hueApart } from '../judge/hues';
import { relation } from '../judge/relation';
import { partsOfUse, type RoomKind, type RoomUse } from '../room/use';

/** What a house palette is made of. Common practice, no source. */
export const PALETTE_ROLES = ['quiet', 'deep', 'bridge', 'accent'] as const;
export type PaletteRole = (typeof PALETTE_ROLES)[number];
export const PALETTE_WORDS: Readonly<Record<PaletteRole, { readonly name: string; readonly says: string }>> = {
  quiet: { name: 'Light and quiet', says: 'runs through most of the house and lets the others speak' },
  deep: { name: 'Deep', says: 'for a room to wind down in: it draws that room together' },
  bridge: { name: 'Bridge', says: 'a balanced neutral where a warm room meets a cool one' },
  accent: { name: 'Accent', says: 'one strong colour in small measure: a door, a niche, cushions' },
};

/** A colour of the house, and in which rooms it works, by their index. */
export type HouseColour = { readonly key: string; readonly lab: Lab; readonly rooms: readonly number[] };
/** A room as its part in the house is told by. */
export type RoomPart = { readonly kind: RoomKind; readonly use: RoomUse };
export type PaletteEntry = { readonly role: PaletteRole; readonly key: string; readonly rooms: readonly number[] };

const span = (from: number, to: number, at: number) => ({ from, to, at });
/** What each role should be. Common practice; the figures are own choices. */
const WANTED: Readonly<Record<Exclude<PaletteRole, 'accent'>, Wanted>> = {
  quiet: { lrv: span(62, 88, 74), chroma: span(2, 12, 6), hue: null },
  deep: { lrv: span(4, 24, 10), chroma: span(1, 32, 14), hue: null },
  bridge: { lrv: span(36, 68, 54), chroma: span(2, 9, 5), hue: { deg: 82, within: 30 } },
};

/** What working in the rooms a role is for counts, in units of misfit; and what fighting another of the palette does. Own choices. */
const WORTH = { rooms: 2.4, fights: 3, nearly: 0.6, same: 2 } as const;
/** Two of a palette are told apart from here on: LRV points. */
const APART_LRV = 8;
const ACCENT_CHROMA = 22;

const winds = ({ kind, use }: RoomPart): boolean =>
  ['bedroom', 'dining', 'study', 'living'].includes(kind) || partsOfUse(use).every((part) => part === 'evening');
const wakes = ({ kind, use }: RoomPart): boolean => kind === 'kitchen' || kind === 'bath' || partsOfUse(use).includes('morning');
const passes = ({ kind }: RoomPart): boolean => kind === 'hall';

/** How much a role is for a room, 0–1. */
const IS_FOR: Readonly<Record<Exclude<PaletteRole, 'accent'>, (room: RoomPart) => number>> = {
  quiet: (room) => (passes(room) || wakes(room) ? 1 : 0.7),
  deep: (room) => (winds(room) ? 1 : 0.15),
  bridge: (room) => (passes(room) ? 1 : 0.5),
};

const asThing = (lab: Lab) => ({ name: 'wall', kind: 'painted' as const, components: [{ name: 'wall', share: 1, lab }] });

/** What a colour costs beside those that are chosen already: they are seen through open doors. */
function besideOthers(lab: Lab, others: readonly Lab[]): number {
  return others.reduce((sum, other) => {
    const { verdict, reasons } = relation(asThing(other), lab);
    const close = Math.abs(lrvOf(lab) - lrvOf(other)) < APART_LRV && hueApart(hueDeg(lab), hueDeg(other)) < 30 ? WORTH.same : 0;
    const felt = reasons[0] === 'too-close' || reasons[0] === 'too-dark' || reasons[0] === 'too-light' ? 'works' : verdict;
    return sum + close + { works: 0, nearly: WORTH.nearly, no: WORTH.fights }[felt];
  }, 0);
}

/** The colour that fills a role of the house best; undefined where none that works in a room comes near it. */
function bestFor(
  role: Exclude<PaletteRole, 'accent'>,
  colours: readonly HouseColour[],
  { rooms, others }: { rooms: readonly RoomPart[]; others: readonly Lab[] },
): HouseColour | undefined {
  const most = rooms.reduce((sum, room) => sum + IS_FOR[role](room), 0);
  let best: { readonly colour: HouseColour; readonly total: number } | undefined;
  for (const colour of colours) {
    const off = misfit(colour.lab, WANTED[role]);
    if (off > 2.5 || colour.rooms.length === 0) continue;
    const served = colour.rooms.reduce((sum, k) => sum + IS_FOR[role](rooms[k]!), 0) / most;
    const floor = off - WORTH.rooms * served;
    if (best && floor >= best.total) continue;
    const total = floor + besideOthers(colour.lab, others);
    if (!best || total < best.total || (total === best.total && colour.key < best.colour.key)) best = { colour, total };
  }
  return best?.colour;
}

/** A strong colour that goes with the quiet one and with the rest. */
function accentFor(deck: readonly Pick<HouseColour, 'key' | 'lab'>[], quiet: Lab, others: readonly Lab[]): string | undefined {
  const strong = deck.filter((c) => chroma(c.lab) >= ACCENT_CHROMA);
  let best: { readonly key: string; readonly total: number } | undefined;
  for (const [place, want] of wantsFor('accent', wallColour(quiet)).entries())
    for (const { key, lab } of strong) {
      const off = misfit(lab, want) + 0.5 * place;
      if (best && off >= best.total) continue;
      const fights = others.filter((other) => relation(asThing(other), lab, 'answer').verdict === 'no').length;
      const total = off + 0.5 * fights;
      if (!best || total < best.total || (total === best.total && key < best.key)) best = { key, total };
    }
  return best?.key;
}

/**
 * A palette for a house: a light quiet colour, a deep one, a bridge, a sparing accent, each with the rooms it works in that it is for. Only
 * what works in a room is put on its walls; the accent, which is on none, is any strong colour of the deck.
 */
export function housePalette(
  rooms: readonly RoomPart[],
  colours: readonly HouseColour[],
  deck: readonly Pick<HouseColour, 'key' | 'lab'>[],
): PaletteEntry[] {
  const found: PaletteEntry[] = [];
  const others: Lab[] = [];
  for (const role of ['quiet', 'deep', 'bridge'] as const) {
    const best = bestFor(
      role,
      colours.filter((c) => !found.some((f) => f.key === c.key)),
      { rooms, others },
    );
    if (!best) continue;
    const isFor = best.rooms.filter((k) => IS_FOR[role](rooms[k]!) >= 0.5);
    found.push({ role, key: best.key, rooms: isFor.length > 0 ? isFor : best.rooms });
    others.push(best.lab);
  }
  const accent = others[0] && accentFor(deck, others[0], others);
  if (accent) found.push({ role: 'accent', key: accent, rooms: rooms.map((_, k) => k) });
  return found;
}
