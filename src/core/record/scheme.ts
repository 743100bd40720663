import { z } from 'zod';
import { EACH_ONCE, eachOnce, idSchema, instantSchema, nameSchema } from '../base/fields';
import { labSchema } from '../colour/colour-schema';
import { componentsSchema } from './stay';
import { THINGS } from './thing';

/** How a scheme is made. Common practice, no source. */
export const SCHEME_KINDS = ['shared', 'answered', 'tonal', 'largest', 'minor'] as const;
export type SchemeKind = (typeof SCHEME_KINDS)[number];

/** What a scheme gives a colour to. */
export const SCHEME_PARTS = ['walls', 'focal', 'below', 'trim', 'ceiling', 'door', 'large', 'small', 'accent'] as const;
export type SchemePart = (typeof SCHEME_PARTS)[number];

/** A part beside walls, trim and accents in paint: a colour of the room, or a colour that is no paint. */
export const furtherPartSchema = z
  .strictObject({
    part: z.enum(SCHEME_PARTS),
    candidateId: idSchema.nullable(),
    /** Of what no deck holds: cloth, a lamp, a frame. D65, 10°. */
    lab: labSchema.nullable(),
  })
  .refine((p) => (p.candidateId === null) !== (p.lab === null), 'A part has one colour.');
export type FurtherPart = Readonly<z.infer<typeof furtherPartSchema>>;

/** A thing that belongs to a scheme alone: this chair or that one. */
export const schemeThingSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  thing: z.enum(THINGS),
  components: componentsSchema,
});
export type SchemeThing = Readonly<z.infer<typeof schemeThingSchema>>;

/** A scheme for a room; each paint is a candidate. */
export const schemeSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  wallId: idSchema.nullable(),
  trimId: idSchema.nullable(),
  accentIds: z.array(idSchema).max(4, 'At most four accents.').readonly(),
  /** null where it was put together by hand. */
  kind: z.enum(SCHEME_KINDS).nullable().default(null),
  /** Everything else that has a colour in it. */
  parts: z.array(furtherPartSchema).max(16, 'At most 16 parts.').readonly().default([]),
  /** What is kept when it is proposed anew. */
  locked: z.array(z.enum(SCHEME_PARTS)).max(SCHEME_PARTS.length).readonly().default([]),
  /** What stands in it alone. */
  things: z.array(schemeThingSchema).max(12, 'At most 12 things of its own.').refine(eachOnce, EACH_ONCE).readonly().default([]),
  /** When the client picked it; the latest of a room counts. */
  pickedAt: instantSchema.nullable().default(null),
});
export type Scheme = Readonly<z.infer<typeof schemeSchema>>;

/** Every part of a scheme that has a colour, walls first. */
export function partsOfScheme({
  wallId,
  trimId,
  accentIds,
  parts,
}: Pick<Scheme, 'wallId' | 'trimId' | 'accentIds' | 'parts'>): readonly FurtherPart[] {
  const paint = (part: SchemePart, candidateId: string | null): FurtherPart[] =>
    candidateId === null ? [] : [{ part, candidateId, lab: null }];
  const all = [...paint('walls', wallId), ...paint('trim', trimId), ...accentIds.flatMap((id) => paint('accent', id)), ...parts];
  return all.sort((p, q) => SCHEME_PARTS.indexOf(p.part) - SCHEME_PARTS.indexOf(q.part));
}

/** The colours of the room that a scheme names, each once. */
export const coloursOfScheme = (s: Pick<Scheme, 'wallId' | 'trimId' | 'accentIds' | 'parts'>): string[] => [
  ...new Set(partsOfScheme(s).flatMap((p) => p.candidateId ?? [])),
];

/** The scheme that the client picked, of those of a room; undefined where none was. */
export const pickedScheme = (schemes: readonly Scheme[]): Scheme | undefined =>
  schemes.filter((s) => s.pickedAt !== null).sort((p, q) => (p.pickedAt! < q.pickedAt! ? 1 : -1))[0];

/** In the order in which they were made. */
export const byId = (p: { readonly id: string }, q: { readonly id: string }): number => (p.id < q.id ? -1 : 1);
