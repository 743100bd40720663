'use client';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';

/** How long what the server answered is taken as it is; after that it is shown at once and asked for again. */
const FRESH_MS = 10_000;

/**
 * What is asked of the server and kept while the page lives. The server is this machine's: it is asked whether there is a network or not.
 */
export function Queries({ children }: { readonly children: ReactNode }) {
  const [client] = useState(
    () =>
      new QueryClient({
        defaultOptions: {
          // whoever asks says that it failed, and offers to try again
          queries: {
            staleTime: FRESH_MS,
            retry: false,
            networkMode: 'always',
            refetchOnWindowFocus: false,
            refetchOnReconnect: false,
          },
          mutations: { networkMode: 'always' },
        },
      }),
  );
  return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
}

/** What the server answers, as JSON. @throws Error for an answer that says it failed, or is none of it */
export async function askJson<T>(url: string, init?: RequestInit): Promise<T> {
  const response = await fetch(url, init);
  if (!response.ok) throw new Error(`${url}: ${response.status}`);
  return (await response.json()) as T;
}
/** A question with a body. */
export const asPost = (body: unknown, signal?: AbortSignal): RequestInit => ({
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(body),
  ...(signal ? { signal } : {}),
});
