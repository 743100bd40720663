import { ACCENT_SHARE } from '../companions/accent-dose';
import { CASING_M, USUAL_DOOR, USUAL_SKIRTING_M } from '../record/paintwork';
import type { Thing } from '../record/thing';
import type { SchemePart } from './parts';

/** What there is of a room to be seen, m², less its openings. */
export type RoomAreas = {
  readonly walls: number;
  readonly ceiling: number;
  readonly floor: number;
  readonly trim: number;
  readonly doors: number;
  readonly windows: number;
};

/** What a thing takes of what one sees: so many m², or such a share of a face, and what it hides. Own choices, common sizes. */
type Takes = {
  readonly m2?: number;
  readonly of?: keyof RoomAreas;
  readonly share?: number;
  readonly hides: keyof RoomAreas | null;
};
const TAKES: Readonly<Record<Thing, Takes>> = {
  floor: { of: 'floor', share: 1, hides: 'floor' },
  ceiling: { of: 'ceiling', share: 1, hides: 'ceiling' },
  worktop: { m2: 2.2, hides: 'floor' },
  tile: { of: 'walls', share: 0.12, hides: 'walls' },
  cabinets: { of: 'walls', share: 0.25, hides: 'walls' },
  'built-in': { of: 'walls', share: 0.1, hides: 'walls' },
  trim: { of: 'trim', share: 1, hides: 'trim' },
  door: { of: 'doors', share: 1, hides: 'doors' },
  hearth: { m2: 1.6, hides: 'walls' },
  suite: { m2: 2.4, hides: 'floor' },
  sofa: { m2: 3, hides: 'walls' },
  rug: { of: 'floor', share: 0.35, hides: 'floor' },
  curtains: { of: 'windows', share: 1.2, hides: 'walls' },
  art: { m2: 0.8, hides: 'walls' },
  other: { m2: 1.2, hides: 'walls' },
};
/** Curtains or a sofa, cushions and a shade, m². */
const NEW = { large: 3, small: 0.7 } as const;
/** One wall of four; what lies below a rail. */
const FOCAL = 0.25;
const BELOW = 0.35;

/** A thing that stays, as far as it says how much of it is seen. */
export type SeenThing = {
  readonly thing: Thing;
  /** Share of the face that it lies on; null where it stands. */ readonly cover: number | null;
};
export type SeenShares = { readonly parts: Readonly<Partial<Record<SchemePart, number>>>; readonly stays: readonly number[] };

/** Of which face a part is what is left, when everything else has taken its own. */
const FACE: Readonly<Partial<Record<SchemePart, keyof RoomAreas>>> = {
  walls: 'walls',
  trim: 'trim',
  ceiling: 'ceiling',
  door: 'doors',
};

/** Faces that are what lies on them: of these nothing is hidden but by what lies there. */
const IS_FACE = new Set<Thing>(['floor', 'ceiling', 'trim', 'door']);

/** What each thing that stays takes, m², and what is left of each face beside them. */
function staysIn(areas: RoomAreas, things: readonly SeenThing[]) {
  const left: Record<keyof RoomAreas, number> = { ...areas };
  const taken = things.map(({ thing, cover }) => {
    const { m2 = 0, of, share = 0 } = TAKES[thing];
    return { thing, m2: of === undefined ? m2 : areas[of] * (cover ?? share) };
  });
  for (const { thing, m2 } of taken) {
    const { hides } = TAKES[thing];
    // nothing hides more than half of a face but what is that face
    if (hides && !IS_FACE.has(thing)) left[hides] -= Math.min(m2, left[hides] / 2);
  }
  const stays = taken.map(({ thing, m2 }) => {
    if (!IS_FACE.has(thing)) return m2;
    const same = taken.filter((t) => t.thing === thing).length;
    return Math.min(m2, left[TAKES[thing].hides!]) / same;
  });
  for (const [k, { thing }] of taken.entries()) if (IS_FACE.has(thing)) left[TAKES[thing].hides!] -= stays[k]!;
  return { stays, left };
}

/** What each part takes of what is left, m². */
function partsIn(left: RoomAreas, parts: readonly SchemePart[]): Map<SchemePart, number> {
  const m2 = new Map<SchemePart, number>();
  for (const part of parts) {
    const face = FACE[part];
    if (face) m2.set(part, Math.max(0.05, left[face]));
    else if (part === 'large' || part === 'small') m2.set(part, NEW[part]);
  }
  const walls = m2.get('walls') ?? 0;
  const ofWalls = { focal: FOCAL, below: BELOW } as const;
  for (const part of ['focal', 'below'] as const) {
    if (!parts.includes(part)) continue;
    m2.set(part, walls * ofWalls[part]);
    m2.set('walls', m2.get('walls')! - walls * ofWalls[part]);
  }
  return m2;
}

/**
 * How much of what one sees each part of a scheme and each thing that stays is; together 1. What is hung or stands hides what is behind
 * it; a floor of which nothing is recorded is not counted.
 */
export function seenShares(areas: RoomAreas, parts: readonly SchemePart[], things: readonly SeenThing[]): SeenShares {
  const { stays, left } = staysIn(areas, things);
  const m2 = partsIn(left, parts);
  const all = [...m2.values(), ...stays].reduce((s, v) => s + v, 0);
  const accent = parts.includes('accent') ? ACCENT_SHARE.usual : 0;
  const share = (v: number) => (v / all) * (1 - accent);
  const shares = Object.fromEntries([...m2].map(([part, v]) => [part, share(v)]));
  return { parts: { ...shares, ...(accent > 0 && { accent }) }, stays: stays.map(share) };
}

type Box = { readonly widthM: number; readonly depthM: number; readonly heightM: number };
type Opening = { readonly widthM: number; readonly heightM: number };
/** A door, skirting and casings as they usually are, metres. Common practice, no source. */
const USUAL = {
  door: { widthM: USUAL_DOOR.widthM, heightM: USUAL_DOOR.heightM },
  skirtingM: USUAL_SKIRTING_M,
  casingM: CASING_M,
} as const;

/** What there is to be seen of a box room with one door, m². */
export function areasOfBox({ widthM, depthM, heightM, windows }: Box & { readonly windows: readonly Opening[] }): RoomAreas {
  const { door, skirtingM, casingM } = USUAL;
  const around = 2 * (widthM + depthM);
  const glass = windows.reduce((sum, w) => sum + w.widthM * w.heightM, 0);
  const doors = door.widthM * door.heightM;
  const casings = [...windows.map((w) => 2 * (w.widthM + w.heightM)), door.widthM + 2 * door.heightM].reduce(
    (s, v) => s + v * casingM,
    0,
  );
  const trim = skirtingM * (around - door.widthM) + casings;
  return {
    walls: Math.max(0.1, around * heightM - glass - doors - trim),
    ceiling: widthM * depthM,
    floor: widthM * depthM,
    trim,
    doors,
    windows: glass,
  };
}
