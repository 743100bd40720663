'use client';

import { GROUND_WORDS, preparationFor } from '@/core/handover/preparation';
import { paintSurfaces } from '@/core/derived/paint-surfaces';
import {
  GROUND_STATES,
  GROUNDS_NOW,
  SURFACE_KINDS,
  type GroundNow,
  type Paintwork,
  type SurfaceKind,
} from '@/core/record/paintwork';
import type { Room } from '@/core/record/room';
import { ChoiceField } from '@/ui/field';

const KINDS: Readonly<Record<SurfaceKind, string>> = {
  wall: 'Walls',
  trim: 'Trim',
  door: 'Doors',
  outside: 'Front door, outside',
  cabinets: 'Cabinets',
  'built-in': 'Built-ins',
  ceiling: 'Ceiling',
};

/** What is on each kind of surface now and in which state: asked once, for preparation and primer. */
export function GroundsNow({ room, set }: { readonly room: Room; readonly set: (change: Pick<Paintwork, 'now'>) => void }) {
  const { now } = room.paintwork;
  const here = new Set(paintSurfaces(room).map((s) => s.kind));
  const say = (kind: SurfaceKind, is: GroundNow | undefined) => {
    const { [kind]: _, ...others } = now;
    set({ now: is ? { ...others, [kind]: is } : others });
  };
  return (
    <section aria-label="What is there now" className="grid gap-3">
      <h3 className="font-semibold">What is there now, and its state</h3>
      {SURFACE_KINDS.filter((kind) => here.has(kind)).map((kind) => {
        const of = now[kind];
        return (
          <div key={kind} className="grid grid-cols-[8rem_1fr_1fr] items-end gap-3 max-sm:grid-cols-2">
            <p className="self-center max-sm:col-span-2">{KINDS[kind]}</p>
            <ChoiceField
              label={`${KINDS[kind]}: now`}
              value={of?.is ?? ''}
              onChange={(chosen) => say(kind, chosen === '' ? undefined : { is: chosen, state: of?.state ?? 'sound' })}
            >
              <option value="">not said</option>
              {GROUNDS_NOW.map((is) => (
                <option key={is} value={is}>
                  {GROUND_WORDS[is]}
                </option>
              ))}
            </ChoiceField>
            <ChoiceField
              label={`${KINDS[kind]}: state`}
              value={of?.state ?? 'sound'}
              disabled={!of}
              onChange={(chosen) => of && say(kind, { ...of, state: chosen })}
            >
              {GROUND_STATES.map((state) => (
                <option key={state}>{state}</option>
              ))}
            </ChoiceField>
            {of && <p className="col-span-full text-sm text-soft">{preparationFor(of)?.says}.</p>}
          </div>
        );
      })}
    </section>
  );
}
