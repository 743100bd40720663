import type { Random } from '@/core/base/random';

/** Values made from a JSON Schema (draft 2020-12, as Zod writes it): such as it asks for, and such as it does not. */
type Schema = Readonly<Record<string, unknown>>;
export type Draw = {
  readonly random: Random;
  /** An id for a member of that name: one that is there, or a fresh one now and then. */
  readonly id: (member: string) => string;
};

const pick = <T>(random: Random, all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
const WORDS = ['Hall', 'tea', ' x ', 'Ünder', '🛋️', "'; drop table room; --", '<b>', '=1+1', ''];

type Text = { readonly format?: string; readonly pattern?: string; readonly minLength?: number };
function textOf({ format, pattern, minLength = 0 }: Text, draw: Draw, member: string): string {
  if (format === 'uuid') return draw.id(member);
  if (format === 'date-time') return new Date(Date.UTC(2026, 1, 1) + Math.floor(draw.random() * 1e10)).toISOString();
  if (format === 'date') return `2026-0${1 + Math.floor(draw.random() * 9)}-1${Math.floor(draw.random() * 10)}`;
  if (pattern?.includes('[0-9a-f]{64}')) return '0123456789abcdef'.repeat(4);
  if (pattern?.includes('wall-')) return 'wall-1';
  return pick(draw.random, WORDS).padEnd(minLength, 'x');
}

function numberOf({ type, minimum, maximum, exclusiveMinimum }: Record<string, unknown>, { random }: Draw): number {
  const from = Number(minimum ?? exclusiveMinimum ?? -10);
  const to = Math.min(Number(maximum ?? from + 100), from + 1e6);
  const value = from + random() * Math.max(0, to - from);
  return type === 'integer' ? Math.round(value) : value;
}

/** A value that a schema takes, as far as the schema says it. */
type At = { readonly root: Schema; readonly member: string };
export function valueOf(schema: Schema, draw: Draw, at: At = { root: schema, member: '' }): unknown {
  const { random } = draw;
  if (typeof schema['$ref'] === 'string') {
    const path = schema['$ref'].replace('#/', '').split('/');
    const named = path.reduce<Schema>((inner, key) => (inner[key] ?? {}) as Schema, at.root);
    return valueOf(named, draw, at);
  }
  if ('const' in schema) return schema['const'];
  if (Array.isArray(schema['enum'])) return pick(random, schema['enum'] as unknown[]);
  const options = (schema['anyOf'] ?? schema['oneOf']) as Schema[] | undefined;
  if (options) return valueOf(pick(random, options), draw, at);
  switch (schema['type']) {
    case 'object': {
      const properties = (schema['properties'] ?? {}) as Record<string, Schema>;
      const required = new Set((schema['required'] ?? []) as string[]);
      const named = Object.entries(properties).filter(([key]) => required.has(key) || random() < 0.6);
      return Object.fromEntries(named.map(([key, inner]) => [key, valueOf(inner, draw, { ...at, member: key })]));
    }
    case 'array': {
      const fixed = schema['prefixItems'] as Schema[] | undefined;
      if (fixed) return fixed.map((inner) => valueOf(inner, draw, at));
      const least = Number(schema['minItems'] ?? 0);
      const count = Math.min(Number(schema['maxItems'] ?? 3), least + Math.floor(random() * 3));
      return Array.from({ length: count }, () => valueOf((schema['items'] ?? {}) as Schema, draw, at));
    }
    case 'string':
      return textOf(schema as never, draw, at.member);
    case 'number':
    case 'integer':
      return numberOf(schema, draw);
    case 'boolean':
      return random() < 0.5;
    default:
      return null;
  }
}

const POISON: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  2 ** 31,
  2 ** 53,
  1e308,
  '',
  'a\0b',
  '\ud800',
  'x'.repeat(5000),
  '0000-01-01T00:00:00.000Z',
  '9999-12-31',
  [],
  {},
  [[[[[[]]]]]],
  { toString: 1, __proto__: 2, constructor: 3 },
];

/** A value with one of its parts replaced by something that does not belong there, taken out, or added. */
export function poisoned(value: unknown, random: Random): unknown {
  if (typeof value !== 'object' || value === null || random() < 0.25) return pick(random, POISON);
  const keys = Object.keys(value);
  if (Array.isArray(value)) {
    if (keys.length === 0) return [pick(random, POISON)];
    return value.with(Math.floor(random() * value.length), poisoned(value[Math.floor(random() * value.length)], random));
  }
  const plain = value as Record<string, unknown>;
  if (keys.length === 0 || random() < 0.15) return { ...plain, [pick(random, ['extra', 'name', 'id'])]: pick(random, POISON) };
  const key = pick(random, keys);
  if (random() < 0.15) return Object.fromEntries(Object.entries(plain).filter(([k]) => k !== key));
  return { ...plain, [key]: poisoned(plain[key], random) };
}
