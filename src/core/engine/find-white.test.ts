import rooms from '../../../tests/golden/roomcases.json';
import { all } from '../../../tests/all';
import { lookIn, usedFor, day } from '../../../tests/lit-room';
import { chroma, lrvOf } from '../colour/lab';
import { reflectanceFromLab } from '../colour/reflectance';
import type { PaletteColour } from '../companions/companion';
import { isWhite, whiteKind } from '../companions/whites';
import { DEFAULT_SCHOOLS, type DimWhiteSchool } from '../judge/light-schools';
import { findWhite, type WhiteRequest } from './find-white';
import type { JudgedStay } from './judgement-protocol';
import { toTheEnd } from './steps';

const deck: readonly PaletteColour[] = rooms.deck
  .map(({ id, lab: [l, a, b] }) => ({ id, strength: 100, lab: { l: l!, a: a!, b: b! } }))
  .filter(({ lab }) => lab.l > 76 && chroma(lab) < 16)
  .flatMap((c) => {
    const found = reflectanceFromLab(c.lab);
    return found.ok ? [{ ...c, reflectance: found.value }] : [];
  });

const dim = { bearingDeg: 0, widthM: 0.25 } as const;
const bright = { bearingDeg: 180, widthM: 1.8 } as const;
function asked(
  { bearingDeg, widthM }: { bearingDeg: number; widthM: number },
  more: Partial<Pick<WhiteRequest, 'palette' | 'edge' | 'stays'>> & { readonly school?: DimWhiteSchool } = {},
) {
  const { skies: _, ...of } = day;
  const { school = DEFAULT_SCHOOLS.dimWhite, ...answers } = more;
  const room = { ...of.room, bearingDeg, windows: of.room.windows.map((w) => ({ ...w, widthM })) };
  const lit = { day: { ...of, room }, lookIn, usedFor };
  const schools = { ...DEFAULT_SCHOOLS, dimWhite: school };
  const found = toTheEnd(
    findWhite({ ...lit, kind: 'living', schools, wish: null, stays: [], palette: 'either', edge: 'crisp', ...answers }, deck),
  );
  if (!found.ok) throw new Error(found.reason);
  return found;
}

test('two or three whites that may be held side by side, and the kinds that are not among them', () => {
  const { found, not, instead } = asked(bright);
  expect(found.length).toBeGreaterThanOrEqual(2);
  expect(found.length).toBeLessThanOrEqual(3);
  expect(all(found, (f) => isWhite(f.lab) && f.verdict !== 'no')).toBe(true);
  expect(new Set([...found, ...not].map((f) => f.kind)).size).toBe(3);
  expect(instead).toEqual([]);
});

test('warm where a warm palette is asked for, cool where a cool one is; crisp is lighter and cleaner than soft', () => {
  expect(all(asked(bright, { palette: 'warm', edge: 'soft' }).found, (f) => f.kind === 'warm')).toBe(true);
  const cool = asked(bright, { palette: 'cool' }).found;
  expect(cool[0]!.kind).not.toBe('warm');
  expect(whiteKind(cool[0]!.lab)).toBe(cool[0]!.kind);
  const [crisp, soft] = (['crisp', 'soft'] as const).map((edge) => asked(bright, { edge }).found[0]!.lab);
  expect(lrvOf(crisp!)).toBeGreaterThanOrEqual(lrvOf(soft!));
  expect(chroma(crisp!)).toBeLessThan(chroma(soft!));
});

test('in a dim room a school that allows none is offered something deeper instead; by the usual one only warm whites stand', () => {
  const never = asked(dim, { school: 'never' });
  expect(never.found).toEqual([]);
  expect(never.not).toHaveLength(3);
  expect(all(never.not, (f) => f.verdict === 'no')).toBe(true);
  expect(all(never.instead, (f) => lrvOf(f.lab) < 79 && chroma(f.lab) >= 4 && f.verdict !== 'no')).toBe(true);
  expect(never.not[0]!.weakest).toMatch(/reads dingy in so little light/);
  const usual = asked(dim);
  expect(all(usual.found, (f) => f.kind === 'warm')).toBe(true);
  // and why not: a cool one reads blue by day
  const cool = usual.not.find((f) => f.kind === 'cool')!;
  expect(cool.reads.map((r) => r.as).join()).toMatch(/grey-(blue|violet)/);
});

test('beside cream that stays nothing clean is offered, and that is said', () => {
  const cream: JudgedStay = {
    id: 'c',
    name: 'cream cabinets',
    kind: 'fixed',
    school: 'share',
    components: [{ id: 'k', name: 'cream', share: 1, lab: { l: 90, a: 0, b: 13 } }],
  };
  const { found, not } = asked(bright, { stays: [cream] });
  expect(all(found, (f) => f.lab.b > 2)).toBe(true);
  expect(not.find((f) => f.kind === 'pure')!.weakest).toMatch(/makes cream cabinets look dirty or dated/);
});
