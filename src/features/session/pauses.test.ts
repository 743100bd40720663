import { clockByHand } from '../../../tests/session-parts';
import { makePauses } from './pauses';

describe('a pause before a change is written', () => {
  const start = () => {
    const clock = clockByHand();
    const pauses = makePauses(clock.timer);
    const ran: string[] = [];
    const later = (id: string, says: string, ms = 400) => pauses.later(id, ms, () => void ran.push(says));
    return { clock, pauses, ran, later };
  };

  test('it waits, counted as waiting, and is written once the person pauses', async () => {
    const { clock, pauses, ran, later } = start();
    later('sill', 'a');
    expect([ran, pauses.count()]).toEqual([[], 1]);
    await clock.pass(399);
    expect(ran).toEqual([]);
    await clock.pass(1);
    expect([ran, pauses.count()]).toEqual([['a'], 0]);
    await clock.pass(10_000);
    expect(ran).toEqual(['a']);
  });

  test('going on starts the pause again, and only the last is written', async () => {
    const { clock, pauses, ran, later } = start();
    later('sill', 'a');
    await clock.pass(300);
    later('sill', 'b');
    await clock.pass(300);
    expect([ran, pauses.count()]).toEqual([[], 1]);
    await clock.pass(100);
    expect(ran).toEqual(['b']);
  });

  test('when the page goes all that waits is written at once, and not again', async () => {
    const { clock, pauses, ran, later } = start();
    later('sill', 'a');
    later('sofa', 'b');
    pauses.runNow('nothing of that name');
    pauses.runAll();
    expect([ran, pauses.count()]).toEqual([['a', 'b'], 0]);
    await clock.pass(10_000);
    expect(ran).toEqual(['a', 'b']);
  });

  test('whoever looks is told when something begins or ends to wait', () => {
    const { pauses, later } = start();
    const seen: number[] = [];
    const leave = pauses.subscribe(() => seen.push(pauses.count()));
    later('sill', 'a');
    pauses.runNow('sill');
    leave();
    later('sill', 'b');
    expect(seen).toEqual([1, 0]);
  });
});
