import { describe, expect, it } from 'vitest';
import { restPose } from '../anatomy/pose.ts';
import { assertMesh, meshMeasures } from '../geometry/triangleMesh.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { eyeballs, skinApart } from './formParts.ts';
import { skinSurface } from './skinSurface.ts';

describe('parts of the finished form', () => {
  it('eyes are two closed balls of the eye’s diameter, images of each other', () => {
    const posed = restPose(skeletonOf('alpine-ibex'));
    const balls = eyeballs(posed);
    expect(balls).toHaveLength(2);
    const d = posed.skeleton.animal.eye.mm;
    for (const ball of balls) {
      assertMesh(ball);
      expect(meshMeasures(ball).volume / ((Math.PI * d ** 3) / 6)).toBeCloseTo(0.98, 1);
    }
    const z = balls.map(({ positions }) => positions.filter((_, i) => i % 3 === 2)[0]!);
    expect(z[0]).toBeCloseTo(-z[1]!, 4);
  });

  it('horns come off the skin, and nothing is lost or doubled', () => {
    const posed = restPose(skeletonOf('alpine-ibex'));
    const skin = skinSurface(posed, 20_000);
    const isHorn = (key: string): boolean => key.startsWith('horn');
    const { taken, rest } = skinApart(skin, posed, isHorn);
    expect(taken.indices.length).toBeGreaterThan(300);
    expect(taken.indices.length + rest.indices.length).toBe(skin.mesh.indices.length);
    const area = meshMeasures(taken).area + meshMeasures(rest).area;
    expect(area / meshMeasures(skin.mesh).area).toBeCloseTo(1, 5);
    // What is a horn is nowhere below its root.
    const low = Math.min(...taken.positions.filter((_, i) => i % 3 === 1));
    expect(low).toBeGreaterThan(posed.byId.get('skull')!.end[1]);
    expect(skinApart(skin, posed, () => false).taken.indices).toHaveLength(0);
  });
});
