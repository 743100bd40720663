import type { TextStorage } from './ports';
import { makeListeners } from '@/ui/listeners';

/** Something typed that could not be saved yet: kept as it was typed, with where it stands. */
export type Draft = {
  readonly text: string;
  /** In words: "Sill of window 2 · Kitchen". */
  readonly where: string;
  /** The address of its screen. */
  readonly href: string;
};

const KEY = 'elm-swatch.draft.';

/**
 * What was typed and is not saved, kept in the window until it is saved or let go, so that leaving a screen loses nothing and nobody is
 * told that all is saved.
 */
export function makeDrafts(storage: TextStorage) {
  const { tell, subscribe } = makeListeners();
  let all: ReadonlyMap<string, Draft> = new Map(
    [...storage.keys()]
      .filter((key) => key.startsWith(KEY))
      .flatMap((key): [string, Draft][] => {
        try {
          return [[key.slice(KEY.length), JSON.parse(storage.get(key)!) as Draft]];
        } catch {
          return [];
        }
      }),
  );
  function set(next: ReadonlyMap<string, Draft>) {
    all = next;
    tell();
  }
  return {
    all: () => all,
    subscribe,
    get: (id: string): Draft | undefined => all.get(id),
    keep(id: string, draft: Draft): void {
      const before = all.get(id);
      if (before?.text === draft.text && before.where === draft.where) return;
      storage.set(KEY + id, JSON.stringify(draft));
      set(new Map([...all, [id, draft]]));
    },
    drop(id: string): void {
      if (!all.has(id)) return;
      storage.remove(KEY + id);
      set(new Map([...all].filter(([key]) => key !== id)));
    },
  };
}
export type Drafts = ReturnType<typeof makeDrafts>;
