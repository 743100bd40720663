import { room, verdict } from '../../../tests/made-up-room';
import { observationsOf } from './observations';

describe('what was said of where the wanted colour lies', () => {
  test('a colour is as good as the worst said of it, once for each reason, for each person', () => {
    const said = observationsOf(
      room({
        verdicts: [
          verdict({ stayId: 'floor', verdict: 'works' }),
          verdict({ stayId: 'trim', verdict: 'no', reason: 'too-green' }),
          verdict({ stayId: 'trim', light: 'lamps', verdict: 'nearly', reason: 'too-strong' }),
          verdict({ stayId: 'floor', person: 'client', verdict: 'works' }),
          verdict({ candidateId: 'c75', verdict: 'no', undone: true }),
        ],
      }),
    );
    expect(said.map((o) => [o.verdict, o.reason])).toEqual([
      ['no', 'too-green'],
      ['no', 'too-strong'],
      ['works', null],
    ]);
    expect(said[2]!.lapse).toBeGreaterThan(said[0]!.lapse);
  });

  test('verdicts beside what is gone say nothing', () => {
    expect(observationsOf(room({ verdicts: [verdict({ stayId: 'gone', verdict: 'no' })] }))).toEqual([]);
    expect(observationsOf(room())).toEqual([]);
  });
});
