import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { checkWrite } from '../session/check-write';
import { draftOf, wallsThatDoNotClose, writeOf, type LightDraft } from './light-draft';

const ids = { ...room(), id: '0190c5c0-0000-7000-8000-000000000001', revision: 4, windows: [] };
const windowId = '0190c5c0-0000-7000-8000-000000000002';
const windows = [roomWindow({ id: windowId, wall: 1 })];
const draft = draftOf(room({ windows }), 'metric');
const lamp = draftOf(room({ lamps: [roomLamp({ id: windowId })] }), 'metric').lamps[0]!;
const window = draft.windows[0]!;

describe('the light step’s fields', () => {
  test('in feet and back to metres', () => {
    const inFeet = draftOf(room({ windows, widthM: 4.2 }), 'imperial');
    expect(inFeet.windows[0]).toMatchObject({ width: '47"', height: '51"' });
    const write = writeOf(inFeet, ids, 'imperial');
    expect(Math.abs(write.windows[0]!.widthM - 1.2)).toBeLessThan(0.0064);
    expect(Math.abs(write.widthM! - 4.2)).toBeLessThan(0.0064);
  });

  test('an empty bearing or measure is not read yet; a comma is a decimal point', () => {
    const empty = draftOf(room({ windows, bearingDeg: null }), 'metric');
    expect(writeOf(empty, ids, 'metric')).toMatchObject({ bearingDeg: null, widthM: null, depthM: null, heightM: null });
    expect(writeOf({ ...empty, bearing: '22,5', height: '2,7' }, ids, 'metric')).toMatchObject({
      bearingDeg: 22.5,
      heightM: 2.7,
    });
  });

  test('one of two opposite walls is enough; both make their mean; two that differ do not close', () => {
    const walls = (a: string, b: string): LightDraft => ({ ...draft, walls: [a, '', b, ''] });
    expect(writeOf(walls('', '4.1'), ids, 'metric').widthM).toBe(4.1);
    expect(writeOf(walls('4.0', '4.06'), ids, 'metric').widthM).toBeCloseTo(4.03, 9);
    expect(wallsThatDoNotClose(walls('4.0', '4.06'), 'metric')).toEqual({});
    expect(wallsThatDoNotClose(walls('4.0', ''), 'metric')).toEqual({});
    expect(wallsThatDoNotClose(walls('4.0', '4.6'), 'metric')).toEqual({
      'walls.2': expect.stringContaining('do not close') as string,
    });
  });

  test('what is drafted of a room is what is saved of it', () => {
    const full = room({
      widthM: 4,
      depthM: 5,
      heightM: 2.6,
      ground: 'lawn',
      windows: [roomWindow({ id: windowId, leftM: 0.5, sillM: 0.8, curtain: 'half', obstructionDeg: 12, overhangM: 0.4 })],
      lamps: [roomLamp({ id: windowId, kind: 'filament', throws: 'up', xM: 1, yM: 2, heightM: 1.8, dimmedPercent: 40 })],
    });
    const checked = checkWrite(writeOf(draftOf(full, 'metric'), ids, 'metric'));
    if (!checked.ok) throw new Error(JSON.stringify(checked.errors));
    const { windows: w, lamps: l, ground, widthM } = full;
    expect(checked.write).toMatchObject({ windows: w, lamps: l, ground, widthM });
  });

  const sized = { walls: ['4', '5', '', ''], height: '2.5' } as const;
  test.each<[Partial<LightDraft>, string, string]>([
    [{ bearing: '400' }, 'bearingDeg', 'A bearing lies between 0 and 360°.'],
    [{ bearing: 'up' }, 'bearingDeg', 'A bearing is a number of degrees, or a point such as NNE.'],
    [{ windows: [{ ...window, width: '0' }] }, 'windows.0.widthM', 'A window’s width must be more than 0.'],
    [{ windows: [{ ...window, height: '99' }] }, 'windows.0.heightM', 'A window’s height is at most 8 m.'],
    [{ ...sized, windows: [{ ...window, width: '5.5' }] }, 'windows.0.widthM', 'The window is wider than its wall of 5.00 m.'],
    [
      { ...sized, windows: [{ ...window, left: '4.5' }] },
      'windows.0.leftM',
      'So far from the left it reaches beyond its wall of 5.00 m.',
    ],
    [{ ...sized, windows: [{ ...window, height: '2.6' }] }, 'windows.0.heightM', 'The window is higher than the room of 2.50 m.'],
    [
      { ...sized, windows: [{ ...window, sill: '1.5' }] },
      'windows.0.sillM',
      'With this sill it reaches over the ceiling at 2.50 m.',
    ],
    [
      {
        ...sized,
        windows: [
          { ...window, left: '1' },
          { ...window, id: ids.id, left: '2' },
        ],
      },
      'windows.1.leftM',
      'It overlaps window 1.',
    ],
    [
      {
        ...sized,
        windows: [
          { ...window, width: '3' },
          { ...window, id: ids.id, width: '3' },
        ],
      },
      'windows.1.widthM',
      'The windows of this wall are 6.00 m wide together; it is 5.00 m long.',
    ],
    [
      { windows: [{ ...window, obstruction: '95' }] },
      'windows.0.obstructionDeg',
      'The angle of what stands opposite is at most 89.',
    ],
    [{ lamps: [{ ...lamp, cctK: '0' }] }, 'lamps.0.cctK', 'A lamp’s warmth lies between 1,500 and 10,000 K.'],
    [{ lamps: [{ ...lamp, name: ' ' }] }, 'lamps.0.name', 'Give it a name.'],
    [{ lamps: [{ ...lamp, lumens: '0' }] }, 'lamps.0.lumens', 'A lamp’s light must be more than 0 lm.'],
    [{ ...sized, lamps: [{ ...lamp, x: '9' }] }, 'lamps.0.xM', 'The room is 4.00 m wide.'],
    [{ height: '0' }, 'heightM', 'A room’s height must be more than 0.'],
  ])('%j is answered at its field', (change, field, message) => {
    const checked = checkWrite(writeOf({ ...draft, ...change }, ids, 'metric'));
    expect(checked.ok ? {} : checked.errors).toEqual({ [field]: message });
  });
});
