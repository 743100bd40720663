'use client';

import { screenColour } from '@/core/colour/srgb';
import { Button } from '@/ui/button';

const STEPS = [2, 5, 8, 11, 14] as const;
const grey = (l: number): string => screenColour({ l, a: 0, b: 0 }).hex;

/** Steps of grey at the dark and at the light end. */
function Ramp({ name, of }: { readonly name: string; readonly of: readonly number[] }) {
  return (
    <div>
      <div className="flex h-20 border border-ink" role="img" aria-label={name}>
        {of.map((l) => (
          <span key={l} aria-hidden className="flex-1" style={{ backgroundColor: grey(l) }} />
        ))}
      </div>
      <p className="pt-1 text-sm text-soft">{name}</p>
    </div>
  );
}

/** What a screen and the place it stands in have to be before an eye is practised on it. */
export function ScreenCheck({ onReady }: { readonly onReady: () => void }) {
  return (
    <section aria-label="The screen first" className="grid gap-4 border border-line-strong bg-panel p-5">
      <h2 className="text-lg font-semibold">The screen first</h2>
      <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
        <Ramp name="Five dark greys: each told from the next" of={STEPS} />
        <Ramp name="Five light greys: each told from the next" of={STEPS.map((l) => 100 - l).reverse()} />
      </div>
      <ul className="list-disc pl-5">
        <li>Where two run into one, turn the brightness up or down, or sit where less light falls on the screen.</li>
        <li>Night shift, true tone, dark filters and savers of power are off: each of them changes colours.</li>
        <li>Nothing strongly coloured beside the screen, and no sun on it.</li>
      </ul>
      <div>
        <Button look="main" onClick={onReady}>
          I see all ten
        </Button>
      </div>
    </section>
  );
}
