import type { Appearance } from '../appearance/scene';
import { turnIn, turnsOf, usualLook } from '../appearance/turns';
import { cannotBe, dayOf, lightsOf, midday, placeOf, roomOf } from './known-days';
import type { Steps } from './steps';
import type { Band, BandsAnswer, DayRequest, Look, LookIn, NoAnswer, Swatch } from './light-protocol';
import { lookAt } from './looks';
import { seeAt, type Seer } from './seer';

function bandOf(swatch: Swatch, through: readonly Seer[], aside: { readonly overcast: Seer; readonly lamps: Seer }): Band {
  const deck = swatch.lab;
  const looks: (Look | null)[] = [];
  const appearances: (Appearance | undefined)[] = [];
  for (const see of through) {
    const found = see && lookAt(swatch, see);
    looks.push(found?.look ?? null);
    appearances.push(found?.appearance);
  }
  const usual = usualLook(appearances) ?? deck;
  const besides = (see: Seer) => {
    const found = see && lookAt(swatch, see);
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
  const through = known.moments.map((_, m) => seeAt(lightsOf(known, m, lampsOn), place, scale));
  const aside = {
    overcast: seeAt(lightsOf(grey, midday(grey), false), place, scale),
    lamps: seeAt(known.day.lamps, place, scale),
  };
  const found: Band[] = [];
  for (const swatch of swatches) {
    found.push(bandOf(swatch, through, aside));
    yield found.length / swatches.length;
  }
  return { ok: true, bands: found };
}
