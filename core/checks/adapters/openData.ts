import { readFileSync } from 'node:fs';
import { allometry, mean } from '../../src/measure/statistics.ts';
import type { Adapter } from '../checkFile.ts';

/** A public table of measurements that ships as a fixture, with its source and licence. */
export interface Dataset {
  readonly name: string;
  readonly source: string;
  readonly licence: string;
  readonly columns: readonly string[];
  readonly rows: readonly (readonly (string | number | null)[])[];
}

/** One of the tables in `core/checks/datasets`. */
export const dataset = (file: string): Dataset =>
  JSON.parse(readFileSync(new URL(`../datasets/${file}.json`, import.meta.url), 'utf8')) as Dataset;

/** The values of a column in the rows that a test of another column keeps; gaps are left out. */
export function column(
  { columns, rows }: Dataset,
  name: string,
  keep: (row: Readonly<Record<string, unknown>>) => boolean = () => true,
): readonly number[] {
  const at = columns.indexOf(name);
  return rows
    .filter((row) => keep(Object.fromEntries(columns.map((key, i) => [key, row[i]]))))
    .map((row) => row[at])
    .filter((value): value is number => typeof value === 'number');
}

/** Public tables, told by their columns; the core's own statistics make every figure from them. */
export const openData: Adapter = (entry) => {
  const columns = entry.input['columns'];
  if (Array.isArray(entry.input['columns npm'])) return penguins(Object.keys(entry.expected));
  if (Array.isArray(columns) && columns.join() === 'long,larg,haut,sexe') return turtles();
  if (typeof columns === 'string' && columns.startsWith('Order SuperFamily'))
    return carnivora(entry.expected['sample']);
  return {};
};

function penguins(keys: readonly string[]): Readonly<Record<string, unknown>> {
  const table = dataset('penguins');
  const of = (name: string, species: string): readonly number[] =>
    column(table, name, (row) => row['Species'] === species);
  const means = Object.fromEntries(
    ['Adelie', 'Chinstrap', 'Gentoo'].map((species) => [
      species,
      {
        n: of('Beak Length (mm)', species).length,
        beak_length_mean: mean(of('Beak Length (mm)', species)),
        beak_depth_mean: mean(of('Beak Depth (mm)', species)),
        flipper_mean: mean(of('Flipper Length (mm)', species)),
        mass_mean: mean(of('Body Mass (g)', species)),
      },
    ]),
  );
  const first = Object.fromEntries(table.columns.map((name, i) => [name, table.rows[0]?.[i]]));
  return {
    rows: table.rows.length,
    per_species_means: means,
    ...(keys.includes('first_row') ? { first_row: first } : {}),
  };
}

function turtles(): Readonly<Record<string, unknown>> {
  const table = dataset('paintedTurtles');
  const means = (sex: string): readonly number[] =>
    ['long', 'larg', 'haut'].map((name) => mean(column(table, name, (row) => row['sexe'] === sex)));
  const ratio = (name: string): number =>
    mean(column(table, name).map((value, i) => value / column(table, 'long')[i]!));
  return {
    rows: table.rows.length,
    male_mean: means('M'),
    female_mean: means('F'),
    'width/length': ratio('larg'),
    'height/length': ratio('haut'),
  };
}

function carnivora(sample: unknown): Readonly<Record<string, unknown>> {
  const table = dataset('carnivora');
  const whole = (row: Readonly<Record<string, unknown>>): boolean =>
    typeof row['SW'] === 'number' && typeof row['SB'] === 'number';
  const body = column(table, 'SW', whole);
  const brain = column(table, 'SB', whole);
  const fit = allometry(body.map((kg, i) => [kg, brain[i]!]));
  const asked = Object.keys(typeof sample === 'object' && sample !== null ? sample : {});
  const rowOf = (species: string) => {
    const row = table.rows.find(([name]) => name === species);
    return Object.fromEntries(table.columns.map((name, i) => [name, row?.[i]]));
  };
  return {
    rows: table.rows.length,
    sample: Object.fromEntries(asked.map((species) => [species, rowOf(species)])),
    'log10 brain vs log10 body: slope, intercept': [fit.exponent, fit.logFactor],
  };
}
