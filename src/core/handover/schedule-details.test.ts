import { decision, WALL_SURFACES } from '../../../tests/made-up-decision';
import { room, roomWindow, verdict, visit } from '../../../tests/made-up-room';
import { NO_PRODUCT_LINES } from '../paint/product-lines';
import type { PaintFacts } from '../paint/paint-facts';
import { NO_CARD } from '@/core/record/consultant-card';
import type { Room } from '@/core/record/room';
import { paintworkSchema } from '@/core/record/paintwork';
import { peopleSchema } from '@/core/record/people';
import { handOver, paintsOnPaper } from './hand-over';
import { factsAmong } from './paper-colour';
import { preparationFor } from './preparation';

const MEASURED = { widthM: 5, depthM: 4, heightM: 2.5, bearingDeg: 0 } as const;
const FACTS: PaintFacts = {
  base: { name: 'white base', kind: 'white', assumed: false },
  makerId: 'MM',
  known: 'spectrum',
  lampSpread: 0,
  copied: null,
  coats: { coats: 3, undercoat: 'none', why: 'two coats hide 96.1 %: a third coat', contrast: 0.961, showsThrough: 2 },
  pours: [],
  shotMl: null,
  products: { ...NO_PRODUCT_LINES, wall: 'Silk Lime' },
  overloaded: false,
};
const paper = (more: Partial<Room>, facts: PaintFacts | undefined = FACTS, card = NO_CARD) =>
  handOver(visit({ ...MEASURED, ...more }), { factsOf: () => facts, card }, 0);

describe('what a painter asks', () => {
  const decisions = [decision(WALL_SURFACES, { coats: 3 }), decision(['trim'], { finish: 'trim' })];

  test('true sizes, and what is in each wall: never “wall 1” where a window or a bearing tells', () => {
    const doors = [{ id: '01a217f3-80e9-7106-930d-000000000001', wall: 2 as const, leadsTo: 'the hall' }];
    const more = { decisions, windows: [roomWindow({ widthM: 1.8, heightM: 1.5 })], paintwork: paintworkSchema.parse({ doors }) };
    expect(paper(more).rooms[0]!.sizes).toEqual([
      'North wall 5.00 × 2.50 m: window 1.80 × 1.50 m',
      'East wall 4.00 × 2.50 m',
      'South wall 5.00 × 2.50 m: door to the hall 0.84 × 2.04 m',
      'West wall 4.00 × 2.50 m',
    ]);
    const unread = paper({ ...more, bearingDeg: null, depthM: null }).rooms[0]!;
    expect(unread.sizes[0]).toMatch(/^Window wall 5\.00 × 2\.50 m/);
    expect(unread.sizes[1]).toBe('Wall right of the window not measured: taken as usual');
    expect(unread.rows[0]!.surfaces).not.toMatch(/wall \d/);
  });

  test('why three coats here and two there', () => {
    const [walls, trim] = paper({ decisions }).rooms[0]!.rows;
    expect(walls!.whyCoats).toBe('Why: two coats hide 96.1 %: a third coat');
    expect(trim!.whyCoats).toBe('');
    const byHand = paper({ decisions: [decision(WALL_SURFACES, { coats: 4 })] }).rooms[0]!.rows[0]!;
    expect(byHand.whyCoats).toBe('As chosen, not as reckoned');
  });

  test('the product by its own name, where the maker’s is known', () => {
    expect(
      paper({ decisions })
        .rooms[0]!.rows.map((r) => r.product)
        .slice(0, 2),
    ).toEqual(['Silk Lime', 'trim paint']);
    expect(paper({ decisions }).order[0]!.what).toBe('Silk Lime, eggshell, white base');
  });

  test('what is there now and what it needs first, of its kind of surface', () => {
    const paintwork = paintworkSchema.parse({ now: { wall: { is: 'plaster' }, trim: { is: 'paint', state: 'glossy' } } });
    const [walls, trim] = paper({ decisions, paintwork }).rooms[0]!.rows;
    expect(walls!.preparation).toMatch(/^Bare plaster/);
    expect(trim!.preparation).toMatch(/^Glossy paint/);
    expect(paper({ decisions }).rooms[0]!.rows[0]!.preparation).toBe('');
    expect([
      preparationFor({ is: 'plaster', state: 'sound' })!.primer,
      preparationFor({ is: 'paint', state: 'sound' })!.primer,
    ]).toEqual(['full', 'none']);
    expect(preparationFor({ is: 'paint', state: 'flaking' })!.says).toContain('lead');
  });

  test('coats are reckoned over what is there: a paint is asked for over each', () => {
    const oldWall = { lab: { l: 40, a: 20, b: 10 }, source: { kind: 'lab' as const } };
    const v = visit({ ...MEASURED, oldWall, decisions: [decision(WALL_SURFACES), decision(['ceiling'])] });
    const asked = paintsOnPaper(v);
    expect(asked.map((a) => a.under)).toEqual([oldWall.lab, null]);
    const factsOf = factsAmong(asked.map((one, k) => ({ asked: one, facts: { ...FACTS, lampSpread: k } })));
    const { deckColourId, strength } = asked[0]!;
    expect(factsOf({ deckColourId, strength, under: oldWall.lab })!.lampSpread).toBe(0);
    expect(factsOf({ deckColourId, strength, under: null })!.lampSpread).toBe(1);
    expect(factsOf({ deckColourId: 'none', strength })).toBeUndefined();
  });

  test('is told name, address and telephone, or nothing where so chosen', () => {
    const people = peopleSchema.parse({ clientName: 'A. Sample', clientAddress: '14 Quay Row', clientTelephone: '0117 000' });
    const of = (clientToPainter: boolean) =>
      handOver(
        { ...visit({ ...MEASURED, decisions }), people: { ...people, clientToPainter } },
        { factsOf: () => FACTS, card: NO_CARD },
        0,
      );
    expect(of(true).forPainter).toEqual({ name: 'A. Sample', address: '14 Quay Row', telephone: '0117 000' });
    expect(of(false).forPainter).toEqual({ name: '', address: '', telephone: '' });
    expect(of(false).client.clientName).toBe('A. Sample');
  });
});

describe('what a client is told', () => {
  const verdicts = [
    verdict({ candidateId: 'c100', stayId: 'floor', verdict: 'no', reason: 'too-yellow' }),
    verdict({ candidateId: 'c100', stayId: 'floor', person: 'client' }),
    ...['floor', 'trim'].map((stayId) => verdict({ candidateId: 'c75', stayId })),
    ...['floor', 'trim'].map((stayId) => verdict({ candidateId: 'c75', stayId, light: 'overcast' })),
  ];
  const sheet = paper({
    verdicts,
    decisions: [decision([...WALL_SURFACES]), decision(['ceiling'], { why: 'the same above', finish: 'ceiling' })],
  }).rooms[0]!.forClient;

  test('each thing once, kindly: a colour on a second surface says only why it is there', () => {
    expect(sheet.colours.map((c) => [c.where, c.says !== '', c.why])).toEqual([
      [
        'All four walls',
        true,
        ['It works beside both things that stay', 'Looked at in window by day and overcast, every light this room has'],
      ],
      ['Ceiling', false, ['The same above']],
    ]);
    const words = JSON.stringify(sheet);
    for (const never of ['spectrum', 'colourant', 'CIEDE', 'predicted'])
      expect(words.replaceAll(/"known":"[^"]*"|"strengthSays":\[[^\]]*\]/g, '')).not.toContain(never);
  });

  test('why not: what was liked and refused, beside the thing and the light that refused it, and the nearest that works', () => {
    expect(sheet.whyNot.map((w) => w.says)).toEqual([
      'Test Shell 100 %, which you liked: too yellow beside Oak floor, window by day. The nearest that works here is Test Shell 75 %.',
    ]);
    expect(paper({ verdicts: verdicts.slice(0, 1), decisions: [decision(WALL_SURFACES)] }).rooms[0]!.forClient.whyNot).toEqual(
      [],
    );
  });
});

test('walls of a room of which nothing is known are named by how they lie to the first', () => {
  const [made] = paper({ bearingDeg: null, windows: [], decisions: [decision(WALL_SURFACES)] }).rooms;
  expect(made!.sizes[2]).toMatch(/^Wall opposite the first/);
  expect(made!.caption).toMatch(/^First wall, wall right of the first, wall opposite the first and wall left of the first, seen/);
  expect(room().inLight.kinds.length).toBeGreaterThan(0);
});
