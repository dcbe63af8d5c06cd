/**
 * Teeth in all from the two rows of a dental formula, incisors, canines, premolars and molars of one
 * side: "3.1.4.2" above and "3.1.4.3" below make 42. Undefined where a row is not four counts.
 */
export function totalTeeth(upper: string, lower: string): number | undefined {
  const rows = [upper, lower].map((row) => /^(\d+)\.(\d+)\.(\d+)\.(\d+)$/.exec(row.trim()));
  if (rows.includes(null)) return undefined;
  const counts = rows.flatMap((row) => row!.slice(1).map(Number));
  return 2 * counts.reduce((sum, count) => sum + count, 0);
}
