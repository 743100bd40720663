'use client';

import { useMemo, useState } from 'react';
import { offeredSwatch } from '@/core/engine/swatches';
import type { OthersAnswer } from '@/core/engine/plan-protocol';
import type { Worst } from '@/core/engine/worst-beside';
import { deltaE00 } from '@/core/colour/ciede2000';
import { screenColour } from '@/core/colour/srgb';
import { REASON_WORDS } from '@/core/judge/reasons';
import { lightConflicts, type LightConflict } from '@/core/derived/conflicts';
import type { Candidate } from '@/core/record/candidate';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { roomRecord } from '@/core/derived/room-record';
import { LIGHT_NAMES } from '@/core/room/facing';
import { Button } from '@/ui/button';
import { addressOf } from '../session/address';
import { useTakeColour } from '../session/take-colour';
import { useHome, useRoom } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { candidateSwatch } from '@/core/engine/swatches';
import { inQuestion } from '../light-client/house-plan';
import { useLampAdvice, useOthers } from './use-room-question';

const worksIn = (lights: readonly Worst[]): boolean => lights.length > 0 && lights.every((w) => w.verdict === 'works');

/** "Chalk 75 % beside Hearth stone works in window by day; no, too yellow, in lamps". */
export function sayConflict(
  { candidate: c, stayId, worksIn: good, failsIn, verdict, reason, person }: LightConflict,
  room: RoomInLight,
): string {
  const stay = room.stays.find((s) => s.id === stayId)?.name;
  return `${c.name} ${c.strength} %${stay ? ` beside ${stay}` : ''} works in ${LIGHT_NAMES[good]}; ${verdict}${reason ? `, ${REASON_WORDS[reason]}` : ''}, in ${LIGHT_NAMES[failsIn]}${person === 'client' ? ', says the client' : ''}`;
}

type Asked = { readonly conflict: LightConflict; readonly room: RoomInLight };

/** Other strengths of the colour, and the other colours that are in question, nearest first: those that are asked about. */
function useRemedySwatches({ conflict: { candidate }, room }: Asked) {
  return useMemo(() => {
    const strengths = candidate.offered
      .filter((o) => o.strength !== candidate.strength)
      .map((o) => offeredSwatch(candidate, o.strength, o.lab));
    const colours = inQuestion(room)
      .filter((c) => c.deckColourId !== candidate.deckColourId)
      .sort((p, q) => deltaE00(p.lab, candidate.lab) - deltaE00(q.lab, candidate.lab))
      .map(candidateSwatch);
    return [...strengths, ...colours];
  }, [candidate, room]);
}

/** What would help, of what was computed. What was seen outranks what is predicted: ruled colours are offered by their ruling alone. */
function remediesOf({ conflict: { candidate }, room }: Asked, others: OthersAnswer['others']) {
  const good = new Set(others.filter((o) => worksIn(o.lights)).map((o) => o.id));
  const { rows } = roomRecord(room);
  const ruled = rows.filter((r) => r.ruling !== 'open' && r.ruling !== 'untried');
  const seen = ruled.filter((r) => r.ruling === 'works' && r.candidate.id !== candidate.id).map((r) => r.candidate);
  const isRuled = (deckColourId: string, strength: number) =>
    ruled.some((r) => r.candidate.deckColourId === deckColourId && r.candidate.strength === strength);
  return {
    own: seen.filter((c) => c.deckColourId === candidate.deckColourId),
    strengths: candidate.offered.filter(
      (o) => good.has(`${candidate.deckColourId}@${o.strength}`) && !isRuled(candidate.deckColourId, o.strength),
    ),
    colours: [
      ...seen.filter((c) => c.deckColourId !== candidate.deckColourId).map((c) => ({ c, says: ', works here' })),
      ...inQuestion(room)
        .filter((c) => good.has(c.id) && !isRuled(c.deckColourId, c.strength))
        .map((c) => ({ c, says: ', predicted' })),
    ],
  };
}

/** What another lamp would do. */
function sayLamps(asked: ReturnType<typeof useLampAdvice>, byLamps: boolean, candidateId: string): string {
  if (!byLamps) return 'does not change daylight';
  const rows = asked.state === 'done' ? asked.value.rows : [];
  const help = rows.filter(
    (r) => r.option.id !== 'now' && r.colours.some((c) => c.id === candidateId && c.worst.verdict === 'works'),
  );
  if (help.length === 0) return 'none of those computed helps';
  return help.map((r) => r.option.says).join('; ') + ': predicted to work';
}

/** The remedies of the trade for one conflict, each computed: another lamp, another strength, another colour. */
function Remedies({ conflict, room }: Asked) {
  const visit = useHome();
  const { candidate } = conflict;
  const take = useTakeColour(room);
  const byLamps = conflict.failsIn === 'lamps';
  const lamps = useLampAdvice(room.id, byLamps);
  const asked = useOthers(room.id, useRemedySwatches({ conflict, room }), true);
  if (asked.state === 'failed') return <p className="text-soft">{asked.says}</p>;
  if (asked.state === 'computing' || (byLamps && lamps.state === 'computing'))
    return (
      <p role="status" className="text-soft">
        computing what would help…
      </p>
    );
  const { own, strengths, colours } = remediesOf({ conflict, room }, asked.value.others);
  const link = ({ c, says }: { c: Candidate; says: string }) => (
    <VisitLink
      key={c.id}
      className="inline-flex min-h-11 items-center gap-2 underline underline-offset-4"
      href={addressOf({ visitId: visit.id, roomId: room.id, step: 'bench', at: { colour: c.id } })}
    >
      <span aria-hidden className="size-6" style={{ backgroundColor: screenColour(c.lab).hex }} />
      {c.name} {c.strength} %{says}
    </VisitLink>
  );
  return (
    <dl className="grid grid-cols-[8.5rem_minmax(0,1fr)] gap-x-3 gap-y-2 text-[0.9375rem]">
      <dt className="text-soft">Another lamp</dt>
      <dd>{sayLamps(lamps, byLamps, candidate.id)}</dd>
      <dt className="text-soft">Another strength</dt>
      <dd className="flex flex-wrap gap-2">
        {strengths.length + own.length === 0 && 'none of those offered is predicted to work in every light'}
        {own.map((c) => link({ c, says: ', works here' }))}
        {strengths.map((o) => (
          <Button key={o.strength} onClick={() => void take({ ...candidate, lab: o.lab }, o.strength).result}>
            <span aria-hidden className="size-6" style={{ backgroundColor: screenColour(o.lab).hex }} />
            try {o.strength} %, predicted
          </Button>
        ))}
      </dd>
      <dt className="text-soft">Another colour</dt>
      <dd className="flex flex-wrap items-center gap-x-4">
        {colours.map(link)}
        <VisitLink
          className="inline-flex min-h-11 items-center underline underline-offset-4"
          href={addressOf({ visitId: visit.id, roomId: room.id, step: 'deck' })}
        >
          what could work, from the deck
        </VisitLink>
      </dd>
    </dl>
  );
}

/** Where one light says yes and another no: put to the person, with what would help. */
export function Conflicts({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const conflicts = useMemo(() => lightConflicts(room), [room]);
  const [open, setOpen] = useState<string>();
  if (conflicts.length === 0)
    return <p className="text-soft">Nothing that was seen here works in one light and not in another.</p>;
  return (
    <ul>
      {conflicts.map((conflict) => {
        const key = `${conflict.candidate.id} ${conflict.stayId}`;
        return (
          <li key={key} className="border-b border-line py-2" data-conflict>
            <div className="flex items-center justify-between gap-3">
              <p className="min-w-0">{sayConflict(conflict, room)}</p>
              <Button aria-expanded={open === key} onClick={() => setOpen(open === key ? undefined : key)}>
                What would help
              </Button>
            </div>
            {open === key && (
              <div className="mt-2">
                <Remedies conflict={conflict} room={room} />
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}
