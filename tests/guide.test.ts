import { existsSync, readFileSync } from 'node:fs';
import { GUIDE, GUIDE_WORDS } from '@/features/words/guide';
import { guideText } from '../scripts/make-guide';

test('docs/guide.md says what the application says, with pictures that are kept', () => {
  expect(readFileSync('docs/guide.md', 'utf8')).toBe(guideText());
  for (const { picture } of GUIDE)
    if (picture) expect([picture, existsSync(`docs/screenshots/${picture}.png`)]).toEqual([picture, true]);
});

test('it is two pages, and explains every computed word once', () => {
  const words = guideText().split(/\s+/).length;
  expect(words).toBeLessThan(1200);
  const all = GUIDE_WORDS.map(([word]) => word);
  expect(new Set(all).size).toBe(all.length);
  for (const word of ['LRV', 'ΔE', 'K', 'Seen']) expect(all).toContain(word);
});
