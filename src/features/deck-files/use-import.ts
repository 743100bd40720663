'use client';

import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { ApplyResult } from '@/core/operations/revision';
import type { PreviewAnswer } from '@/server/deck-files/import';
import { sayRefusal } from '../words/words';

export type ImportState =
  | { readonly state: 'idle' }
  | { readonly state: 'reading'; readonly name: string; readonly done: number; readonly total: number }
  | { readonly state: 'preview'; readonly name: string; readonly preview: PreviewAnswer }
  | { readonly state: 'taking'; readonly name: string }
  | { readonly state: 'taken'; readonly colours: number }
  | { readonly state: 'failed'; readonly reason: string };

/** As the server's own limit; a larger file is not even sent. */
const MOST_BYTES = 32 * 1024 * 1024;

type Line = { readonly done?: number; readonly total?: number; readonly preview?: PreviewAnswer; readonly error?: string };

/** Lines of JSON as they arrive. */
async function* linesOf(response: Response): AsyncGenerator<Line> {
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    const lines = (rest + (value ?? '')).split('\n');
    rest = lines.pop()!;
    for (const line of lines) if (line) yield JSON.parse(line) as Line;
    if (done) return;
  }
}

/** Reads a deck file into a preview, and takes it in when told to. */
export function useImport() {
  const router = useRouter();
  const client = useQueryClient();
  const [state, setState] = useState<ImportState>({ state: 'idle' });
  const stop = useRef<AbortController | undefined>(undefined);

  const read = async (file: File) => {
    if (file.size > MOST_BYTES) {
      const size = Math.round(file.size / 1024 / 1024);
      return setState({
        state: 'failed',
        reason: `${file.name} has ${size} MB; a deck file has at most 32 MB. Nothing was read.`,
      });
    }
    stop.current = new AbortController();
    setState({ state: 'reading', name: file.name, done: 0, total: 0 });
    try {
      const url = `/api/decks/import?name=${encodeURIComponent(file.name)}`;
      const response = await fetch(url, { method: 'PUT', body: file, signal: stop.current.signal });
      if (!response.ok) throw new Error(((await response.json()) as { error?: string }).error ?? `${response.status}`);
      for await (const line of linesOf(response)) {
        if (line.error) throw new Error(line.error);
        if (line.preview) setState({ state: 'preview', name: file.name, preview: line.preview });
        else setState({ state: 'reading', name: file.name, done: line.done ?? 0, total: line.total ?? 0 });
      }
    } catch (error) {
      if (stop.current.signal.aborted) return setState({ state: 'idle' });
      setState({ state: 'failed', reason: error instanceof Error ? error.message : 'The file could not be read.' });
    }
  };

  const take = async (name: string, preview: PreviewAnswer) => {
    setState({ state: 'taking', name });
    const body = JSON.stringify({ token: preview.token });
    const result = await fetch('/api/decks/import', { method: 'POST', body, headers: { 'content-type': 'application/json' } })
      .then(async (response) => (await response.json()) as ApplyResult)
      .catch((): ApplyResult => ({ ok: false, reason: 'failed' }));
    if (!result.ok) return setState({ state: 'failed', reason: sayRefusal(result) });
    setState({ state: 'taken', colours: preview.makers.reduce((sum, m) => sum + m.colours, 0) });
    void client.invalidateQueries();
    router.refresh();
  };

  const leave = () => {
    stop.current?.abort();
    setState({ state: 'idle' });
  };
  return { state, read, take, leave };
}
