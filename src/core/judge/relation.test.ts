import fc from 'fast-check';
import golden from '../../../tests/golden/casebook.json';
import type { Lab } from '../colour/types';
import { REASONS } from './reasons';
import { relation, type School, type Stay } from './relation';

const lab = ([l, a, b]: readonly number[]): Lab => ({ l: l!, a: a!, b: b! });
const judge = (entry: (typeof golden.relation)[number]) =>
  relation(
    {
      ...entry.stays,
      kind: entry.stays.kind as Stay['kind'],
      components: entry.stays.components.map((c) => ({ ...c, lab: lab(c.lab) })),
    },
    lab(entry.candidate.lab),
    (entry as { school?: School }).school ?? 'share',
  );

/** Relation cases that must agree in verdict, and in verdict and strongest reason. */
const WANTED = { verdicts: 30, reasons: 27 };

describe('relation, against trade cases (common practice, no published source)', () => {
  test('agrees with the casebook', () => {
    const lines = golden.relation.map((entry) => {
      const found = judge(entry);
      const verdict = entry.accept.includes(found.verdict);
      const free = found.verdict === 'works' || entry.reasons.length === 0;
      const reason = verdict && (free || (entry.reasons as string[]).includes(found.reasons[0] ?? ''));
      return { id: entry.id, found, verdict, reason };
    });
    const [verdicts, reasons] = [lines.filter((l) => l.verdict).length, lines.filter((l) => l.reason).length];
    const said = lines.map(({ id, found, verdict, reason }) => {
      const mark = !verdict ? 'VERDICT' : reason ? 'agrees' : 'reason';
      return `  ${mark.padEnd(8)}${id}: ${[found.verdict, ...found.reasons].join(', ')}\n`;
    });
    process.stdout.write(
      `casebook: ${verdicts} of ${lines.length} verdicts, ${reasons} with the strongest reason\n${said.join('')}`,
    );
    expect(verdicts).toBeGreaterThanOrEqual(WANTED.verdicts);
    expect(reasons).toBeGreaterThanOrEqual(WANTED.reasons);
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

  test('a candidate identical to the only component blends or is shared, and never clashes', () => {
    fc.assert(
      fc.property(colour, (l) => {
        const found = relation({ name: 'thing', kind: 'fixed', components: [{ name: 'paint', share: 1, lab: l }] }, l);
        expect(found.verdict).not.toBe('no');
        expect(found.reasons.every((r) => r === 'too-close')).toBe(true);
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
        expect(found.reasons.every((r) => REASONS.includes(r))).toBe(true);
        expect(found.reasons.length > 0).toBe(found.verdict !== 'works');
      }),
      { seed: 10 },
    );
  });

  test('one more component never makes the weakest link stronger', () => {
    fc.assert(
      fc.property(stay, colour, colour, (thing, extra, candidate) => {
        const share = thing.components[0]!.share;
        const more = { ...thing, components: [...thing.components, { name: 'extra', share, lab: extra }] };
        expect(relation(more, candidate).cost).toBeGreaterThanOrEqual(relation(thing, candidate).cost - 1e-12);
      }),
      { seed: 11 },
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
