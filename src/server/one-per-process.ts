/**
 * What this process has once, however often the module that asks for it is loaded: pages, routes and the border are bundled apart, and each
 * would make its own.
 */
export function onePerProcess<T extends object>(name: string, make: () => T): T {
  const holder = globalThis as { [key: symbol]: T | undefined };
  return (holder[Symbol.for(`elm-swatch.${name}`)] ??= make());
}
