import { deltaE00 } from '../colour/ciede2000';
import { lrvOf } from '../colour/lab';
import { sayLightRatio } from '../colour/light-ratio';
import { reflectanceFromLab } from '../colour/reflectance';
import type { Lab } from '../colour/types';
import { sayTowards } from '../judge/say-towards';
import { directions } from '../colour/directions';
import { VERDICTS } from '../judge/reasons';
import type { Surface } from '../judge/surfaces';
import type { Companion, Judge, PaletteColour, Standing } from './companion';
import { fabricsFor } from './fabrics';
import { wantsFor, type Want } from './paint-wants';
import { FABRIC_ROLES, PAINT_ROLES, WALL_ROLES, type FabricRole, type PaintRole, type Role } from './roles';
import { wallColour, type WallColour } from './wall-colour';
import { misfit, MISFIT } from './wanted';

export const CHOICE = {
  /** So many of a deck that fit a role best are judged beside wall and room. */
  judged: 16,
  /** A unit of cost beside wall and what stays counts so much, in units of misfit; and so much more what nearly works and what does not. */
  cost: 0.5,
  held: { works: 0, nearly: 0.8, no: 6 },
  /** Proposals of a role, at most. */
  most: 3,
  /** Two of a role must be so far apart, ΔE00: nobody needs the same white twice. */
  apart: 3,
} as const;

type Fitting = { readonly colour: PaletteColour; readonly misfit: number };

/** The colours of a palette that fit best, the best first; equals by their names, so that the order of the palette does not matter. */
function fitting(palette: readonly PaletteColour[], want: Want, wall: WallColour): Fitting[] {
  return palette
    .filter((c) => Math.abs(lrvOf(c.lab) - wall.lrv) >= want.apartLrv)
    .map((colour) => ({ colour, misfit: misfit(colour.lab, want) }))
    .filter((f) => f.misfit <= MISFIT.most)
    .sort((p, q) => p.misfit - q.misfit || q.colour.strength - p.colour.strength || (p.colour.id < q.colour.id ? -1 : 1))
    .slice(0, CHOICE.judged);
}

/** Roles that are about depth: how much light they give back says more than a direction. */
const BY_LIGHT: ReadonlySet<Role> = new Set<Role>(['light-trim', 'dark-trim', 'quiet', 'deep']);

/** "the crispest contrast: gives back 12 times the light of the wall". */
function why(role: Role, says: string, wall: WallColour, lab: Lab): string {
  const beside = BY_LIGHT.has(role) ? sayLightRatio(lrvOf(lab), wall.lrv, 'the wall') : sayTowards(directions(wall.lab, lab));
  return `${says}: ${beside}`;
}

/** The colour that fills a way best; undefined where the deck has none, or none that does not fight. */
function bestFor(
  want: Want,
  role: PaintRole,
  {
    wall,
    palette,
    judge,
    taken,
  }: { wall: WallColour; palette: readonly PaletteColour[]; judge: Judge; taken: readonly Companion[] },
): Companion | undefined {
  let best: { readonly colour: PaletteColour; readonly standing: Standing; readonly total: number } | undefined;
  for (const { colour, misfit: off } of fitting(palette, want, wall)) {
    if (best && off >= best.total) break;
    if (taken.some((t) => deltaE00(t.lab, colour.lab) < CHOICE.apart)) continue;
    const standing = judge(colour, role, want.answers);
    const total = off + CHOICE.cost * standing.cost + CHOICE.held[standing.verdict];
    if (!best || total < best.total) best = { colour, standing, total };
  }
  if (!best || best.standing.verdict === 'no') return undefined;
  const { colour, standing } = best;
  const { id, strength, lab } = colour;
  return {
    role,
    key: want.key,
    title: want.title,
    id,
    strength,
    lab,
    within: null,
    why: why(role, want.says, wall, lab),
    standing,
  };
}

function paintsFor(role: PaintRole, of: { wall: WallColour; palette: readonly PaletteColour[]; judge: Judge }): Companion[] {
  const found: Companion[] = [];
  for (const want of wantsFor(role, of.wall)) {
    if (found.length === CHOICE.most) break;
    if (want.lastResort && found.length > 0) continue;
    const best = bestFor(want, role, { ...of, taken: found });
    if (best) found.push(best);
  }
  // what works stands before what nearly does; else the likeliest first
  return found.sort((p, q) => VERDICTS.indexOf(p.standing.verdict) - VERDICTS.indexOf(q.standing.verdict));
}

/** Dyes reach what a surface can be: a colour beyond it is taken as far toward grey as it must. */
export function asSurface(lab: Lab): Surface {
  for (let share = 1; share > 0; share -= 0.1) {
    const one = { l: lab.l, a: lab.a * share, b: lab.b * share };
    const found = reflectanceFromLab(one);
    if (found.ok) return { lab: one, reflectance: found.value };
  }
  throw new RangeError(`no surface has L* ${lab.l}`);
}

function clothFor(role: FabricRole, { wall, judge }: { wall: WallColour; judge: Judge }): Companion[] {
  return fabricsFor(role, wall)
    .map(({ key, title, lab, within, says }): Companion => {
      const surface = asSurface(lab);
      const standing = judge(surface, role, role === 'fabric-lively');
      return {
        role,
        key,
        title,
        id: null,
        strength: null,
        lab: surface.lab,
        within,
        why: why(role, says, wall, surface.lab),
        standing,
      };
    })
    .filter((c) => c.standing.verdict !== 'no');
}

/**
 * What goes with a wall colour, by role: up to three of each, none of which fights the wall or what stays.
 * Yields after each role how far it is, 0–1.
 *
 * @param wall D65, 10°; @param palette every colour × strength that may be proposed
 */
export function* companionsOf(
  wall: PaletteColour['lab'],
  palette: readonly PaletteColour[],
  judge: Judge,
): Generator<number, readonly Companion[]> {
  const of = { wall: wallColour(wall), palette, judge };
  const found: Companion[] = [];
  const paints: readonly PaintRole[] = [...PAINT_ROLES, ...WALL_ROLES];
  const parts = paints.length + FABRIC_ROLES.length;
  for (const [k, role] of paints.entries()) {
    found.push(...paintsFor(role, of));
    yield (k + 1) / parts;
  }
  for (const [k, role] of FABRIC_ROLES.entries()) {
    found.push(...clothFor(role, of));
    yield (paints.length + k + 1) / parts;
  }
  return found;
}
