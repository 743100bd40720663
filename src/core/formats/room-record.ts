import { z } from 'zod';
import { describeColour } from '../colour/family';
import { lrvOf } from '../colour/lab';
import { tagged, type Lab } from '../colour/types';
import { SCHOOLS, STAY_KINDS } from '../judge/kinds';
import { RULINGS } from '../judge/ruling';
import { WISHES } from '../judge/wish';
import { sayStrength } from '../paint/strength';
import { hitRate } from '@/core/derived/hit-rate';
import { decisionSchema, signatureSchema, signedSurfaceSchema } from '@/core/record/decision';
import { lookSchema } from '@/core/record/look';
import { lookAnswerSchema } from '@/core/record/look-answer';
import { noteSchema } from '@/core/record/note';
import { paintworkSchema } from '@/core/record/paintwork';
import { photoSchema } from '@/core/record/photo';
import { pickSchema } from '@/core/record/pick';
import { recordedColourSchema } from '@/core/record/recorded-colour';
import type { RoomInLight, VisitInLight } from '@/core/derived/kinds-of-light';
import { roomRecord } from '@/core/derived/room-record';
import { rulingSchema } from '@/core/record/ruling';
import { sayWhy } from '@/core/derived/say-ruling';
import { sampleSchema } from '@/core/record/sample';
import { furtherPartSchema, schemeSchema } from '@/core/record/scheme';
import { intensitySchema } from '@/core/record/intensity';
import { reactionSchema } from '@/core/record/reaction';
import { verdictSchema } from '@/core/record/verdict';
import { dayOfVisit } from '@/core/record/visit';
import { LIGHTS } from '../room/facing';
import { ROOM_KINDS, ROOM_USES } from '../room/use';
import { THINGS, thingOf } from '@/core/record/thing';

export const round = (value: number, digits: number) => Math.round(value * 10 ** digits) / 10 ** digits;
const taggedLab = z.object({
  space: z.literal('lab'),
  white: z.literal('D65'),
  observer: z.literal(10),
  l: z.number(),
  a: z.number(),
  b: z.number(),
});
/** In a file an id is any text. */
const id = z.string();
const verdict = verdictSchema.omit({ candidateId: true }).extend({ id, stayId: id, lookId: id.nullable() });
const answer = lookAnswerSchema.extend({ id, lookId: id, candidateId: id, handId: id });
const reaction = reactionSchema.omit({ candidateId: true }).extend({ id });
const intensity = intensitySchema.omit({ candidateId: true }).extend({ id });
const ruling = rulingSchema.omit({ candidateId: true }).extend({ id });

/**
 * The room record as a file: everything said in a room, with what was derived from it. Version 8: how each verdict had been looked at,
 * and the client's reactions.
 */
export const roomRecordSchema = z.object({
  format: z.literal('elm-swatch/room-record'),
  version: z.literal(15),
  visit: z.object({
    id: z.string(),
    label: z.string(),
    place: z.string(),
    /** The home's; instants in this file are in UTC. */
    timeZone: z.string(),
    createdAt: z.string(),
    /** The day of the visit in the home's calendar. */
    visitedOn: z.iso.date(),
    decides: z.string(),
    budget: z.string(),
    painter: z.string(),
    builtYear: z.int().nullable(),
  }),
  room: z.object({
    id: z.string(),
    name: z.string(),
    bearingDeg: z.number().nullable(),
    lights: z.array(z.enum(LIGHTS)),
    wish: z.enum(WISHES).nullable(),
    moreWishes: z.array(z.enum(WISHES)).readonly(),
    wishWords: z.string(),
    use: z.enum(ROOM_USES),
    kind: z.enum(ROOM_KINDS),
    mustNotChange: z.string(),
    annoys: z.string(),
    mayChange: z.string(),
    paintwork: paintworkSchema,
  }),
  stays: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      /** What it is, as it was said or as its name tells. */
      thing: z.enum(THINGS),
      kind: z.enum(STAY_KINDS),
      school: z.enum(SCHOOLS),
      components: z.array(z.object({ name: z.string(), share: z.number(), colour: recordedColourSchema })),
    }),
  ),
  candidates: z.array(
    z.object({
      id: z.string(),
      maker: z.string(),
      code: z.string(),
      name: z.string(),
      nameAlsoUsedByAnotherMaker: z.boolean(),
      strengthPercent: z.number(),
      strengthSays: z.string(),
      lab: taggedLab,
      lrv: z.number(),
      says: z.string(),
      ruling: z.enum([...RULINGS, 'open', 'untried']),
      rulingBy: z.enum(['derived', 'hand']),
      derivedRuling: z.enum([...RULINGS, 'open']),
      derivedWhy: z.string(),
      /** Lights of the room it was seen in, and numbers of the looks at which something was said of it and of those to come. */
      coverage: z.object({
        seenIn: z.array(z.enum(LIGHTS)),
        notSeenIn: z.array(z.enum(LIGHTS)),
        looked: z.array(z.int()),
        toLook: z.array(z.int()),
      }),
      rulings: z.array(ruling),
      verdicts: z.array(verdict),
      /** Said of the colour alone. */
      intensities: z.array(intensity),
      /** The client's, to the colour as a whole. */
      reactions: z.array(reaction),
    }),
  ),
  /** Verdicts of the consultant that stand and were predicted for the light they were given in, and how many were predicted so. */
  agreement: z.object({ verdicts: z.int(), agreed: z.int() }),
  /** What the client picked of two. */
  picks: z.array(pickSchema.extend({ id, chosenId: id, otherId: id })),
  /** On the room (no candidate) or on a candidate. */
  notes: z.array(noteSchema.extend({ id, candidateId: id.nullable() })),
  /** Put together from candidates by their ids. */
  schemes: z.array(
    schemeSchema.extend({
      id,
      wallId: id.nullable(),
      trimId: id.nullable(),
      accentIds: z.array(id).readonly(),
      parts: z.array(furtherPartSchema.safeExtend({ candidateId: id.nullable() })).readonly(),
    }),
  ),
  looks: z.array(lookSchema.extend({ id, candidateIds: z.array(id).readonly() })),
  /** Of the client, at looks after the visit; undone ones included. */
  answers: z.array(answer),
  /** What was decided of its surfaces; undone ones included, the last that was said of one holds. */
  decisions: z.array(decisionSchema.extend({ id, candidateId: id.nullable() })),
  /** In real paint. */
  samples: z.array(sampleSchema.extend({ id, candidateId: id })),
  /** One for each revision, as it was signed. */
  signatures: z.array(
    signatureSchema.extend({ id, decided: z.array(signedSurfaceSchema.extend({ candidateId: id.nullable() })).readonly() }),
  ),
  /** Without the pictures themselves. */
  photos: z.array(photoSchema.extend({ id })),
});
export type RoomRecordFile = z.infer<typeof roomRecordSchema>;

export const colourNumbers = (lab: Lab) => ({ l: round(lab.l, 3), a: round(lab.a, 3), b: round(lab.b, 3) });

const withoutCandidate = <T extends { readonly candidateId: string }>({ candidateId: _, ...rest }: T) => rest;
export const ofCandidate = <T extends { readonly candidateId: string | null }>(all: readonly T[], candidateId: string) =>
  all.filter((one) => one.candidateId === candidateId);

/** The room record as a JSON document, undone verdicts and earlier rulings included. */
export function roomRecordFile(visit: VisitInLight, room: RoomInLight): RoomRecordFile {
  const { rows, lights } = roomRecord(room);
  const { seen, agreed } = hitRate([room]);
  return {
    format: 'elm-swatch/room-record',
    version: 15,
    visit: {
      id: visit.id,
      label: visit.label,
      place: visit.place.name,
      timeZone: visit.place.timeZone,
      createdAt: visit.createdAt,
      visitedOn: dayOfVisit(visit),
      decides: visit.decides,
      budget: visit.budget,
      painter: visit.painter,
      builtYear: visit.builtYear,
    },
    room: {
      id: room.id,
      name: room.name,
      bearingDeg: room.bearingDeg,
      lights: [...lights],
      wish: room.wish,
      moreWishes: room.moreWishes,
      wishWords: room.wishWords,
      use: room.use,
      kind: room.kind,
      mustNotChange: room.mustNotChange,
      annoys: room.annoys,
      mayChange: room.mayChange,
      paintwork: room.paintwork,
    },
    stays: room.stays.map(({ components, ...stay }) => ({
      id: stay.id,
      name: stay.name,
      thing: thingOf(stay),
      kind: stay.kind,
      school: stay.school,
      components: components.map((c) => ({ name: c.name, share: c.share, colour: c.colour })),
    })),
    candidates: rows.map(({ candidate: c, derived, byHand, ruling, coverage }) => ({
      id: c.id,
      maker: c.maker,
      code: c.code,
      name: c.name,
      nameAlsoUsedByAnotherMaker: c.sharedName,
      strengthPercent: c.strength,
      strengthSays: sayStrength(c.strength),
      lab: tagged(colourNumbers(c.lab)),
      lrv: round(lrvOf(c.lab), 2),
      says: describeColour(c.lab),
      ruling,
      rulingBy: byHand ? ('hand' as const) : ('derived' as const),
      derivedRuling: derived.ruling,
      derivedWhy: sayWhy(derived, room.stays),
      coverage: {
        seenIn: [...coverage.seenIn],
        notSeenIn: [...coverage.notSeenIn],
        looked: [...coverage.looked],
        toLook: [...coverage.toLook],
      },
      rulings: ofCandidate(room.rulings, c.id).map(withoutCandidate),
      verdicts: ofCandidate(room.verdicts, c.id).map(withoutCandidate),
      intensities: ofCandidate(room.intensities, c.id).map(withoutCandidate),
      reactions: ofCandidate(room.reactions, c.id).map(withoutCandidate),
    })),
    agreement: { verdicts: seen, agreed },
    picks: [...room.picks],
    notes: [...room.notes],
    schemes: [...room.schemes],
    looks: [...room.looks],
    answers: [...room.answers],
    decisions: [...room.decisions],
    signatures: [...room.signatures],
    samples: [...room.samples],
    photos: [...room.photos],
  };
}
