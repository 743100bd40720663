import cases from '../../tests/golden/companions.json';
import rooms from '../../tests/golden/roomcases.json';
import { NO_FAULT } from '@/core/companions/companion';
import { FABRIC_ROLES, PAINT_ROLES, ROLES, type PaintRole, type Role } from '@/core/companions/roles';
import { chroma, hueDeg } from '@/core/colour/lab';
import type { Reason } from '@/core/judge/reasons';
import { all } from '../../tests/all';
import { answer } from './requests';

type Range = readonly number[];
type Bounds = {
  readonly lrv?: Range;
  readonly c?: Range;
  readonly b?: Range;
  readonly hue?: Range;
  readonly hues?: readonly Range[];
};
type Case = {
  readonly id: string;
  readonly lab: number[];
  readonly held?: boolean;
  readonly roles: Partial<Record<Role, Bounds>>;
};
type Proposed = {
  readonly role: Role;
  readonly id: string | null;
  readonly strength: number | null;
  readonly lab: number[];
  readonly lrv: number;
  readonly within: number | null;
  readonly verdict: string;
};

const { deck, base } = rooms;
const ask = (request: object): readonly Proposed[] =>
  (answer('companions', { deck, base, ...request }) as { companions: Proposed[] }).companions;

/** From the first to the second; round by 0° where the first is the larger. */
const lies = (range: Range | undefined, v: number) =>
  !range || (range[0]! <= range[1]! ? v >= range[0]! && v <= range[1]! : v >= range[0]! || v <= range[1]!);
function fits({ lrv, lab: [l, a, b] }: Proposed, { lrv: depth, c, b: yellow, hue, hues }: Bounds): boolean {
  const colour = { l: l!, a: a!, b: b! };
  const at = hueDeg(colour);
  const [deep, strong] = [lies(depth, lrv), lies(c, chroma(colour))];
  return deep && strong && lies(yellow, b!) && lies(hue, at) && (!hues || hues.some((r) => lies(r, at)));
}

const own = cases.own as unknown as Case[];
const ALL: readonly Case[] = [...(cases.open as unknown as Case[]), ...own];

test.each(ALL.map((c) => [c.id, c] as const))(
  'beside %s every role has a proposal as the trade would answer',
  (_, { lab, roles }) => {
    const found = ask({ colour: { lab } });
    for (const [role, bounds] of Object.entries(roles) as [Role, Bounds][]) {
      const of = found.filter((f) => f.role === role);
      expect({ role, fits: of.some((f) => fits(f, bounds)), of: of.map((f) => f.lab.map(Math.round)) }).toMatchObject({
        role,
        fits: true,
      });
    }
  },
);

test('every role is filled by one to three, in order; paints are of the deck, fabrics of none and say how near is near enough', () => {
  for (const { lab } of ALL) {
    const found = ask({ colour: { lab } });
    expect([...new Set(found.map((f) => f.role))]).toEqual(ROLES.filter((r) => found.some((f) => f.role === r)));
    for (const role of PAINT_ROLES) {
      const of = found.filter((f) => f.role === role);
      expect(of.length).toBeGreaterThanOrEqual(1);
      expect(of.length).toBeLessThanOrEqual(3);
      expect(all(of, (f) => deck.some((c) => c.id === f.id) && f.strength === 100 && f.within === null)).toBe(true);
    }
    const fabrics = found.filter((f) => (FABRIC_ROLES as readonly Role[]).includes(f.role));
    expect(new Set(fabrics.map((f) => f.role)).size).toBe(FABRIC_ROLES.length);
    expect(all(fabrics, (f) => f.id === null && f.strength === null && f.within! > 0)).toBe(true);
  }
});

test('the order of the deck changes nothing, and the same question has the same answer', () => {
  const colour = { lab: [70, -9, 11] };
  const first = ask({ colour });
  expect(ask({ colour })).toEqual(first);
  expect(ask({ colour, deck: [...deck].reverse() })).toEqual(first);
});

const FINISHES = [
  { name: 'travertine', kind: 'fixed', components: [{ share: 1, lab: [76, 5, 15] }] },
  { name: 'blue-grey stone', kind: 'fixed', components: [{ share: 1, lab: [58, -2, -7] }] },
  { name: 'cream cabinets', kind: 'fixed', components: [{ share: 1, lab: [90, 0, 13] }] },
];
test.each(FINISHES.map((f) => [f.name, f] as const))('none fights %s, but for what is no fault in its role', (_, stay) => {
  let judged = 0;
  for (const { lab } of ALL.slice(0, 8)) {
    for (const { role, lab: at, id } of ask({ colour: { lab }, stays: [stay] })) {
      const { verdict, reasons } = answer('judge', { stays: stay, candidate: { lab: at } }) as {
        verdict: string;
        reasons: Reason[];
      };
      const faults = NO_FAULT[id === null ? 'fabric' : (role as PaintRole)];
      if (verdict === 'no') expect(faults).toContain(reasons[0]);
      judged += 1;
    }
  }
  expect(judged).toBeGreaterThan(80);
});

test('depth reversed: two steps from a light wall are deeper, from a dark one lighter', () => {
  const strip = (lab: number[]) => ask({ colour: { lab } }).find((f) => f.role === 'dark-trim')!.lab[0]!;
  for (const l of [60, 70, 80, 90]) expect(strip([l, 1, 8])).toBeLessThan(l - 10);
  for (const l of [20, 26, 32, 40]) expect(strip([l, 1, 8])).toBeGreaterThan(l + 8);
});

test('by its name in the deck at a strength it is the same as by its colour', () => {
  const { id, lab } = deck[700]!;
  expect(ask({ colour: { id, strength: 100 } })).toEqual(ask({ colour: { lab } }));
  expect(ask({ id })).toEqual(ask({ lab }));
  expect(answer('companions', { deck, base, id: 'nowhere' })).toEqual({ error: 'the deck has no nowhere at 100 %' });
  expect(answer('companions', { deck, base })).toEqual({ error: 'a colour, or the id of one of the deck' });
});

test('in a room it is judged in its lights', () => {
  const { room, place, date, zone, stays } = rooms.cases[0]! as unknown as Record<string, object>;
  const found = ask({ colour: { lab: [79, 2.6, 4.5] }, room, place, date, zone, stays });
  expect(found.length).toBeGreaterThan(10);
  expect(all(found, (f) => f.verdict !== 'no')).toBe(true);
});
