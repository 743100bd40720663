import { readFileSync } from 'node:fs';
import { answer, OPERATIONS } from './requests';

const operation = process.argv[2] ?? '';
if (!Object.hasOwn(OPERATIONS, operation)) {
  process.stderr.write(`usage: bin/core OPERATION < requests.json\noperations: ${Object.keys(OPERATIONS).join(', ')}\n`);
  process.exit(2);
}
let requests: unknown;
try {
  requests = JSON.parse(readFileSync(0, 'utf8'));
} catch {
  requests = undefined;
}
if (!Array.isArray(requests)) {
  process.stderr.write('standard input is not a JSON array\n');
  process.exit(1);
}
const asked: readonly unknown[] = requests;

/** One after the other: a picture that is decoded takes hundreds of megabytes. */
async function answers(): Promise<unknown[]> {
  const found: unknown[] = [];
  for (const request of asked) found.push(await answer(operation, request));
  return found;
}
void answers().then((found) => process.stdout.write(`${JSON.stringify(found)}\n`));
