import type { z } from 'zod';
import { SCENE } from '@/core/appearance/scene';
import { reflectanceOfColour } from '@/core/colour/given-colour';
import { lightOfTemperature } from '@/core/colour/illuminant';
import type { judgeSchema } from '@/core/judge/judge-request';
import { lightOnPair, relationInLight } from '@/core/judge/pair-in-light';
import { relation, type Relation, type Stay } from '@/core/judge/relation';

type Case = z.infer<typeof judgeSchema>;
const labOf = ([l, a, b]: readonly [number, number, number]) => ({ l, a, b });

/** A colour given by its Lab, with the smoothest curve it may have. */
const surfaceOf = (given: readonly [number, number, number]) => ({
  lab: labOf(given),
  reflectance: reflectanceOfColour({ lab: [...given] }),
});

/** What a light does to both of a pair, and how they stand there; null in the dark. */
export function inLight({ stays, candidate, light, school }: Case & { readonly light: NonNullable<Case['light']> }) {
  const scene = { power: lightOfTemperature(light.cct), lux: light.lux ?? SCENE.deckLux };
  const stay = { ...stays, school, components: stays.components.map((c) => ({ ...c, ...surfaceOf(c.lab) })) };
  const surface = surfaceOf(candidate.lab);
  return { does: lightOnPair(stay, surface, scene), found: relationInLight(stay, surface, scene) };
}

/** How a case stands as in the deck. */
export function inDeck({ stays, candidate, school }: Case): Relation {
  const stay: Stay = { ...stays, components: stays.components.map((c) => ({ ...c, lab: labOf(c.lab) })) };
  return relation(stay, labOf(candidate.lab), school);
}

/** How a case stands, in its light where it names one; null in the dark. */
export const relationOf = (of: Case): Relation | null =>
  of.light ? (inLight({ ...of, light: of.light }).found ?? null) : inDeck(of);
