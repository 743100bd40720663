import type { Lab } from '../colour/types';
import type { Role } from '../companions/roles';
import type { Scheme, SchemePart } from '../record/scheme';

/** The part of a scheme that a companion of its walls fills; null of what is proposed for another room. */
export const PART_OF_ROLE: Readonly<Record<Role, SchemePart | null>> = {
  'light-trim': 'trim',
  'dark-trim': 'trim',
  quiet: null,
  deep: null,
  bridge: null,
  accent: 'accent',
  'fabric-calm': 'large',
  'fabric-lively': 'small',
  'fabric-ground': 'large',
  'wall-below': 'below',
  'wall-above': 'walls',
  'wall-focal': 'focal',
};

const MOST_ACCENTS = 4;

/** A scheme with a colour in a part, in the place of what was there; accents stand beside each other, the latest four. */
export function withColour(
  scheme: Scheme,
  part: SchemePart,
  of: { readonly candidateId: string } | { readonly lab: Lab },
): Scheme {
  const paint = 'candidateId' in of ? of.candidateId : null;
  if (paint !== null && part === 'walls') return { ...scheme, wallId: paint };
  if (paint !== null && part === 'trim') return { ...scheme, trimId: paint };
  if (paint !== null && part === 'accent')
    return { ...scheme, accentIds: [...scheme.accentIds.filter((id) => id !== paint), paint].slice(-MOST_ACCENTS) };
  const others = scheme.parts.filter((p) => p.part !== part);
  return { ...scheme, parts: [...others, { part, candidateId: paint, lab: 'lab' in of ? of.lab : null }] };
}
