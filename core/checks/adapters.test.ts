import { describe, expect, it } from 'vitest';
import { ADAPTERS } from './adapters/index.ts';
import { checkFileSchema, type CheckCase } from './checkFile.ts';
import { runChecks } from './runner.ts';

/** A case of a topic with this input and these keys asked for. */
const asked = (input: Record<string, unknown>, expected: Record<string, unknown>): CheckCase => ({
  id: 'own',
  title: '',
  kind: 'value',
  input,
  expected,
  compare: {},
  basis: '',
});
const answer = (topic: string, input: Record<string, unknown>, ...keys: string[]) =>
  ADAPTERS[topic]!(asked(input, Object.fromEntries(keys.map((key) => [key, 0]))));

const CLAY = { k: 0.25, rho: 1700, cp: 1350, h: 12, T0_C: 20, Toven_C: 130, target_C: 110 };

// Cases of our own beside the published ones: adapters read the input, and know no case by its id.
describe('heat conduction', () => {
  it('answers for rods as for slabs and balls, the rod between them', () => {
    const time = (geometry: string): number =>
      answer('heat-conduction', { ...CLAY, geometry, L_or_r0_m: 0.01, 'x*': 0 })[
        'time_s'
      ] as number;
    const [slab, rod, ball] = [time('slab'), time('cylinder'), time('sphere')];
    expect(rod).toBeLessThan(slab);
    expect(rod).toBeGreaterThan(ball);
  });

  it('answers off the middle by the one-term solution alone', () => {
    const input = { ...CLAY, geometry: 'slab', L_or_r0_m: 0.01, 'x*': 0.5 };
    const got = answer('heat-conduction', input);
    expect(got['time_s']).toBeUndefined();
    const middle = answer('heat-conduction', { ...input, 'x*': 0 });
    expect(got['one_term_time_s']).toBeLessThan(middle['one_term_time_s'] as number);
  });

  it('covers nothing where a figure is missing', () => {
    expect(answer('heat-conduction', { k: 0.25, rho: 1700 })).toEqual({});
    expect(answer('heat-conduction', { ...CLAY, geometry: 'cube', L_or_r0_m: 0.01 })).toEqual({});
  });
});

describe('solids', () => {
  it('reads the thickness of a shell from the key that asks for it', () => {
    const got = answer('solids', { a: 10, b: 10, c: 10 }, 'V_outer_shell_t1', 'V_outer_shell_t2.5');
    const ball = (r: number): number => (4 / 3) * Math.PI * r ** 3;
    expect(got['V_outer_shell_t1']).toBeCloseTo(ball(11) - ball(10), 6);
    expect(got['V_outer_shell_t2.5']).toBeCloseTo(ball(12.5) - ball(10), 6);
  });

  it('gives a cylinder as the frustum of equal ends', () => {
    const got = answer('solids', { a1: 5, b1: 5, a2: 5, b2: 5, h: 20 });
    expect(got['V']).toBeCloseTo(Math.PI * 25 * 20, 8);
    expect(got['lateral_area']).toBeCloseTo(2 * Math.PI * 5 * 20, 8);
  });

  it('gives an upright cone as the frustum that ends in a point', () => {
    const got = answer('solids', { a1: 3, b1: 3, a2: 0, b2: 0, h: 4 });
    expect(got['V']).toBeCloseTo((Math.PI * 9 * 4) / 3, 8);
    // Slant √(3² + 4²) = 5.
    expect(got['lateral_area']).toBeCloseTo(Math.PI * 3 * 5, 8);
  });
});

describe('colour', () => {
  it('reads capital letters, and covers no colour that is none', () => {
    expect(answer('colour', { hex: '#C68642' })).toEqual(answer('colour', { hex: '#c68642' }));
    expect(answer('colour', { hex: 'brown' })).toEqual({});
    expect(answer('colour', { pigment: 'ochre' })).toEqual({});
  });
});

describe('animals', () => {
  it('are asked by name in any case, and others are not covered', () => {
    expect(answer('animals', { animal: 'GREY WOLF' })['femur_mm']).toBe(232);
    expect(answer('animals', { animal: 'quagga' })).toEqual({});
    expect(answer('animals', { circumference: 60 })).toEqual({});
  });

  it('are told by their inputs: bones, strides, footfalls, teeth', () => {
    expect(answer('animals', { C_mm: 100 })['Anderson_kg']).toBeCloseTo(
      (0.078 * 100 ** 2.73) / 1000,
      9,
    );
    // A stride of 2.29 hip heights goes with a Froude number of 1 (Alexander 1976).
    expect(answer('animals', { SL: 2.29, h: 1 })['Froude']).toBeCloseTo(1, 1);
    expect(
      answer('animals', { duty: 0.9, phase_fore_after_same_side_hind: 0.25 })['mean_feet_down'],
    ).toBeCloseTo(3.6, 9);
    expect(
      answer('animals', { 'upper I.C.P.M': '3.1.4', 'lower I.C.P.M': '3.1.4.3' })['total_teeth'],
    ).toBeUndefined();
  });

  it('fail a range that they lie outside of', () => {
    const wolf = {
      id: 'own',
      kind: 'range',
      input: { animal: 'grey wolf' },
      expected: { mass_kg: [60, 80], tail_mm: [300, 500] },
    };
    const file = checkFileSchema.parse({ topic: 'animals', cases: [wolf] });
    const report = runChecks(file);
    expect(report.passed).toBe(1);
    expect(report.failures.map(({ mismatch }) => mismatch.key)).toEqual(['mass_kg']);
  });
});

describe('static balance', () => {
  it('shares a weight among three supports by areas, as a second way to the same', () => {
    const P = [
      [0, 0],
      [120, 10],
      [30, 90],
    ];
    const com = [50, 30];
    const area = (a: number[], b: number[], c: number[]): number =>
      ((b[0]! - a[0]!) * (c[1]! - a[1]!) - (c[0]! - a[0]!) * (b[1]! - a[1]!)) / 2;
    const whole = area(P[0]!, P[1]!, P[2]!);
    const shares = [
      area(com, P[1]!, P[2]!) / whole,
      area(P[0]!, com, P[2]!) / whole,
      area(P[0]!, P[1]!, com) / whole,
    ];
    const got = answer('static-balance', { P, com, W_g: 720 }, 'R_g');
    (got['R_g'] as number[]).forEach((r, i) => expect(r).toBeCloseTo(720 * shares[i]!, 8));
  });

  it('asks for no weight where the centre lies well inside', () => {
    const parts = [
      [200, [-20, 0]],
      [100, [0, 0]],
    ];
    const got = answer('static-balance', { parts, edge_x: 30, margin: 5, weight_x: -40 });
    expect(got['mass_needed_g']).toBe(0);
    expect(got['com_x_after']).toBe(got['com_x_before']);
  });
});
