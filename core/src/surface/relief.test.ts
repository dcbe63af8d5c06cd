import { describe, expect, it } from 'vitest';
import { type PosedSkeleton } from '../anatomy/pose.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { blendPairs } from '../body/blend.ts';
import { type SkinPart } from '../body/skin.ts';
import { contourLoops, insideLoop, loopArea } from '../geometry/contours.ts';
import { type Vec3 } from '../geometry/vec3.ts';
import { settledStance } from '../posing/settledStance.ts';
import { capsule } from '../testing/capsule.ts';
import { depthBuffer } from './depthBuffer.ts';
import { formSurface } from './formSurface.ts';
import { followed, addBorder, cornerSteps, offLine, simplified, smoothed } from './pixelLines.ts';
import { relief } from './relief.ts';
import { onPage, RELIEF_VIEWS, VIEW_FRAMES } from './reliefViews.ts';
import { skinSurface, SURFACE_CELLS } from './skinSurface.ts';
import { sparseField } from './sparseField.ts';
import { sparseMesh } from './sparseMesh.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const stanceOf = (id: string, index = 0, size = 1 / 6): PosedSkeleton => {
  const skeleton = skeletonOf(id);
  const presetId = skeleton.plan.stances[index]!.id;
  return settledStance(skeleton, { presetId, anglesDeg: {}, lifted: null }, size);
};

const bodyOf = (parts: readonly SkinPart[], cellMm: number) =>
  sparseMesh(
    sparseField(
      parts,
      blendPairs(parts, () => false),
      cellMm,
    ),
  );

describe('a relief', () => {
  const ball = (r: number) => {
    const parts = [capsule([0, 0, -1e-6], [0, 0, 1e-6], r)];
    const mesh = bodyOf(parts, 1);
    return { mesh, cellMm: 1 };
  };
  const blank = (many: number) => ({
    parts: [],
    facing: new Uint8Array(many),
    zone: new Uint8Array(many),
    sleeve: new Int16Array(many),
    arcMm: new Float32Array(many),
    flow: new Float32Array(3 * many),
    coatMm: new Float32Array(many),
  });

  it('of a ball is a circle within half a cell, from every side', () => {
    const { mesh, cellMm } = ball(30);
    for (const view of RELIEF_VIEWS) {
      const { outline } = relief({ mesh, cellMm, ...blank(mesh.owner.length) }, [], view);
      expect(outline).toHaveLength(1);
      for (const [x, y] of outline[0]!) expect(Math.abs(Math.hypot(x, y) - 30)).toBeLessThan(0.5);
      expect(loopArea(outline[0]!) / (Math.PI * 900)).toBeCloseTo(1, 1);
    }
  });

  it('of an animal has the outline of its mesh within half a cell', () => {
    const surface = skinSurface(stanceOf('grey-wolf'), SURFACE_CELLS.coarse);
    const { outline } = relief(surface, [], 'side');
    const { positions } = surface.mesh;
    const out = outline.filter((loop) => loopArea(loop) > 0);
    // No point of the mesh lies further outside than half a cell.
    for (let i = 0; i < positions.length; i += 3 * 7) {
      const p = onPage(VIEW_FRAMES.side, [positions[i]!, positions[i + 1]!, positions[i + 2]!]);
      if (out.some((loop) => insideLoop(loop, p))) continue;
      const near = Math.min(
        ...out.flatMap((loop) => loop.map((q, n) => offLine(p, q, loop[(n + 1) % loop.length]!))),
      );
      expect(near).toBeLessThan(surface.cellMm / 2);
    }
  });

  it('shows the nearer of two things before the further one, with a line between them', () => {
    const parts = [capsule([-30, 0, 0], [30, 0, 0], 8), capsule([0, -30, -40], [0, 30, -40], 6)];
    const mesh = bodyOf(parts, 1);
    const { inner, outline } = relief({ mesh, cellMm: 1, ...blank(mesh.owner.length) }, [], 'side');
    expect(outline).toHaveLength(1);
    // The upright one stands nearer: its two edges cross the other.
    expect(inner.length).toBeGreaterThanOrEqual(2);
    for (const line of inner)
      for (const [x] of line) expect(Math.abs(Math.abs(x) - 6)).toBeLessThan(1.5);
  });

  it('fills flat outlines by their winding, so that a fold is not a hole', () => {
    const flat: readonly Vec3[] = [
      [0, 0, 0],
      [-40, 0, 0],
      [-40, 40, 0],
      [0, 40, 0],
    ];
    const scene = { positions: new Float32Array(), indices: new Uint32Array(), flats: [flat] };
    const buffer = depthBuffer(scene, VIEW_FRAMES.side, 1);
    const seen = buffer.seen.filter((of) => of === -2).length;
    expect(Math.abs(seen - 1600)).toBeLessThan(90);
    for (const near of buffer.near) if (near !== -Infinity) expect(near).toBeCloseTo(0, 6);
  });

  it('tells the skin that a folded wing shows, and not what it would show spread', () => {
    const folded = formSurface(stanceOf('grey-heron'), false);
    const flying = skeletonOf('grey-heron').plan.stances.findIndex(({ id }) =>
      /fly|flight/.test(id),
    );
    expect(flying).toBeGreaterThan(0);
    const spread = formSurface(stanceOf('grey-heron', flying), false);
    const { coat } = animalById('grey-heron')!;
    const flight = coat.findIndex(({ id }) => id === 'flight');
    expect(folded.blades.every(({ zone }) => zone === flight)).toBe(true);
    expect(spread.zonesMm2[flight]! / folded.zonesMm2[flight]!).toBeGreaterThan(1.5);
    expect(folded.zonesMm2).toHaveLength(coat.length);
  });
});

describe('lines of pixels', () => {
  it('follow a border round, once each way', () => {
    const steps = cornerSteps(10);
    // The border round one pixel.
    addBorder(steps, 3, 4, 'right');
    addBorder(steps, 2, 4, 'right');
    addBorder(steps, 3, 4, 'above');
    addBorder(steps, 3, 3, 'above');
    const [ringOf, ...others] = followed(steps, 1);
    expect(others).toEqual([]);
    expect(ringOf).toHaveLength(5);
    expect(ringOf![0]).toEqual(ringOf!.at(-1));
    for (const [x, y] of ringOf!) expect([Math.abs(x - 3), Math.abs(y - 4)]).toEqual([0.5, 0.5]);
    expect(followed(steps, 9)).toEqual([]);
  });

  it('keep their ends as they are made smooth, and lose what is straight', () => {
    const stair = [0, 1, 2, 3, 4, 5].flatMap((k): [number, number][] => [
      [k, k],
      [k + 1, k],
    ]);
    const soft = smoothed(stair, 8);
    expect(soft[0]).toEqual(stair[0]);
    expect(soft.at(-1)).toEqual(stair.at(-1));
    const few = simplified(soft, 0.3);
    expect(few.length).toBeLessThan(soft.length / 2);
    expect(contourLoops([1, 1, 1, 1], 2, 2)).toEqual([]);
  });
});
