'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { BENCH_KEYS, PAIR_KEYS } from './bench/keys';
import { DECIDE_KEYS } from './decide/keys';
import { LOOKS_KEYS } from './looks/keys';
import { STEPS, type Step } from './session/address';
import type { KeyGroup } from './shell/key-map';

/** What a step is: its name, its page, and the keys it has of its own. */
export type StepEntry = {
  readonly name: string;
  readonly Page: ComponentType<{ roomId: string }>;
  readonly keys?: KeyGroup;
};

/**
 * Each step is a piece of the script of its own: a page loads the one it shows, the others come when it is idle, so that moving between
 * steps asks nobody and works while the server is away.
 */
const PAGES = {
  brief: () => import('./brief/brief-step').then((m) => m.BriefStep),
  light: () => import('./light/light-step').then((m) => m.LightStep),
  stays: () => import('./stays/stays-step').then((m) => m.StaysStep),
  deck: () => import('./deck/deck-step').then((m) => m.DeckStep),
  bench: () => import('./bench/bench-step').then((m) => m.BenchStep),
  record: () => import('./record/record-step').then((m) => m.RecordStep),
  looks: () => import('./looks/looks-step').then((m) => m.LooksStep),
  samples: () => import('./samples/samples-step').then((m) => m.SamplesStep),
  decide: () => import('./decide/decide-step').then((m) => m.DecideStep),
  handover: () => import('./handover/handover-step').then((m) => m.HandoverStep),
} as const satisfies Readonly<Record<Step, () => Promise<ComponentType<{ roomId: string }>>>>;

/** Loads every step, one after the other. */
export async function loadSteps(): Promise<void> {
  for (const step of STEPS) await PAGES[step]().catch(() => undefined);
}

/** Any of the steps can be opened at any time. Adding one is adding it here, to the pages above and to {@link Step}. */
export const REGISTRY: Readonly<Record<Step, StepEntry>> = {
  brief: { name: 'Brief', Page: dynamic(PAGES.brief) },
  light: { name: 'Light', Page: dynamic(PAGES.light) },
  stays: { name: 'Stays', Page: dynamic(PAGES.stays) },
  deck: { name: 'Deck', Page: dynamic(PAGES.deck) },
  bench: {
    name: 'Bench',
    Page: dynamic(PAGES.bench),
    keys: { title: 'On the bench', table: { ...BENCH_KEYS, ...PAIR_KEYS } },
  },
  record: { name: 'Record', Page: dynamic(PAGES.record) },
  looks: { name: 'Looks', Page: dynamic(PAGES.looks), keys: { title: 'Looks', table: LOOKS_KEYS } },
  samples: { name: 'Samples', Page: dynamic(PAGES.samples) },
  decide: { name: 'Decide', Page: dynamic(PAGES.decide), keys: { title: 'Deciding', table: DECIDE_KEYS } },
  handover: { name: 'Hand over', Page: dynamic(PAGES.handover) },
};
