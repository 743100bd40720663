'use client';

import { useMemo } from 'react';
import { Printer } from 'lucide-react';
import type { CompanionsAnswer, PlacedCompanion } from '@/core/engine/companions';
import type { Swatch } from '@/core/engine/light-protocol';
import { FABRIC_ROLES, PAINT_ROLES, WALL_ROLES } from '@/core/companions/roles';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError } from '@/ui/field';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useDeck } from '../entry/deck-data';
import { AlsoInLight, InLight, ShownSwitch } from '../light-client/in-light';
import { latest } from '../light-client/light-worker';
import { addressOf } from '../session/address';
import { useHome, useRoom, useVisit } from '../session/visit-context';
import { goTo } from '../session/where';
import { sayColour } from '../words/say-colour';
import { ChooseWall } from './choose-wall';
import { CopiesRow } from './copies-row';
import { FabricRow } from './fabric-row';
import { InsteadRow } from './instead-row';
import { PaintRow } from './paint-row';
import { swatchOf } from './swatch-of';
import { TellingRow } from './telling-row';
import { useCompanions } from '../light-client/companions';
import { useWall, type Wall } from './use-wall';

type Props = { readonly room: RoomInLight; readonly wall: Wall };

/** Colour and room, and how they are looked at. */
function Head({ room, wall }: Props) {
  const visit = useHome();
  const { colour, strength, swatch, offered } = wall;
  const at = (next: string) => ({ colour: colour.id, strength: next });
  return (
    <StepTitle
      title={`Goes with ${colour.name} ${strength} %`}
      under={`${colour.maker} ${colour.code} · ${sayColour(swatch.lab)} · on the walls of ${room.name}`}
    >
      {offered.length > 1 && (
        <ChoiceRow
          label="Strength of the wall colour"
          value={String(strength)}
          onChange={(next) => goTo(addressOf({ visitId: visit.id, roomId: room.id, step: 'with', at: at(next) }))}
          options={offered.map((s) => ({ value: String(s), label: `${s} %` }))}
        />
      )}
      <ShownSwitch />
      <Button onClick={() => window.print()}>
        <Printer aria-hidden size={18} /> Print
      </Button>
    </StepTitle>
  );
}

type ShownProps = Props & { readonly answer: CompanionsAnswer; readonly deck: readonly DeckColour[] };

function Roles({ room, wall, answer: { companions, instead, copies }, deck }: ShownProps) {
  const byId = useMemo(() => new Map(deck.map((c) => [c.id, c])), [deck]);
  const of = (role: PlacedCompanion['role']) => companions.filter((c) => c.role === role);
  return (
    <div className="grid gap-6">
      {PAINT_ROLES.map((role) => (
        <PaintRow key={role} role={role} room={room} wall={wall} companions={of(role)} deck={byId} />
      ))}
      <h2 className="border-t border-line pt-4 text-lg font-semibold">Two colours on the walls</h2>
      {WALL_ROLES.map((role) => (
        <PaintRow key={role} role={role} room={room} wall={wall} companions={of(role)} deck={byId} />
      ))}
      <h2 className="border-t border-line pt-4 text-lg font-semibold">The colour itself</h2>
      <TellingRow roomId={room.id} wall={wall} deck={deck} />
      <InsteadRow roomId={room.id} wall={wall} instead={instead} deck={byId} />
      <CopiesRow wall={wall} copies={copies} deck={byId} />
      <h2 className="border-t border-line pt-4 text-lg font-semibold">Fabrics to look for</h2>
      {FABRIC_ROLES.map((role) => (
        <FabricRow key={role} role={role} room={room} wall={wall} companions={of(role)} />
      ))}
      <p className="max-w-3xl text-sm text-soft">
        Take the cards to the shop as a direction, not as a match: print and screen are not cloth. Lay the fabric on the painted
        board, by the window and again under the lamps, and step back two metres. Small patterns mix to one colour from there.
      </p>
    </div>
  );
}

function Found({ room, wall }: Props) {
  const { rooms } = useVisit();
  const deck = useDeck();
  const { swatch, colour } = wall;
  const of = useMemo(() => ({ swatch, maker: colour.maker }), [swatch, colour.maker]);
  const { answer, given, giveUp, again } = useCompanions(rooms, room, of);
  const found = latest(answer);
  const companions = found?.companions;
  const swatches = useMemo(
    (): readonly Swatch[] => [wall.swatch, ...(companions ?? []).map(swatchOf)],
    [wall.swatch, companions],
  );
  if (given && !companions)
    return (
      <p>
        Given up. <Button onClick={again}>Look again</Button>
      </p>
    );
  return (
    <AlsoInLight roomId={room.id} swatches={swatches}>
      <Head room={room} wall={wall} />
      {answer.state === 'failed' && (
        <div className="grid justify-items-start gap-2">
          <FieldError>{answer.says}</FieldError>
        </div>
      )}
      {answer.state === 'computing' && (
        <p role="status" className="mb-4 flex items-center gap-3 text-soft">
          Looking through the deck in the light of {rooms.length === 1 ? 'this room' : 'the rooms'}…
          <progress className="h-3 w-40" value={answer.share} aria-label="Companions" />
          <Button onClick={giveUp}>Stop</Button>
        </p>
      )}
      {found && deck.data && <Roles room={room} wall={wall} answer={found} deck={deck.data} />}
    </AlsoInLight>
  );
}

/** What goes with a colour on the walls of a room: its companions by role, each proposed for the room it is for. */
export function CompanionsPage({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const asked = useWall(room);
  return (
    <InLight roomId={roomId}>
      <div className="mx-auto max-w-[82rem] p-5 max-sm:p-3 print:p-0">
        {asked.state === 'none' && <ChooseWall room={room} />}
        {asked.state === 'asking' && (
          <p role="status" className="text-soft">
            Reading the deck…
          </p>
        )}
        {asked.state === 'unknown' && (
          <EmptyState title="The deck does not have this colour at this strength">
            <ChooseWall room={room} />
          </EmptyState>
        )}
        {asked.state === 'known' && (
          <Found key={`${asked.wall.colour.id} ${asked.wall.strength}`} room={room} wall={asked.wall} />
        )}
      </div>
    </InLight>
  );
}
