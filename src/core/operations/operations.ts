import { z } from 'zod';
import { idSchema, instantSchema } from '../base/fields';
import type { Visit } from '@/core/record/visit';
import { candidateAdd } from './candidate-add';
import { decisionMake } from './decision-make';
import { decisionSign } from './decision-sign';
import { deckImport } from './deck-import';
import { consultantCard } from './consultant-card';
import { eyePractise } from './eye-practise';
import { eyeSet } from './eye-set';
import { deckProducts } from './deck-products';
import { deckRename } from './deck-rename';
import { deckRetire } from './deck-retire';
import { intensityGive } from './intensity-give';
import { reactionGive } from './reaction-give';
import { lightCalibrate } from './light-calibrate';
import { lightRead } from './light-read';
import { lookAnswer } from './look-answer';
import { lookHand } from './look-hand';
import { noteAdd } from './note-add';
import { pairPick } from './pair-pick';
import { photoAdd } from './photo-add';
import { photoEdit } from './photo-edit';
import { roomAdd } from './room-add';
import { roomBrief } from './room-brief';
import { roomLight } from './room-light';
import { roomOrder } from './room-order';
import { roomPaintwork } from './room-paintwork';
import { roomRename } from './room-rename';
import { roomRetire } from './room-retire';
import { roomUse } from './room-use';
import { roomWish } from './room-wish';
import { rulingSet } from './ruling-set';
import { staySave } from './stay-save';
import { verdictGive } from './verdict-give';
import { verdictReason } from './verdict-reason';
import { visitBrief } from './visit-brief';
import { visitCreate } from './visit-create';
import { visitEdit } from './visit-edit';
import { visitPeople } from './visit-people';
import { visitPlan } from './visit-plan';
import { visitSchools } from './visit-schools';
import { visitShelve } from './visit-shelve';
import { visitHabits } from './visit-habits';
import { visitSupply } from './visit-supply';
import { lookSave, sampleSave, schemeSave } from './kept-things';
import {
  decisionUndo,
  intensityUndo,
  lightUnread,
  lookUnanswer,
  noteRemove,
  pairUnpick,
  reactionUndo,
  verdictUndo,
} from './taken-back';
import { candidateRetire, lookRetire, photoRetire, sampleRetire, schemeRetire, stayRetire } from './taken-out';
import { isRefusal, notFound, type Effect, type Refusal } from './operation';

/** Every operation of the product, by the name it is written under. */
export const OPERATIONS = {
  'visit.create': visitCreate,
  'visit.edit': visitEdit,
  'visit.schools': visitSchools,
  'visit.brief': visitBrief,
  'visit.people': visitPeople,
  'visit.plan': visitPlan,
  'visit.supply': visitSupply,
  'visit.habits': visitHabits,
  'visit.shelve': visitShelve,
  'room.add': roomAdd,
  'room.rename': roomRename,
  'room.retire': roomRetire,
  'room.light': roomLight,
  'room.wish': roomWish,
  'room.use': roomUse,
  'room.brief': roomBrief,
  'room.paintwork': roomPaintwork,
  'room.order': roomOrder,
  'stay.save': staySave,
  'stay.retire': stayRetire,
  'candidate.add': candidateAdd,
  'candidate.retire': candidateRetire,
  'verdict.give': verdictGive,
  'verdict.reason': verdictReason,
  'verdict.undo': verdictUndo,
  'intensity.give': intensityGive,
  'intensity.undo': intensityUndo,
  'reaction.give': reactionGive,
  'reaction.undo': reactionUndo,
  'ruling.set': rulingSet,
  'pair.pick': pairPick,
  'pair.unpick': pairUnpick,
  'note.add': noteAdd,
  'note.remove': noteRemove,
  'photo.add': photoAdd,
  'photo.edit': photoEdit,
  'photo.retire': photoRetire,
  'scheme.save': schemeSave,
  'scheme.retire': schemeRetire,
  'look.answer': lookAnswer,
  'look.hand': lookHand,
  'look.retire': lookRetire,
  'look.save': lookSave,
  'look.unanswer': lookUnanswer,
  'decision.make': decisionMake,
  'decision.sign': decisionSign,
  'decision.undo': decisionUndo,
  'sample.save': sampleSave,
  'sample.retire': sampleRetire,
  'light.read': lightRead,
  'light.unread': lightUnread,
  'light.calibrate': lightCalibrate,
  'deck.import': deckImport,
  'deck.products': deckProducts,
  'deck.rename': deckRename,
  'deck.retire': deckRetire,
  'consultant.card': consultantCard,
  'eye.practise': eyePractise,
  'eye.set': eyeSet,
} as const;

/** Every write, by its name. Ids (UUID v7) and times come from the caller, so that a write can be replayed. */
export const writeSchema = z.discriminatedUnion('name', [
  visitCreate.schema,
  visitEdit.schema,
  visitSchools.schema,
  visitBrief.schema,
  visitPeople.schema,
  visitPlan.schema,
  visitSupply.schema,
  visitHabits.schema,
  visitShelve.schema,
  roomAdd.schema,
  roomRename.schema,
  roomRetire.schema,
  roomLight.schema,
  roomUse.schema,
  roomBrief.schema,
  roomPaintwork.schema,
  roomOrder.schema,
  roomWish.schema,
  staySave.schema,
  stayRetire.schema,
  candidateAdd.schema,
  candidateRetire.schema,
  verdictGive.schema,
  verdictReason.schema,
  verdictUndo.schema,
  intensityGive.schema,
  intensityUndo.schema,
  reactionGive.schema,
  reactionUndo.schema,
  rulingSet.schema,
  pairPick.schema,
  pairUnpick.schema,
  noteAdd.schema,
  noteRemove.schema,
  photoAdd.schema,
  photoEdit.schema,
  photoRetire.schema,
  schemeSave.schema,
  schemeRetire.schema,
  lookAnswer.schema,
  lookHand.schema,
  lookRetire.schema,
  lookSave.schema,
  lookUnanswer.schema,
  decisionMake.schema,
  decisionSign.schema,
  decisionUndo.schema,
  sampleSave.schema,
  sampleRetire.schema,
  lightRead.schema,
  lightUnread.schema,
  lightCalibrate.schema,
  deckImport.schema,
  deckProducts.schema,
  deckRename.schema,
  deckRetire.schema,
  consultantCard.schema,
  eyePractise.schema,
  eyeSet.schema,
]);
/** A write with everything it leaves out filled in. */
export type Write = z.infer<typeof writeSchema>;
/** A write as it may be put: what has a usual value can be left out. */
export type WriteInput = z.input<typeof writeSchema>;
export type WriteName = Write['name'];
export type WriteOf<N extends WriteName> = Extract<Write, { name: N }>;
/** Each write by its name. */
export type WriteMap = { readonly [N in WriteName]: WriteOf<N> };

/** Whether a write belongs to no visit: to a deck, or to whoever hands papers over. */
export const isOfNoVisit = ({ name }: Pick<Write, 'name'>): boolean =>
  ['deck.', 'consultant.', 'eye.'].some((of) => name.startsWith(of));

/** How operations are written now. Those of earlier versions are brought up to it by `upgradeOperation`. */
export const OPERATION_VERSION = 1;

/** A write with its id and time: what is sent, journalled and done. */
export const operationSchema = z.strictObject({
  id: idSchema,
  version: z.literal(OPERATION_VERSION),
  at: instantSchema,
  write: writeSchema,
});
export type Operation = z.infer<typeof operationSchema>;

/** Operations of one visit that land whole or not at all, in their order; one alone is the usual. Named by its first. */
export type Batch = readonly Operation[];
/** More than any step writes: the largest file of answers (2,000) read in, with every look it is of. */
export const MOST_IN_BATCH = 4000;
export const batchId = (batch: Batch): string => batch[0]!.id;

const EFFECTS: { readonly [N in WriteName]: { readonly effect: Effect<WriteMap[N]> } } = OPERATIONS;
const effectOf = <N extends WriteName>(name: N): Effect<WriteMap[N]> => EFFECTS[name].effect;

/** What an operation makes of a visit, or why it is refused. */
export function outcomeOf(visit: Visit, { id, at, write }: Operation): Visit | Refusal {
  if ('visitId' in write && write.visitId !== visit.id && write.name !== 'visit.create') return notFound('visit');
  return effectOf(write.name)(visit, write, { id, at });
}

/** The visit with operations done to it, one after the other; one that is refused changes nothing. */
export function withOperations(visit: Visit, operations: readonly Operation[]): Visit {
  return operations.reduce((current, operation) => {
    const outcome = outcomeOf(current, operation);
    return isRefusal(outcome) ? current : outcome;
  }, visit);
}

/** A visit with every one of these operations done to it, one after the other; undefined when one of them cannot be. */
export function advanced(visit: Visit, operations: readonly Operation[]): Visit | undefined {
  let next = visit;
  for (const operation of operations) {
    const outcome = outcomeOf(next, operation);
    if (isRefusal(outcome)) return undefined;
    next = outcome;
  }
  return next;
}
