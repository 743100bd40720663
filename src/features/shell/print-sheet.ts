'use client';

import { useEffect } from 'react';
import { SHEET_NAMES, type Habits } from '@/core/units/habits';
import type { Step } from '../session/address';

/** Steps that are printed as papers, upright; the others lie on their side. */
const UPRIGHT: ReadonlySet<Step> = new Set<Step>(['handover', 'record']);

type Sheet = { readonly title: string; readonly sheet: Habits['sheet']; readonly step: Step };

/** Text as a string of CSS. */
const quoted = (text: string): string => `"${text.replace(/[\\"]/g, '\\$&').replace(/[\n\r\f]/g, ' ')}"`;

/** How every printed sheet is made up: paper of the place, what is printed, and which page of how many it is (CSS Paged Media 3). */
export function printRules({ title, sheet, step }: Sheet): string {
  const size = `${SHEET_NAMES[sheet]} ${UPRIGHT.has(step) ? 'portrait' : 'landscape'}`;
  const font = 'font: 9pt sans-serif; color: #333;';
  return `@page { size: ${size}; margin: 14mm;
    @bottom-left { content: ${quoted(title)}; ${font} }
    @bottom-right { content: "page " counter(page) " of " counter(pages); ${font} } }`;
}

/** Makes up the sheets of what is on the screen, for whenever it is printed. */
export function usePrintSheet({ title, sheet, step }: Sheet): void {
  useEffect(() => {
    // made by the page's own script: no style stands in the document, and none may
    const made = new CSSStyleSheet();
    made.replaceSync(printRules({ title, sheet, step }));
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, made];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== made);
    };
  }, [title, sheet, step]);
}
