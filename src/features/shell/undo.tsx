'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { useSyncExternalStore } from 'react';
import { toast } from 'sonner';
import { useSay } from '@/speech/local-words';
import { EVERYWHERE } from '../words/everywhere-keys';
import { useTableKeys } from '@/ui/use-keys';
import type { History } from '../session/history';
import { addressOf, type Step } from '../session/address';
import { useHistory, useVisit, useVisitWrite } from '../session/visit-context';
import { goTo } from '../session/where';
import { sayStep } from '../words/say-step';
import { sayRefusal } from '../words/words';

const NOTHING: History = { done: [], undone: [] };
/** What was said last stands alone. */
const TOAST = 'undo';

/**
 * Takes back what was written last in this visit, whatever it was, goes to where it was written, and says what it was; and does it again.
 */
function useUndo() {
  const visit = useVisit();
  const write = useVisitWrite();
  const history = useHistory();
  const say = useSay();
  const { done, undone } = useSyncExternalStore(history.subscribe, history.state, () => NOTHING);
  const go = (way: 'undo' | 'redo') => {
    const taken = history[way](visit);
    if (!taken) return;
    const step = 'step' in taken ? taken.step : taken.changedSince;
    const more = step.parts.length > 1 ? `, and ${step.parts.length - 1} more with it` : '';
    const says = say(sayStep(step.parts.at(-1)!.write, visit) + more);
    if (!('step' in taken)) {
      toast.error(`Changed since, so it stays as it is: ${says}`, { id: TOAST });
      return;
    }
    const { roomId, step: on, at } = step.place;
    if (roomId && visit.rooms.some((r) => r.id === roomId))
      goTo(addressOf({ visitId: visit.id, roomId, step: on as Step | undefined, ...(at ? { at } : {}) }));
    void write(taken.writes, { noted: false, answers: true }).result.then((result) => {
      if (!result.ok) toast.error(sayRefusal(result), { id: TOAST });
    });
    toast(`${way === 'undo' ? 'Undid' : 'Did again'}: ${says}`, { id: TOAST });
  };
  const undo = () => go('undo');
  const redo = () => go('redo');
  useTableKeys(EVERYWHERE, { undo, redo });
  const last = (steps: History['done']) => (steps.length === 0 ? undefined : sayStep(steps.at(-1)!.parts.at(-1)!.write, visit));
  return { undo, redo, toUndo: last(done), toRedo: last(undone) };
}

/** Undo and redo, for everything that is written in a visit. */
export function Undo() {
  const { undo, redo, toUndo, toRedo } = useUndo();
  const look = 'grid size-11 cursor-pointer place-items-center hover:bg-raised disabled:cursor-default disabled:text-line-strong';
  return (
    <>
      <button
        type="button"
        className={look}
        disabled={!toUndo}
        onClick={undo}
        aria-label="Undo"
        title={`Undo${toUndo ? `: ${toUndo}` : ''} (Z)`}
      >
        <Undo2 aria-hidden size={20} />
      </button>
      <button
        type="button"
        className={look}
        disabled={!toRedo}
        onClick={redo}
        aria-label="Redo"
        title={`Do again${toRedo ? `: ${toRedo}` : ''} (Shift+Z)`}
      >
        <Redo2 aria-hidden size={20} />
      </button>
    </>
  );
}
