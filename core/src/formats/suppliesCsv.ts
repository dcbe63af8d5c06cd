import * as say from './words.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import {
  SUPPLY_KINDS,
  SUPPLY_UNITS,
  type Supply,
  type SupplyKind,
  type SupplyUnit,
} from '../workshop/workshopSchema.ts';
import { csvRows, csvText } from './csv.ts';

const HEADER = ['kind', 'name', 'unit', 'amount', 'pack', 'price', 'where', 'opened'] as const;
type Row = Readonly<Record<(typeof HEADER)[number], string>>;

/** Supplies as a table: one row a lot. */
export const suppliesCsv = (supplies: readonly Supply[]): string =>
  csvText(
    [...HEADER],
    supplies.map(({ kind, name, unit, amount, pack, price, where, opened }) => [
      ...[kind, name, unit, amount, pack ?? undefined, price ?? undefined],
      ...[where, opened ?? undefined],
    ]),
  );

/**
 * Supplies of a table, without their ids. Refused with a sentence that names the row, what stands in it and what is
 * allowed; nothing is taken of a table with an error.
 */
export function readSuppliesCsv(text: string): Parsed<readonly Omit<Supply, 'id'>[]> {
  const [head = [], ...rows] = csvRows(text);
  const names = head.map((name) => name.trim().toLowerCase());
  const missing = HEADER.slice(0, 4).find((name) => !names.includes(name));
  if (missing !== undefined)
    return refused(say.supplyTable, head.join(', '), say.columnsOf(HEADER.join(', ')));
  const supplies: Omit<Supply, 'id'>[] = [];
  for (const [i, cells] of rows.entries()) {
    const of = (name: string): string => (cells[names.indexOf(name)] ?? '').trim();
    const row = Object.fromEntries(HEADER.map((name) => [name, of(name)])) as Row;
    const read = supplyOf(row, i + 2);
    if (!read.ok) return read;
    supplies.push(read.value);
  }
  return accepted(supplies);
}

const MOST = 1e6;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

function supplyOf(row: Row, line: number): Parsed<Omit<Supply, 'id'>> {
  const { kind, name, unit, opened, where } = row;
  if (!SUPPLY_KINDS.includes(kind as SupplyKind))
    return refused(say.columnInRow('kind', line), kind, SUPPLY_KINDS.join(', '));
  if (!SUPPLY_UNITS.includes(unit as SupplyUnit))
    return refused(say.columnInRow('unit', line), unit, SUPPLY_UNITS.join(', '));
  if (name === '' || name.length > 60)
    return refused(say.columnInRow('name', line), name, say.lettersUpTo(60));
  if (where.length > 60) return refused(say.columnInRow('where', line), where, say.lettersUpTo(60));
  if (opened !== '' && (!DAY.test(opened) || Number.isNaN(Date.parse(opened))))
    return refused(say.columnInRow('opened', line), opened, say.aDay);
  const amount = numberOf(row.amount === '' ? '0' : row.amount, 0);
  if (amount === null) return refused(say.columnInRow('amount', line), row.amount, say.upTo(MOST));
  const pack = row.pack === '' ? null : numberOf(row.pack, 0.01);
  if (pack === null && row.pack !== '')
    return refused(say.columnInRow('pack', line), row.pack, say.upTo(MOST));
  const price = row.price === '' ? null : numberOf(row.price, 0);
  if ((price === null && row.price !== '') || (price ?? 0) > 100_000)
    return refused(say.columnInRow('price', line), row.price, say.upTo(100_000));
  return accepted({
    ...{ kind: kind as SupplyKind, unit: unit as SupplyUnit, name, amount, pack, price, where },
    opened: opened === '' ? null : opened,
  });
}

/** A number with a point or a comma, between limits; null for anything else. */
function numberOf(text: string, least: number): number | null {
  const value = Number(text.replace(',', '.'));
  return Number.isFinite(value) && value >= least && value <= MOST ? value : null;
}
