import { counted, grouped, listed, percent, upperFirst } from './words';

test('counts, lists, shares and first letters as they are said', () => {
  expect([
    counted(0, 'look'),
    counted(1, 'look'),
    counted(3, 'look'),
    counted(1200, 'colour'),
    counted(2, 'batch', 'batches'),
  ]).toEqual(['0 looks', '1 look', '3 looks', '1,200 colours', '2 batches']);
  expect([listed([]), listed(['a']), listed(['a', 'b']), listed(['a', 'b', 'c'])]).toEqual(['', 'a', 'a and b', 'a, b and c']);
  expect([percent(0), percent(0.746), percent(1), grouped(12345)]).toEqual(['0 %', '75 %', '100 %', '12,345']);
  expect([upperFirst(''), upperFirst('élan')]).toEqual(['', 'Élan']);
});
