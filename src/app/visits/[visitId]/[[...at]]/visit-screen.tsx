'use client';

import { BenchStep } from '@/features/bench/bench-step';
import { BriefStep } from '@/features/brief/brief-step';
import { DeckStep } from '@/features/deck/deck-step';
import { LightStep } from '@/features/light/light-step';
import { RecordStep } from '@/features/record/record-step';
import { useWhere } from '@/features/session/where';
import { Shell } from '@/features/shell/shell';
import type { Step } from '@/features/shell/steps';
import { StaysStep } from '@/features/stays/stays-step';

const STEP_PAGES: Readonly<Record<Step, React.ComponentType<{ roomId: string }>>> = {
  brief: BriefStep,
  light: LightStep,
  stays: StaysStep,
  deck: DeckStep,
  bench: BenchStep,
  record: RecordStep,
};

/** The room and step that the address names; moving between them never asks the server, so it is at once and works without it. */
export function VisitScreen() {
  const { roomId, step } = useWhere();
  const Page = STEP_PAGES[step as Step] ?? BriefStep;
  return (
    <Shell roomId={roomId} step={step}>
      <Page key={`${roomId} ${step}`} roomId={roomId} />
    </Shell>
  );
}
