'use client';

import { useEffect, useEffectEvent } from 'react';
import { handlersByKey, type KeyHandlers, type KeyTable } from './key-table';
import { isOwnKey, namesOf } from './keys';

/**
 * Single keys of a screen, by `KeyboardEvent.key` (letters in lower case; "Shift+z" and "Ctrl+z" where they mean something else). Ignored
 * while text is typed and while a dialog is open; a handler that returns false leaves the key to the browser.
 */
function useKeys(handlers: Readonly<Record<string, () => void | false>>): void {
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    if (event.altKey || (event.target instanceof HTMLElement && isOwnKey(event.target, event.key))) return;
    if (event.target instanceof Element && event.target.closest('[role=menu],[role=listbox]')) return;
    if (document.querySelector('[role=dialog],[role=alertdialog]')) return;
    const handler = namesOf(event)
      .map((name) => handlers[name])
      .find((known) => known !== undefined);
    if (handler && handler() !== false) event.preventDefault();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => onKey(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}

/** The keys of a table that this screen handles. */
export const useTableKeys = <Action extends string>(table: KeyTable<Action>, handlers: KeyHandlers<Action>): void =>
  useKeys(handlersByKey(table, handlers));

/** After a list was chosen from by hand the keys are the screen's again; chosen from by keys, the list keeps them until it is left. */
export function useFocusBack(): void {
  useEffect(() => {
    let byHand = false;
    const onPointer = () => (byHand = true);
    const onKey = () => (byHand = false);
    const onChange = ({ target }: Event) => {
      if (byHand && target instanceof HTMLSelectElement) target.blur();
    };
    window.addEventListener('pointerdown', onPointer, true);
    window.addEventListener('keydown', onKey, true);
    window.addEventListener('change', onChange);
    return () => {
      window.removeEventListener('pointerdown', onPointer, true);
      window.removeEventListener('keydown', onKey, true);
      window.removeEventListener('change', onChange);
    };
  }, []);
}
