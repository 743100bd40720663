import { sayShots } from '../paint/dispense';
import { sayCans } from '../paint/cans';
import { CONTAINERS, type Container } from '../paint/containers';
import type { PaintFacts } from '../paint/paint-facts';
import { potCaution } from '../paint/sheen';
import type { Units } from '../units/length';
import type { Habits } from '../units/habits';
import { sayNeed, sayTenths, sayTint } from '../units/volume';
import type { PaintLine, PaintUse } from './paint-list';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import { sayCopies, type LampedRoom } from './copied';
import { sayNames } from './rows';
import { paperColour, type PaperColour } from './paper-colour';
import { sayProduct, type Of } from './schedule';

export type OrderLine = {
  readonly number: number;
  /** "wall paint, eggshell, white base". */
  readonly what: string;
  readonly colour: PaperColour | null;
  readonly need: string;
  readonly take: string;
  /** Other tins that leave less over; "" where there are none. */
  readonly instead: string;
  readonly forWhat: string;
  /** What may be needed on top, for what, and why it is not to be bought yet; not in need and take. */
  readonly drafts: readonly string[];
  /** What goes into each container, as the counter pours it. */
  readonly formulas: readonly {
    readonly container: string;
    readonly pours: string;
    readonly off: string;
    readonly warns: boolean;
  }[];
  readonly notes: readonly string[];
};

const UNDERCOAT_NAMES = { white: 'white undercoat', grey: 'mid-grey undercoat', tinted: 'undercoat tinted toward' } as const;

function sayWhat(
  { kind, finish, sheen, undercoat }: PaintLine,
  colour: PaperColour | null,
  facts: PaintFacts | undefined,
): string {
  if (kind === 'primer') return 'primer';
  if (kind === 'undercoat') return UNDERCOAT_NAMES[undercoat!];
  return `${sayProduct(finish!, facts)}, ${sheen!}, ${colour!.base}`;
}

/** What goes into each container that is bought. */
function formulasOf({ cans }: PaintLine, facts: PaintFacts | undefined, tint: Habits['tint']): OrderLine['formulas'] {
  const bought = new Set<Container>(cans.cans.map((c) => c.container));
  return (facts?.pours ?? [])
    .filter((p) => bought.has(p.container))
    .map((p) => ({
      container: CONTAINERS[p.container].name,
      pours:
        p.shots.map((s) => `${s.colourant} ${sayTint(s.ml, tint)} (${sayShots(s.shots)})`).join(', ') ||
        'no colourant: the base as it is',
      off: `ΔE ${p.deltaE00.toFixed(1)} from what was meant`,
      warns: p.warns,
    }));
}

function notesOf({ candidate, cans, sheen, uses }: PaintLine, facts: PaintFacts | undefined, rooms: readonly LampedRoom[]) {
  const used = new Set(uses.map((u) => u.room));
  const several = cans.cans.reduce((sum, c) => sum + c.count, 0) > 1;
  return [
    several && candidate && 'Tint all of it at one time, and stir the tins together before the last one is opened.',
    facts?.overloaded && 'More colourant than such a base should take: ask the counter.',
    facts?.pours.length === 0 && 'The formula is not known here: the counter mixes by maker and code at this strength.',
    sheen && potCaution(sheen),
    ...sayCopies(
      facts?.copied,
      rooms.filter((r) => used.has(r.name)),
    ),
  ].filter((note) => typeof note === 'string' && note !== '') as string[];
}

/** Where a paint goes: "Hall: skirting; Kitchen: ceiling". */
function sayUses(uses: readonly PaintUse[]): string {
  const rooms = new Map<string, Set<PaintSurface>>();
  for (const { room, surface } of uses) rooms.set(room, new Set([...(rooms.get(room) ?? []), surface]));
  return [...rooms].map(([room, surfaces]) => `${room}: ${sayNames([...surfaces])}`).join('; ');
}

/** "Draft: 2.3 l for Hall: ceiling (not signed yet)", a line for each reason. */
function sayDrafts({ uses }: PaintLine, units: Units): string[] {
  const drafts = uses.filter((u) => u.draft !== null);
  return [...new Set(drafts.map((u) => u.draft!))].map((why) => {
    const of = drafts.filter((u) => u.draft === why);
    const tenths = of.reduce((sum, u) => sum + u.tenths, 0);
    return `Draft, not to be bought yet: ${sayTenths(tenths, units)} for ${sayUses(of)} (${why})`;
  });
}

/** A paint as it is ordered: the k-th, from 0. */
export function orderLine(
  line: PaintLine,
  k: number,
  { units, tint, factsOf, rooms }: Omit<Of, 'lines'> & { readonly tint: Habits['tint']; readonly rooms: readonly LampedRoom[] },
): OrderLine {
  const { candidate, kind } = line;
  const facts = candidate && kind === 'finish' ? factsOf(candidate) : undefined;
  const colour = candidate && paperColour(candidate, factsOf(candidate));
  return {
    number: k + 1,
    what: sayWhat(line, colour, facts),
    colour,
    need: line.litres > 0 ? sayNeed(line.litres, units) : '',
    take: line.litres > 0 ? sayCans(line.cans) : '',
    instead: line.leastLeft
      ? `or ${sayCans(line.leastLeft)}, ${sayNeed(line.cans.litres - line.leastLeft.litres, units)} less left over`
      : '',
    forWhat: sayUses(line.uses.filter((u) => u.draft === null)),
    drafts: sayDrafts(line, units),
    formulas: formulasOf(line, facts, tint),
    notes: notesOf(line, facts, rooms),
  };
}
