import { decision, signedBy, WALL_SURFACES } from '../../../tests/made-up-decision';
import type { Decision } from '@/core/record/decision';
import { all } from '../../../tests/all';
import { candidate, room, roomLamp, verdict, visit } from '../../../tests/made-up-room';
import { look } from '../../../tests/made-up-look';
import type { PaintFacts } from '../paint/paint-facts';
import { NO_PRODUCT_LINES } from '../paint/product-lines';
import { NO_CARD } from '@/core/record/consultant-card';
import { decidedRoom } from '@/core/derived/decided';
import { paintworkSchema } from '@/core/record/paintwork';
import type { Room } from '@/core/record/room';
import type { VisitInLight } from '@/core/derived/kinds-of-light';
import { cautionsFor, mergedCautions } from './cautions';
import { clientTable, orderTable, scheduleTable } from './csv';
import { handOver, paintsOnPaper } from './hand-over';
import { letterPlaces, paperFill } from './letters';

const MEASURED = {
  widthM: 5,
  depthM: 4,
  heightM: 2.5,
  bearingDeg: 0,
  paintwork: paintworkSchema.parse({ skirtingM: 0.1 }),
} as const;
const FACTS: PaintFacts = {
  base: { name: 'white base', kind: 'white', assumed: false },
  makerId: 'MM',
  known: 'spectrum',
  lampSpread: 0,
  copied: null,
  coats: { coats: 2, undercoat: 'none', why: '', contrast: 0.99, showsThrough: 0 },
  pours: [
    { container: 'litre-5', shots: [{ colourant: 'ochre', shots: 62, ml: 3.1 }], deltaE00: 0.1, warns: false },
    { container: 'litre-0-5', shots: [{ colourant: 'ochre', shots: 1, ml: 0.05 }], deltaE00: 1.4, warns: true },
  ],
  shotMl: 0.05,
  products: NO_PRODUCT_LINES,
  overloaded: false,
};
const NOW = Date.UTC(2026, 8, 24, 9);
const of = (more: Partial<Room>, whole: Partial<VisitInLight> = {}): VisitInLight => ({
  ...visit({ ...MEASURED, ...more }),
  ...whole,
});
const made = (v: VisitInLight, facts: PaintFacts | undefined = FACTS) =>
  handOver(v, { factsOf: () => facts, card: NO_CARD }, NOW);
const signed = (v: VisitInLight): VisitInLight => ({ ...v, rooms: v.rooms.map((r) => signedBy(r)) });

describe('the painter’s schedule', () => {
  const decisions = [
    decision(WALL_SURFACES, { why: 'it rests' }),
    decision(['wall-1'], { candidateId: 'c100', sheen: 'matte', undercoat: 'grey' }),
    decision(['trim'], { sheen: 'semi-gloss', finish: 'trim', primer: 'spots' }),
  ];
  const paper = made(of({ decisions })).rooms[0]!;

  test('says of every row maker, code, base, strength in both ways, product, sheen, coats, area and need', () => {
    expect(paper.rows[0]).toMatchObject({
      letter: 'A',
      surfaces: 'north, south and west wall',
      state: 'painted',
      colour: {
        maker: 'Ferrowmere',
        code: 'FR 1',
        base: 'white base',
        strengthSays: ['75 % strength', 'colourant cut by a quarter'],
      },
      as: null,
      product: 'wall paint',
      sheen: 'eggshell',
      coats: '2',
      why: 'it rests',
    });
    expect(paper.rows[1]).toMatchObject({ letter: 'B', coats: '1 undercoat, mid-grey, + 2', sheen: 'matte' });
    expect(paper.rows[2]).toMatchObject({ surfaces: 'skirting, window frames', as: 'A', coats: 'prime bare spots + 2' });
    expect(paper.rows[0]!.take).toMatch(/^\d+\.\d l of paint\s1 \(draft\)$/);
    expect(made(signed(of({ decisions }))).rooms[0]!.rows[0]!.take).toMatch(/^\d+\.\d l of paint\s1$/);
  });

  test('what is open says so, what stays says so', () => {
    expect(paper.rows.at(-1)).toMatchObject({ surfaces: 'ceiling', state: 'open', colour: null, take: '' });
    const stays = made(of({ decisions: [decision(['ceiling'], { what: 'leave', candidateId: null })] })).rooms[0]!;
    expect(stays.rows.find((r) => r.surfaces === 'ceiling')).toMatchObject({ state: 'stays' });
    expect(paper.notDecided).toBe('ceiling');
  });

  test('letters tie the drawing to the rows: every surface that is drawn has the letter of its row, clear of windows', () => {
    const places = letterPlaces(paper);
    expect(places.map((p) => p.letter).sort()).toEqual(['A', 'A', 'A', 'B', 'C', 'D']);
    const glass = paper.unfolded.parts.find((p) => p.what === 'glass')!;
    const north = places.find((p) => p.surface === 'wall-0')!;
    expect(north.x < glass.x || north.x > glass.x + glass.width).toBe(true);
    expect(
      paperFill(
        paper.unfolded.parts.find((p) => p.what === 'ceiling')!,
        paper.letters,
      ),
    ).toBe('#ffffff');
    expect(
      paperFill(
        paper.unfolded.parts.find((p) => p.what === 'wall')!,
        paper.letters,
      ),
    ).toBe(paper.letters['wall-0']!.hex);
  });

  test('a draft says that it is one; what is signed stays as signed when something else is decided, and says so', () => {
    expect(paper.signed).toBe('not signed: a draft');
    const v = signed(of({ decisions }));
    expect(made(v).rooms[0]!.signed).toBe('revision 1, signed by Test Name on 24 September 2026');
    expect(made(v).visit.revision).toBe(1);
    const later = {
      ...v,
      rooms: v.rooms.map((r) => ({ ...r, decisions: [...r.decisions, decision(['trim'], { sheen: 'gloss', finish: 'trim' })] })),
    };
    const row = made(later).rooms[0]!;
    expect(row.rows[2]!.sheen).toBe('semi-gloss');
    expect(row.changed).toContain('decided otherwise since revision 1');
  });

  test('a room in which nothing is decided is named, and left out', () => {
    const two = of({ decisions });
    const paperOf = made({ ...two, rooms: [...two.rooms, room({ id: 'r2', name: 'Attic' })] });
    expect(paperOf.rooms.map((r) => r.room)).toEqual(['Sitting room']);
    expect(paperOf.roomsLeft).toEqual(['Attic']);
  });

  test('a colour of a shared name says which is not meant; one that is known by its Lab only says how unsure it is', () => {
    const shared = [{ ...candidate('c75', 75), sharedName: true }];
    const row = made(of({ decisions: [decision(WALL_SURFACES)], candidates: shared }), {
      ...FACTS,
      known: 'lab',
      lampSpread: 2.3,
    }).rooms[0]!.rows[0]!;
    expect(row.colour!.notToMix).toContain('only Ferrowmere FR 1');
    expect(row.colour!.known).toBe('known by its Lab only; its look by lamps may be off by ΔE 2.3: trust the painted board');
    const sure = made(of({ decisions: [decision(WALL_SURFACES)] }));
    expect(sure.rooms[0]!.rows[0]!.colour!.known).toBe('from its measured spectrum; its look by lamps is sure');
    expect(
      handOver(of({ decisions: [decision(WALL_SURFACES)] }), { factsOf: () => undefined, card: NO_CARD }, NOW).rooms[0]!.rows[0]!
        .colour!.known,
    ).toContain('not in the deck any more');
  });

  test('a room without measures, and one whose door is larger than its wall, are papers too', () => {
    const doors = [{ id: '01a217f3-80e9-7106-930d-000000000001', wall: 0 as const, widthM: 15 }];
    const bare = made(
      of({
        widthM: null,
        depthM: null,
        heightM: null,
        decisions: [decision(WALL_SURFACES)],
        paintwork: paintworkSchema.parse({ doors }),
      }),
    );
    expect(bare.rooms[0]!.rows[0]!.area).toMatch(/m²$/);
  });
});

describe('the order', () => {
  test('says what each container gets, warns where rounding shows, and offers tins that leave less over', () => {
    const [line] = made(signed(of({ decisions: [decision(['wall-0', 'wall-1'])] }))).order;
    expect(line).toMatchObject({ number: 1, what: 'wall paint, eggshell, white base' });
    expect(line!.take).toBe('5 l');
    expect(line!.instead).toMatch(/^or .*, \d\.\d l less left over$/);
    expect(line!.formulas.map((f) => f.container)).toEqual(['5 litres']);
    expect(line!.formulas[0]!.pours).toBe('ochre 3.10 ml (62 shots)');
    const warns = made(of({ decisions: [decision(['trim'], { finish: 'trim', sheen: 'satin' })] })).order[0]!;
    expect(warns.notes).toContain('Test pots come in eggshell only: in satin it will look more shiny than its test.');
  });

  test('what is not signed is a draft with its reason, never in what is to be taken nor as certain in the table', () => {
    const v = of({ decisions: [decision(WALL_SURFACES)] });
    const attic = signedBy(room({ ...MEASURED, id: 'r2', name: 'Attic', windows: [], decisions: [decision(['wall-0'])] }));
    const [line, ...others] = made({ ...v, rooms: [...v.rooms, attic] }).order;
    expect(others).toEqual([]);
    // one wall of 5 × 2.4 m, two coats, a tenth for waste, said upward: the four walls of the other room are not in it
    expect(line!.need).toBe('2.7 l');
    expect(line!.forWhat).toBe('Attic: north wall');
    expect(line!.drafts).toEqual([
      expect.stringMatching(/^Draft, not to be bought yet: \d+\.\d l for Sitting room: .* \(not signed yet\)$/),
    ]);
    const draft = orderTable(made(v)).rows[0]!;
    expect(draft).toMatchObject({ need: '', take: '', for: '', draft: expect.stringContaining('not signed yet') as string });
  });

  test('a room that was never measured is a draft, signed or not', () => {
    const bare = { widthM: null, depthM: null, heightM: null };
    const { order } = made(signed(of({ ...bare, decisions: [decision(WALL_SURFACES)] })));
    expect(order[0]).toMatchObject({ need: '', take: '' });
    expect(order[0]!.drafts[0]).toContain('the room is not measured');
  });

  test('what was decided otherwise since it was signed is said on the order too', () => {
    const v = signed(of({ decisions: [decision(WALL_SURFACES)] }));
    const rooms = v.rooms.map((r) => ({ ...r, decisions: [...r.decisions, decision(['wall-1'], { sheen: 'matte' })] }));
    expect(made(v).beforeOrder).toEqual([]);
    expect(made({ ...v, rooms }).beforeOrder[0]).toMatch(/^Sitting room: Something was decided otherwise since revision 1/);
  });

  test('asks the deck for every paint that is signed or decided, once', () => {
    const v = of({
      decisions: [
        decision(WALL_SURFACES),
        decision(['trim'], { finish: 'trim' }),
        decision(['ceiling'], { candidateId: 'c100' }),
      ],
    });
    expect(paintsOnPaper(v).map((p) => [p.deckColourId, p.strength])).toEqual([
      ['FR:FR 1', 75],
      ['FR:FR 1', 100],
    ]);
  });

  test('a formula that is not known says that the counter mixes by maker and code', () => {
    const [line] = made(of({ decisions: [decision(WALL_SURFACES)] }), { ...FACTS, pours: [] }).order;
    expect(line!.notes.join(' ')).toContain('mixes by maker and code');
  });
});

describe('the client’s sheet', () => {
  const verdicts = [
    verdict({ candidateId: 'c75', stayId: 'floor', verdict: 'nearly', reason: 'too-yellow' }),
    verdict({ candidateId: 'c75', stayId: 'trim', verdict: 'no', reason: 'too-close' }),
  ];
  const client = (decisions: Decision[], more: Partial<Room> = {}) =>
    made(of({ decisions, verdicts, ...more })).rooms[0]!.forClient;

  test('says what to live with, but nothing of what is painted over', () => {
    expect(client([decision(WALL_SURFACES)]).colours[0]!.liveWith).toEqual([
      'too yellow beside Oak floor',
      'too close, blends beside Skirting',
    ]);
    expect(client([decision([...WALL_SURFACES]), decision(['trim'], { finish: 'trim' })]).colours[0]!.liveWith).toEqual([
      'too yellow beside Oak floor',
    ]);
  });

  test('a colour that nobody tried says that it is predicted; one outside that it was seen indoors', () => {
    expect(client([decision(WALL_SURFACES, { candidateId: 'c100', why: 'light' })]).colours[0]!.why).toEqual([
      'Light',
      'Worked out for this room; not tried on a board yet',
    ]);
    const doors = [{ id: '01a217f3-80e9-7106-930d-000000000001', wall: 0 as const, outside: true }];
    const outside = client([decision(['outside:01a217f3-80e9-7106-930d-000000000001'], { finish: 'outside' })], {
      paintwork: paintworkSchema.parse({ doors }),
    });
    expect(outside.colours[0]!.why[0]).toContain('Seen indoors only');
  });

  test('looks that are left to the client are listed, the consultant’s are not', () => {
    const looks = [look({ number: 4, who: 'client' }), look({ number: 5, who: 'consultant' })];
    expect(client([decision(WALL_SURFACES)], { looks }).looks).toEqual([
      '4  Between 09:00 and 12:00, under a clear sky: between two greys: one turns greener',
    ]);
  });
});

describe('cautions stand where the work meets them', () => {
  const painted = decidedRoom(of({ decisions: [decision(WALL_SURFACES)] }).rooms[0]!);
  const { place } = visit();
  const ids = (v: Partial<VisitInLight>, r: Partial<Room> = {}) =>
    cautionsFor({ builtYear: null, place, ...v }, room(r), painted).map((c) => c.id);
  test('old houses, and those of unknown age, before sanding; young ones not', () => {
    expect(ids({ builtYear: 1936 })).toContain('lead');
    expect(ids({ builtYear: null })).toContain('lead');
    expect(ids({ builtYear: 1985 })).toContain('lead');
    expect(ids({ builtYear: 2004 })).not.toContain('lead');
    const inDenver = { place: { ...place, timeZone: 'America/Denver' } };
    expect(ids({ builtYear: 1985, ...inDenver })).not.toContain('lead');
    const words = (of: Partial<VisitInLight>) => cautionsFor({ builtYear: null, place, ...of }, room(), painted)[0]!.words;
    expect([words({}), words(inDenver)]).toEqual([
      expect.stringContaining('here in 1992') as string,
      expect.stringContaining('here in 1978') as string,
    ]);
    expect(words({ place: { ...place, timeZone: 'Europe/Oslo' } })).toContain('for local rules to say');
  });
  test('ladders for walls above reach, towers for high rooms, damp in bath and kitchen, lamps where there are any', () => {
    expect(ids({}, { heightM: 2.4 })).toContain('ladder');
    expect(cautionsFor({ builtYear: 2004, place }, room({ heightM: 3.4 }), painted).find((c) => c.id === 'ladder')!.title).toBe(
      'High ceiling',
    );
    expect(ids({}, { heightM: 1.9 })).not.toContain('ladder');
    expect(ids({}, { kind: 'bath' })).toContain('damp');
    expect(ids({}, { kind: 'living' })).not.toContain('damp');
    expect(ids({}, { lamps: [roomLamp()] })).toContain('lamps');
    expect(ids({})).toContain('air');
  });
  test('nothing painted, nothing to be careful of; the same words once over all rooms', () => {
    expect(cautionsFor({ builtYear: 1900, place }, room(), { painted: [] })).toEqual([]);
    const one = cautionsFor({ builtYear: 1900, place }, room(), painted);
    expect(mergedCautions([one, one])).toEqual(one);
  });
});

describe('papers as tables', () => {
  const v = signed(of({ decisions: [decision(WALL_SURFACES), decision(['trim'], { finish: 'trim', sheen: 'satin' })] }));
  test('hold a row for each row of the paper, and no cell without a column', () => {
    const paper = made(v);
    const tables = { schedule: scheduleTable(paper), order: orderTable(paper), client: clientTable(paper) };
    expect(tables.schedule.rows).toHaveLength(paper.rooms[0]!.rows.length);
    expect(tables.order.rows).toHaveLength(2);
    expect(tables.client.rows).toHaveLength(2);
    for (const { columns, rows } of Object.values(tables))
      expect(all(rows, (r) => Object.keys(r).filter((k) => !columns.includes(k)).length === 0)).toBe(true);
    expect(tables.schedule.rows[0]).toMatchObject({
      strength_percent: 75,
      strength_says: '75 % strength, colourant cut by a quarter',
      state: 'painted',
    });
    expect(tables.order.rows[0]).toMatchObject({ paint: 1, take: expect.stringContaining(' l') as string });
  });
});
