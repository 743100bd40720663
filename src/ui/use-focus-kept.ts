import { useEffect, type RefObject } from 'react';

const FOCUSABLE = 'a[href], button:not([disabled]), input:not([disabled]), select, textarea, [tabindex]:not([tabindex="-1"])';

/** Puts the focus on an element that may take none by itself; from there Tab goes on. */
function focusOn(element: HTMLElement): void {
  if (!element.matches(FOCUSABLE) && !element.hasAttribute('tabindex')) element.tabIndex = -1;
  element.focus({ preventScroll: true });
}

/**
 * Keeps the keyboard's place: where what had the focus is taken away or switched off (a button that was pressed, a dialog's opener, a
 * whole step), the focus goes to the nearest part around it that is still there, instead of to the beginning of the page.
 */
export function useFocusKept(container: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const within = container.current;
    if (!within) return undefined;
    let around: readonly HTMLElement[] = [];
    const onFocus = ({ target }: FocusEvent) => {
      around = [];
      for (let e = target as HTMLElement | null; e && within.contains(e); e = e.parentElement) around = [...around, e];
    };
    const onChange = () => {
      const active = document.activeElement;
      if (around.length === 0 || (active !== null && active !== document.body)) return;
      if (document.querySelector('[role=dialog],[role=alertdialog]')) return;
      const [lost, ...rest] = around;
      // what only lost the focus, because somebody tapped beside it, is not lost
      if (lost!.isConnected && !lost!.matches(':disabled')) return;
      around = [];
      focusOn(rest.find((e) => e.isConnected) ?? within);
    };
    const observer = new MutationObserver(onChange);
    observer.observe(within, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] });
    within.addEventListener('focusin', onFocus);
    return () => {
      observer.disconnect();
      within.removeEventListener('focusin', onFocus);
    };
  }, [container]);
}
