'use client';

import { habitsOf } from '@/core/units/habits';
import { FileJson, FileSpreadsheet, FileText, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { PERSONS, type Person } from '@/core/judge/ruling';
import type { RecordView } from '@/core/derived/cell';
import { hitRate } from '@/core/derived/hit-rate';
import { roomRecord, type RoomRecord } from '@/core/derived/room-record';
import type { Room } from '@/core/record/room';
import type { Visit } from '@/core/record/visit';
import { LIGHT_NAMES, type JudgingLight } from '@/core/room/facing';
import { recordPaper } from '@/core/handover/record-paper';
import { Button, buttonClass } from '@/ui/button';
import { classNames } from '@/ui/class-names';
import { ChoiceRow } from '@/ui/choice-row';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useKept } from '@/ui/use-kept';
import { usePrinting } from '@/ui/use-printing';
import { InLight, ShownSwitch } from '../light-client/in-light';
import { useCursorPart } from '../cursor/cursor';
import { useRoom, useVisit } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { Agreement } from './agreement';
import { TwoEyes } from './two-eyes';
import { Photographs } from './photographs';
import { PrintedRecord } from './record-paper';
import { RecordTable } from './record-table';
import { RoomNotes } from './room-notes';
import { addressOf } from '../session/address';
import { counted } from '@/core/base/words';

const MARKS = [
  ['solid bar', 'works'],
  ['broken bar', 'nearly'],
  ['stroke across', 'no'],
  ['dashed', 'not looked at yet'],
] as const;
/** Not printed: the painter gets what was seen. */
const COMPUTED_MARKS = [
  ['in brackets', 'computed, not seen'],
  ['≠', 'computed otherwise than seen'],
] as const;

type ToolsProps = {
  readonly record: RoomRecord;
  readonly view: RecordView;
  readonly onView: (view: RecordView) => void;
  readonly file: (name: string) => string;
};

/** Which verdicts the table shows, in which light, and the ways out of it. */
function RecordTools({ record, view, onView, file }: ToolsProps) {
  const { sheet } = habitsOf(useVisit());
  const select = 'min-h-11 max-w-48 border border-line-strong bg-raised px-2 text-[0.9375rem]';
  return (
    <div className="mb-4 flex flex-wrap items-center justify-between gap-2.5 print:hidden">
      <div className="flex flex-wrap items-center gap-2.5">
        <select
          aria-label="In light"
          className={select}
          value={view.light ?? ''}
          onChange={(e) => onView({ ...view, light: (e.target.value || undefined) as JudgingLight | undefined })}
        >
          <option value="">in all lights</option>
          {record.lights.map((light) => (
            <option key={light} value={light}>
              {LIGHT_NAMES[light]}
            </option>
          ))}
        </select>
        <select
          aria-label="Said by"
          className={select}
          value={view.person ?? ''}
          onChange={(e) => onView({ ...view, person: (e.target.value || undefined) as Person | undefined })}
        >
          <option value="">said by both</option>
          {PERSONS.map((person) => (
            <option key={person} value={person}>
              said by the {person}
            </option>
          ))}
        </select>
        <ShownSwitch />
      </div>
      <div className="flex flex-wrap items-center gap-2.5">
        <Button onClick={() => window.print()}>
          <Printer aria-hidden size={18} /> Print
        </Button>
        <a href={file(`record-${sheet}.pdf`)} download className={buttonClass()}>
          <FileText aria-hidden size={18} /> PDF
        </a>
        <a href={file('record.csv')} download className={buttonClass()}>
          <FileSpreadsheet aria-hidden size={18} /> CSV
        </a>
        <a href={file('record.json')} download className={buttonClass()}>
          <FileJson aria-hidden size={18} /> JSON
        </a>
      </div>
    </div>
  );
}

function TheRecord({ room, visit, record }: { readonly room: Room; readonly visit: Visit; readonly record: RoomRecord }) {
  const [view, setView] = useState<RecordView>({});
  const inDeck = useCursorPart((m) => m.shown === 'in-deck');
  if (record.rows.length === 0)
    return (
      <EmptyState title="No colour in this room yet">
        <p className="mb-4">Pick candidates from the deck; what is said of them on the bench is kept here.</p>
        <VisitLink href={addressOf({ visitId: visit.id, roomId: room.id, step: 'deck' })} className={buttonClass('main')}>
          To the deck
        </VisitLink>
      </EmptyState>
    );
  return (
    <>
      <RecordTools
        record={record}
        view={view}
        onView={setView}
        file={(name) => `/api/visits/${visit.id}/rooms/${room.id}/${name}`}
      />
      <div className="overflow-x-auto print:overflow-visible">
        <InLight roomId={room.id}>
          <RecordTable record={record} room={room} visit={visit} view={view} />
        </InLight>
      </div>
      <p className="mt-4 text-sm text-soft">
        {MARKS.map(([mark, means]) => `${mark}: ${means}`).join(' · ')}
        <span className="print:hidden"> · {COMPUTED_MARKS.map(([mark, means]) => `${mark}: ${means}`).join(' · ')}</span>. A cell
        shows the severest verdict said there; a light’s column shows it over everything that stays. Colours{' '}
        {inDeck ? 'as in the deck' : 'as predicted at the cursor'}.
      </p>
      <Agreement room={room} visit={visit} />
      <TwoEyes room={room} />
    </>
  );
}

const VIEWS = ['record', 'photos'] as const;

/** The record of a room: what works here and why, photographs and notes. */
export function RecordStep({ roomId }: { readonly roomId: string }) {
  const visit = useVisit();
  const room = useRoom(roomId);
  const printing = usePrinting();
  const record = useMemo(() => roomRecord(room), [room]);
  const [shown, setShown] = useKept<(typeof VIEWS)[number]>('record.view', 'record', VIEWS);
  const { seen, agreed } = useMemo(() => hitRate([room]), [room]);
  const tried = record.rows.filter((r) => r.ruling !== 'untried').length;
  const aside =
    record.rows.length > 0 ? `${tried} tried · computed as seen ${agreed} of ${counted(seen, 'time', 'times')}` : undefined;
  const notes = room.notes.filter((n) => !n.undone).length;
  return (
    <>
      {shown === 'record' && printing && (
        <div className="hidden print:block">
          <PrintedRecord made={recordPaper(visit, room)} />
        </div>
      )}
      <div className={classNames('flex min-h-full flex-col p-5 print:p-0', shown === 'record' && 'print:hidden')}>
        <StepTitle title={`${room.name}: what works here`} aside={aside}>
          <ChoiceRow
            label="What is shown"
            value={shown}
            onChange={setShown}
            options={[
              { value: 'record', label: 'The record' },
              {
                value: 'photos',
                label: `Photographs, notes${room.photos.length + notes > 0 ? ` (${room.photos.length + notes})` : ''}`,
              },
            ]}
          />
        </StepTitle>
        {shown === 'record' && <TheRecord room={room} visit={visit} record={record} />}
        {shown === 'photos' && (
          <div className="grid gap-8 lg:grid-cols-[minmax(0,2fr)_minmax(18rem,1fr)]">
            <Photographs room={room} />
            <RoomNotes room={room} />
          </div>
        )}
      </div>
    </>
  );
}
