import { all } from '../../../tests/all';
import { nameOf, partsFor } from './scripts';

describe('fonts of a document', () => {
  const fontsFor = (text: string) => partsFor(text).map(nameOf);
  const others = (text: string) => fontsFor(text).filter((f) => !f.startsWith('hanken-grotesk'));

  test('the product’s own comes first, and alone where it holds every letter', () => {
    expect(fontsFor('Painter’s schedule, 43 m²')).toEqual(['hanken-grotesk latin', 'hanken-grotesk latin-ext']);
  });
  test.each([
    ['Кухня', ['noto-sans cyrillic']],
    ['Κουζίνα', ['noto-sans greek']],
    ['غرفة', ['noto-sans-arabic arabic']],
    ['שלום', ['noto-sans-hebrew hebrew']],
    ['ห้อง', ['noto-sans-thai thai']],
    ['रसोई', ['noto-sans devanagari']],
  ])('%s has one behind it', (text, fonts) => {
    expect(others(text)).toEqual(fonts);
  });
  test('Han and Hangul take the parts that hold their characters, and no more', () => {
    const han = others('書斎');
    expect(han.length).toBeGreaterThan(0);
    expect(han.length).toBeLessThanOrEqual(2);
    expect(all(han, (f) => f.startsWith('noto-sans-sc'))).toBe(true);
    expect(all(others('방'), (f) => f.startsWith('noto-sans-kr'))).toBe(true);
  });
  test('what no font holds asks for none', () => {
    expect(others('\u{10FFFF}')).toEqual([]);
  });
});
