import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import { smallestCover } from './cover';
import { byDaylight, type LookLight } from './look-light';

/** A moment at which one could look, and how every colour appears then: by wall, then colour; null where it is too dark there. */
export type LookMoment = {
  readonly light: LookLight;
  /** An instant; of the lamps alone any after dark. */
  readonly at: number;
  readonly labs: readonly (readonly Lab[] | null)[];
  /** 0 to 15: how much less it suits than another that shows as much. */
  readonly unsuited: number;
};

/** What was decided by hand: these moments are looked at whatever else is; those are left out, with what they alone would show. */
export type Decided = { readonly kept: readonly number[]; readonly dropped: readonly number[] };

/** What a look alone shows: a colour on a wall as it appears at a moment, and at which of the other looks it appears most like that. */
export type Missed = {
  readonly moment: number;
  readonly wall: number;
  readonly colour: number;
  /** The look that comes nearest, by its moment; undefined when there is no other. */
  readonly instead: number | undefined;
  /** ΔE00 to how it appears there; infinite when there is no other. */
  readonly deltaE: number;
};

export type RoomLook = {
  /** Index of the moment. */
  readonly moment: number;
  /** First and last moment, of the same light and without a gap, at which the look would show as much. */
  readonly from: number;
  readonly to: number;
  /** The lights of the day under which the same would be shown within the hour, its own among them. */
  readonly lights: readonly LookLight[];
  /** What no other look shows, largest first; empty for one that is kept and shows nothing of its own. */
  readonly missed: readonly Missed[];
  readonly kept: boolean;
};

export type RoomLooks = {
  readonly looks: readonly RoomLook[];
  /** No fewer looks show as much: proved. Otherwise `atLeast` is how many there must be. */
  readonly exact: boolean;
  readonly atLeast: number;
  /** Appearances that the looks show, of all that the light makes. */
  readonly appearances: number;
};

/** A look more costs more than any suiting: up to 60 looks the fewest are found first, then those that suit. */
const PER_LOOK = 1000;

type Element = {
  readonly moment: number;
  readonly wall: number;
  readonly colour: number;
  readonly shownBy: ReadonlySet<number>;
};

/** Every appearance, with the moments at which it would be seen, on the same wall, to within the tolerance. */
function elementsOf(moments: readonly LookMoment[], toleranceE: number): Element[] {
  const found: Element[] = [];
  const walls = moments[0]?.labs.length ?? 0;
  for (let wall = 0; wall < walls; wall++) {
    const colours = moments.find((m) => m.labs[wall])?.labs[wall]?.length ?? 0;
    for (let colour = 0; colour < colours; colour++) {
      const labs = moments.map((m) => m.labs[wall]?.[colour]);
      const shownBy = labs.map((lab, k) => (lab ? [k] : []));
      // near is near both ways
      labs.forEach((p, i) => {
        for (let k = i + 1; p && k < labs.length; k++) {
          const q = labs[k];
          if (!q || deltaE00(p, q) > toleranceE) continue;
          shownBy[i]!.push(k);
          shownBy[k]!.push(i);
        }
      });
      labs.forEach((lab, moment) => lab && found.push({ moment, wall, colour, shownBy: new Set(shownBy[moment]) }));
    }
  }
  return found;
}

/** Of some looks, how an appearance would be seen at the nearest of them. */
function nearest({ moment, wall, colour }: Element, moments: readonly LookMoment[], among: readonly number[]): Missed {
  const lab = moments[moment]!.labs[wall]![colour]!;
  let [instead, deltaE]: [number | undefined, number] = [undefined, Infinity];
  for (const k of among) {
    const seen = moments[k]!.labs[wall];
    const far = seen ? deltaE00(lab, seen[colour]!) : Infinity;
    if (far < deltaE) [instead, deltaE] = [k, far];
  }
  return { moment, wall, colour, instead, deltaE };
}

/** The moments next to one, of the same light, at which the same would be shown. */
function stretch(moments: readonly LookMoment[], moment: number, own: readonly Element[]): { from: number; to: number } {
  const does = (k: number) => moments[k]?.light === moments[moment]!.light && own.every((e) => e.shownBy.has(k));
  let [from, to] = [moment, moment];
  while (does(from - 1)) from--;
  while (does(to + 1)) to++;
  return { from, to };
}

const HOUR_MS = 3_600_000;

/** The skies under which the same would be shown at about that time. */
function lightsFor(moments: readonly LookMoment[], moment: number, own: readonly Element[]): LookLight[] {
  const { light, at } = moments[moment]!;
  if (!byDaylight(light)) return [light];
  const does = ({ light: sky, at: other }: LookMoment, k: number) =>
    byDaylight(sky) &&
    Math.abs(other - at) <= HOUR_MS &&
    (k === moment || (own.length > 0 && own.every((e) => e.shownBy.has(k))));
  return [...new Set(moments.filter(does).map((m) => m.light))];
}

/**
 * The fewest moments at which looking at a board on every wall shows every change that matters: each appearance of each colour, in every
 * light the room is used in, to within `toleranceE` (ΔE00) of how it is seen at one of them.
 *
 * @param moments in the order of the day, those of one light together
 */
export function roomLooks(
  moments: readonly LookMoment[],
  toleranceE: number,
  { kept, dropped, mostChoices }: Decided & { readonly mostChoices?: number },
): RoomLooks {
  const all = elementsOf(moments, toleranceE);
  const givenUp = (e: Element) => dropped.some((k) => e.shownBy.has(k));
  const wanted = all.filter((e) => !givenUp(e));
  const open = wanted.filter((e) => !kept.some((k) => e.shownBy.has(k)));
  const possible = moments.map((_, k) => k).filter((k) => !dropped.includes(k) && !kept.includes(k));
  const options = possible.map((k) => ({
    cost: PER_LOOK + moments[k]!.unsuited,
    shows: open.flatMap((e, n) => (e.shownBy.has(k) ? [n] : [])),
  }));
  const cover = smallestCover(options, open.length, mostChoices);
  const chosen = cover.chosen.map((k) => possible[k]!);
  const looked = [...new Set([...kept, ...chosen])].sort((p, q) => p - q);
  const looks = looked.map((moment): RoomLook => {
    const others = looked.filter((k) => k !== moment);
    const own = wanted.filter((e) => e.shownBy.has(moment) && !others.some((k) => e.shownBy.has(k)));
    const missed = own.map((e) => nearest(e, moments, others)).sort((p, q) => q.deltaE - p.deltaE);
    const lights = lightsFor(moments, moment, own);
    return { moment, ...stretch(moments, moment, own), lights, missed, kept: kept.includes(moment) };
  });
  const atLeast = kept.length + Math.ceil(cover.atLeast / PER_LOOK - moments.length * 0.016);
  return { looks, exact: cover.exact, atLeast: cover.exact ? looked.length : Math.max(0, atLeast), appearances: wanted.length };
}
