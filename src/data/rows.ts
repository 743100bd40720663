import { z } from 'zod';
import { labSchema, recordedColourSchema } from '@/core/formats/operations';
import { PHOTO_SETTINGS, verdictMomentSchema, whitePointSchema } from '@/core/formats/judgement-writes';
import { WISHES } from '@/core/judge/wish';
import { REASONS, VERDICTS } from '@/core/judge/reasons';
import { PERSONS, RULINGS } from '@/core/judge/ruling';
import { BASE_KINDS } from '@/core/paint/tint-system';
import { GRID } from '@/core/colour/grid';
import { spectrumSchema } from '@/core/formats/schemas';
import {
  CURTAIN_KINDS,
  GLAZING_KINDS,
  GROUND_KINDS,
  OBSTRUCTION_KINDS,
  type Curtain,
  type Glazing,
  type Ground,
  type Obstruction,
} from '@/core/light/assumptions';
import { DIM_WHITE_SCHOOLS, FIGHTING_LIGHT_SCHOOLS } from '@/core/judge/light-conflict';
import { LAMP_KINDS, LAMP_THROWS } from '@/core/light/lamp';
import { SKIES } from '@/core/light/outdoors';
import { STAY_PLACES } from '@/core/record/types';
import { LIGHTS } from '@/core/room/facing';

/** What the tables may hold; every row is parsed on its way out, so that a damaged file is noticed where it is read. */
export const visitRow = z.object({
  id: z.string(),
  label: z.string(),
  place_name: z.string(),
  latitude: z.number(),
  longitude: z.number(),
  time_zone: z.string(),
  units: z.enum(['metric', 'imperial']),
  dim_white: z.enum(DIM_WHITE_SCHOOLS),
  fighting_light: z.enum(FIGHTING_LIGHT_SCHOOLS),
  revision: z.number(),
  created_at: z.string(),
});
export const roomRow = z.object({
  id: z.string(),
  name: z.string(),
  revision: z.number(),
  bearing_deg: z.number().nullable(),
  width_m: z.number().nullable(),
  depth_m: z.number().nullable(),
  height_m: z.number().nullable(),
  ground: z.enum(GROUND_KINDS as [Ground, ...Ground[]]),
  obstruction: z.enum(OBSTRUCTION_KINDS as [Obstruction, ...Obstruction[]]),
  ceiling: recordedColourSchema.nullable(),
  calibrated: z.boolean(),
  old_wall: recordedColourSchema.nullable(),
  wish: z.enum(WISHES).nullable(),
  wish_words: z.string(),
});
export const windowRow = z.object({
  id: z.string(),
  room_id: z.string(),
  wall: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]),
  width_m: z.number(),
  height_m: z.number(),
  left_m: z.number().nullable(),
  sill_m: z.number().nullable(),
  glazing: z.enum(GLAZING_KINDS as [Glazing, ...Glazing[]]),
  curtain: z.enum(CURTAIN_KINDS as [Curtain, ...Curtain[]]),
  obstruction_deg: z.number(),
  reveal_m: z.number(),
  overhang_m: z.number(),
});
export const lampRow = z.object({
  id: z.string(),
  room_id: z.string(),
  name: z.string(),
  cct_k: z.number(),
  kind: z.enum(LAMP_KINDS),
  lumens: z.number(),
  throws: z.enum(LAMP_THROWS),
  x_m: z.number().nullable(),
  y_m: z.number().nullable(),
  height_m: z.number().nullable(),
  dimmed_percent: z.number(),
});
export const lightReadingRow = z.object({
  id: z.string(),
  room_id: z.string(),
  position: z.string(),
  lux: z.number(),
  cct_k: z.number().nullable(),
  computed_lux: z.number(),
  sky: z.enum(SKIES),
  lamps_on: z.boolean(),
  at: z.string(),
  undone: z.boolean(),
});
export const stayRow = z.object({
  id: z.string(),
  room_id: z.string(),
  name: z.string(),
  kind: z.enum(['fixed', 'furnishing']),
  school: z.enum(['share', 'answer']),
  lies: z.enum(STAY_PLACES).nullable(),
  cover: z.number(),
  revision: z.number(),
});
export const componentRow = z.object({
  id: z.string(),
  stay_id: z.string(),
  name: z.string(),
  share: z.number(),
  colour: recordedColourSchema,
});
export const candidateRow = z.object({
  id: z.string(),
  room_id: z.string(),
  deck_colour_id: z.string(),
  strength: z.number(),
});
export const verdictRow = z.object({
  id: z.string(),
  room_id: z.string(),
  candidate_id: z.string(),
  stay_id: z.string(),
  light: z.enum(LIGHTS),
  person: z.enum(PERSONS),
  verdict: z.enum(VERDICTS),
  predicted: z.enum(VERDICTS),
  at: z.string(),
  reason: z.enum(REASONS).nullable(),
  moment: verdictMomentSchema.nullable(),
  first_glance_ms: z.number().nullable(),
  undone: z.boolean(),
});
export const pairPickRow = z.object({
  id: z.string(),
  room_id: z.string(),
  chosen_id: z.string(),
  other_id: z.string(),
  at: z.string(),
  undone: z.boolean(),
});
export const noteRow = z.object({
  id: z.string(),
  room_id: z.string(),
  candidate_id: z.string().nullable(),
  words: z.string(),
  at: z.string(),
  undone: z.boolean(),
});
export const photoRow = z.object({
  id: z.string(),
  room_id: z.string(),
  width: z.number(),
  height: z.number(),
  caption: z.string(),
  settings: z.enum(PHOTO_SETTINGS),
  white: whitePointSchema.nullable(),
  at: z.string(),
});
export const schemeRow = z.object({
  id: z.string(),
  room_id: z.string(),
  name: z.string(),
  wall_id: z.string().nullable(),
  trim_id: z.string().nullable(),
  accent_ids: z.array(z.string()),
});
export const rulingRow = z.object({
  id: z.string(),
  room_id: z.string(),
  candidate_id: z.string(),
  ruling: z.enum(RULINGS).nullable(),
  note: z.string(),
  at: z.string(),
});
const deckHead = {
  id: z.string(),
  maker_id: z.string(),
  maker: z.string(),
  code: z.string(),
  name: z.string(),
  strip: z.string(),
  step: z.number(),
  ...labSchema.shape,
  shared_name: z.boolean(),
};
export const deckListRow = z.object({
  ...deckHead,
  base_kind: z.enum(BASE_KINDS),
  measured: z.boolean(),
  has_formula: z.boolean(),
});
export const deckColourRow = z.object({
  ...deckHead,
  base_id: z.string(),
  spectrum: spectrumSchema.nullable(),
  formula: z.record(z.string(), z.number()).nullable(),
  tint_system_id: z.string().nullable(),
});
const curve = z.array(z.number()).length(GRID.count);
export const baseRow = z.object({
  id: z.string(),
  maker_id: z.string(),
  kind: z.enum(BASE_KINDS),
  name: z.string(),
  ...labSchema.shape,
  spectrum: spectrumSchema.nullable(),
  optical: z.object({ k: curve, s: curve, film: z.number() }).nullable(),
});
export const tintSystemRow = z.object({
  id: z.string(),
  name: z.string(),
  shot_ml: z.number(),
  surface: z.object({ k1: z.number(), k2: z.number() }),
  colourants: z.array(z.object({ id: z.string(), name: z.string(), k: curve, s: curve })),
});
export type DeckListRow = z.infer<typeof deckListRow>;
export type BaseRow = z.infer<typeof baseRow>;
export type TintSystemRow = z.infer<typeof tintSystemRow>;
export const visitSummaryRow = z.object({
  id: z.string(),
  label: z.string(),
  place_name: z.string(),
  created_at: z.string(),
  rooms: z.number(),
});
export type DeckColourRow = z.infer<typeof deckColourRow>;
export type VisitSummary = z.infer<typeof visitSummaryRow>;
