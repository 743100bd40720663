import { readDeckTable } from './table';

const defaults = { maker: 'OWN', about: 'a test' };
const read = (header: string, ...rows: string[]) =>
  readDeckTable(
    { line: 1, cells: header.split(',') },
    rows.map((row, i) => ({ line: i + 2, cells: row.split(',') })),
    defaults,
  );

test.each([
  ['Code,Name,L*,a*,b*,LRV', 'A 1,Oat,88,1.5,9,72'],
  ['CODE,NAME,lab_l,Lab_a,LAB_B,lrv', 'A 1,Oat,88,1.5,9,72 %'],
  [' code ,Colour name,L,A,B,Light reflectance value', 'A 1,Oat,88,1.5,9,72'],
  ['Color Code,color-name,CIELAB L,CIELAB a,CIELAB b,LRV', 'A 1,Oat,88,1.5,9,72'],
])('the head %s is understood', (header, row) => {
  const { decks, problemCount, notes } = read(header, row);
  expect([problemCount, notes]).toEqual([0, []]);
  expect(decks[0]!.colours).toEqual([{ code: 'A 1', name: 'Oat', strip: '', step: 1, lab: { l: 88, a: 1.5, b: 9 }, lrv: 72 }]);
});

test.each([
  ['#12345', 'its hex is “#12345”, not six digits from 0 to 9 and A to F, such as #E7DED3'],
  ['bluish', 'its hex is “bluish”, not six digits from 0 to 9 and A to F, such as #E7DED3'],
])('the hex %s is refused in words', (hex, reason) => {
  expect(read('code,hex', `A 1,${hex}`).problems).toEqual([{ line: 2, reason }]);
});

test('an LRV that is none is refused, a column that means the same twice is named', () => {
  expect(read('code,hex,LRV', 'A 1,#E7DED3,140').problems[0]!.reason).toBe('its LRV is 140, outside 0 to 100');
  expect(read('code,L,L*,a,b', 'A 1,88,88,1,9').problems[0]!.reason).toBe('the column “L” stands twice: “L” and “L*”');
  expect(read('code,hex,shelf', 'A 1,E7DED3,4')).toMatchObject({ problemCount: 0, notes: ['Columns not used: shelf.'] });
});
