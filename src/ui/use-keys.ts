'use client';

import { useEffect, useRef } from 'react';

/** True when the key belongs to something being typed in or chosen from. */
const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/**
 * Single keys of a screen, by `KeyboardEvent.key` (letters in lower case). Ignored while typing, with Ctrl, Alt or Meta held, and while a
 * dialog is open; a handler that returns false leaves the key to the browser.
 */
export function useKeys(handlers: Readonly<Record<string, () => void | false>>): void {
  const latest = useRef(handlers);
  useEffect(() => {
    latest.current = handlers;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.altKey || event.metaKey || isTyping(event.target)) return;
      if (document.querySelector('[role=dialog],[role=alertdialog]')) return;
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const handler = latest.current[key];
      if (handler && handler() !== false) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
