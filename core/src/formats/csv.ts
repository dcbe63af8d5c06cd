/** A cell of a table: text, a number, or nothing. */
export type Cell = string | number | undefined;

/**
 * A table as CSV after RFC 4180: commas, CRLF, quotes only where needed. Numbers use a point. Text
 * that a spreadsheet would take for a formula is given a leading apostrophe.
 */
export function csvText(header: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return [header, ...rows].map((row) => row.map(cellText).join(',')).join('\r\n') + '\r\n';
}

function cellText(cell: Cell): string {
  if (cell === undefined) return '';
  if (typeof cell === 'number') return String(cell);
  const safe = /^[=+\-@\t]/.test(cell) ? `'${cell}` : cell;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}
