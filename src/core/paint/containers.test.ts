import { CONTAINERS, SAMPLE_COVERAGE_M2 } from './containers';

describe('containers and what they cover (common practice, no source)', () => {
  test('a test pot is a US pint: half a quart, an eighth of a gallon', () => {
    expect(CONTAINERS.pint.litres * 2).toBeCloseTo(CONTAINERS.quart.litres, 12);
    expect(CONTAINERS.pint.litres * 8).toBeCloseTo(CONTAINERS.gallon.litres, 12);
    expect(CONTAINERS.gallon.litres).toBeCloseTo(3.785411784, 12); // NIST Handbook 44, appendix C
  });

  test('a jar covers 2 ft by 4 ft, half of “4 by 4”; a pot up to 30 sq ft', () => {
    const squareFoot = 0.09290304;
    expect(SAMPLE_COVERAGE_M2['sample-jar']).toBeCloseTo(8 * squareFoot, 10);
    expect(SAMPLE_COVERAGE_M2['sample-jar'] * 2).toBeCloseTo(16 * squareFoot, 10);
    expect(SAMPLE_COVERAGE_M2.pint).toBeCloseTo(30 * squareFoot, 10);
  });

  test('both figures agree on the area a litre covers, within a tenth', () => {
    const perLitre = (c: 'pint' | 'sample-jar') => SAMPLE_COVERAGE_M2[c] / CONTAINERS[c].litres;
    expect(perLitre('pint') / perLitre('sample-jar')).toBeCloseTo(0.94, 2);
  });
});
