import type { Write } from '@/core/operations/operations';
import { inUnits, type Units } from '@/core/units/length';
import { checkWrite, type FieldErrors } from '../session/check-write';
import { wallsThatDoNotClose, writeOf, type LightDraft, type StoredLight } from './light-draft';
import { sameValue } from '@/core/base/same-value';

/** Which text of a window or lamp each field of its record is typed in. */
const WINDOW_TEXTS: Readonly<Record<string, 'width' | 'height' | 'left' | 'sill' | 'reveal' | 'overhang' | 'obstruction'>> = {
  widthM: 'width',
  heightM: 'height',
  leftM: 'left',
  sillM: 'sill',
  revealM: 'reveal',
  overhangM: 'overhang',
  obstructionDeg: 'obstruction',
};
const LAMP_TEXTS: Readonly<Record<string, 'name' | 'cctK' | 'ra' | 'lumens' | 'x' | 'y' | 'height' | 'dimmed'>> = {
  name: 'name',
  cctK: 'cctK',
  ra: 'ra',
  lumens: 'lumens',
  xM: 'x',
  yM: 'y',
  heightM: 'height',
  dimmedPercent: 'dimmed',
};

type WithId = { readonly id: string };
/** The list with one text of one row as it was stored; a row that was not stored yet is left out until it can be. */
function withStoredText<T extends WithId>(
  list: readonly T[],
  index: number,
  key: string | undefined,
  stored: readonly T[],
): readonly T[] {
  const row = list[index];
  const before = stored.find((s) => s.id === row?.id);
  if (!row) return list;
  if (!before || key === undefined) return list.filter((r) => r !== row);
  return list.map((r) => (r === row ? { ...r, [key]: before[key as keyof T] } : r));
}

type Texts = Readonly<Record<string, string>>;
const TEXTS: Readonly<Record<'windows' | 'lamps', Texts>> = { windows: WINDOW_TEXTS, lamps: LAMP_TEXTS };
const isRows = (head: string | undefined): head is 'windows' | 'lamps' => head === 'windows' || head === 'lamps';

/** A draft with a pair of opposite walls as they were stored. */
const withWalls = (draft: LightDraft, stored: LightDraft, pair: number): LightDraft => ({
  ...draft,
  walls: draft.walls.map((text, wall) => (wall % 2 === pair ? stored.walls[wall]! : text)) as unknown as LightDraft['walls'],
});

/** A draft with the field at a path as it was stored. */
function withStored(draft: LightDraft, stored: LightDraft, path: string): LightDraft {
  const [head, index, field = ''] = path.split('.');
  // a wall that is not there any more: it is the shape that cannot be
  if (head === 'shape' || field === 'wall') return { ...draft, shape: stored.shape };
  if (isRows(head)) {
    if (index === undefined) return { ...draft, [head]: stored[head] };
    const rows: readonly WithId[] = draft[head];
    return { ...draft, [head]: withStoredText(rows, Number(index), TEXTS[head][field], stored[head]) };
  }
  switch (head) {
    case 'widthM':
      return withWalls(draft, stored, 0);
    case 'depthM':
      return withWalls(draft, stored, 1);
    case 'walls':
      return withWalls(draft, stored, Number(index) % 2);
    case 'heightM':
      return { ...draft, height: stored.height };
    case 'bearingDeg':
      return { ...draft, bearing: stored.bearing };
    default:
      return draft;
  }
}

/** Paths by the rows of the whole draft: rows that were left out meanwhile have moved the others up. */
function byWholeDraft(errors: FieldErrors, tried: LightDraft, whole: LightDraft): FieldErrors {
  const moved = Object.entries(errors).map(([path, says]) => {
    const [head, index, ...rest] = path.split('.');
    if (!isRows(head) || index === undefined) return [path, says];
    const id = tried[head][Number(index)]?.id;
    return [[head, whole[head].findIndex((row) => row.id === id), ...rest].join('.'), says];
  });
  return Object.fromEntries(moved) as FieldErrors;
}

export type Savable = {
  /** What can be saved of the draft: every field that is right, the others as they were. Undefined when nothing can be. */
  readonly write: Write | undefined;
  /** What is wrong, by field of the draft. */
  readonly errors: FieldErrors;
};

/** A wrong field can show another: so many rounds at most. */
const MOST_ROUNDS = 40;

/** Parts a draft into what can be saved and what is wrong with the rest, so that one bad number keeps nothing else from being saved. */
export function savableOf(draft: LightDraft, stored: StoredLight, storedDraft: LightDraft, units: Units): Savable {
  let tried = draft;
  let errors: FieldErrors = {};
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const checked = checkWrite(writeOf(tried, stored, units));
    const wrong = { ...wallsThatDoNotClose(tried, units), ...(checked.ok ? {} : checked.errors) };
    if (checked.ok && Object.keys(wrong).length === 0) return { write: checked.write, errors };
    const said = Object.entries(byWholeDraft(wrong, tried, draft)).map(([path, says]) => [path, inUnits(says, units)]);
    errors = { ...(Object.fromEntries(said) as FieldErrors), ...errors };
    // the first alone: what else is wrong may follow from it
    const [path] = Object.keys(wrong);
    const next = withStored(tried, storedDraft, path!);
    const same = sameValue(next, tried);
    // what is wrong stands as it was stored: then it is the room around it that was changed
    tried = same ? { ...tried, walls: storedDraft.walls, height: storedDraft.height } : next;
    if (same && sameValue(tried, next)) return { write: undefined, errors };
  }
  return { write: undefined, errors };
}

/** The name a field is kept under, and its text. */
function textAt(draft: LightDraft, path: string): readonly [string, string] | undefined {
  const [head, index, field = ''] = path.split('.');
  if (isRows(head)) {
    const row = draft[head][Number(index)];
    const key = TEXTS[head][field];
    return row && key ? [`${head} ${row.id} ${key}`, (row as unknown as Texts)[key]!] : undefined;
  }
  if (head === 'widthM' || head === 'depthM' || head === 'walls') return ['walls', JSON.stringify(draft.walls)];
  if (head === 'heightM') return ['height', draft.height];
  return head === 'bearingDeg' ? ['bearing', draft.bearing] : undefined;
}

/** Texts of the fields that are wrong: what is kept of a draft that could not be saved. */
export const wrongTexts = (draft: LightDraft, errors: FieldErrors): Texts =>
  Object.fromEntries(Object.keys(errors).flatMap((path) => [textAt(draft, path) ?? []].filter((entry) => entry.length > 0)));

/** A draft with the texts of {@link wrongTexts} in their places again. */
export function withTexts(draft: LightDraft, texts: Readonly<Record<string, string>>): LightDraft {
  return Object.entries(texts).reduce((d, [path, text]): LightDraft => {
    const [head, id, key] = path.split(' ');
    if (head === 'walls') return { ...d, walls: JSON.parse(text) as LightDraft['walls'] };
    if (head === 'height' || head === 'bearing') return { ...d, [head]: text };
    if (!isRows(head) || key === undefined) return d;
    const rows: readonly WithId[] = d[head];
    return { ...d, [head]: rows.map((row) => (row.id === id ? { ...row, [key]: text } : row)) };
  }, draft);
}
