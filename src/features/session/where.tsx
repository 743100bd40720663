'use client';

import { usePathname } from 'next/navigation';
import type { ComponentProps } from 'react';
import { readAddress } from './address';
import { useRoomIds } from './visit-context';

/** The room and step the address names; a room that is not there any more gives way to the first. */
export function useWhere(): { readonly roomId: string; readonly step: string | undefined } {
  const ids = useRoomIds();
  const { roomId, step } = readAddress(usePathname());
  return { roomId: ids.find((id) => id === roomId) ?? ids[0]!, step };
}

/** Said when the address was changed here, at once: what is drawn from it follows a moment later. */
const WENT = 'elm-swatch.went';

/** Goes to another room or step of the same visit without asking the server; Back comes back. */
export function goTo(href: string): void {
  window.history.pushState(null, '', href);
  window.dispatchEvent(new Event(WENT));
}

/** Tells of every change of the address as it happens, so that nobody is led back to it by a drawing that came late. */
export function onWent(listener: (asked: URLSearchParams) => void): () => void {
  const tell = () => listener(new URLSearchParams(window.location.search));
  window.addEventListener(WENT, tell);
  window.addEventListener('popstate', tell);
  return () => {
    window.removeEventListener(WENT, tell);
    window.removeEventListener('popstate', tell);
  };
}

/** The address as it is, which may be ahead of what is drawn: two quick taps must not undo each other. */
export const addressNow = () => readAddress(window.location.pathname);

type LinkProps = ComponentProps<'a'> & {
  readonly href: string;
  /** Where to go when it is tapped, if the address has moved on since the link was drawn. */
  readonly hrefNow?: (now: ReturnType<typeof addressNow>) => string;
};

/** A link within the visit. Opened in a new window, or before the page runs, it is an ordinary link. */
export function VisitLink({ onClick, href, hrefNow, ...rest }: LinkProps) {
  return (
    <a
      href={href}
      onClick={(event) => {
        onClick?.(event);
        if (event.defaultPrevented || event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey)
          return;
        event.preventDefault();
        goTo(hrefNow?.(addressNow()) ?? href);
      }}
      {...rest}
    />
  );
}
