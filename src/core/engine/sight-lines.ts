import { besideIn, besideThrough, SCENE, seenBy, seenThrough, viewOf, type SceneLight } from '../appearance/scene';
import type { Reflectance } from '../colour/grid';
import { integrationWeights } from '../colour/observer';
import {
  seenTogether,
  SEEN_KINDS,
  turnedBy,
  turnOf,
  type SeenAlso,
  type SeenKind,
  type SeenTogether,
} from '../house/seen-together';
import type { View } from '../house/views';
import type { PositionLight } from '../light/day-light';
import type { DeckCurves } from '../formats/deck-curves';
import { sourceOf } from './deck-places';
import { cannotBe, dayOf, lightsOf, roomOf, sceneAt, type KnownDay } from './known-days';
import type { DayRequest, NoAnswer, Swatch } from './light-protocol';
import { sceneOf, surfacesOf } from './looks';
import { inPart, type Steps } from './steps';

/** A room as it is looked into: its light, what is on each of its walls and on its trim; null where nothing is known. */
export type SightPlace = {
  readonly id: string;
  readonly day: DayRequest;
  readonly scale: number;
  readonly walls: readonly (Swatch | null)[];
  readonly trim: Swatch | null;
  readonly floor: Swatch | null;
  /** The deck's colour of its walls; null of what is of no deck. Its other strengths are what may mend a view. */
  readonly paint: { readonly id: string; readonly strength: number } | null;
};

export type SightRequest = { readonly rooms: readonly SightPlace[]; readonly views: readonly View[]; readonly lampsOn: boolean };

/** Two walls and the door's frame at one moment, as the eye sees them that is adapted to where one stands; colours for the screen. */
export type SeenAt = {
  readonly near: string;
  readonly far: string;
  readonly frame: string | null;
  readonly luxNear: number;
  readonly luxFar: number;
};
/** What the light of where one stands makes of the far wall: the hue it is turned to and by how many just-noticeable steps. */
export type SeenTurn = { readonly towards: 'pinker' | 'greener' | 'yellower' | 'bluer'; readonly steps: number };
export type SeenView = {
  readonly id: string;
  /** By moment of the day; null where it is too dark to judge on either side. */
  readonly moments: readonly (SeenAt | null)[];
  /** By the lamps of both rooms alone; null where either has none. */
  readonly lamps: (SeenAt & { readonly turn: SeenTurn | null }) | null;
  /** What it is at its worst that lasts: for a quarter of the day's moments, or by the lamps. */
  readonly worst: SeenTogether & { /** Index of a moment; null: by the lamps. */ readonly moment: number | null };
  /** Where the far wall is turned most, and to what; null where nobody would see it. */
  readonly turn: (SeenTurn & { readonly moment: number }) | null;
  /** How the trims and the floors of both rooms stand together, each at its worst of the middle of the day and the lamps. */
  readonly also: readonly SeenAlso[];
  /** What would make it better: another strength in one of the two rooms, the best first. */
  readonly mends: readonly { readonly roomId: string; readonly id: string; readonly strength: number; readonly kind: SeenKind }[];
};
export type SightAnswer = { readonly ok: true; readonly moments: readonly number[]; readonly views: readonly SeenView[] };

/** Judged at every so-manieth moment: light is not another within half an hour. Own choice. */
const JUDGED_EVERY = 2;
/** A state lasts that holds for this share of the moments with light. Own choice. */
const LASTS = 0.25;
/**
 * How much of the difference between the two lights the eye takes off the far wall, 0–1: it knows another room by its frame. Own choice,
 * between what people match by look (about a fifth to a third) and by what it is painted (most of it) in Arend & Reeves 1986, from memory.
 */
export const DISCOUNTS = 0.6;
const MOST_MENDS = 2;

const worse = (p: SeenKind, q: SeenKind): boolean => SEEN_KINDS.indexOf(p) > SEEN_KINDS.indexOf(q);
const surfaceOf = (swatch: Swatch): Reflectance => surfacesOf(swatch)[0]!;

/** A strength the walls of a room could be in. */
type Other = { readonly id: string; readonly strength: number; readonly reflectance: Reflectance };
type Lit = { readonly place: SightPlace; readonly known: KnownDay; readonly others: readonly Other[] };
/** Both lights of a moment: the eye's scene, and the far wall's. */
type Scenes = {
  readonly eye: SceneLight;
  readonly there: SceneLight;
  /** Lux as computed, which their powers are of. */ readonly luxOfPower: readonly [number, number];
};
type Walls = { readonly near: Reflectance; readonly far: Reflectance; readonly frame: Reflectance | null };

/** The scenes at a moment, or by lamps; undefined in the dark. */
function scenesOf(
  view: View,
  from: readonly PositionLight[],
  to: readonly PositionLight[],
  scales: readonly [number, number],
): Scenes | undefined {
  const eye = sceneAt(from, view.nearWall, scales[0]);
  const there = sceneOf(to[view.farWall]!, undefined, scales[1]);
  const luxOfPower = [from[view.nearWall]!.lux, to[view.farWall]!.lux] as const;
  return eye && there ? { eye, there, luxOfPower } : undefined;
}

/** What the eye takes for white behind the door: that of where it is, less what it takes off. */
function eyeThere({ eye, there, luxOfPower: [here, far] }: Scenes): SceneLight {
  const power = eye.power.map((p, k) => ((1 - DISCOUNTS) * p) / here + (DISCOUNTS * there.power[k]!) / far);
  return { power, lux: eye.lux };
}

const farReads = (scenes: Scenes, far: Reflectance) => besideThrough(eyeThere(scenes), scenes.there.power)(far);
const judged = (scenes: Scenes, { near, far }: Walls): SeenTogether =>
  seenTogether(besideIn(scenes.eye)(near), farReads(scenes, far));

const turnIn = (scenes: Scenes, { far }: Walls): SeenTurn | null =>
  turnOf(turnedBy(besideIn(scenes.there)(far), farReads(scenes, far)));

/** How much brighter the other room is shows as on the room's own patches: less than it is, or all of it would be white. */
function seenAt(scenes: Scenes, walls: Walls): SeenAt {
  const { eye, there } = scenes;
  const view = viewOf(eye);
  const through = seenThrough(
    viewOf({ ...eyeThere(scenes), room: eye.room }),
    integrationWeights(there.power, 10),
    (there.lux / eye.lux) ** SCENE.dimming,
  );
  return {
    near: seenBy(view, walls.near).hex,
    far: through(walls.far).hex,
    frame: walls.frame && seenBy(view, walls.frame).hex,
    luxNear: eye.lux,
    luxFar: there.lux,
  };
}

/** How what is the same thing in both rooms stands together; where one of them has nothing known, nothing is said. */
function alsoOf(
  [from, to]: readonly [SightPlace, SightPlace],
  byDay: Scenes | undefined,
  byLamps: Scenes | undefined,
): SeenAlso[] {
  return (['trims', 'floors'] as const).flatMap((of): SeenAlso[] => {
    const [near, far] = of === 'trims' ? [from.trim, to.trim] : [from.floor, to.floor];
    if (!near || !far) return [];
    const both = { near: surfaceOf(near), far: surfaceOf(far), frame: null };
    const found = [
      byDay && { ...judged(byDay, both), of, byLamps: false },
      byLamps && { ...judged(byLamps, both), of, byLamps: true },
    ];
    const known = found.filter((f) => f !== undefined);
    const [first] = known;
    return first ? [known.reduce((worst, f) => (worse(f.kind, worst.kind) ? f : worst), first)] : [];
  });
}

type Judged = SeenTogether & { readonly moment: number | null };
/** The worst that lasts: the kinds that hold long enough, and by the lamps; of that kind the moment that is farthest apart. */
function worstOf(byDay: readonly Judged[], lamps: Judged | undefined): Judged | undefined {
  const lasting = SEEN_KINDS.filter((kind) => byDay.filter((j) => !worse(kind, j.kind)).length >= LASTS * byDay.length);
  const kind = lasting.at(-1);
  const pick = byDay.length === 0 || kind === undefined ? [] : byDay.filter((j) => j.kind === kind);
  const all = [...pick, ...(lamps ? [lamps] : [])];
  return all.reduce<Judged | undefined>(
    (worst, j) => (!worst || worse(j.kind, worst.kind) || (j.kind === worst.kind && j.deltaE00 > worst.deltaE00) ? j : worst),
    undefined,
  );
}

function seenView(view: View, [from, to]: readonly [Lit, Lit], lampsOn: boolean): SeenView | undefined {
  const [nearWall, farWall] = [from.place.walls[view.nearWall], to.place.walls[view.farWall]];
  if (!nearWall || !farWall) return undefined;
  const { trim } = from.place;
  const walls: Walls = { near: surfaceOf(nearWall), far: surfaceOf(farWall), frame: trim && surfaceOf(trim) };
  const scales = [from.place.scale, to.place.scale] as const;
  const at = (m: number, lamps: boolean) => scenesOf(view, lightsOf(from.known, m, lamps), lightsOf(to.known, m, lamps), scales);
  const shown = from.known.moments.map((_, m) => at(m, lampsOn));
  const daylit = from.known.moments.flatMap((_, m) => {
    const scenes = m % JUDGED_EVERY === 0 ? at(m, false) : undefined;
    return scenes ? [{ m, scenes }] : [];
  });
  const byLamps = scenesOf(view, from.known.day.lamps, to.known.day.lamps, scales);
  const byDay = daylit.map(({ m, scenes }): Judged => ({ ...judged(scenes, walls), moment: m }));
  const worst = worstOf(byDay, byLamps && { ...judged(byLamps, walls), moment: null });
  if (!worst) return undefined;
  const turns = daylit.flatMap(({ m, scenes }) => {
    const turn = turnIn(scenes, walls);
    return turn ? [{ ...turn, moment: m }] : [];
  });
  const scenes = worst.moment === null ? byLamps! : at(worst.moment, false)!;
  return {
    id: view.id,
    moments: shown.map((s) => (s ? seenAt(s, walls) : null)),
    lamps: byLamps ? { ...seenAt(byLamps, walls), turn: turnIn(byLamps, walls) } : null,
    worst,
    turn: turns.reduce<(typeof turns)[number] | null>((most, t) => (!most || t.steps > most.steps ? t : most), null),
    also: alsoOf([from.place, to.place], daylit[Math.floor(daylit.length / 2)]?.scenes, byLamps),
    mends: worst.kind === 'clash' || worst.kind === 'jump' ? mendsOf(scenes, walls, [from, to]) : [],
  };
}

/** Which other strength, in either room, would stand better at the worst moment. */
function mendsOf(scenes: Scenes, walls: Walls, sides: readonly [Lit, Lit]): SeenView['mends'] {
  const before = judged(scenes, walls);
  const tried = sides.flatMap(({ place, others }, k) =>
    others.map(({ id, strength, reflectance }) => {
      const found = judged(scenes, { ...walls, [k === 0 ? 'near' : 'far']: reflectance });
      return { roomId: place.id, id, strength, found };
    }),
  );
  return tried
    .filter(({ found }) => worse(before.kind, found.kind))
    .sort((p, q) => SEEN_KINDS.indexOf(p.found.kind) - SEEN_KINDS.indexOf(q.found.kind) || p.found.deltaE00 - q.found.deltaE00)
    .slice(0, MOST_MENDS)
    .map(({ found, ...mend }) => ({ ...mend, kind: found.kind }));
}

/** The other strengths a deck has of a colour. */
function othersOf({ paint }: SightPlace, deck: DeckCurves): Other[] {
  const k = paint ? deck.ids.indexOf(paint.id) : -1;
  if (!paint || k < 0) return [];
  const source = sourceOf(deck);
  return deck.strengths.flatMap((strength, s): Other[] => {
    const place = k * deck.strengths.length + s;
    if (strength === paint.strength || Number.isNaN(source.labOf(place).l)) return [];
    return [{ id: paint.id, strength, reflectance: Float64Array.from(source.reflectanceOf(place)) }];
  });
}

/**
 * What one sees together in a house through a day: each view's two walls, each in its own room's light, as the eye sees them that is
 * adapted to where one stands. The doorway that breaks the house comes first. Views of walls of which nothing is known are left out.
 */
export function* sightLines({ rooms, views, lampsOn }: SightRequest, deck: DeckCurves): Steps<SightAnswer | NoAnswer> {
  const needed = rooms.filter((r) => views.some((v) => v.fromId === r.id || v.toId === r.id));
  const lit = new Map<string, Lit>();
  for (const [k, place] of needed.entries()) {
    const { problem } = roomOf(place.day.room);
    if (problem) return cannotBe(problem);
    const known = yield* inPart(dayOf(place.day), (0.8 * k) / needed.length, (0.8 * (k + 1)) / needed.length);
    lit.set(place.id, { place, known, others: othersOf(place, deck) });
  }
  const found: SeenView[] = [];
  for (const [k, view] of views.entries()) {
    yield 0.8 + (0.2 * k) / views.length;
    const [from, to] = [lit.get(view.fromId), lit.get(view.toId)];
    const seen = from && to && seenView(view, [from, to], lampsOn);
    if (seen) found.push(seen);
  }
  const [first] = lit.values();
  const order = (v: SeenView) => SEEN_KINDS.length - SEEN_KINDS.indexOf(v.worst.kind);
  return { ok: true, moments: first?.known.moments ?? [], views: found.sort((p, q) => order(p) - order(q)) };
}
