'use client';

import { useState } from 'react';
import type { Write } from '@/core/operations/operations';
import { PRODUCT_NAMES, PRODUCTS } from '@/core/paint/product';
import type { MakerSummary } from '@/server/deck-files/export';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { TextField } from '@/ui/field';
import { KeepForm } from '@/ui/keep-form';
import { checkWrite } from '../session/check-write';

type Props = { readonly maker: MakerSummary; readonly onWrite: (write: Write) => Promise<boolean> };

/** What a maker's products are called on its tins, asked once for each maker: papers and orders say it. */
export function ProductLinesDialog({ maker, onWrite }: Props) {
  const [open, setOpen] = useState(false);
  const [products, setProducts] = useState(maker.products);
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const submit = async () => {
    const checked = checkWrite({ name: 'deck.products', makerId: maker.id, products });
    if (!checked.ok) return setErrors(checked.errors);
    if (await onWrite(checked.write)) setOpen(false);
  };
  return (
    <Dialog
      title={`Products of ${maker.name}`}
      description="As they are called on the tin. What is left empty stands on papers by its kind."
      open={open}
      onOpenChange={setOpen}
      trigger={<Button aria-label={`Products of ${maker.name}`}>Products</Button>}
    >
      <KeepForm onKeep={() => void submit()}>
        <div className="grid gap-4 sm:grid-cols-2">
          {PRODUCTS.map((product) => (
            <TextField
              key={product}
              label={`The ${PRODUCT_NAMES[product]}`}
              value={products[product]}
              error={errors[`products.${product}`]}
              onChange={(e) => setProducts({ ...products, [product]: e.target.value })}
            />
          ))}
        </div>
      </KeepForm>
    </Dialog>
  );
}
