import { deltaE00 } from '../colour/ciede2000';
import { chroma, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { PaletteColour } from '../companions/companion';
import { asSurface, companionsOf } from '../companions/companions';
import { RELATION } from '../judge/model';
import { VERDICTS } from '../judge/reasons';
import { grants, WISH_WORDS } from '../judge/wish';
import { chromatic } from '../judge/worlds';
import type { Thing } from '../record/thing';
import { seenShares } from '../scheme/areas';
import {
  isCloth,
  OF_A_PIECE,
  SCHEME_KIND_WORDS,
  SCHEME_PARTS,
  type Proposal,
  type ProposedLink,
  type SchemeKind,
  type SchemePart,
} from '../scheme/parts';
import { weighed } from './advised-room';
import { companionJudge } from './companions';
import { linkJudge, type Chosen } from './scheme-links';
import { givenOption, optionsFor, type Option, type OptionsOf } from './scheme-parts';
import {
  finderOf,
  meanOf,
  SCHEMES,
  wallsFor,
  type Finder,
  type KeptPart,
  type Ranked,
  type SchemesAsked,
  type SchemesRoom,
  type Walls,
} from './scheme-walls';
import type { Steps } from './steps';

/** What would be painted or hung that is already there, and stays. */
const STAYS_AS: Readonly<Partial<Record<Thing, SchemePart>>> = { trim: 'trim', ceiling: 'ceiling', door: 'door' };

/** Order in which parts are chosen: what is largest first. */
const ORDER = ['focal', 'trim', 'ceiling', 'door', 'large', 'small', 'accent'] as const satisfies readonly SchemePart[];

const worstOf = (links: readonly ProposedLink[]): ProposedLink | null =>
  links.reduce<ProposedLink | null>(
    (worst, l) =>
      !worst ||
      VERDICTS.indexOf(l.verdict) > VERDICTS.indexOf(worst.verdict) ||
      (l.verdict === worst.verdict && l.cost > worst.cost)
        ? l
        : worst,
    null,
  );

/** What each place further down the options counts, and what nearly works, beside its cost. Own choices. */
const LATER = 0.25;
const NEARLY = 0.4;

/** The option that most speaks for and least is against; nothing where every one fights. */
function bestOption(
  options: readonly Option[],
  part: SchemePart,
  judge: (one: Chosen) => readonly ProposedLink[],
): Chosen | undefined {
  let best: { readonly chosen: Chosen; readonly against: number } | undefined;
  for (const [k, option] of options.entries()) {
    if (best && k * LATER >= best.against) break;
    const chosen: Chosen = { part, option };
    const worst = worstOf(judge(chosen));
    if (worst?.verdict === 'no') continue;
    const against = k * LATER + (worst?.verdict === 'nearly' ? NEARLY + worst.cost : 0);
    if (!best || against < best.against) best = { chosen, against };
  }
  return best?.chosen;
}

/** A strong colour on four walls is a wish, not a default. Common practice, no source. */
function cautionOf(wall: Lab, { wish }: SchemesAsked): string | null {
  const strong = chroma(wall) >= SCHEMES.strongChroma;
  const dark = lrvOf(wall) < SCHEMES.darkLrv;
  if (strong && wish !== 'more-colour')
    return 'A strong colour on four walls: it was not wished for. One wall, or a door, may be enough.';
  if (dark && wish !== 'deeper') return 'A dark colour on four walls: it was not wished for. One wall may be enough.';
  if (wish && grants(wish, wall) < SCHEMES.grantsUnder)
    return `It does not make the room ${WISH_WORDS[wish]}, which was wished for.`;
  return null;
}

function sayScheme(kind: SchemeKind, wallSays: string, weakest: ProposedLink | null): string {
  const weak = !weakest || weakest.verdict === 'works' ? 'nothing in it fights' : `weakest: ${weakest.between.join(' beside ')}`;
  return `${SCHEME_KIND_WORDS[kind].says}; the wall ${wallSays}; ${weak}`;
}

/** A part as it was given: of the palette, or as it was measured, or by its Lab. */
function givenOf({ part, id, strength, lab, spectrum }: KeptPart, palette: readonly PaletteColour[]): Chosen {
  const known = id === null ? undefined : palette.find((c) => c.id === id && c.strength === strength);
  const surface = known ?? (spectrum ? { lab, reflectance: Float64Array.from(spectrum) } : asSurface(lab));
  return { part, option: givenOption(surface, part, id, strength) };
}

type Links = ReturnType<typeof linkJudge>;

/** Everything around the walls, the largest first, each the best that nothing is against. */
function around({ asked, room: { palette, lights } }: Finder, kind: SchemeKind, walls: Chosen, { linksOf }: Links): Chosen[] {
  const wall = walls.option;
  const swatch = { id: 'wall', lab: wall.lab, spectrum: Array.from(wall.reflectance) };
  const companions = [...take(companionsOf(wall.lab, palette, companionJudge(swatch, asked.stays, weighed(lights))))];
  const stay = new Set(asked.stays.flatMap((s) => STAYS_AS[s.thing] ?? []));
  const trimStays = asked.stays.find((s) => s.thing === 'trim');
  const furnished = asked.stays.filter((s) => s.thing === 'sofa' || s.thing === 'curtains').length >= 2;
  const of = { kind, wall, palette, companions, wallIsColour: chromatic(wall.lab, RELATION) > 0.5 };
  const chosen = [walls, ...asked.kept.filter((k) => k.part !== 'walls').map((k) => givenOf(k, palette))];
  let left = asked.piece.filter((c) => chosen.every((o) => deltaE00(c.lab, o.option.lab) > SCHEMES.ofPiece));
  for (const part of ORDER) {
    const skipped = chosen.some((c) => c.part === part) || stay.has(part) || (part === 'large' && furnished);
    if (skipped) continue;
    const trim = chosen.find((c) => c.part === 'trim')?.option.lab ?? (trimStays && meanOf(trimStays));
    const beside = isCloth(part) ? chosen.filter((c) => c.part === 'walls' || isCloth(c.part)).map((c) => c.option.lab) : [];
    const told = (o: Option) => beside.every((lab) => deltaE00(o.lab, lab) >= SCHEMES.clothApart);
    const options: OptionsOf = { ...of, left, trim };
    const best = bestOption(optionsFor(part, options).filter(told), part, (one) => linksOf(one, chosen));
    if (!best) continue;
    chosen.push(best);
    left = left.filter((c) => deltaE00(c.lab, best.option.lab) > 2);
  }
  return chosen;
}

/** One proposal of a kind: walls first, then everything around them. */
function propose(finder: Finder, kind: SchemeKind): Proposal {
  const { asked, room } = finder;
  const kept = asked.kept.find((k) => k.part === 'walls');
  const begun = kept
    ? { chosen: givenOf(kept, room.palette), says: 'is as it was chosen' }
    : wallOf(wallsFor(kind, finder), room.palette);
  const links = linkJudge(asked.stays, weighed(room.lights));
  return told(asked, kind, { chosen: around(finder, kind, begun.chosen, links), links, says: begun.says });
}

/** A scheme as it is, with its shares and every link of it. */
export function judgeScheme(asked: SchemesAsked, { lights, palette }: Pick<SchemesRoom, 'lights' | 'palette'>): Proposal {
  const kind = asked.kinds[0] ?? 'shared';
  const links = linkJudge(asked.stays, weighed(lights));
  return told(asked, kind, { chosen: asked.kept.map((k) => givenOf(k, palette)), links, says: 'is as it was chosen' });
}

type Made = { readonly chosen: readonly Chosen[]; readonly links: Links; readonly says: string };

/** A proposal with its shares, its links and what is to be said of it. */
function told(asked: SchemesAsked, kind: SchemeKind, { chosen, links: { linksOf }, says }: Made): Proposal {
  const of = (part: SchemePart) => chosen.filter((c) => c.part === part);
  const parts = SCHEME_PARTS.filter((part) => of(part).length > 0);
  const shares = seenShares(asked.areas, parts, asked.stays);
  const links = chosen.flatMap((c, k) => linksOf(c, chosen.slice(0, k)));
  const weakest = worstOf(links);
  const wall = of('walls')[0]?.option.lab;
  return {
    kind,
    parts: parts.flatMap((part) =>
      of(part).map(({ option: { id, strength, lab, why } }) => {
        const kept = asked.kept.some((k) => k.part === part);
        return { part, id, strength, lab, share: (shares.parts[part] ?? 0) / of(part).length, why, kept };
      }),
    ),
    stays: shares.stays,
    links,
    weakest,
    says: sayScheme(kind, says, weakest),
    caution: wall ? cautionOf(wall, asked) : null,
  };
}

const wallOf = ({ place, says }: Walls, palette: readonly PaletteColour[]): { chosen: Chosen; says: string } => {
  const colour = palette[place]!;
  return { chosen: { part: 'walls', option: { ...colour, role: 'quiet', why: says, answers: false } }, says };
};
/** All that a generator gives back at its end. */
function take<T>(steps: Generator<number, readonly T[]>): readonly T[] {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/**
 * Whole schemes for a room, one of each kind that is asked for: every part a colour that works with what stays and with the rest, judged in
 * the lights of the room. Kinds that begin from a piece are left out where there is none. Yields after each how far it is, 0–1.
 */
export function* schemes(asked: SchemesAsked, room: SchemesRoom): Steps<readonly Proposal[]> {
  const ranked: Ranked[] = [];
  for (const place of room.palette.keys()) {
    if (place % 32 === 0) yield (0.5 * place) / room.palette.length;
    ranked.push({ place, advice: room.adviceOn(place) });
  }
  const finder = finderOf(asked, room, ranked);
  const kinds = asked.kinds.filter((kind) => asked.piece.length > 0 || !OF_A_PIECE.includes(kind));
  const found: Proposal[] = [];
  for (const [k, kind] of kinds.entries()) {
    found.push(propose(finder, kind));
    yield 0.5 + (0.5 * (k + 1)) / kinds.length;
  }
  return found;
}
