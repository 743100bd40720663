import type { WriteOf } from '@/core/operations/operations';
import { newVisit } from '@/core/operations/visit-create';
import type { Visit } from '@/core/record/visit';
import { PLACE } from '../../../tests/made-up-writes';
import { afterEdits, editsOf } from './edits-of';

const id = (n: number) => `0190c5c0-0000-7000-8000-00000000000${n}`;
const form = (label: string, rooms: readonly (readonly [n: number, name: string])[]): WriteOf<'visit.create'> => ({
  name: 'visit.create',
  visitId: id(9),
  label,
  place: PLACE,
  units: 'metric',
  rooms: rooms.map(([n, name]) => ({ roomId: id(n), name })),
});
const stamp = { id: id(8), at: '2026-09-23T12:00:00.000Z' };

const shown = ({ label, rooms }: Visit) => ({ label, rooms: rooms.map((r) => r.name) });

test('the form as it was saved last stands: its name, and its rooms, however often', () => {
  const forms = [
    form('Row 1', [
      [1, 'Hall'],
      [2, 'Kitchen'],
      [3, 'Den'],
    ]),
    form('Row 2', [
      [1, 'Hall'],
      [3, 'Study'],
      [4, 'Attic'],
    ]),
    form('Row 3', [
      [1, 'Hall'],
      [2, 'Larder'],
      [3, 'Study'],
      [4, 'Loft'],
    ]),
  ];
  let visit = newVisit(forms[0]!, stamp);
  for (const next of forms.slice(1)) {
    visit = afterEdits(visit, editsOf(visit, next));
    const wanted = shown(newVisit(next, stamp));
    expect({ ...shown(visit), rooms: shown(visit).rooms.sort() }).toEqual({ ...wanted, rooms: wanted.rooms.sort() });
  }
});

test('the same form again changes nothing', () => {
  expect(editsOf(newVisit(form('Row 1', [[1, 'Hall']]), stamp), form('Row 1', [[1, 'Hall']]))).toEqual([]);
});
