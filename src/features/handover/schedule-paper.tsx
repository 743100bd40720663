import type { HandOver } from '@/core/handover/hand-over';
import { PATCH_CAVEAT } from '@/core/handover/paper-colour';
import type { OrderLine } from '@/core/handover/order';
import type { RoomPaper, ScheduleRow } from '@/core/handover/schedule';
import { CautionBox, Chip, ColourName, RoomHead } from './paper-parts';

const HEAD = [
  '',
  'Surface',
  'Maker, code, name',
  'Strength, in both ways',
  'Base, product, sheen',
  'Coats',
  'Area',
  'Takes',
] as const;

function Row({ row }: { readonly row: ScheduleRow }) {
  const cell = 'border-t border-[#999] py-1.5 pr-3 align-top';
  return (
    <tr className="break-inside-avoid">
      <td className={cell}>
        <Chip hex={row.colour?.hex ?? null} letter={row.letter} />
      </td>
      <td className={cell}>
        {row.surfaces}
        {row.why && <span className="block text-sm text-[#333]">{row.why}</span>}
        {[row.preparation, row.whyCoats].filter(Boolean).map((says) => (
          <span key={says} className="block text-sm text-[#333]">
            {says}
          </span>
        ))}
      </td>
      {row.colour ? (
        <>
          <td className={cell}>
            <ColourName colour={row.colour} />
            {row.as && <span className="block text-sm text-[#333]">the same colour as {row.as}</span>}
          </td>
          <td className={cell}>
            <b className="block">{row.colour.strengthSays[0]}</b>
            {row.colour.strengthSays[1]}
          </td>
          <td className={cell}>
            {row.colour.base}, {row.product}, <b>{row.sheen}</b>
          </td>
          <td className={cell}>
            <b>{row.coats}</b>
          </td>
          <td className={cell}>{row.area}</td>
          <td className={cell}>
            <b>{row.take}</b>
          </td>
        </>
      ) : (
        <td className={cell} colSpan={6}>
          {row.state === 'open' ? (
            <>
              <b>Not decided.</b> Do not paint; ask before the walls are begun.
            </>
          ) : (
            <>
              <b>Stays as it is.</b> Do not paint.
            </>
          )}
        </td>
      )}
    </tr>
  );
}

function RoomRows({ room }: { readonly room: RoomPaper }) {
  return (
    <section aria-label={room.room}>
      <RoomHead room={room} objections={room.objections}>
        <ul className="text-sm text-[#333] sm:columns-2">
          {room.sizes.map((says) => (
            <li key={says}>{says}</li>
          ))}
        </ul>
      </RoomHead>
      <div className="overflow-x-auto print:overflow-visible">
        <table className="mt-2 w-full min-w-[46rem] text-[0.9375rem] leading-snug print:min-w-0">
          <thead>
            <tr>
              {HEAD.map((name) => (
                <th key={name} scope="col" className="pr-3 pb-1 text-left text-sm font-normal text-[#333]">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {room.rows.map((row) => (
              <Row key={row.letter} row={row} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** What has to be bought, paint by paint. */
export function OrderLines({ order }: { readonly order: readonly OrderLine[] }) {
  if (order.length === 0) return <p className="mt-2">Nothing has to be bought: no surface is painted.</p>;
  return (
    <ol className="mt-2">
      {order.map((line) => (
        <li
          key={line.number}
          className="grid break-inside-avoid grid-cols-[3.5rem_minmax(0,1fr)] gap-x-3 border-t border-[#999] py-2"
        >
          <Chip hex={line.colour?.hex ?? null} letter={String(line.number)} />
          <div className="min-w-0 text-[0.9375rem] leading-snug">
            <div className="flex flex-wrap justify-between gap-x-6">
              <p className="min-w-48 flex-1">
                {line.colour ? <ColourName colour={line.colour} /> : <b className="block">{line.what}</b>}
                {line.colour && <span className="block">{line.what}</span>}
              </p>
              {line.colour && (
                <p className="min-w-40">
                  <b className="block">{line.colour.strengthSays[0]}</b>
                  {line.colour.strengthSays[1]}
                </p>
              )}
              <p className="min-w-48">
                <b className="block text-lg">{line.take || 'Nothing yet'}</b>
                {line.need && (
                  <span className="text-sm text-[#333]">
                    needs {line.need}
                    {line.instead && `, ${line.instead}`}
                  </span>
                )}
              </p>
            </div>
            {line.forWhat && <p className="text-sm text-[#333]">For {line.forWhat}</p>}
            {line.drafts.map((draft) => (
              <p key={draft} data-draft className="font-semibold">
                {draft}
              </p>
            ))}
            {line.formulas.map((f) => (
              <p key={f.container}>
                <b>{f.container}:</b> {f.pours}
                {f.warns && <b> · Rounding shows: {f.off}</b>}
              </p>
            ))}
            {line.notes.map((note) => (
              <p key={note} className="text-sm text-[#333]">
                {note}
              </p>
            ))}
          </div>
        </li>
      ))}
    </ol>
  );
}

/** Where the work is, and whom to ring. */
function Job({ for: { name, address, telephone } }: { readonly for: HandOver['forPainter'] }) {
  const says = [name, address, telephone].filter(Boolean).join(' · ');
  return says === '' ? null : (
    <p>
      The home: <b className="whitespace-pre-line">{says}</b>
    </p>
  );
}

/** The painter's schedule. */
export function SchedulePaper({ made }: { readonly made: HandOver }) {
  return (
    <>
      <Job for={made.forPainter} />
      <p className="flex flex-wrap justify-between gap-x-6">
        <span>
          For <b>{made.visit.painter || 'the painter'}</b>
        </span>
        <span>
          Who decides: <b>{made.visit.decides || 'the client'}</b>
        </span>
        <span>
          <b>{made.visit.house}</b>: see the box
        </span>
      </p>
      <p className="text-sm text-[#333]">{PATCH_CAVEAT}</p>
      {made.rooms.map((room) => (
        <RoomRows key={room.roomId} room={room} />
      ))}
      {made.roomsLeft.length > 0 && (
        <p className="mt-4">
          <b>Nothing is decided in:</b> {made.roomsLeft.join(', ')}. Do not paint there.
        </p>
      )}
      <CautionBox cautions={made.cautions} />
      <h3 className="mt-6 text-lg font-semibold">For the counter</h3>
      <OrderLines order={made.order} />
    </>
  );
}

/** The counter's order. */
export function OrderPaper({ made }: { readonly made: HandOver }) {
  return (
    <>
      {made.visit.counter && <p>For {made.visit.counter}</p>}
      <p className="text-sm text-[#333]">Say maker, code and strength, both ways; the patch is not paint.</p>
      {made.beforeOrder.map((says) => (
        <p key={says} role="note" className="font-semibold">
          {says}
        </p>
      ))}
      <OrderLines order={made.order} />
      <CautionBox cautions={made.cautions.filter((c) => c.id === 'air')} />
    </>
  );
}
