'use client';

import { Moon, Sun, SunDim } from 'lucide-react';
import { useEffect } from 'react';
import { localText } from '@/ui/browser-text';
import { useStoredText } from '@/ui/use-stored-text';

const MODES = [
  { mode: 'light', name: 'Light surround', Icon: Sun },
  { mode: 'mid', name: 'Mid-grey surround', Icon: SunDim },
  { mode: 'dark', name: 'Dark surround, for evenings', Icon: Moon },
] as const;
const KEY = 'elm-swatch.surround';

/** Steps through the three neutral surrounds: light for work, mid-grey, dark for evenings. */
export function SurroundSwitch() {
  const kept = useStoredText(localText, KEY);
  const index = Math.max(
    0,
    MODES.findIndex((m) => m.mode === kept),
  );
  const { mode, name, Icon } = MODES[index]!;
  useEffect(() => {
    document.documentElement.dataset['surround'] = mode;
  }, [mode]);
  const next = () => void localText.set(KEY, MODES[(index + 1) % MODES.length]!.mode);
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
