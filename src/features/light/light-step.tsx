'use client';

import { Plus, RotateCcw, RotateCw, X } from 'lucide-react';
import { useState } from 'react';
import { v7 } from 'uuid';
import { compassPoint, daylightWords, wallBearingDeg, WALLS, type Wall } from '@/core/room/facing';
import { lengthText, lengthUnit, typedNumber } from '@/core/units/length';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { StepTitle } from '@/ui/step-title';
import { ColourEntry, hexOf, sayColour, saySource } from '../shared/colour-entry';
import { useVisit } from '../shared/visit-context';
import type { LightDraft } from './light-draft';
import { LightMeterReading } from './light-meter';
import { RoomPlan } from './room-plan';
import { useLightDraft, type LightSaving } from './use-light-draft';

type SectionProps = {
  readonly draft: LightDraft;
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (draft: LightDraft) => void;
};

/** New windows and lamps start from these. */
const NEW_WINDOW_M = { width: 1.2, height: 1.3 } as const;
const LAMP_KINDS = [
  { cct: 2700, name: 'warm, 2,700 K' },
  { cct: 3000, name: 'warm white, 3,000 K' },
  { cct: 4000, name: 'neutral white, 4,000 K' },
  { cct: 6500, name: 'daylight white, 6,500 K' },
] as const;
const TURN_DEG = 15;

/** "north-west wall" once the bearing is read, "wall 2" before. */
const wallNames = (bearingDeg: number | null) =>
  WALLS.map((wall) => (bearingDeg === null ? `wall ${wall + 1}` : `${compassPoint(wallBearingDeg(bearingDeg, wall))} wall`));

const readBearing = (text: string): number | null => {
  const bearing = typedNumber(text);
  return bearing >= 0 && bearing <= 360 ? bearing : null;
};

function BearingField({ draft, errors, onChange }: SectionProps) {
  const turn = (by: number) => {
    const from = readBearing(draft.bearing) ?? 0;
    onChange({ ...draft, bearing: String((((Math.round(from) + by) % 360) + 360) % 360) });
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <TextField
        className="w-40"
        label="The thick wall faces"
        unit="°"
        inputMode="decimal"
        placeholder="0–360"
        value={draft.bearing}
        error={errors['bearingDeg']}
        onChange={(e) => onChange({ ...draft, bearing: e.target.value })}
      />
      <Button aria-label={`Turn ${TURN_DEG}° left`} onClick={() => turn(-TURN_DEG)}>
        <RotateCcw aria-hidden size={18} />
      </Button>
      <Button aria-label={`Turn ${TURN_DEG}° right`} onClick={() => turn(TURN_DEG)}>
        <RotateCw aria-hidden size={18} />
      </Button>
      <p className="w-full text-sm text-soft">
        Degrees clockwise from true north, looking out. Never look at the sun while reading a bearing.
      </p>
    </div>
  );
}

function WindowRows({ draft, errors, onChange }: SectionProps) {
  const { visit } = useVisit();
  const unit = lengthUnit(visit.units);
  const names = wallNames(readBearing(draft.bearing));
  const set = (id: string, change: object) =>
    onChange({ ...draft, windows: draft.windows.map((w) => (w.id === id ? { ...w, ...change } : w)) });
  return (
    <section>
      <h2 className="mb-2 text-lg font-semibold">Windows</h2>
      {draft.windows.length === 0 && (
        <p className="text-soft">None yet: tap a wall of the plan. A room without one is judged by its lamps only.</p>
      )}
      <ul className="grid gap-3">
        {draft.windows.map((w, i) => (
          <li key={w.id} className="flex flex-wrap items-end gap-2">
            <ChoiceField
              className="w-44"
              label={`Window ${i + 1} in the`}
              value={String(w.wall)}
              onChange={(e) => set(w.id, { wall: Number(e.target.value) as Wall })}
            >
              {WALLS.map((wall) => (
                <option key={wall} value={wall}>
                  {names[wall]}
                </option>
              ))}
            </ChoiceField>
            <TextField
              className="w-28"
              label="Wide"
              unit={unit}
              inputMode="decimal"
              value={w.width}
              error={errors[`windows.${i}.widthM`]}
              onChange={(e) => set(w.id, { width: e.target.value })}
            />
            <TextField
              className="w-28"
              label="High"
              unit={unit}
              inputMode="decimal"
              value={w.height}
              error={errors[`windows.${i}.heightM`]}
              onChange={(e) => set(w.id, { height: e.target.value })}
            />
            <Button
              aria-label={`Remove window ${i + 1}`}
              onClick={() => onChange({ ...draft, windows: draft.windows.filter((x) => x.id !== w.id) })}
            >
              <X aria-hidden size={18} />
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function LampRows({ draft, errors, onChange }: SectionProps) {
  const set = (id: string, change: object) =>
    onChange({ ...draft, lamps: draft.lamps.map((l) => (l.id === id ? { ...l, ...change } : l)) });
  const add = (cct: number) =>
    onChange({ ...draft, lamps: [...draft.lamps, { id: v7(), name: `Lamp ${draft.lamps.length + 1}`, cct: String(cct) }] });
  return (
    <section>
      <h2 className="mb-2 text-lg font-semibold">Lamps</h2>
      <ul className="grid gap-3">
        {draft.lamps.map((l, i) => (
          <li key={l.id} className="flex flex-wrap items-end gap-2">
            <TextField
              className="w-52"
              label={`Lamp ${i + 1}`}
              value={l.name}
              error={errors[`lamps.${i}.name`]}
              onChange={(e) => set(l.id, { name: e.target.value })}
            />
            <TextField
              className="w-32"
              label="Warmth"
              unit="K"
              inputMode="numeric"
              value={l.cct}
              error={errors[`lamps.${i}.cctK`]}
              onChange={(e) => set(l.id, { cct: e.target.value })}
            />
            <Button
              aria-label={`Remove lamp ${i + 1}`}
              onClick={() => onChange({ ...draft, lamps: draft.lamps.filter((x) => x.id !== l.id) })}
            >
              <X aria-hidden size={18} />
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        {LAMP_KINDS.map((kind) => (
          <Button key={kind.cct} onClick={() => add(kind.cct)}>
            <Plus aria-hidden size={16} /> {kind.name}
          </Button>
        ))}
      </div>
      <p className="mt-2 text-sm text-soft">
        Reading a lamp’s label: switch it off and let it cool. Wiring is for a licensed electrician.
      </p>
    </section>
  );
}

function OldWall({ draft, onChange }: SectionProps) {
  const [open, setOpen] = useState(false);
  return (
    <section>
      <h2 className="mb-2 text-lg font-semibold">Existing wall colour</h2>
      <p className="mb-2 text-sm text-soft">It will be gone, but today it bends everything held against it.</p>
      {draft.oldWall && (
        <div className="mb-3 flex">
          <Patch hex={hexOf(draft.oldWall.lab)} label={sayColour(draft.oldWall.lab)} className="h-24 w-48" />
          <div className="bg-panel p-3">
            <p className="font-semibold">{sayColour(draft.oldWall.lab)}</p>
            <p className="text-sm text-soft">{saySource(draft.oldWall.source)}</p>
          </div>
        </div>
      )}
      <div className="flex gap-2">
        <Dialog
          title="Existing wall colour"
          open={open}
          onOpenChange={setOpen}
          trigger={<Button>{draft.oldWall ? 'Read it again' : 'Read the wall'}</Button>}
        >
          <ColourEntry value={draft.oldWall} onChange={(oldWall) => onChange({ ...draft, oldWall })} />
          <div className="mt-5 flex justify-end">
            <Button look="main" onClick={() => setOpen(false)}>
              Done
            </Button>
          </div>
        </Dialog>
        {draft.oldWall && <Button onClick={() => onChange({ ...draft, oldWall: null })}>Remove</Button>}
      </div>
    </section>
  );
}

const SAVING_WORDS: Record<LightSaving, string> = {
  saved: 'saved',
  saving: 'saving…',
  'not-saved': 'not saved yet: see the mark ▲',
};

/** Which way the room faces, its windows and lamps, and the colour that is on the wall today. */
export function LightStep({ roomId }: { readonly roomId: string }) {
  const { visit } = useVisit();
  const { room, draft, change, errors, saving, conflict, takeNewer, keepMine } = useLightDraft(roomId);
  const bearing = readBearing(draft.bearing);
  const faces = bearing === null ? [] : draft.windows.map((w) => wallBearingDeg(bearing, w.wall));
  const words =
    bearing === null && draft.windows.length > 0
      ? 'read the bearing to know the light'
      : daylightWords(faces, visit.place.latitude);
  const addWindow = (wall: Wall) => {
    const text = (m: number) => lengthText(m, visit.units);
    change({
      ...draft,
      windows: [...draft.windows, { id: v7(), wall, width: text(NEW_WINDOW_M.width), height: text(NEW_WINDOW_M.height) }],
    });
  };
  const section = { draft, errors, onChange: change };
  return (
    <div className="p-5">
      <StepTitle title={`${room.name}: the light`} aside={words}>
        <p role="status" data-saving={saving} className="py-2 text-sm text-soft">
          {SAVING_WORDS[saving]}
        </p>
      </StepTitle>
      {conflict && (
        <div role="alert" className="mb-4 flex flex-wrap items-center gap-3 border-2 border-ink bg-raised p-3">
          <p className="flex-1">This room was changed in another window meanwhile. Nothing is lost: which one shall stand?</p>
          <Button onClick={takeNewer}>Show the newer one</Button>
          <Button look="main" onClick={keepMine}>
            Save mine
          </Button>
        </div>
      )}
      {errors['form'] && <FieldError>{errors['form']}</FieldError>}
      <div className="grid items-start gap-8 lg:grid-cols-[minmax(16rem,26rem)_minmax(0,1fr)]">
        <div className="grid gap-3">
          <RoomPlan bearingDeg={bearing} windows={draft.windows} wallNames={wallNames(bearing)} onAddWindow={addWindow} />
          <p className="text-center text-sm text-soft">Tap a wall to put a window in it.</p>
          <BearingField {...section} />
        </div>
        <div className="grid gap-7">
          <WindowRows {...section} />
          <LampRows {...section} />
          <OldWall {...section} />
          <LightMeterReading roomId={roomId} />
        </div>
      </div>
    </div>
  );
}
