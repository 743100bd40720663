import { Patch } from '@/ui/patch';
import type { DeckColour } from '@/core/derived/deck-colour';

/** Warns that another maker sells a different colour under the same name. */
export function SharedNames({ twins }: { readonly twins: readonly DeckColour[] }) {
  return twins.map((twin) => (
    <div key={twin.id} role="note" className="mt-3 flex border-2 border-ink">
      <Patch hex={twin.hex} label={twin.says} className="w-14 shrink-0" />
      <p className="p-2 text-sm">
        <b>Same name, another colour:</b> {twin.maker} {twin.code}. Order by maker and code, never by name.
      </p>
    </div>
  ));
}
