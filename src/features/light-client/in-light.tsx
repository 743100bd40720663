'use client';

import { latest } from './light-worker';
import { createContext, useContext, useDeferredValue, useMemo, type ReactNode } from 'react';
import type { Lab } from '@/core/colour/types';
import type { Swatch } from '@/core/engine/light-protocol';
import { ChoiceRow } from '@/ui/choice-row';
import { EVERYWHERE } from '../words/everywhere-keys';
import { useTableKeys } from '@/ui/use-keys';
import { hexOf } from '../words/say-colour';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { momentIndex, useLooksAtCursor, useRoomBands, useRoomDay } from './room-day';
import { sayClock } from '../words/say-light';
import { useHome } from '../session/visit-context';

/** The screen colour of something by its id; its deck colour where no look is known. */
type Paint = (id: string, lab: Lab) => string;

const asInDeck: Paint = (_, lab) => hexOf(lab);
const Context = createContext<Paint>(asInDeck);

/** What paints a patch: as in the deck, or as it looks at the cursor. */
export const usePaint = (): Paint => useContext(Context);

/** A dark room: everything is the same dark grey. */
const NIGHT_HEX = '#262626';

type Inside = { readonly roomId: string; readonly children: ReactNode };

/** Paints everything inside as it looks in a room at the cursor, as long as that is what is shown. */
export function InLight({ roomId, children }: Inside) {
  const shown = useCursorPart((m) => m.shown);
  const day = useRoomDay(roomId);
  const bands = useRoomBands(roomId);
  const moments = latest(day);
  const answer = latest(bands);
  // patches may lag behind the cursor by a frame or two, so that it never waits for them
  const index = useDeferredValue(useCursorPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const byId = useMemo(() => new Map(answer?.bands.map((b) => [b.id, b.looks])), [answer]);
  const paint = useMemo((): Paint => {
    if (shown === 'in-deck' || byId.size === 0) return asInDeck;
    return (id, lab) => {
      const looks = byId.get(id);
      return looks ? (looks[index]?.hex ?? NIGHT_HEX) : hexOf(lab);
    };
  }, [shown, byId, index]);
  return <Context value={paint}>{children}</Context>;
}

/** Paints colours that are not in the room too; what is, is painted as outside. */
export function AlsoInLight({ roomId, swatches, children }: Inside & { readonly swatches: readonly Swatch[] }) {
  const outside = usePaint();
  const name = useMemo(() => swatches.map((s) => s.id).join(), [swatches]);
  const labs = useMemo(() => swatches.map((s) => s.lab), [swatches]);
  const hexes = useLooksAtCursor(roomId, name, labs);
  const paint = useMemo((): Paint => {
    if (!hexes) return outside;
    const byId = new Map(swatches.map((s, i) => [s.id, hexes[i]]));
    return (id, lab) => byId.get(id) ?? outside(id, lab);
  }, [hexes, swatches, outside]);
  return <Context value={paint}>{children}</Context>;
}

/** Whether colours shown in the light of a room are still those of another light, while this one is computed. */
export function useOldLight(roomId: string): boolean {
  const shown = useCursorPart((m) => m.shown);
  const day = useRoomDay(roomId);
  const bands = useRoomBands(roomId);
  return shown === 'in-light' && (day.state === 'computing' || bands.state === 'computing');
}

/** As it looks at the cursor, or as in the deck. */
export function ShownSwitch() {
  const visit = useHome();
  const shown = useCursorPart((m) => m.shown);
  const at = useCursorPart((m) => m.at);
  const set = useSetCursor();
  useTableKeys(EVERYWHERE, { shown: () => set({ shown: shown === 'in-light' ? 'in-deck' : 'in-light' }) });
  return (
    <ChoiceRow
      label="Colours shown"
      value={shown}
      onChange={(next) => set({ shown: next })}
      options={[
        {
          value: 'in-light',
          label: (
            <span>
              <span className="fold:hidden">As it looks at</span> {sayClock(at, visit.place.timeZone)}
            </span>
          ),
        },
        {
          value: 'in-deck',
          label: (
            <span>
              <span className="fold:hidden">As in the</span> deck
            </span>
          ),
        },
      ]}
    />
  );
}
