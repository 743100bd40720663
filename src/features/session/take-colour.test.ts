import { candidate, room } from '../../../tests/made-up-room';
import { candidateIdOf } from './take-colour';

const ROOM = '0190c5c0-0000-7000-8000-000000000001';
const here = (more = {}) => room({ id: ROOM, candidates: [], ...more });

describe('the id of a colour in a room', () => {
  test('is the same for whoever takes it, and another for another room, colour or strength', () => {
    const id = candidateIdOf(here(), 'FR:FR 1', 75);
    expect(candidateIdOf(here(), 'FR:FR 1', 75)).toBe(id);
    const others = [
      candidateIdOf(here(), 'FR:FR 1', 50),
      candidateIdOf(here(), 'FR:FR 2', 75),
      candidateIdOf(here({ id: ROOM.replace(/1$/, '2') }), 'FR:FR 1', 75),
    ];
    expect(new Set([id, ...others]).size).toBe(4);
    expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-5[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  });

  test('is its own of before where it was in the room, taken out or not', () => {
    expect(candidateIdOf(here({ candidates: [candidate('old', 75)] }), 'FR:FR 1', 75)).toBe('old');
    const retired = { ...room().retired, candidates: [candidate('gone', 50)] };
    expect(candidateIdOf(here({ retired }), 'FR:FR 1', 50)).toBe('gone');
  });
});
