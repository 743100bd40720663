'use client';

import { Upload } from 'lucide-react';
import Link from 'next/link';
import { useRef } from 'react';
import type { MakerSummary } from '@/server/deck-files/export';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { DeckCard } from './deck-card';
import { useImport, type ImportState } from './use-import';
import { VISITS } from '../session/address';
import { counted } from '@/core/base/words';

function Preview({
  state,
  onTake,
  onLeave,
}: {
  state: Extract<ImportState, { state: 'preview' }>;
  onTake: () => void;
  onLeave: () => void;
}) {
  const { makers, problems, problemCount, notes } = state.preview;
  const good = makers.reduce((sum, m) => sum + m.colours, 0);
  return (
    <div className="grid gap-4 border border-line-strong bg-panel p-4">
      <h3 className="text-lg font-semibold break-words">
        {state.name}: {good > 0 ? `${counted(good, 'colour')} can be taken` : 'no colour can be taken'}
        {problemCount > 0 && `, ${counted(problemCount, 'thing')} wrong`}
      </h3>
      <ul>
        {makers.map((m) => (
          <li key={m.name}>
            <b className="break-words">{m.name}</b>: {counted(m.colours, 'colour')}, {m.spectra} with a spectrum, {m.formulas}{' '}
            with a formula, {counted(m.bases, 'base')}
          </li>
        ))}
        {notes.map((note) => (
          <li key={note} className="text-soft">
            {note}
          </li>
        ))}
      </ul>
      {problemCount > 0 && (
        <div>
          <h4 className="font-semibold">Left out, and why</h4>
          <ul className="max-h-60 overflow-auto text-sm" aria-label="What is wrong">
            {problems.map((p, i) => (
              <li key={i} className="py-0.5">
                <b>▲ {p.line > 0 ? `Line ${p.line}` : 'File'}</b>: {p.reason}
              </li>
            ))}
            {problemCount > problems.length && <li>and {problemCount - problems.length} more</li>}
          </ul>
        </div>
      )}
      <div className="flex gap-3">
        <Button look="main" disabled={good === 0} onClick={onTake}>
          {problemCount > 0 ? `Take the ${counted(good, 'good colour')}` : `Take ${counted(good, 'colour')}`}
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
    </div>
  );
}

function Reading({ state, onLeave }: { state: Extract<ImportState, { state: 'reading' }>; onLeave: () => void }) {
  return (
    <div className="grid gap-2 border border-line-strong bg-panel p-4">
      <p role="status">
        Reading {state.name}:{' '}
        {state.total > 0 ? `${state.done.toLocaleString('en-GB')} of ${counted(state.total, 'colour')} checked` : 'sending…'}
      </p>
      <progress className="h-3 w-full" max={state.total || 1} value={state.done} aria-label="Colours checked" />
      <div>
        <Button onClick={onLeave}>Stop</Button>
      </div>
    </div>
  );
}

/** Decks in and out: what is here, as open files; and a file read in, looked at, and then taken or left. */
export function DecksPage({ makers }: { readonly makers: readonly MakerSummary[] }) {
  const { state, read, take, leave } = useImport();
  const picker = useRef<HTMLInputElement>(null);
  const idle = state.state === 'idle' || state.state === 'failed' || state.state === 'taken';
  return (
    <main className="mx-auto grid max-w-4xl gap-8 px-5 py-8">
      <div>
        <p className="text-soft">
          <Link href={VISITS} className="inline-flex min-h-11 items-center underline underline-offset-4">
            Visits
          </Link>
        </p>
        <h1 className="text-3xl font-semibold">Decks</h1>
      </div>
      <section>
        <h2 className="mb-2 text-lg font-semibold">Here</h2>
        <ul className="grid grid-cols-1 gap-4">
          {makers.map((maker) => (
            <DeckCard key={maker.id} maker={maker} />
          ))}
        </ul>
      </section>
      <section className="grid gap-3">
        <h2 className="text-lg font-semibold">Read one in</h2>
        <p className="text-soft">
          A CSV with columns such as maker, code, name, strip, step, L, a, b (D65, 10°) or hex, CGATS.17 text with spectra or Lab,
          or JSON. You see what is in it before anything is kept.
        </p>
        {idle && (
          <div>
            <input
              ref={picker}
              type="file"
              accept=".csv,.txt,.cgats,.json,.tsv"
              className="sr-only"
              tabIndex={-1}
              aria-label="Deck file"
              onChange={(e) => {
                const file = e.target.files?.[0];
                e.target.value = '';
                if (file) void read(file);
              }}
            />
            <Button look="main" onClick={() => picker.current?.click()}>
              <Upload aria-hidden size={18} /> Choose a file
            </Button>
          </div>
        )}
        {state.state === 'failed' && <FieldError>{state.reason}</FieldError>}
        {state.state === 'taken' && <p role="status">{counted(state.colours, 'colour')} taken in.</p>}
        {state.state === 'reading' && <Reading state={state} onLeave={leave} />}
        {state.state === 'taking' && <p role="status">Taking it in…</p>}
        {state.state === 'preview' && (
          <Preview state={state} onTake={() => void take(state.name, state.preview)} onLeave={leave} />
        )}
      </section>
    </main>
  );
}
