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
import { lampWay } from './lamp.ts';
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

  it('is lit from where the lamp stands', () => {
    const way = (aroundDeg: number, upDeg: number): readonly number[] =>
      lampWay({ aroundDeg, upDeg });
    const close = (values: readonly number[]) => values.map((v) => expect.closeTo(v, 9));
    expect(way(0, 0)).toEqual(close([1, 0, 0]));
    // To its left, which is away from its right.
    expect(way(90, 0)).toEqual(close([0, 0, -1]));
    expect(way(180, 0)).toEqual(close([-1, 0, 0]));
    expect(way(30, 90)).toEqual(close([0, 1, 0]));
    expect(Math.hypot(...lampWay({ aroundDeg: 210, upDeg: 40 }))).toBeCloseTo(1, 9);
  });
});
