import { allSaved, openRoom } from './demo';
import { expect, test } from './server';

/** Components that one verdict draws again at most, the bench and its frame together. It was 774 when everything was read from one context. */
const MOST = 100;

type Fiber = {
  readonly tag: number;
  readonly flags: number;
  readonly alternate: Fiber | null;
  readonly child: Fiber | null;
  readonly sibling: Fiber | null;
};
type Counted = typeof globalThis & { drawn: number; __REACT_DEVTOOLS_GLOBAL_HOOK__: unknown };

test('a verdict draws again what shows it, and little else', async ({ page, demo }) => {
  // what React tells whoever inspects it: each commit, in which what was drawn carries a flag
  await page.addInitScript(() => {
    const counted = globalThis as Counted;
    const DRAWN = 1;
    const COMPONENTS = [0, 11, 14, 15];
    const count = (next: Fiber, before: Fiber | null): number => {
      if (next === before) return 0;
      let sum = COMPONENTS.includes(next.tag) && next.flags & DRAWN ? 1 : 0;
      if (next.child !== (before?.child ?? null)) for (let c = next.child; c; c = c.sibling) sum += count(c, c.alternate);
      return sum;
    };
    counted.drawn = 0;
    counted.__REACT_DEVTOOLS_GLOBAL_HOOK__ = {
      supportsFiber: true,
      renderers: new Map(),
      inject: () => 1,
      checkDCE: () => undefined,
      onCommitFiberUnmount: () => undefined,
      onCommitFiberRoot: (_: unknown, { current }: { readonly current: Fiber }) => {
        counted.drawn += count(current, current.alternate);
      },
    };
  });
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  await expect(page.getByRole('region', { name: 'Your eye' })).toBeVisible();
  // the light of the day is there, and each verdict was given once: what a light brings is drawn for the light
  for (const key of ['r', 'e', 'w']) {
    await page.keyboard.press(key);
    await allSaved(page);
  }
  /** What was drawn until nothing is any more: what was begun before has come, and what follows from a verdict too. */
  const drawn = async (): Promise<number> => {
    for (let before = -1; ;) {
      const now = await page.evaluate(() => (globalThis as Counted).drawn);
      if (now === before) return now;
      before = now;
      await page.waitForTimeout(1500);
    }
  };
  const drawnBy = async (key: string): Promise<number> => {
    const before = await drawn();
    await page.keyboard.press(key);
    await allSaved(page);
    return (await drawn()) - before;
  };
  for (const key of ['r', 'e', 'w']) {
    const count = await drawnBy(key);
    // not none: the verdict is on the screen
    expect(count).toBeGreaterThan(5);
    expect(count).toBeLessThanOrEqual(MOST);
  }
});

test('what could be taken for a surface is judged once for a choice, and not again for another hour', async ({ page, demo }) => {
  await page.addInitScript(() => {
    const seen = globalThis as typeof globalThis & { judged: number };
    seen.judged = 0;
    // what the page asks its worker, as the package between them says it
    const post = Worker.prototype.postMessage;
    Worker.prototype.postMessage = function (this: Worker, message: unknown, ...rest: unknown[]) {
      const path = (message as { readonly path?: readonly string[] } | null)?.path;
      if (path?.includes('ways')) seen.judged += 1;
      return Reflect.apply(post, this, [message, ...rest]) as void;
    };
  });
  await openRoom(page, demo.url, 'Kitchen', 'Decide');
  const judged = () => page.evaluate(() => (globalThis as typeof globalThis & { judged: number }).judged);
  const choose = (surface: string) => page.locator(`[data-surface="${surface}"]`).first().click();
  await choose('ceiling');
  await expect.poll(judged).toBeGreaterThan(0);
  await page.waitForTimeout(1000);
  const before = await judged();
  for (const key of ['[', '[', ']', 'v', 'v', 'l', 'l']) await page.keyboard.press(key);
  await page.waitForTimeout(1000);
  expect(await judged()).toBe(before);
  // another surface is another question
  await choose('trim');
  await expect.poll(judged).toBeGreaterThan(before);
});
