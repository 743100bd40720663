import { seriousFindings } from './axe';
import { openRoom, toStep } from './demo';
import { expect, test } from './server';

const STEPS = ['Brief', 'Light', 'Stays', 'Deck', 'Bench', 'Schemes', 'Looks', 'Samples', 'Decide', 'Hand over', 'Record'];

test('every step runs under its content security policy and has no serious accessibility finding', async ({ page, demo }) => {
  const refused: string[] = [];
  page.on('console', (message) => {
    if (message.type() === 'error') refused.push(message.text());
  });
  await openRoom(page, demo.url, 'Sitting room', STEPS[0]!);
  for (const step of STEPS) {
    await toStep(page, step);
    // hydrated: the keyboard map opens, which needs the page's own script
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys and guide' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    expect(await seriousFindings(page)).toEqual([]);
  }
  const radio = (name: string | RegExp) => page.getByRole('radio', { name });
  await radio(/^Photographs/).click();
  expect(await seriousFindings(page)).toEqual([]);
  await toStep(page, 'Deck');
  await radio('What could work here').click();
  await expect(page.getByRole('group', { name: 'What could work, best first' })).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
  await toStep(page, 'Bench');
  for (const name of ['All', 'Alone', 'Two strengths', 'Slide']) {
    await radio(name).click();
    expect(await seriousFindings(page)).toEqual([]);
  }
  await page.getByRole('button', { name: 'Let the client pick between two' }).click();
  await expect(page.getByText('Which of the two?')).toBeVisible();
  expect(await seriousFindings(page)).toEqual([]);
  expect(refused).toEqual([]);
});

test('patches have names a screen reader can say', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  await expect(page.getByRole('img', { name: /at 100 %: light beige, leans orange-pink, LRV \d\d$/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Hearth stone, field 70 %: .+; band 30 %: / })).toBeVisible();
  await openRoom(page, demo.url, 'Sitting room', 'Record');
  await expect(page.getByRole('link', { name: /beside Hearth stone: works$/ }).first()).toBeVisible();
});

test('the chrome is neutral grey in all three surrounds: only patches carry colour', async ({ page, demo }) => {
  await openRoom(page, demo.url, 'Sitting room', 'Bench');
  for (let mode = 0; mode < 3; mode++) {
    const tinted = await page.evaluate(() =>
      [...document.querySelectorAll('body *')].flatMap((element) => {
        if (element.closest('[data-patch]')) return [];
        const style = getComputedStyle(element);
        return [style.color, style.backgroundColor, style.borderTopColor].filter((colour) => {
          const [r, g, b] = (colour.match(/[\d.]+/g) ?? []).map(Number);
          return colour.startsWith('rgb') && (r !== g || g !== b);
        });
      }),
    );
    expect(tinted).toEqual([]);
    await page.getByRole('button', { name: /surround.*change/ }).click();
  }
});

for (const [width, height] of [
  [1024, 768],
  [820, 1180],
  [390, 844],
] as const)
  test(`works at ${width} × ${height}: nothing is cut off sideways, targets are 44 px`, async ({ page, demo }) => {
    await page.setViewportSize({ width, height });
    await openRoom(page, demo.url, 'Sitting room', STEPS[0]!);
    for (const step of STEPS) {
      await toStep(page, step);
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect(`${step} ${overflow}`).toBe(`${step} 0`);
    }
    await toStep(page, 'Bench');
    const small = await page
      .getByRole('main')
      .getByRole('button')
      .evaluateAll((all) =>
        all
          .filter((e) => !e.hasAttribute('aria-label') || !/where this comes from/.test(e.getAttribute('aria-label')!))
          .map((e) => e.getBoundingClientRect())
          .filter((r) => r.height > 0 && (r.height < 44 || r.width < 44)),
      );
    expect(small).toEqual([]);
  });

test('serves this machine only: foreign hosts and origins are refused, the policy is strict', async ({ demo, request }) => {
  const page = await request.get(`${demo.url}/visits`);
  const policy = page.headers()['content-security-policy']!;
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toContain("script-src 'self' 'unsafe-inline'");
  expect(page.headers()['x-content-type-options']).toBe('nosniff');
  const foreignHost = await request.get(`${demo.url}/visits`, { headers: { host: 'evil.example' } });
  expect(foreignHost.status()).toBe(403);
  const foreignOrigin = await request.post(`${demo.url}/visits`, { headers: { origin: 'http://evil.example' }, data: '[]' });
  expect(foreignOrigin.status()).toBe(403);
  const deck = await request.get(`${demo.url}/api/deck`, { headers: { host: 'evil.example' } });
  expect(deck.status()).toBe(403);
  // what pages are made of is sent without the framework: under the same questions, and by no other path
  const script = /\/_next\/static\/[^"]+\.js/.exec(await page.text())![0];
  const built = await request.get(demo.url + script);
  expect(built.status()).toBe(200);
  expect(built.headers()).toMatchObject({
    'x-content-type-options': 'nosniff',
    'cache-control': expect.stringContaining('immutable'),
  });
  expect(built.headers()['content-security-policy']).toContain("default-src 'none'");
  expect((await request.get(demo.url + script, { headers: { host: 'evil.example' } })).status()).toBe(403);
  expect((await request.get(demo.url + script, { headers: { origin: 'http://evil.example' } })).status()).toBe(403);
  for (const path of ['/_next/static/%2e%2e/BUILD_ID', '/_next/static/..%2fBUILD_ID', '/_next/static/no-such.js'])
    expect([path, (await request.get(demo.url + path)).status()]).toEqual([path, 404]);
});
