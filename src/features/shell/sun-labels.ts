/** A stretch of the day in words, from one moment to another, both included. */
export type Stretch = { readonly text: string; readonly from: number; readonly to: number };
/** A stretch with its line, and where its words stand; none where there is no room for them. */
export type LaidOut = Stretch & { readonly row: 0 | 1; readonly side: 'right' | 'left' | 'none' };

/** Width of a letter at the size of the labels, px, and the space before them. Measured once of the shipped face at 12 px. */
const LETTER_PX = 6.1;
const SPACE_PX = 8;
/** Lines under the band. */
const ROWS = [0, 1] as const;

type Span = readonly [from: number, to: number];
const apart = ([a, b]: Span, [c, d]: Span) => b <= c || d <= a;

/**
 * Lays out the stretches of direct sun under a band: on the first line where they meet no other stretch, their words at the right where
 * there is room, else at the left, else not at all; no words over other words or another line.
 *
 * @param first the band's first moment; @param count moments it shows; @param width of the band, px
 */
export function laidOut(
  stretches: readonly Stretch[],
  { first, count, width }: { first: number; count: number; width: number },
): LaidOut[] {
  const px = (moment: number) => ((moment - first) / count) * width;
  // what is taken of each line, and of the words, which are as high as both lines
  const lines: [Span[], Span[]] = [[], []];
  const words: Span[] = [];
  return stretches.map((stretch) => {
    const bar: Span = [px(stretch.from), px(stretch.to + 1)];
    const row = ROWS.find((r) => lines[r].every((taken) => apart(taken, bar))) ?? 1;
    lines[row].push(bar);
    const long = stretch.text.length * LETTER_PX + SPACE_PX;
    const bars = [...lines[0], ...lines[1]].filter((b) => b !== bar);
    const free = (span: Span) => span[0] >= 0 && span[1] <= width && [...words, ...bars].every((taken) => apart(taken, span));
    const right: Span = [bar[1], bar[1] + long];
    const left: Span = [bar[0] - long, bar[0]];
    const onLeft = free(left) ? 'left' : 'none';
    const side = free(right) ? 'right' : onLeft;
    if (side !== 'none') words.push(side === 'right' ? right : left);
    return { ...stretch, row, side };
  });
}
