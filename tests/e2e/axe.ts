import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** What axe finds serious or worse on the page as it stands, once nothing on it is computed anew: rule and the first of each element. */
export async function seriousFindings(page: Page): Promise<string[]> {
  // what is of before stands faint until the new is there, and is said to be
  await expect(page.locator('[data-stale=true]')).toHaveCount(0);
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id} ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`);
}
