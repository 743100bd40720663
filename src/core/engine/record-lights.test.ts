import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { describeBox } from '@/core/derived/describe-room';
import { roomInLight, sunOf } from '@/core/derived/kinds-of-light';
import type { Room } from '@/core/record/room';
import { visit } from '../../../tests/made-up-room';
import { kindOfMoment } from '@/core/derived/kinds-of-light';
import { middleOfKind, recordLights, type RecordLights } from './record-lights';
import type { Steps } from './steps';

function lightsOf(of: Room, date = '2026-09-23'): RecordLights {
  const { place } = visit();
  const day = { room: describeBox(of).description, place, date, zone: place.timeZone };
  const steps: Steps<RecordLights> = recordLights({
    day,
    lookIn: { position: 'wall-2', lampsOn: false, scale: 1 },
    usedFor: { use: of.use, skies: null },
  });
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

const west = room({ bearingDeg: 270, lamps: [roomLamp()] });
const lit = lightsOf(west);

describe('what stands for each kind of light', () => {
  test.each([
    ['a west room', west],
    ['a north room', room({ bearingDeg: 0, lamps: [roomLamp()] })],
    ['a room lit through', room({ bearingDeg: 90, windows: [roomWindow(), roomWindow({ id: 'w2', wall: 2 })] })],
    ['a room of mornings', room({ bearingDeg: 90, use: 'morning' })],
    ['a room without windows', room({ windows: [], lamps: [roomLamp()] })],
  ])('%s: every kind of its record, and each of its moments is of that kind', (_, of) => {
    const sun = sunOf(of, visit());
    const found = lightsOf(of);
    const { kinds } = roomInLight(of, sun).inLight;
    expect([...found.keys()].filter((k) => k !== 'lamps-by-day').sort()).toEqual([...kinds].sort());
    for (const [kind, lights] of found)
      for (const { moment } of lights) expect(kindOfMoment({ ...moment, position: 'wall-2' }, sun)).toBe(kind);
  });

  test('early, in the middle and late in it; sun is warmer and brighter than a day without', () => {
    expect([...lit].map(([kind, lights]) => [kind, lights.length])).toEqual([
      ['no-sun', 3],
      ['sun-west', 3],
      ['overcast', 3],
      ['lamps-by-day', 3],
      ['lamps', 1],
    ]);
    const lux = (kind: 'sun-west' | 'no-sun' | 'overcast') => middleOfKind(lit.get(kind)!).scene.lux;
    expect(lux('sun-west')).toBeGreaterThan(2 * lux('no-sun'));
    const hours = lit.get('sun-west')!.map((l) => new Date(l.moment.at).getUTCHours());
    expect(hours).toEqual([...hours].sort());
  });
});
