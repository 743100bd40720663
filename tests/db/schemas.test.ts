import { readFileSync } from 'node:fs';
import { SCHEMAS, schemaText } from '../../scripts/make-schemas';

test.each(Object.keys(SCHEMAS) as (keyof typeof SCHEMAS)[])(
  'docs/schemas/%s.json is the schema the product checks with',
  (name) => {
    expect(readFileSync(`docs/schemas/${name}.json`, 'utf8')).toBe(schemaText(name));
  },
);
