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
  await page.locator('[aria-label="Look at next"][aria-busy="false"]').waitFor();
  await page.waitForTimeout(1000);
  const drawnBy = async (key: string) => {
    await page.evaluate(() => void ((globalThis as Counted).drawn = 0));
    await page.keyboard.press(key);
    await allSaved(page);
    await page.waitForTimeout(500);
    return page.evaluate(() => (globalThis as Counted).drawn);
  };
  for (const key of ['r', 'e', 'w']) {
    const drawn = await drawnBy(key);
    // not none: the verdict is on the screen
    expect(drawn).toBeGreaterThan(5);
    expect(drawn).toBeLessThanOrEqual(MOST);
  }
});
