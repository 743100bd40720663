import type { RecordedStay } from '@/core/record/stay';
import { PatchStack } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import { usePaint } from '../light-client/in-light';

/** A thing that stays as its components in their shares. */
export function StayPatch({ stay, className }: { readonly stay: RecordedStay; readonly className?: string }) {
  const paint = usePaint();
  const parts = stay.components.map((c) => ({
    hex: paint(c.id, c.colour.lab),
    share: c.share,
    label: `${stay.name}, ${c.name}: ${sayColour(c.colour.lab)}`,
  }));
  return <PatchStack parts={parts} {...(className ? { className } : {})} />;
}

/** "field 70 %, band 30 %" */
export const sayShares = (stay: RecordedStay): string =>
  stay.components.map((c) => (stay.components.length === 1 ? c.name : `${c.name} ${Math.round(c.share * 100)} %`)).join(', ');
