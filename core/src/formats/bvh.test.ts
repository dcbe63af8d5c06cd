import { describe, expect, it } from 'vitest';
import { poseSkeleton, posedBone } from '../anatomy/pose.ts';
import { ANIMALS, animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { aboutAxis, compose, turn } from '../geometry/quat.ts';
import { distance, X_AXIS, Y_AXIS, Z_AXIS } from '../geometry/vec3.ts';
import { gaitMoment } from '../posing/gaitMoment.ts';
import { stanceAngles } from '../posing/settledStance.ts';
import { isOwn, likelyNames, stanceFromBvh } from './bvhStance.ts';
import { problemSentence } from '../units/problem.ts';
import { toRad } from '../units/angles.ts';
import { bvhText, eulerZxy } from './bvh.ts';
import { bvhFrame, readBvh, type BvhFile } from './readBvh.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
function read(text: string): BvhFile {
  const result = readBvh(text);
  if (!result.ok) throw new Error(problemSentence(result.problem));
  return result.value;
}

// A file as motion tools write them (the format as commonly described): a two-legged figure, y up,
// facing z, in centimetres, its left thigh swung forward by 90 degrees about −x.
const FOREIGN = `HIERARCHY
ROOT Hips
{
  OFFSET 0 0 0
  CHANNELS 6 Xposition Yposition Zposition Zrotation Xrotation Yrotation
  JOINT LeftUpLeg
  {
    OFFSET 10 0 0
    CHANNELS 3 Zrotation Xrotation Yrotation
    JOINT LeftLeg
    {
      OFFSET 0 -40 0
      CHANNELS 3 Zrotation Xrotation Yrotation
      End Site
      {
        OFFSET 0 -40 0
      }
    }
  }
}
MOTION
Frames: 1
Frame Time: 0.0333333
0 90 0 0 0 0 0 -90 0 0 90 0
`;

describe('a BVH file of the project', () => {
  it.each([...new Map(ANIMALS.map((animal) => [animal.planId, animal.id])).values()])(
    'brings the %s back as it stood',
    (id) => {
      const skeleton = skeletonOf(id);
      const { presetId } = { presetId: skeleton.plan.stances.at(-1)!.id };
      const angles = stanceAngles(skeleton, { presetId, anglesDeg: {}, lifted: null });
      const file = read(bvhText(skeleton, [angles]));
      expect(isOwn(skeleton, file)).toBe(true);
      const back = stanceFromBvh(skeleton, file, 0, {}, 'x', {});
      const [a, b] = [poseSkeleton(skeleton, angles), poseSkeleton(skeleton, back.angles)];
      const size = skeleton.bones.reduce((sum, bone) => sum + bone.lifeLengthMm, 0);
      for (const { bone, end } of a.bones)
        expect(distance(end, posedBone(b, bone.id).end), bone.id).toBeLessThan(1e-5 * size);
    },
  );

  it('places every joint where the skeleton has it', () => {
    const skeleton = skeletonOf('grey-wolf');
    const gait = skeleton.plan.gaits[0]!;
    const frames = [0, 0.5].map((moment) => gaitMoment(skeleton, gait, moment).angles);
    const file = read(bvhText(skeleton, frames));
    expect(file.frames).toHaveLength(2);
    const posed = poseSkeleton(skeleton, frames[1]!);
    for (const { joint, at } of bvhFrame(file, 1))
      expect(distance(at, posedBone(posed, joint.name).start), joint.name).toBeLessThan(0.01);
  });

  it('takes any rotation apart into Z, X and Y and puts it together again', () => {
    const q = compose(
      aboutAxis(Z_AXIS, 0.7),
      compose(aboutAxis(X_AXIS, -1.1), aboutAxis(Y_AXIS, 2)),
    );
    const [z, x, y] = eulerZxy(q).map(toRad) as [number, number, number];
    const again = compose(
      aboutAxis(Z_AXIS, z),
      compose(aboutAxis(X_AXIS, x), aboutAxis(Y_AXIS, y)),
    );
    expect(distance(turn(again, [1, 2, 3]), turn(q, [1, 2, 3]))).toBeLessThan(1e-9);
  });
});

describe('a BVH file from elsewhere', () => {
  const theropod = skeletonOf('deinonychus');

  it('has its joints named by common words, and its directions taken', () => {
    const file = read(FOREIGN);
    const names = likelyNames(theropod, file);
    expect(names).toMatchObject({ Hips: 'sacrum', LeftUpLeg: 'femur.L', LeftLeg: 'tibia.L' });
    const only = { LeftUpLeg: 'femur.L', LeftLeg: 'tibia.L' };
    const { angles } = stanceFromBvh(theropod, file, 0, only, 'z', {});
    const posed = poseSkeleton(theropod, angles);
    const way = (id: string) => {
      const { start, end, bone } = posedBone(posed, id);
      return end.map((v, i) => (v - start[i as 0]) / bone.lifeLengthMm);
    };
    // The thigh points forward and the shank down, as nearly as the limits allow.
    expect(way('femur.L')[0]).toBeGreaterThan(0.95);
    expect(way('tibia.L')[1]).toBeLessThan(-0.8);
  });

  it('says which bones its limits keep from following', () => {
    const file = read(FOREIGN.replace('-90 0 0 90', '160 0 0 0'));
    const { missed } = stanceFromBvh(theropod, file, 0, { LeftUpLeg: 'femur.L' }, 'z', {});
    expect(missed.map(({ boneId }) => boneId)).toEqual(['femur.L']);
    expect(missed[0]!.deg).toBeGreaterThan(20);
  });

  it.each([
    ['nothing of the kind', 'hello', /text of another kind/],
    ['no motion', 'HIERARCHY\nROOT a\n{\n}\n', /HIERARCHY and has MOTION/],
    ['a missing brace', FOREIGN.replace('}\nMOTION', 'MOTION'), /brace that is not closed/],
    ['too few numbers', FOREIGN.replace('0 90 0 0 0 0', '0 90 0'), /9 values in frame 1/],
    ['letters for numbers', FOREIGN.replace('0 90 0 0', '0 x 0 0'), /in frame 1/],
    ['fewer frames than said', FOREIGN.replace('Frames: 1', 'Frames: 3'), /1 frames/],
    ['no frame', FOREIGN.replace('Frames: 1', 'Frames: 0'), /at least 1/],
    ['a foreign word', FOREIGN.replace('JOINT LeftLeg', 'LIMB LeftLeg'), /“LIMB”/],
    ['a bad channel', FOREIGN.replace('Zrotation', 'Wrotation'), /channels of/],
    [
      'a short offset',
      FOREIGN.replace('OFFSET 10 0 0', 'OFFSET 10 0 CHANNELS'),
      /OFFSET|channels|“/,
    ],
    [
      'two joints of one name',
      FOREIGN.replace('LeftLeg', 'LeftUpLeg'),
      /two joints named LeftUpLeg/,
    ],
  ])('with %s gets a sentence', (_, text, sentence) => {
    const result = readBvh(text);
    expect(result.ok).toBe(false);
    if (!result.ok) expect(problemSentence(result.problem)).toMatch(sentence);
  });
});
