import type { Workpiece } from './workshop/workpiece.ts';
import { existsSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ANIMALS } from './anatomy/registry.ts';
import { demoWorkpieces } from './start/demoPieces.ts';
import type { Working } from './piece/working.ts';
import { compareSchemes } from './schemes/compareSchemes.ts';
import { usualZone } from './piece/skinSchema.ts';
import { planPiece } from './plan.ts';
import { evaluated } from './testing/formula.ts';
import { splitAt, waysOf, withWays } from './wire/routeEdits.ts';
import { newWorkpiece, changed, otterPiece, plainPiece, wholePlan } from './testing/samples.ts';

const ROOT = new URL('../../', import.meta.url);
/** Decisions that bring out what the demonstration and the plain animals do not show. */
const OTHERS: readonly Workpiece[] = [
  changed(otterPiece(), 'wire', { posable: true, freeJoints: ['femur.L', 'skull'] }),
  changed(plainPiece(), 'wire', { binder: { ...plainPiece().wire.binder, kind: 'putty' } }),
  changed(plainPiece(), 'wire', { scheme: 'folded-pair' }),
  changed(plainPiece(), 'wire', { scheme: 'coiled-trunk' }),
  changed(plainPiece(), 'wire', { scheme: 'back-iron' }),
  changed(plainPiece(), 'wire', {
    scheme: 'base-rods',
    rod: { ...plainPiece().wire.rod, thread: 'M4' },
  }),
  changed(plainPiece(), 'measure', { scale: { by: 'oven' }, onBoard: false }),
  changed(plainPiece(), 'measure', { scale: { by: 'oven' }, onBoard: true }),
  changed(plainPiece(), 'measure', { scale: { by: 'board', lengthMm: 300, widthMm: 120 } }),
  changed(plainPiece(), 'stance', { gait: { id: 'walk', moment: 0.3, strideMm: null } }),
  changed(plainPiece(), 'stance', { hold: 'wall' }),
  changed(plainPiece(), 'stance', {
    weight: { boneId: 'thoracic', along: 0.5, grams: 40, metal: 'lead' },
  }),
  changed(plainPiece(), 'stance', { ground: { kind: 'step', riseMm: 12, fromMm: 0 } }),
  changed(plainPiece(), 'measure', { scale: { by: 'eye', mm: 4 } }),
  changed(plainPiece(), 'mass', { shellClay: plainPiece().mass.clay }),
  changed(plainPiece(), 'mass', { clay: { ...plainPiece().mass.clay, classId: 'epoxy' } }),
  changed(plainPiece(), 'skin', {
    zones: Object.fromEntries(
      ['back', 'flanks', 'belly', 'tail'].map((id) => [id, { ...usualZone('fibre'), hairMm: 30 }]),
    ),
  }),
  changed(plainPiece(), 'skin', {
    zones: {
      ...{ back: usualZone('planted'), flanks: usualZone('wefts'), belly: usualZone('flock') },
      tail: { ...usualZone('carved'), overlap: 0.4, wideMm: 3 },
    },
  }),
  changed(plainPiece(), 'wire', {
    stock: [],
    sold: [3, 5].map((price, i) => ({
      metal: plainPiece().wire.spine.metal,
      size: [plainPiece().wire.spine, plainPiece().wire.limbs['hind-legs']!][i]!.size,
      ...{ lengthMm: 2000, price },
    })),
  }),
  splitRoute(),
  changed(plainPiece(), 'cure', { setC: 125, minutes: { parts: 20, finish: 60 } }),
];

/** The wire of the hind legs cut in two: its ends lie beside each other. */
function splitRoute(): Workpiece {
  const piece = plainPiece();
  const key = 'limbs:hind-legs';
  const split = splitAt(waysOf(planPiece(piece).wire.wires, key), 0, 3);
  if (!split.ok) throw new Error('the route was not split');
  return withWays(piece, key, split.value);
}

/** With their bakes but for animals of a plan that has had its turn, which have them in the long run. */
const CASES: readonly (readonly [string, Workpiece, boolean])[] = [
  ...demoWorkpieces().map((piece) => [piece.name, piece, true] as const),
  ...ANIMALS.map((animal, i) => {
    const isFirst = ANIMALS.findIndex(({ planId }) => planId === animal.planId) === i;
    return [animal.name, newWorkpiece('plain', 'Plain', animal.id), isFirst || __LONG__] as const;
  }),
  ...OTHERS.map((piece, i) => [`other decisions ${i + 1}`, piece, true] as const),
];

/** Formulas whose inputs do not give the value, as sentences. */
function faults(workings: readonly Working[]): readonly string[] {
  return workings.flatMap((working): string[] => {
    if (working.formula === undefined) return [];
    const found = evaluated(working);
    const off = Math.abs(found - working.value) / Math.max(1, Math.abs(working.value));
    return off <= 1e-9
      ? []
      : [`${working.id}: ${working.formula} gives ${found}, told is ${working.value}`];
  });
}

describe('the reckoning of every number', () => {
  it.each(CASES)('%s: each formula gives its value from its inputs', (_, piece, withBakes) => {
    const plan = wholePlan(piece, withBakes);
    expect(plan.workings.length).toBeGreaterThan(100);
    expect(faults(plan.workings)).toEqual([]);
    const checks = plan.workings.flatMap(({ reading }) => (reading ? [reading.checkedBy] : []));
    for (const file of new Set(checks)) expect(existsSync(new URL(file, ROOT)), file).toBe(true);
  });

  it('holds for the schemes that are compared', () => {
    const costs = compareSchemes(wholePlan(otterPiece()));
    const workings = costs.flatMap(({ metres, joints, minutes, worst }) =>
      [metres, joints, minutes, worst].filter((working) => working !== null),
    );
    expect(workings.length).toBeGreaterThan(15);
    expect(faults(workings)).toEqual([]);
  });

  it('tells a formula that does not give its value, and one that cannot be read', () => {
    const [working] = wholePlan(plainPiece()).workings.filter(
      ({ formula }) => formula === 'l = L / n',
    );
    expect(faults([working!])).toEqual([]);
    expect(faults([{ ...working!, value: working!.value * 1.01 }])).toHaveLength(1);
    expect(() => evaluated({ ...working!, formula: 'as given' } as Working)).toThrow();
  });
});
