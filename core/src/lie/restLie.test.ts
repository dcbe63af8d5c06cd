import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import { ANIMALS } from '../anatomy/registry.ts';
import { cross, dot, length, sub, type Vec3 } from '../geometry/vec3.ts';
import { skinSurface, type SkinSurface } from '../surface/skinSurface.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { markLine, type LieMark } from './lieMarks.ts';
import { restLie, WHORL_BELOW, type RestLie } from './restLie.ts';

const CELLS = 9000;
const made = new Map<string, { rest: PosedSkeleton; skin: SkinSurface }>();

function restOf(id: string) {
  const known = made.get(id);
  if (known !== undefined) return known;
  const rest = restPose(skeletonOf(id));
  const of = { rest, skin: skinSurface(rest, CELLS) };
  made.set(id, of);
  return of;
}

const vec = (of: Float32Array, i: number): Vec3 => [of[3 * i]!, of[3 * i + 1]!, of[3 * i + 2]!];
const PLAIN = { turnDeg: 0, radiusMm: 40, mirrored: false };

/** How each vector before unit length differs between two answers. */
function changes(a: RestLie, b: RestLie): Float64Array {
  return Float64Array.from(a.before, (size, i) => {
    const [u, v] = [vec(a.ways, i), vec(b.ways, i)];
    return Math.hypot(...[0, 1, 2].map((k) => size * u[k]! - b.before[i]! * v[k]!));
  });
}

describe('the lie of a coat at rest', () => {
  it.each(ANIMALS.map(({ id }) => [id]))('of %s lies in the skin to 1e-6, of unit length', (id) => {
    const { rest, skin } = restOf(id);
    const lie = restLie(rest, skin, []);
    let [out, off] = [0, 0];
    for (let i = 0; i < lie.before.length; i++) {
      const way = vec(lie.ways, i);
      const normal = vec(skin.mesh.normals, i);
      out = Math.max(out, Math.abs(dot(way, normal)) / length(normal));
      off = Math.max(off, Math.abs(length(way) - 1));
    }
    expect(out).toBeLessThan(1e-6);
    expect(off).toBeLessThan(1e-6);
    expect(lie.isMirrored).toBe(true);
  });

  it('goes from the nose to the rear on the trunk and down the limbs', () => {
    const { rest, skin } = restOf('grey-wolf');
    const { ways } = restLie(rest, skin, []);
    const mean = (bone: string, k: 0 | 1 | 2): number => {
      const all = [...skin.mesh.owner.keys()].filter(
        (i) => skin.parts[skin.mesh.owner[i]!]!.boneId === bone,
      );
      expect(all.length).toBeGreaterThan(20);
      return all.reduce((sum, i) => sum + ways[3 * i + k]!, 0) / all.length;
    };
    expect(mean('thoracic', 0)).toBeLessThan(-0.7);
    expect(mean('skull', 0)).toBeLessThan(-0.4);
    expect(mean('radius.L', 1)).toBeLessThan(-0.6);
    expect(mean('tibia.R', 1)).toBeLessThan(-0.5);
  });

  it('holds a line of the user, and changes nowhere more than there', () => {
    const { rest, skin } = restOf('eurasian-otter');
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 120, noNaN: true }),
        fc.double({ min: 20, max: 70, noNaN: true }),
        (around, turned) => {
          const line = (to: number): LieMark => ({
            ...{ id: 'line', kind: 'guide', ...PLAIN },
            places: [
              { boneId: 'thoracic', along: 0.35, around },
              { boneId: 'thoracic', along: 0.4, around: to },
            ],
          });
          const [a, b] = [
            restLie(rest, skin, [line(around + turned)]),
            restLie(rest, skin, [line(around - turned)]),
          ];
          const change = changes(a, b);
          const held = [...a.before.keys()].filter(
            (i) => Math.abs(a.before[i]! - 1) < 1e-9 || Math.abs(b.before[i]! - 1) < 1e-9,
          );
          expect(held.length).toBeGreaterThan(0);
          const atGuide = Math.max(...held.map((i) => change[i]!));
          expect(Math.max(...change)).toBeLessThanOrEqual(atGuide + 1e-3);
        },
      ),
      { numRuns: 6, seed: 3 },
    );
  });

  it('does not reach over a parting: hair on one side does not follow what is drawn on the other', () => {
    const { rest, skin } = restOf('eurasian-otter');
    const parting: LieMark = {
      ...{ id: 'parting', kind: 'parting', ...PLAIN, turnDeg: 60 },
      places: [0.05, 0.35, 0.65, 0.95].map((along) => ({ boneId: 'thoracic', along, around: 0 })),
    };
    const line: LieMark = {
      ...{ id: 'line', kind: 'guide', ...PLAIN },
      places: [
        { boneId: 'thoracic', along: 0.5, around: 25 },
        { boneId: 'thoracic', along: 0.5, around: 60 },
      ],
    };
    const cut = restLie(rest, skin, [parting]);
    const leads = (side: 1 | -1): number => {
      const near = [...skin.mesh.owner.keys()].filter((i) => {
        const z = skin.mesh.positions[3 * i + 2]!;
        const isOn = skin.parts[skin.mesh.owner[i]!]!.boneId === 'thoracic';
        return isOn && skin.mesh.normals[3 * i + 1]! > 0.9 && side * -z > 4 && side * -z < 20;
      });
      expect(near.length).toBeGreaterThan(3);
      return near.reduce((sum, i) => sum + -side * cut.ways[3 * i + 2]!, 0) / near.length;
    };
    // To the left of it hair lies to the left, and to the right on the other side.
    expect(leads(1)).toBeGreaterThan(0.3);
    expect(leads(-1)).toBeGreaterThan(0.3);
    const change = changes(cut, restLie(rest, skin, [parting, line]));
    const over = (sign: 1 | -1): number =>
      Math.max(
        ...[...change.keys()]
          .filter((i) => {
            const at = skin.mesh.positions;
            const isOn = skin.parts[skin.mesh.owner[i]!]!.boneId === 'thoracic';
            return isOn && skin.mesh.normals[3 * i + 1]! > 0.6 && sign * -at[3 * i + 2]! > 2;
          })
          .map((i) => change[i]!),
      );
    expect(over(1)).toBeGreaterThan(0.5);
    expect(over(-1)).toBeLessThan(0.05);
  });

  it('turns about a whorl by its angle, and marks where ways vanish', () => {
    const { rest, skin } = restOf('grey-wolf');
    const whorl: LieMark = {
      ...{ id: 'whorl', kind: 'whorl', ...PLAIN, turnDeg: 90, radiusMm: 60 },
      places: [{ boneId: 'lumbar', along: 0.5, around: 90 }],
    };
    const lie = restLie(rest, skin, [whorl]);
    const [middle] = markLine(rest, whorl) as [Vec3];
    const off = (n: number): Vec3 => sub(vec(skin.mesh.positions, n), middle);
    // In its middle ways from all sides meet, and are short before they are made unit.
    const near = [...lie.before.keys()].filter((n) => length(off(n)) < 40);
    const plain = restLie(rest, skin, []);
    expect(Math.min(...near.map((n) => lie.before[n]!))).toBeLessThan(0.4);
    expect(Math.min(...near.map((n) => plain.before[n]!))).toBeGreaterThan(0.6);
    // Round it the ways circle: square to the way out from its middle.
    const ring = [...lie.before.keys()].filter((n) => length(off(n)) > 25 && length(off(n)) < 55);
    expect(ring.length).toBeGreaterThan(4);
    for (const n of ring) {
      const round = cross(vec(skin.mesh.normals, n), off(n));
      expect(dot(round, vec(lie.ways, n)) / length(round)).toBeGreaterThan(0.8);
    }
  });

  it('tells where ways vanish: as on every ball of hair, at the tips that it stands off', () => {
    const { rest, skin } = restOf('grey-wolf');
    const lie = restLie(rest, skin, []);
    expect(lie.whorls.length).toBeGreaterThan(0);
    const at = new Set(
      lie.whorls.map((p) => {
        const near = [...lie.before.keys()].sort((a, b) => {
          const far = (n: number): number => length(sub(vec(skin.mesh.positions, n), p));
          return far(a) - far(b);
        })[0]!;
        expect(lie.before[near]).toBeLessThan(WHORL_BELOW);
        return skin.parts[skin.mesh.owner[near]!]!.boneId;
      }),
    );
    expect([...at].some((bone) => bone.startsWith('hindDigits') || bone.startsWith('ear'))).toBe(
      true,
    );
  });

  it('is passed over by a mark on a bone that is not there', () => {
    const { rest, skin } = restOf('grey-wolf');
    const lost: LieMark = {
      ...{ id: 'lost', kind: 'guide', ...PLAIN },
      places: [
        { boneId: 'antenna', along: 0, around: 0 },
        { boneId: 'antenna', along: 1, around: 0 },
      ],
    };
    expect(restLie(rest, skin, [lost]).ways).toEqual(restLie(rest, skin, []).ways);
  });
});
