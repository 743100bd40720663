'use client';

import { LOOKS_KEYS } from './keys';
import { Pencil } from 'lucide-react';
import { useState } from 'react';
import { clockText } from '@/core/light/time-zone';
import { roomRecord } from '@/core/derived/room-record';
import { standingVerdicts } from '@/core/derived/standing';
import { isBeforeBoards } from '@/core/derived/look-boards';
import { wallOfPosition } from '@/core/room/wall-position';
import { Button, Key } from '@/ui/button';
import { classNames } from '@/ui/class-names';
import { Dialog } from '@/ui/dialog';
import { wallName } from '@/core/room/facing';
import { sayDate } from '../words/say-light';
import { LookEditor } from './look-editor';
import { LookFrame } from './look-frame';
import { sayLookWhen, type LookRow } from '@/core/engine/look-rows';
import { useLooks } from './use-looks';
import { listed } from '@/core/base/words';

/** What was said at a look: "Chalk 100 % nearly, Chalk 75 % works". */
export function saySaid({ look, room }: Pick<LookRow, 'look' | 'room'>): string {
  if (!look) return '';
  const { rows } = roomRecord(room);
  const said = [
    ...standingVerdicts(room.verdicts).filter((v) => v.lookId === look.id),
    ...rows.flatMap((r) => r.answers).filter((a) => a.lookId === look.id),
  ];
  const worst = rows.flatMap(({ candidate }) => {
    const of = said.filter((v) => v.candidateId === candidate.id).map((v) => v.verdict);
    const verdict = (['no', 'nearly', 'works'] as const).find((v) => of.includes(v));
    return verdict ? [`${candidate.name} ${candidate.strength} % ${verdict}`] : [];
  });
  return worst.length > 0 ? worst.join(', ') : 'nothing said';
}

const wallNames = ({ walls, room }: LookRow): string =>
  listed(
    walls.map((p) => {
      const wall = wallOfPosition(p);
      return wall === undefined ? p : wallName(room, wall);
    }),
  );

/** What a look is for, or what came of it. */
function sayLook(row: LookRow): string {
  if (row.state === 'taken') return `looked at: ${saySaid(row)}`;
  return row.state === 'dropped' ? `dropped: ${row.look?.reason}` : row.decides;
}

/** The two colours it decides between, touching. */
function Touching({ hexes }: Pick<LookRow, 'hexes'>) {
  return (
    <span className="flex h-11 max-sm:hidden" aria-hidden>
      {hexes?.map((hex, k) => <span key={k} className="flex-1" style={{ backgroundColor: hex }} data-patch={hex} />) ?? (
        <span className="flex-1 border border-dashed border-line-strong" />
      )}
    </span>
  );
}

/** What a person has to know of a look beside what it is for. */
function Remarks({ row: { look, planned, state, room } }: { readonly row: LookRow }) {
  if (!look) return null;
  if (isBeforeBoards(look, room))
    return <p className="text-sm leading-5">Before its board was dry: the board is planned anew.</p>;
  return state === 'planned' && !planned ? <p className="text-sm leading-5">This light is not met on this day.</p> : null;
}

function LookWords({ row, now }: { readonly row: LookRow; readonly now: boolean }) {
  const { look, state } = row;
  const planned = state === 'planned';
  return (
    <div className="min-w-0">
      <p className="leading-5 font-semibold">
        {row.room.name}, {now && row.toHour !== null ? `now until ${clockText(row.toHour)}` : sayLookWhen(row)}
        {look?.date ? `, ${sayDate(look.date)}` : ''}
      </p>
      <p className="text-[0.9375rem] break-words leading-5 text-soft" title={sayLook(row)}>
        {sayLook(row)}
      </p>
      {planned && (
        <p className="text-sm leading-5 break-words text-soft" title={row.missed}>
          {row.walls.length > 1 && `${wallNames(row)} · `}
          {row.missed && `without it: ${row.missed}`}
        </p>
      )}
      <Remarks row={row} />
    </div>
  );
}

type ItemProps = {
  readonly row: LookRow;
  readonly now?: boolean;
  readonly picked: boolean;
};

/** One look: when, what it decides with the two colours touching, and the way to take it. */
export function LookItem({ row, now = false, picked }: ItemProps) {
  const { keep, take } = useLooks();
  const [open, setOpen] = useState(false);
  return (
    <li
      data-look={row.number}
      data-state={row.state}
      className={classNames(
        'grid grid-cols-[auto_4.5rem_minmax(0,1fr)_auto] items-center gap-3 border-b border-line-strong py-2 max-sm:grid-cols-[auto_minmax(0,1fr)_auto]',
        now && 'bg-raised px-2',
        picked && 'outline-2 outline-offset-1 outline-ink',
      )}
    >
      <LookFrame row={row} />
      <Touching hexes={row.hexes} />
      <LookWords row={row} now={now} />
      <div className="flex items-center max-sm:flex-col-reverse">
        <Dialog
          title={`Look ${row.number}, ${row.room.name}`}
          description={row.decides || 'A look at the colours of the room'}
          open={open}
          onOpenChange={setOpen}
          trigger={
            <button
              type="button"
              aria-label={`Change look ${row.number}`}
              title="Move, hand over, drop"
              className="grid size-11 cursor-pointer place-items-center hover:bg-panel"
            >
              <Pencil aria-hidden size={18} />
            </button>
          }
        >
          <LookEditor row={row} onKeep={(change) => keep(row, change)} onDone={() => setOpen(false)} />
        </Dialog>
        {row.state === 'planned' && (
          <Button look={now ? 'main' : 'plain'} onClick={() => take(row)}>
            Look <Key of={LOOKS_KEYS.take} which={row.number - 1} />
          </Button>
        )}
        {row.state === 'taken' && <span className="px-2 text-soft">done</span>}
      </div>
    </li>
  );
}
