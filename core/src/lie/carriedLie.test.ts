import { describe, expect, it } from 'vitest';
import { poseSkeleton, restPose } from '../anatomy/pose.ts';
import { dot, length, type Vec3 } from '../geometry/vec3.ts';
import { skinSurface } from '../surface/skinSurface.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { carriedLie } from './carriedLie.ts';
import { restLie } from './restLie.ts';

const CELLS = 14_000;
const vec = (of: Float32Array, i: number): Vec3 => [of[3 * i]!, of[3 * i + 1]!, of[3 * i + 2]!];

const skeleton = skeletonOf('grey-wolf');
const rest = restPose(skeleton);
const lie = restLie(rest, skinSurface(rest, CELLS), []);

describe('the lie carried to a stance', () => {
  it('is that of the rest skin where nothing is bent, at another scale', () => {
    const same = poseSkeleton(skeleton, {}, 1 / 6);
    const skin = skinSurface(same, CELLS);
    const ways = carriedLie(rest, lie, same, skin);
    const angles = [...skin.mesh.owner.keys()].map((i) => {
      const p = vec(skin.mesh.positions, i).map((v) => 6 * v);
      let [best, least] = [0, Infinity];
      for (let n = 0; n < lie.before.length; n++) {
        const far = Math.hypot(...vec(lie.skin.mesh.positions, n).map((v, k) => v - p[k]!));
        if (far < least) [best, least] = [n, far];
      }
      return dot(vec(ways, i), vec(lie.ways, best));
    });
    const even = angles.filter((c) => c > 0.97).length / angles.length;
    expect(even).toBeGreaterThan(0.95);
  });

  it('turns with the bones, stays in the skin, and mirrors left to right', () => {
    const bent = poseSkeleton(
      skeleton,
      {
        'humerus.L': { flexion: 30 },
        'humerus.R': { flexion: 30 },
        neckLower: { flexion: -25 },
      },
      1 / 6,
    );
    const skin = skinSurface(bent, CELLS);
    const ways = carriedLie(rest, lie, bent, skin);
    let out = 0;
    for (const i of skin.mesh.owner.keys()) {
      const normal = vec(skin.mesh.normals, i);
      out = Math.max(out, Math.abs(dot(vec(ways, i), normal)) / length(normal));
      expect(length(vec(ways, i))).toBeCloseTo(1, 5);
    }
    expect(out).toBeLessThan(1e-6);
    // Of each bone the mean way is the image of that on the other side.
    const mean = (bone: string): readonly number[] => {
      const all = [...skin.mesh.owner.keys()].filter(
        (i) => skin.parts[skin.mesh.owner[i]!]!.boneId === bone,
      );
      return [0, 1, 2].map((k) => all.reduce((s, i) => s + ways[3 * i + k]!, 0) / all.length);
    };
    for (const bone of ['humerus', 'radius', 'tibia', 'ear']) {
      const [left, right] = [mean(`${bone}.L`), mean(`${bone}.R`)];
      expect(left[0]).toBeCloseTo(right[0]!, 1);
      expect(left[1]).toBeCloseTo(right[1]!, 1);
      expect(left[2]).toBeCloseTo(-right[2]!, 1);
    }
  });
});
