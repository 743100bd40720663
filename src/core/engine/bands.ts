import type { Appearance, SceneView } from '../appearance/scene';
import { dimHours, isDim, REFERENCE_WHITE, turnIn, turnsOf, usualLook } from '../appearance/turns';
import { cannotBe, dayOf, lightsOf, midday, placeOf, roomOf } from './known-days';
import type { Steps } from './steps';
import type { Band, BandsAnswer, DayRequest, ShownColour, LookIn, NoAnswer, Swatch } from './light-protocol';
import { lookAt } from './looks';
import { viewAt } from './view-at';

type View = SceneView | undefined;

/** A light with how a white looks in it. */
type Lit = { readonly view: View; readonly white: Appearance | undefined };
const WHITE: Swatch = { id: 'white', lab: REFERENCE_WHITE };
const lit = (view: View): Lit => ({ view, white: view && lookAt(WHITE, view).appearance });

function bandOf(swatch: Swatch, through: readonly Lit[], aside: { readonly overcast: Lit; readonly lamps: Lit }): Band {
  const deck = swatch.lab;
  const looks: (ShownColour | null)[] = [];
  const appearances: (Appearance | undefined)[] = [];
  for (const { view } of through) {
    const found = view && lookAt(swatch, view);
    looks.push(found?.look ?? null);
    appearances.push(found?.appearance);
  }
  const usual = usualLook(appearances) ?? deck;
  const besides = ({ view, white }: Lit) => {
    const found = view && lookAt(swatch, view);
    return found ? { look: found.look, turn: turnIn(deck, usual, found.appearance, white) ?? null } : null;
  };
  return {
    id: swatch.id,
    looks,
    turns: turnsOf(
      deck,
      appearances,
      through.map((l) => l.white),
    ),
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
  const through = known.moments.map((_, m) => lit(viewAt(lightsOf(known, m, lampsOn), place, scale)));
  const aside = {
    overcast: lit(viewAt(lightsOf(grey, midday(grey), false), place, scale)),
    lamps: lit(viewAt(known.day.lamps, place, scale)),
  };
  const found: Band[] = [];
  for (const swatch of swatches) {
    found.push(bandOf(swatch, through, aside));
    yield found.length / swatches.length;
  }
  const dim = ({ white }: Lit) => white !== undefined && isDim(white);
  return {
    ok: true,
    bands: found,
    dim: dimHours(through.map((l) => l.white)),
    dimAside: { overcast: dim(aside.overcast), lamps: dim(aside.lamps) },
  };
}
