'use client';

import { useState } from 'react';
import { v7 } from 'uuid';
import { withoutPart } from '@/core/derived/shares';
import { percent } from '@/core/base/words';
import type { Lab } from '@/core/colour/types';
import type { RecordedComponent } from '@/core/record/recorded-colour';
import { Button } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { hexOf, sayColour } from '../words/say-colour';
import { rounded, type Piece } from './use-piece';

/** The colours that were found: renamed, joined, parted, taken out. */
export function PieceColours({ piece: { found, setColours } }: { readonly piece: Piece }) {
  // what is looked for anew replaces these: nothing that is typed meanwhile may be lost
  const { colours, busy } = found;
  const [joining, setJoining] = useState<string>();
  const rename = (id: string, name: string) => setColours(colours.map((c) => (c.id === id ? { ...c, name } : c)));
  const join = (id: string) => {
    if (joining === undefined || joining === id) return setJoining(joining === id ? undefined : id);
    const [one, other] = [colours.find((c) => c.id === joining)!, colours.find((c) => c.id === id)!];
    const share = one.share + other.share;
    const mean = (of: keyof Lab) => (one.colour.lab[of] * one.share + other.colour.lab[of] * other.share) / share;
    const joined = { ...one, share, colour: { ...one.colour, lab: { l: mean('l'), a: mean('a'), b: mean('b') } } };
    setColours(rounded(colours.flatMap((c) => (c.id === id ? [] : c.id === one.id ? [joined] : [c]))));
    setJoining(undefined);
  };
  const split = (c: RecordedComponent) => {
    const half = (by: number, name: string): RecordedComponent => ({
      ...c,
      id: v7(),
      name,
      share: c.share / 2,
      colour: { ...c.colour, lab: { ...c.colour.lab, l: Math.max(2, Math.min(98, c.colour.lab.l + by)) } },
    });
    setColours(rounded(colours.flatMap((one) => (one.id === c.id ? [half(5, c.name), half(-5, `${c.name}, deeper`)] : [one]))));
  };
  return (
    <ul className="grid gap-1.5">
      {colours.map((c) => (
        <li key={c.id} className="grid grid-cols-[4rem_minmax(6rem,1fr)_3.5rem_auto] items-center gap-2">
          <Patch hex={hexOf(c.colour.lab)} label={sayColour(c.colour.lab)} className="h-11" />
          <input
            aria-label={`Name of the colour ${c.name}`}
            className="min-h-11 min-w-0 border border-line-strong bg-raised px-2"
            disabled={busy}
            value={c.name}
            maxLength={80}
            onChange={(e) => rename(c.id, e.target.value)}
          />
          <span className="text-right tabular-nums">{percent(c.share)}</span>
          <span className="flex gap-1">
            <Button
              className="px-2.5"
              aria-pressed={joining === c.id}
              onClick={() => join(c.id)}
              aria-label={`Join ${c.name} with another`}
            >
              {joining === undefined || joining === c.id ? 'Join…' : 'with this'}
            </Button>
            <Button className="px-2.5" onClick={() => split(c)} aria-label={`Part ${c.name} in two`}>
              Part
            </Button>
            {colours.length > 1 && (
              <Button className="px-2.5" onClick={() => setColours(withoutPart(colours, c.id))} aria-label={`Take ${c.name} out`}>
                Out
              </Button>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
