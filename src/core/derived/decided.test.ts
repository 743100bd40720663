import { decision as made, WALL_SURFACES } from '../../../tests/made-up-decision';
import type { Decision } from '@/core/record/decision';
import { candidate, room } from '../../../tests/made-up-room';
import { decidedRoom, focalWall, sayDecided, toSign } from './decided';

const decision = (surfaces: string[], more: Partial<Decision> = {}): Decision => made(surfaces, { candidateId: 'c100', ...more });

const of = (decided: ReturnType<typeof decidedRoom>, id: string) => decided.surfaces.find((s) => s.surface.id === id);

test('the last that was said of a surface holds; what is taken back does not; opened again it is open', () => {
  const decided = decidedRoom(
    room({
      decisions: [
        decision(WALL_SURFACES),
        decision(['wall-1'], { candidateId: 'c75', sheen: 'matte' }),
        decision(['wall-2'], { candidateId: 'c75', undone: true }),
        decision(['wall-3'], { what: 'open', candidateId: null }),
        decision(['ceiling'], { what: 'leave', candidateId: null }),
      ],
    }),
  );
  expect(of(decided, 'wall-0')?.candidate?.id).toBe('c100');
  expect(of(decided, 'wall-1')?.choice).toMatchObject({ candidateId: 'c75', sheen: 'matte' });
  expect(of(decided, 'wall-2')?.candidate?.id).toBe('c100');
  expect(of(decided, 'ceiling')).toMatchObject({ choice: { what: 'leave' }, candidate: undefined });
  expect(decided.open.map((s) => s.id)).toEqual(['wall-3', 'trim']);
  expect(decided.painted).toHaveLength(3);
  expect(sayDecided(decided)).toBe('4 of 6 surfaces');
});

test('what is signed stays signed until something else holds', () => {
  const decisions = [decision(WALL_SURFACES), decision(['trim'], { sheen: 'satin', finish: 'trim' })];
  const signature = (made: ReturnType<typeof decidedRoom>) => ({
    id: 's1',
    signedBy: 'Test Name',
    signedOn: '2026-09-24',
    why: '',
    leftOpen: '',
    before: { decisions: 2, verdicts: 0, answers: 0, reactions: 0 },
    decided: toSign(made),
    at: '2026-09-24T09:00:00.000Z',
  });
  const signed = { ...room({ decisions }), signatures: [signature(decidedRoom(room({ decisions })))] };
  expect(decidedRoom(signed)).toMatchObject({ revision: 1, changed: false });
  expect(sayDecided(decidedRoom(signed))).toBe('5 of 6 surfaces, signed');
  const later = { ...signed, decisions: [...decisions, decision(['trim'], { sheen: 'gloss', finish: 'trim' })] };
  expect(of(decidedRoom(later), 'trim')?.signed).toBe('changed');
  expect(sayDecided(decidedRoom(later))).toContain('changed since signed');
  // said again as it was, it is as signed
  const back = { ...later, decisions: [...later.decisions, decision(['trim'], { sheen: 'satin', finish: 'trim' })] };
  expect(decidedRoom(back).changed).toBe(false);
  // other words for the same choice are no other choice
  const reworded = {
    ...signed,
    decisions: [...decisions, decision(['trim'], { sheen: 'satin', finish: 'trim', why: 'it rests' })],
  };
  expect(decidedRoom(reworded).changed).toBe(false);
  // what was added after it is not signed
  const added = { ...signed, decisions: [...decisions, decision(['ceiling'])] };
  expect(of(decidedRoom(added), 'ceiling')?.signed).toBe('never');
  expect(decidedRoom(added).changed).toBe(true);
});

test('a surface that is not there any more is changed, and its decision waits for it', () => {
  const paintwork = { doors: [], rails: [{ wall: 0 as const, heightM: 1 }], skirtingM: null, now: {}, extras: [] };
  const decisions = [decision(['wall-0', 'wall-0-below'])];
  const parted = decidedRoom(room({ decisions, paintwork }));
  expect(of(parted, 'wall-0-below')?.candidate?.id).toBe('c100');
  const whole = decidedRoom(room({ decisions }));
  expect(of(whole, 'wall-0-below')).toBeUndefined();
  expect(of(whole, 'wall-0')?.candidate?.id).toBe('c100');
});

test('a colour that was taken out of the room is still known', () => {
  const made = room({ decisions: [decision(['trim'])] });
  const out = { ...made, candidates: [], retired: { ...made.retired, candidates: [candidate('c100', 100)] } };
  expect(of(decidedRoom(out), 'trim')?.candidate?.name).toBe('Test Shell');
});

test('the focal wall is the one alone in its colour beside two or more of another', () => {
  const walls = (focal: string) =>
    decidedRoom(room({ decisions: [decision(WALL_SURFACES), decision([focal], { candidateId: 'c75' })] }));
  expect(focalWall(walls('wall-1'))).toBe('wall-1');
  expect(focalWall(decidedRoom(room({ decisions: [decision(WALL_SURFACES)] })))).toBeUndefined();
  expect(focalWall(decidedRoom(room({ decisions: [decision(['wall-1'])] })))).toBeUndefined();
});
