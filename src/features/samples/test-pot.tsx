'use client';

import { useState } from 'react';
import type { ProductLines } from '@/core/paint/product-lines';
import { areaOf, areaUnit } from '@/core/units/area';
import { typedNumber } from '@/core/units/length';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { TextField } from '@/ui/field';
import { KeepForm } from '@/ui/keep-form';
import { useWriteForm } from '../session/use-write-form';
import { useHome, useVisitWrite } from '../session/visit-context';

type Props = {
  readonly makerId: string;
  readonly maker: string;
  readonly products: ProductLines;
  readonly onSaid: () => void;
};

/** What a maker nothing is known of sells to try a colour with: asked once, and kept with its deck. */
export function TestPotDialog({ makerId, maker, products, onSaid }: Props) {
  const visit = useHome();
  const write = useVisitWrite();
  const [open, setOpen] = useState(false);
  const { form, submit, refused, wrong } = useWriteForm({
    fields: { called: '', covers: '' },
    toWrite: ({ called, covers }) => ({
      name: 'deck.products',
      makerId,
      products: { ...products, testPot: { called, coversM2: areaOf(typedNumber(covers), visit.units) } },
    }),
    at: { 'products.testPot.called': 'called', 'products.testPot.coversM2': 'covers' },
    send: (said) => write(said, { answers: true }).result,
    onDone: () => {
      setOpen(false);
      onSaid();
    },
  });
  return (
    <Dialog
      title={`Test pots of ${maker}`}
      description="Nothing is known of what this maker sells. Say it once: it is kept with the deck."
      open={open}
      onOpenChange={setOpen}
      trigger={<Button className="mt-2">What do test pots of {maker} hold?</Button>}
    >
      <KeepForm onKeep={() => void submit()} refused={refused}>
        <TextField
          label="Called on its label"
          placeholder="tester, 250 ml"
          error={wrong('called')}
          {...form.register('called')}
        />
        <TextField
          label={`Covers in two coats, ${areaUnit(visit.units)}`}
          inputMode="decimal"
          error={wrong('covers')}
          {...form.register('covers')}
        />
      </KeepForm>
    </Dialog>
  );
}
