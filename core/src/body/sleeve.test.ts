import { describe, expect, it } from 'vitest';
import type { FleshSleeve, SleeveStation } from '../anatomy/animal.ts';
import { poseSkeleton, type JointAngles, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import { insideShare } from './bodyGrid.ts';
import { blendPairs } from './blend.ts';
import { fleshField, gridOver } from './fleshField.ts';
import { fieldOf, partDistance, skinBox, skinParts, type SkinPart } from './skin.ts';
import { sleeveRuns } from './sleeve.ts';
import { sectionArea, sectionOutline, type SleeveSection } from './sleeveSection.ts';

const round = (at: number, radius: number, more: Partial<SleeveStation> = {}): SleeveStation => ({
  at,
  above: radius,
  below: radius,
  halfWidth: radius,
  ...more,
});

/** A chain of bones, each with its direction at rest, its length and its stations; bent about z. */
function chain(
  bones: readonly { rest: Vec3; long: number; stations: readonly SleeveStation[] }[],
  faces: FleshSleeve['faces'] = 'back',
): Skeleton {
  const made = bones.map(
    ({ rest, long, stations }, i) =>
      ({
        ...{ id: `b${i}`, key: `b${i}`, image: `b${i}`, side: 'mid', rest, at: 1 },
        parent: i === 0 ? null : `b${i - 1}`,
        joint: { name: 'joint', freedoms: { flexion: { axis: [0, 0, 1], range: [-90, 90] } } },
        lifeLengthMm: long,
        flesh: [{ sleeve: 'whole', order: i, faces, stations } satisfies FleshSleeve],
      }) as unknown as Bone,
  );
  return {
    plan: { parts: [], contacts: [] },
    bones: made,
    byId: new Map(made.map((bone) => [bone.id, bone])),
    bulk: {},
  } as unknown as Skeleton;
}

const posedAs = (skeleton: Skeleton, angles: JointAngles = {}): PosedSkeleton =>
  poseSkeleton(skeleton, angles);

/** Volume and surface of parts on a grid, as the body is measured. */
function measured(parts: readonly SkinPart[], cells = 400_000) {
  const grid = gridOver(parts, cells);
  const { depth, cellMm: h } = fleshField(
    parts,
    grid,
    blendPairs(parts, () => true),
  );
  let [volume, area] = [0, 0];
  for (const d of depth) {
    volume += insideShare(d, h);
    // The smeared delta of level sets, as the patches are measured.
    if (Math.abs(d) < 1.5 * h) area += (1 + Math.cos((Math.PI * d) / (1.5 * h))) / 3;
  }
  return { volume: volume * h ** 3, area: area * h ** 2 };
}

const within = (value: number, wanted: number, share: number): void =>
  expect(Math.abs(value / wanted - 1)).toBeLessThan(share);

describe('a sleeve', () => {
  const X: Vec3 = [1, 0, 0];

  it('round a straight bone is a cylinder between two half balls', () => {
    const tube = chain([
      { rest: X, long: 200, stations: [round(0, 20), round(0.5, 20), round(1, 20)] },
    ]);
    const { volume, area } = measured(skinParts(posedAs(tube)));
    within(volume, Math.PI * 400 * 200 + (4 / 3) * Math.PI * 8000, 0.005);
    within(area, 2 * Math.PI * 20 * 200 + 4 * Math.PI * 400, 0.005);
  });

  it('that tapers is a frustum between two half balls, and converges to it', () => {
    const cone = chain([{ rest: X, long: 200, stations: [round(0, 30), round(1, 15)] }]);
    // A monotone cubic through two points is straight.
    const wanted = (Math.PI * 200 * (900 + 450 + 225)) / 3 + (2 / 3) * Math.PI * (27_000 + 3375);
    const coarse = measured(skinParts(posedAs(cone)), 30_000).volume;
    const fine = measured(skinParts(posedAs(cone)), 400_000).volume;
    within(fine, wanted, 0.006);
    expect(Math.abs(fine / wanted - 1)).toBeLessThan(Math.abs(coarse / wanted - 1) + 0.001);
  });

  it('with the sections of an ellipsoid is one', () => {
    // Sections of an ellipsoid of 100, 40 and 30 at even angles; its tips are domes of little.
    const stations = Array.from({ length: 19 }, (_, i) => {
      const x = -Math.cos((Math.PI * (i + 0.5)) / 19);
      const r = Math.sqrt(1 - x * x);
      return round((x + 1) / 2, 0, { above: 40 * r, below: 40 * r, halfWidth: 30 * r });
    });
    const body = chain([{ rest: X, long: 200, stations }]);
    const { volume } = measured(skinParts(posedAs(body)));
    within(volume, (4 / 3) * Math.PI * 100 * 40 * 30, 0.01);
  });

  it('bent evenly round a quarter circle has the volume of a torus section (Pappus)', () => {
    const parts = 12;
    const radius = 150;
    const step = Math.PI / 2 / parts;
    const bones = Array.from({ length: parts }, (_, i) => ({
      rest: [Math.cos((i + 0.5) * step), Math.sin((i + 0.5) * step), 0] as Vec3,
      long: 2 * radius * Math.sin(step / 2),
      stations: i === 0 ? [round(0, 30), round(1, 30)] : [round(1, 30)],
    }));
    const { volume, area } = measured(skinParts(posedAs(chain(bones))));
    const domes = (4 / 3) * Math.PI * 27_000;
    within(volume - domes, Math.PI * 900 * (Math.PI / 2) * radius, 0.01);
    within(area - 4 * Math.PI * 900, 2 * Math.PI * 30 * (Math.PI / 2) * radius, 0.01);
  });

  const limb = chain([
    { rest: X, long: 200, stations: [round(0, 30), round(0.45, 30), round(0.8, 30)] },
    { rest: X, long: 200, stations: [round(0.2, 30), round(0.55, 30), round(1, 30)] },
  ]);

  it.each([15, 30, 45])(
    'keeps its volume within 2 % where its joint bends by %i degrees',
    (deg) => {
      const straight = measured(skinParts(posedAs(limb))).volume;
      const bent = measured(skinParts(posedAs(limb, { b1: { flexion: deg } }))).volume;
      within(bent, straight, 0.02);
    },
  );

  it('has no ridge at a joint: along its back the surface turns as evenly as its axis', () => {
    const parts = skinParts(posedAs(limb, { b1: { flexion: 45 } }));
    // Neighbouring runs share the sample between them.
    const axis = sleeveRuns(posedAs(limb, { b1: { flexion: 45 } })).flatMap(({ samples }, i) =>
      i === 0 ? samples : samples.slice(1),
    );
    // Points of the outer skin, each straight out from the axis, found by marching on the field.
    const least = (p: Vec3): number => Math.min(...parts.map((part) => partDistance(part, p)));
    const skin = axis.map(({ at, up }): Vec3 => {
      let [low, high] = [0, 90];
      for (let i = 0; i < 50; i++) {
        const mid = (low + high) / 2;
        const p: Vec3 = [at[0] - up[0] * mid, at[1] - up[1] * mid, at[2] - up[2] * mid];
        if (least(p) < 0) low = mid;
        else high = mid;
      }
      return [at[0] - up[0] * low, at[1] - up[1] * low, 0];
    });
    const turns = skin.slice(2).map((p, i) => {
      const [a, b] = [skin[i]!, skin[i + 1]!];
      const [u, v] = [Math.atan2(b[1] - a[1], b[0] - a[0]), Math.atan2(p[1] - b[1], p[0] - b[0])];
      return ((v - u) * 180) / Math.PI;
    });
    // 45 degrees are spread over the samples near the joint; a ridge would be one large turn.
    expect(Math.max(...turns.map(Math.abs))).toBeLessThan(10);
    expect(turns.reduce((sum, turn) => sum + turn, 0)).toBeCloseTo(45, 0);
  });

  it('joins its runs without a seam: between them the field goes on', () => {
    const posed = posedAs(limb, { b1: { flexion: 30 } });
    const [first, second] = skinParts(posed);
    const joint = posed.byId.get('b1')!.start;
    for (let angle = 0; angle < 6.3; angle += 0.4)
      for (const r of [10, 25, 29, 33, 50]) {
        const p: Vec3 = [joint[0], joint[1] + r * Math.sin(angle), r * Math.cos(angle)];
        const here = Math.min(partDistance(first!, p), partDistance(second!, p));
        const near = Math.min(
          ...[first!, second!].map((part) => fieldOf(part)(p[0] + 0.05, p[1], p[2])),
        );
        expect(Math.abs(here - near)).toBeLessThan(0.2);
      }
  });

  it('never says that a point is farther from its skin than it is, by more than its taper', () => {
    const [tube] = skinParts(
      posedAs(chain([{ rest: X, long: 100, stations: [round(0, 20), round(1, 10)] }])),
    );
    for (let x = -40; x <= 140; x += 9)
      for (let y = 0; y <= 60; y += 7) {
        const d = partDistance(tube!, [x, y, 0]);
        const outside = Math.max(0, Math.hypot(Math.max(0, -x, x - 100), Math.max(0, y - 20)) - 40);
        if (d > 0) expect(d).toBeLessThan(Math.hypot(x < 0 ? x : Math.max(0, x - 100), y) + 1);
        expect(d).toBeGreaterThan(outside - 45);
      }
  });

  it('lies inside its box', () => {
    const parts = skinParts(posedAs(limb, { b1: { flexion: 40 } }));
    const { min, max } = skinBox(parts);
    const field = (p: Vec3): number => Math.min(...parts.map((part) => partDistance(part, p)));
    for (const axis of [0, 1, 2] as const)
      for (const end of [min, max])
        for (let s = 0.05; s < 1; s += 0.1)
          for (let t = 0.05; t < 1; t += 0.1) {
            const at = (k: 0 | 1 | 2, share: number): number => min[k] + (max[k] - min[k]) * share;
            const p: [number, number, number] = [at(0, s), at(1, s), at(2, t)];
            p[axis] = end[axis] + (end === min ? -0.5 : 0.5);
            expect(field(p)).toBeGreaterThan(0);
          }
  });

  it('goes on from a leg to its foot: the front becomes the top', () => {
    const leg = chain(
      [
        { rest: [0, -1, 0], long: 100, stations: [round(0, 10), round(0.8, 10)] },
        { rest: [1, 0, 0], long: 60, stations: [round(0.4, 10), round(1, 10)] },
      ],
      'front',
    );
    const [shank, foot] = sleeveRuns(posedAs(leg));
    expect(shank!.samples[0]!.up[0]).toBeCloseTo(1, 2);
    expect(foot!.samples.at(-1)!.up[1]).toBeCloseTo(1, 2);
    for (const { along, up, across } of [...shank!.samples, ...foot!.samples]) {
      for (const axis of [along, up, across]) expect(distance(axis, [0, 0, 0])).toBeCloseTo(1, 9);
      expect(along[0] * up[0] + along[1] * up[1]).toBeCloseTo(0, 9);
    }
  });

  it('stays a body where its sections lie far off the bone, or it is folded upon itself', () => {
    const odd = chain([
      {
        rest: X,
        long: 100,
        stations: [round(0, 20), round(0.6, 0.05, { above: 900.05, below: -899.95 })],
      },
      { rest: X, long: 100, stations: [round(0.4, 15), round(1, 3)] },
    ]);
    for (const flexion of [0, 90, 180, -180])
      for (const part of skinParts(posedAs(odd, { b1: { flexion } }))) {
        if (part.kind !== 'sleeve') throw new Error('a sleeve gives runs');
        for (const sample of part.samples) {
          expect(sample.above + sample.below).toBeGreaterThan(0);
          expect(Math.hypot(...sample.up)).toBeCloseTo(1, 9);
        }
        for (let x = -50; x < 250; x += 17)
          for (let y = -100; y < 1000; y += 53) expect(partDistance(part, [x, y, 4])).not.toBeNaN();
      }
  });

  it('that has lost all but one of its sections is no body', () => {
    expect(skinParts(posedAs(chain([{ rest: X, long: 10, stations: [round(0.5, 4)] }])))).toEqual(
      [],
    );
  });
});

describe('a section of a sleeve', () => {
  const plain: SleeveSection = {
    ...{ above: 30, below: 10, half: 12, widest: 0, squareAbove: 2, squareBelow: 2, side: 0 },
  };

  it('is an ellipse where nothing else is said', () => {
    within(sectionArea({ ...plain, above: 20, below: 20, half: 10 }), Math.PI * 200, 1e-9);
  });

  it('reaches from the axis as far as it says, wherever it is widest', () => {
    for (const widest of [-0.6, 0, 0.5]) {
      const ring = sectionOutline({ ...plain, widest }, 240);
      const ups = ring.map(([up]) => up);
      expect(Math.max(...ups)).toBeCloseTo(30, 6);
      expect(Math.min(...ups)).toBeCloseTo(-10, 6);
      const [at] = ring.reduce((far, next) => (next[1] > far[1] ? next : far));
      expect(at).toBeCloseTo(10 + 20 * widest, 6);
    }
  });

  it('is squarer with a larger exponent, from a diamond to a brick', () => {
    const area = (e: number): number =>
      sectionArea({ ...plain, above: 10, below: 10, half: 10, squareAbove: e, squareBelow: e });
    within(area(1), 200, 0.01);
    within(area(2), Math.PI * 100, 0.01);
    within(area(40), 400, 0.03);
  });
});
