/** What of an element decides whether a key is its own. */
type Element = { readonly tagName: string; readonly type?: string; readonly isContentEditable?: boolean };

/** Kinds of input that no text is typed into. */
const NO_TEXT: ReadonlySet<string> = new Set([
  'button',
  'checkbox',
  'color',
  'file',
  'image',
  'radio',
  'range',
  'reset',
  'submit',
]);
/** Keys by which one chooses in a list, a row of choices or a slider. */
const CHOOSING: ReadonlySet<string> = new Set([
  'ArrowUp',
  'ArrowDown',
  'ArrowLeft',
  'ArrowRight',
  'Home',
  'End',
  'PageUp',
  'PageDown',
  'Enter',
  ' ',
]);

/**
 * True when a key belongs to the element it is pressed in: anything where text is typed, a list included, and only the choosing keys
 * where one chooses.
 */
export function isOwnKey(element: Element, key: string): boolean {
  // in a list letters find what begins with them
  if (element.isContentEditable === true || element.tagName === 'TEXTAREA' || element.tagName === 'SELECT') return true;
  if (element.tagName !== 'INPUT') return false;
  return NO_TEXT.has(element.type ?? 'text') ? CHOOSING.has(key) : true;
}

type Pressed = { readonly key: string; readonly shiftKey: boolean; readonly ctrlKey: boolean; readonly metaKey: boolean };

/** The names a key is looked up under, in turn: "Ctrl+Shift+z"; "Shift+z", then "z"; "{". */
export function namesOf({ key, shiftKey, ctrlKey, metaKey }: Pressed): readonly string[] {
  const plain = key.length === 1 ? key.toLowerCase() : key;
  const letter = /^[a-z]$/.test(plain);
  const shift = shiftKey && (letter || key.length > 1) ? 'Shift+' : '';
  if (ctrlKey || metaKey) return [`Ctrl+${shift}${plain}`];
  return shift ? [`Shift+${plain}`, plain] : [plain];
}
