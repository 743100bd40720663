import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/** What axe finds serious or worse on the page as it stands: rule and the first of each element. */
export async function seriousFindings(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id} ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`);
}
