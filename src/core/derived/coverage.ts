import { LIGHT_NAMES, type JudgingLight } from '../room/facing';
import type { RoomInLight } from './kinds-of-light';
import type { LookAnswer } from '@/core/record/look-answer';
import type { VerdictEvent } from '@/core/record/verdict';
import { listed } from '../base/words';

/** What a ruling rests on: the lights a colour was seen in, and the planned looks at it. */
export type Coverage = {
  /** Of the lights of the room. */
  readonly seenIn: readonly JudgingLight[];
  readonly notSeenIn: readonly JudgingLight[];
  /** Numbers of the looks at which something was said of it. */
  readonly looked: readonly number[];
  /** Numbers of those planned for it that are still to come. */
  readonly toLook: readonly number[];
};

type Said = {
  readonly room: Pick<RoomInLight, 'looks' | 'retired' | 'inLight'>;
  readonly verdicts: readonly VerdictEvent[];
  readonly answers: readonly LookAnswer[];
  readonly lights: readonly JudgingLight[];
};

/**
 * What is known of one colour in the lights of a room.
 *
 * @param verdicts those of the colour that stand; @param answers the client's that stand
 */
export function coverageOf(candidateId: string, { room, verdicts, answers, lights }: Said): Coverage {
  const looks = [...room.looks, ...room.retired.looks];
  const at = new Set([...verdicts.map((v) => v.lookId), ...answers.map((a) => a.lookId)]);
  const seen = new Set<JudgingLight>([
    ...verdicts.map((v) => v.light),
    ...answers.flatMap((a) => room.inLight.ofLook.get(a.lookId) ?? []),
  ]);
  const ofIt = looks.filter((l) => l.candidateIds.length === 0 || l.candidateIds.includes(candidateId));
  return {
    seenIn: lights.filter((light) => seen.has(light)),
    notSeenIn: lights.filter((light) => !seen.has(light)),
    looked: looks.filter((l) => at.has(l.id)).map((l) => l.number),
    toLook: ofIt.filter((l) => l.state === 'planned' && !at.has(l.id)).map((l) => l.number),
  };
}

/** "seen in window by day only", where a colour was not seen in every light of the room; "" where it was. */
export function sayPartly({ seenIn, notSeenIn }: Coverage): string {
  if (notSeenIn.length === 0) return '';
  if (seenIn.length === 0) return 'not seen in any light of the room';
  return `seen in ${listed(seenIn.map((light) => LIGHT_NAMES[light]))} only`;
}

const looks = (numbers: readonly number[]) => `${numbers.length === 1 ? 'look' : 'looks'} ${listed(numbers.map(String))}`;

/** "rests on looks 1 and 3, look 6 to come"; "" where no look was planned for it. */
export function sayLooked({ looked, toLook }: Coverage): string {
  return [looked.length > 0 && `rests on ${looks(looked)}`, toLook.length > 0 && `${looks(toLook)} to come`]
    .filter(Boolean)
    .join(', ');
}
