'use client';

import { useState } from 'react';
import type { Container } from '@/core/paint/containers';
import { orderPaint, type OrderAnswer } from '@/server/devices/actions';
import { Button } from '@/ui/button';
import { Patch } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import { newSeed } from '../entry/surfaces';

type Props = { readonly deckColourId: string; readonly percent: number; readonly container: Container; readonly name: string };

/** Orders one can at the simulated counter and shows what it really mixed. */
export function CounterOrder({ deckColourId, percent, container, name }: Props) {
  const [answer, setAnswer] = useState<OrderAnswer>();
  const [busy, setBusy] = useState(false);
  async function order() {
    setBusy(true);
    setAnswer(
      await orderPaint({ deckColourId, percent, container, seed: newSeed() }).catch((): OrderAnswer => ({
        ok: false,
        reason: 'invalid',
      })),
    );
    setBusy(false);
  }
  return (
    <div className="flex items-center gap-2">
      <Button disabled={busy} onClick={() => void order()} aria-label={`Order ${name} at ${percent} % at the simulated counter`}>
        Order
      </Button>
      {answer && !answer.ok && <span role="alert">▲ the counter did not answer</span>}
      {answer?.ok && (
        <span role="status" className="flex items-center gap-2">
          <Patch hex={answer.hex} label={sayColour(answer.lab)} className="size-11" />
          made, ΔE {answer.deltaE00.toFixed(1)} off
        </span>
      )}
    </div>
  );
}
