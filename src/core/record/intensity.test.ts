import { intensityIn, sayIntensities, standingIntensities, type IntensityEvent } from './intensity';

let n = 0;
const said = (more: Partial<IntensityEvent>): IntensityEvent => ({
  id: `i${++n}`,
  candidateId: 'c',
  light: 'window-day',
  person: 'consultant',
  intensity: 'right',
  moment: null,
  seen: null,
  at: '2026-09-23T12:00:00.000Z',
  undone: false,
  ...more,
});

test('the latest that was not undone stands, for each light and person', () => {
  const events = [
    said({ intensity: 'too-strong' }),
    said({ intensity: 'too-weak' }),
    said({ intensity: 'too-dark', undone: true }),
    said({ light: 'lamps', person: 'client', intensity: 'too-strong' }),
    said({ candidateId: 'other', intensity: 'too-light' }),
  ];
  expect(intensityIn(events, { candidateId: 'c', light: 'window-day', person: 'consultant' })?.intensity).toBe('too-weak');
  expect(intensityIn(events, { candidateId: 'c', light: 'overcast', person: 'consultant' })).toBeUndefined();
  expect(sayIntensities(standingIntensities(events, 'c'))).toBe('too weak, window by day; too strong, lamps (client)');
});
