'use client';

import { REGISTRY, STEPS } from '@/features/registry';
import type { Step } from '@/features/session/address';
import { useWhere } from '@/features/session/where';
import { Shell } from '@/features/shell/shell';

const SHOWN = STEPS.map((step) => ({ step, name: REGISTRY[step].name, keys: REGISTRY[step].keys }));

/** The room and step that the address names; moving between them never asks the server, so it is at once and works without it. */
export function VisitScreen() {
  const { roomId, step: named } = useWhere();
  const step: Step = STEPS.find((s) => s === named) ?? 'brief';
  const { Page } = REGISTRY[step];
  return (
    <Shell roomId={roomId} step={step} steps={SHOWN}>
      <Page key={`${roomId} ${step}`} roomId={roomId} />
    </Shell>
  );
}
