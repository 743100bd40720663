'use client';

import { Settings2 } from 'lucide-react';
import { useState } from 'react';
import { clockText, wallClock } from '@/core/light/time-zone';
import { SKIES, type SkyName } from '@/core/light/outdoors';
import { DRYING_HOURS, TOLERANCES, type PlanSettings } from '@/core/record/plan-settings';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Dialog } from '@/ui/dialog';
import { ChoiceField, TextField } from '@/ui/field';
import { useCursorPart } from '../cursor/cursor';
import { instantOf } from '@/core/light/day-moments';
import { useVisit } from '../session/visit-context';

const SKY_NAMES: Readonly<Record<SkyName, string>> = { clear: 'clear', broken: 'sun and clouds', overcast: 'overcast' };

/** Hours of a time as it is typed, "09:30"; undefined for text that is none. */
export function hourOfText(text: string): number | undefined {
  const found = /^(\d{1,2}):(\d\d)$/.exec(text);
  if (!found) return undefined;
  const hour = Number(found[1]) + Number(found[2]) / 60;
  return hour <= 24 ? hour : undefined;
}

/** What looks are planned by; each change plans anew. */
export function PlanSettingsDialog() {
  const { visit, write } = useVisit();
  const { plan } = visit;
  const date = useCursorPart((m) => m.date);
  const zone = visit.place.timeZone;
  const [open, setOpen] = useState(false);
  const set = (change: Partial<PlanSettings>) => write({ name: 'visit.plan', visitId: visit.id, plan: { ...plan, ...change } });
  const painted = plan.paintedAt && wallClock(Date.parse(plan.paintedAt), zone);
  const toggle = (sky: SkyName) =>
    set({
      skies: plan.skies.includes(sky)
        ? plan.skies.filter((s) => s !== sky)
        : SKIES.filter((s) => s === sky || plan.skies.includes(s)),
    });
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
          <TextField
            label="In the house from"
            type="time"
            defaultValue={clockText(plan.fromHour)}
            onChange={(e) => {
              const hour = hourOfText(e.target.value);
              if (hour !== undefined) set({ fromHour: hour });
            }}
          />
          <TextField
            label="to"
            type="time"
            defaultValue={clockText(plan.toHour)}
            error={plan.toHour <= plan.fromHour ? 'It ends before it begins: every look is the client’s.' : undefined}
            onChange={(e) => {
              const hour = hourOfText(e.target.value);
              if (hour !== undefined) set({ toHour: hour });
            }}
          />
        </div>
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
        <div className="flex flex-wrap items-end gap-3">
          <TextField
            key={plan.paintedAt}
            label="Samples painted at (first coat)"
            type="time"
            className="w-56"
            defaultValue={painted ? clockText(painted.hours) : ''}
            onChange={(e) => {
              const hour = hourOfText(e.target.value);
              if (hour !== undefined) set({ paintedAt: new Date(instantOf(date, zone, hour)).toISOString() });
            }}
            hint={
              painted
                ? `Two coats: no look before ${clockText(wallClock(Date.parse(plan.paintedAt!) + DRYING_HOURS * 3_600_000, zone).hours)}${painted.date === date ? '' : `, painted ${painted.date}`}`
                : 'Sheets and dry boards can be looked at at once.'
            }
          />
          {plan.paintedAt && <Button onClick={() => set({ paintedAt: null })}>All are dry</Button>}
        </div>
      </div>
    </Dialog>
  );
}
