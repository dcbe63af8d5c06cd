import { usualZone } from '../piece/skinSchema.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ORIGIN } from '../geometry/vec3.ts';
import { skinParts } from '../body/skin.ts';
import { settledStance } from '../posing/settledStance.ts';
import { metalById } from '../wire/metals.ts';
import { changed, coarseBody, otterPiece, wholePlan, wolfPiece } from '../testing/samples.ts';
import { boneRadii, buildUp, regionBuilds } from './buildUp.ts';
import { coatMm, fleshHalfMm, MOST_TAKEN } from '../body/undersize.ts';
import type { BakeMethod } from '../piece/pieceSchema.ts';
import { sheetGroups } from './sheetGroups.ts';
import { measuredSkeleton } from '../measure/measuredSkeleton.ts';

const piece = otterPiece();
const skeleton = measuredSkeleton(piece.measure);
const body = coarseBody(piece);
const trunk = regionBuilds({ skeleton, mass: piece.mass }).find(
  (regionBuild) => regionBuild.region.id === 'trunk',
)!;

describe('buildUp', () => {
  it('shares a region between clay and core whatever the shell, more clay for a thicker one', () => {
    const thickness = fc.double({ min: 0.5, max: 40, noNaN: true });
    fc.assert(
      fc.property(thickness, thickness, (a, b) => {
        const [thin, thick] = [Math.min(a, b), Math.max(a, b)].map((shellMm) =>
          buildUp({ ...trunk, shellMm }, skeleton, body, piece.skin, 3),
        );
        expect(thin!.clayMm3 + thin!.coreMm3).toBeCloseTo(thick!.clayMm3 + thick!.coreMm3, 4);
        expect(thick!.clayMm3).toBeGreaterThanOrEqual(thin!.clayMm3 - 1e-6);
        expect(thin!.areaMm2).toBe(thick!.areaMm2);
      }),
      { seed: 14, numRuns: 60 },
    );
  });

  it('parts the clay of a shell into what is baked first and the skin over it', () => {
    const thickness = fc.double({ min: 1, max: 30, noNaN: true });
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(thickness, share, (shellMm, of) => {
        const whole = buildUp(
          { ...trunk, shellMm, skinMm: of * shellMm },
          skeleton,
          body,
          piece.skin,
          3,
        );
        const bare = buildUp(
          { ...trunk, shellMm: of * shellMm, skinMm: 0 },
          skeleton,
          body,
          piece.skin,
          3,
        );
        // The skin alone is a shell as thin as it.
        expect(whole.skinMm3).toBeCloseTo(of === 0 ? 0 : bare.clayMm3, 3);
        expect(whole.skinMm3).toBeLessThanOrEqual(whole.clayMm3 + 1e-6);
      }),
      { seed: 21, numRuns: 40 },
    );
  });

  it('gives a skin to shells, to the whole body, or to nothing, and never more than half a shell', () => {
    const of = (method: BakeMethod, skinMm: number): readonly (readonly [string, number])[] =>
      regionBuilds({ skeleton, mass: { ...piece.mass, skinMm }, method }).map((build) => [
        build.core,
        build.skinMm,
      ]);
    expect(of('all-at-once', 2).every(([, mm]) => mm === 0)).toBe(true);
    for (const [core, mm] of of('shell-first', 2)) expect(mm > 0).toBe(core !== 'solid');
    expect(of('body-first', 2).every(([, mm]) => mm > 0)).toBe(true);
    for (const build of regionBuilds({
      skeleton,
      mass: { ...piece.mass, skinMm: 20 },
      method: 'shell-first',
    }))
      if (build.core !== 'solid') expect(build.skinMm).toBe(build.shellMm / 2);
  });

  it('takes no more than half of what is there, however long the hair', () => {
    const hairy = (hairMm: number): number =>
      buildUp(
        trunk,
        skeleton,
        body,
        {
          ...piece.skin,
          zones: Object.fromEntries(
            skeleton.animal.coat.map(({ id }) => [id, { ...usualZone('fibre'), hairMm }]),
          ),
        },
        3,
      ).undersizeMm;
    const half = Math.max(
      ...skeleton.bones
        .filter(({ key }) => trunk.region.bones.includes(key))
        .map((bone) => fleshHalfMm(bone, 3)),
    );
    expect(hairy(900)).toBe(hairy(1000));
    expect(hairy(1000)).toBeLessThanOrEqual(MOST_TAKEN * half);
  });

  it('takes the backing of a pelt off the clay too, as thick as it is on the model', () => {
    const [zone] = skeleton.animal.coat.filter(({ hair }) => hair !== null);
    const of = (method: 'fibre' | 'pelt' | 'carved', n: number): number =>
      coatMm(
        zone!,
        { zones: { [zone!.id]: { ...usualZone(method), hairMm: 12 } }, backingMm: 1.5 },
        n,
      );
    expect(of('carved', 3)).toBe(0);
    expect(of('fibre', 3)).toBeCloseTo((12 * Math.sin((zone!.lieDeg * Math.PI) / 180)) / 3, 9);
    for (const n of [2, 3, 8]) expect(of('pelt', n) - of('fibre', n)).toBeCloseTo(1.5, 9);
  });

  it('leaves more free the more of the region carries fibre', () => {
    const free = (...ids: string[]): number =>
      buildUp(
        trunk,
        skeleton,
        body,
        {
          ...piece.skin,
          zones: Object.fromEntries(ids.map((id) => [id, { ...usualZone('fibre'), hairMm: 20 }])),
        },
        3,
      ).undersizeMm;
    expect(free()).toBe(0);
    expect(free('belly')).toBeGreaterThan(0);
    expect(free('belly', 'flanks')).toBeGreaterThan(free('belly'));
    expect(free('tail')).toBe(0);
  });
});

describe('boneRadii', () => {
  it('stand thinnest first, left as right, and only of the region’s bones', () => {
    const skin = skinParts(settledStance(skeleton, piece.stance, 1 / 3));
    const radii = boneRadii(trunk, skeleton, skin);
    const sizes = radii.map((radius) => radius.radiusMm);
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
    for (const { boneId } of radii)
      expect(trunk.region.bones).toContain(skeleton.byId.get(boneId)!.key);
    const of = (id: string) => radii.find((radius) => radius.boneId === id)?.radiusMm;
    expect(of('pelvis.L')).toBeCloseTo(of('pelvis.R')!, 9);
  });
});

describe('sheetGroups', () => {
  it('put regions of one thickness together, thickest first, and leave solid ones out', () => {
    const region = (id: string, core: 'foil' | 'solid', shellMm: number, clayMm3: number) => ({
      region: { id, name: id, bones: [], core },
      clayMm4: ORIGIN,
      coreMm4: ORIGIN,
      core,
      shellMm,
      skinMm: 0,
      skinMm3: 0,
      clayMm3,
      areaMm2: 0,
      coreMm3: 0,
      undersizeMm: 0,
    });
    const groups = sheetGroups(
      [
        region('head', 'foil', 3, 3000),
        region('trunk', 'foil', 5, 20_000),
        region('neck', 'foil', 5, 5000),
        region('tail', 'solid', 5, 9000),
      ],
      0.1,
      { widthMm: 60, lengthMm: 50 },
    );
    expect(groups.map((group) => [group.shellMm, group.names])).toEqual([
      [5, ['trunk', 'neck']],
      [3, ['head']],
    ]);
    expect(groups[0]!.area.value).toBeCloseTo(50, 9);
    expect(groups[1]!.papers.value).toBe(30);
    // 50 cm² of sheets that are 6 by 5 cm: two of them.
    expect(groups[0]!.count.value).toBe(2);
  });
});

describe('the weight of the model', () => {
  it('is clay, foil, wire and all that is made apart, each from its own density', () => {
    const glass = { eyes: { material: 'glass', spare: null } } as const;
    const { mass, wire, measure, fittings } = wholePlan(
      changed(wolfPiece(), 'fittings', { made: glass }),
    );
    // Every piece of wire by itself: ρ·π·d²/4 for each metre.
    const steel = metalById('steel-annealed').densityKgM3;
    const gramsOf = (mm: number, d: number): number =>
      ((mm / 1000) * steel * Math.PI * d * d) / 4 / 1000;
    let steelG = 0;
    for (const plannedWire of wire.wires) {
      expect(plannedWire.metal).toBe('steel-annealed');
      steelG += plannedWire.count * gramsOf(plannedWire.cut.value, plannedWire.diameterMm);
      for (const { count, cut } of plannedWire.moreStrands)
        steelG += count * gramsOf(cut.value, plannedWire.diameterMm);
    }
    const clayG = mass!.clayVolume.value * mass!.figures.density.value;
    // Two balls of glass (2.5 g/ml, from memory) where there would be clay, and claws and teeth of clay.
    const eyeMm = measure.skeleton.animal.eye.mm / measure.lifePerModel;
    const ballMl = (Math.PI * eyeMm ** 3) / 6 / 1000;
    const eyesG = 2 * ballMl * (2.5 - mass!.figures.density.value);
    const others = fittings.fittings.filter(({ id }) => id !== 'eyes');
    const clayPartsG = others.reduce((sum, { sizes, made }) => {
      const mm3 = sizes.reduce((all, { count, volumeMm3 }) => all + count * volumeMm3, 0);
      return sum + (made === 'set' ? (mm3 / 1000) * mass!.figures.density.value : 0);
    }, 0);
    expect(clayPartsG).toBeGreaterThan(0.05);
    const whole = clayG + mass!.foil.grams.value + steelG + eyesG + clayPartsG;
    expect(mass!.modelGrams.value).toBeCloseTo(whole, 6);
  });
});
