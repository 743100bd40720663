'use client';

import { Settings2 } from 'lucide-react';
import { useState, type ComponentProps } from 'react';
import { clockText, wallClock } from '@/core/light/time-zone';
import { SKIES, type SkyName } from '@/core/light/outdoors';
import { DRYING_HOURS, TOLERANCES, type PlanSettings } from '@/core/record/plan-settings';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Dialog } from '@/ui/dialog';
import { ChoiceField, TextField } from '@/ui/field';
import { useCursorPart } from '../cursor/cursor';
import { instantOf } from '@/core/light/day-moments';
import { useHome, useVisitWrite } from '../session/visit-context';

const SKY_NAMES: Readonly<Record<SkyName, string>> = { clear: 'clear', broken: 'sun and clouds', overcast: 'overcast' };

/** Hours of a time as it is typed, "09:30"; undefined for text that is none. */
export function hourOfText(text: string): number | undefined {
  const found = /^(\d{1,2}):(\d\d)$/.exec(text);
  if (!found) return undefined;
  const hour = Number(found[1]) + Number(found[2]) / 60;
  return hour <= 24 ? hour : undefined;
}

type TimeProps = Omit<ComponentProps<typeof TextField>, 'type' | 'defaultValue' | 'onChange'> & {
  readonly hour: number | undefined;
  readonly onHour: (hour: number) => void;
};
/** A time of day; kept as soon as it is one. */
const TimeField = ({ hour, onHour, ...rest }: TimeProps) => (
  <TextField
    {...rest}
    type="time"
    defaultValue={hour === undefined ? '' : clockText(hour)}
    onChange={(e) => {
      const said = hourOfText(e.target.value);
      if (said !== undefined) onHour(said);
    }}
  />
);

type PartProps = { readonly plan: PlanSettings; readonly set: (change: Partial<PlanSettings>) => void };

function ExpectedSkies({ plan, set }: PartProps) {
  const toggle = (sky: SkyName) =>
    set({
      skies: plan.skies.includes(sky)
        ? plan.skies.filter((s) => s !== sky)
        : SKIES.filter((s) => s === sky || plan.skies.includes(s)),
    });
  return (
    <div role="group" aria-label="Sky to be expected then">
      <p aria-hidden className="mb-1 text-sm text-soft">
        Sky to be expected then
      </p>
      <div className="flex flex-wrap gap-1.5">
        {SKIES.map((sky) => (
          <Chip key={sky} on={plan.skies.includes(sky)} onClick={() => toggle(sky)}>
            {SKY_NAMES[sky]}
          </Chip>
        ))}
      </div>
      <p className="mt-1 text-sm text-soft">Looks that need another sky go to the client.</p>
    </div>
  );
}

/** When the samples had their first coat: nothing is looked at before they are dry. */
function FirstCoat({ plan, set }: PartProps) {
  const visit = useHome();
  const date = useCursorPart((m) => m.date);
  const zone = visit.place.timeZone;
  const painted = plan.paintedAt === null ? undefined : wallClock(Date.parse(plan.paintedAt), zone);
  const dry = plan.paintedAt === null ? undefined : wallClock(Date.parse(plan.paintedAt) + DRYING_HOURS * 3_600_000, zone);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <TimeField
        key={plan.paintedAt}
        label="Samples painted at (first coat)"
        className="w-56"
        hour={painted?.hours}
        onHour={(hour) => set({ paintedAt: new Date(instantOf(date, zone, hour)).toISOString() })}
        hint={
          painted && dry
            ? `Two coats: no look before ${clockText(dry.hours)}${painted.date === date ? '' : `, painted ${painted.date}`}`
            : 'Sheets and dry boards can be looked at at once.'
        }
      />
      {painted && <Button onClick={() => set({ paintedAt: null })}>All are dry</Button>}
    </div>
  );
}

/** What looks are planned by; each change plans anew. */
export function PlanSettingsDialog() {
  const visit = useHome();
  const write = useVisitWrite();
  const { plan } = visit;
  const [open, setOpen] = useState(false);
  const set = (change: Partial<PlanSettings>) => write({ name: 'visit.plan', visitId: visit.id, plan: { ...plan, ...change } });
  return (
    <Dialog
      title="What looks are planned by"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button>
          <Settings2 aria-hidden size={18} /> Plan by
        </Button>
      }
    >
      <div className="grid gap-4">
        <ChoiceField
          label="A change counts from"
          value={String(plan.toleranceE)}
          onChange={(chosen) => set({ toleranceE: Number(chosen) })}
          hint="ΔE (CIEDE2000): 1 is just seen side by side, 3 is seen from one hour to another. Smaller means more looks."
        >
          {TOLERANCES.map((t) => (
            <option key={t} value={t}>
              ΔE {t}
            </option>
          ))}
        </ChoiceField>
        <div className="grid grid-cols-2 gap-3">
          <TimeField label="In the house from" hour={plan.fromHour} onHour={(fromHour) => set({ fromHour })} />
          <TimeField
            label="to"
            hour={plan.toHour}
            onHour={(toHour) => set({ toHour })}
            error={plan.toHour <= plan.fromHour ? 'It ends before it begins: every look is the client’s.' : undefined}
          />
        </div>
        <ExpectedSkies {...{ plan, set }} />
        <FirstCoat {...{ plan, set }} />
      </div>
    </Dialog>
  );
}
