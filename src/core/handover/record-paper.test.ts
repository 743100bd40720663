import { verdict, visit } from '../../../tests/made-up-room';
import { recordPaper } from './record-paper';

test('the record of a room on paper holds date, wish, what things are made of, and every word that was said', () => {
  const said = [
    verdict({ stayId: 'floor', verdict: 'nearly', reason: 'too-yellow' }),
    verdict({ stayId: 'floor', verdict: 'nearly', reason: 'too-yellow', light: 'overcast' }),
    verdict({ stayId: 'floor', person: 'client' }),
  ];
  const v = visit({ wishWords: 'like the light at teatime', annoys: 'the beams', verdicts: said });
  const paper = recordPaper(v, v.rooms[0]!);
  expect(paper.day).toBe('23 September 2026');
  expect(paper.brief).toEqual([
    { title: 'What is wanted', words: 'like the light at teatime' },
    { title: 'What annoys', words: 'the beams' },
  ]);
  expect(paper.stays[0]).toMatchObject({ name: 'Oak floor', kind: 'fixed finish' });
  expect(paper.stays[0]!.parts[0]!.says).toMatch(/^paint, 100 %: .+, LRV \d+ \(Lab, typed\)$/);
  expect(paper.colours[0]!.said).toEqual([
    'Oak floor: nearly, too yellow (window by day and overcast); the client: works (window by day)',
  ]);
  expect(paper.colours[1]!.ruling).toBe('Not tried yet');
});
