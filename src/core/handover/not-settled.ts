import { quoted } from '../base/quoted';
import { PRODUCT_NAMES } from '../paint/product';
import type { DecidedRoom, DecidedSurface } from '@/core/derived/decided';
import type { SignedSurface } from '@/core/record/decision';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { changesBetween, objections, type Change, type Objection } from '@/core/derived/signed';
import { listed } from '../base/words';

/** Whether the measures were taken that a surface's area is worked out from. */
function isMeasured({ widthM, depthM, heightM }: RoomInLight, { kind }: DecidedSurface['surface']): boolean {
  if (kind === 'wall') return widthM !== null && depthM !== null && heightM !== null;
  return kind !== 'ceiling' && kind !== 'trim' ? true : widthM !== null && depthM !== null;
}

/** "the client has said since that it does not suit", "refused since it was signed". */
export const sayObjected = ({ person }: Pick<Objection, 'person'>): string =>
  person === 'client' ? 'the client has said since that it does not suit' : 'it was refused since it was signed';

/** Why nothing is to be bought yet for a surface of a room; null where it was signed, measured and not objected to. */
export function draftOf(room: RoomInLight, { signature }: DecidedRoom): (surface: DecidedSurface) => string | null {
  const against = objections(room);
  return ({ surface, choice }) => {
    if (!signature) return 'not signed yet';
    if (!isMeasured(room, surface)) return 'the room is not measured: areas are those of a usual room';
    const objection = against.find((o) => o.candidate.id === choice?.candidateId);
    return objection ? sayObjected(objection) : null;
  };
}

/**
 * The same told to the client: "You have said since that Lathe Tollan 75 % (west wall) does not suit. It is settled with you before it is
 * bought."
 */
export const tellObjections = (room: RoomInLight): string[] =>
  objections(room).map((o) => {
    const what = `${o.candidate.name} ${o.candidate.strength} % (${listed(o.surfaces)})`;
    const said =
      o.person === 'client' ? `You have said since that ${what} does not suit` : `${what} was looked at again and does not suit`;
    return `${said}. It is settled with you before it is bought.`;
  });

/**
 * "Lathe Tollan 75 % on the west wall: the client has said since that it does not suit, “too pink at night”. Ask before it is painted or
 * bought."
 */
export const sayObjections = (room: RoomInLight): string[] =>
  objections(room).map((o) => {
    const what = `${o.candidate.name} ${o.candidate.strength} % (${listed(o.surfaces)})`;
    return `${what}: ${sayObjected(o)}${o.words ? `, ${quoted(o.words)}` : ''}. Ask before it is bought or painted.`;
  });

type NameOf = (candidateId: string) => string;
const PRIMED = { none: '', full: ', primed', spots: ', bare spots primed' } as const;

/** "Ferrowmere FR 3112 at 75 %, eggshell, 2 coats". */
function sayChoice(of: SignedSurface | undefined, nameOf: NameOf): string {
  if (!of) return 'not decided';
  if (of.what !== 'paint' || !of.candidateId) return 'stays as it is';
  const coats = of.coats === 1 ? '1 coat' : `${of.coats} coats`;
  const under = of.undercoat === 'none' ? '' : `, undercoat ${of.undercoat === 'grey' ? 'mid-grey' : of.undercoat}`;
  return `${nameOf(of.candidateId)}, ${PRODUCT_NAMES[of.finish]}, ${of.sheen}, ${coats}${under}${PRIMED[of.primer]}`;
}
const sayChange = ({ surface, before, after }: Change, nameOf: NameOf) =>
  `${surface}: ${sayChoice(after, nameOf)} (before: ${sayChoice(before, nameOf)})`;

/** What the last revision of a room changed, line by line, and why; undefined before there is a second one. */
export function revisionOf(room: RoomInLight): { readonly why: string; readonly changes: readonly string[] } | undefined {
  const [before, last] = room.signatures.slice(-2);
  if (!before || !last) return undefined;
  const all = [...room.retired.candidates, ...room.candidates];
  const nameOf = (id: string) => {
    const c = all.find((one) => one.id === id);
    return c ? `${c.maker} ${c.code} ${c.name} at ${c.strength} %` : 'a colour taken out';
  };
  return { why: last.why, changes: changesBetween(before, last).map((change) => sayChange(change, nameOf)) };
}
