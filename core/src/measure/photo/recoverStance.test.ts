import { describe, expect, it } from 'vitest';
import { fitAngles } from '../../anatomy/fitAngles.ts';
import { assertPosed, poseSkeleton, type JointAngles } from '../../anatomy/pose.ts';
import { animalById, ANIMALS, planById } from '../../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../../anatomy/skeleton.ts';
import { stanceAngles } from '../../posing/settledStance.ts';
import { angleBetween, sub, unit, type Vec3 } from '../../geometry/vec3.ts';
import type { Picture } from '../../piece/referencesSchema.ts';
import { REFERENCE_PLATES } from '../../sheets/referencePlates.ts';
import { pictureOf, placesOf } from '../../testing/simulatedPictures.ts';
import { evenNumbers, shakyHand, tracedPlate } from '../../testing/tracing.ts';
import { recoverStance } from './recoverStance.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const startOf = (skeleton: Skeleton): JointAngles =>
  stanceAngles(skeleton, { presetId: '', anglesDeg: {}, lifted: null });

/** A stance within the limits, near the start stance, the same for the same seed. */
function seededStance(skeleton: Skeleton, seed: number): JointAngles {
  const even = evenNumbers(seed);
  const start = startOf(skeleton);
  return Object.fromEntries(
    skeleton.bones.map((bone) => [
      bone.id,
      Object.fromEntries(
        Object.entries(bone.joint.freedoms).map(([name, { minDeg, maxDeg }]) => {
          const from = start[bone.id]?.[name as 'flexion'] ?? 0;
          const to = minDeg + (maxDeg - minDeg) * even();
          return [name, from + (to - from) * 0.35];
        }),
      ),
    ]),
  );
}

const directionsOf = (skeleton: Skeleton, angles: JointAngles): ReadonlyMap<string, Vec3> =>
  new Map(
    poseSkeleton(skeleton, angles).bones.map(({ bone, start, end }) => [
      bone.id,
      unit(sub(end, start)),
    ]),
  );

describe('joint angles from directions', () => {
  it.each(ANIMALS.map((animal) => animal.id))('bring every bone of the %s where it was', (id) => {
    const skeleton = skeletonOf(id);
    for (const seed of [1, 2]) {
      const wanted = directionsOf(skeleton, seededStance(skeleton, seed));
      const { angles, missDeg } = fitAngles(skeleton, wanted, startOf(skeleton));
      expect(missDeg.size).toBe(skeleton.bones.length);
      for (const [bone, deg] of missDeg) expect(deg, `${bone}, seed ${seed}`).toBeLessThan(0.5);
      assertPosed(poseSkeleton(skeleton, angles));
      for (const bone of skeleton.bones)
        for (const [name, { minDeg, maxDeg }] of Object.entries(bone.joint.freedoms)) {
          const deg = angles[bone.id]?.[name as 'flexion'] ?? 0;
          expect(deg, `${bone.id} ${name}`).toBeGreaterThanOrEqual(minDeg - 1e-9);
          expect(deg, `${bone.id} ${name}`).toBeLessThanOrEqual(maxDeg + 1e-9);
        }
    }
  });

  it('stay at the limit where a joint cannot follow, and say by how much it misses', () => {
    const otter = skeletonOf('eurasian-otter');
    const { flexion } = otter.byId.get('tibia.L')!.joint.freedoms;
    const folded = { ...startOf(otter), 'tibia.L': { flexion: flexion!.minDeg - 40 } };
    const wanted = new Map(
      [...directionsOf(otter, folded)].filter(([id]) => id === 'tibia.L' || id === 'femur.L'),
    );
    const alone = new Map([...wanted, ['sacrum', directionsOf(otter, folded).get('sacrum')!]]);
    const { angles, missDeg } = fitAngles(otter, alone, startOf(otter));
    expect(angles['tibia.L']!.flexion).toBeGreaterThanOrEqual(flexion!.minDeg - 1e-9);
    expect(Math.max(...missDeg.values())).toBeGreaterThan(5);
  });

  it('keep what nothing tells', () => {
    const otter = skeletonOf('eurasian-otter');
    const start = startOf(otter);
    const { angles } = fitAngles(otter, new Map([['skull', [1, 0, 0] as Vec3]]), start);
    expect(angles['tibia.L']).toEqual(start['tibia.L']);
  });
});

/** A picture from the side of a stance, far enough to have no perspective, to be read by itself. */
function photograph(skeleton: Skeleton, stance: JointAngles, signs: boolean): Picture {
  const picture = pictureOf(placesOf(skeleton, stance), { view: 'side', pxPerMm: 2 });
  const posed = poseSkeleton(skeleton, stance);
  const nearer = Object.fromEntries(
    posed.bones.map(({ bone, start, end }) => [bone.id, end[2] <= start[2] ? 1 : -1] as const),
  );
  return { ...picture, view: 'photo', nearer: signs ? nearer : {} };
}

describe('one photograph and known bones', () => {
  it.each(['eurasian-otter', 'grey-heron', 'nile-crocodile', 'deinonychus'])(
    'give back the stance of the %s up to the mirror choices',
    (id) => {
      const skeleton = skeletonOf(id);
      for (const seed of [3, 4, 5]) {
        const stance = seededStance(skeleton, seed);
        const truth = directionsOf(skeleton, stance);
        const found = recoverStance(
          skeleton,
          photograph(skeleton, stance, true),
          startOf(skeleton),
        );
        expect(found.impossible).toEqual([]);
        expect(found.bones).toHaveLength(skeleton.bones.length);
        const reached = directionsOf(skeleton, found.angles!);
        // The stance may stand turned about the vertical: the trunk is brought to look forward.
        const about = (found.headingDeg * Math.PI) / 180;
        for (const [bone, [x, y, z]] of truth) {
          const [c, s] = [Math.cos(about), Math.sin(about)];
          const turned: Vec3 = [x * c - z * s, y, x * s + z * c];
          const deg = (angleBetween(turned, reached.get(bone)!) * 180) / Math.PI;
          expect(deg, `${bone}, seed ${seed}`).toBeLessThan(1);
        }
      }
    },
  );

  it('give the other of the two when a bone is turned the other way', () => {
    const skeleton = skeletonOf('eurasian-otter');
    const stance = { ...startOf(skeleton), 'femur.L': { abduction: 20, flexion: 5 } };
    const picture = photograph(skeleton, stance, true);
    const one = recoverStance(skeleton, picture, startOf(skeleton));
    const flipped = { ...picture.nearer, 'femur.L': -picture.nearer['femur.L']! as 1 | -1 };
    const other = recoverStance(skeleton, { ...picture, nearer: flipped }, startOf(skeleton));
    const of = (found: typeof one) => found.bones.find(({ bone }) => bone.id === 'femur.L')!;
    expect(of(one)).toMatchObject({ chosen: true });
    expect(of(other).nearer).toBe(-of(one).nearer);
    expect(of(other).depthMm).toBeCloseTo(of(one).depthMm!, 9);
    expect(of(one).missDeg!).toBeLessThan(of(other).missDeg!);
  });

  it('guess signs that hold the limbs as the animal does', () => {
    const skeleton = skeletonOf('eurasian-otter');
    const plate = REFERENCE_PLATES.find(({ view }) => view === 'photo')!;
    const picture = { ...tracedPlate(plate, shakyHand(2, 1)), scale: null };
    const found = recoverStance(skeleton, picture, startOf(skeleton));
    expect(found.calibrated).toBe(false);
    expect(found.impossible).toEqual([]);
    // cos 16° is 0.96: clicks and the lens leave several degrees open.
    expect(Math.abs(found.headingDeg - plate.headingDeg)).toBeLessThan(9);
    expect(found.bones.every(({ chosen }) => !chosen)).toBe(true);
    const truth = stanceAngles(skeleton, { ...plate, lifted: null });
    for (const [bone, freedom] of [
      ['femur.L', 'flexion'],
      ['radius.R', 'flexion'],
      ['tail1', 'abduction'],
      ['neckLower', 'abduction'],
    ] as const)
      expect(
        Math.abs(found.angles![bone]![freedom]! - (truth[bone]![freedom] ?? 0)),
        bone,
      ).toBeLessThan(12);
  });

  it('name the bones that are seen too long, with the smallest changes that help', () => {
    const skeleton = skeletonOf('eurasian-otter');
    const picture = photograph(skeleton, startOf(skeleton), true);
    const [from, to] = ['femur.L.start', 'tibia.L.start'].map((id) => picture.landmarks[id]![0]!);
    const long: [number, number] = [
      from![0] + 1.5 * (to![0] - from![0]),
      from![1] + 1.5 * (to![1] - from![1]),
    ];
    const wrong = { ...picture, landmarks: { ...picture.landmarks, 'tibia.L.start': [long] } };
    const found = recoverStance(skeleton, wrong, startOf(skeleton));
    expect(found.angles).toBeNull();
    const femur = found.impossible.find(({ bone }) => bone.id === 'femur.L')!;
    const seen = Math.hypot(long[0] - from![0], long[1] - from![1]);
    expect(femur.lengthMm).toBeCloseTo(seen / 2, 6);
    expect(femur.movePx).toBeCloseTo(seen - 82 * 2, 6);
    expect(femur.pxPerMm).toBeCloseTo(seen / 82, 9);
    // At the least scale nothing is impossible: without a calibration it is taken.
    expect(
      recoverStance(skeleton, { ...wrong, scale: null }, startOf(skeleton)).impossible,
    ).toEqual([]);
  });

  it('say that nothing is known of an empty picture', () => {
    const skeleton = skeletonOf('eurasian-otter');
    const picture = { ...photograph(skeleton, startOf(skeleton), false), landmarks: {} };
    expect(recoverStance(skeleton, picture, startOf(skeleton))).toMatchObject({
      bones: [],
      impossible: [],
      angles: null,
    });
  });
});
