/** Writes the JSON Schemas of the open formats from the product's own schemas: npx tsx scripts/make-schemas.ts */
import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { deckSchema } from '../src/core/formats/deck/deck';
import { lightSchema } from '../src/core/light/light-request';
import { plannedLightSchema } from '../src/core/light/plan/planned-request';
import { lookAnswersSchema } from '../src/core/formats/look-answers';
import { visitFileSchema } from '../src/core/formats/visit-file';
import { roomRecordSchema } from '../src/core/formats/room-record';

export const SCHEMAS = {
  deck: deckSchema,
  'room-record': roomRecordSchema,
  light: lightSchema,
  'light-planned': plannedLightSchema,
  'look-answers': lookAnswersSchema,
  visit: visitFileSchema,
} as const;
export const schemaText = (name: keyof typeof SCHEMAS): string =>
  `${JSON.stringify(z.toJSONSchema(SCHEMAS[name], { io: 'input' }), null, 1)}\n`;

if (process.argv[1]?.endsWith('make-schemas.ts'))
  for (const name of Object.keys(SCHEMAS) as (keyof typeof SCHEMAS)[])
    writeFileSync(`docs/schemas/${name}.json`, schemaText(name));
