import { lightOfTemperature } from '../colour/illuminant';
import { paint } from '../../../tests/light-room';
import { seenIn, type Appearance } from './scene';
import { dimHours, REFERENCE_WHITE, turnIn, turnsOf, usualLook } from './turns';

const GREIGE = { l: 76, a: 1.8, b: 8 };
const look = (cctK: number, lux: number, { l, a, b } = GREIGE): Appearance =>
  seenIn({ power: lightOfTemperature(cctK), lux })(paint(l, a, b));

describe('turns of a colour through a day', () => {
  const noon = Array.from({ length: 12 }, () => look(5500, 800));

  test('a steady day holds', () => {
    expect(turnsOf(GREIGE, noon)).toEqual([]);
  });

  test('a dark day, or none at all, has no turn', () => {
    expect(turnsOf(GREIGE, [])).toEqual([]);
    expect(turnsOf(GREIGE, [undefined, undefined])).toEqual([]);
    expect(usualLook([undefined])).toBeUndefined();
  });

  test('warm light late turns it yellower from then on; dusk makes it dingy; night between does not count', () => {
    const late = Array.from({ length: 5 }, () => look(2700, 500));
    const dusk = Array.from({ length: 3 }, () => look(9000, 30));
    const turns = turnsOf(GREIGE, [undefined, ...noon, ...late, ...dusk, undefined]);
    expect(turns).toEqual([
      { kind: 'yellower', from: 13, to: 17 },
      { kind: 'dingy', from: 18, to: 20 },
    ]);
  });

  test('what lasts for half an hour only is no turn', () => {
    expect(turnsOf(GREIGE, [...noon, look(2700, 500), look(2700, 500), ...noon])).toEqual([]);
  });

  test('an off-black under a bright blue sky turns navy', () => {
    const black = { l: 33.5, a: -0.5, b: -1.6 };
    expect(turnIn(black, black, look(11_000, 10_000, black))).toBe('navy');
    expect(turnIn(black, black, look(5500, 500, black))).toBeUndefined();
  });

  test('a white that is less yellow than by most of the day, but still shows warm, is not called bluer', () => {
    const white = { l: 96, a: -0.4, b: 1.5 };
    const shown = (b: number): Appearance => ({ ...look(5500, 500, white), lab: { l: 95, a: 0, b } });
    const usual = { l: 95, a: 0.2, b: 9 };
    expect(turnIn(white, usual, shown(4))).toBeUndefined();
    expect(turnIn(white, usual, shown(-1))).toBe('bluer');
    expect(turnIn(white, usual, shown(14))).toBe('yellower');
  });

  test('a dim room is said once: a colour is dingy itself only where it suffers more than a white', () => {
    const white = (cctK: number, lux: number) => look(cctK, lux, REFERENCE_WHITE);
    const dusk = Array.from({ length: 4 }, () => [5500, 60] as const);
    const whites = [...noon.map(() => white(5500, 800)), ...dusk.map(([k, lux]) => white(k, lux))];
    expect(dimHours(whites)).toEqual([{ kind: 'dingy', from: 12, to: 15 }]);
    const pale = { l: 92, a: 0.5, b: 3 };
    const through = (colour: typeof pale) => [
      ...noon.map(() => look(5500, 800, colour)),
      ...dusk.map(([k, lux]) => look(k, lux, colour)),
    ];
    expect(turnsOf(pale, through(pale)).map((t) => t.kind)).toEqual(['dingy']);
    expect(turnsOf(pale, through(pale), whites)).toEqual([]);
    // a deeper greige is no more dingy for its depth, nor where the white still shines
    const greys = through(GREIGE);
    expect(turnsOf(GREIGE, greys).map((t) => t.kind)).toEqual(['dingy']);
    expect(turnsOf(GREIGE, greys, whites)).toEqual([]);
    // a cream that a cold dusk takes the warmth from suffers more than a white
    const cream = { l: 86, a: 2, b: 28 };
    const cold = Array.from({ length: 4 }, () => [12000, 60] as const);
    const seen = [...noon.map(() => look(5500, 800, cream)), ...cold.map(([k, lux]) => look(k, lux, cream))];
    const asWhite = [...noon.map(() => white(5500, 800)), ...cold.map(([k, lux]) => white(k, lux))];
    const lost = cream.b - seen.at(-1)!.lab.b - (0 - asWhite.at(-1)!.lab.b);
    expect(lost).toBeGreaterThan(4);
    expect(turnsOf(cream, seen, asWhite).map((t) => t.kind)).toContain('dingy');
  });
});
