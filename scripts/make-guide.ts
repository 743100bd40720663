/** Writes the guide for consultants from the application's own words: npx tsx scripts/make-guide.ts */
import { writeFileSync } from 'node:fs';
import { GUIDE, GUIDE_WORDS } from '../src/features/words/guide';

/** The text of docs/guide.md. */
export function guideText(): string {
  const parts = GUIDE.map(({ title, says, picture }, k) =>
    [
      `## ${k + 1}. ${title}`,
      '',
      says.join('\n\n'),
      ...(picture ? ['', `<img src="screenshots/${picture}.png" alt="${title}" width="560">`] : []),
      '',
    ].join('\n'),
  );
  const words = GUIDE_WORDS.map(([word, means]) => `- **${word}**: ${means}`);
  return `# One visit, from the doorbell to the papers

For consultants. The same stands under \`?\` in the application; it is written by \`npx tsx scripts/make-guide.ts\`. Everything in the pictures is made up.

${parts.join('\n')}
## The words

${words.join('\n')}
`;
}

if (process.argv[1]?.endsWith('make-guide.ts')) writeFileSync('docs/guide.md', guideText());
