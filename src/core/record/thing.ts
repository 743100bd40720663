import { isWoodByName } from '../judge/wood';
import type { StayKind } from '../judge/kinds';
import type { SurfaceKind } from './paintwork';
import type { RecordedComponent } from './recorded-colour';

/** What a thing that stays can be. */
export const THINGS = [
  'floor',
  'ceiling',
  'worktop',
  'tile',
  'cabinets',
  'built-in',
  'trim',
  'door',
  'hearth',
  'suite',
  'sofa',
  'rug',
  'curtains',
  'art',
  'other',
] as const;
export type Thing = (typeof THINGS)[number];

/** For headings and choices. */
export const THING_NAMES: Readonly<Record<Thing, string>> = {
  floor: 'Floor',
  ceiling: 'Ceiling',
  worktop: 'Worktop',
  tile: 'Wall tiles',
  cabinets: 'Cabinets',
  'built-in': 'Built-in shelves',
  trim: 'Trim',
  door: 'Door',
  hearth: 'Hearth',
  suite: 'Bathroom suite',
  sofa: 'Sofa',
  rug: 'Rug',
  curtains: 'Curtains',
  art: 'Picture',
  other: 'Something else',
};

/**
 * What things are called in English, the first that fits: for what was recorded before it was asked what a thing is. Common words; own
 * choice.
 */
const BY_NAME: readonly (readonly [RegExp, Thing])[] = [
  [/picture|painting|poster|print\b|portrait|photograph/i, 'art'],
  [/skirting|baseboard|trim|casing|architrave|moulding|woodwork|panelling|frame/i, 'trim'],
  [/built-in|bookcase|shel(f|ves)/i, 'built-in'],
  [/cupboard|cabinet|dresser/i, 'cabinets'],
  [/\bdoors?\b/i, 'door'],
  [/worktop|counter|island/i, 'worktop'],
  [/ceiling/i, 'ceiling'],
  [/\brugs?\b/i, 'rug'],
  [/floor|carpet|parquet|floorboard/i, 'floor'],
  [/tile|mosaic|splashback/i, 'tile'],
  [/hearth|fireplace|chimney|brick/i, 'hearth'],
  [/bath|basin|suite|sanitary|enamel/i, 'suite'],
  [/curtain|blind|drape/i, 'curtains'],
  [/sofa|couch|settee/i, 'sofa'],
];

type Told = { readonly name: string; readonly kind: StayKind; readonly thing: Thing | null };

/** What a thing is: as it was said, or, for one recorded before that was asked, as its name tells. */
export function thingOf({ name, kind, thing }: Told): Thing {
  if (thing !== null) return thing;
  if (kind === 'artwork') return 'art';
  return BY_NAME.find(([words]) => words.test(name))?.[1] ?? 'other';
}

/** Surfaces that are painted over where a thing of a kind is: it is about to vanish then. */
const PAINTED_AS: Readonly<Partial<Record<Thing, SurfaceKind>>> = {
  trim: 'trim',
  door: 'door',
  cabinets: 'cabinets',
  'built-in': 'built-in',
  ceiling: 'ceiling',
};
/** The kind of surface a thing is painted over with, were that painted; undefined where it stays whatever is painted. */
export const surfaceOfThing = (stay: Told): SurfaceKind | undefined => PAINTED_AS[thingOf(stay)];

type Made = { readonly name: string; readonly components: readonly Pick<RecordedComponent, 'colour'>[] };
/** Whether a thing is of wood: as it was taken from what such things are made of, or as its name tells. */
export const isOfWood = ({ name, components }: Made): boolean =>
  isWoodByName(name) || components.some(({ colour: { source } }) => source.kind === 'typical' && isWoodByName(source.material));
