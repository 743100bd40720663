'use client';

import { useState } from 'react';
import { preparationFor } from '@/core/handover/preparation';
import { sayNames } from '@/core/handover/rows';
import type { Lab } from '@/core/colour/types';
import type { Choice } from '@/core/record/decision';
import type { DecidedRoom, DecidedSurface } from '@/core/derived/decided';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import { paintedKinds, stayingWith } from '@/core/derived/painted-over';
import type { Room } from '@/core/record/room';
import { underNow } from '@/core/derived/under-now';
import { Button, buttonClass, Key } from '@/ui/button';
import { useTableKeys } from '@/ui/use-keys';
import { usePaintFacts, type AskedPaint } from '../entry/paint-facts';
import { GoesWith } from '../drawings/goes-with';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { ChoiceForm } from './choice-form';
import { useDecide } from './use-decide';
import type { SurfaceLight } from './use-surface-light';
import { DECIDE_KEYS } from './keys';
import { WayList } from './way-list';
import { isRaked, RAKED, sheenOf, wallColours, type ShownWay } from '@/core/engine/ways';
import { upperFirst } from '@/core/base/words';

const FEW = 4;
const asked = (of: { deckColourId: string; strength: number }, under: Lab | null): AskedPaint => ({
  deckColourId: of.deckColourId,
  strength: of.strength,
  under,
  containers: [],
});

/** What holds of all the chosen surfaces together; undefined where they differ. */
function shared(rows: readonly DecidedSurface[]): (DecidedSurface & { readonly choice: Choice }) | undefined {
  const [first] = rows;
  const text = (s: DecidedSurface) => JSON.stringify({ ...s.choice, why: '' });
  return first?.choice && rows.every((r) => r.choice && text(r) === text(first)) ? { ...first, choice: first.choice } : undefined;
}

type Props = {
  readonly room: Room;
  readonly decided: DecidedRoom;
  readonly surfaces: readonly PaintSurface[];
  readonly ways: readonly ShownWay[];
  readonly judging: boolean;
  readonly light: SurfaceLight;
  readonly wallHex: string | null;
  readonly deckFailed: (() => void) | undefined;
  /** Tells what was done, in words. */
  readonly onSaid: (says: string) => void;
};

/** Title of what can be taken: "Trim: three ways". */
function titleOf(surfaces: readonly PaintSurface[], ways: readonly ShownWay[]): string {
  const kind = surfaces[0]?.kind;
  if (kind === 'trim') return 'Trim: three ways';
  return `${upperFirst(sayNames(surfaces))}: ${ways.length === 0 ? 'no colour yet' : 'which colour'}`;
}

/** The surfaces that are chosen, with what can be done to them. */
function usePanel({ room, decided, surfaces, ways }: Pick<Props, 'room' | 'decided' | 'surfaces' | 'ways'>) {
  const { decide, take, leave, open } = useDecide(room);
  const kind = surfaces[0]?.kind ?? 'wall';
  const under = underNow(room, kind);
  const rows = decided.surfaces.filter((s) => surfaces.some((c) => c.id === s.surface.id));
  const now = shared(rows);
  const facts = usePaintFacts([
    ...ways.map((w) => asked({ deckColourId: w.colour.deckColourId, strength: w.strength }, under)),
    ...(now?.candidate ? [asked(now.candidate, under)] : []),
  ]);
  const wall = wallColours(decided)[0]?.candidate;
  const adviceOn = (deckColourId: string, strength: number) => facts.of(asked({ deckColourId, strength }, under))?.coats;
  const raked = kind === 'wall' && surfaces.some((s) => isRaked(room, s.wall));
  const advisedSheen = (lab: Lab, deckColourId: string) => {
    const { sheen, why } = sheenOf(kind, lab, { room, inWallColour: wall?.deckColourId === deckColourId });
    return { sheen, why: raked && sheen !== 'matte' ? `${why}; ${RAKED}` : why };
  };
  const usual = {
    sheen: now?.choice.sheen ?? advisedSheen({ l: 90, a: 0, b: 0 }, '').sheen,
    finish: ways[0]?.finish ?? 'wall',
  } as const;
  return {
    now,
    kind,
    factsFailed: facts.state === 'failed' ? facts.retry : undefined,
    adviceOn,
    advisedSheen,
    decidedAtAll: rows.some((r) => r.choice),
    change: (choice: Choice) => void decide(surfaces, choice),
    take: (way: ShownWay) => take(surfaces, way, adviceOn(way.colour.deckColourId, way.strength)),
    leave: () => void leave(surfaces, usual),
    open: () => void open(surfaces, usual),
    isTaken: (way: ShownWay) =>
      now?.candidate?.deckColourId === way.colour.deckColourId && now.candidate.strength === way.strength,
  };
}
type Panel = ReturnType<typeof usePanel>;

/** What is not judged against because it is painted over, and what is still being done. */
function PanelNotes({
  room,
  decided,
  kind,
  ways,
  judging,
  deckFailed,
}: Omit<Props, 'light' | 'wallHex' | 'onSaid'> & { readonly kind: Panel['kind'] }) {
  const staying = stayingWith(room.stays, kind === 'wall' ? [] : [kind, ...paintedKinds(decided)]);
  const over = room.stays.filter((s) => !staying.includes(s));
  return (
    <>
      {over.length > 0 && ways.length > 0 && (
        <p className="text-sm text-soft">Judged without {over.map((s) => s.name).join(', ')}, which would be painted over.</p>
      )}
      {judging && <p className="text-sm text-soft">Judging them beside wall and finishes in the room’s lights…</p>}
      {deckFailed && (
        <p role="alert">
          The deck could not be read: no white is proposed. <Button onClick={deckFailed}>Try again</Button>
        </p>
      )}
      {ways.length === 0 && <p className="py-3 text-soft">Take a colour from the deck, or choose the walls first.</p>}
    </>
  );
}

/** How the surfaces are painted in the colour they have. */
function OnIt({ panel, room }: { readonly panel: Panel; readonly room: Room }) {
  const { now, advisedSheen, adviceOn, change } = panel;
  if (!now?.candidate) return null;
  const { candidate, choice } = now;
  return (
    <div className="mt-4 border-t border-line pt-3">
      <h3 className="mb-2 font-semibold">
        {candidate.name} {candidate.strength} % on it
      </h3>
      <ChoiceForm
        key={`${candidate.id} ${choice.why}`}
        choice={choice}
        advised={advisedSheen(candidate.lab, candidate.deckColourId)}
        advice={adviceOn(candidate.deckColourId, candidate.strength)}
        failed={panel.factsFailed}
        preparation={preparationFor(room.paintwork.now[panel.kind])}
        onChange={change}
      />
    </div>
  );
}

/** The chosen surfaces: what could be taken for them, and how they are painted. */
export function SurfacePanel(props: Props) {
  const { room, surfaces, ways, light, wallHex } = props;
  const visit = useHome();
  const [all, setAll] = useState(false);
  const panel = usePanel(props);
  const few = all ? ways : ways.slice(0, FEW);
  const takeWay = (way: ShownWay) => {
    panel.take(way);
    props.onSaid(`Taken for ${sayNames(surfaces)}: ${way.colour.name} ${way.strength} %, ${way.sheen}`);
  };
  const takeNth = (k: number) => (few[k] ? takeWay(few[k]) : false);
  useTableKeys(DECIDE_KEYS, { take: takeNth, open: () => (panel.decidedAtAll ? panel.open() : false) });
  return (
    <section aria-label={titleOf(surfaces, ways)} className="min-w-0">
      <h2 className="text-[1.0625rem] font-semibold">{titleOf(surfaces, ways)}</h2>
      <PanelNotes {...props} kind={panel.kind} />
      <WayList
        ways={few}
        wallHex={panel.kind === 'wall' ? null : wallHex}
        hexOfWay={(way) => light.paint(way.swatch, surfaces[0]?.wall ?? null)}
        isTaken={panel.isTaken}
        onTake={takeWay}
      />
      <div className="mt-2 flex flex-wrap gap-2">
        {ways.length > FEW && <Button onClick={() => setAll(!all)}>{all ? 'Fewer' : `${ways.length - FEW} more`}</Button>}
        <VisitLink href={addressOf({ visitId: visit.id, roomId: room.id, step: 'deck' })} className={buttonClass()}>
          From the deck
        </VisitLink>
        {panel.now?.candidate && (
          <GoesWith roomId={room.id} colour={panel.now.candidate}>
            Goes with {panel.now.candidate.name}…
          </GoesWith>
        )}
        {panel.now?.choice.what !== 'leave' && <Button onClick={panel.leave}>Leave as it is</Button>}
        {panel.decidedAtAll && (
          <Button onClick={panel.open}>
            Open again <Key of={DECIDE_KEYS.open} />
          </Button>
        )}
      </div>
      <OnIt panel={panel} room={room} />
    </section>
  );
}
