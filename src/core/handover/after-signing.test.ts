import { decision, signedBy, WALL_SURFACES } from '../../../tests/made-up-decision';
import { room, verdict, visit } from '../../../tests/made-up-room';
import { NO_CARD } from '@/core/record/consultant-card';
import { paintworkSchema } from '@/core/record/paintwork';
import type { VisitInLight } from '@/core/derived/kinds-of-light';
import { scheduleTable } from './csv';
import { handOver } from './hand-over';

const MEASURED = { widthM: 5, depthM: 4, heightM: 2.5, bearingDeg: 0, paintwork: paintworkSchema.parse({ skirtingM: 0.1 }) };
const made = (v: VisitInLight) => handOver(v, { factsOf: () => undefined, card: NO_CARD }, Date.UTC(2026, 8, 24, 9));
const signed = (decisions: ReturnType<typeof decision>[]): VisitInLight => {
  const whole = visit({});
  return { ...whole, rooms: [signedBy(room({ ...MEASURED, decisions }))] };
};

describe('what the client says after signing', () => {
  const at = '2026-09-25T20:00:00.000Z';
  const no = (more: object = {}) => ({
    ...{ id: 'a', lookId: 'l', candidateId: 'c75', verdict: 'no' as const, words: 'too pink at night', lookedAt: at },
    ...{ handId: 'h', at, undone: false, ...more },
  });
  const v = signed([decision(WALL_SURFACES)]);
  const answered = (...answers: ReturnType<typeof no>[]): VisitInLight => ({
    ...v,
    rooms: v.rooms.map((r) => ({ ...r, answers })),
  });

  test('a “does not suit” stands on schedule and order, and nothing of it is to be bought, until it is signed again', () => {
    const paper = made(answered(no()));
    const says =
      'Test Shell 75 % (north wall, east wall, south wall and west wall): the client has said since that it does not suit, “too pink at night”. Ask before it is bought or painted.';
    expect(paper.rooms[0]!.objections).toEqual([says]);
    expect(paper.beforeOrder).toEqual([`Sitting room: ${says}`]);
    // the client's own sheet speaks to the client
    expect(paper.rooms[0]!.forClient.objections).toEqual([
      'You have said since that Test Shell 75 % (north wall, east wall, south wall and west wall) does not suit. It is settled with you before it is bought.',
    ]);
    expect(paper.order[0]).toMatchObject({ need: '', take: '' });
    expect(scheduleTable(paper).rows[0]!['before_painting']).toBe(says);
    const settled = answered(no()).rooms.map((r) =>
      signedBy(r, { why: 'seen together at night', at: '2026-09-26T09:00:00.000Z' }),
    );
    const after = made({ ...v, rooms: settled });
    expect([after.rooms[0]!.objections, after.beforeOrder]).toEqual([[], []]);
    expect(after.order[0]!.take).toMatch(/ l/);
    expect(after.rooms[0]!.revised).toEqual({ why: 'seen together at night', changes: [] });
  });

  test('what was said before, taken back, or of a colour that is not signed, is none', () => {
    const before = v.rooms.map((r) => signedBy({ ...r, answers: [no()], signatures: [] }));
    expect(made({ ...v, rooms: before }).rooms[0]!.objections).toEqual([]);
    for (const one of [no({ undone: true }), no({ candidateId: 'c100' }), no({ verdict: 'nearly' })])
      expect(made(answered(one)).rooms[0]!.objections).toEqual([]);
  });

  test('so does a “no” of whoever looks again; not one that was judged on a screen', () => {
    const again = (more: object) => ({
      ...v,
      rooms: v.rooms.map((r) => ({ ...r, verdicts: [verdict({ candidateId: 'c75', verdict: 'no', at, ...more })] })),
    });
    expect(made(again({ seen: 'in-room' })).rooms[0]!.objections[0]).toContain('it was refused since it was signed');
    expect(made(again({ seen: 'on-screen' })).rooms[0]!.objections).toEqual([]);
  });
});

test('a revision says at the top what it changed, line by line, and why', () => {
  const v = signed([decision(WALL_SURFACES), decision(['trim'], { finish: 'trim', sheen: 'satin' })]);
  expect(made(v).rooms[0]!.revised).toBeUndefined();
  const rooms = v.rooms.map((r) =>
    signedBy(
      { ...r, decisions: [...r.decisions, decision(['wall-1'], { candidateId: 'c100', coats: 3, undercoat: 'grey' })] },
      { why: 'the east wall on purpose', at: '2026-09-26T09:00:00.000Z' },
    ),
  );
  expect(made({ ...v, rooms }).rooms[0]!.revised).toEqual({
    why: 'the east wall on purpose',
    changes: [
      'east wall: Ferrowmere FR 1 Test Shell at 100 %, wall paint, eggshell, 3 coats, undercoat mid-grey (before: Ferrowmere FR 1 Test Shell at 75 %, wall paint, eggshell, 2 coats)',
    ],
  });
});
