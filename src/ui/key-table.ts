/** Keys that do one kind of thing on a screen, by their names as `namesOf` gives them, and what they do in words. */
export type KeyRow = {
  readonly keys: readonly string[];
  /** How the keys are shown where one by one would be too many. */
  readonly shown?: string;
  readonly does: string;
};
/** The keys of a screen, once: what is pressed, what is hinted at beside buttons, and what the keyboard map lists. */
export type KeyTable<Action extends string = string> = Readonly<Record<Action, KeyRow>>;

const NAMES: Readonly<Record<string, string>> = {
  ArrowLeft: '←',
  ArrowRight: '→',
  ArrowUp: '↑',
  ArrowDown: '↓',
  Escape: 'Esc',
  '-': '−',
};
/** A key as it is shown: "W", "→", "Shift+Z". */
export const keyName = (key: string): string =>
  NAMES[key] ?? key.replace(/(^|\+)([a-z])$/, (_, before: string, letter: string) => before + letter.toUpperCase());

/** Every key of a row as it is shown. */
export const keysShown = ({ keys, shown }: KeyRow): string => shown ?? keys.map(keyName).join('  ');

/** What keys do, told which of the row's keys it was (from 0). A handler that returns false leaves the key to the browser. */
export type KeyHandlers<Action extends string> = Readonly<Partial<Record<Action, (which: number) => void | false>>>;

/** Handlers by key, of those actions of a table that are handled here. */
export const handlersByKey = <Action extends string>(
  table: KeyTable<Action>,
  handlers: KeyHandlers<Action>,
): Readonly<Record<string, () => void | false>> =>
  Object.fromEntries(
    (Object.entries(handlers) as [Action, (which: number) => void | false][]).flatMap(([action, handle]) =>
      table[action].keys.map((key, which) => [key, () => handle(which)]),
    ),
  );
