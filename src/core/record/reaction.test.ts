import { room, verdict } from '../../../tests/made-up-room';
import { observationsOf } from '@/core/derived/observations';
import { reactionTo, type ReactionEvent } from './reaction';
import { roomRecord } from '@/core/derived/room-record';
import { sayWhy } from '@/core/derived/say-ruling';

let n = 0;
const reaction = (more: Partial<ReactionEvent> = {}): ReactionEvent => ({
  id: `r${++n}`,
  candidateId: 'c100',
  reaction: 'dislikes',
  moment: null,
  seen: 'in-room',
  at: '2026-09-23T12:00:00.000Z',
  undone: false,
  ...more,
});
const rowOf = (reactions: ReactionEvent[], more: object = {}) =>
  roomRecord(room({ reactions, ...more })).rows.find((r) => r.candidate.id === 'c100')!;

test('the latest to a colour holds; what was seen in the room before what was judged on a screen; undone ones do not', () => {
  const [likes, dislikes, screen] = [
    reaction({ reaction: 'likes' }),
    reaction(),
    reaction({ reaction: 'unsure', seen: 'on-screen' }),
  ];
  expect(reactionTo([likes, dislikes], 'c100')).toBe(dislikes);
  expect(reactionTo([likes, dislikes, screen], 'c100')).toBe(dislikes);
  expect(reactionTo([screen], 'c100')).toBe(screen);
  expect(reactionTo([likes, { ...dislikes, undone: true }], 'c100')).toBe(likes);
  expect(reactionTo([likes], 'c75')).toBeUndefined();
});

test('a dislike is against the colour, not beside one thing; a like says nothing of what it does in the room', () => {
  const row = rowOf([reaction()]);
  expect([row.ruling, row.derived.ruling, row.verdicts]).toEqual(['not', 'not', []]);
  expect(sayWhy(row.derived, [])).toBe('the client dislikes it');
  expect(rowOf([reaction({ reaction: 'unsure' })]).ruling).toBe('nearly');
  expect(rowOf([reaction({ reaction: 'likes' })])).toMatchObject({ ruling: 'untried', coverage: { seenIn: [] } });
  // the consultant's own no is named first
  const no = verdict({ verdict: 'no', reason: 'too-green', seen: 'in-room' });
  expect(sayWhy(rowOf([reaction()], { verdicts: [no] }).derived, room().stays)).toContain('too green beside');
});

test('what was judged on a screen rules nothing', () => {
  expect(rowOf([reaction({ seen: 'on-screen' })]).ruling).toBe('untried');
});

test('the next sample listens to it', () => {
  expect(observationsOf(room({ reactions: [reaction()] }))).toMatchObject([{ verdict: 'no', reason: null }]);
  expect(observationsOf(room())).toEqual([]);
});
