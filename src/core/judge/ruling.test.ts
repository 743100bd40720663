import { deriveRuling, roomProgress, type StandingVerdict } from './ruling';

const said = (stayId: string, verdict: StandingVerdict['verdict'], more: Partial<StandingVerdict> = {}): StandingVerdict => ({
  stayId,
  verdict,
  light: 'window-day',
  person: 'consultant',
  reason: null,
  ...more,
});
const STAYS = ['floor', 'trim'];

describe('derived ruling', () => {
  test('nothing said: everything is to go', () => {
    expect(deriveRuling([], STAYS, ['window-day', 'lamps'])).toEqual({
      ruling: 'open',
      staysToGo: 2,
      lightsToGo: ['window-day', 'lamps'],
    });
  });

  test('works when every thing and every light has been looked at and nothing was held against it', () => {
    const verdicts = [said('floor', 'works'), said('trim', 'works', { light: 'lamps' })];
    expect(deriveRuling(verdicts, STAYS, ['window-day', 'lamps'])).toEqual({ ruling: 'works' });
    expect(deriveRuling(verdicts, STAYS, ['window-day', 'overcast', 'lamps'])).toMatchObject({
      ruling: 'open',
      lightsToGo: ['overcast'],
    });
    expect(deriveRuling(verdicts.slice(0, 1), STAYS, ['window-day'])).toMatchObject({ ruling: 'open', staysToGo: 1 });
  });

  test('one no rules it out, whoever says it; the consultant’s is named first', () => {
    const client = said('floor', 'no', { person: 'client', reason: 'too-dark' });
    const consultant = said('trim', 'no', { reason: 'reads-dirty' });
    expect(deriveRuling([client], STAYS, ['window-day'])).toEqual({ ruling: 'not', because: client });
    expect(deriveRuling([client, consultant], STAYS, ['window-day'])).toEqual({ ruling: 'not', because: consultant });
  });

  test('a nearly is a nearly, even before everything was looked at', () => {
    const nearly = said('floor', 'nearly');
    expect(deriveRuling([nearly], STAYS, ['window-day', 'lamps'])).toEqual({ ruling: 'nearly', because: nearly });
  });

  test('verdicts on a thing taken out do not count', () => {
    expect(deriveRuling([said('gone', 'no')], STAYS, [])).toMatchObject({ ruling: 'open', staysToGo: 2 });
  });

  test('a room with nothing that stays is open', () => {
    expect(deriveRuling([], [], [])).toEqual({ ruling: 'open', staysToGo: 0, lightsToGo: [] });
  });
});

describe('progress of a room', () => {
  test.each([
    [[], { state: 'nothing-recorded' }],
    [['untried'], { state: 'nothing-recorded' }],
    [['open'], { state: 'being-tried', tried: 1, work: 0 }],
    [['not', 'nearly'], { state: 'being-tried', tried: 2, work: 0 }],
    [['works', 'open'], { state: 'being-tried', tried: 2, work: 1 }],
    [['works', 'not', 'untried'], { state: 'settled', tried: 2, work: 1 }],
  ] as const)('%j', (rulings, progress) => {
    expect(roomProgress(rulings)).toMatchObject(progress);
  });
});
