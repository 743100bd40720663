import { keptLightOf } from '@/core/derived/judging-light';
import { OPERATION_VERSION, operationSchema } from './operations';

type Plain = Readonly<Record<string, unknown>>;
const isPlain = (value: unknown): value is Plain => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Before version 1 a verdict could carry a light that was not its moment's, and a prediction that did not say where it was made. */
function verdictOf0(write: Plain): Plain {
  const moment = isPlain(write['moment']) ? { lux: null, ...write['moment'] } : null;
  const light = moment ? keptLightOf(moment as unknown as Parameters<typeof keptLightOf>[0]) : write['light'];
  return { ...write, moment, light, predicted: null, predictedIn: null };
}

/** An operation of any version as one of today's; what is none is given back as it is, for the schema to refuse. */
export function upgradeOperation(given: unknown): unknown {
  if (!isPlain(given) || given['version'] !== undefined || !isPlain(given['write'])) return given;
  const { write } = given;
  return { ...given, version: OPERATION_VERSION, write: write['name'] === 'verdict.give' ? verdictOf0(write) : write };
}

/** Reads an operation of any version. */
export const readOperation = (given: unknown) => operationSchema.safeParse(upgradeOperation(given));
