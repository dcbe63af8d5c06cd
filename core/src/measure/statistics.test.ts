import { describe, expect, it } from 'vitest';
import { column, dataset } from '../../checks/adapters/openData.ts';
import { allometric, allometry, fittedLine, mean, median } from './statistics.ts';

describe('statistics', () => {
  it('finds the line that the points lie on', () => {
    const line = fittedLine([
      [0, 3],
      [1, 5],
      [4, 11],
    ]);
    expect(line.slope).toBeCloseTo(2, 12);
    expect(line.intercept).toBeCloseTo(3, 12);
  });

  it('refuses what has no mean, no median, no line and no logarithm', () => {
    expect(() => mean([])).toThrow(/no mean/);
    expect(() => median([])).toThrow(/no median/);
    expect(() =>
      fittedLine([
        [1, 2],
        [1, 3],
      ]),
    ).toThrow(/two different x/);
    expect(() =>
      allometry([
        [0, 1],
        [2, 3],
      ]),
    ).toThrow(/above zero/);
  });

  it('takes the middle of an even and of an odd list', () => {
    expect(median([5, 1, 3])).toBe(3);
    expect(median([4, 1, 3, 2])).toBe(2.5);
  });

  // Geometry: the volume of similar bodies goes with the cube of their length.
  it('gives volume against length of similar bodies the exponent 3', () => {
    const fit = allometry([1, 2, 5, 9].map((l) => [l, 0.7 * l ** 3]));
    expect(fit.exponent).toBeCloseTo(3, 12);
    expect(allometric(fit, 4)).toBeCloseTo(0.7 * 64, 9);
  });
});

// Public tables, with source and licence beside them in core/checks/datasets.
describe('public data', () => {
  // Penguins of one species differ in mass as their flippers do, but less than similar bodies would.
  it('penguins: mass grows with the flipper, within each species', () => {
    const table = dataset('penguins');
    for (const species of ['Adelie', 'Chinstrap', 'Gentoo']) {
      const whole = (row: Readonly<Record<string, unknown>>): boolean =>
        row['Species'] === species && typeof row['Body Mass (g)'] === 'number';
      const flipper = column(table, 'Flipper Length (mm)', whole);
      const mass = column(table, 'Body Mass (g)', whole);
      const { exponent } = allometry(flipper.map((mm, i) => [mm, mass[i]!]));
      expect(exponent, species).toBeGreaterThan(1);
      expect(exponent, species).toBeLessThan(3.2);
    }
  });

  it('painted turtles: shells keep their shape as they grow, females higher for their length', () => {
    const table = dataset('paintedTurtles');
    const heights = (sex: string) => {
      const of = (name: string) => column(table, name, (row) => row['sexe'] === sex);
      return median(of('haut').map((height, i) => height / of('long')[i]!));
    };
    expect(heights('F')).toBeGreaterThan(heights('M'));
    const fit = allometry(column(table, 'long').map((l, i) => [l, column(table, 'larg')[i]!]));
    expect(fit.exponent).toBeGreaterThan(0.75);
    expect(fit.exponent).toBeLessThan(1.05);
  });

  it('carnivora: our wolf and otter weigh what the table says, to their ranges', () => {
    const table = dataset('carnivora');
    const kg = (species: string) => column(table, 'SW', (row) => row['Species'] === species)[0]!;
    expect(kg('Canis lupus')).toBeGreaterThan(25);
    expect(kg('Canis lupus')).toBeLessThan(55);
    expect(kg('Lutra lutra')).toBeGreaterThan(5);
    expect(kg('Lutra lutra')).toBeLessThan(12);
  });
});
