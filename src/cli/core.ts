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
process.stdout.write(`${JSON.stringify(requests.map((request) => answer(operation, request)))}\n`);
