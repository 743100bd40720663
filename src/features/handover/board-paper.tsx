import { percent } from '@/core/base/words';
import type { HandOver } from '@/core/handover/hand-over';
import { BOARD_SAYS, LEAST_FIELD, type RoomBoard } from '@/core/handover/room-board';
import type { RoomPaper } from '@/core/handover/schedule';
import { RoomHead } from './paper-parts';

function Fields({ board: { paints, stays, toLookFor } }: { readonly board: RoomBoard }) {
  return (
    <>
      <h4 className="mt-3 font-semibold">Painted</h4>
      <ul className="flex flex-wrap gap-2">
        {paints.map((p) => (
          <li key={p.letter} className="min-w-36 break-inside-avoid" style={{ flex: `${Math.max(LEAST_FIELD, p.share)} 1 0` }}>
            <div className="h-40 border border-black" style={{ backgroundColor: p.colour.hex, printColorAdjust: 'exact' }} />
            <p className="leading-snug">
              <b>{p.letter}</b> {p.where}
            </p>
            <p className="text-sm text-[#333]">
              {p.colour.maker} {p.colour.code}, {p.colour.name}, <b>{p.colour.strengthSays[0]}</b>, {percent(p.share)} of the
              paint
            </p>
          </li>
        ))}
      </ul>
      {stays.length > 0 && <h4 className="mt-3 font-semibold">Stays</h4>}
      <ul className="grid grid-cols-3 gap-2 max-sm:grid-cols-2">
        {stays.map(({ name, says, colours }) => (
          <li key={name} className="break-inside-avoid">
            <div className="flex h-24 border border-black" style={{ printColorAdjust: 'exact' }}>
              {colours.map(({ hex, share }, k) => (
                <div key={k} style={{ flexGrow: share, flexBasis: 0, backgroundColor: hex }} />
              ))}
            </div>
            <b>{name}</b>
            <p className="text-sm text-[#333]">{says}</p>
          </li>
        ))}
      </ul>
      {toLookFor.length > 0 && <h4 className="mt-3 font-semibold">To look for</h4>}
      <ul className="grid grid-cols-3 gap-2 max-sm:grid-cols-2">
        {toLookFor.map(({ hex, says }) => (
          <li key={says} className="break-inside-avoid">
            <div className="h-24 border border-dashed border-black" style={{ backgroundColor: hex, printColorAdjust: 'exact' }} />
            <p className="text-sm">{says}</p>
          </li>
        ))}
      </ul>
    </>
  );
}

const Board = ({ room }: { readonly room: RoomPaper }) => (
  <section aria-label={room.room} className="break-after-page last:break-after-auto">
    <RoomHead room={room} objections={room.forClient.objections} />
    {room.board.paints.length === 0 ? <p>Nothing is painted in it.</p> : <Fields board={room.board} />}
  </section>
);

/** A board for each room: everything in it on one sheet, to lay real samples on. */
export function BoardPaper({ made }: { readonly made: HandOver }) {
  return (
    <>
      <p className="text-sm text-[#333]">{BOARD_SAYS}</p>
      {made.rooms.map((room) => (
        <Board key={room.roomId} room={room} />
      ))}
    </>
  );
}
