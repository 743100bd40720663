'use client';

import { useState } from 'react';
import type { ProductLines } from '@/core/paint/product-lines';
import { areaOf, areaUnit } from '@/core/units/area';
import { typedNumber } from '@/core/units/length';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { TextField } from '@/ui/field';
import { KeepForm } from '@/ui/keep-form';
import { checkWrite } from '../session/check-write';
import { useVisit } from '../session/visit-context';
import { sayRefusal } from '../words/words';

type Props = {
  readonly makerId: string;
  readonly maker: string;
  readonly products: ProductLines;
  readonly onSaid: () => void;
};

/** What a maker nothing is known of sells to try a colour with: asked once, and kept with its deck. */
export function TestPotDialog({ makerId, maker, products, onSaid }: Props) {
  const { visit, write } = useVisit();
  const [open, setOpen] = useState(false);
  const [called, setCalled] = useState('');
  const [covers, setCovers] = useState('');
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const submit = async () => {
    const testPot = { called, coversM2: areaOf(typedNumber(covers), visit.units) };
    const checked = checkWrite({ name: 'deck.products', makerId, products: { ...products, testPot } });
    if (!checked.ok) return setErrors(checked.errors);
    const result = await write(checked.write, { answers: true }).result;
    if (!result.ok) return setErrors({ 'products.testPot.called': sayRefusal(result) });
    setOpen(false);
    onSaid();
  };
  return (
    <Dialog
      title={`Test pots of ${maker}`}
      description="Nothing is known of what this maker sells. Say it once: it is kept with the deck."
      open={open}
      onOpenChange={setOpen}
      trigger={<Button className="mt-2">What do test pots of {maker} hold?</Button>}
    >
      <KeepForm onKeep={() => void submit()}>
        <TextField
          label="Called on its label"
          placeholder="tester, 250 ml"
          value={called}
          error={errors['products.testPot.called']}
          onChange={(e) => setCalled(e.target.value)}
        />
        <TextField
          label={`Covers in two coats, ${areaUnit(visit.units)}`}
          inputMode="decimal"
          value={covers}
          error={errors['products.testPot.coversM2']}
          onChange={(e) => setCovers(e.target.value)}
        />
      </KeepForm>
    </Dialog>
  );
}
