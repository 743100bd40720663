'use client';

import { quoted } from '@/core/base/quoted';
import { useRef, useState } from 'react';
import { MOST_ANSWER_BYTES, noteOf, readAnswers, type AnswerRow, type ReadAnswers } from '@/core/formats/look-answers';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { useVisit, useVisitWrite } from '../session/visit-context';
import { VERDICT_WORDS } from '../words/verdict-words';
import { sayWhen } from '../words/say-light';
import type { Write } from '@/core/operations/operations';
import { listed } from '@/core/base/words';

type Shown = Exclude<ReadAnswers, { ok: false }>;

/** The signed surfaces that a client's "no" touches; "" where none is. */
function signedFor({ room, candidateId, verdict }: AnswerRow): string {
  if (verdict !== 'no') return '';
  const names =
    room.signatures
      .at(-1)
      ?.decided.filter((d) => d.candidateId === candidateId)
      .map((d) => d.name) ?? [];
  return listed(names);
}
function Answers({ rows, zone }: { readonly rows: readonly AnswerRow[]; readonly zone: string }) {
  return (
    <div className="max-h-[45dvh] overflow-auto">
      <table className="w-full text-left text-[0.9375rem]">
        <thead>
          <tr className="text-sm text-soft">
            <th className="py-1 pr-3 font-normal">Look</th>
            <th className="pr-3 font-normal">Colour</th>
            <th className="pr-3 font-normal">Client says</th>
            <th className="font-normal">Looked</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={`${row.lookId} ${row.candidateId}`} className="border-t border-line align-top">
              <td className="py-1.5 pr-3 whitespace-nowrap">
                <b>{row.number}</b> {row.room.name}
              </td>
              <td className="pr-3">{row.colour}</td>
              <td className="pr-3">
                <b>{row.verdict ? VERDICT_WORDS[row.verdict] : 'Words only, kept as a note'}</b>
                {signedFor(row) && <span className="block font-semibold">Signed for {signedFor(row)}: to be settled</span>}
                {row.words && <span className="block break-words text-soft">{quoted(row.words)}</span>}
              </td>
              <td className="whitespace-nowrap">
                {sayWhen(row.lookedAt, zone)}
                {row.outside && <span className="block text-sm font-semibold">{row.outside}</span>}
                {row.known && <span className="block text-sm text-soft">kept already</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

type PreviewProps = {
  readonly found: Shown;
  readonly zone: string;
  readonly onNothing: () => void;
  readonly onKeep: () => void;
};

const KEEP: Readonly<Record<number, string>> = { 0: 'Nothing new', 1: 'Keep this answer' };

/** What is in a file, and whether to keep it. */
function Preview({ found: { rows, skipped }, zone, onNothing, onKeep }: PreviewProps) {
  const fresh = rows.filter((r) => !r.known).length;
  return (
    <div className="grid gap-4">
      {rows.length === 0 ? <p>There is no answer in this file.</p> : <Answers {...{ rows, zone }} />}
      {skipped.length > 0 && (
        <ul className="text-sm text-soft" aria-label="Left out">
          {[...new Set(skipped)].slice(0, 8).map((says) => (
            <li key={says}>left out: {says}</li>
          ))}
        </ul>
      )}
      <div className="flex justify-end gap-2">
        <Button onClick={onNothing}>Keep nothing</Button>
        <Button look="main" disabled={fresh === 0} onClick={onKeep}>
          {KEEP[fresh] ?? `Keep these ${fresh} answers`}
        </Button>
      </div>
    </div>
  );
}

/** Reads in a client's file of answers: shown first, kept only when the person says so. */
export function ReadIn() {
  const visit = useVisit();
  const write = useVisitWrite();
  const input = useRef<HTMLInputElement>(null);
  const [found, setFound] = useState<ReadAnswers>();
  const [kept, setKept] = useState(0);
  const read = async (file: File | undefined) => {
    if (!file) return;
    setKept(0);
    if (file.size > MOST_ANSWER_BYTES) return setFound({ ok: false, says: 'The file is too large to be an answer.' });
    const text = await file.text().catch(() => undefined);
    setFound(text === undefined ? { ok: false, says: 'The file could not be read.' } : readAnswers(text, visit, Date.now()));
  };
  const keep = ({ rows, hand }: Shown) => {
    const fresh = rows.filter((r) => !r.known);
    const answers = fresh.map((row): Write => {
      const { room, lookId, candidateId, verdict, words, lookedAt } = row;
      return verdict === null
        ? { name: 'note.add', roomId: room.id, candidateId, words: noteOf(row) }
        : { name: 'look.answer', roomId: room.id, lookId, candidateId, verdict, words, lookedAt, handId: hand.id };
    });
    const taken = [...new Set(fresh.filter((r) => r.verdict !== null).map((r) => r.lookId))].flatMap((lookId): Write[] => {
      const { room, lookedAt } = fresh.find((r) => r.lookId === lookId)!;
      const { id: _, ...look } = room.looks.find((l) => l.id === lookId)!;
      if (look.state !== 'planned') return [];
      return [{ name: 'look.save', roomId: room.id, lookId, ...look, state: 'taken', takenAt: lookedAt }];
    });
    if (fresh.length > 0) write([...answers, ...taken]);
    setKept(fresh.length);
    setFound(undefined);
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="The client’s file of answers"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          void read(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
      <Button onClick={() => input.current?.click()}>Read in answers</Button>
      {kept > 0 && (
        <span role="status" className="self-center text-soft">
          {kept === 1 ? '1 answer kept' : `${kept} answers kept`}
        </span>
      )}
      <Dialog title="The client’s answers" open={found !== undefined} onOpenChange={(open) => !open && setFound(undefined)}>
        {found?.ok === false && <p role="alert">{found.says} Nothing was kept.</p>}
        {found?.ok && (
          <Preview found={found} zone={visit.place.timeZone} onNothing={() => setFound(undefined)} onKeep={() => keep(found)} />
        )}
      </Dialog>
    </>
  );
}
