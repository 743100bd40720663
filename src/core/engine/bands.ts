import type { Appearance, SceneView } from '../appearance/scene';
import { turnIn, turnsOf, usualLook } from '../appearance/turns';
import { cannotBe, dayOf, lightsOf, midday, placeOf, roomOf } from './known-days';
import type { Steps } from './steps';
import type { Band, BandsAnswer, DayRequest, ShownColour, LookIn, NoAnswer, Swatch } from './light-protocol';
import { lookAt } from './looks';
import { viewAt } from './view-at';

type View = SceneView | undefined;

function bandOf(swatch: Swatch, through: readonly View[], aside: { readonly overcast: View; readonly lamps: View }): Band {
  const deck = swatch.lab;
  const looks: (ShownColour | null)[] = [];
  const appearances: (Appearance | undefined)[] = [];
  for (const view of through) {
    const found = view && lookAt(swatch, view);
    looks.push(found?.look ?? null);
    appearances.push(found?.appearance);
  }
  const usual = usualLook(appearances) ?? deck;
  const besides = (view: View) => {
    const found = view && lookAt(swatch, view);
    return found ? { look: found.look, turn: turnIn(deck, usual, found.appearance) ?? null } : null;
  };
  return {
    id: swatch.id,
    looks,
    turns: turnsOf(deck, appearances),
    overcast: besides(aside.overcast),
    lamps: besides(aside.lamps),
  };
}

type BandsRequest = { readonly day: DayRequest; readonly swatches: readonly Swatch[]; readonly lookIn: LookIn };

/** Swatches through a day at one position, and beside it under cloud and by the lamps. */
export function* bands({ day: request, swatches, lookIn }: BandsRequest): Steps<BandsAnswer | NoAnswer> {
  const { room, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(request);
  const grey = yield* dayOf({ ...request, skies: 'overcast' });
  const place = placeOf(room, lookIn.position);
  const { scale, lampsOn } = lookIn;
  const through = known.moments.map((_, m) => viewAt(lightsOf(known, m, lampsOn), place, scale));
  const aside = {
    overcast: viewAt(lightsOf(grey, midday(grey), false), place, scale),
    lamps: viewAt(known.day.lamps, place, scale),
  };
  const found: Band[] = [];
  for (const swatch of swatches) {
    found.push(bandOf(swatch, through, aside));
    yield found.length / swatches.length;
  }
  return { ok: true, bands: found };
}
