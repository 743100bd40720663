import { strengthReasons, withStrengthReasons } from './strength-reason';

const at = (l: number) => ({ l, a: 1.5, b: 8 });

describe('what is said against one strength of a colour beside the others', () => {
  test('the full strength is too dark, the weakest too light, the one between either', () => {
    expect(strengthReasons(at(72), [at(77), at(82)])).toEqual(['too-dark']);
    expect(strengthReasons(at(82), [at(77), at(72)])).toEqual(['too-light']);
    expect(strengthReasons(at(77), [at(72), at(82)])).toEqual(['too-dark', 'too-light']);
  });

  test('a colour tried at one strength, or at two that nobody tells apart, has neither', () => {
    expect(strengthReasons(at(72), [])).toEqual([]);
    expect(strengthReasons(at(72), [at(72.6)])).toEqual([]);
  });

  test('they come after what the thing beside it says most strongly, and once', () => {
    expect(withStrengthReasons(['too-pink', 'too-strong'], ['too-dark'])).toEqual(['too-pink', 'too-dark', 'too-strong']);
    expect(withStrengthReasons(['too-dark'], ['too-dark', 'too-light'])).toEqual(['too-dark', 'too-light']);
    expect(withStrengthReasons([], ['too-light'])).toEqual(['too-light']);
  });
});
