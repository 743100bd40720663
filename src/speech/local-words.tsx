'use client';
/** @jsxImportSource react */

import { createContext, useContext, type ReactNode } from 'react';

/** Says a text in the words of the place. */
export type Say = (text: string) => string;
export const LocalWords = createContext<Say>((text) => text);

/** The words of the place for everything within. */
export function LocalWordsProvider({ say, children }: { readonly say: Say; readonly children: ReactNode }) {
  return <LocalWords.Provider value={say}>{children}</LocalWords.Provider>;
}

/** For what stands in no element: a short message, the title of a window. */
export const useSay = (): Say => useContext(LocalWords);
