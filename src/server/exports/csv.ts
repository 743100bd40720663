import Papa from 'papaparse';

/** Cells that a spreadsheet would run as a formula, also behind leading blanks or in full width. */
const RUNS_AS_FORMULA = /^\s*[=+\-@\t\r＝＋－＠]/;
/** Excel takes a CSV for UTF-8 only behind this mark. */
const BYTE_ORDER_MARK = '\uFEFF';

/** A CSV file (RFC 4180, UTF-8) of rows of strings and numbers; text that a spreadsheet would run is put behind an apostrophe. */
export function csvFile(columns: readonly string[], rows: readonly Readonly<Record<string, string | number>>[]): string {
  const body = Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) },
    { newline: '\r\n', escapeFormulae: RUNS_AS_FORMULA },
  );
  return `${BYTE_ORDER_MARK}${body}\r\n`;
}
