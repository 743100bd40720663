import { RAD } from '../base/angles';
const STEP_DEG = 5;
const ROWS = 90 / STEP_DEG;
const COLUMNS = 360 / STEP_DEG;
const CELLS = ROWS * COLUMNS;

const rowOf = (cell: number) => Math.floor(cell / COLUMNS);

/**
 * The sky in cells of 5° by 5°, from the horizon up and clockwise from north: middles in degrees, solid angles in steradians,
 * and solid angles weighted by the cosine from straight up.
 */
export const SKY_GRID = {
  cells: CELLS,
  altitudeDeg: Float64Array.from({ length: CELLS }, (_, cell) => (rowOf(cell) + 0.5) * STEP_DEG),
  azimuthDeg: Float64Array.from({ length: CELLS }, (_, cell) => ((cell % COLUMNS) + 0.5) * STEP_DEG),
  solidAngle: Float64Array.from(
    { length: CELLS },
    (_, cell) => (Math.sin((rowOf(cell) + 1) * STEP_DEG * RAD) - Math.sin(rowOf(cell) * STEP_DEG * RAD)) * STEP_DEG * RAD,
  ),
  horizontal: Float64Array.from(
    { length: CELLS },
    (_, cell) =>
      ((Math.sin((rowOf(cell) + 1) * STEP_DEG * RAD) ** 2 - Math.sin(rowOf(cell) * STEP_DEG * RAD) ** 2) / 2) * STEP_DEG * RAD,
  ),
} as const;

/** How much of a cell lies above an altitude: its share of solid angle, and of horizontal light. */
export function shareAbove(cell: number, altitudeDeg: number): { readonly solidAngle: number; readonly horizontal: number } {
  const [bottom, top] = [rowOf(cell), rowOf(cell) + 1].map((row) => Math.sin(row * STEP_DEG * RAD)) as [number, number];
  const from = Math.min(top, Math.max(bottom, Math.sin(Math.max(0, altitudeDeg) * RAD)));
  return { solidAngle: (top - from) / (top - bottom), horizontal: (top ** 2 - from ** 2) / (top ** 2 - bottom ** 2) };
}

/** The cell that holds a direction above the horizon. */
export function skyCell(altitudeDeg: number, azimuthDeg: number): number {
  const row = Math.min(ROWS - 1, Math.max(0, Math.floor(altitudeDeg / STEP_DEG)));
  return row * COLUMNS + (Math.floor((((azimuthDeg % 360) + 360) % 360) / STEP_DEG) % COLUMNS);
}
