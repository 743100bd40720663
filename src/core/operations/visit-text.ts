import type { VisitAt } from './revision';
import type { Candidate, DeckFacts } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';

/**
 * A visit as it goes over the wire: what the deck says of a colour stands once, however many rooms try it at however many strengths, and a
 * spectrum is a text of one character a wavelength. A fifth of the plain JSON. Nothing is lost: {@link readVisitText} gives back what was
 * written, and makes one object of what stood once.
 */
type Colour = Omit<DeckFacts, 'lab' | 'spectrum'>;
type AtStrength = { readonly lab: DeckFacts['lab']; readonly spectrum: string | null };
type Bare = Pick<Candidate, 'id' | 'deckColourId' | 'strength' | 'ordinal'>;
type BareRoom = Omit<Room, 'candidates' | 'retired'> & {
  readonly candidates: readonly Bare[];
  readonly retired: Omit<Room['retired'], 'candidates'> & { readonly candidates: readonly Bare[] };
};

/** Steps in which a spectrum is kept: ten-thousandths of the light, a hundredth of what an instrument resolves. */
export const SPECTRUM_STEPS = 10_000;
/** The first character of the alphabet: above everything that JSON would escape, and with all steps below the surrogates. */
const ZERO = 0x100;

/** A reflectance as it is kept: to the nearest step. */
export const inSteps = (reflectance: number): number => Math.round(reflectance * SPECTRUM_STEPS) / SPECTRUM_STEPS;
const spectrumText = (values: readonly number[]): string =>
  String.fromCharCode(...values.map((v) => ZERO + Math.round(v * SPECTRUM_STEPS)));
const spectrumOf = (text: string): readonly number[] =>
  Array.from(text, (character) => (character.charCodeAt(0) - ZERO) / SPECTRUM_STEPS);

const keyOf = ({ deckColourId, strength }: Bare): string => `${strength} ${deckColourId}`;

/** Writes a visit with its revision. Spectra must lie on the steps of {@link inSteps}. */
export function writeVisitText({ visit, revision }: VisitAt): string {
  const colours: Record<string, Colour> = {};
  const strengths: Record<string, AtStrength> = {};
  const bare = (candidate: Candidate): Bare => {
    const { id, deckColourId, strength, ordinal, lab, spectrum, ...colour } = candidate;
    colours[deckColourId] ??= colour;
    strengths[keyOf(candidate)] ??= { lab, spectrum: spectrum && spectrumText(spectrum) };
    return { id, deckColourId, strength, ordinal };
  };
  const bareRoom = (room: Room): BareRoom => ({
    ...room,
    candidates: room.candidates.map(bare),
    retired: { ...room.retired, candidates: room.retired.candidates.map(bare) },
  });
  const rooms = visit.rooms.map(bareRoom);
  const retiredRooms = visit.retiredRooms.map(bareRoom);
  return JSON.stringify({ revision, visit: { ...visit, rooms, retiredRooms }, colours, strengths });
}

type Written = {
  readonly revision: VisitAt['revision'];
  readonly visit: Omit<VisitAt['visit'], 'rooms' | 'retiredRooms'> & Record<'rooms' | 'retiredRooms', readonly BareRoom[]>;
  readonly colours: Readonly<Record<string, Colour>>;
  readonly strengths: Readonly<Record<string, AtStrength>>;
};

/** Reads what {@link writeVisitText} wrote. */
export function readVisitText(text: string): VisitAt {
  const { revision, visit, colours, strengths } = JSON.parse(text) as Written;
  const known = new Map(
    Object.entries(strengths).map(([key, { lab, spectrum }]) => [
      key,
      { lab, spectrum: spectrum === null ? null : spectrumOf(spectrum) },
    ]),
  );
  const full = (one: Bare): Candidate => ({ ...one, ...colours[one.deckColourId]!, ...known.get(keyOf(one))! });
  const fullRoom = (room: BareRoom): Room => ({
    ...room,
    candidates: room.candidates.map(full),
    retired: { ...room.retired, candidates: room.retired.candidates.map(full) },
  });
  return { revision, visit: { ...visit, rooms: visit.rooms.map(fullRoom), retiredRooms: visit.retiredRooms.map(fullRoom) } };
}
