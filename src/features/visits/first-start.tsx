'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { Button, buttonClass } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { Patch } from '@/ui/patch';
import { MarkedCell } from '@/ui/verdict-mark';
import { NEW_VISIT } from '../session/address';

/** A day of light in one colour after the other, by the hour: drawn, not computed. */
const DAY = [
  '#3a3d44',
  '#6f7480',
  '#b9bfc6',
  '#dfe1dc',
  '#e8e4d4',
  '#eae3cc',
  '#ece0c2',
  '#efd9b0',
  '#f1c999',
  '#d9a479',
  '#7d5f4f',
  '#3c3430',
];
const STONE = '#cdb8a8';
const WALLS = ['#e4d5c6', '#dde0cf', '#d8c9b2'] as const;

function Picture({ title, says, children }: { readonly title: string; readonly says: string; readonly children: ReactNode }) {
  return (
    <li className="flex flex-col border border-line bg-panel">
      <div className="flex h-36 items-stretch" aria-hidden>
        {children}
      </div>
      <div className="p-4">
        <p className="text-lg font-semibold">{title}</p>
        <p className="mt-1 text-soft">{says}</p>
      </div>
    </li>
  );
}

/** What the application is, in three pictures, and two ways to begin. */
export function FirstStart() {
  const router = useRouter();
  const [state, setState] = useState<'idle' | 'busy' | 'failed'>('idle');
  const open = async () => {
    setState('busy');
    try {
      const response = await fetch('/api/example', { method: 'POST' });
      if (!response.ok) throw new Error(`example: ${response.status}`);
      router.refresh();
    } catch {
      setState('failed');
    }
  };
  return (
    <div className="grid gap-6">
      <ul className="grid gap-4 md:grid-cols-3">
        <Picture
          title="The light of the room"
          says="From the place, the windows and the lamps: what falls on this wall at every hour of the day."
        >
          {DAY.map((hex) => (
            <Patch key={hex} hex={hex} label="" className="flex-1" />
          ))}
        </Picture>
        <Picture
          title="The colour beside what stays"
          says="Edge to edge, in that light. What the numbers say stands beside what your eye says, and your eye decides."
        >
          <Patch hex={STONE} label="" className="flex-[1.1]" />
          <Patch hex={WALLS[0]} label="" className="flex-[0.9]" />
        </Picture>
        <Picture
          title="A record with no ambiguity"
          says="Which colour, at which strength, beside what, in which light, and why: for the client and the painter."
        >
          <div className="grid flex-1 grid-cols-3 gap-2 bg-ground p-3">
            {(['works', 'nearly', 'no'] as const).map((mark, i) => (
              <MarkedCell key={mark} mark={mark} className="self-center">
                <Patch hex={STONE} label="" className="flex-1" />
                <Patch hex={WALLS[i]!} label="" className="flex-1" />
              </MarkedCell>
            ))}
          </div>
        </Picture>
      </ul>
      <div className="flex flex-wrap items-center gap-3">
        <Link href={NEW_VISIT} className={buttonClass('main', 'min-h-14 px-7 text-lg')}>
          Start your first visit
        </Link>
        <Button className="min-h-14 px-7 text-lg" disabled={state === 'busy'} onClick={() => void open()}>
          {state === 'busy' ? 'Putting the example together…' : 'Look at an example first'}
        </Button>
        <p className="text-soft">The example is made up, people, makers and colours alike; it can be deleted again.</p>
      </div>
      {state === 'failed' && <FieldError>The example could not be put together.</FieldError>}
    </div>
  );
}
