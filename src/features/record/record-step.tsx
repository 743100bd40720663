'use client';

import { FileJson, FileSpreadsheet, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { PERSONS, type Person } from '@/core/judge/ruling';
import { inView, type RecordView } from '@/core/record/cell';
import { roomRecord, type CandidateRow, type RoomRecord } from '@/core/record/room-record';
import type { Room, Visit } from '@/core/record/types';
import { LIGHT_NAMES, type JudgingLight } from '@/core/room/facing';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { sayColour } from '../shared/colour-entry';
import { InLight, ShownSwitch } from '../shared/in-light';
import { useMomentPart } from '../shared/moment';
import { useRoom, useVisit } from '../shared/visit-context';
import { VisitLink } from '../shared/where';
import { LightCell, StayCell } from './record-cells';
import { RulingCell } from './ruling-cell';

type RowProps = {
  readonly row: CandidateRow;
  readonly first: boolean;
  readonly room: Room;
  readonly visit: Visit;
  readonly lights: readonly JudgingLight[];
  readonly view: RecordView;
};

function ColourRow({ row, first, room, visit, lights, view }: RowProps) {
  const { candidate } = row;
  const verdicts = inView(row.verdicts, view);
  const bench = (stayId: string) => `/visits/${visit.id}/${room.id}/bench?colour=${candidate.id}&stay=${stayId}`;
  return (
    <tr
      className={first ? 'border-t-2 border-line-strong' : undefined}
      data-row={`${candidate.code}/${candidate.strength}`}
      style={{ breakInside: 'avoid' }}
    >
      <th scope="row" className="sticky left-0 z-10 bg-ground py-2 pr-3 text-left align-top font-normal">
        <span className="flex items-start justify-between gap-3">
          <span className={first ? 'min-w-0' : 'sr-only'}>
            <span className="block font-semibold break-words">{candidate.name}</span>
            <span className="block text-sm text-soft">
              {candidate.maker} <span className="whitespace-nowrap">{candidate.code}</span>
            </span>
            {candidate.sharedName && <span className="block text-sm">≠ name also used by another maker</span>}
          </span>
          <span className="ml-auto font-semibold whitespace-nowrap" title={sayColour(candidate.lab)}>
            {candidate.strength} %
          </span>
        </span>
      </th>
      {room.stays.map((stay) => (
        <td key={stay.id} className="px-1 py-2 align-top">
          <StayCell
            href={bench(stay.id)}
            candidate={candidate}
            stay={stay}
            verdicts={verdicts.filter((v) => v.stayId === stay.id)}
          />
        </td>
      ))}
      {lights.map((light, i) => (
        <td key={light} className={i === 0 ? 'py-2 pr-1 pl-4 align-top' : 'px-1 py-2 align-top'}>
          <LightCell
            href={bench(room.stays[0]?.id ?? '')}
            candidate={candidate}
            stays={room.stays}
            light={LIGHT_NAMES[light]}
            verdicts={verdicts.filter((v) => v.light === light && room.stays.some((s) => s.id === v.stayId))}
          />
        </td>
      ))}
      <td className="min-w-56 py-2 pl-4 align-top">
        <RulingCell roomId={room.id} row={row} stays={room.stays} />
      </td>
    </tr>
  );
}

function RecordTable({ record, room, visit, view }: { record: RoomRecord; room: Room; visit: Visit; view: RecordView }) {
  const head = 'px-1 pb-2 text-left align-bottom text-sm font-semibold';
  return (
    <table className="w-full border-collapse">
      <caption className="sr-only">Candidates and strengths against what stays and the lights of the room</caption>
      <thead>
        <tr>
          <th
            scope="col"
            className="sticky left-0 z-10 w-48 min-w-40 bg-ground pr-3 pb-2 text-left align-bottom text-sm font-semibold"
          >
            Colour, strength
          </th>
          {room.stays.map((stay) => (
            <th key={stay.id} scope="col" className={`${head} max-w-28 break-words`}>
              {stay.name}
            </th>
          ))}
          {record.lights.map((light, i) => (
            <th key={light} scope="col" className={`${head} ${i === 0 ? 'pl-4' : ''} font-normal`}>
              {LIGHT_NAMES[light]}
            </th>
          ))}
          <th scope="col" className={`${head} pl-4`}>
            Ruling
          </th>
        </tr>
      </thead>
      <tbody>
        {record.rows.map((row, i) => (
          <ColourRow
            key={row.candidate.id}
            row={row}
            first={row.candidate.deckColourId !== record.rows[i - 1]?.candidate.deckColourId}
            room={room}
            visit={visit}
            lights={record.lights}
            view={view}
          />
        ))}
      </tbody>
    </table>
  );
}

const MARKS = [
  ['solid bar', 'works'],
  ['broken bar', 'nearly'],
  ['stroke across', 'no'],
  ['dashed box', 'not looked at yet'],
] as const;

const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** The room record: candidates and strengths against what stays and the lights, each cell as seen, each row with its ruling. */
export function RecordStep({ roomId }: { readonly roomId: string }) {
  const { visit } = useVisit();
  const room = useRoom(roomId);
  const record = useMemo(() => roomRecord(room), [room]);
  const [view, setView] = useState<RecordView>({});
  const inDeck = useMomentPart((m) => m.shown === 'in-deck');
  const { verdicts, agreed } = record.agreement;
  const tried = record.rows.filter((r) => r.ruling !== 'untried').length;
  const file = (name: string) => `/api/visits/${visit.id}/rooms/${room.id}/${name}`;
  const aside =
    record.rows.length > 0
      ? `${counted(tried, 'colour and strength', 'colours and strengths')} tried · the computed verdict agreed with the eye ${agreed} of ${counted(verdicts, 'time', 'times')}`
      : undefined;
  return (
    <div className="p-5 print:p-0">
      <p className="hidden text-sm print:block">
        {visit.label}, {visit.place.name} · Elm Swatch room record
      </p>
      <StepTitle title={`${room.name}: what works here`} aside={aside}>
        <ShownSwitch />
        <ChoiceField
          label="In light"
          className="w-44"
          value={view.light ?? ''}
          onChange={(e) => setView({ ...view, light: (e.target.value || undefined) as JudgingLight | undefined })}
        >
          <option value="">all lights</option>
          {record.lights.map((light) => (
            <option key={light} value={light}>
              {LIGHT_NAMES[light]}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField
          label="Said by"
          className="w-40"
          value={view.person ?? ''}
          onChange={(e) => setView({ ...view, person: (e.target.value || undefined) as Person | undefined })}
        >
          <option value="">both</option>
          {PERSONS.map((person) => (
            <option key={person}>{person}</option>
          ))}
        </ChoiceField>
        <div className="flex items-end gap-2">
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={18} /> Print
          </Button>
          <a href={file('record.csv')} download className={buttonClass()}>
            <FileSpreadsheet aria-hidden size={18} /> CSV
          </a>
          <a href={file('record.json')} download className={buttonClass()}>
            <FileJson aria-hidden size={18} /> JSON
          </a>
        </div>
      </StepTitle>
      {record.rows.length === 0 ? (
        <EmptyState title="No colour in this room yet">
          <p className="mb-4">Pick candidates from the deck; what is said of them on the bench is kept here.</p>
          <VisitLink href={`/visits/${visit.id}/${room.id}/deck`} className={buttonClass('main')}>
            To the deck
          </VisitLink>
        </EmptyState>
      ) : (
        <>
          <div className="overflow-x-auto print:overflow-visible">
            <InLight roomId={roomId}>
              <RecordTable record={record} room={room} visit={visit} view={view} />
            </InLight>
          </div>
          <p className="mt-4 text-sm text-soft">
            {MARKS.map(([mark, means]) => `${mark}: ${means}`).join(' · ')}. A cell shows the severest verdict said there; a
            light’s column shows it over everything that stays. Colours {inDeck ? 'as in the deck' : 'as predicted at the cursor'}
            .
          </p>
        </>
      )}
    </div>
  );
}
