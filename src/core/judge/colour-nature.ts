import { ramp } from '../base/ramp';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { coolOf, earthOf, huedOf, type Hued } from './hues';
import type { JudgedKind } from './kinds';
import type { RelationModel } from './model';
import { chromatic } from './worlds';

const { abs, max } = Math;

/** What a component is as a colour, and of what it is made. */
export type ColourNature = {
  /** How far it is a colour rather than a near-neutral, 0–1. */
  readonly chromatic: number;
  readonly hued: Hued;
  /** How far it is wood, brick or terracotta rather than stone, 0–1. */
  readonly brown: number;
  /** How much of that is wood, which also what is pale and cool answers, 0–1. */
  readonly wood: number;
  /** How far it is wood, brick or earth, 0–1. */
  readonly earth: number;
  /** How far it is a green to a blue, that answers earth, 0–1. */
  readonly cool: number;
};

/** How far a colour is that of wood, 0–1: yellow-brown, of medium depth, stronger than any stone. */
const woodOf = (lab: Lab, m: RelationModel): number =>
  ramp(abs(hueDeg(lab) - m.woodHueDeg), m.woodHueNoMore, m.woodHueWithin) *
  ramp(chroma(lab), m.woodFromChroma, m.woodFullChroma) *
  ramp(lab.l, m.woodGoneL, m.woodFullL);

/** How far what is called wood looks like it, 0–1: painted or stained grey it does not. */
const stillWood = (lab: Lab, m: RelationModel): number =>
  ramp(chroma(lab), m.namedWoodFrom, m.namedWoodFull) * ramp(abs(hueDeg(lab) - m.woodHueDeg), 45, 30);

type Made = { readonly kind: JudgedKind; readonly ofWood: boolean; readonly deck: Lab };

/**
 * What a component is as a colour: its world, hue and strength, and whether it is wood, brick or earth. What is painted is none of these.
 */
export function natureOf(lab: Lab, m: RelationModel, { kind, ofWood, deck }: Made): ColourNature {
  const c = chroma(lab);
  const hue = hueDeg(lab);
  const hued = huedOf({ lab, chroma: c, hueDeg: hue }, m);
  const colour = chromatic(lab, m);
  const named = ofWood ? stillWood(deck, m) : 0;
  const wood = kind === 'fixed' ? max(named, woodOf(deck, m)) : 0;
  const earth = kind === 'painted' ? 0 : earthOf(lab, c, hued, m);
  return {
    chromatic: colour,
    hued,
    brown: max(wood, earth * colour),
    wood,
    earth: kind === 'painted' ? 0 : max(named, earth),
    cool: coolOf(hue, m),
  };
}
