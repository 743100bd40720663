import { GRID } from '../colour/grid';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { room } from '../../../tests/made-up-room';
import { surfacesOf } from './looks';
import { colourSwatch, judgedStay, PAPER_ID, swatchesOf } from './swatches';

/** As the instrument gives it: 31 values from 400 nm on. */
const measured: RecordedColour = {
  lab: { l: 70, a: 3, b: 12 },
  source: {
    kind: 'spectrophotometer',
    surface: 'A tile',
    spectrum: { start: 400, step: 10, values: Array.from({ length: 31 }, (_, i) => 0.3 + i * 0.01) },
  },
};

describe('what is looked at and judged', () => {
  test('a measured colour is its one surface, on the grid, for looks and for judgement', () => {
    const swatch = colourSwatch('t', measured);
    expect(swatch.spectrum).toHaveLength(GRID.count);
    expect(swatch.spectrum![(500 - GRID.start) / GRID.step]).toBeCloseTo(0.4, 9);
    expect(surfacesOf(swatch)).toEqual([Float64Array.from(swatch.spectrum!)]);
    const [stay] = room().stays;
    const tile = { ...stay!, components: [{ ...stay!.components[0]!, colour: measured }] };
    expect(judgedStay(tile).components[0]!.spectrum).toEqual(swatch.spectrum);
  });

  test('a colour known by its Lab may be many', () => {
    const { lab } = measured;
    expect(surfacesOf(colourSwatch('l', { lab, source: { kind: 'lab' } })).length).toBeGreaterThan(5);
  });

  test('everything of a room once: things, candidates, their usual strengths, paper and the old wall', () => {
    const ids = swatchesOf(room({ oldWall: measured })).map((s) => s.id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const id of ['k1', 'k2', 'c100', 'c75', 'FR:FR 1@50', PAPER_ID, 'old-wall']) expect(ids).toContain(id);
  });
});
