/** What a PDF says, read by pdf.js: its text with single blanks, and the sizes of its pages in points. */
export async function textOfPdf(bytes: Uint8Array): Promise<{ text: string; pages: { width: number; height: number }[] }> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const found = await Promise.all(
    Array.from({ length: document.numPages }, async (_, k) => {
      const page = await document.getPage(k + 1);
      const [, , width, height] = page.view;
      const { items } = await page.getTextContent();
      return {
        text: items.map((item) => ('str' in item ? item.str : '')).join(' '),
        size: { width: Math.round(width!), height: Math.round(height!) },
      };
    }),
  );
  return {
    text: found
      .map((f) => f.text)
      .join(' ')
      .replace(/\s+/g, ' '),
    pages: found.map((f) => f.size),
  };
}
