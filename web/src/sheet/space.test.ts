import {
  buildSkeleton,
  demoWorkpieces,
  settledStance,
  skinParts,
  subjectOf,
} from '@keen-sinew/core';
import { Box3, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { fleshGeometry } from './fleshGeometry.ts';
import { framedFrom } from './Turntable.ts';

describe('the body in space', () => {
  const { plan, animal } = subjectOf(demoWorkpieces()[0]!.measure);
  const posed = settledStance(buildSkeleton(plan, animal), {
    presetId: '',
    anglesDeg: {},
    lifted: null,
  });

  it('is as large as the flesh it is drawn of', () => {
    const parts = skinParts(posed);
    expect(parts.length).toBeGreaterThan(10);
    for (const part of parts) {
      const box = new Box3();
      for (const geometry of fleshGeometry(part)) {
        geometry.computeBoundingBox();
        box.union(geometry.boundingBox!);
      }
      const size = box.getSize(new Vector3());
      const least =
        part.kind === 'ellipsoid'
          ? 2 * Math.min(...part.radii)
          : Math.hypot(...part.samples.at(-1)!.at.map((v, i) => v - part.samples[0]!.at[i]!));
      expect(size.length()).toBeGreaterThan(0.9 * least);
      for (const v of box.min.toArray().concat(box.max.toArray())) expect(v).not.toBeNaN();
    }
  });

  it('is seen whole, in a wide view as in a narrow one', () => {
    // A ball fills a field of 2·asin(r/d): at 60° and nothing to spare it is seen from two radii.
    expect(framedFrom(10, 60, 2) / 10).toBeCloseTo(2 * 0.92, 9);
    expect(framedFrom(10, 60, 0.5)).toBeGreaterThan(framedFrom(10, 60, 1));
    expect(framedFrom(10, 60, 3)).toBe(framedFrom(10, 60, 1));
  });
});
