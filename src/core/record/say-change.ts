import type { RecordedStay } from './stay';

/** What changing a thing of a kind takes, by what it is called; the first that fits. Order of dearness: common practice, no source. */
const CHANGES: readonly (readonly [RegExp, string])[] = [
  [/skirting|baseboard|trim|casing|architrave|moulding|woodwork|panelling/i, 'trim is painted with the walls for little'],
  [/cupboard|cabinet|dresser|built-in|bookcase|shel(f|ves)/i, 'cabinets can be painted'],
  [/\bdoors?\b/i, 'a door can be painted'],
  [/worktop|counter|island/i, 'a worktop can be replaced: less than a floor, more than paint'],
  [/tile|mosaic|splashback/i, 'tiles can be replaced: less than a floor, more than paint'],
  [/hearth|fireplace|chimney|brick/i, 'a hearth can be clad or painted, once and for good'],
  [/bath|basin|suite|sanitary|enamel/i, 'fittings are replaced with the room'],
  [/carpet/i, 'a carpet is replaced sooner than any other floor'],
];

/** "the floor is the dearest thing to change": what it would take to change a thing that stays. */
export function sayChange({ name, kind, lies }: Pick<RecordedStay, 'name' | 'kind' | 'lies'>): string {
  if (kind === 'artwork') return 'a picture can hang elsewhere';
  if (kind === 'furnishing') return 'a furnishing can be moved, covered or replaced';
  const known = CHANGES.find(([words]) => words.test(name))?.[1];
  if (known) return known;
  return lies === 'floor' || /floor/i.test(name) ? 'a floor is the dearest thing to change' : 'it is dear to change';
}
