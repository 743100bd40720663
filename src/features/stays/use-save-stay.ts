'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import { coveredByOthers } from '@/core/operations/entry-issues';
import type { WriteOf } from '@/core/operations/operations';
import type { Room } from '@/core/record/room';
import type { RecordedStay } from '@/core/record/stay';
import { checkWrite } from '../session/check-write';
import { PAUSE_MS, windowPauses } from '../session/use-pauses';
import { useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import type { NewStay } from '../drawings/new-stay';

type StayWrite = WriteOf<'stay.save'>;

/** The write that states a thing as it is. */
export const writeOfStay = (roomId: string, { id, name, ordinal: _, ...rest }: RecordedStay): StayWrite => ({
  name: 'stay.save',
  roomId,
  stayId: id,
  stay: name,
  ...rest,
});

/** Share of a face that something keeps at least when another is laid on it. */
const LEAST_COVER = 0.05;

/** The widest thing on the face a new one lies on, with the room it has to make; undefined when there is room. */
function makesRoom(room: Room, write: Pick<StayWrite, 'stayId' | 'lies' | 'cover'>): RecordedStay | undefined {
  const others = coveredByOthers(room, write);
  const over = others.reduce((sum, s) => sum + s.cover, write.lies === null ? 0 : write.cover) - 1;
  const widest = others.reduce<RecordedStay | undefined>((p, q) => (p && p.cover >= q.cover ? p : q), undefined);
  if (over <= 0 || !widest) return undefined;
  return { ...widest, cover: Math.max(LEAST_COVER, Math.round((widest.cover - over) * 1000) / 1000) };
}

/** Records a new thing; what lies under it makes room, in one step with it. */
export function useNewStay(room: Room): (stay: NewStay) => string {
  const write = useVisitWrite();
  return (stay) => {
    const stayId = v7();
    const { name, ...rest } = stay;
    const save: StayWrite = {
      name: 'stay.save',
      roomId: room.id,
      revision: null,
      stayId,
      stay: name,
      school: 'share',
      picture: null,
      ...rest,
    };
    const under = makesRoom(room, save);
    write(under ? [writeOfStay(room.id, under), save] : save);
    if (under) toast(`${under.name} is seen on ${Math.round(under.cover * 100)} % of the ${under.lies} now`);
    return stayId;
  };
}

/** A thing that is shown at once as it is changed, and saved a moment later. */
export function useStayDraft(room: Room, stayId: string) {
  const write = useVisitWrite();
  const stored = room.stays.find((s) => s.id === stayId);
  const [draft, setDraft] = useState<RecordedStay>();
  const [error, setError] = useState<string>();
  const pending = useRef<RecordedStay | undefined>(undefined);
  const latest = useRef({ room, stored });
  useEffect(() => {
    latest.current = { room, stored };
  });
  const flush = useCallback(async () => {
    const next = pending.current;
    pending.current = undefined;
    const { room: now, stored: before } = latest.current;
    if (!next || !before) return;
    const checked = checkWrite(writeOfStay(now.id, { ...next, revision: before.revision }), now);
    if (!checked.ok) return setError(Object.values(checked.errors)[0]);
    setError(undefined);
    const result = write(checked.write, { answers: true }).result;
    setDraft(undefined);
    const told = await result;
    if (!told.ok) setError(sayRefusal(told));
  }, [write]);
  const id = `stay.${stayId}`;
  useEffect(() => () => void windowPauses().runNow(id), [id, flush]);
  const shown = draft ?? stored;
  return {
    stay: shown,
    error,
    /** At once, or a moment after the last of many small changes. */
    change(part: Partial<RecordedStay>, { soon = false } = {}) {
      if (!shown) return;
      const next = { ...shown, ...part };
      pending.current = next;
      setDraft(next);
      windowPauses().later(id, PAUSE_MS, () => void flush());
      if (!soon) windowPauses().runNow(id);
    },
  };
}
