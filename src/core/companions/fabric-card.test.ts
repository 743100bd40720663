import { deltaE00 } from '../colour/ciede2000';
import { all } from '../../../tests/all';
import { chroma } from '../colour/lab';
import { fabricCard } from './fabric-card';

test('every edge lies as far off as a fabric may, in one way only', () => {
  const lab = { l: 50, a: 12, b: 21 };
  const edges = fabricCard(lab, 5);
  expect(edges.map((e) => e.says)).toEqual(['lighter', 'deeper', 'stronger', 'greyer']);
  expect(all(edges, (e) => Math.abs(deltaE00(lab, e.lab) - 5) < 0.001)).toBe(true);
  expect(all(edges.slice(0, 2), (e) => Math.abs(chroma(e.lab) - chroma(lab)) < 1e-9)).toBe(true);
  expect(all(edges.slice(2), (e) => e.lab.l === 50)).toBe(true);
});

test('a strong one gets no louder than twelve more of chroma', () => {
  const [, , stronger] = fabricCard({ l: 45, a: -30, b: -20 }, 12);
  expect(chroma(stronger!.lab)).toBeCloseTo(Math.hypot(30, 20) + 12, 9);
});

test('nothing is lighter than paper, deeper than black or greyer than grey', () => {
  const [lighter] = fabricCard({ l: 96, a: 0, b: 2 }, 9);
  expect(lighter!.lab.l).toBe(98);
  const [, deeper, , greyer] = fabricCard({ l: 6, a: 1, b: 0 }, 9);
  expect(deeper!.lab.l).toBe(4);
  expect(Math.hypot(greyer!.lab.a, greyer!.lab.b)).toBe(0);
});
