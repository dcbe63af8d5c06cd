import { describe, expect, it } from 'vitest';
import { PLAIN_MARKING, type Marking } from '../anatomy/marking.ts';
import { ANIMALS } from '../anatomy/registry.ts';
import { planPiece } from '../plan.ts';
import { markingSchema } from '../piece/markingSchema.ts';
import { everySnag } from '../piece/snagGroups.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { canStart, MARKING_STARTERS, newMarking } from '../start/newMarking.ts';
import { changed, newWorkpiece, wholePlan } from '../testing/samples.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

const girdle = demoWorkpieces().find(({ id }) => id === 'old-girdle')!;
type Kept = NonNullable<Workpiece['colour']['markings']>;
const own = (markings: readonly Marking[], piece = girdle) =>
  changed(piece, 'colour', { markings: markings as Kept });
const codes = (piece: Workpiece): readonly string[] =>
  everySnag(wholePlan(piece).snags).map(({ code }) => code);
const field = (id: string, from: string, to: string, deg: number, more: Partial<Marking> = {}) =>
  ({
    ...PLAIN_MARKING,
    ...{ id, name: id, kind: 'field', colours: [{ name: id, hex: '#aa3322' }], vary: 0 },
    places: [
      { boneId: from, along: 0, around: 0 },
      { boneId: to, along: 0, around: deg },
    ],
    ...more,
  }) satisfies Marking;

describe('markings as zones of colour', () => {
  it('have layers, paint and a mix of their own, over the dry paint of what is under them', () => {
    const { colour, markings } = wholePlan(girdle);
    const rings = colour!.zones.filter(({ isMarking }) => isMarking);
    expect(rings.map(({ zone }) => zone.id)).toEqual([
      ...['mark-rings-1', 'mark-rings-2', 'mark-rings-3'],
      ...['mark-collar-1', 'mark-eye-line-1'],
    ]);
    for (const zone of rings) {
      expect(zone.layers[0]!.rule.id).toBe('marking');
      expect(zone.layers[0]!.ml.value).toBeGreaterThan(0);
      expect(zone.layers[0]!.recipe).not.toBeNull();
      // Its ground is what it lies on, not the primer.
      expect(colour!.zones.map(({ hex }) => hex)).toContain(zone.groundHex);
    }
    const steps = wholePlan(girdle).bench!.steps.map(({ id }) => id);
    expect(steps.indexOf('colour.marking')).toBeGreaterThan(steps.indexOf('colour.base.dry'));
    expect(steps).toContain('colour.marking.dry');
    expect(markings.isOwn).toBe(true);
  });

  it('leave a zone whole where they go over it, and take their skin from it where it is left out', () => {
    const over = field('band', 'trunk.4', 'trunk.8', 80);
    const areaOf = (piece: Workpiece) => {
      const plan = wholePlan(piece);
      const whole = plan.skin.zones.find(({ zone }) => zone.id === 'zigzag')!.area!.value;
      const zone = plan.colour!.zones.find((of) => of.zone.id === 'zigzag')!;
      const band = plan.colour!.zones.find((of) => of.zone.id === 'mark-band-1')!;
      return { whole, painted: zone.area.value, band: band.area.value };
    };
    const painted = areaOf(own([over]));
    expect(painted.painted).toBeCloseTo(painted.whole, 9);
    const masked = areaOf(own([{ ...over, over: false }]));
    expect(masked.painted).toBeLessThan(0.95 * masked.whole);
    expect(masked.whole - masked.painted).toBeLessThan(masked.band + 1e-6);
  });

  it('take no paint where one lies wholly under another, and that is told', () => {
    const under = field('under', 'trunk.5', 'trunk.7', 50);
    const over = field('over', 'trunk.3', 'trunk.9', 140);
    const plan = wholePlan(own([under, over]));
    expect(plan.markings.entries!.find(({ zoneId }) => zoneId === 'mark-under-1')!.isHidden).toBe(
      true,
    );
    const ids = plan.colour!.zones.map(({ zone }) => zone.id);
    expect(ids).not.toContain('mark-under-1');
    expect(ids).toContain('mark-over-1');
    expect(codes(own([under, over]))).toContain('marking-hidden');
    expect(codes(own([over, under]))).not.toContain('marking-hidden');
  });

  it('are the animal’s where the piece has none of its own, none where it has an empty list', () => {
    const plain = newWorkpiece('p', 'P', 'grey-wolf');
    expect(planPiece(plain).markings.markings.map(({ id }) => id)).toContain('saddle');
    expect(planPiece(plain).jobs.markings).not.toBeNull();
    const none = planPiece(own([], plain));
    expect(none.markings.markings).toEqual([]);
    expect(none.jobs.markings).toBeNull();
    expect(none.markings.entries).toEqual([]);
  });

  it('change the question only where they lie, not how they are called or coloured', () => {
    const key = (of: Partial<Marking>) =>
      planPiece(own([{ ...field('a', 'trunk.4', 'trunk.8', 80), ...of }])).jobs.markings!.key;
    expect(key({ name: 'Other', colours: [{ name: 'x', hex: '#00ff00' }] })).toBe(key({}));
    expect(key({ widthMm: 13 })).not.toBe(key({}));
  });

  it('follow the way of their zone: powder on pastel, laid in with coloured clay, fibre on hair', () => {
    const band = field('band', 'trunk.4', 'trunk.8', 80);
    const layers = (school: 'pastel' | 'coloured-clay' | 'dark-up') => {
      const piece = changed(own([band]), 'colour', { school });
      const zone = wholePlan(piece).colour!.zones.find((of) => of.zone.id === 'mark-band-1')!;
      return { ids: zone.layers.map(({ rule }) => rule.id), clay: zone.clay };
    };
    expect(layers('pastel').ids).toEqual(['powder-marking']);
    expect(layers('coloured-clay').ids).toEqual([]);
    expect(layers('coloured-clay').clay!.grams.value).toBeGreaterThan(0);
    expect(layers('dark-up').ids[0]).toBe('marking');
    const extras = changed(own([band]), 'colour', {
      zones: {
        'mark-band-1': {
          ...{ hex: null, sheen: null, school: null, marbled: false },
          extras: ['under', 'glaze', 'metallic', 'glitter'],
        },
      },
    });
    const all = wholePlan(extras).colour!.zones.find((of) => of.zone.id === 'mark-band-1')!;
    // What goes under comes first, glazes and what flashes last.
    const ids = all.layers.map(({ rule }) => rule.id);
    expect(ids[0]).toBe('under');
    expect(ids.slice(-3)).toEqual(['over-glaze', 'metallic', 'glitter']);
    expect(all.layers.at(-1)!.rule.how).toContain('walks by');
  });
});

describe('what goes wrong with markings', () => {
  it('is told once: places that are not there, lines too fine, repeats too even, edges too hard, colours too many', () => {
    expect(codes(own([field('a', 'femur.L', 'femur.L', 40)]))).toContain('marking-lost');
    const fine = field('a', 'trunk.4', 'trunk.8', 0, { kind: 'stripes', repeats: 1, widthMm: 0.2 });
    expect(codes(own([fine]))).toContain('marking-too-fine');
    const dots = field('a', 'trunk.4', 'trunk.8', 80, { kind: 'spots', widthMm: 4, stepMm: 10 });
    expect(codes(own([dots]))).toContain('markings-too-regular');
    expect(codes(own([{ ...dots, vary: 0.5 }]))).not.toContain('markings-too-regular');
    const many = Array.from({ length: 13 }, (_, i) =>
      field(`m${i}`, `trunk.${i + 3}`, `trunk.${i + 4}`, 80, {
        colours: [{ name: 'm', hex: `#${(100_000 + 40_000 * i).toString(16).padStart(6, '0')}` }],
      }),
    );
    expect(codes(own(many)).filter((code) => code === 'too-many-colours')).toHaveLength(1);
    const wolf = newWorkpiece('w', 'W', 'grey-wolf');
    const hard = ['neckUpper', 'neckLower', 'thoracic', 'lumbar'].map((bone, i) => ({
      ...field(`h${i}`, bone, bone, 60),
      places: [
        { boneId: bone, along: 0.1, around: 0 },
        { boneId: bone, along: 0.9, around: 60 },
      ],
    }));
    expect(codes(own(hard, wolf))).toContain('edges-too-hard');
    const soft = hard.map((of) => ({ ...of, edge: 'soft' as const }));
    expect(codes(own(soft, wolf))).not.toContain('edges-too-hard');
  });
});

describe('new markings', () => {
  it.each(ANIMALS.map(({ id }) => id))(
    'of every kind lie on the %s as a document keeps them',
    (id) => {
      const skeleton = skeletonOf(id);
      for (const starter of MARKING_STARTERS) {
        if (!canStart(skeleton, starter)) continue;
        const made = newMarking(skeleton, starter, 'm-1', 'M');
        expect(markingSchema.safeParse(JSON.parse(JSON.stringify(made))).success, starter).toBe(
          true,
        );
      }
    },
  );

  it('of the library are as a document would keep them, each with where it is from', () => {
    for (const { markings = [], id } of ANIMALS) {
      expect(markings.length, id).toBeGreaterThan(1);
      expect(new Set(markings.map((of) => of.id)).size).toBe(markings.length);
      for (const { provenance, ...kept } of markings) {
        expect(provenance).toBe('memory');
        expect(markingSchema.safeParse(kept).success, `${id} ${kept.id}`).toBe(true);
      }
      const plan = planPiece(newWorkpiece('p', 'P', id));
      expect(
        everySnag(plan.snags).filter(({ code }) => code === 'marking-lost'),
        id,
      ).toEqual([]);
    }
  });
});
