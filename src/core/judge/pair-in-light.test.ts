import { paint } from '../../../tests/light-room';
import { besideIn, SCENE } from '../appearance/scene';
import { correspondingIn } from '../colour/corresponding';
import { daylight65, lightOfTemperature } from '../colour/illuminant';
import { lightOnPair, relationInLight } from './pair-in-light';
import type { Surface, SurfaceStay } from './surfaces';

const surface = (l: number, a: number, b: number): Surface => ({ lab: { l, a, b }, reflectance: paint(l, a, b) });
const fixed = (name: string, s: Surface): SurfaceStay => ({
  name,
  kind: 'fixed',
  school: 'share',
  components: [{ name, share: 1, ...s }],
});
const trim = fixed('trim', surface(96, -0.5, 1.5));
const oak = fixed('oak', surface(62, 8, 22));
const cream = surface(91, 0.3, 8);

describe('how two stand to each other in so many lux', () => {
  test('as in the deck under daylight of deck light; the corresponding colours of CAT16 under any other of it', () => {
    const seen = besideIn({ power: daylight65, lux: SCENE.deckLux })(cream.reflectance);
    expect(seen.l).toBeCloseTo(91, 3);
    expect(seen.b).toBeCloseTo(8, 3);
    const lamp = lightOfTemperature(2700);
    const there = besideIn({ power: lamp, lux: SCENE.deckLux })(cream.reflectance);
    const cat16 = correspondingIn(lamp)(cream.reflectance);
    expect(there.l).toBeCloseTo(cat16.l, 2);
    expect(there.a).toBeCloseTo(cat16.a, 2);
    expect(there.b).toBeCloseTo(cat16.b, 2);
  });

  test('colour grows with the light, and with it what two hold against each other', () => {
    const power = lightOfTemperature(6500);
    const green = surface(78, -1.2, 12.5);
    const lux = [5, 50, 500, 5000];
    const chromas = lux.map((lx) =>
      Math.hypot(besideIn({ power, lux: lx })(green.reflectance).a, besideIn({ power, lux: lx })(green.reflectance).b),
    );
    expect([...chromas].sort((p, q) => p - q)).toEqual(chromas);
    const stone = { ...oak, components: [{ name: 'stone', share: 1, ...surface(77, 4, 13) }] };
    const costs = lux.map((lx) => relationInLight(stone, green, { power, lux: lx })!.cost);
    expect(costs[0]).toBeLessThan(costs[3]! * 0.9);
  });

  test('under three lux nothing is judged', () => {
    const power = lightOfTemperature(2700);
    expect(relationInLight(oak, cream, { power, lux: 2.9 })).toBeUndefined();
    expect(relationInLight(oak, cream, { power, lux: 3.1 })).toBeDefined();
    expect(lightOnPair(oak, cream, { power, lux: 1 })).toMatchObject({ tooDark: true, says: 'too dark to judge in 1 lx' });
  });
});

describe('what a light does to both', () => {
  test('a dim north light dims the trim beside the cream too', () => {
    const found = lightOnPair(trim, cream, { power: lightOfTemperature(9000), lux: 60 });
    expect(found).toMatchObject({ both: ['dingy'], alone: [], says: 'both dingy in 60 lx' });
  });

  test('what it does to the colour and not to what it stands beside is said of the colour alone', () => {
    const black = surface(33.5, -0.5, -1.6);
    const found = lightOnPair(oak, black, { power: lightOfTemperature(11_000), lux: 10_000 });
    expect(found).toMatchObject({ both: [], alone: ['turned-blue'], components: [{ component: 'oak', flags: [] }] });
    expect(found.says).toBe('the colour alone bluer in 10,000 lx');
  });

  test('good light does nothing to either', () => {
    expect(lightOnPair(trim, cream, { power: lightOfTemperature(5500), lux: 800 }).says).toBe('holds in 800 lx');
  });
});
