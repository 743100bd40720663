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

/** One proposal of a kind: walls first, then everything around them, the best that nothing is against. */
function propose(finder: Finder, kind: SchemeKind): Proposal {
  const { asked, room } = finder;
  const { palette, lights } = room;
  const keptOf = (part: SchemePart) => asked.kept.find((k) => k.part === part);
  const givenOf = ({ part, id, strength, lab }: KeptPart): Chosen => {
    const known = palette.find((c) => c.id === id && c.strength === strength);
    return { part, option: givenOption(known ?? asSurface(lab), part, id, strength) };
  };
  const keptWalls = keptOf('walls');
  const begun = keptWalls ? { chosen: givenOf(keptWalls), says: 'is as it was chosen' } : wallOf(wallsFor(kind, finder), palette);
  const chosen: Chosen[] = [begun.chosen];
  const wall = begun.chosen.option;
  const judged = weighed(lights);
  const { linksOf } = linkJudge(asked.stays, judged);
  const swatch = { id: 'wall', lab: wall.lab, spectrum: Array.from(wall.reflectance) };
  const companions = [...take(companionsOf(wall.lab, palette, companionJudge(swatch, asked.stays, judged)))];
  const stay = new Set(asked.stays.flatMap((s) => STAYS_AS[s.thing] ?? []));
  const trimStays = asked.stays.find((s) => s.thing === 'trim');
  const furnished = asked.stays.filter((s) => s.thing === 'sofa' || s.thing === 'curtains').length >= 2;
  let left = asked.piece.filter((c) => deltaE00(c.lab, wall.lab) > SCHEMES.ofPiece);
  const of: Omit<OptionsOf, 'left' | 'trim'> = {
    kind,
    wall,
    palette,
    companions,
    wallIsColour: chromatic(wall.lab, RELATION) > 0.5,
  };
  for (const part of ORDER) {
    const kept = keptOf(part);
    if (kept) {
      chosen.push(givenOf(kept));
      continue;
    }
    if (stay.has(part) || (part === 'large' && furnished)) continue;
    const trim = chosen.find((c) => c.part === 'trim')?.option.lab ?? (trimStays && meanOf(trimStays));
    const beside = isCloth(part) ? chosen.filter((c) => c.part === 'walls' || isCloth(c.part)).map((c) => c.option.lab) : [];
    const options = optionsFor(part, { ...of, left, trim }).filter((o) =>
      beside.every((lab) => deltaE00(o.lab, lab) >= SCHEMES.clothApart),
    );
    const best = bestOption(options, part, (one) => linksOf(one, chosen));
    if (!best) continue;
    chosen.push(best);
    left = left.filter((c) => deltaE00(c.lab, best.option.lab) > 2);
  }
  return told(finder, kind, { chosen, linksOf, says: begun.says });
}

type Made = {
  readonly chosen: readonly Chosen[];
  readonly linksOf: ReturnType<typeof linkJudge>['linksOf'];
  readonly says: string;
};

/** A proposal with its shares, its links and what is to be said of it. */
function told({ asked }: Finder, kind: SchemeKind, { chosen, linksOf, says }: Made): Proposal {
  const parts = SCHEME_PARTS.filter((p) => chosen.some((c) => c.part === p));
  const shares = seenShares(asked.areas, parts, asked.stays);
  const links = chosen.flatMap((c, k) => linksOf(c, chosen.slice(0, k)));
  const weakest = worstOf(links);
  const wall = chosen[0]!.option.lab;
  return {
    kind,
    parts: parts.map((part) => {
      const { option } = chosen.find((c) => c.part === part)!;
      const { id, strength, lab, why } = option;
      const kept = asked.kept.some((k) => k.part === part);
      return { part, id, strength, lab, share: shares.parts[part] ?? 0, why, kept };
    }),
    stays: shares.stays,
    links,
    weakest,
    says: sayScheme(kind, says, weakest),
    caution: cautionOf(wall, asked),
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
