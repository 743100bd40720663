'use client';

import { Check } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { counted } from '@/core/base/words';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { partsOfScheme, pickedScheme, type Scheme, type SchemePart } from '@/core/record/scheme';
import type { RecordedStay } from '@/core/record/stay';
import { SCHEME_KIND_WORDS } from '@/core/scheme/parts';
import { Button } from '@/ui/button';
import { Confirm } from '@/ui/confirm';
import { Dialog } from '@/ui/dialog';
import { AlsoInLight } from '../light-client/in-light';
import { latest } from '../light-client/light-worker';
import { takeAway } from '../session/take-away';
import { useVisitWrite } from '../session/visit-context';
import { PartList } from './part-list';
import { sayLink, sayWeakest } from './say-scheme';
import { SchemeForm } from './scheme-form';
import { ColoursInMeasure, SchemeRoom } from './scheme-view';
import { useKeep } from './use-keep';
import { stayingBeside, swatchesOfProposal, useJudged } from './use-schemes';

type Props = {
  readonly room: RoomInLight;
  readonly scheme: Scheme;
  readonly deck: ReadonlyMap<string, DeckColour>;
  readonly piece: RecordedStay | undefined;
  /** Proposes it anew with what is locked kept. */
  readonly onAnew: (scheme: Scheme) => void;
};

/** What can be done with a scheme that is kept. */
function Actions({ room, scheme, deck, onAnew }: Omit<Props, 'piece'>) {
  const [changing, setChanging] = useState(false);
  const write = useVisitWrite();
  const { save, decide } = useKeep(room, deck);
  const picked = pickedScheme(room.schemes)?.id === scheme.id;
  const leave = () =>
    takeAway(
      (retired) => write({ name: 'scheme.retire', roomId: room.id, schemeId: scheme.id, retired }, { answers: true }).result,
      `${scheme.name} taken away`,
    );
  const decideSo = () => {
    const count = decide(scheme);
    toast(
      count === 0
        ? 'Nothing of it is paint on a surface of this room.'
        : `${counted(count, 'surface')} decided: look at them in Decide, and sign there.`,
    );
  };
  return (
    <div className="mt-2 flex flex-wrap gap-2 print:hidden">
      <Button
        aria-pressed={picked}
        look={picked ? 'strong' : 'plain'}
        onClick={() => save({ ...scheme, pickedAt: picked ? null : new Date().toISOString() })}
      >
        {picked && <Check aria-hidden size={18} />} The client’s pick
      </Button>
      <Confirm
        title={`Decide ${room.name} so?`}
        body="Every surface that this scheme paints is decided in its colour; what was decided there before is replaced. One step back undoes it."
        action="Decide so"
        onConfirm={decideSo}
      >
        <Button>Decide so…</Button>
      </Confirm>
      <Dialog
        title={`Change ${scheme.name}`}
        open={changing}
        onOpenChange={setChanging}
        trigger={<Button aria-label={`Change ${scheme.name}`}>Change…</Button>}
      >
        <SchemeForm room={room} scheme={scheme} onDone={() => setChanging(false)} />
      </Dialog>
      <Button onClick={() => onAnew(scheme)}>Propose anew</Button>
      <Button aria-label={`Take away ${scheme.name}`} onClick={() => void leave()}>
        Take away
      </Button>
    </div>
  );
}

/** A scheme that is kept: the room in it, its colours in measure, how it holds together. */
export function KeptScheme({ room, scheme, deck, piece, onAnew }: Props) {
  const asked = useJudged(room, scheme);
  const judged = latest(asked)?.proposals[0];
  const { save } = useKeep(room, deck);
  const stays = useMemo(() => stayingBeside(room, scheme, []), [room, scheme]);
  const swatches = useMemo(() => (judged ? swatchesOfProposal(scheme.id, judged) : []), [judged, scheme.id]);
  const weak = judged?.links.filter((l) => l.verdict !== 'works') ?? [];
  const lock = (part: SchemePart) => {
    const locked = scheme.locked.includes(part) ? scheme.locked.filter((p) => p !== part) : [...scheme.locked, part];
    save({ ...scheme, locked });
  };
  return (
    <section aria-label={`Scheme: ${scheme.name}`} data-kept={scheme.id} className="flex min-w-0 flex-col bg-raised">
      {judged ? (
        <AlsoInLight roomId={room.id} swatches={swatches}>
          <SchemeRoom
            room={room}
            name={scheme.id}
            proposal={judged}
            piece={piece}
            label={`${scheme.name}: ${room.name} unfolded`}
            className="h-56"
          />
          <ColoursInMeasure name={scheme.id} proposal={judged} stays={stays} className="h-16" />
          <div className="p-3">
            <h3 className="text-lg leading-tight font-semibold">
              {scheme.name}
              {scheme.kind && <span className="ml-2 text-sm font-normal text-soft">{SCHEME_KIND_WORDS[scheme.kind].name}</span>}
            </h3>
            <p className="text-sm">
              {judged.links.length - weak.length} of {judged.links.length} links work ·{' '}
              <b className="font-semibold">{sayWeakest(judged.weakest)}</b> <span className="text-soft">(predicted)</span>
            </p>
            {judged.caution && <p className="border-l-4 border-ink pl-2 text-sm">{judged.caution}</p>}
            <Actions {...{ room, scheme, deck, onAnew }} />
            <details className="mt-1">
              <summary className="flex min-h-11 cursor-pointer items-center text-[0.9375rem] underline underline-offset-4">
                Its colours{scheme.things.length > 0 && `, and ${counted(scheme.things.length, 'thing')} of its own`}
              </summary>
              <PartList room={room} name={scheme.id} parts={judged.parts} deck={deck} locked={scheme.locked} onLock={lock} />
              {weak.length > 0 && (
                <ul aria-label="Weakest links" className="mt-2 text-sm">
                  {weak.map((l) => (
                    <li key={l.between.join()}>{sayLink(l)}</li>
                  ))}
                </ul>
              )}
            </details>
          </div>
        </AlsoInLight>
      ) : (
        <div className="grid min-h-56 content-start gap-1 p-3">
          <h3 className="text-lg font-semibold">{scheme.name}</h3>
          <p role="status" className="text-soft">
            {partsOfScheme(scheme).length === 0 ? 'It has no colour yet.' : 'Judging how it holds together…'}
          </p>
          {asked.state === 'failed' && <p role="alert">{asked.says}</p>}
          <Actions {...{ room, scheme, deck, onAnew }} />
        </div>
      )}
    </section>
  );
}
