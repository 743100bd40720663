'use client';

import type { AsWalls } from '@/core/engine/judgement-protocol';
import { inView, type ComputedCell, type RecordView } from '@/core/derived/cell';
import type { CandidateRow, RoomRecord } from '@/core/derived/room-record';
import type { Room } from '@/core/record/room';
import type { Visit } from '@/core/record/visit';
import { LIGHT_NAMES, type JudgingLight } from '@/core/room/facing';
import { latest } from '../light-client/light-worker';
import { sayIntensities, standingIntensities } from '@/core/record/intensity';
import { ColourAcross } from '../drawings/colour-across';
import { GoesWith } from '../drawings/goes-with';
import { sayColour } from '../words/say-colour';
import { VERDICT_WORDS } from '../words/verdict-words';
import { useCells } from '../light-client/judgements';
import { AddNote, CandidateNotes } from './candidate-notes';
import { LightCell, StayCell } from './record-cells';
import { RulingCell } from './ruling-cell';
import { addressOf } from '../session/address';

type Shared = {
  readonly room: Room;
  readonly visit: Visit;
  readonly lights: readonly JudgingLight[];
  readonly view: RecordView;
  readonly computed: readonly ComputedCell[];
  readonly asWalls: readonly AsWalls[];
};
type RowProps = Shared & { readonly row: CandidateRow; readonly first: boolean };

function RowHead({ row: { candidate }, first, room, asWalls }: Pick<RowProps, 'row' | 'first' | 'room' | 'asWalls'>) {
  const walls = asWalls.find((w) => w.candidateId === candidate.id);
  const alone = sayIntensities(standingIntensities(room.intensities, candidate.id));
  return (
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
      {alone && <span className="mt-1 block text-sm">alone: {alone}</span>}
      {walls && (
        <span className="mt-1 block text-sm text-soft" data-as-walls={walls.verdict}>
          on four walls, predicted: {VERDICT_WORDS[walls.verdict].toLowerCase()}, {walls.says}
        </span>
      )}
      <span className="flex flex-wrap gap-x-2.5 print:hidden">
        <ColourAcross colour={candidate}>
          <button
            type="button"
            aria-label={`${candidate.name} ${candidate.strength} % in the other rooms`}
            className="inline-flex min-h-11 cursor-pointer items-center text-sm text-soft underline underline-offset-4"
          >
            other rooms
          </button>
        </ColourAcross>
        <GoesWith roomId={room.id} colour={candidate} look="text">
          goes with
        </GoesWith>
      </span>
    </th>
  );
}

function ColourRow({ row, first, room, visit, lights, view, computed, asWalls }: RowProps) {
  const { candidate } = row;
  const verdicts = inView([...row.verdicts, ...row.unlooked], view);
  const cells = computed.filter(
    (c) => c.candidateId === candidate.id && lights.includes(c.light) && (view.light === undefined || c.light === view.light),
  );
  const bench = (stayId: string) =>
    addressOf({ visitId: visit.id, roomId: room.id, step: 'bench', at: { colour: candidate.id, stay: stayId } });
  return (
    <tr
      className={first ? 'border-t-2 border-line-strong' : undefined}
      data-row={`${candidate.code}/${candidate.strength}`}
      style={{ breakInside: 'avoid' }}
    >
      <RowHead {...{ row, first, room, asWalls }} />
      {room.stays.map((stay) => (
        <td key={stay.id} className="px-1 py-2 align-top">
          <StayCell
            href={bench(stay.id)}
            candidate={candidate}
            stay={stay}
            verdicts={verdicts.filter((v) => v.stayId === stay.id)}
            computed={cells.filter((c) => c.stayId === stay.id)}
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
            computed={cells.filter((c) => c.light === light)}
          />
        </td>
      ))}
      <td className="sticky right-0 z-10 min-w-48 bg-ground py-2 pl-4 align-top max-lg:min-w-44 max-sm:static max-sm:min-w-72 print:static print:min-w-40">
        <RulingCell
          roomId={room.id}
          row={row}
          stays={room.stays}
          notes={<CandidateNotes room={room} candidate={candidate} />}
          addNote={<AddNote room={room} candidate={candidate} />}
        />
      </td>
    </tr>
  );
}

type TableProps = Omit<Shared, 'computed' | 'asWalls' | 'lights'> & { readonly record: RoomRecord };

/** Candidates and strengths against what stays and the lights, each cell as seen and as computed, each row with its ruling. */
export function RecordTable({ record, room, visit, view }: TableProps) {
  const asked = useCells(room.id);
  const { cells: computed, asWalls } = latest(asked) ?? { cells: [], asWalls: [] };
  const head = 'px-1 pb-2 text-left align-bottom text-sm font-semibold';
  return (
    <table className="w-full border-collapse" data-computed-cells={computed.length}>
      <caption className={asked.state === 'failed' ? 'text-left text-sm print:hidden' : 'sr-only'}>
        Candidates and strengths against what stays and the lights of the room
        {asked.state === 'failed' && `. Nothing is computed here: ${asked.says}`}
      </caption>
      <thead>
        <tr>
          <th
            scope="col"
            className="sticky left-0 z-10 w-44 min-w-36 bg-ground print:min-w-32 pr-3 pb-2 text-left align-bottom text-sm font-semibold"
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
          <th scope="col" className={`${head} sticky right-0 z-10 bg-ground pl-4 max-sm:static print:static`}>
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
            {...{ room, visit, view, computed, asWalls, lights: record.lights }}
          />
        ))}
      </tbody>
    </table>
  );
}
