import type { ComponentType } from 'react';
import { BENCH_KEYS, PAIR_KEYS } from './bench/keys';
import { BenchStep } from './bench/bench-step';
import { BriefStep } from './brief/brief-step';
import { DECIDE_KEYS } from './decide/keys';
import { DecideStep } from './decide/decide-step';
import { DeckStep } from './deck/deck-step';
import { HandoverStep } from './handover/handover-step';
import { LOOKS_KEYS } from './looks/keys';
import { LooksStep } from './looks/looks-step';
import { LightStep } from './light/light-step';
import { RecordStep } from './record/record-step';
import { SamplesStep } from './samples/samples-step';
import type { Step } from './session/address';
import type { KeyGroup } from './shell/key-map';
import { StaysStep } from './stays/stays-step';

/** What a step is: its name, its page, and the keys it has of its own. */
export type StepEntry = {
  readonly name: string;
  readonly Page: ComponentType<{ roomId: string }>;
  readonly keys?: KeyGroup;
};

/** The steps in the order of the work; any of them can be opened at any time. Adding one is adding it here and to {@link Step}. */
export const REGISTRY: Readonly<Record<Step, StepEntry>> = {
  brief: { name: 'Brief', Page: BriefStep },
  light: { name: 'Light', Page: LightStep },
  stays: { name: 'Stays', Page: StaysStep },
  deck: { name: 'Deck', Page: DeckStep },
  bench: { name: 'Bench', Page: BenchStep, keys: { title: 'On the bench', table: { ...BENCH_KEYS, ...PAIR_KEYS } } },
  record: { name: 'Record', Page: RecordStep },
  looks: { name: 'Looks', Page: LooksStep, keys: { title: 'Looks', table: LOOKS_KEYS } },
  samples: { name: 'Samples', Page: SamplesStep },
  decide: { name: 'Decide', Page: DecideStep, keys: { title: 'Deciding', table: DECIDE_KEYS } },
  handover: { name: 'Hand over', Page: HandoverStep },
};
export const STEPS = Object.keys(REGISTRY) as readonly Step[];
