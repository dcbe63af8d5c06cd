import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { loopArea, loopLength } from '../../geometry/contours.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { planPiece } from '../../plan.ts';
import { NEW_FEATHERS, type FeatherChoice } from '../../piece/featherSchema.ts';
import { bladeSheets } from '../../sheets/skin/bladeSheets.ts';
import { evaluated } from '../../testing/formula.ts';
import { changed, newWorkpiece } from '../../testing/samples.ts';
import { bladeWorkings } from './bladePlan.ts';
import { edgeBends, edgePath, lapStrip } from './edgeWire.ts';

const planOf = (animal: string, blades: FeatherChoice['blades'] = {}) =>
  planPiece(
    changed(newWorkpiece('winged', 'Winged', animal), 'skin', {
      feathers: { ...NEW_FEATHERS, blades },
    }),
  );
const own = { way: 'clay', thickMm: null, wireMm: null } as const;

describe('thin wings, fins and membranes', () => {
  it.each([
    'emperor-dragonfly',
    'rhamphorhynchus',
    'northern-pike',
    'harbour-porpoise',
    'stag-beetle',
    'deinonychus',
  ])('%s: every number follows from its formula, and every blade has a template', (id) => {
    const plan = planOf(id);
    expect(plan.skin.blades.length).toBeGreaterThan(0);
    for (const working of bladeWorkings(plan.skin.blades))
      if (working.formula !== undefined)
        expect(evaluated(working), working.id).toBeCloseTo(working.value, 9);
    expect(bladeSheets(plan)).toHaveLength(plan.skin.blades.length);
  });

  it('a bird’s wing is left to its rows of feathers', () => {
    expect(planOf('grey-heron').skin.blades).toEqual([]);
    expect(planOf('deinonychus').skin.blades.map(({ pattern }) => pattern.blade.id)).toEqual([
      'tail-fan',
    ]);
  });

  it('is never made thinner than life, and says what it would be at scale', () => {
    for (const { made, atScale } of planOf('emperor-dragonfly').skin.blades) {
      expect(made.value).toBeGreaterThanOrEqual(atScale.value);
      expect(made.value).toBe(1.2);
    }
    const [sheet] = planOf('emperor-dragonfly', { forewing: { ...own, way: 'sheet' } }).skin.blades;
    expect(sheet!.made.value).toBeLessThan(1.2);
    const [thick] = planOf('emperor-dragonfly', { forewing: { ...own, thickMm: 2 } }).skin.blades;
    expect(thick!.made).toMatchObject({ value: 2, provenance: 'own' });
  });

  it('a long wing has a wire along its edge, a stout fin none unless it is wanted', () => {
    expect(planOf('emperor-dragonfly').skin.blades.every(({ wire }) => wire !== null)).toBe(true);
    expect(planOf('northern-pike').skin.blades.every(({ wire }) => wire === null)).toBe(true);
    const fins = planOf('northern-pike', { 'dorsal-fin': { ...own, wireMm: 0.4 } }).skin.blades;
    const [dorsal] = fins.filter(({ pattern }) => pattern.blade.id === 'dorsal-fin');
    expect(dorsal!.wire).toMatchObject({ thickMm: 0.4 });
  });

  it('a membrane is pressed on between its bones, and hangs in folds where it is not spread', () => {
    const [membrane] = planOf('rhamphorhynchus').skin.blades;
    expect(membrane).toMatchObject({ way: 'pressed', many: 2, wire: null });
    expect(membrane!.slack.value).toBeGreaterThan(20);
    expect(membrane!.slack.value).toBeLessThan(100);
    expect(membrane!.attached!.value).toBeGreaterThan(membrane!.pattern.longMm);
  });
});

/** An outline like a wing: a root, a leading edge out to the tip, a rear edge back. */
const wing: readonly Point2[] = [
  ...([
    [0, 0],
    [30, 4],
    [60, 4],
    [90, -2],
  ] as const),
  ...([
    [60, -20],
    [20, -24],
    [0, -12],
  ] as const),
];

describe('a wire along an edge', () => {
  it('runs from the root to the tip, its marks in order and its turns those of its corners', () => {
    const path = edgePath(wing);
    expect([path[0], path.at(-1)]).toEqual([wing[0], wing[3]]);
    const bends = edgeBends(path);
    const marks = bends.map(({ markMm }) => markMm);
    expect(marks).toEqual(marks.toSorted((a, b) => a - b));
    expect(bends[0]!.markMm).toBeCloseTo(Math.hypot(30, 4), 9);
    const turn = (Math.atan2(4, 30) * 180) / Math.PI;
    expect(bends[0]!.turnDeg).toBeCloseTo(-turn, 9);
  });

  it('a straight edge has no bend', () => {
    expect(
      edgeBends([
        [0, 0],
        [10, 0],
        [25, 0],
      ]),
    ).toEqual([]);
  });

  it('the lap lies outside the outline, about as wide as told along the whole edge', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 4, noNaN: true }), fc.boolean(), (lap, over) => {
        const outline = over ? wing.map(([x, y]): Point2 => [x, -y]) : wing;
        const path = edgePath(outline);
        const strip = lapStrip(outline, path, lap);
        const long = path.slice(1).reduce((sum, [x, y], i) => {
          const [x0, y0] = path[i]!;
          return sum + Math.hypot(x - x0, y - y0);
        }, 0);
        expect(Math.abs(loopArea(strip))).toBeGreaterThan(0.9 * long * lap);
        expect(Math.abs(loopArea(strip))).toBeLessThan(1.1 * long * lap + lap * lap);
        const both = [...strip.slice(path.length).toReversed(), ...outline.slice(path.length)];
        expect(Math.abs(loopArea(both))).toBeGreaterThan(Math.abs(loopArea(outline)));
        expect(loopLength(strip)).toBeGreaterThan(2 * long * 0.9);
      }),
    );
  });
});
