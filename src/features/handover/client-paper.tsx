import { sayForWhom, type HandOver } from '@/core/handover/hand-over';
import { PATCH_CAVEAT } from '@/core/handover/paper-colour';
import type { StillOnPaper } from '@/core/handover/client-sheet';
import type { ClientScheme, InMeasure } from '@/core/handover/client-scheme';
import type { RoomPaper } from '@/core/handover/schedule';
import { HouseOnPaper } from './house-on-paper';
import { CautionBox, Chip, RoomHead } from './paper-parts';

/** Colours in a bar, each as wide as its share. */
function Measure({ of, className }: { readonly of: readonly InMeasure[]; readonly className: string }) {
  return (
    <div aria-hidden className={`mt-1 flex ${className}`}>
      {of.map(({ hex, share }, k) => (
        <div key={k} style={{ flexGrow: share, flexBasis: 0, backgroundColor: hex }} />
      ))}
    </div>
  );
}

/** The scheme that was picked: its piece, its colours in measure, what to look for in the shop. */
function PickedScheme({ scheme: { title, piece, measure, parts, toLookFor } }: { readonly scheme: ClientScheme }) {
  return (
    <section aria-label="The scheme you picked" className="mt-3 break-inside-avoid">
      <h4 className="font-semibold">The scheme you picked: {title}</h4>
      {piece && (
        <>
          <p>{piece.says}</p>
          <Measure of={piece.colours} className="h-4" />
        </>
      )}
      <p className="mt-1 text-sm text-[#333]">Everything one sees, in measure</p>
      <Measure of={measure} className="h-9" />
      <ul>
        {parts.map(({ hex, says }) => (
          <li key={says} className="flex items-center gap-3 py-1">
            <Chip hex={hex} /> {says}
          </li>
        ))}
      </ul>
      {toLookFor.length > 0 && <h5 className="mt-1 font-semibold">To look for</h5>}
      <ul>
        {toLookFor.map(({ hex, says }) => (
          <li key={says} className="flex items-center gap-3 py-1">
            <Chip hex={hex} large /> {says}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Pictures of a room that were computed. */
const StillsOnSheet = ({ stills }: { readonly stills: readonly StillOnPaper[] }) =>
  stills.map(({ picture, says }) => (
    <figure key={picture} className="mt-3 break-inside-avoid">
      {/* from this server's own store */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      <img src={`/api/pictures/${picture}`} alt={says} className="max-h-[28rem] max-w-full" />
      <figcaption className="text-sm text-[#333]">{says}</figcaption>
    </figure>
  ));

function ClientRoom({ room }: { readonly room: RoomPaper }) {
  const { wish, colours, looks, notDecided, whyNot, scheme, stills } = room.forClient;
  return (
    <section aria-label={room.room}>
      <RoomHead room={room} objections={room.forClient.objections}>
        {wish && <p>You asked for: {wish}</p>}
      </RoomHead>
      <ul className="mt-2">
        {colours.map((c) => (
          <li key={c.where} className="flex break-inside-avoid gap-4 border-t border-[#999] py-2">
            <Chip hex={c.colour.hex} letter={c.letter} large />
            <div className="min-w-0 leading-snug">
              <b>{c.where}</b>
              <p>
                {c.colour.maker} {c.colour.code}, {c.colour.name}, <b>{c.colour.strengthSays[0]}</b>, {c.sheen}
              </p>
              {c.says && <p className="text-sm text-[#333]">{c.says}</p>}
              {c.why.map((why) => (
                <p key={why}>{why}</p>
              ))}
              {c.liveWith.length > 0 && <p>To live with: {c.liveWith.join('; ')}</p>}
            </div>
          </li>
        ))}
      </ul>
      <StillsOnSheet stills={stills} />
      {scheme && <PickedScheme scheme={scheme} />}
      {whyNot.length > 0 && (
        <>
          <h4 className="mt-2 font-semibold">What you liked and why it is not on a wall</h4>
          <ul>
            {whyNot.map(({ hex, says }) => (
              <li key={says} className="flex break-inside-avoid items-center gap-3 py-1">
                <Chip hex={hex} /> {says}
              </li>
            ))}
          </ul>
        </>
      )}
      {looks.length > 0 && (
        <>
          <h4 className="mt-2 font-semibold">Looks to take</h4>
          <ul>
            {looks.map((look) => (
              <li key={look}>{look}</li>
            ))}
          </ul>
        </>
      )}
      {notDecided && (
        <p className="mt-2">
          <b>Not decided yet:</b> {notDecided}
        </p>
      )}
    </section>
  );
}

/** The client's sheet. */
export function ClientPaper({ made }: { readonly made: HandOver }) {
  return (
    <>
      <p className="text-sm text-[#333]">
        {sayForWhom(made)}What was decided in the visit of {made.visit.day}. {PATCH_CAVEAT}
      </p>
      {made.rooms.map((room) => (
        <ClientRoom key={room.roomId} room={room} />
      ))}
      {made.stillsLeft.map(({ room, stills }) => (
        <section key={room} aria-label={room} className="mt-4">
          <h3 className="text-lg font-semibold">{room}</h3>
          <StillsOnSheet stills={stills} />
        </section>
      ))}
      {made.house && <HouseOnPaper house={made.house} />}
      {made.roomsLeft.length > 0 && <p className="mt-4">Nothing is decided yet in: {made.roomsLeft.join(', ')}.</p>}
      <CautionBox cautions={made.cautions} />
    </>
  );
}
