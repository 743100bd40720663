import fc from 'fast-check';
import colours from '../../../tests/golden/casebook-colour.json';
import golden from '../../../tests/golden/casebook.json';
import later from '../../../tests/golden/colour-pairs-later.json';
import own from '../../../tests/golden/colour-pairs.json';
import further from '../../../tests/golden/pair-cases.json';
import rules from '../../../tests/golden/trade-rules.json';
import { seededRandom } from '../base/random';
import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import { RELATION, type RelationModel } from './model';
import { REASONS, type Reason } from './reasons';
import type { School } from './kinds';
import { prepareCandidate } from './prepare-candidate';
import { conflictsWith, costBeside, prepareThing, relation, verdictOf, type Stay } from './relation';

const lab = ([l, a, b]: readonly number[]): Lab => ({ l: l!, a: a!, b: b! });
type Case = {
  readonly set?: string;
  readonly id: string;
  readonly stays: {
    readonly name: string;
    readonly kind: string;
    readonly components: readonly { name: string; share: number; lab: number[] }[];
  };
  readonly candidate: { readonly lab: readonly number[] };
  readonly accept: readonly string[];
  readonly reasons: readonly string[];
  readonly school?: string;
};

/** One file says the reason in other words. */
const asHere = (reason: string) => (reason === 'looks-dirty' ? 'reads-dirty' : reason);

const stayOf = ({ stays }: Case): Stay => ({
  ...stays,
  kind: stays.kind as Stay['kind'],
  components: stays.components.map((c) => ({ ...c, lab: lab(c.lab) })),
});
const schoolOf = ({ school }: Case): School => (school as School | undefined) ?? 'share';
/** Whether a good consultant could have said so, with the strongest reason. */
const isRight = ({ accept, reasons }: Case, verdict: string, reason: string | undefined) =>
  accept.includes(verdict) && (verdict === 'works' || reasons.length === 0 || reasons.map(asHere).includes(reason ?? ''));

/** What the model says of a trade case, and whether a good consultant could have said so: the verdict, and with its strongest reason. */
function tried(entry: Case, model: RelationModel = RELATION) {
  const found = relation(stayOf(entry), lab(entry.candidate.lab), schoolOf(entry), model);
  const verdict = entry.accept.includes(found.verdict);
  return { id: entry.id, found, verdict, reason: isRight(entry, found.verdict, found.reasons[0]) };
}

function agreement(cases: readonly Case[], model: RelationModel = RELATION) {
  const lines = cases.map((entry) => tried(entry, model));
  return { lines, verdicts: lines.filter((l) => l.verdict).length, reasons: lines.filter((l) => l.reason).length };
}

/** Prints the agreement per case. */
function say(title: string, { lines, verdicts, reasons }: ReturnType<typeof agreement>): void {
  const said = lines.map(({ id, found, verdict, reason }) => {
    const mark = !verdict ? 'VERDICT' : reason ? 'agrees' : 'reason';
    return `  ${mark.padEnd(8)}${id}: ${[found.verdict, ...found.reasons].join(', ')}\n`;
  });
  process.stdout.write(
    `${title}: ${verdicts} of ${lines.length} verdicts, ${reasons} with the strongest reason\n${said.join('')}`,
  );
}

const OWN = own.relation as Case[];
const ALL = [
  ...golden.relation,
  ...rules.relation,
  ...further.relation,
  ...colours.relation,
  ...OWN,
  ...later.relation,
] as Case[];

describe('relation, against trade cases (common practice, no published source)', () => {
  test.each([
    ['casebook', golden.relation as Case[], { verdicts: 32, reasons: 32 }],
    ['rules of the trade', rules.relation as Case[], { verdicts: 52, reasons: 52 }],
    ['further cases', further.relation as Case[], { verdicts: 59, reasons: 59 }],
    ['casebook of colour', colours.relation as Case[], { verdicts: 32, reasons: 32 }],
    ['pairs of colour', OWN.filter((c) => c.set === 'fit'), { verdicts: 58, reasons: 58 }],
    ['pairs of colour, held back', OWN.filter((c) => c.set === 'kept'), { verdicts: 30, reasons: 30 }],
    ['pairs of colour, later', later.relation as Case[], { verdicts: 195, reasons: 195 }],
  ])('agrees with the %s', (title, cases, wanted) => {
    const found = agreement(cases);
    say(title, found);
    expect(found.verdicts).toBeGreaterThanOrEqual(wanted.verdicts);
    expect(found.reasons).toBeGreaterThanOrEqual(wanted.reasons);
  });

  const asShipped = agreement(ALL).reasons;
  // the same as agreement(ALL, model).reasons, without the bars of every part
  const agreeing = (model: RelationModel) =>
    ALL.filter((entry) => {
      const thing = prepareThing(stayOf(entry), schoolOf(entry), model);
      const seen = prepareCandidate(lab(entry.candidate.lab), model);
      const { cost, part } = costBeside(thing, seen);
      const verdict = verdictOf(cost, model);
      return isRight(entry, verdict, conflictsWith(thing, part, seen)[0]?.reason);
    }).length;
  test('looked at in short, the cases agree as they do in full', () => expect(agreeing(RELATION)).toBe(asShipped));
  // a tenth of a lightness near white would be nine steps: those move by two
  const moved = (key: keyof RelationModel, by: number) => RELATION[key] + by * (RELATION[key] >= 60 ? 2 : RELATION[key] / 10);
  const bothWays = (Object.keys(RELATION) as (keyof RelationModel)[]).flatMap((key) => [[key, 1] as const, [key, -1] as const]);

  test.each(bothWays)('does not hang on the exact value of %s (%d)', (key, by) => {
    expect(asShipped - agreeing({ ...RELATION, [key]: moved(key, by) })).toBeLessThanOrEqual(ALL.length / 40);
  });

  const colour = fc.record({
    l: fc.double({ min: 15, max: 97, noNaN: true }),
    a: fc.double({ min: -15, max: 20, noNaN: true }),
    b: fc.double({ min: -20, max: 30, noNaN: true }),
  });
  const stay = fc.array(colour, { minLength: 1, maxLength: 5 }).map((labs): Stay => ({
    name: 'thing',
    kind: 'fixed',
    components: labs.map((l, i) => ({ name: `part ${i}`, share: 1 / labs.length, lab: l })),
  }));

  test('a candidate identical to the only component is its own colour, and nothing is against it', () => {
    fc.assert(
      fc.property(colour, (l) => {
        const found = relation({ name: 'thing', kind: 'fixed', components: [{ name: 'paint', share: 1, lab: l }] }, l);
        expect(found.cost).toBe(0); // its very colour is a choice: trim in the wall's own colour
        expect(found.reasons).toEqual([]);
      }),
      { seed: 8 },
    );
  });

  test('the order of the components does not matter', () => {
    fc.assert(
      fc.property(stay, colour, (thing, candidate) => {
        const [there, back] = [
          relation(thing, candidate),
          relation({ ...thing, components: [...thing.components].reverse() }, candidate),
        ];
        expect(back.verdict).toBe(there.verdict);
        expect(back.cost).toBeCloseTo(there.cost, 12);
      }),
      { seed: 9 },
    );
  });

  test('verdicts follow the cost, reasons are from the fixed list, and a nearly or no has at least one', () => {
    fc.assert(
      fc.property(stay, colour, (thing, candidate) => {
        const found = relation(thing, candidate);
        expect(found.verdict).toBe(found.cost >= 2 ? 'no' : found.cost >= 1 ? 'nearly' : 'works');
        expect(found.reasons.filter((r) => !REASONS.includes(r))).toEqual([]);
        expect(found.reasons.length > 0).toBe(found.verdict !== 'works');
      }),
      { seed: 10 },
    );
  });

  test('words and bars never contradict each other, over 20,000 random pairs', () => {
    const random = seededRandom(12);
    const wide = (): Lab => ({ l: 15 + 82 * random(), a: 110 * random() - 50, b: 110 * random() - 45 });
    const any = (): Lab => (random() < 0.3 ? wide() : { l: 15 + 82 * random(), a: 40 * random() - 15, b: 55 * random() - 20 });
    const said = new Map<string, number>();
    for (let n = 0; n < 20_000; n++) {
      const near = any();
      const candidate =
        n % 2 ? any() : { l: near.l + 20 * random() - 10, a: near.a + 8 * random() - 4, b: near.b + 8 * random() - 4 };
      const [found] = relation(
        { name: 'thing', kind: n % 3 ? 'fixed' : 'furnishing', components: [{ name: 'c', share: 1, lab: near }] },
        candidate,
      ).components;
      const { strongWeak, lightDark, pinkGreen, yellowBlue } = found!.directions;
      // by how much the bar points the other way than the word; the bars of hue lie askew to the words for warm and cool greens
      const against: Partial<Record<Reason, number>> = {
        'too-weak': strongWeak,
        'too-strong': -strongWeak,
        'too-dark': lightDark,
        'too-light': -lightDark,
        'too-pink': -pinkGreen,
        'too-green': pinkGreen,
        'too-yellow': -yellowBlue,
        'too-violet': Math.max(-pinkGreen, yellowBlue),
        'reads-dirty': -yellowBlue,
        'dates-it': yellowBlue,
      };
      for (const { reason } of found!.conflicts) {
        const wrong = against[reason];
        if (wrong === undefined) continue;
        said.set(reason, (said.get(reason) ?? 0) + 1);
        if (wrong > 0)
          throw new Error(
            `${reason} though the bar says otherwise: ${JSON.stringify({ near, candidate, directions: found!.directions })}`,
          );
      }
    }
    for (const reason of ['too-weak', 'too-strong', 'too-pink', 'too-green', 'too-yellow', 'too-violet'])
      expect(said.get(reason) ?? 0).toBeGreaterThan(60);
  });

  test('one more component never weakens what those with a hue of their own hold against a colour', () => {
    const hued = fc.record({
      l: fc.integer({ min: 40, max: 85 }),
      a: fc.integer({ min: 4, max: 14 }),
      b: fc.integer({ min: 6, max: 22 }),
    });
    const things = fc.array(hued, { minLength: 1, maxLength: 5 });
    const thing = (labs: readonly Lab[]): Stay => ({
      name: 'thing',
      kind: 'fixed',
      components: labs.map((l, i) => ({ name: `part ${i}`, share: 1 / labs.length, lab: l })),
    });
    fc.assert(
      fc.property(things, colour, colour, (labs, extra, candidate) => {
        fc.pre(labs.every((l) => deltaE00(l, candidate) > 5)); // far enough not to blend: that is a matter of how much there is of a colour
        expect(relation(thing([...labs, extra]), candidate).cost).toBeGreaterThanOrEqual(
          relation(thing(labs), candidate).cost - 1e-9,
        );
      }),
      { seed: 11 },
    );
  });

  test('has no edges: a tenth of a step in the candidate moves no cost by half a nearly', () => {
    const places = fc.record({
      stay: fc.record({
        l: fc.integer({ min: 20, max: 97 }),
        a: fc.integer({ min: -12, max: 15 }),
        b: fc.integer({ min: -8, max: 25 }),
      }),
      candidate: fc.record({
        l: fc.double({ min: 25, max: 97, noNaN: true }),
        a: fc.double({ min: -10, max: 12, noNaN: true }),
        b: fc.double({ min: -8, max: 26, noNaN: true }),
      }),
      along: fc.constantFrom([0.1, 0, 0], [0, 0.1, 0], [0, 0, 0.1]),
      kind: fc.constantFrom('fixed' as const, 'furnishing' as const),
      school: fc.constantFrom('share' as const, 'answer' as const),
    });
    fc.assert(
      fc.property(places, ({ stay: there, candidate: c, along, kind, school }) => {
        const at = (candidate: Lab, lab: Lab) =>
          relation({ name: 'thing', kind, components: [{ name: 'all', share: 1, lab }] }, candidate, school).cost;
        const moved = (l: Lab): Lab => ({ l: l.l + along[0]!, a: l.a + along[1]!, b: l.b + along[2]! });
        expect(Math.abs(at(moved(c), there) - at(c, there))).toBeLessThan(0.5);
        expect(Math.abs(at(c, moved(there)) - at(c, there))).toBeLessThan(0.5);
      }),
      { seed: 12, numRuns: 4000 },
    );
  });

  test('a fixed finish never takes an answer from across the hue circle; a furnishing may', () => {
    const teal = { name: 'teal', share: 1, lab: { l: 42, a: -22, b: -14 } };
    const charcoal = { l: 46, a: -1.4, b: 3.2 };
    expect(relation({ name: 'cushion', kind: 'furnishing', components: [teal] }, charcoal, 'answer').verdict).toBe('works');
    const fixed = relation({ name: 'tile', kind: 'fixed', components: [teal] }, charcoal, 'answer');
    expect(fixed).toEqual(relation({ name: 'tile', kind: 'fixed', components: [teal] }, charcoal, 'share'));
  });

  test('a thing without components is a caller’s bug', () => {
    expect(() => relation({ name: 'nothing', kind: 'fixed', components: [] }, { l: 50, a: 0, b: 0 })).toThrow(RangeError);
  });
});
