import { v7 } from 'uuid';
import { z } from 'zod';
import { OPERATIONS, type WriteInput, type WriteName } from '@/core/operations/operations';
import type { Draws } from './random-writes';

/** As much of a JSON Schema as the entities of the product come to. */
type Shape = {
  readonly type?: 'object' | 'array' | 'string' | 'number' | 'integer' | 'boolean' | 'null';
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly default?: unknown;
  readonly anyOf?: readonly Shape[];
  readonly oneOf?: readonly Shape[];
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly required?: readonly string[];
  readonly propertyNames?: Shape;
  readonly additionalProperties?: Shape | false;
  readonly items?: Shape;
  readonly prefixItems?: readonly Shape[];
  readonly minItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly format?: string;
  readonly pattern?: string;
  readonly minLength?: number;
  readonly maxLength?: number;
};

const shapes = new Map<WriteName, Shape>();
/** The schema of a write, as its input. */
export function shapeOf(name: WriteName): Shape {
  const shape = shapes.get(name) ?? (z.toJSONSchema(OPERATIONS[name].schema, { io: 'input' }) as Shape);
  shapes.set(name, shape);
  return shape;
}

/** Texts of the patterns that entities know. */
const OF_PATTERN: Readonly<Record<string, readonly string[]>> = {
  '^(wall-\\d{1,2}|by-window|under-lamp)$': ['wall-0', 'wall-3', 'by-window', 'under-lamp'],
  '^[a-z0-9:-]{1,60}$': ['wall-1', 'ceiling', 'trim', 'doors'],
  '^#[0-9a-f]{6}$': ['#d9cbb8', '#8a9a86'],
  '^[0-9a-f]{64}$': ['c'.repeat(64)],
  '^[\\w-]{22}$': ['AbCdEfGhIjKlMnOpQrStUv'],
};

function text(d: Draws, { format, pattern, minLength = 0, maxLength = 40 }: Shape): string {
  if (format === 'uuid') return v7();
  if (format === 'date-time') return d.pick(['2026-09-23T09:00:00.000Z', '2026-10-25T00:30:00.000Z']);
  if (format === 'date') return d.pick(['2026-03-14', '2024-02-29', '2026-10-25']);
  if (pattern !== undefined) return d.pick(OF_PATTERN[pattern] ?? [`no text for ${pattern}`]);
  const words = d.pick([' by the window ', 'Zuidmuur', '=1+1', 'é 漆', '']).slice(0, maxLength);
  return words.trim().length < minLength ? 'Row' : words;
}

/** Bounds that no schema sets. */
const FAR = 100;
function number(d: Draws, { type, minimum, maximum, exclusiveMinimum }: Shape): number {
  const low = Math.max(minimum ?? exclusiveMinimum ?? -FAR, -1e4);
  const drawn = d.number(low, Math.min(maximum ?? low + FAR, low + 1e4));
  const value = type === 'integer' ? Math.round(drawn) : drawn;
  return exclusiveMinimum !== undefined && value <= exclusiveMinimum ? value + 1 : value;
}

/** A value that a schema takes, but for what its refinements say. */
export function drawn(d: Draws, shape: Shape): unknown {
  if (shape.const !== undefined) return shape.const;
  if (shape.enum) return d.pick(shape.enum);
  const among = shape.anyOf ?? shape.oneOf;
  if (among) return drawn(d, d.pick(among));
  switch (shape.type) {
    case 'object':
      return shape.properties ? drawnFields(d, shape) : drawnRecord(d, shape);
    case 'array':
      if (shape.prefixItems) return shape.prefixItems.map((item) => drawn(d, item));
      return Array.from({ length: (shape.minItems ?? 0) + d.pick([0, 1, 2]) }, () => drawn(d, shape.items ?? {}));
    case 'number':
    case 'integer':
      return number(d, shape);
    case 'boolean':
      return d.sometimes(0.5);
    case 'string':
      return text(d, shape);
    default:
      return null;
  }
}

const drawnRecord = (d: Draws, { propertyNames, additionalProperties }: Shape): unknown =>
  additionalProperties ? { [String(drawn(d, propertyNames ?? { const: 'x' }))]: drawn(d, additionalProperties) } : {};

/** An object with its fields, of those that may be left out most; what is given stands as it is. */
function drawnFields(d: Draws, { properties = {}, required = [] }: Shape, given: Readonly<Record<string, unknown>> = {}): object {
  const fields = Object.entries(properties).flatMap(([name, field]): [string, unknown][] => {
    if (name in given) return given[name] === undefined ? [] : [[name, given[name]]];
    return required.includes(name) || d.sometimes(0.7) ? [[name, drawn(d, field)]] : [];
  });
  return Object.fromEntries(fields);
}

type Given<N extends WriteName> = Partial<Extract<WriteInput, { name: N }>>;
/** A write of a kind: what a maker says of it, everything else drawn from its schema. */
export const drawnWrite = <N extends WriteName>(d: Draws, name: N, given: Given<N>): WriteInput =>
  drawnFields(d, shapeOf(name), { name, ...given }) as WriteInput;

/** One member of a list of a write, or one of its objects, drawn from its schema. */
export function drawnPart(d: Draws, name: WriteName, field: string): object {
  const shape = shapeOf(name).properties?.[field];
  if (!shape) throw new RangeError(`${name} has no ${field}`);
  return drawn(d, shape.items ?? shape) as object;
}

/** Paths of the fields of a schema that a value can differ in: "windows.*.sillM". */
export function pathsOf(shape: Shape, at = ''): string[] {
  const under = (name: string) => (at === '' ? name : `${at}.${name}`);
  const parts = [...(shape.anyOf ?? []), ...(shape.oneOf ?? [])].filter((part) => part.type !== 'null');
  if (parts.length > 0) return [...new Set(parts.flatMap((part) => pathsOf(part, at)))];
  if (shape.properties)
    return Object.entries(shape.properties).flatMap(([name, field]) =>
      field.const === undefined ? pathsOf(field, under(name)) : [],
    );
  if (shape.items) return [at, ...pathsOf(shape.items, under('*'))];
  if (shape.additionalProperties) return pathsOf(shape.additionalProperties, under('*'));
  return at === '' ? [] : [at];
}

/** Paths at which a value says something: what is null, empty or a default of its schema says nothing. */
export function saidIn(value: unknown, shape: Shape, at = ''): string[] {
  const under = (name: string) => (at === '' ? name : `${at}.${name}`);
  const nothing = value === null || value === undefined || value === '' || (Array.isArray(value) && value.length === 0);
  if (nothing || JSON.stringify(value) === JSON.stringify(shape.default)) return [];
  const parts = [...(shape.anyOf ?? []), ...(shape.oneOf ?? [])];
  if (parts.length > 0) return parts.flatMap((part) => saidIn(value, part, at));
  if (Array.isArray(value)) return [at, ...value.flatMap((one) => saidIn(one, shape.items ?? {}, under('*')))];
  if (typeof value === 'object')
    return Object.entries(value).flatMap(([name, one]) => {
      const field = shape.properties?.[name];
      return saidIn(one, field ?? (shape.additionalProperties || {}), field ? under(name) : under('*'));
    });
  return [at];
}
