'use client';

import { Check, Plus } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';
import { toast } from 'sonner';
import { lrvOf } from '@/core/colour/lab';
import { WHITE_PAPERS } from '@/core/colour/paper';
import type { WhiteEdge, WhitePalette } from '@/core/companions/whites';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import type { FoundWhiteColour, WhiteAnswer, WhiteRequest } from '@/core/engine/find-white';
import { judgedThings } from '@/core/engine/judged-things';
import type { NoAnswer, Swatch } from '@/core/engine/light-protocol';
import { withoutLights } from '@/core/engine/lit-room';
import { offeredSwatch, PAPER_ID } from '@/core/engine/swatches';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { Dialog } from '@/ui/dialog';
import { Patch } from '@/ui/patch';
import { TickRow } from '@/ui/tick-row';
import { VerdictBar } from '@/ui/verdict-mark';
import { AlsoInLight, ShownSwitch, usePaint } from '../light-client/in-light';
import { latest, useJob } from '../light-client/light-worker';
import { useAdvisedRoom } from '../light-client/room-day';
import { useTakeColour } from '../session/take-colour';
import { useHome, useRoom } from '../session/visit-context';
import { sayColour } from '../words/say-colour';
import { sayClock } from '../words/say-light';
import { SKY_OR_LAMP_WORDS } from '../words/sky-or-lamp';
import { VERDICT_WORDS } from '../words/verdict-words';
import { sayRefusal } from '../words/words';

const KINDS = { pure: 'Pure', warm: 'Warm', cool: 'Cool' } as const;
const swatchOf = ({ id, strength, lab }: FoundWhiteColour): Swatch => offeredSwatch({ deckColourId: id }, strength, lab);

/** "at 10:30 under a clear sky it reads grey-blue here". */
function useSayReads() {
  const visit = useHome();
  return ({ reads }: FoundWhiteColour): string | undefined => {
    const [first] = reads;
    if (!first) return undefined;
    const when = first.kind === 'lamps' ? '' : `at ${sayClock(first.at, visit.place.timeZone)} `;
    return `${when}${SKY_OR_LAMP_WORDS[first.kind]} it reads ${first.as} here`;
  };
}

type OneProps = { readonly room: RoomInLight; readonly white: FoundWhiteColour; readonly colour: DeckColour };

/** A white with paper beside it, touching: what it is shows against that. */
function White({ room, white, colour }: OneProps) {
  const paint = usePaint();
  const take = useTakeColour(room);
  const sayReads = useSayReads();
  const { lab } = WHITE_PAPERS.plain;
  const taken = room.candidates.some((c) => c.deckColourId === colour.id && c.strength === white.strength);
  const reads = sayReads(white);
  const add = async () => {
    const result = await take(knownColour(colour, white.lab), white.strength).result;
    if (!result.ok) toast.error(sayRefusal(result));
  };
  return (
    <li data-white={white.kind} data-verdict={white.verdict} className="min-w-0">
      <div className="flex h-40 max-sm:h-28">
        <Patch hex={paint(swatchOf(white).id, white.lab)} label={sayColour(white.lab)} className="flex-[3]" />
        <Patch hex={paint(PAPER_ID, lab)} label="white paper" className="flex-1" />
      </div>
      <VerdictBar mark={white.verdict} className="mt-1" />
      <p className="mt-1 text-sm text-soft">{KINDS[white.kind]}</p>
      <p className="leading-tight font-semibold break-words">{colour.name}</p>
      <p className="text-sm">
        {colour.maker} {colour.code} · LRV {Math.round(lrvOf(white.lab))}
      </p>
      <p className="mt-1 text-sm">
        {VERDICT_WORDS[white.verdict].toLowerCase()}, predicted
        {white.weakest ? `; weakest: ${white.weakest}` : ''}
        {reads ? `; ${reads}` : ''}.
      </p>
      {colour.sharedName && (
        <p className="text-sm font-semibold">
          ≠ Another maker sells a different colour as {colour.name}: order by {colour.code}.
        </p>
      )}
      <Button className="mt-1.5" look={taken ? 'main' : 'plain'} disabled={taken} aria-pressed={taken} onClick={() => void add()}>
        {taken ? <Check aria-hidden size={16} /> : <Plus aria-hidden size={16} />}{' '}
        {taken ? 'In this room' : 'Take into this room'}
      </Button>
    </li>
  );
}

/** Why the other kinds are not offered. */
function WhyNot({
  whites,
  deck,
}: {
  readonly whites: readonly FoundWhiteColour[];
  readonly deck: ReadonlyMap<string, DeckColour>;
}) {
  const paint = usePaint();
  const sayReads = useSayReads();
  if (whites.length === 0) return null;
  return (
    <section aria-label="Why not the others" className="mt-4">
      <h3 className="mb-1 font-semibold">Why not the others</h3>
      <ul className="grid gap-2">
        {whites.map((w) => {
          const why = [w.weakest, sayReads(w)].filter(Boolean).join('; ');
          return (
            <li key={w.id} data-not={w.kind} className="grid grid-cols-[4rem_minmax(0,1fr)] items-center gap-x-3">
              <Patch hex={paint(swatchOf(w).id, w.lab)} label={sayColour(w.lab)} className="h-11" />
              <p className="text-sm">
                <b>{KINDS[w.kind]}</b>, at best {deck.get(w.id)?.name}:{' '}
                {why || 'it would do too, and is farther from what you answered'}.
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The answers as they are asked of the worker, and what came of them. */
function useWhites(roomId: string, { palette, edge, without }: Answers) {
  const room = useRoom(roomId);
  const advised = useAdvisedRoom(roomId);
  const things = judgedThings(room);
  const request = useMemo(
    (): WhiteRequest | undefined =>
      advised && { ...advised, stays: things.filter((t) => !without.includes(t.id)), palette, edge },
    [advised, things, without, palette, edge],
  );
  return useJob('white', request, {
    of: withoutLights,
    work: (w, id, asked, progress): Promise<WhiteAnswer | NoAnswer> => w.white(id, asked, progress),
  });
}

type Props = { readonly roomId: string; readonly colours: readonly DeckColour[] };
type ResultProps = { readonly room: RoomInLight; readonly answer: WhiteAnswer; readonly colours: readonly DeckColour[] };

/** What to try, or what serves instead where no white does, and why not the others. */
function Result({ room, answer, colours }: ResultProps) {
  const deck = useMemo(() => new Map(colours.map((c) => [c.id, c])), [colours]);
  const none = answer.found.length === 0;
  return (
    <>
      {none && (
        <p className="mb-2">
          <b>No white for these walls:</b> {answer.not[0]?.weakest ?? 'the deck has none'}
          {answer.instead.length > 0 ? '. Instead, light and with more warmth or colour:' : '.'}
        </p>
      )}
      <ul className="grid grid-cols-3 gap-4 max-sm:grid-cols-1">
        {(none ? answer.instead : answer.found).flatMap((white) => {
          const colour = deck.get(white.id);
          return colour ? [<White key={white.id} room={room} white={white} colour={colour} />] : [];
        })}
      </ul>
      <WhyNot whites={answer.not} deck={deck} />
      <p className="mt-4 text-sm text-soft">
        The whitest white of a shop is often sold as it comes, in some products only: ask whether it can be had in the finish that
        is wanted before it is promised.
      </p>
    </>
  );
}

type Answers = { readonly palette: WhitePalette; readonly edge: WhiteEdge; readonly without: readonly string[] };
type QuestionsProps = {
  readonly room: RoomInLight;
  readonly answers: Answers;
  readonly onAnswer: (part: Partial<Answers>) => void;
};

/** A question above what can be answered. */
function Question({ says, children }: { readonly says: string; readonly children: ReactNode }) {
  return (
    <div>
      <p aria-hidden className="mb-1 text-sm text-soft">
        {says}
      </p>
      {children}
    </div>
  );
}

function Questions({ room, answers: { palette, edge, without }, onAnswer }: QuestionsProps) {
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Question says="What lies around it is">
          <ChoiceRow<WhitePalette>
            label="What lies around it is"
            value={palette}
            onChange={(next) => onAnswer({ palette: next })}
            options={[
              { value: 'warm', label: 'Warm' },
              { value: 'cool', label: 'Cool' },
              { value: 'either', label: 'Either' },
            ]}
          />
        </Question>
        <Question says="It is to be">
          <ChoiceRow<WhiteEdge>
            label="It is to be"
            value={edge}
            onChange={(next) => onAnswer({ edge: next })}
            options={[
              { value: 'crisp', label: 'Crisp' },
              { value: 'soft', label: 'Soft' },
            ]}
          />
        </Question>
        <ShownSwitch />
      </div>
      {room.stays.length > 0 && (
        <fieldset className="mb-4">
          <legend className="mb-1 text-sm text-soft">It must live with</legend>
          <div className="grid grid-cols-3 gap-1.5 max-sm:grid-cols-1">
            {room.stays.map((s) => (
              <TickRow
                key={s.id}
                label={s.name}
                checked={!without.includes(s.id)}
                onChange={(on) => onAnswer({ without: on ? without.filter((id) => id !== s.id) : [...without, s.id] })}
              />
            ))}
          </div>
        </fieldset>
      )}
    </>
  );
}

function Finder({ roomId, colours }: Props) {
  const room = useRoom(roomId);
  const [answers, setAnswers] = useState<Answers>({ palette: 'either', edge: 'crisp', without: [] });
  const asked = useWhites(roomId, answers);
  const answer = latest(asked);
  const swatches = useMemo(
    (): readonly Swatch[] => [
      ...(answer ? [...answer.found, ...answer.not, ...answer.instead].map(swatchOf) : []),
      { id: PAPER_ID, lab: WHITE_PAPERS.plain.lab },
    ],
    [answer],
  );
  return (
    <AlsoInLight roomId={roomId} swatches={swatches}>
      <Questions room={room} answers={answers} onAnswer={(part) => setAnswers({ ...answers, ...part })} />
      {asked.state === 'failed' && <p role="alert">{asked.says}</p>}
      {asked.state === 'computing' && (
        <p role="status" className="mb-2 text-soft">
          Trying every white of the deck in the light of {room.name}… <progress value={asked.share} aria-label="Whites" />
        </p>
      )}
      {answer && <Result room={room} answer={answer} colours={colours} />}
    </AlsoInLight>
  );
}

/** A white for the walls of a room, in three questions: two or three to try, each beside paper, and why not the others. */
export function FindWhite({ roomId, colours, children }: Props & { readonly children: ReactNode }) {
  const room = useRoom(roomId);
  const [open, setOpen] = useState(false);
  return (
    <Dialog
      title={`A white for ${room.name}`}
      description="Tried in the light this room is used in, by the school of the visit, beside what stays."
      open={open}
      onOpenChange={setOpen}
      trigger={children}
      wide
    >
      <Finder roomId={roomId} colours={colours} />
    </Dialog>
  );
}
