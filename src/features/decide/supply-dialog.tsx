'use client';

import { PRODUCT_NAMES, PRODUCTS, type Product } from '@/core/paint/product';
import type { Supply } from '@/core/record/supply';
import { typedNumber } from '@/core/units/length';
import { spreadingOf, spreadingText, spreadingUnit } from '@/core/units/volume';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { SelfField } from '../entry/self-field';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';

/** What quantities are worked out by: how far each product goes, and what is wasted. Every field saves itself. */
export function SupplyDialog({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const { supply, units } = visit;
  const href = addressOf({ visitId: visit.id, roomId, step: 'decide' });
  const where = 'what quantities are worked out by';
  const say = (change: Partial<Supply>) => ({
    name: 'visit.supply' as const,
    visitId: visit.id,
    supply: { ...supply, ...change },
  });
  const rate = (product: Product) => (
    <SelfField
      key={product}
      id={`${visit.id}.spreading.${product}`}
      label={`${PRODUCT_NAMES[product]}, ${spreadingUnit(units)}`}
      {...{ where, href }}
      inputMode="numeric"
      saved={spreadingText(supply.spreading[product], units)}
      toWrite={(text) => say({ spreading: { ...supply.spreading, [product]: spreadingOf(typedNumber(text), units) } })}
    />
  );
  return (
    <Dialog
      title="What quantities are worked out by"
      description="One coat. The tin says how far it goes; these are what such products usually cover (common practice)."
      trigger={<Button>Quantities</Button>}
    >
      <div className="grid grid-cols-2 gap-3">
        {PRODUCTS.map(rate)}
        <SelfField
          id={`${visit.id}.waste`}
          label="Left in roller and tray, %"
          {...{ where, href }}
          inputMode="numeric"
          saved={String(Math.round(supply.waste * 100))}
          toWrite={(text) => say({ waste: typedNumber(text) / 100 })}
        />
        <SelfField
          id={`${visit.id}.counter`}
          label="Where the paint is bought"
          {...{ where, href }}
          saved={supply.counter}
          toWrite={(counter) => say({ counter })}
        />
      </div>
    </Dialog>
  );
}
