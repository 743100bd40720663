'use client';

import { usePathname } from 'next/navigation';
import { useSyncExternalStore } from 'react';
import { localText } from '@/ui/browser-text';
import { Button } from '@/ui/button';
import { KEEPING } from './address';
import { makeListeners } from '@/ui/listeners';

const KEY = 'elm-swatch.told';
const { tell, subscribe } = makeListeners();

type Props = { readonly name: string; readonly says: readonly string[] };

/** What was found wrong when the folder was opened: over the foot of every page until the person has read it, once. */
export function ToldOnce({ name, says }: Props) {
  const told = useSyncExternalStore(
    subscribe,
    () => localText.get(KEY),
    () => name,
  );
  const where = usePathname();
  // there it stands for as long as the folder is open
  if (says.length === 0 || told === name || where === KEEPING) return null;
  const read = () => {
    localText.set(KEY, name);
    tell();
  };
  return (
    <div
      role="alert"
      className="fixed inset-x-0 bottom-0 z-40 flex items-center gap-4 border-t-2 border-ink bg-raised px-4 py-2 print:hidden"
    >
      <div className="min-w-0 flex-1">
        {says.map((one) => (
          <p key={one}>{one}</p>
        ))}
      </div>
      <Button onClick={read}>I have read it</Button>
    </div>
  );
}
