'use client';

import { PencilLine } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { Ruling } from '@/core/judge/ruling';
import type { CandidateRow } from '@/core/derived/room-record';
import { sayLooked } from '@/core/derived/coverage';
import { sayRulingWord, sayUnlooked, sayWhy, seenPartly } from '@/core/derived/say-ruling';
import { REACTION_WORDS } from '@/core/record/reaction';
import { isLookedAt, WAY_SEEN_WORDS } from '@/core/record/seen';
import type { RecordedStay } from '@/core/record/stay';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { classNames } from '@/ui/class-names';
import { Dialog } from '@/ui/dialog';
import { FieldError, TextField } from '@/ui/field';
import { checkWrite } from '../session/check-write';
import { useVisitWrite } from '../session/visit-context';

type Choice = Ruling | 'derived';

type Props = { readonly roomId: string; readonly row: CandidateRow; readonly stays: readonly RecordedStay[] };
type CellProps = Props & { readonly notes: ReactNode; readonly addNote: ReactNode };

function RulingForm({ roomId, row, stays, onDone }: Props & { readonly onDone: () => void }) {
  const write = useVisitWrite();
  const [choice, setChoice] = useState<Choice>(row.byHand?.ruling ?? 'derived');
  const [note, setNote] = useState(row.byHand?.note ?? '');
  const [error, setError] = useState<string>();
  const submit = () => {
    const ruling = choice === 'derived' ? null : choice;
    const checked = checkWrite({ name: 'ruling.set', roomId, candidateId: row.candidate.id, ruling, note: ruling ? note : '' });
    if (!checked.ok) return setError(Object.values(checked.errors)[0]);
    write(checked.write);
    onDone();
  };
  return (
    <form
      noValidate
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        submit();
      }}
    >
      <p>
        Derived from the verdicts: <b>{sayRulingWord(row.derived.ruling)}</b>, {sayWhy(row.derived, stays)}. It stays in view
        whatever is set here.
      </p>
      <ChoiceRow<Choice>
        label="Ruling"
        value={choice}
        onChange={setChoice}
        options={[
          { value: 'derived', label: 'As derived' },
          { value: 'works', label: 'Works here' },
          { value: 'nearly', label: 'Nearly' },
          { value: 'not', label: 'Not here' },
        ]}
      />
      {choice !== 'derived' && (
        <TextField
          label="Why"
          placeholder="What decided it"
          value={note}
          maxLength={500}
          onChange={(e) => setNote(e.target.value)}
        />
      )}
      {error && <FieldError>{error}</FieldError>}
      <div className="flex justify-end gap-3">
        <Button onClick={onDone}>Cancel</Button>
        <Button type="submit" look="main">
          Keep this ruling
        </Button>
      </div>
    </form>
  );
}

/** The ruling on one colour at one strength and why; set by hand or derived, the derived one always shown. */
export function RulingCell({ roomId, row, stays, notes, addNote }: CellProps) {
  const [open, setOpen] = useState(false);
  const { byHand, derived, ruling, candidate } = row;
  const looked = sayLooked(row.coverage);
  const partly = seenPartly(row);
  const unlooked = sayUnlooked(row);
  return (
    <div
      data-ruling={ruling}
      data-derived={derived.ruling}
      className={classNames('border-l-4 pl-3', ruling === 'works' ? 'border-ink' : 'border-transparent')}
    >
      <div className="flex items-start gap-2">
        <div className="min-w-0 flex-1">
          <p className="text-base font-semibold">
            {sayRulingWord(ruling)}
            {byHand && <span className="font-normal text-soft">, set by hand</span>}
          </p>
          {partly && <p className="text-[0.9375rem] font-semibold">{partly}</p>}
          {byHand?.note && <p className="text-sm break-words">{byHand.note}</p>}
          <p className="text-sm text-soft print:text-black">
            {byHand && `derived: ${sayRulingWord(derived.ruling).toLowerCase()}, `}
            {sayWhy(derived, stays)}
          </p>
          {row.reaction && (
            <p className="text-sm text-soft print:text-black">
              {REACTION_WORDS[row.reaction.reaction]}
              {!isLookedAt(row.reaction) && ` (${WAY_SEEN_WORDS[row.reaction.seen]})`}
            </p>
          )}
          {unlooked && <p className="text-sm text-soft print:text-black">{unlooked}</p>}
          {looked && <p className="text-sm text-soft print:text-black">{looked}</p>}
        </div>
        <div className="shrink-0 print:hidden">
          <Dialog
            title={`${candidate.name} at ${candidate.strength} %: ruling`}
            open={open}
            onOpenChange={setOpen}
            trigger={
              <button
                type="button"
                aria-label={`Set the ruling on ${candidate.name} at ${candidate.strength} % by hand`}
                title="Set by hand"
                className="grid size-11 shrink-0 cursor-pointer place-items-center hover:bg-raised print:hidden"
              >
                <PencilLine aria-hidden size={18} />
              </button>
            }
          >
            <RulingForm roomId={roomId} row={row} stays={stays} onDone={() => setOpen(false)} />
          </Dialog>
          {addNote}
        </div>
      </div>
      {notes}
    </div>
  );
}
