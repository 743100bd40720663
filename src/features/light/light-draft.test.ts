import { room } from '../../../tests/made-up-room';
import { checkWrite } from '../shared/issues';
import { draftOf, writeOf } from './light-draft';

const ids = { id: '0190c5c0-0000-7000-8000-000000000001', revision: 4 };
const windows = [{ id: '0190c5c0-0000-7000-8000-000000000002', wall: 1 as const, widthM: 1.2, heightM: 1.3 }];

describe('the light step’s fields', () => {
  test('in feet and back to metres', () => {
    const draft = draftOf(room({ windows }), 'imperial');
    expect(draft.windows[0]).toMatchObject({ width: '3.94', height: '4.27' });
    expect(writeOf(draft, ids, 'imperial').windows[0]!.widthM).toBeCloseTo(1.2, 2);
  });

  test('an empty bearing is not read yet; a comma is a decimal point', () => {
    const draft = draftOf(room({ windows, bearingDeg: null }), 'metric');
    expect(writeOf(draft, ids, 'metric').bearingDeg).toBeNull();
    expect(writeOf({ ...draft, bearing: '22,5' }, ids, 'metric').bearingDeg).toBe(22.5);
  });

  test.each([
    [{ bearing: '400' }, 'bearingDeg', 'A bearing lies between 0 and 360°.'],
    [{ bearing: 'north' }, 'bearingDeg', 'A bearing is a number of degrees.'],
    [
      { windows: [{ id: windows[0]!.id, wall: 1 as const, width: '0', height: '1' }] },
      'windows.0.widthM',
      'A window’s width must be more than 0.',
    ],
    [
      { windows: [{ id: windows[0]!.id, wall: 1 as const, width: '2', height: '99' }] },
      'windows.0.heightM',
      'A window’s height is at most 8 m.',
    ],
    [
      { lamps: [{ id: windows[0]!.id, name: 'Lamp', cct: '0' }] },
      'lamps.0.cctK',
      'A lamp’s warmth lies between 1,500 and 10,000 K.',
    ],
    [{ lamps: [{ id: windows[0]!.id, name: ' ', cct: '2700' }] }, 'lamps.0.name', 'Give it a name.'],
  ])('%j is answered at its field', (change, field, message) => {
    const checked = checkWrite(writeOf({ ...draftOf(room({ windows }), 'metric'), ...change }, ids, 'metric'));
    expect(checked.ok ? {} : checked.errors).toEqual({ [field]: message });
  });
});
