import { expose } from 'comlink';
import { inSlices } from './in-slices';
import type { NoAnswer, Progress, RoomLightWorker } from './protocol';
import { bands, day, hexes, spots, type Steps } from './room-light-engine';

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

const worker: RoomLightWorker = {
  day: (id, request, progress) => run(id, day(request), progress),
  bands: (id, request, progress) => run(id, bands(request), progress),
  spots: (id, request, swatches) => run(id, spots(request, swatches)),
  hexes: (id, request) => run(id, hexes(request)),
  cancel: (id) => void cancelled.add(id),
};
expose(worker);
