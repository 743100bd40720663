import { leastRecentlyUsed } from '@/core/base/least-recently-used';
import type { EyeFactors } from '@/core/judge/eye-in-force';
import type { Sources } from '@/core/eye/asked-parts';
import { sayParted } from '@/core/eye/parted';
import { sayTwoEyes } from '@/core/eye/two-eyes';
import { foretold, learntFrom, type Foretold, type Learnt } from '@/core/eye/learnt';
import { MATERIALS, USUAL_THINGS } from '@/core/derived/materials';
import type { EyeSettings, PracticeSet } from '@/core/record/eye';
import { listSameNames } from '@/data/decks';
import { findEyeSettings, listPracticeSets } from '@/data/eye';
import type { SaidInRoom } from '@/core/engine/said-in-rooms';
import { database } from '../database';
import { onePerProcess } from '../one-per-process';
import { everythingSaid } from '../visits/homes';

/** What is known of the consultant's eye. */
export type EyeTold = {
  readonly settings: EyeSettings;
  readonly sets: readonly PracticeSet[];
  readonly sources: Sources;
  /** Verdicts that were given looking, in all visits; false while some visits are still being read. */
  readonly verdicts: number;
  readonly whole: boolean;
  readonly learnt: Learnt;
  readonly foretold: Foretold | undefined;
  /** Of each half of the verdicts, where both are enough: how an eye has changed. */
  readonly halves: readonly [before: Learnt, since: Learnt] | undefined;
  /** Beside what, or in which light, it minds something more than elsewhere. */
  readonly parted: readonly string[];
  /** When the later half begins. */
  readonly halfAt: string | undefined;
};

/** Halves of fewer verdicts say nothing. Own choice. */
const LEAST_IN_HALF = 30;

/** The latest that are looked at part by part. Own choice, as for the whole. */
const MOST_PARTED = 600;

/** The consultant's eye, and those of the clients of a few visits. */
const MOST_KEPT = 8;
const kept = onePerProcess('eye', () => leastRecentlyUsed<Learnt>(MOST_KEPT));

const byTime = (p: SaidInRoom, q: SaidInRoom): number => (p.at < q.at ? -1 : Number(p.at > q.at));
const counted = (said: readonly SaidInRoom[], { verdictsFrom }: EyeSettings): readonly SaidInRoom[] =>
  said.filter((s) => s.person === 'consultant' && (verdictsFrom === null || s.at > verdictsFrom)).sort(byTime);

/** What was learnt of what was said; the same as long as nothing was said more. */
const learntOnce = (said: readonly SaidInRoom[]): Learnt =>
  kept(said.map((s) => `${s.id}${s.verdict}${s.reason ?? ''}${s.relation.cost}`).join(), () => learntFrom(said));

const KIND_OF = Object.fromEntries(USUAL_THINGS.map((t) => [t.id, t.kind]));
const THINGS: Sources['things'] = MATERIALS.map(({ of, name, components }) => ({
  name,
  kind: KIND_OF[of]!,
  components: components.map(([part, percent, l, a, b]) => ({ name: part, share: percent / 100, lab: { l, a, b } })),
}));

/** Everything of the page on the eye. */
export async function eyeTold(): Promise<EyeTold> {
  const db = await database();
  const [settings, sets, sameNames] = [await findEyeSettings(db), await listPracticeSets(db), await listSameNames(db)];
  const { said: all, whole } = await everythingSaid();
  const said = counted(all, settings);
  const middle = said.length >> 1;
  return {
    settings,
    sets: sets.filter((s) => settings.practiceFrom === null || s.at > settings.practiceFrom),
    sources: { things: THINGS, sameNames },
    verdicts: said.length,
    whole,
    learnt: learntOnce(said),
    foretold: foretold(said),
    halves: middle < LEAST_IN_HALF ? undefined : [learntFrom(said.slice(0, middle)), learntFrom(said.slice(middle))],
    parted: sayParted(said.slice(-MOST_PARTED)),
    halfAt: said[middle]?.at,
  };
}

/** What is judged by from now on, and how it is told; null where nothing was learnt, or it is switched off. */
export type EyeInForce = { readonly factors: EyeFactors; readonly says: string } | null;
export async function eyeInForceNow(): Promise<EyeInForce> {
  return (await eyesOf()).own;
}

/** The eye that is judged for, and that of the client of a visit, where either has said enough to differ from most. */
export type Eyes = {
  readonly own: EyeInForce;
  readonly client: EyeInForce;
  /** Where the two differ again and again; "" where they do not. */
  readonly differ: string;
};
/** Verdicts of a client from which an eye is told. Own choice. */
const LEAST_OF_CLIENT = 8;

export async function eyesOf(visitId?: string, client = 'the client'): Promise<Eyes> {
  const db = await database();
  const settings = await findEyeSettings(db);
  const { said } = await everythingSaid();
  const learnt = learntOnce(counted(said, settings));
  const own = settings.learns && learnt.factors ? { factors: learnt.factors, says: learnt.says } : null;
  const theirs = visitId === undefined ? [] : said.filter((s) => s.visitId === visitId && s.person === 'client').sort(byTime);
  if (theirs.length < LEAST_OF_CLIENT) return { own, client: null, differ: '' };
  const of = learntOnce(theirs);
  return {
    own,
    client: of.factors && { factors: of.factors, says: of.says },
    differ: sayTwoEyes(learnt.minds, of.minds, client),
  };
}
