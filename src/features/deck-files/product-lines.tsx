'use client';

import { useState } from 'react';
import type { Write } from '@/core/operations/operations';
import { PRODUCT_NAMES, PRODUCTS } from '@/core/paint/product';
import type { MakerSummary } from '@/server/deck-files/export';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { TextField } from '@/ui/field';
import { KeepForm } from '@/ui/keep-form';
import type { WriteResult } from '../session/sender';
import { useWriteForm } from '../session/use-write-form';

type Props = { readonly maker: MakerSummary; readonly onWrite: (write: Write) => Promise<WriteResult> };

/** What a maker's products are called on its tins, asked once for each maker: papers and orders say it. */
export function ProductLinesDialog({ maker, onWrite }: Props) {
  const [open, setOpen] = useState(false);
  const { form, submit, refused, wrong } = useWriteForm({
    fields: { products: maker.products },
    toWrite: ({ products }) => ({ name: 'deck.products', makerId: maker.id, products }),
    send: onWrite,
    onDone: () => setOpen(false),
  });
  return (
    <Dialog
      title={`Products of ${maker.name}`}
      description="As they are called on the tin. What is left empty stands on papers by its kind."
      open={open}
      onOpenChange={setOpen}
      trigger={<Button aria-label={`Products of ${maker.name}`}>Products</Button>}
    >
      <KeepForm onKeep={() => void submit()} refused={refused}>
        <div className="grid gap-4 sm:grid-cols-2">
          {PRODUCTS.map((product) => (
            <TextField
              key={product}
              label={`The ${PRODUCT_NAMES[product]}`}
              error={wrong(`products.${product}`)}
              {...form.register(`products.${product}`)}
            />
          ))}
        </div>
      </KeepForm>
    </Dialog>
  );
}
