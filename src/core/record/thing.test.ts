import { MATERIALS, USUAL_THINGS } from '@/core/derived/materials';
import { nowPainted, nowPaintedAs, stayingWith } from '@/core/derived/painted-over';
import { sayChange } from '@/core/derived/say-change';
import { isOfWood, surfaceOfThing, thingOf, THING_NAMES, THINGS, type Thing } from './thing';

const stay = (name: string, thing: Thing | null = null, kind: 'fixed' | 'furnishing' | 'artwork' = 'fixed') => ({
  name,
  thing,
  kind,
  lies: null,
});

test('what was said of a thing outranks its name', () => {
  expect(thingOf(stay('Picture frame', 'art', 'artwork'))).toBe('art');
  expect(surfaceOfThing(stay('Picture frame', 'art'))).toBeUndefined();
  expect(thingOf(stay('Zuidmuur', 'trim'))).toBe('trim');
  // a door that is called a cupboard is a door
  expect(thingOf(stay('Cupboard door', 'door'))).toBe('door');
});

test.each<[string, Thing]>([
  ['Skirting', 'trim'],
  ['Window frames', 'trim'],
  ['Picture frame', 'art'],
  ['Cream cupboards', 'cabinets'],
  ['Bookcase by the stairs', 'built-in'],
  ['Front door', 'door'],
  ['Floor tiles', 'floor'],
  ['Hall carpet', 'floor'],
  ['Green hand-made tiles', 'tile'],
  ['Brick chimney', 'hearth'],
  ['Pink bathroom suite', 'suite'],
  ['Kitchen island', 'worktop'],
  ['Piano', 'other'],
  ['Zuidmuur', 'other'],
])('of before, "%s" is told by its name: %s', (name, thing) => expect(thingOf(stay(name))).toBe(thing));

test('an artwork of before is a picture, whatever it is called', () => {
  expect(thingOf(stay('Door to the sea', null, 'artwork'))).toBe('art');
});

test('a picture frame stays when the trim is painted, a skirting does not', () => {
  const frame = { ...stay('Picture frame', 'art', 'artwork'), id: 'frame' };
  const skirting = { ...stay('Plinthe', 'trim'), id: 'skirting' };
  expect(stayingWith([frame, skirting], ['trim']).map((s) => s.id)).toEqual(['frame']);
  expect(nowPainted([frame, skirting], 'trim')?.id).toBe('skirting');
  expect([nowPaintedAs(skirting, ['door']), nowPaintedAs(skirting, ['door', 'trim'])]).toEqual([undefined, 'trim']);
});

test('what it takes to change a thing hangs on what it is', () => {
  expect(sayChange(stay('Plinthe', 'trim'))).toBe('trim is painted with the walls for little');
  expect(sayChange(stay('Picture', 'art', 'artwork'))).toBe('a picture can hang elsewhere');
  expect(sayChange({ ...stay('Parquet', 'floor'), lies: 'floor' })).toBe('a floor is the dearest thing to change');
  expect(sayChange({ ...stay('Oatmeal carpet', 'floor'), lies: 'floor' })).toBe(
    'a carpet is replaced sooner than any other floor',
  );
  expect(sayChange(stay('Zuidmuur', 'other'))).toBe('it is dear to change');
});

test('of wood: as it was taken from, also under another name; what is painted is not', () => {
  const oak = { colour: { lab: { l: 60, a: 8, b: 24 }, source: { kind: 'typical', material: 'Oak, oiled' } } } as const;
  const read = { colour: { lab: { l: 60, a: 8, b: 24 }, source: { kind: 'lab' } } } as const;
  expect([isOfWood({ name: 'Vloer', components: [oak] }), isOfWood({ name: 'Vloer', components: [read] })]).toEqual([
    true,
    false,
  ]);
  expect([isOfWood({ name: 'Oak floor', components: [read] }), isOfWood({ name: 'Painted oak', components: [read] })]).toEqual([
    true,
    false,
  ]);
});

test('every thing has a name, and everything that is begun from materials has its usual', () => {
  expect(Object.keys(THING_NAMES).sort()).toEqual([...THINGS].sort());
  expect(new Set(MATERIALS.map((m) => m.of))).toEqual(new Set(USUAL_THINGS.map((t) => t.id)));
});
