import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import type { WriteOf } from '@/core/operations/operations';
import { draftOf, type LightDraft } from './light-draft';
import { savableOf, withTexts, wrongTexts } from './savable';

const id = (n: number) => `0190c5c0-0000-7000-8000-00000000000${n}`;
const stored = room({
  id: id(9),
  widthM: 4,
  depthM: 5,
  heightM: 2.6,
  windows: [roomWindow({ id: id(1) }), roomWindow({ id: id(2), wall: 1 })],
  lamps: [roomLamp({ id: id(3) })],
});
const saved = draftOf(stored, 'metric');
const split = (draft: LightDraft) => savableOf(draft, stored, saved, 'metric');
const write = (draft: LightDraft) => split(draft).write as WriteOf<'room.light'>;
const withWindow = (n: number, change: object): LightDraft => ({
  ...saved,
  windows: saved.windows.map((w, i) => (i === n ? { ...w, ...change } : w)),
});

test('one bad number keeps nothing else from being saved', () => {
  const draft = { ...withWindow(0, { sill: 'knee', width: '1.4' }), bearing: 'NNE', height: '2.8' };
  const { errors } = split(draft);
  expect(errors).toEqual({ 'windows.0.sillM': 'The sill’s height is a number.' });
  expect(write(draft)).toMatchObject({ bearingDeg: 22.5, heightM: 2.8, windows: [{ widthM: 1.4, sillM: null }, {}] });
});

test('many bad numbers, each at its field, the rest is saved', () => {
  const draft = {
    ...withWindow(1, { height: '-1', obstruction: '95' }),
    bearing: '400',
    lamps: [{ ...saved.lamps[0]!, lumens: 'many', name: 'Tall lamp' }],
  };
  expect(Object.keys(split(draft).errors).sort()).toEqual([
    'bearingDeg',
    'lamps.0.lumens',
    'windows.1.heightM',
    'windows.1.obstructionDeg',
  ]);
  expect(write(draft)).toMatchObject({
    bearingDeg: 285,
    lamps: [{ name: 'Tall lamp', lumens: 800 }],
    windows: [{}, { heightM: 1.3 }],
  });
});

test('a room made too low for its windows says so, and the rest is saved', () => {
  const draft = { ...saved, height: '1.1', bearing: '90' };
  expect(split(draft).errors).toHaveProperty(['windows.0.heightM']);
  expect(write(draft)).toMatchObject({ heightM: 2.6, bearingDeg: 90 });
});

test('a new window that cannot be yet is not saved; the others are, and are named by their own numbers', () => {
  const fresh = { ...saved.windows[0]!, id: id(5), width: 'wide' };
  const last = { ...saved.windows[1]!, sill: 'low' };
  const draft = { ...saved, windows: [saved.windows[0]!, fresh, last] };
  expect(Object.keys(split(draft).errors).sort()).toEqual(['windows.1.widthM', 'windows.2.sillM']);
  expect(write(draft).windows.map((w) => w.id)).toEqual([id(1), id(2)]);
});

test('walls that do not close are not saved; the height is', () => {
  const draft: LightDraft = { ...saved, walls: ['4', '5', '4.6', ''], height: '2.7' };
  expect(split(draft).errors).toHaveProperty(['walls.2']);
  expect(write(draft)).toMatchObject({ widthM: 4, depthM: 5, heightM: 2.7 });
});

test('what was not touched keeps its length, however it is shown', () => {
  const odd = room({ ...stored, widthM: 4.0123, windows: [roomWindow({ id: id(1), widthM: 1.2345 })] });
  for (const units of ['metric', 'imperial'] as const) {
    const draft = draftOf(odd, units);
    const { write: kept } = savableOf({ ...draft, bearing: '10' }, odd, draft, units);
    expect(kept).toMatchObject({ widthM: 4.0123, windows: [{ widthM: 1.2345 }] });
  }
});

test('in feet nothing is said in metres, and feet and inches are understood', () => {
  const feet = draftOf(stored, 'imperial');
  const draft = { ...feet, windows: [{ ...feet.windows[0]!, width: `16'` }, feet.windows[1]!], height: `9' 3½"` };
  const { errors, write: kept } = savableOf(draft, stored, feet, 'imperial');
  expect(errors).toEqual({ 'windows.0.widthM': `The window is wider than its wall of 13' 1½".` });
  expect((kept as WriteOf<'room.light'>).heightM).toBeCloseTo(9 * 0.3048 + 3.5 * 0.0254, 9);
});

test('what could not be saved is typed there again when one comes back', () => {
  const draft = { ...withWindow(0, { sill: 'knee', width: '1.4' }), bearing: 'up' };
  const texts = wrongTexts(draft, split(draft).errors);
  expect(withTexts(saved, texts)).toEqual({ ...withWindow(0, { sill: 'knee' }), bearing: 'up' });
  expect(withTexts(saved, { nonsense: 'x', 'windows gone sill': '1' })).toEqual(saved);
});
