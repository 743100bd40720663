import { room, verdict, visit, scheme } from '../../../tests/made-up-room';
import { componentsSchema } from '@/core/record/stay';
import { nameSchema } from '../base/fields';
import { OPERATION_VERSION, operationSchema } from '../operations/operations';
import { placeSchema } from '@/core/record/visit';
import { measure } from '../light/measures';
import { roomRecordFile, roomRecordSchema } from './room-record';
import { ROOM_RECORD_COLUMNS, roomRecordCsvRows } from './room-record-csv';

describe('what may come over the border', () => {
  test.each(['Rose & Crown', '<script>alert(1)</script>', 'Küche 🛋️', 'a'.repeat(200), '=1+1'])(
    'the name %s is theirs to use',
    (name) => {
      expect(nameSchema.parse(`  ${name}  `)).toBe(name);
    },
  );

  test.each(['', '   ', 'a'.repeat(201), 'two\nlines', 'null\u0000byte'])('the name %j is refused', (name) => {
    expect(nameSchema.safeParse(name).success).toBe(false);
  });

  test.each([0, 359.5, 360])('a bearing of %d is one', (bearing) => expect(measure.bearing.parse(bearing)).toBe(bearing));
  test.each([400, -1, NaN, Infinity])('a bearing of %d is refused with a reason', (bearing) => {
    expect(measure.bearing.safeParse(bearing).error?.issues[0]?.message).toMatch(/^A bearing /);
  });

  const place = { name: 'Bristol', latitude: 51.45, longitude: -2.59, timeZone: 'Europe/London' };
  test('a place on Earth in a known zone', () => {
    expect(placeSchema.safeParse(place).success).toBe(true);
    expect(placeSchema.safeParse({ ...place, latitude: 91 }).error?.issues[0]?.message).toBe(
      'Latitude lies between −90 and 90°.',
    );
    expect(placeSchema.safeParse({ ...place, timeZone: 'Mars/Olympus' }).success).toBe(false);
  });

  const component = (share: number, n = 0) => ({
    id: `0190c5c0-0000-7000-8000-00000000000${n}`,
    name: 'field',
    share,
    colour: { lab: { l: 70, a: 2, b: 9 }, source: { kind: 'lab' as const } },
  });
  test('shares must make 100 %', () => {
    expect(componentsSchema.safeParse([component(0.65), component(0.35, 1)]).success).toBe(true);
    expect(componentsSchema.safeParse([component(0.65), component(0.65, 1)]).error?.issues[0]?.message).toBe(
      'The shares add up to 130 %; they must make 100 %.',
    );
    expect(componentsSchema.safeParse([component(1 / 3), component(1 / 3, 1), component(1 / 3, 2)]).success).toBe(true);
    expect(componentsSchema.safeParse([]).success).toBe(false);
  });

  test('an operation with anything more or other than its fields is refused', () => {
    const operation = {
      id: '0190c5c0-0000-7000-8000-000000000000',
      version: OPERATION_VERSION,
      at: '2026-09-23T12:00:00.000Z',
      write: { name: 'room.retire', roomId: '0190c5c0-0000-7000-8000-000000000001', retired: true },
    };
    expect(operationSchema.safeParse(operation).success).toBe(true);
    expect(operationSchema.safeParse({ ...operation, write: { ...operation.write, extra: 1 } }).success).toBe(false);
    expect(operationSchema.safeParse({ ...operation, write: { name: 'room.explode' } }).success).toBe(false);
    expect(operationSchema.safeParse({ ...operation, at: 'yesterday' }).success).toBe(false);
  });
});

describe('the room record as a file', () => {
  const full = { verdicts: [verdict({ verdict: 'no', reason: 'too-green' }), verdict({ stayId: 'trim', undone: true })] };

  test('the JSON fits its own schema and keeps what was undone', () => {
    const file = roomRecordFile(visit(full), room(full));
    expect(roomRecordSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
    expect(file.candidates[0]!.verdicts).toHaveLength(2);
    expect(file.candidates[0]).toMatchObject({
      ruling: 'not',
      rulingBy: 'derived',
      derivedWhy: 'too green beside Oak floor, window by day',
    });
    expect(file.candidates[0]!.lab).toMatchObject({ space: 'lab', white: 'D65', observer: 10 });
  });

  test('the JSON document carries what else was kept in the room, undone or not', () => {
    const moment = { at: '2026-09-23T12:05:00.000Z', sky: 'overcast' as const, lampsOn: true, position: 'wall-2', lux: 120 };
    const more = room({
      verdicts: [verdict({ moment, firstGlanceMs: 1240 })],
      notes: [{ id: 'n', candidateId: 'c75', words: '=quieter', at: moment.at, undone: false }],
      picks: [{ id: 'p', chosenId: 'c75', otherId: 'c100', at: moment.at, undone: true }],
      schemes: [scheme({ wallId: 'c75', accentIds: ['c100'] })],
      photos: [
        {
          id: 'f',
          picture: 'a'.repeat(64),
          width: 1600,
          height: 1200,
          caption: '',
          settings: 'locked',
          predicted: '',
          white: { x: 0.5, y: 0.25, rgb: [200, 180, 140] },
          at: moment.at,
        },
      ],
    });
    const file = roomRecordSchema.parse(JSON.parse(JSON.stringify(roomRecordFile(visit(more), more))));
    expect(file.candidates[0]!.verdicts[0]).toMatchObject({ moment, firstGlanceMs: 1240 });
    expect(file).toMatchObject({
      notes: [{ candidateId: 'c75', words: '=quieter' }],
      picks: [{ chosenId: 'c75', undone: true }],
      schemes: [{ name: 'Light', wallId: 'c75', accentIds: ['c100'] }],
      photos: [{ settings: 'locked', white: { x: 0.5, rgb: [200, 180, 140] } }],
    });
    const rows = roomRecordCsvRows(visit(more), more);
    expect(rows[0]).toMatchObject({
      judged_at: moment.at,
      sky: 'overcast',
      lamps: 'on',
      lux: 120,
      predicted_in: 'light',
      first_glance_ms: 1240,
      notes: '',
    });
    expect(rows[1]).toMatchObject({ judged_at: '', notes: '=quieter' });
  });

  test('the CSV has a row per standing verdict and one for a colour not tried', () => {
    const rows = roomRecordCsvRows(visit(full), room(full));
    expect(rows).toHaveLength(2);
    expect(rows[0]).toMatchObject({
      beside: 'Oak floor',
      verdict: 'no',
      reason: 'too-green',
      who: 'consultant',
      strength_percent: 100,
    });
    expect(rows[1]).toMatchObject({ strength_percent: 75, ruling: 'Not tried yet', verdict: '' });
    for (const row of rows) expect(Object.keys(row).sort()).toEqual([...ROOM_RECORD_COLUMNS].sort());
  });
});
