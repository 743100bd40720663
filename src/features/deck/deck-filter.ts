import { FAMILIES, type Family } from '@/core/colour/family';
import { hueDeg } from '@/core/colour/lab';
import { temperatureOf, type GreenGreySchool, type Lean } from '@/core/colour/lean';
import type { BaseKind } from '@/core/paint/tint-system';
import { findInDeck, type DeckColour } from '@/core/derived/deck-colour';

export type DeckFilter = {
  readonly text: string;
  readonly maker: string;
  readonly family: Family | '';
  readonly lean: Lean | 'warm' | 'cool' | '';
  /** LRV from and to, 0–100. */
  readonly from: number;
  readonly to: number;
  readonly base: BaseKind | '';
  readonly withFormula: boolean;
  /** How green-leaning greys are counted, warm or cool. */
  readonly school: GreenGreySchool;
};

export const NO_FILTER: DeckFilter = {
  text: '',
  maker: '',
  family: '',
  lean: '',
  from: 0,
  to: 100,
  base: '',
  withFormula: false,
  school: 'cool',
};

/** A filter that was kept as text; undefined when it is none. */
export function readFilter(text: string | null): DeckFilter | undefined {
  try {
    const kept = JSON.parse(text ?? 'null') as Partial<Record<keyof DeckFilter, unknown>> | null;
    if (kept === null || typeof kept !== 'object') return undefined;
    const fits = (Object.keys(NO_FILTER) as (keyof DeckFilter)[]).every((key) => typeof kept[key] === typeof NO_FILTER[key]);
    return fits ? (kept as DeckFilter) : undefined;
  } catch {
    return undefined;
  }
}

const leans = (c: DeckColour, { lean, school }: DeckFilter) => {
  if (lean === '') return true;
  return lean === 'warm' || lean === 'cool' ? temperatureOf(c.lean, school) === lean : c.lean === lean;
};

export function filterDeck(colours: readonly DeckColour[], filter: DeckFilter): readonly DeckColour[] {
  return findInDeck(colours, filter.text).filter(
    (c) =>
      (filter.maker === '' || c.maker === filter.maker) &&
      (filter.family === '' || c.family === filter.family) &&
      (filter.base === '' || c.baseKind === filter.base) &&
      (!filter.withFormula || c.hasFormula) &&
      c.lrv >= filter.from &&
      c.lrv <= filter.to &&
      leans(c, filter),
  );
}

export type DeckStrip = {
  readonly key: string;
  readonly maker: string;
  readonly name: string;
  readonly family: Family;
  readonly hue: number;
  /** By depth step; a step that the filter took away is undefined. */
  readonly steps: readonly (DeckColour | undefined)[];
};

/** The family most of a strip's colours have. */
function familyOf(colours: readonly DeckColour[]): Family {
  const count = (f: Family) => colours.filter((c) => c.family === f).length;
  return colours.reduce((most, c) => (count(c.family) > count(most) ? c.family : most), colours[0]!.family);
}

/** Strips of the whole deck by family, neighbouring hues side by side; only those with a colour in `shown`. */
export function stripsOf(all: readonly DeckColour[], shown: ReadonlySet<string>): DeckStrip[] {
  const strips = new Map<string, DeckColour[]>();
  for (const c of all) {
    const key = `${c.maker} ${c.strip}`;
    const strip = strips.get(key);
    if (strip) strip.push(c);
    else strips.set(key, [c]);
  }
  return [...strips]
    .filter(([, colours]) => colours.some((c) => shown.has(c.id)))
    .map(([key, colours]): DeckStrip => {
      const middle = colours[Math.floor(colours.length / 2)]!;
      const steps = [...colours].sort((p, q) => p.step - q.step).map((c) => (shown.has(c.id) ? c : undefined));
      return {
        key,
        maker: middle.maker,
        name: middle.strip.replace(/^\d+ /, ''),
        family: familyOf(colours),
        hue: hueDeg(middle.lab),
        steps,
      };
    })
    .sort((p, q) => FAMILIES.indexOf(p.family) - FAMILIES.indexOf(q.family) || p.hue - q.hue);
}

export type FanRow = { readonly key: string; readonly family: Family; readonly strips: readonly DeckStrip[] };

/** Strips laid out in rows of `across`, each family beginning a row of its own. */
export function fanRows(strips: readonly DeckStrip[], across: number): FanRow[] {
  const rows: { key: string; family: Family; strips: DeckStrip[] }[] = [];
  for (const strip of strips) {
    const last = rows.at(-1);
    if (last && last.family === strip.family && last.strips.length < across) last.strips.push(strip);
    else rows.push({ key: strip.key, family: strip.family, strips: [strip] });
  }
  return rows;
}
