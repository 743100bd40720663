import { printRules } from './print-sheet';

describe('how a printed sheet is made up', () => {
  const rules = (more: Partial<Parameters<typeof printRules>[0]> = {}) =>
    printRules({ title: 'Quay Row 14, Bristol', sheet: 'a4', step: 'handover', ...more });

  test('paper of the place: A4 or Letter; papers upright, screens on their side', () => {
    expect(rules()).toContain('size: A4 portrait');
    expect(rules({ sheet: 'letter' })).toContain('size: Letter portrait');
    expect(rules({ step: 'light' })).toContain('size: A4 landscape');
  });
  test('says on every sheet whose it is and which page', () => {
    expect(rules()).toContain('content: "Quay Row 14, Bristol"');
    expect(rules()).toContain('counter(page) " of " counter(pages)');
  });
  test('a name is text, whatever is in it', () => {
    expect(rules({ title: 'a"; } body { display: none }\n\\' })).toContain('content: "a\\"; } body { display: none } \\\\"');
  });
});
