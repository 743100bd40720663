import { fitted, type Box, type UnfoldedPart } from '@/core/derived/unfolded';
import type { RoomPaper } from './schedule';

/** Where the letter of a surface stands on the unfolded room, metres. */
export type LetterPlace = { readonly surface: string; readonly letter: string; readonly x: number; readonly y: number };

/** The middle of the widest stretch of a wall that nothing stands in. */
function clearOf(wall: UnfoldedPart, parts: readonly UnfoldedPart[]): number {
  const taken = parts.filter((p) => p.wall === wall.wall && (p.what === 'frame' || p.what === 'door')).sort((p, q) => p.x - q.x);
  let from = wall.x;
  let best = { width: -1, middle: wall.x + wall.width / 2 };
  for (const to of [...taken, { x: wall.x + wall.width, width: 0 }]) {
    if (to.x - from > best.width) best = { width: to.x - from, middle: (from + to.x) / 2 };
    from = Math.max(from, to.x + to.width);
  }
  return best.middle;
}

/** The middle of a part from top to bottom at a place along it. */
function middleAt({ outline, y, height }: UnfoldedPart, x: number): number {
  const crossings = (outline ?? []).flatMap(([x0, y0], k, all) => {
    const [x1, y1] = all[(k + 1) % all.length]!;
    if (x0 === x1 || x < Math.min(x0, x1) || x > Math.max(x0, x1)) return [];
    return [y0 + ((y1 - y0) * (x - x0)) / (x1 - x0)];
  });
  return crossings.length < 2 ? y + height / 2 : (Math.min(...crossings) + Math.max(...crossings)) / 2;
}

/** A letter for every surface that is drawn, on its first piece, clear of windows and doors. */
export function letterPlaces({ unfolded: { parts }, letters }: Pick<RoomPaper, 'unfolded' | 'letters'>): LetterPlace[] {
  const first = new Map<string, UnfoldedPart>();
  for (const part of parts) if (part.surface && part.what !== 'frame' && !first.has(part.surface)) first.set(part.surface, part);
  return [...first].flatMap(([surface, part]) => {
    const letter = letters[surface]?.letter;
    const onWall = part.what === 'wall' || part.what === 'below';
    const x = onWall ? clearOf(part, parts) : part.x + part.width / 2;
    return letter ? [{ surface, letter, x, y: middleAt(part, x) }] : [];
  });
}

/** What a part of the unfolded room is filled with on paper: its colour, white where it is not painted, a light grey for the floor. */
export const paperFill = (part: UnfoldedPart, letters: RoomPaper['letters']): string => {
  if (part.what === 'glass') return '#ffffff';
  if (part.what === 'floor') return '#e6e6e6';
  return (part.surface && letters[part.surface]?.hex) || '#ffffff';
};

/** A room as papers draw it: every part with its fill, and the letters over their surfaces, in the units of the drawing. */
export type PaperDrawing = {
  readonly width: number;
  readonly height: number;
  readonly parts: readonly (Box & { readonly fill: string; readonly outline?: readonly (readonly [x: number, y: number])[] })[];
  readonly letters: readonly LetterPlace[];
};

/**
 * The room unfolded for a paper, as high as it is to its width, within bounds.
 *
 * @param width, least, most in the units of the drawing
 */
export function paperDrawing(
  room: Pick<RoomPaper, 'unfolded' | 'letters'>,
  { width, least, most }: { readonly width: number; readonly least: number; readonly most: number },
): PaperDrawing {
  const { unfolded, letters } = room;
  const height = Math.min(most, Math.max(least, (unfolded.height / unfolded.width) * width));
  const place = fitted(unfolded, { width, height });
  return {
    width,
    height,
    parts: unfolded.parts.map((part) => {
      const outline = part.outline?.map(([x, y]) => {
        const at = place({ x, y, width: 0, height: 0 });
        return [at.x, at.y] as const;
      });
      return { ...place(part), fill: paperFill(part, letters), ...(outline ? { outline } : {}) };
    }),
    letters: letterPlaces(room).map((at) => {
      const { x, y } = place({ ...at, width: 0, height: 0 });
      return { ...at, x, y };
    }),
  };
}
