import { useEffect, useRef } from 'react';

/** What a field or button is called. */
function nameOf(element: Element | null): string | undefined {
  if (!(element instanceof HTMLElement)) return undefined;
  const labels = 'labels' in element ? (element.labels as NodeListOf<HTMLLabelElement> | null) : null;
  return labels?.[0]?.textContent || element.getAttribute('aria-label') || element.textContent || undefined;
}

/** When everything was made anew under another key, the focus goes to what is called as what had it. */
export function useFocusAgain(key: string): void {
  const last = useRef<{ readonly tag: string; readonly name: string } | undefined>(undefined);
  useEffect(() => {
    const onFocus = ({ target }: FocusEvent) => {
      const name = nameOf(target as Element);
      last.current = name === undefined ? undefined : { tag: (target as Element).tagName, name };
    };
    document.addEventListener('focusin', onFocus);
    return () => document.removeEventListener('focusin', onFocus);
  }, []);
  const before = useRef(key);
  useEffect(() => {
    if (before.current === key) return;
    before.current = key;
    const was = last.current;
    if (!was || document.activeElement !== document.body) return;
    [...document.querySelectorAll<HTMLElement>(was.tag)].find((element) => nameOf(element) === was.name)?.focus();
  }, [key]);
}
