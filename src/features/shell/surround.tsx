'use client';

import { Moon, Sun, SunDim } from 'lucide-react';
import { useEffect, useState } from 'react';
import { localText } from '@/ui/browser-text';

const MODES = [
  { mode: 'light', name: 'Light surround', Icon: Sun },
  { mode: 'mid', name: 'Mid-grey surround', Icon: SunDim },
  { mode: 'dark', name: 'Dark surround, for evenings', Icon: Moon },
] as const;
const KEY = 'elm-swatch.surround';

const stored = (): number =>
  Math.max(
    0,
    MODES.findIndex((m) => m.mode === localText.get(KEY)),
  );

/** Steps through the three neutral surrounds: light for work, mid-grey, dark for evenings. */
export function SurroundSwitch() {
  const [index, setIndex] = useState(0);
  useEffect(() => {
    const frame = requestAnimationFrame(() => setIndex(stored()));
    return () => cancelAnimationFrame(frame);
  }, []);
  useEffect(() => {
    document.documentElement.dataset['surround'] = MODES[index]!.mode;
  }, [index]);
  const { name, Icon } = MODES[index]!;
  const next = () => {
    const to = (index + 1) % MODES.length;
    localText.set(KEY, MODES[to]!.mode);
    setIndex(to);
  };
  return (
    <button
      type="button"
      onClick={next}
      aria-label={`${name}; change`}
      title={name}
      className="grid size-11 cursor-pointer place-items-center hover:bg-raised"
    >
      <Icon aria-hidden size={20} />
    </button>
  );
}
