import type { RecordedStay } from '@/core/record/stay';
import { thingOf, type Thing } from '@/core/record/thing';

/** What changing a fixed finish takes, by what it is. Order of dearness: common practice, no source. */
const CHANGES: Readonly<Partial<Record<Thing, string>>> = {
  trim: 'trim is painted with the walls for little',
  ceiling: 'a ceiling can be painted',
  cabinets: 'cabinets can be painted',
  'built-in': 'what is built in can be painted',
  door: 'a door can be painted',
  worktop: 'a worktop can be replaced: less than a floor, more than paint',
  tile: 'tiles can be replaced: less than a floor, more than paint',
  hearth: 'a hearth can be clad or painted, once and for good',
  suite: 'fittings are replaced with the room',
  floor: 'a floor is the dearest thing to change',
};

/** "the floor is the dearest thing to change": what it would take to change a thing that stays. */
export function sayChange(stay: Pick<RecordedStay, 'name' | 'kind' | 'thing' | 'lies'>): string {
  if (stay.kind === 'artwork') return 'a picture can hang elsewhere';
  if (stay.kind === 'furnishing') return 'a furnishing can be moved, covered or replaced';
  const thing = thingOf(stay);
  const isFloor = thing === 'floor' || (thing === 'other' && stay.lies === 'floor');
  if (isFloor && /carpet/i.test(stay.name)) return 'a carpet is replaced sooner than any other floor';
  return CHANGES[isFloor ? 'floor' : thing] ?? 'it is dear to change';
}
