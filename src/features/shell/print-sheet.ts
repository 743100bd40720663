'use client';

import { useEffect } from 'react';
import type { Units } from '@/core/units/length';
import type { Step } from '../session/address';

/** Steps that are printed as papers, upright; the others lie on their side. */
const UPRIGHT: ReadonlySet<Step> = new Set<Step>(['handover', 'record']);

type Sheet = { readonly title: string; readonly units: Units; readonly step: Step };

/** Text as a string of CSS. */
const quoted = (text: string): string => `"${text.replace(/[\\"]/g, '\\$&').replace(/[\n\r\f]/g, ' ')}"`;

/** How every printed sheet is made up: paper of the place, what is printed, and which page of how many it is (CSS Paged Media 3). */
export function printRules({ title, units, step }: Sheet): string {
  const size = `${units === 'imperial' ? 'letter' : 'A4'} ${UPRIGHT.has(step) ? 'portrait' : 'landscape'}`;
  const font = 'font: 9pt sans-serif; color: #333;';
  return `@page { size: ${size}; margin: 14mm;
    @bottom-left { content: ${quoted(title)}; ${font} }
    @bottom-right { content: "page " counter(page) " of " counter(pages); ${font} } }`;
}

/** Makes up the sheets of what is on the screen, for whenever it is printed. */
export function usePrintSheet({ title, units, step }: Sheet): void {
  useEffect(() => {
    // made by the page's own script: no style stands in the document, and none may
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(printRules({ title, units, step }));
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== sheet);
    };
  }, [title, units, step]);
}
