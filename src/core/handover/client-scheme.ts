import { percent, upperFirst } from '../base/words';
import { describeColour } from '../colour/family';
import { screenColour } from '../colour/srgb';
import type { Lab } from '../colour/types';
import type { RoomInLight } from '../derived/kinds-of-light';
import { partsOfScheme, pickedScheme, type Scheme, type SchemePart } from '../record/scheme';
import type { RecordedComponent } from '../record/recorded-colour';
import { thingOf, type Thing } from '../record/thing';
import { seenShares, type SeenThing } from '../scheme/areas';
import { areasOfRoom } from '../scheme/of-room';
import { SCHEME_PART_WORDS } from '../scheme/parts';
import { coloursOfStay, piecesOf } from '../scheme/pieces';
import { sayOnWall } from '../scheme/piece-words';

/** A colour in a bar: as wide as its share of what one sees, 0–1. */
export type InMeasure = { readonly hex: string; readonly share: number };
/** The scheme a client picked, on paper. */
export type ClientScheme = {
  readonly title: string;
  /** The piece it begins from; null without one. */
  readonly piece: { readonly says: string; readonly colours: readonly InMeasure[] } | null;
  readonly measure: readonly InMeasure[];
  /** What each colour is: "Walls: Esk Mossen 75 %, 41 % of what one sees". */
  readonly parts: readonly { readonly hex: string; readonly says: string }[];
  /** What no deck holds, to take to the shop as a direction. */
  readonly toLookFor: readonly { readonly hex: string; readonly says: string }[];
};

const hexOf = (lab: Lab) => screenColour(lab).hex;
const SURE = 'a direction, not a match: lay it on the painted board, by day and under the lamps';

type Told = {
  readonly part: SchemePart;
  readonly lab: Lab;
  /** Of a paint; null of what is none. */ readonly name: string | null;
};
type Seen = SeenThing & { readonly name: string; readonly components: readonly RecordedComponent[] };

/** What stays beside a scheme, less what it paints, with its own things. */
function thingsOf(room: RoomInLight, scheme: Scheme, painted: ReadonlySet<SchemePart>): Seen[] {
  const staying = room.stays.filter((s) => !painted.has(thingOf(s) as SchemePart));
  return [
    ...staying.map((s) => ({ name: s.name, thing: thingOf(s), cover: s.lies ? s.cover : null, components: s.components })),
    ...scheme.things.map((t) => ({ name: t.name, thing: t.thing as Thing, cover: null, components: t.components })),
  ];
}

/** What a client is told of the scheme they picked; null where they picked none, or it has no colour. */
export function clientScheme(room: RoomInLight): ClientScheme | null {
  const scheme = pickedScheme(room.schemes);
  if (!scheme) return null;
  const parts = partsOfScheme(scheme).flatMap(({ part, candidateId, lab }): Told[] => {
    const candidate = room.candidates.find((c) => c.id === candidateId);
    if (lab) return [{ part, lab, name: null }];
    return candidate ? [{ part, lab: candidate.lab, name: `${candidate.name} ${candidate.strength} %` }] : [];
  });
  if (parts.length === 0) return null;
  const names = [...new Set(parts.map((p) => p.part))];
  const things = thingsOf(room, scheme, new Set(names));
  const shares = seenShares(areasOfRoom(room), names, things);
  const shareOf = (part: SchemePart) => (shares.parts[part] ?? 0) / parts.filter((p) => p.part === part).length;
  const wall = parts.find((p) => p.part === 'walls');
  const [piece] = piecesOf(room.stays);
  const said = ({ part, lab, name }: Told) =>
    `${upperFirst(SCHEME_PART_WORDS[part])}: ${name ?? describeColour(lab)}, ${percent(shareOf(part))} of what one sees`;
  return {
    title: scheme.name,
    piece: piece
      ? {
          says: wall ? upperFirst(sayOnWall(coloursOfStay(piece), wall.lab, piece.name)) : piece.name,
          colours: coloursOfStay(piece).map(({ lab, share }) => ({ hex: hexOf(lab), share })),
        }
      : null,
    measure: [
      ...parts.map((p) => ({ hex: hexOf(p.lab), share: shareOf(p.part) })),
      ...things.flatMap((t, k) =>
        t.components.map((c) => ({ hex: hexOf(c.colour.lab), share: c.share * (shares.stays[k] ?? 0) })),
      ),
    ],
    parts: parts.filter((p) => p.name !== null).map((p) => ({ hex: hexOf(p.lab), says: said(p) })),
    toLookFor: parts
      .filter((p) => p.name === null)
      .map((p) => ({ hex: hexOf(p.lab), says: `${upperFirst(SCHEME_PART_WORDS[p.part])}: ${describeColour(p.lab)}; ${SURE}` })),
  };
}
