/** Draws the two worlds of the relation model in a* and b*, from the model itself: docs/two-worlds.svg. */
import { writeFileSync } from 'node:fs';
import { screenColour } from '../src/core/colour/srgb';
import { RELATION } from '../src/core/judge/model';
import { neutralDistance } from '../src/core/judge/worlds';

const SIDE = 640;
const REACH = 34;
const at = (a: number, b: number) => [((a + REACH) / (2 * REACH)) * SIDE, ((REACH - b) / (2 * REACH)) * SIDE] as const;

/** The line on which the ellipse is so many times its size. */
function line(size: number): string {
  const points = Array.from({ length: 181 }, (_, n) => {
    const hue = (n * 2 * Math.PI) / 180;
    let [low, high] = [0, 60];
    for (let k = 0; k < 40; k++) {
      const middle = (low + high) / 2;
      if (neutralDistance({ a: middle * Math.cos(hue), b: middle * Math.sin(hue) }, RELATION) < size) low = middle;
      else high = middle;
    }
    return at(low * Math.cos(hue), low * Math.sin(hue)).map((v) => v.toFixed(1));
  });
  return `M${points.map((p) => p.join(' ')).join('L')}Z`;
}

/** Colours of the trade, with where their names stand. Typical values, from memory. */
const NAMED: readonly (readonly [name: string, l: number, a: number, b: number, left?: 'left'])[] = [
  ['greige', 78, 0.8, 7],
  ['taupe', 76, 2.6, 5],
  ['beige', 79, 4.2, 14.5],
  ['tan', 78, -0.6, 16, 'left'],
  ['cream', 92, 0, 11.5, 'left'],
  ['blue-grey', 62, -1, -4],
  ['green-grey', 72, -3.5, 3, 'left'],
  ['sage', 70, -9, 11, 'left'],
  ['dusty blue', 64, -4, -14],
  ['duck egg', 80, -7, -3, 'left'],
  ['blush', 84, 9, 8],
  ['dusty pink', 74, 15, 4],
  ['terracotta', 55, 24, 27],
  ['olive', 45, -5, 23, 'left'],
  ['plum', 34, 18, -8],
  ['navy', 25, 1, -19],
  ['teal', 42, -18, -8, 'left'],
  ['lavender', 74, 5, -9],
  ['butter', 89, 1, 26],
];

const dots = NAMED.map(([name, l, a, b, left]) => {
  const [x, y] = at(a, b);
  const text = left
    ? `<text x="${x - 11}" y="${y + 4}" text-anchor="end">${name}</text>`
    : `<text x="${x + 11}" y="${y + 4}">${name}</text>`;
  return `<rect x="${x - 7}" y="${y - 7}" width="14" height="14" fill="${screenColour({ l, a, b }).hex}" stroke="#111"/>${text}`;
});
const [zx, zy] = at(0, 0);
writeFileSync(
  'docs/two-worlds.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${SIDE} ${SIDE}" width="${SIDE}" height="${SIDE}" font-family="sans-serif" font-size="13">
<rect width="${SIDE}" height="${SIDE}" fill="#e2e2e2"/>
<path d="${line(RELATION.colourFrom)}" fill="#eeeeee" stroke="#777777" stroke-dasharray="4 4"/>
<path d="${line(RELATION.neutralTo)}" fill="#ffffff" stroke="#111111" stroke-width="2"/>
<path d="M0 ${zy}H${SIDE}M${zx} 0V${SIDE}" stroke="#999999"/>
<text x="${SIDE - 8}" y="${zy - 8}" text-anchor="end">a* pinker</text><text x="${zx + 8}" y="18">b* yellower</text>
<text x="12" y="${SIDE - 50}">white: near-neutrals, where undertone rules</text><text x="12" y="${SIDE - 32}">grey: colours, by ground, sharing, answering, clearness and depth</text><text x="12" y="${SIDE - 14}">between: both, by how far a colour is out</text>
${dots.join('\n')}
</svg>
`,
);
