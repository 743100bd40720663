import rooms from '../../../tests/golden/roomcases.json';
import { lookIn, usedFor, day } from '../../../tests/lit-room';
import { deltaE00 } from '../colour/ciede2000';
import { chroma } from '../colour/lab';
import { reflectanceFromLab } from '../colour/reflectance';
import type { PaletteColour } from '../companions/companion';
import { readIn } from '../appearance/scene';
import { lightsOrDeck } from './advised-room';
import { disappoints, DISAPPOINTS, isNeighbour } from './disappoints';
import { toTheEnd } from './steps';

const palette: readonly PaletteColour[] = rooms.deck.flatMap(({ id, lab: [l, a, b] }) => {
  const lab = { l: l!, a: a!, b: b! };
  const found = reflectanceFromLab(lab);
  return lab.l > 50 && chroma(lab) < 30 && found.ok ? [{ id, strength: 100, lab, reflectance: found.value }] : [];
});
function lightsOf(bearingDeg: number, widthM: number) {
  const { skies: _, ...of } = day;
  const room = { ...of.room, bearingDeg, windows: of.room.windows.map((w) => ({ ...w, widthM })) };
  const found = toTheEnd(lightsOrDeck({ day: { ...of, room }, lookIn, usedFor }));
  if ('ok' in found) throw new Error(found.reason);
  return found;
}
const works = () => ({ verdict: 'works', cost: 0, reason: null, beside: null, light: null }) as const;
const greige = palette.find((c) => Math.abs(c.lab.l - 84) < 3 && chroma(c.lab) > 6 && chroma(c.lab) < 9)!;

test('in a dim room a colour that goes grey has a neighbour that reads there as it was meant', () => {
  const lights = lightsOf(0, 0.4);
  const grey = disappoints(greige, palette, { lights, judge: works }).find((i) => i.way === 'grey')!;
  expect(chroma(grey.lab)).toBeGreaterThan(chroma(greige.lab));
  expect(grey.left).toBeLessThan(grey.off);
  const light = lights.find((l) => l.kind === grey.kind && l.at === grey.at)!;
  const read = readIn(light.scene);
  const off = (c: PaletteColour) => deltaE00(greige.lab, { ...read(c.reflectance).lab, l: greige.lab.l });
  expect(off(palette.find((c) => c.id === grey.id)!)).toBeCloseTo(grey.left, 9);
  // no other of those near it comes nearer
  const alike = palette.filter(
    (c) => isNeighbour(greige.lab, c.lab) && Math.abs(c.lab.l - greige.lab.l) <= DISAPPOINTS.sameDepth,
  );
  const nearest = Math.min(...alike.map(off));
  expect(grey.left).toBeCloseTo(nearest, 9);
});

test('what fights what stays is not taken instead', () => {
  const lights = lightsOf(0, 0.4);
  const [first] = disappoints(greige, palette, { lights, judge: works });
  const but = disappoints(greige, palette, {
    lights,
    judge: (c) => ({ ...works(), verdict: (c as PaletteColour).id === first!.id ? 'no' : 'works' }),
  });
  expect(but.find((i) => i.way === first!.way)!.id).not.toBe(first!.id);
});

test('where no light does anything to it nothing is said', () => {
  expect(disappoints(greige, palette, { lights: [], judge: works })).toEqual([]);
});
