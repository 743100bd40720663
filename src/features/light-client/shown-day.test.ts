import type { DayAnswer } from '@/core/engine/light-protocol';
import { shownDay } from './shown-day';

const noon = Date.UTC(2026, 10, 26, 12);
const day = { ok: true, moments: [Date.UTC(2026, 10, 26), Date.UTC(2026, 10, 26, 23, 45)] } as unknown as DayAnswer;

test('what was computed is shown as it is', () => {
  expect(shownDay({ state: 'done', value: day }, noon)).toEqual({ day, stale: false });
});

test('while another sky of the day is computed, the last stands and is old', () => {
  expect(shownDay({ state: 'computing', share: 0.4, before: day }, noon)).toEqual({ day, stale: true });
});

test('of another date nothing is shown: no night, no figures of the wrong day', () => {
  const later = Date.UTC(2026, 11, 26, 12);
  expect(shownDay({ state: 'computing', share: 0, before: day }, later)).toBeUndefined();
  expect(shownDay({ state: 'computing', share: 0 }, noon)).toBeUndefined();
  expect(shownDay({ state: 'failed', says: 'no', before: day }, noon)).toBeUndefined();
});
