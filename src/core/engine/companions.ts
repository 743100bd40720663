import { heightOf } from '../light/any-room';
import { NO_FAULT, type Companion, type Judge, type Standing } from '../companions/companion';
import { companionsOf } from '../companions/companions';
import type { Role } from '../companions/roles';
import type { DeckCurves } from '../formats/deck-curves';
import { VERDICTS } from '../judge/reasons';
import type { WeighedLight } from '../judge/room-cells';
import type { Surface } from '../judge/surfaces';
import { toWindDown } from '../judge/walls';
import type { RoomKind } from '../room/use';
import { inDeckLight, lightsOrDeck, weighed } from './advised-room';
import { namedAt, sourceOf } from './deck-places';
import { copiesOf, type Copy, type MadeColour } from './copies';
import { disappoints, type Instead } from './disappoints';
import type { JudgedStay } from './judgement-protocol';
import type { NoAnswer, Swatch } from './light-protocol';
import type { LitRoom } from './lit-room';
import { surfacesOf } from './looks';
import { inPart, type Steps } from './steps';
import { middleOf, type UsedLight } from './used-lights';
import { worstBeside, type Ignores, type Worst } from './worst-beside';

/** A room as companions are proposed for it. */
export type CompanionRoom = {
  readonly id: string;
  readonly kind: RoomKind;
  /** null where no room is known: then the light is that of the deck. */
  readonly lit: LitRoom | null;
  readonly stays: readonly JudgedStay[];
};
export type CompanionsRequest = {
  /** The wall colour whose companions are asked for. */
  readonly wall: Swatch;
  /** Whose colour it is; null where no maker is asked for: then no copies are looked for. */
  readonly maker: string | null;
  /** The room with that wall. */
  readonly here: CompanionRoom;
  /** The other rooms of the visit: what is quiet, deep or a bridge is proposed for one of them. */
  readonly others: readonly CompanionRoom[];
};
/** A companion with the room it is proposed for; null: the one with the wall. */
export type PlacedCompanion = Companion & { readonly roomId: string | null };
export type CompanionsAnswer = {
  readonly ok: true;
  readonly companions: readonly PlacedCompanion[];
  /** What to take where the wall colour disappoints in this room. */
  readonly instead: readonly Instead[];
  /** The wall colour as other makers would match it. */
  readonly copies: readonly Copy[];
};

type KnownRoom = Pick<CompanionRoom, 'id' | 'kind' | 'stays'> & {
  readonly lights: readonly UsedLight[];
  readonly windDown: number;
};

const noFault = (role: Role) => NO_FAULT[role.startsWith('fabric') ? 'fabric' : (role as keyof typeof NO_FAULT)];

/** The wall as a companion is judged beside it: a paint of the same job, or what one answers from across. */
function wallThing(wall: Swatch, answers: boolean): JudgedStay {
  const as = { id: 'wall', name: 'the wall', components: [{ ...wall, name: 'wall', share: 1 }] };
  return answers ? { ...as, kind: 'furnishing', school: 'answer' } : { ...as, kind: 'painted', school: 'share' };
}

/** How a colour stands where it is worst. */
function standingOf(worst: readonly Worst[], things: readonly JudgedStay[]): Standing {
  const [w] = [...worst].sort((p, q) => VERDICTS.indexOf(q.verdict) - VERDICTS.indexOf(p.verdict) || q.cost - p.cost);
  if (!w || w.verdict === 'works') return { verdict: 'works', cost: w?.cost ?? 0, reason: null, beside: null, light: null };
  return { verdict: w.verdict, cost: w.cost, reason: w.reason, beside: things[w.stay]?.name ?? null, light: w.kind };
}

/** Judges companions in the lights of a room, beside the wall and what stays there. */
export function companionJudge(wall: Swatch, stays: readonly JudgedStay[], lights: readonly WeighedLight[]): Judge {
  const judges = new Map<string, ReturnType<typeof worstBeside>>();
  const things = (answers: boolean) => [...stays, wallThing(wall, answers)];
  const judgeFor = (role: Role, answers: boolean) => {
    const faults = noFault(role);
    const key = `${faults.join()} ${answers}`;
    const ignores: Ignores = (reason) => faults.includes(reason);
    const made = judges.get(key) ?? worstBeside(things(answers), lights, ignores);
    judges.set(key, made);
    return made;
  };
  return ({ reflectance }, role, answers) => standingOf(judgeFor(role, answers)(Float64Array.from(reflectance)), things(answers));
}

/** Judges colours as the walls of a room, beside what stays there. */
function wallJudge({ stays, lights }: KnownRoom): (colour: Surface) => Standing {
  const judge = worstBeside(stays, weighed(lights));
  return ({ reflectance }) => standingOf(judge(Float64Array.from(reflectance)), stays);
}

/** Every colour of a deck at every strength. */
export function paletteOf(deck: DeckCurves): MadeColour[] {
  const source = sourceOf(deck);
  return Array.from({ length: source.count }, (_, place) => {
    const { deckColourId: id, strength } = namedAt(deck, place);
    const maker = deck.makers[Math.floor(place / deck.strengths.length)]!;
    return { id, strength, maker, lab: source.labOf(place), reflectance: source.reflectanceOf(place) };
  }).filter(({ lab }) => !Number.isNaN(lab.l));
}

function* knownRoom({ id, kind, lit, stays }: CompanionRoom): Steps<KnownRoom | NoAnswer> {
  if (!lit) return { id, kind, stays, lights: [inDeckLight], windDown: 0 };
  const lights = yield* lightsOrDeck(lit);
  if ('ok' in lights) return lights;
  const { usedFor, day } = lit;
  return { id, kind, stays, lights, windDown: toWindDown({ kind, use: usedFor.use, heightM: heightOf(day.room) }) };
}

/** Middle lux by day in the hours of use; 0 without daylight. */
const dayLux = ({ lights }: KnownRoom): number =>
  middleOf(lights.filter((l) => l.judging !== 'lamps' && l !== inDeckLight).map((l) => l.scene.lux));

const most = (rooms: readonly KnownRoom[], of: (room: KnownRoom) => number): KnownRoom | undefined =>
  rooms.filter((r) => of(r) > 0).sort((p, q) => of(q) - of(p))[0];

/** Which of the other rooms a role is for: the brightest, the one to wind down in, the hall between. Common practice, no source. */
function placesFor(others: readonly KnownRoom[]): Partial<Record<Role, KnownRoom>> {
  const quiet = most(others, dayLux);
  // where one winds down by the judgement of walls, else where one sleeps
  const deep = most(others, (r) => r.windDown) ?? others.find((r) => r.kind === 'bedroom');
  const bridge = others.find((r) => r.kind === 'hall');
  return { ...(quiet && { quiet }), ...(deep && { deep }), ...(bridge && { bridge }) };
}

/** What goes with a wall colour out of a palette, each in the lights of the room it is for and beside what stays there. */
export function* companions(
  { wall, maker, here, others }: CompanionsRequest,
  palette: readonly MadeColour[],
): Steps<CompanionsAnswer | NoAnswer> {
  const known: KnownRoom[] = [];
  for (const [k, room] of [here, ...others].entries()) {
    const share = 0.6 / (others.length + 1);
    const found = yield* inPart(knownRoom(room), k * share, (k + 1) * share);
    // another room that cannot be computed is none to propose for
    if ('ok' in found && k === 0) return found;
    if (!('ok' in found)) known.push(found);
  }
  const [own, ...rest] = known;
  const places = placesFor(rest);
  const judgeIn = ({ stays, lights }: KnownRoom) => companionJudge(wall, stays, weighed(lights));
  const judges = new Map([own!, ...Object.values(places)].map((room) => [room.id, judgeIn(room)]));
  const judge: Judge = (colour, role, answers) => judges.get((places[role] ?? own!).id)!(colour, role, answers);
  const found = yield* inPart(companionsOf(wall.lab, palette, judge), 0.6, 1);
  const lights = own!.lights.filter((l) => l !== inDeckLight);
  const surface = { lab: wall.lab, reflectance: surfacesOf(wall)[0]! };
  return {
    ok: true,
    companions: found.map((c) => ({ ...c, roomId: places[c.role]?.id ?? null })),
    instead: disappoints(surface, palette, { lights, judge: wallJudge(own!) }),
    copies: maker === null ? [] : copiesOf({ ...surface, maker }, palette, lights),
  };
}
