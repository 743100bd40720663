import type { Primer } from '../paint/coats';
import type { GroundNow } from '@/core/record/paintwork';

/** What is done to a surface before it is painted, and what primer that asks for. */
export type Preparation = { readonly says: string; readonly primer: Primer };

const OLD_COATING = 'where there may be lead see the box first';

/** By what is there and its state. Common practice, no source. */
const PREPARATION: Readonly<Record<GroundNow['is'], Readonly<Record<GroundNow['state'], Preparation>>>> = {
  paint: {
    sound: { says: 'Sound paint: wash, fill, smooth the filler, dust off', primer: 'none' },
    flaking: {
      says: `Flaking paint: take off what is loose, feather the edges, fill, prime the bare spots; ${OLD_COATING}`,
      primer: 'spots',
    },
    glossy: {
      says: `Glossy paint: wash with a degreaser, dull the gloss all over, an adhesion primer; ${OLD_COATING}`,
      primer: 'full',
    },
  },
  plaster: {
    sound: { says: 'Bare plaster: let it dry right through, dust off, a mist coat or plaster primer', primer: 'full' },
    flaking: { says: 'Bare plaster, crumbling: take off what is loose, bind with a stabilising primer, fill', primer: 'full' },
    glossy: { says: 'Polished plaster: key it all over, dust off, an adhesion primer', primer: 'full' },
  },
  paper: {
    sound: { says: 'Paper that holds: stick down edges, try a spot for lifting and bleeding before all of it', primer: 'none' },
    flaking: { says: 'Paper that lifts: strip it, wash off the paste, fill, prime', primer: 'full' },
    glossy: { says: 'Vinyl or washable paper: strip it, wash off the paste, fill, prime', primer: 'full' },
  },
  wood: {
    sound: { says: 'Bare wood: seal knots, prime, fill, smooth', primer: 'full' },
    flaking: {
      says: `Wood with a coating that lifts: take off what is loose, seal knots, prime, fill, smooth; ${OLD_COATING}`,
      primer: 'full',
    },
    glossy: { says: 'Varnished wood: wash with a degreaser, dull it all over, an adhesion primer', primer: 'full' },
  },
};

/** What a surface needs before paint; undefined where nobody said what is there. */
export const preparationFor = (now: GroundNow | undefined): Preparation | undefined => now && PREPARATION[now.is][now.state];

/** "paint, flaking", "bare plaster, sound". */
export const GROUND_WORDS: Readonly<Record<GroundNow['is'], string>> = {
  paint: 'paint',
  plaster: 'bare plaster',
  paper: 'paper',
  wood: 'wood',
};
