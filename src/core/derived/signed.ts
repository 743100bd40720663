import type { Person } from '../judge/ruling';
import { LIGHT_NAMES } from '../room/facing';
import type { Candidate } from '@/core/record/candidate';
import { decidedRoom, sameChoice, type DecidedRoom } from './decided';
import type { Choice, Signature, SignedSurface } from '@/core/record/decision';
import { standingAnswers } from '@/core/record/look-answer';
import { reactionTo } from '@/core/record/reaction';
import { paintedKinds, stayingWith } from './painted-over';
import type { RoomInLight } from './kinds-of-light';
import type { Room } from '@/core/record/room';
import { roomRecord, type CandidateRow } from './room-record';
import { sayRulingWord, sayWhy } from './say-ruling';
import { isLookedAt } from '@/core/record/seen';
import { standingVerdicts } from './standing';
import { listed } from '../base/words';

/** Whether a decision had arrived before the last signing: taking it back, or putting it back, would reach into what was signed. */
export function isBehindSignature(
  { decisions, signatures }: Pick<Room, 'decisions' | 'signatures'>,
  decisionId: string,
): boolean {
  const n = decisions.findIndex((d) => d.id === decisionId);
  return n >= 0 && n < (signatures.at(-1)?.before.decisions ?? 0);
}

/** Something said against a colour that is signed, after it was signed: to be settled by signing again. */
export type Objection = {
  readonly candidate: Candidate;
  /** Names of the signed surfaces it is meant for. */
  readonly surfaces: readonly string[];
  readonly person: Person;
  /** What the client wrote; "" where nothing was. */
  readonly words: string;
  /** When it was said, or read in; instant. */
  readonly at: string;
};

/** How much has been said in a room. */
export const saidSoFar = ({ decisions, verdicts, answers, reactions }: Room): Signature['before'] => ({
  decisions: decisions.length,
  verdicts: verdicts.length,
  answers: answers.length,
  reactions: reactions.length,
});

type SaidNo = Pick<Objection, 'person' | 'words' | 'at'> & { readonly candidateId: string };

/** Every "no" since the last signing that stands, of what was looked at, beside what will still be there. */
function saidNo(room: RoomInLight, decided: DecidedRoom, { before }: Signature): SaidNo[] {
  const staying = new Set(stayingWith(room.stays, paintedKinds(decided)).map((s) => s.id));
  const since = new Set(
    [
      ...room.verdicts.slice(before.verdicts),
      ...room.answers.slice(before.answers),
      ...room.reactions.slice(before.reactions),
    ].map((e) => e.id),
  );
  const reactions = [...room.candidates, ...room.retired.candidates]
    .flatMap((c) => reactionTo(room.reactions, c.id) ?? [])
    .filter((r) => since.has(r.id));
  const verdicts = standingVerdicts(room.verdicts).filter(
    (v) => since.has(v.id) && v.verdict === 'no' && isLookedAt(v) && staying.has(v.stayId),
  );
  const answers = standingAnswers(room.answers).filter((a) => since.has(a.id) && a.verdict === 'no');
  return [
    ...verdicts.map((v): SaidNo => ({ candidateId: v.candidateId, person: v.person, words: '', at: v.at })),
    ...reactions
      .filter((r) => r.reaction === 'dislikes' && isLookedAt(r))
      .map((r): SaidNo => ({ candidateId: r.candidateId, person: 'client', words: '', at: r.at })),
    ...answers.map((a): SaidNo => ({ candidateId: a.candidateId, person: 'client', words: a.words, at: a.at })),
  ];
}

/** What was said against signed colours since the last signing, one for each colour and person. */
export function objections(room: RoomInLight): Objection[] {
  const decided = decidedRoom(room);
  const { signature } = decided;
  if (!signature) return [];
  const since = saidNo(room, decided, signature);
  const all = [...room.candidates, ...room.retired.candidates];
  const found = new Map<string, Objection>();
  for (const { candidateId, person, words, at } of since) {
    const surfaces = signature.decided.filter((d) => d.candidateId === candidateId).map((d) => d.name);
    const candidate = all.find((c) => c.id === candidateId);
    if (surfaces.length === 0 || !candidate) continue;
    const key = `${candidateId} ${person}`;
    const before = found.get(key);
    found.set(key, { candidate, surfaces, person, words: [before?.words, words].filter(Boolean).join(' · '), at });
  }
  return [...found.values()];
}

/** A surface that a revision changed; `before` and `after` undefined where it was not, or is no more, in it. */
export type Change = {
  readonly surface: string;
  readonly before: SignedSurface | undefined;
  readonly after: SignedSurface | undefined;
};

const differs = (p: SignedSurface | undefined, q: Choice | undefined): boolean => !p || !q || !sameChoice(q, p);

/** What changed from one signing to what came after it. */
export function changesBetween(before: Pick<Signature, 'decided'>, after: Pick<Signature, 'decided'>): Change[] {
  const names = new Map([...before.decided, ...after.decided].map((d) => [d.surface, d.name]));
  return [...names].flatMap(([surface, name]) => {
    const [was, is] = [before, after].map((s) => s.decided.find((d) => d.surface === surface));
    return differs(was, is) ? [{ surface: name, before: was, after: is }] : [];
  });
}

/** What is still open of the colours that are to be signed, a line each: rulings that are not "works here", and lights nobody looked in. */
export function stillOpen(room: RoomInLight, decided: DecidedRoom): string[] {
  const used = new Set(decided.painted.flatMap((s) => s.choice?.candidateId ?? []));
  const staying = new Set(stayingWith(room.stays, paintedKinds(decided)).map((s) => s.id));
  // beside what is painted over nothing has to work
  const isVoid = ({ derived, byHand }: CandidateRow) =>
    !byHand && 'because' in derived && derived.because.stayId !== null && !staying.has(derived.because.stayId);
  return roomRecord(room)
    .rows.filter(
      ({ candidate, ruling, coverage }) => used.has(candidate.id) && (ruling !== 'works' || coverage.notSeenIn.length > 0),
    )
    .map((row) => {
      const { candidate, ruling, coverage, derived } = row;
      const counts = !isVoid(row);
      const why = counts && ruling === 'nearly' && derived.ruling !== 'works' ? sayWhy(derived, room.stays) : '';
      const unseen = coverage.notSeenIn.map((light) => LIGHT_NAMES[light]);
      const says = [
        // "nearly beside Hearth stone" says the ruling itself
        !counts ? 'tried here' : !why.startsWith(`${ruling} `) && sayRulingWord(ruling).toLowerCase(),
        why,
        unseen.length > 0 && `not looked at: ${listed(unseen)}`,
      ];
      return `${candidate.name} ${candidate.strength} %: ${says.filter(Boolean).join(', ')}`;
    });
}
