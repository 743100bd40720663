'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { BENCH_KEYS, PAIR_KEYS } from './bench/keys';
import { DECIDE_KEYS } from './decide/keys';
import { LOOKS_KEYS } from './looks/keys';
import { PAGES, type Step } from './session/address';
import type { KeyGroup } from './shell/key-map';

/** What a step is: its name, its page, and the keys it has of its own. */
export type StepEntry = {
  readonly name: string;
  readonly Page: ComponentType<{ roomId: string }>;
  readonly keys?: readonly KeyGroup[];
};

/**
 * Each step is a piece of the script of its own: a page loads the one it shows, the others come when it is idle (`loadSteps`), so that
 * moving between steps asks nobody and works while the server is away. Each import stands where it is asked for: only so the page that
 * comes first names its piece at once. Any of the steps can be opened at any time. Adding one is adding it here, below and to {@link Step}.
 */
export const REGISTRY: Readonly<Record<Step, StepEntry>> = {
  brief: { name: 'Brief', Page: dynamic(() => import('./brief/brief-step').then((m) => m.BriefStep)) },
  light: { name: 'Light', Page: dynamic(() => import('./light/light-step').then((m) => m.LightStep)) },
  stays: { name: 'Stays', Page: dynamic(() => import('./stays/stays-step').then((m) => m.StaysStep)) },
  deck: { name: 'Deck', Page: dynamic(() => import('./deck/deck-step').then((m) => m.DeckStep)) },
  bench: {
    name: 'Bench',
    Page: dynamic(() => import('./bench/bench-step').then((m) => m.BenchStep)),
    keys: [
      { title: 'On the bench', table: BENCH_KEYS },
      { title: 'While the client picks', table: PAIR_KEYS },
    ],
  },
  record: { name: 'Record', Page: dynamic(() => import('./record/record-step').then((m) => m.RecordStep)) },
  schemes: { name: 'Schemes', Page: dynamic(() => import('./schemes/schemes-step').then((m) => m.SchemesStep)) },
  looks: {
    name: 'Looks',
    Page: dynamic(() => import('./looks/looks-step').then((m) => m.LooksStep)),
    keys: [{ title: 'Looks', table: LOOKS_KEYS }],
  },
  samples: { name: 'Samples', Page: dynamic(() => import('./samples/samples-step').then((m) => m.SamplesStep)) },
  decide: {
    name: 'Decide',
    Page: dynamic(() => import('./decide/decide-step').then((m) => m.DecideStep)),
    keys: [{ title: 'Deciding', table: DECIDE_KEYS }],
  },
  handover: { name: 'Hand over', Page: dynamic(() => import('./handover/handover-step').then((m) => m.HandoverStep)) },
  house: { name: 'The house', Page: dynamic(() => import('./house/house-page').then((m) => m.HousePage)) },
  with: { name: 'Goes with', Page: dynamic(() => import('./companions/companions-page').then((m) => m.CompanionsPage)) },
};

const LOADED: Readonly<Record<Step, () => Promise<unknown>>> = {
  brief: () => import('./brief/brief-step'),
  light: () => import('./light/light-step'),
  stays: () => import('./stays/stays-step'),
  deck: () => import('./deck/deck-step'),
  bench: () => import('./bench/bench-step'),
  record: () => import('./record/record-step'),
  schemes: () => import('./schemes/schemes-step'),
  looks: () => import('./looks/looks-step'),
  samples: () => import('./samples/samples-step'),
  decide: () => import('./decide/decide-step'),
  handover: () => import('./handover/handover-step'),
  with: () => import('./companions/companions-page'),
  house: () => import('./house/house-page'),
};
/** Loads every step, one after the other. */
export async function loadSteps(): Promise<void> {
  // one that cannot be had now is asked for again when it is opened
  for (const step of PAGES) await LOADED[step]().catch(() => undefined);
}
