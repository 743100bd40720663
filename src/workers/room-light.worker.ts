import { expose } from 'comlink';
import { decodeDeckCurves, type DeckCurves } from '@/core/formats/deck-curves';
import { inSlices } from './in-slices';
import type { PieceAnswer, PieceRequest, SchemeWorker } from './scheme-worker';
import { lights } from '@/core/engine/advised-room';
import { bands } from '@/core/engine/bands';
import { changesOf } from '@/core/engine/changes';
import { companions, paletteOf } from '@/core/engine/companions';
import { daylightFactorOf } from '@/core/engine/daylight-factor-of';
import { day } from '@/core/engine/day';
import { housePlan } from '@/core/engine/house-plan';
import { fights } from '@/core/engine/fights';
import { findWhite } from '@/core/engine/find-white';
import { house } from '@/core/engine/house';
import { hexes } from '@/core/engine/deck-on-screen';
import type { JudgementWorker, Samples } from '@/core/engine/judgement-protocol';
import type { NoAnswer, Progress, RoomLightWorker } from '@/core/engine/light-protocol';
import { lampAdvice } from '@/core/engine/lamp-advice';
import { next } from '@/core/engine/next-samples';
import { pair } from '@/core/engine/pair';
import { cells } from '@/core/engine/record-cells';
import { shortlist } from '@/core/engine/shortlist';
import { schemesOfDeck } from '@/core/engine/schemes-of-deck';
import { season } from '@/core/engine/season';
import { servingColours } from '@/core/engine/serving-colours';
import { surfaceWays } from '@/core/engine/surface-ways';
import { sightLines } from '@/core/engine/sight-lines';
import { standingRoom } from '@/core/engine/standing-room';
import { tellingAt } from '@/core/engine/telling-at';
import { spots } from '@/core/engine/moment-at-positions';
import type { PlanWorker } from '@/core/engine/plan-protocol';
import type { Steps } from '@/core/engine/steps';
import { setEyeInForce } from '@/core/judge/eye-in-force';
import { cannotBe } from '@/core/engine/known-days';
import { coloursOfPiece } from '@/core/scheme/piece';
import { PICTURE_WORDS, type Frame } from '@/core/scheme/picture';

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

/** The deck as it was last fetched, and its version. */
let deck: { readonly version: string; readonly curves: DeckCurves } | undefined;
const CURVES = '/api/deck/curves';
let askedAt = -Infinity;

/** Asks for the deck where it is another than the one that is here: the cache would answer with all of it each time. */
async function askedAnew(known: string): Promise<Response | undefined> {
  const answer = await fetch(CURVES, { cache: 'no-store', headers: { 'if-none-match': known } }).catch(() => undefined);
  if (answer) askedAt = environment.now();
  return answer;
}
async function read(response: Response): Promise<DeckCurves> {
  if (!response.ok) throw new Error(`deck: ${response.status}`);
  askedAt = environment.now();
  deck = { version: response.headers.get('etag') ?? '', curves: decodeDeckCurves(await response.arrayBuffer()) };
  return deck.curves;
}

/** The deck as it is now, or was at most so many milliseconds ago; the one that is here while the server is away. */
async function deckCurves(atMostOldMs = 0): Promise<DeckCurves> {
  const known = deck;
  if (!known) return read(await fetch(CURVES, { cache: 'no-cache' }));
  if (environment.now() - askedAt < atMostOldMs) return known.curves;
  const response = await askedAnew(known.version);
  return !response || response.status === 304 ? known.curves : read(response);
}

/** How old the deck may be in what is asked by itself with every verdict, ms: what to look at next, and neighbours. Own choice. */
const OLD_BY_ITSELF_MS = 60_000;

/** Does work that needs the deck, unless its answer is not waited for any more by then. */
async function withDeck<T>(
  id: number,
  work: (curves: DeckCurves) => Steps<T>,
  progress?: Progress,
  atMostOldMs?: number,
): Promise<T | NoAnswer> {
  const curves = await deckCurves(atMostOldMs);
  if (cancelled.delete(id)) return { ok: false, reason: 'cancelled' };
  return run(id, work(curves), progress);
}

/** What may be put on the table next. */
let samples: Samples | undefined;

/** More pixels than this unfold into more than memory holds. */
const MOST_PIXELS = 60_000_000;
const FULL = { x: 0, y: 0, width: 1, height: 1 };

/** A picture as the browser decodes it, turned upright, with what of it is the piece. */
async function pieceOf({ file, frame, paper }: PieceRequest): Promise<PieceAnswer | NoAnswer> {
  const bitmap = await createImageBitmap(file).catch(() => undefined);
  if (!bitmap) return cannotBe('This is no picture that can be read here.');
  const { width, height } = bitmap;
  if (width * height > MOST_PIXELS) return cannotBe('The picture has more than 60 million pixels: take a smaller one.');
  const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!context) return cannotBe('The picture could not be unfolded on this device.');
  context.drawImage(bitmap, 0, 0);
  bitmap.close();
  const { data } = context.getImageData(0, 0, width, height);
  const inPixels = (of: Frame | null): Frame | null => {
    if (!of) return null;
    const [x, y] = [Math.floor(of.x * width), Math.floor(of.y * height)];
    const size = (share: number, all: number, from: number) => Math.max(1, Math.min(all - from, Math.round(share * all)));
    return { x, y, width: size(of.width, width, x), height: size(of.height, height, y) };
  };
  const found = coloursOfPiece({ width, height, data }, inPixels(frame ?? FULL), inPixels(paper));
  return found.ok ? { ok: true, ...found.value } : cannotBe(PICTURE_WORDS[found.reason]);
}

const worker: RoomLightWorker & JudgementWorker & PlanWorker & SchemeWorker = {
  day: (id, request, progress) => run(id, day(request), progress),
  bands: (id, request, progress) => run(id, bands(request), progress),
  spots: (id, request, swatches) => run(id, spots(request, swatches)),
  hexes: (id, request) => run(id, hexes(request)),
  pair: (id, request) => run(id, pair(request)),
  lamps: (id, request) => run(id, lampAdvice(request)),
  season: (id, request, progress) => run(id, season(request), progress),
  others: (id, request) => run(id, servingColours(request)),
  plan: (id, request, progress) => run(id, housePlan(request), progress),
  daylightFactor: (id, room) => run(id, daylightFactorOf(room)),
  lights: (id, room) => run(id, lights(room)),
  cells: (id, request) => run(id, cells(request)),
  shortlist: (id, request, progress) => withDeck(id, (curves) => shortlist(request, curves, environment.now), progress),
  fights: (id, request) => run(id, fights(request)),
  ways: (id, request) => withDeck(id, (curves) => surfaceWays(request, curves)),
  companions: (id, request, progress) => withDeck(id, (curves) => companions(request, paletteOf(curves)), progress),
  white: (id, request, progress) => withDeck(id, (curves) => findWhite(request, paletteOf(curves)), progress),
  schemes: (id, request, progress) => withDeck(id, (curves) => schemesOfDeck(request, curves), progress),
  changes: (id, request, progress) => withDeck(id, (curves) => changesOf(request, curves), progress),
  house: (id, request, progress) => withDeck(id, (curves) => house(request, curves), progress),
  sight: (id, request, progress) => withDeck(id, (curves) => sightLines(request, curves), progress),
  standing: (id, request) => run(id, standingRoom(request)),
  telling: (id, request) => withDeck(id, (curves) => tellingAt(request, curves), undefined, OLD_BY_ITSELF_MS),
  judgeFor: (factors) => {
    setEyeInForce(factors);
    // what was judged of it is of another eye
    deck = deck && { ...deck, curves: { ...deck.curves } };
  },
  piece: (id, request) => pieceOf(request).finally(() => cancelled.delete(id)),
  keepSamples: (kept) => {
    // others than before may be of another deck
    if (samples) askedAt = -Infinity;
    samples = kept;
    return Promise.resolve();
  },
  next: (id, request) => {
    const asked = samples;
    if (!asked) throw new Error('no samples were kept');
    return withDeck(id, (curves) => next({ ...request, samples: asked }, curves), undefined, OLD_BY_ITSELF_MS);
  },
  cancel: (id) => void cancelled.add(id),
};
expose(worker);
