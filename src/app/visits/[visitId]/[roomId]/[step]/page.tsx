import { notFound } from 'next/navigation';
import { BenchStep } from '@/features/bench/bench-step';
import { BriefStep } from '@/features/brief/brief-step';
import { DeckStep } from '@/features/deck/deck-step';
import { LightStep } from '@/features/light/light-step';
import { RecordStep } from '@/features/record/record-step';
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

export default async function StepPage({ params }: { params: Promise<{ roomId: string; step: string }> }) {
  const { roomId, step } = await params;
  if (!Object.hasOwn(STEP_PAGES, step)) notFound();
  const Page = STEP_PAGES[step as Step];
  return <Page key={roomId} roomId={roomId} />;
}
