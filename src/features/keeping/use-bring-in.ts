'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { BringPreview } from '@/server/archive/bring-in';
import { addressOf } from '../session/address';

export type BringIn =
  | { readonly state: 'idle' }
  | { readonly state: 'reading' | 'taking'; readonly name: string }
  | { readonly state: 'preview'; readonly name: string; readonly preview: BringPreview }
  | { readonly state: 'refused'; readonly name: string; readonly says: string };

const AWAY = 'Elm Swatch does not answer just now. Try again when it is back.';

async function asked<T>(init: RequestInit): Promise<T> {
  const response = await fetch('/api/keeping/visit', init).catch(() => undefined);
  const body = (await response?.json().catch(() => undefined)) as (T & { error?: string }) | undefined;
  if (!response?.ok || !body) throw new Error(body?.error ?? AWAY);
  return body;
}

/** A visit's file that is looked at, and then brought in or left. */
export function useBringIn() {
  const router = useRouter();
  const [state, setState] = useState<BringIn>({ state: 'idle' });
  async function step(name: string, work: () => Promise<void>) {
    try {
      await work();
    } catch (e) {
      setState({ state: 'refused', name, says: (e as Error).message });
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
        const { visitId } = await asked<{ visitId: string }>({
          method: 'POST',
          body: JSON.stringify({ token }),
          headers: { 'content-type': 'application/json' },
        });
        router.push(addressOf({ visitId }));
      }),
  };
}
