import { WHITE_PAPERS } from '../colour/paper';
import type { Lab } from '../colour/types';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedColour } from '@/core/record/recorded-colour';
import type { Room } from '@/core/record/room';
import type { RecordedStay } from '@/core/record/stay';
import { measuredReflectance } from '@/core/derived/surface';
import type { JudgedStay } from './judgement-protocol';
import type { Swatch } from './light-protocol';
import { isOfWood } from '@/core/record/thing';

/** A recorded colour to look at, by what was measured of it. */
export function colourSwatch(id: string, colour: RecordedColour): Swatch {
  const measured = measuredReflectance(colour);
  const population = colour.source.kind === 'deck' ? 'paint' : 'any';
  return { id, lab: colour.lab, spectrum: measured ? Array.from(measured) : null, population };
}

/** A thing that stays as it is judged. */
export const judgedStay = ({ id, name, kind, school, components }: RecordedStay): JudgedStay => ({
  id,
  name,
  kind,
  school,
  wood: isOfWood({ name, components }),
  components: components.map((c) => ({ ...colourSwatch(c.id, c.colour), name: c.name, share: c.share })),
});

export const candidateSwatch = ({ id, lab, spectrum }: Candidate): Swatch => ({ id, lab, spectrum, population: 'paint' });

/** A strength of a colour that is not in the room. */
export const offeredSwatch = ({ deckColourId }: Pick<Candidate, 'deckColourId'>, strength: number, lab: Lab): Swatch => ({
  id: `${deckColourId}@${strength}`,
  lab,
  population: 'paint',
});

/** Swatches of what a colour may be held against. */
export const PAPER_ID = 'paper';
export const OLD_WALL_ID = 'old-wall';

/** Everything of a room that is looked at: components of what stays, candidates, the strengths usually offered, paper and old wall. */
export function swatchesOf(room: Pick<Room, 'stays' | 'candidates' | 'oldWall'>): Swatch[] {
  const components = room.stays.flatMap((s) => s.components.map((c) => colourSwatch(c.id, c.colour)));
  const candidates = room.candidates.map(candidateSwatch);
  const offered = room.candidates.flatMap((c) => c.offered.map((o) => offeredSwatch(c, o.strength, o.lab)));
  const grounds = [
    { id: PAPER_ID, lab: WHITE_PAPERS.plain.lab },
    ...(room.oldWall ? [colourSwatch(OLD_WALL_ID, room.oldWall)] : []),
  ];
  const seen = new Set<string>();
  return [...components, ...candidates, ...offered, ...grounds].filter((s) => !seen.has(s.id) && seen.add(s.id));
}
