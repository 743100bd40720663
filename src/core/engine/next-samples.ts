import { leastRecentlyUsed } from '../base/least-recently-used';
import type { Lab } from '../colour/types';
import { labAt, type DeckCurves } from '../formats/deck-curves';
import { likelihoodOver, nextSamples, type LikelihoodOf, type Sample } from '../judge/next-sample';
import { adviseIn } from './advised-room';
import { withoutLights } from './lit-room';
import { sourceOf } from './deck-places';
import type { NextAnswer, NextRequest } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { surfacesOf } from './looks';
import type { Steps } from './steps';
import { surfaceStay } from './surface-stay';

/** Samples with what is believed of them beforehand, and what was asked of them before, kept from one verdict to the next. */
const MOST_SETS = 4;
const MOST_SAID = 200;
type SampleSet = { readonly samples: readonly Sample[]; readonly likelihoodOf: LikelihoodOf };
const sets = new Map<string, SampleSet>();

/** Samples between two looks at the clock. */
const BATCH = 32;

/** What is believed of colours beforehand, by room, then colour and strength: kept though nobody waits for the rest of it any more. */
const believed = new Map<string, Map<string, number>>();

function beliefsOf(room: string): Map<string, number> {
  const known = believed.get(room) ?? new Map<string, number>();
  believed.set(room, known);
  if (believed.size > MOST_SETS) believed.delete(believed.keys().next().value!);
  return known;
}

/** Where each colour of a deck stands in it, at which strength. */
function placesIn(deck: DeckCurves): (id: string, strength: number) => number | undefined {
  const colours = new Map(deck.ids.map((id, k) => [id, k]));
  const per = deck.strengths.length;
  return (id, strength) => {
    const [colour, at] = [colours.get(id), deck.strengths.indexOf(strength)];
    return colour === undefined || at < 0 ? undefined : colour * per + at;
  };
}

function* prepared({ samples, stays, said: _, ...room }: NextRequest, deck: DeckCurves): Steps<SampleSet | NoAnswer> {
  const advised = yield* adviseIn(room, stays.map(surfaceStay));
  if (!advised.ok) return advised;
  const source = sourceOf(deck);
  const placeOf = placesIn(deck);
  const chances = beliefsOf(JSON.stringify({ room: withoutLights(room), stays }));
  const chanceOf = (id: string, strength: number, lab: Lab): number => {
    const name = `${id}@${strength}`;
    const known = chances.get(name);
    if (known !== undefined) return known;
    const place = placeOf(id, strength);
    // a strength that is not in the deck's file is taken as the smoothest paint of its Lab
    const reflectance = place === undefined ? surfacesOf({ id, lab, population: 'paint' })[0]! : source.reflectanceOf(place);
    const { chance } = advised.adviceOn({ lab, reflectance });
    chances.set(name, chance);
    return chance;
  };
  const found: Sample[] = [];
  for (const [i, id] of samples.ids.entries()) {
    if (i % BATCH === 0) yield i / samples.ids.length;
    const lab = labAt(samples, i);
    found.push({ lab, atHand: i < samples.atHand, chance: chanceOf(id, samples.strengths[i]!, lab) });
  }
  const kept = leastRecentlyUsed<ArrayLike<number>>(MOST_SAID);
  const compute = likelihoodOver(found);
  return { samples: found, likelihoodOf: (said) => kept(JSON.stringify(said), () => compute(said)) };
}

/** What to look at next: by what was said so far, and beforehand by how well each colour serves as the walls of the room. */
export function* next(request: NextRequest, deck: DeckCurves): Steps<NextAnswer | NoAnswer> {
  yield 0;
  const { samples, said, ...room } = request;
  const name = `${samples.name} ${JSON.stringify(withoutLights(room))}`;
  let set = sets.get(name);
  if (!set) {
    const found = yield* prepared(request, deck);
    if ('ok' in found) return found;
    set = found;
    sets.set(name, set);
    if (sets.size > MOST_SETS) sets.delete(sets.keys().next().value!);
  }
  return { ok: true, ...nextSamples(set.samples, said, set.likelihoodOf) };
}
