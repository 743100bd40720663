'use client';

import { ASSUMED } from '@/core/light/assumptions';
import type { Assumed } from '@/core/derived/describe-room';
import type { Room } from '@/core/record/room';
import type { DayAnswer, DayRequest, DaylightFactorAnswer } from '@/core/engine/light-protocol';
import { inUnits } from '@/core/units/length';
import { Explain } from '@/ui/explain';
import { latest, useDaylightFactor } from '../light-client/light-worker';
import { momentIndex } from '../light-client/room-day';
import { useHome } from '../session/visit-context';
import { useCursorPart, useSetCursor } from '../cursor/cursor';
import { sayClock, sayKelvin, sayLux, sayPosition } from '../words/say-light';

const ASSUMED_WORDS: Readonly<Record<Assumed, string>> = {
  size: `size (${ASSUMED.roomWidthM.value} m × ${ASSUMED.roomDepthM.value} m × ${ASSUMED.roomHeightM.value} m)`,
  bearing: 'bearing (north)',
  walls: 'wall colour (a light grey)',
  floor: 'floor (a mid grey)',
  ceiling: 'ceiling (white)',
  sills: `sill height (${ASSUMED.sillM.value} m)`,
};

/** What of the room was not measured and is taken as usual. */
export function AssumedLine({ assumed }: { readonly assumed: readonly Assumed[] }) {
  const { units } = useHome();
  if (assumed.length === 0) return null;
  return (
    <p className="text-sm text-soft">
      Taken as usual until measured: {assumed.map((a) => inUnits(ASSUMED_WORDS[a], units)).join(', ')}.
    </p>
  );
}

type Props = {
  readonly room: Room;
  readonly day: DayAnswer;
  /** The room as its light is computed. */
  readonly description: DayRequest['room'];
  readonly zone: string;
  readonly position: string;
  readonly scale: number;
};

/** "daylight factor 2.1 % by the formula, 2.9 % computed"; of a room that has its light through doors the second alone. */
const sayFactor = ({ formula, computed }: DaylightFactorAnswer): string =>
  formula > 0
    ? `daylight factor ${formula.toFixed(1)} % by the formula, ${computed.toFixed(1)} % computed`
    : `daylight factor ${computed.toFixed(1)} % computed, by what comes through its doors`;

/** What falls on each position at the cursor, and the daylight factor. */
export function LightResults({ room, day, description, zone, position, scale }: Props) {
  const factor = latest(useDaylightFactor(description));
  const at = useCursorPart((m) => m.at);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const set = useSetCursor();
  const lights = (lampsOn ? day.withLamps : day.daylight)[momentIndex(day, at)]!;
  return (
    <section className="grid gap-2" aria-label="Computed light">
      <h2 className="text-lg font-semibold">At {sayClock(at, zone)}</h2>
      <table className="w-full text-[0.9375rem]">
        <thead className="sr-only">
          <tr>
            <th>Where</th>
            <th>Tint</th>
            <th>Illuminance</th>
            <th>Temperature</th>
          </tr>
        </thead>
        <tbody>
          {day.positions.map((name, p) => {
            const { lux, cctK, duv, hex } = lights[p]!;
            return (
              <tr key={name} className={name === position ? 'bg-raised font-semibold' : ''}>
                <td>
                  <button
                    type="button"
                    aria-pressed={name === position}
                    onClick={() => set({ position: name })}
                    className="min-h-11 w-full cursor-pointer px-2 text-left"
                  >
                    {sayPosition(room, name)}
                  </button>
                </td>
                <td className="w-8" aria-hidden>
                  {cctK !== null && <span data-patch={hex} className="block h-8 w-8" style={{ backgroundColor: hex }} />}
                </td>
                <td className="px-2 text-right tabular-nums">{sayLux(lux * scale)}</td>
                <td className="px-2 text-right tabular-nums" title={duv === null ? undefined : `Duv ${duv.toFixed(3)}`}>
                  {sayKelvin(cctK)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {factor && factor.computed > 0.005 && (
        <p className="text-[0.9375rem]">
          <Explain
            label="Daylight factor"
            why="Share of the outdoor light under an overcast sky that reaches the working plane, 0.85 m up: by the published average daylight factor, τ Aw θ / (A (1 − R²)) (Crisp & Littlefair 1984), and as computed here from sky, ground and bounces. Beside a window the computed one runs higher: the formula spreads the light over all faces alike."
          >
            {sayFactor(factor)}
          </Explain>
        </p>
      )}
      <p className="text-sm text-soft">
        Predicted from place, time, sky and what is recorded here; a light meter can correct it.
      </p>
    </section>
  );
}
