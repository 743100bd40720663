/** What a text says as JSON, to be checked against a schema; undefined when it is none. */
export function parsedJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
