import Papa from 'papaparse';

/** A cell of a table: text, a number, or nothing. */
export type Cell = string | number | undefined;

/** What a spreadsheet would take for a formula, also behind apostrophes that we put there. */
const FORMULA = /^'*[=+\-@\t\r\n]/;

/**
 * A table as CSV after RFC 4180: commas, CRLF, quotes only where needed. Numbers use a point. Text
 * that a spreadsheet would take for a formula is given a leading apostrophe.
 */
export function csvText(header: readonly string[], rows: readonly (readonly Cell[])[]): string {
  const cells = [header, ...rows].map((row) => row.map(cellText));
  return `${Papa.unparse(cells, { newline: '\r\n' })}\r\n`;
}

function cellText(cell: Cell): string {
  if (cell === undefined) return '';
  if (typeof cell === 'number') return String(cell);
  return FORMULA.test(cell) ? `'${cell}` : cell;
}

/**
 * The rows of a table in CSV, cells as text, without empty rows; apostrophes before formulas are taken
 * off again, so that what {@link csvText} wrote comes back as it was.
 */
export function csvRows(text: string): readonly (readonly string[])[] {
  const { data } = Papa.parse<string[]>(text, { delimiter: ',', skipEmptyLines: 'greedy' });
  return data.map((row) =>
    row.map((cell) => (FORMULA.test(cell) && cell.startsWith("'") ? cell.slice(1) : cell)),
  );
}
