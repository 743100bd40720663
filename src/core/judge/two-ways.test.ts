import { lightOfTemperature } from '../colour/illuminant';
import { reflectanceFromLab } from '../colour/reflectance';
import { lightConflictOf } from './light-conflict';
import { readIn } from '../appearance/scene';
import { prepareJudgement, roomScore, type JudgedMoment, type Surface } from './room-score';
import { twoWays } from './two-ways';

function surface(l: number, a: number, b: number): Surface {
  const solved = reflectanceFromLab({ l, a, b });
  if (!solved.ok) throw new Error(`not a surface: ${l} ${a} ${b}`);
  return { lab: { l, a, b }, reflectance: solved.value };
}

const DECK: JudgedMoment = { name: 'as in the deck', scene: undefined };
/** A blue sky's light turns greys blue and leaves strong colours alone. */
const OPEN_SKY: JudgedMoment = { name: 'open sky', scene: { power: lightOfTemperature(12_000), lux: 2000 } };
const sofa = {
  name: 'sofa',
  kind: 'furnishing' as const,
  school: 'share' as const,
  components: [{ name: 'cloth', share: 1, ...surface(30, 0.5, 1) }],
};
const colours = [surface(72, 0, 0), surface(70, 0, -2), surface(80, 8, 24), surface(76, 6, 18), surface(84, 3, 10)];
const ask = (moments: readonly JudgedMoment[], indices = colours.map((_, i) => i)) =>
  twoWays({ indices, surfaceOf: (i) => colours[i]!, stays: [sofa], moments, dimWhite: 'more-chroma' });

describe('a light that fights the colours', () => {
  test('the best it leaves alone stands beside the best it turns, with what it does', () => {
    const found = ask([DECK, OPEN_SKY])!;
    const conflict = (i: number) => lightConflictOf(colours[i]!.lab, readIn(OPEN_SKY.scene!)(colours[i]!.reflectance));
    expect(conflict(found.corrected)?.cost ?? 0).toBeLessThan(1);
    expect(conflict(found.embraced)!.cost).toBeGreaterThanOrEqual(1);
    expect(found.flag).toBe(conflict(found.embraced)!.flag);
    expect(found.moment).toBe(1);
    const embrace = prepareJudgement([sofa], [DECK, OPEN_SKY], { dimWhite: 'more-chroma', fightingLight: 'embrace' });
    expect(roomScore(colours[found.embraced]!, embrace).verdict).toBe('works');
  });

  test('nothing to part over: no light turns anything, or nothing stands up to it', () => {
    expect(ask([DECK])).toBeUndefined();
    expect(ask([DECK, OPEN_SKY], [])).toBeUndefined();
    const { embraced } = ask([DECK, OPEN_SKY])!;
    expect(ask([DECK, OPEN_SKY], [embraced])).toBeUndefined();
  });

  test('the order of the colours does not matter', () => {
    expect(ask([DECK, OPEN_SKY], [4, 3, 2, 1, 0])).toEqual(ask([DECK, OPEN_SKY]));
  });
});
