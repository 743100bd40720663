import { deviceIn } from './gate';
import { refusal, type From } from './refusal';

/** Under this name the server that takes requests finds {@link isLetIn}: it runs before anything of the product is bundled. */
export const LET_IN = Symbol.for('elm-swatch.let-in');

/** Whether a request may send more than a few lines: it comes from a page of ours, and from a device that is in. */
export const isLetIn = (from: From): boolean => refusal(from) === undefined && deviceIn(from.headers) !== undefined;

/** Makes it known to the server in whose process this runs. */
export function tellServer(): void {
  (globalThis as unknown as Record<symbol, unknown>)[LET_IN] = isLetIn;
}
