'use client';

import { SHEET_NAMES, sheetsOf } from '@/core/units/habits';
import { FileText, Plus } from 'lucide-react';
import { useMemo } from 'react';
import { lookRows } from '@/core/engine/look-rows';
import { finalistsOf } from '@/core/handover/sampling';
import { sayCardWhen } from '@/core/plan/say-look';
import type { Candidate } from '@/core/record/candidate';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { roomRecord, type CandidateRow } from '@/core/derived/room-record';
import { MOST_FINALISTS } from '@/core/record/sample';
import { wallOfPosition } from '@/core/room/wall-position';
import { wallName } from '@/core/room/facing';
import { buttonClass } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { SelfField } from '../entry/self-field';
import { useHousePlan } from '../light-client/house-plan';
import { latest } from '../light-client/light-worker';
import { InLight, ShownSwitch, usePaint } from '../light-client/in-light';
import { addressOf } from '../session/address';
import { useRoom, useVisit } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { sayColour } from '../words/say-colour';
import { SampleCard } from './sample-card';
import { IfItDisappoints } from './if-disappoints';
import { Shopping } from './shopping';
import { useSamples } from './use-samples';

const RANK: readonly CandidateRow['ruling'][] = ['works', 'nearly', 'open', 'untried', 'not'];
const RULED: Readonly<Record<CandidateRow['ruling'], string>> = {
  works: 'works here',
  nearly: 'nearly works',
  open: 'not ruled on yet',
  untried: 'not tried yet',
  not: 'does not work here',
};

/** Colours that could be sampled, what works first; one that does not work is none. */
function useRest(room: RoomInLight) {
  return useMemo(() => {
    const sampled = new Set(room.samples.map((s) => s.candidateId));
    return roomRecord(room)
      .rows.filter((r) => !sampled.has(r.candidate.id) && r.ruling !== 'not')
      .sort((p, q) => RANK.indexOf(p.ruling) - RANK.indexOf(q.ruling));
  }, [room]);
}

/** Colours of the room to be taken into paint. */
function Others({ room }: { readonly room: RoomInLight }) {
  const paint = usePaint();
  const { add } = useSamples(room);
  const rest = useRest(room);
  if (rest.length === 0) return null;
  return (
    <section aria-label="Not sampled" className="mt-4">
      <h2 className="text-[0.9375rem] font-semibold">Also in this room</h2>
      <ul className="mt-1 flex flex-wrap gap-2">
        {rest.map(({ candidate: c, ruling }) => (
          <li key={c.id}>
            <button
              type="button"
              onClick={() => void add(c.id)}
              aria-label={`Sample ${c.name} ${c.strength} %`}
              className="flex min-h-14 cursor-pointer items-center gap-2 bg-panel pr-3 text-left hover:bg-raised"
            >
              <Patch hex={paint(c.id, c.lab)} label={sayColour(c.lab)} className="size-14" />
              <span className="text-[0.9375rem] leading-tight">
                <b className="block">
                  {c.name} {c.strength} %
                </b>
                <span className="text-sm text-soft">{RULED[ruling]}</span>
              </span>
              <Plus aria-hidden size={18} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Why there are more finalists than usual. */
function Reason({ room }: { readonly room: RoomInLight }) {
  const visit = useVisit();
  const { needsReason, count } = finalistsOf(room);
  if (count <= MOST_FINALISTS) return null;
  const bearer = room.samples.find((s) => s.reason !== '') ?? room.samples.at(-1)!;
  const { id: sampleId, ...said } = bearer;
  return (
    <div className="my-2 border-l-4 border-ink pl-3">
      <SelfField
        id={`${room.id}.finalists`}
        label={`${count} finalists, where three are usual: why?`}
        where={`samples · ${room.name}`}
        href={addressOf({ visitId: visit.id, roomId: room.id, step: 'samples' })}
        saved={bearer.reason}
        hint={needsReason ? 'Three at most are told apart: say what the fourth is for.' : ''}
        toWrite={(reason) => ({ name: 'sample.save', roomId: room.id, sampleId, ...said, reason })}
      />
    </div>
  );
}

/** Where each board goes when: the looks at the colours in paint, kept or only planned. */
function Places({ room }: { readonly room: RoomInLight }) {
  const visit = useVisit();
  const asked = useHousePlan(room.samples.length > 0);
  const plan = latest(asked);
  const sampled = new Set(room.samples.map((s) => s.candidateId));
  const looks = useMemo(() => lookRows(visit, plan), [visit, plan]).filter(
    ({ room: of, state, candidateIds }) =>
      // a look that names no colour is at all of them
      of.id === room.id && state === 'planned' && (candidateIds.length === 0 || candidateIds.some((id) => sampled.has(id))),
  );
  const where = (position: string) => {
    const wall = wallOfPosition(position);
    return wall === undefined ? position.replace('-', ' ') : wallName(room, wall);
  };
  const nothing = looks.length === 0 && asked.state !== 'computing';
  return (
    <section aria-label="Where to put them when" aria-busy={asked.state === 'computing' && room.samples.length > 0}>
      <h2 className="text-[1.0625rem] font-semibold">Where to put them when</h2>
      <ol className="py-2">
        {looks.map((l) => (
          <li key={l.key} className="border-t border-line py-1.5">
            <b>{l.walls.map(where).join(', then ')}</b>, {sayCardWhen(l)}
            <span className="block text-sm text-soft">
              Look {l.number}
              {l.who === 'client' ? ', with the client' : ''}: {l.decides}
            </span>
          </li>
        ))}
      </ol>
      {nothing && <p className="text-soft">No look is to come: every light of the room was seen, or nothing is in paint yet.</p>}
      <VisitLink
        href={addressOf({ visitId: visit.id, roomId: room.id, step: 'looks' })}
        className="inline-flex min-h-11 items-center underline underline-offset-4"
      >
        The whole plan
      </VisitLink>
    </section>
  );
}

function List({ room }: { readonly room: RoomInLight }) {
  const paint = usePaint();
  const of = (id: string): Candidate | undefined => [...room.candidates, ...room.retired.candidates].find((c) => c.id === id);
  if (room.samples.length === 0)
    return (
      <EmptyState title="Nothing in paint yet">
        <p>Take up to three finalists below: a board each, two coats, a white border.</p>
      </EmptyState>
    );
  return (
    <ul>
      {room.samples.map((sample) => {
        const candidate = of(sample.candidateId);
        return (
          candidate && <SampleCard key={sample.id} {...{ room, sample, candidate }} hex={paint(candidate.id, candidate.lab)} />
        );
      })}
    </ul>
  );
}

/** Finalists in real paint: how each is put up, what to buy, when it is dry, and what it turned out to be. */
export function SamplesStep({ roomId }: { readonly roomId: string }) {
  const visit = useVisit();
  const room = useRoom(roomId);
  const { count } = finalistsOf(room);
  const file = (size: string) => `/api/visits/${visit.id}/papers/labels-${size}.pdf`;
  const any = visit.rooms.some((r) => r.samples.length > 0);
  if (room.candidates.length === 0)
    return (
      <div className="p-4 lg:px-5">
        <StepTitle title={`${room.name}: samples`} />
        <EmptyState title="No colour in this room yet">
          <p className="mb-4">Take colours from the deck and judge them: the best of them go into paint.</p>
          <VisitLink href={addressOf({ visitId: visit.id, roomId, step: 'deck' })} className={buttonClass('main')}>
            To the deck
          </VisitLink>
        </EmptyState>
      </div>
    );
  return (
    <div className="p-4 lg:px-5">
      <StepTitle title={`${room.name}: samples`} aside={`${count} of ${MOST_FINALISTS} finalists in paint`}>
        <ShownSwitch />
        {any && (
          <>
            {sheetsOf(visit).map((sheet) => (
              <a key={sheet} className={buttonClass()} href={file(sheet)} download>
                <FileText aria-hidden size={18} /> Labels, {SHEET_NAMES[sheet]}
              </a>
            ))}
          </>
        )}
      </StepTitle>
      <div className="grid grid-cols-[minmax(0,1.4fr)_minmax(20rem,1fr)] gap-x-8 gap-y-5 max-lg:grid-cols-1">
        <div className="min-w-0">
          <Reason room={room} />
          <InLight roomId={roomId}>
            <List room={room} />
            <Others room={room} />
          </InLight>
        </div>
        <div className="grid content-start gap-5">
          <Places room={room} />
          <IfItDisappoints roomId={roomId} />
          <Shopping roomId={roomId} />
        </div>
      </div>
    </div>
  );
}
