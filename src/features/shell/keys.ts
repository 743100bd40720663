/** Keys with what they do, as the keyboard map shows them. */
export type KeyRow = readonly [keys: string, does: string];
export type KeyGroup = { readonly title: string; readonly rows: readonly KeyRow[] };

/** Keys of the ribbon and the frame, in every room. */
export const EVERYWHERE: KeyGroup = {
  title: 'Everywhere in a room',
  rows: [
    ['D  B  O  Y', 'sky: clear, broken, overcast, of the day'],
    ['L', 'lamps on or off'],
    ['[  ]', 'a quarter of an hour back, on; with Shift an hour'],
    ['T', 'now'],
    ['V', 'as it looks, or as in the deck'],
    ['Z', 'undo, whatever was written last; Shift+Z: do it again'],
    ['?', 'this list'],
  ],
};
