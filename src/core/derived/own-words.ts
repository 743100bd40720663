/** Fields that hold what people typed or what makers call things, in whatever part of a visit. */
const OWN: ReadonlySet<string> = new Set([
  'name',
  'label',
  'words',
  'wishWords',
  'note',
  'caption',
  'why',
  'leadsTo',
  'lightFrom',
  'mustNotChange',
  'annoys',
  'mayChange',
  'budget',
  'painter',
  'counter',
  'clientName',
  'clientAddress',
  'signedBy',
  'maker',
  'code',
]);

/**
 * Names and texts of a visit that people or makers gave: what stands in no other words anywhere. One word alone is a word like any other.
 */
export function ownWords(value: unknown): ReadonlySet<string> {
  const found = new Set<string>();
  const walk = (one: unknown, key: string): void => {
    if (typeof one === 'string') {
      if (OWN.has(key) && /\s/.test(one.trim())) found.add(one);
    } else if (Array.isArray(one)) for (const part of one) walk(part, key);
    else if (one !== null && typeof one === 'object') for (const [name, part] of Object.entries(one)) walk(part, name);
  };
  walk(value, '');
  return found;
}
