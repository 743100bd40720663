'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { BringPreview } from '@/server/archive/bring-in';
import { addressOf } from '../session/address';

export type BringIn =
  | { readonly state: 'idle' }
  | { readonly state: 'reading'; readonly name: string }
  | { readonly state: 'taking'; readonly name: string; readonly done?: number; readonly of?: number }
  | { readonly state: 'preview'; readonly name: string; readonly preview: BringPreview }
  | { readonly state: 'refused'; readonly name: string; readonly says: string; readonly partly: boolean };

const AWAY = 'Elm Swatch does not answer just now. Try again when it is back.';

/** It was not done; `partly` when part of it was. */
class NotDone extends Error {
  readonly partly: boolean;
  constructor(says: string, partly: boolean) {
    super(says);
    this.partly = partly;
  }
}

async function asked<T>(init: RequestInit, query = ''): Promise<T> {
  const response = await fetch(`/api/keeping/visit${query}`, init).catch(() => undefined);
  const body = (await response?.json().catch(() => undefined)) as (T & { error?: string; partly?: boolean }) | undefined;
  if (!response?.ok || !body) throw new NotDone(body?.error ?? AWAY, body?.partly ?? false);
  return body;
}

/** How often it is asked how far it is, ms. Own choice. */
const ASK_AGAIN_MS = 500;

/** A visit's file that is looked at, and then brought in or left. */
export function useBringIn() {
  const router = useRouter();
  const [state, setState] = useState<BringIn>({ state: 'idle' });
  async function step(name: string, work: () => Promise<void>) {
    try {
      await work();
    } catch (e) {
      setState({ state: 'refused', name, says: (e as Error).message, partly: e instanceof NotDone && e.partly });
    }
  }
  return {
    state,
    leave: () => setState({ state: 'idle' }),
    look: (file: File) =>
      step(file.name, async () => {
        setState({ state: 'reading', name: file.name });
        const preview = await asked<BringPreview>({ method: 'PUT', body: file, headers: { 'content-type': 'application/zip' } });
        setState({ state: 'preview', name: file.name, preview });
      }),
    take: (name: string, { token }: BringPreview) =>
      step(name, async () => {
        setState({ state: 'taking', name });
        const far = setInterval(() => {
          void asked<{ done?: number; of?: number }>({}, `?token=${token}`)
            .then((so) => setState((now) => (now.state === 'taking' ? { ...now, ...so } : now)))
            .catch(() => undefined);
        }, ASK_AGAIN_MS);
        try {
          const { visitId } = await asked<{ visitId: string }>({
            method: 'POST',
            body: JSON.stringify({ token }),
            headers: { 'content-type': 'application/json' },
          });
          router.push(addressOf({ visitId }));
        } finally {
          clearInterval(far);
        }
      }),
  };
}
