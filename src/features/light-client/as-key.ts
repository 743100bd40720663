/** The text of what was asked before: requests are large, and mostly made of the same parts again. */
const texts = new WeakMap<object, string>();
function textOf(part: unknown): string {
  if (typeof part !== 'object' || part === null) return JSON.stringify(part) ?? '';
  const known = texts.get(part);
  if (known !== undefined) return known;
  const text = JSON.stringify(part);
  texts.set(part, text);
  return text;
}

/** One text for one request; its parts must not change once they were asked with. */
export const asKey = (kind: string, request: object) =>
  `${kind} ${Object.entries(request)
    .map(([name, part]) => `${name}:${textOf(part)}`)
    .join()}`;
