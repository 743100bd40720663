import { expose } from 'comlink';
import { decodeDeckCurves, type DeckCurves } from '@/core/formats/deck-curves';
import { inSlices } from './in-slices';
import { lights } from '@/core/engine/advised-room';
import { bands } from '@/core/engine/bands';
import { companions, paletteOf } from '@/core/engine/companions';
import { day } from '@/core/engine/day';
import { housePlan } from '@/core/engine/house-plan';
import { fights } from '@/core/engine/fights';
import { findWhite } from '@/core/engine/find-white';
import { hexes } from '@/core/engine/deck-on-screen';
import type { JudgementWorker } from '@/core/engine/judgement-protocol';
import type { NoAnswer, Progress, RoomLightWorker } from '@/core/engine/light-protocol';
import { lampAdvice } from '@/core/engine/lamp-advice';
import { next } from '@/core/engine/next-samples';
import { pair } from '@/core/engine/pair';
import { cells } from '@/core/engine/record-cells';
import { shortlist } from '@/core/engine/shortlist';
import { season } from '@/core/engine/season';
import { servingColours } from '@/core/engine/serving-colours';
import { surfaceWays } from '@/core/engine/surface-ways';
import { spots } from '@/core/engine/moment-at-positions';
import type { PlanWorker } from '@/core/engine/plan-protocol';
import type { Steps } from '@/core/engine/steps';

const cancelled = new Set<number>();

const environment = {
  now: () => performance.now(),
  breathe: () => new Promise<void>((resolve) => setTimeout(resolve)),
};

async function run<T>(id: number, steps: Steps<T>, progress: Progress = () => undefined): Promise<T | NoAnswer> {
  const answer = await inSlices(steps, () => cancelled.has(id), progress, environment);
  cancelled.delete(id);
  return answer;
}

/** The deck as it was last fetched; the browser asks whether it has changed. */
let deck: { readonly version: string | null; readonly curves: DeckCurves } | undefined;
async function deckCurves(): Promise<DeckCurves> {
  const response = await fetch('/api/deck/curves', { cache: 'no-cache' });
  if (!response.ok) throw new Error(`deck: ${response.status}`);
  const version = response.headers.get('etag');
  if (!deck || deck.version !== version) deck = { version, curves: decodeDeckCurves(await response.arrayBuffer()) };
  return deck.curves;
}

const worker: RoomLightWorker & JudgementWorker & PlanWorker = {
  day: (id, request, progress) => run(id, day(request), progress),
  bands: (id, request, progress) => run(id, bands(request), progress),
  spots: (id, request, swatches) => run(id, spots(request, swatches)),
  hexes: (id, request) => run(id, hexes(request)),
  pair: (id, request) => run(id, pair(request)),
  lamps: (id, request) => run(id, lampAdvice(request)),
  season: (id, request, progress) => run(id, season(request), progress),
  others: (id, request) => run(id, servingColours(request)),
  plan: (id, request, progress) => run(id, housePlan(request), progress),
  lights: (id, room) => run(id, lights(room)),
  cells: (id, request) => run(id, cells(request)),
  shortlist: async (id, request, progress) => {
    const curves = await deckCurves();
    if (cancelled.delete(id)) return { ok: false, reason: 'cancelled' };
    return run(id, shortlist(request, curves, environment.now), progress);
  },
  fights: (id, request) => run(id, fights(request)),
  ways: async (id, request) => {
    const curves = await deckCurves();
    if (cancelled.delete(id)) return { ok: false, reason: 'cancelled' };
    return run(id, surfaceWays(request, curves));
  },
  companions: async (id, request, progress) => {
    const curves = await deckCurves();
    if (cancelled.delete(id)) return { ok: false, reason: 'cancelled' };
    return run(id, companions(request, paletteOf(curves)), progress);
  },
  white: async (id, request, progress) => {
    const curves = await deckCurves();
    if (cancelled.delete(id)) return { ok: false, reason: 'cancelled' };
    return run(id, findWhite(request, paletteOf(curves)), progress);
  },
  next: async (id, request) => {
    const curves = await deckCurves();
    if (cancelled.delete(id)) return { ok: false, reason: 'cancelled' };
    return run(id, next(request, curves));
  },
  cancel: (id) => void cancelled.add(id),
};
expose(worker);
