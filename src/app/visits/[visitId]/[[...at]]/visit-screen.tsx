'use client';

import { useEffect } from 'react';
import { loadSteps, REGISTRY } from '@/features/registry';
import { PAGES, STEPS, type Step } from '@/features/session/address';
import { useWhere } from '@/features/session/where';
import { Shell } from '@/features/shell/shell';

const SHOWN = STEPS.map((step) => ({ step, name: REGISTRY[step].name, keys: REGISTRY[step].keys }));

/** When the page has nothing else to do, or after this many milliseconds at the latest. */
const IDLE_WITHIN_MS = 1500;

/** Loads the other steps behind the one that is shown. */
function useOtherSteps() {
  useEffect(() => {
    // not every browser tells when it is idle
    if (typeof requestIdleCallback === 'undefined') {
      const timer = setTimeout(() => void loadSteps(), IDLE_WITHIN_MS);
      return () => clearTimeout(timer);
    }
    const asked = requestIdleCallback(() => void loadSteps(), { timeout: IDLE_WITHIN_MS });
    return () => cancelIdleCallback(asked);
  }, []);
}

/** The room and step that the address names; moving between them never asks the server, so it is at once and works without it. */
export function VisitScreen() {
  const { roomId, step: named } = useWhere();
  const step: Step = PAGES.find((s) => s === named) ?? 'brief';
  const { Page, name } = REGISTRY[step];
  useOtherSteps();
  return (
    <Shell roomId={roomId} step={step} name={name} steps={SHOWN}>
      <Page key={`${roomId} ${step}`} roomId={roomId} />
    </Shell>
  );
}
