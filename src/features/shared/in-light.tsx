'use client';

import { latest } from './room-light';
import { createContext, useContext, useDeferredValue, useMemo, type ReactNode } from 'react';
import type { Lab } from '@/core/colour/types';
import type { BandsAnswer, Swatch } from '@/workers/protocol';
import { ChoiceRow } from '@/ui/choice-row';
import { useKeys } from '@/ui/use-keys';
import { hexOf } from './colour-entry';
import { useMomentPart, useSetMoment } from './moment';
import { momentIndex, useLooksOf, useRoomBands, useRoomDay } from './room-day';
import { sayClock } from './say-light';
import { useVisit } from './visit-context';

/** The screen colour of something by its id; its deck colour where no look is known. */
type Paint = (id: string, lab: Lab) => string;

const asInDeck: Paint = (_, lab) => hexOf(lab);
const Context = createContext<Paint>(asInDeck);

/** What paints a patch: as in the deck, or as it looks at the cursor. */
export const usePaint = (): Paint => useContext(Context);

/** A dark room: everything is the same dark grey. */
const NIGHT_HEX = '#262626';

/** What paints the swatches of some bands at the cursor; any other colour as `otherwise` does. */
function usePaintOf(roomId: string, bands: BandsAnswer | undefined, otherwise: Paint): Paint {
  const shown = useMomentPart((m) => m.shown);
  const moments = latest(useRoomDay(roomId));
  // patches may lag behind the cursor by a frame or two, so that it never waits for them
  const index = useDeferredValue(useMomentPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const byId = useMemo(() => new Map(bands?.bands.map((b) => [b.id, b.looks])), [bands]);
  return useMemo((): Paint => {
    if (shown === 'in-deck' || byId.size === 0) return otherwise;
    return (id, lab) => {
      const looks = byId.get(id);
      return looks ? (looks[index]?.hex ?? NIGHT_HEX) : otherwise(id, lab);
    };
  }, [shown, byId, index, otherwise]);
}

type Inside = { readonly roomId: string; readonly children: ReactNode };

/** Paints everything inside as it looks in a room at the cursor, as long as that is what is shown. */
export function InLight({ roomId, children }: Inside) {
  const paint = usePaintOf(roomId, latest(useRoomBands(roomId)), asInDeck);
  return <Context value={paint}>{children}</Context>;
}

/** The same for colours that are not in the room; what is, is painted as outside. */
export function AlsoInLight({ roomId, swatches, children }: Inside & { readonly swatches: readonly Swatch[] }) {
  const paint = usePaintOf(roomId, latest(useLooksOf(roomId, swatches)), usePaint());
  return <Context value={paint}>{children}</Context>;
}

/** As it looks at the cursor, or as in the deck. */
export function ShownSwitch() {
  const { visit } = useVisit();
  const shown = useMomentPart((m) => m.shown);
  const at = useMomentPart((m) => m.at);
  const set = useSetMoment();
  useKeys({ v: () => set({ shown: shown === 'in-light' ? 'in-deck' : 'in-light' }) });
  return (
    <ChoiceRow
      label="Colours shown"
      value={shown}
      onChange={(next) => set({ shown: next })}
      options={[
        { value: 'in-light', label: `As it looks at ${sayClock(at, visit.place.timeZone)}` },
        { value: 'in-deck', label: 'As in the deck' },
      ]}
    />
  );
}
