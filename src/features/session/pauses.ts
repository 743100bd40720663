import type { Timer } from './ports';
import { makeListeners } from '@/ui/listeners';

/**
 * What was changed and waits for the person to pause before it is written: it is not saved yet, and goes out at once when the page goes.
 */
export function makePauses(timer: Timer) {
  const waiting = new Map<string, { readonly run: () => void; readonly stop: () => void }>();
  const { tell, subscribe } = makeListeners();
  /** Runs what waits under this id; false when nothing does. */
  function runNow(id: string): boolean {
    const held = waiting.get(id);
    if (!held) return false;
    held.stop();
    waiting.delete(id);
    held.run();
    tell();
    return true;
  }
  return {
    /** Runs after so many milliseconds; instead of what waits under this id already. */
    later(id: string, ms: number, run: () => void): void {
      waiting.get(id)?.stop();
      waiting.set(id, { run, stop: timer(ms, () => void runNow(id)) });
      tell();
    },
    runNow,
    runAll(): void {
      for (const id of [...waiting.keys()]) runNow(id);
    },
    /** How many wait. */
    count: (): number => waiting.size,
    subscribe,
  };
}
export type Pauses = ReturnType<typeof makePauses>;
