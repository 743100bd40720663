'use client';

import { Image as PictureIcon, Plus, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { counted } from '@/core/base/words';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { KeptPart } from '@/core/engine/scheme-walls';
import type { SchemesAnswer } from '@/core/engine/schemes-of-deck';
import type { Scheme, SchemeKind } from '@/core/record/scheme';
import type { RecordedStay } from '@/core/record/stay';
import { thingOf } from '@/core/record/thing';
import { piecesOf } from '@/core/scheme/pieces';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { Dialog } from '@/ui/dialog';
import { FieldError } from '@/ui/field';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useDeck } from '../entry/deck-data';
import { DeckTrouble } from '../entry/deck-trouble';
import { AlsoInLight, InLight, ShownSwitch } from '../light-client/in-light';
import { latest } from '../light-client/light-worker';
import { useRoom } from '../session/visit-context';
import { ChangePanel } from './change-panel';
import { KeptScheme } from './kept-scheme';
import { PieceDialog } from './piece-dialog';
import { PieceRow } from './piece-row';
import { ProposalCard } from './proposal-card';
import { SchemeForm } from './scheme-form';
import { TonalLadder } from './tonal-ladder';
import { useKeep } from './use-keep';
import {
  asKept,
  decidedParts,
  keptParts,
  REPAINTED,
  stayingBeside,
  swatchesOfProposal,
  useProposals,
  type Begun,
  type Repainted,
} from './use-schemes';

type From = 'room' | 'colour' | 'piece' | 'decided';
const KINDS: Readonly<Record<From, readonly SchemeKind[]>> = {
  room: ['shared', 'answered', 'tonal'],
  colour: ['shared', 'answered', 'tonal'],
  piece: ['largest', 'minor', 'tonal'],
  decided: ['shared', 'answered', 'tonal'],
};
const REPAINT_WORDS: Readonly<Record<Repainted, string>> = { trim: 'the trim', ceiling: 'the ceiling', door: 'the doors' };

/** What a scheme is begun from, as it is chosen on the page. */
function useBegun(room: RoomInLight) {
  const pieces = useMemo(() => piecesOf(room.stays), [room.stays]);
  const [from, setFrom] = useState<From>(pieces.length > 0 ? 'piece' : 'room');
  const [pieceId, setPieceId] = useState<string>();
  const [colourId, setColourId] = useState<string>();
  const [repainted, setRepainted] = useState<readonly Repainted[]>([]);
  const [anew, setAnew] = useState<Scheme>();
  const [focalOn, setFocalOn] = useState<{ readonly pieceId: string; readonly part: KeptPart }>();
  const piece = pieces.find((p) => p.id === pieceId) ?? pieces[0];
  const colour = room.candidates.find((c) => c.id === colourId) ?? room.candidates[0];
  const decided = useMemo(() => decidedParts(room), [room]);
  const cannot = { piece: !piece, colour: !colour, decided: decided.length === 0, room: false }[from];
  const shown: From = cannot ? 'room' : from;
  const focal = shown === 'piece' && focalOn?.pieceId === piece?.id ? focalOn?.part : undefined;
  const begun = useMemo((): Begun => {
    const locked = anew ? keptParts(room, anew).filter((k) => anew.locked.includes(k.part)) : [];
    if (anew) return { kinds: [anew.kind ?? 'shared'], kept: locked, piece, repainted };
    const ofColour = colour ? [{ part: 'walls' as const, ...asKept(colour) }] : [];
    const kept = { colour: ofColour, decided, piece: focal ? [focal] : [], room: [] }[shown];
    const painted = shown === 'decided' ? REPAINTED.filter((part) => decided.some((d) => d.part === part)) : [];
    const over = [...new Set([...repainted, ...painted])];
    return { kinds: KINDS[shown], kept, piece: shown === 'piece' ? piece : undefined, repainted: over };
  }, [anew, room, shown, piece, colour, decided, repainted, focal]);
  return {
    ...{ from: shown, pieces, piece, colour, decided, repainted, begun, anew, focal },
    setFocal: (part: KeptPart | undefined) => setFocalOn(part && piece ? { pieceId: piece.id, part } : undefined),
    setFrom: (next: From) => {
      setAnew(undefined);
      setFrom(next);
    },
    ...{ setPieceId, setColourId, setRepainted, setAnew },
  };
}
type BegunState = ReturnType<typeof useBegun>;

const select = 'min-h-11 max-w-72 border border-line-strong bg-raised px-2 text-[0.9375rem]';

/** "from a piece"; on a phone, where four stand side by side, "piece". */
const Begin = ({ from, children }: { readonly from: string; readonly children: string }) => (
  <span>
    <span className="max-sm:sr-only">{from} </span>
    {children}
  </span>
);

/** What it begins from, and what is painted although it was recorded as staying. */
function Beginning({ room, state }: { readonly room: RoomInLight; readonly state: BegunState }) {
  const { from, pieces, piece, colour, decided, repainted, setFrom, setPieceId, setColourId, setRepainted } = state;
  const [adding, setAdding] = useState(false);
  const staying = REPAINTED.filter((part) => room.stays.some((s) => thingOf(s) === part));
  return (
    <div className="mb-4 flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
      <ChoiceRow<From>
        label="Begin"
        value={from}
        onChange={setFrom}
        options={[
          { value: 'piece', label: <Begin from="from a">piece</Begin>, disabled: pieces.length === 0 },
          { value: 'colour', label: <Begin from="from a">colour</Begin>, disabled: room.candidates.length === 0 },
          { value: 'decided', label: <Begin from="from what is">decided</Begin>, disabled: decided.length === 0 },
          { value: 'room', label: <Begin from="from the">room</Begin> },
        ]}
      />
      {from === 'piece' && pieces.length > 1 && (
        <select aria-label="Which piece" className={select} value={piece?.id} onChange={(e) => setPieceId(e.target.value)}>
          {pieces.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </select>
      )}
      {from === 'colour' && (
        <select aria-label="Which colour" className={select} value={colour?.id} onChange={(e) => setColourId(e.target.value)}>
          {room.candidates.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name} {c.strength} %
            </option>
          ))}
        </select>
      )}
      <Dialog
        wide
        title="A painting, a rug, a fabric"
        open={adding}
        onOpenChange={setAdding}
        trigger={
          <Button>
            <PictureIcon aria-hidden size={18} /> A piece from a photograph…
          </Button>
        }
      >
        <PieceDialog
          room={room}
          onMade={(id) => {
            setAdding(false);
            setPieceId(id);
            setFrom('piece');
          }}
        />
      </Dialog>
      {staying.map((part) => (
        <label key={part} className="flex min-h-11 cursor-pointer items-center gap-2 text-[0.9375rem]">
          <input
            type="checkbox"
            className="size-5 accent-[var(--ink)]"
            checked={repainted.includes(part)}
            onChange={(e) => setRepainted(e.target.checked ? [...repainted, part] : repainted.filter((p) => p !== part))}
          />
          paint {REPAINT_WORDS[part]} too
        </label>
      ))}
    </div>
  );
}

type FoundProps = {
  readonly room: RoomInLight;
  readonly state: BegunState;
  readonly answer: SchemesAnswer;
  readonly deck: ReadonlyMap<string, DeckColour>;
};

/** The proposals beside each other, at one cursor, with where each colour of the piece goes. */
function Found({ room, state, answer: { proposals, nearest }, deck }: FoundProps) {
  const { from, piece, begun, anew, setAnew, focal, setFocal } = state;
  const { keep } = useKeep(room, deck);
  const swatches = useMemo(() => proposals.flatMap((p) => swatchesOfProposal(p.kind, p)), [proposals]);
  const stays = useMemo(() => stayingBeside(room, undefined, begun.repainted), [room, begun.repainted]);
  const shown: RecordedStay | undefined = from === 'piece' ? piece : undefined;
  const tonal = proposals.find((p) => p.kind === 'tonal');
  return (
    <AlsoInLight roomId={room.id} swatches={swatches}>
      {shown && <PieceRow piece={shown} {...{ proposals, nearest, deck, focal }} onFocal={setFocal} />}
      {anew && (
        <p className="mb-2">
          {anew.name} proposed anew{anew.locked.length > 0 ? ', what is locked kept' : ''}.{' '}
          <Button onClick={() => setAnew(undefined)}>Back to all</Button>
        </p>
      )}
      <div className="grid items-start gap-4 md:grid-cols-2 xl:grid-cols-3">
        {proposals.map((p) => (
          <ProposalCard
            key={p.kind}
            {...{ room, stays, deck }}
            proposal={p}
            piece={shown}
            onKeep={() => {
              keep(p, anew);
              setAnew(undefined);
            }}
          />
        ))}
      </div>
      {tonal && <TonalLadder name="tonal" proposal={tonal} stays={stays} deck={deck} />}
    </AlsoInLight>
  );
}

/** Schemes that are kept, side by side. */
function Kept({ room, state, deck }: Omit<FoundProps, 'answer'>) {
  const [making, setMaking] = useState(false);
  const { schemes } = room;
  return (
    <section aria-label="Kept schemes" className="mt-8 border-t border-line pt-4">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-lg font-semibold">
          Kept
          {schemes.length > 0 && (
            <span className="ml-3 text-sm font-normal text-soft">{counted(schemes.length, 'scheme')}, side by side</span>
          )}
        </h2>
        {room.candidates.length > 0 && (
          <Dialog
            title="A new scheme"
            open={making}
            onOpenChange={setMaking}
            trigger={
              <Button>
                <Plus aria-hidden size={18} /> By hand
              </Button>
            }
          >
            <SchemeForm room={room} onDone={() => setMaking(false)} />
          </Dialog>
        )}
      </div>
      {schemes.length === 0 ? (
        <EmptyState title="No scheme kept yet">
          Keep a proposal, or put one together by hand; any two then stand side by side, and one becomes the decision.
        </EmptyState>
      ) : (
        <div className="grid items-start gap-4 md:grid-cols-2">
          {schemes.map((scheme) => (
            <KeptScheme key={scheme.id} {...{ room, scheme, deck }} piece={state.piece} onAnew={state.setAnew} />
          ))}
        </div>
      )}
    </section>
  );
}

/** Whole schemes for a room: from a piece, from a colour, or from what works here; kept ones side by side. */
export function SchemesStep({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const state = useBegun(room);
  const [given, setGiven] = useState(false);
  const asked = useProposals(room, state.begun, given);
  const answer = latest(asked);
  const { data } = useDeck();
  const deck = useMemo(() => new Map((data ?? []).map((c) => [c.id, c])), [data]);
  const { from, piece, colour } = state;
  const begun = {
    piece: `begun from ${piece?.name}`,
    colour: `begun from ${colour?.name} ${colour?.strength} %`,
    room: 'begun from what works here',
    decided: 'begun from what is decided',
  }[from];
  return (
    <InLight roomId={roomId}>
      <div className="p-5 max-sm:p-3 print:p-0">
        <StepTitle title={`${room.name}: schemes`} aside={`${begun} · judged with all that stays, in every light of the room`}>
          <ShownSwitch />
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={18} /> Print
          </Button>
        </StepTitle>
        <Beginning {...{ room, state }} />
        <DeckTrouble />
        {asked.state === 'failed' && <FieldError>{asked.says}</FieldError>}
        {asked.state === 'computing' && !given && (
          <p role="status" className="mb-3 flex items-center gap-3 text-soft">
            Putting schemes together in the light of {room.name}…
            <progress className="h-3 w-40" value={asked.share} aria-label="Schemes" />
            <Button onClick={() => setGiven(true)}>Stop</Button>
          </p>
        )}
        {given && (
          <p className="mb-3">
            Given up. <Button onClick={() => setGiven(false)}>Look again</Button>
          </p>
        )}
        {answer && data && <Found {...{ room, state, answer, deck }} />}
        {data && <Kept {...{ room, state, deck }} />}
        {data && <ChangePanel {...{ room, deck }} />}
      </div>
    </InLight>
  );
}
