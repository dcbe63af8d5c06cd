import { describe, expect, it } from 'vitest';
import { composeCreature } from '../anatomy/composeCreature.ts';
import { newCreature, type Graft } from '../anatomy/creature.ts';
import { facePlaces, joinedFaces, renamedFace } from '../anatomy/face.ts';
import { restPose } from '../anatomy/pose.ts';
import { ANIMALS, animalById, planById } from '../anatomy/registry.ts';
import { animalFaults } from '../anatomy/faults.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { posedApart } from '../body/apart.ts';
import { skinParts } from '../body/skin.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { distance, mirrored, type Vec3 } from '../geometry/vec3.ts';
import { settledStance } from '../posing/settledStance.ts';
import { facePads } from './facePads.ts';
import { faceOn } from './faceOn.ts';
import { faceShapes, type FaceShape } from './faceShapes.ts';
import { HEAD_VIEWS, headBones, headForm } from './headForm.ts';
import { relief } from './relief.ts';
import { skinSurface } from './skinSurface.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const middle = ({ points }: FaceShape): Vec3 =>
  [0, 1, 2].map((k) => points.reduce((s, p) => s + p[k as 0], 0) / points.length) as never;

describe.each(ANIMALS)('the face of the $name', ({ id, face, eye }) => {
  const posed = restPose(skeletonOf(id));
  const shapes = faceShapes(posed);

  it('has eyes, and lies on bones that it has', () => {
    // The eyes of insects stand out of the head, all other eyes have lids.
    const domes = posedApart(posed).filter(({ curve }) => curve === 'eye');
    expect(face!.eyes.length + domes.length).toBeGreaterThan(0);
    for (const [bone, along] of facePlaces(face!)) {
      expect(posed.bones.some(({ bone: { key } }) => key === bone)).toBe(true);
      expect(along).toBeGreaterThan(-0.2);
      expect(along).toBeLessThan(1.2);
    }
  });

  it('is drawn for every place of it, on both sides alike', () => {
    const sides = (places: readonly { at: readonly [string, number, number, number?] }[]): number =>
      places.reduce((sum, { at }) => sum + (at[2] === 0 ? 1 : 2), 0);
    // White, pupil and light in every eye, and every hole.
    expect(shapes.filter(({ hex }) => hex !== null)).toHaveLength(
      3 * sides(face!.eyes) + sides(face!.holes),
    );
    for (const { points } of shapes)
      for (const p of points) {
        const image = mirrored(p);
        const nearest = Math.min(
          ...shapes.flatMap((other) => other.points.map((q) => distance(q, image))),
        );
        expect(nearest).toBeLessThan(1e-6 * distance(p, [0, 0, 0]) + 1e-9);
      }
  });

  it('has its eyes on the skin, as wide as their lids open', () => {
    const parts = skinParts(posed);
    const irises = shapes.filter(({ hex }) => face!.eyes.some((of) => of.hex === hex));
    for (const iris of irises) {
      const d = skinDistance(parts, middle(iris));
      expect(d).toBeGreaterThan(-0.6 * eye.mm);
      expect(d).toBeLessThan(0.6 * eye.mm);
      const wide = Math.max(...iris.points.map((p) => 2 * distance(p, middle(iris))));
      const openings = face!.eyes.map(({ opening }) => Math.max(...opening) * eye.mm);
      expect(openings.some((mm) => Math.abs(wide / mm - 1) < 0.01)).toBe(true);
    }
  });
});

describe('a face that is looked at', () => {
  const skeleton = skeletonOf('grey-wolf');
  const stance = { presetId: skeleton.plan.stances[0]!.id, anglesDeg: {}, lifted: null };
  const posed = settledStance(skeleton, stance, 1 / 6);
  const skin = skinSurface(posed, 30_000);
  const onSkin = faceOn(posed, skin);
  const eyesIn = (view: Parameters<typeof relief>[2]): number =>
    relief(skin, [], view, onSkin).face.areas.filter(
      ({ hex }) => hex === skeleton.animal.face!.eyes[0]!.hex,
    ).length;

  it('shows one eye from the side, both from the front, none from behind', () => {
    expect([eyesIn('side'), eyesIn('front'), eyesIn('back')]).toEqual([1, 2, 0]);
  });

  it('has its nose foremost, and skin without a face shows none', () => {
    const pads = facePads(posed, skin);
    const xs = Array.from({ length: pads.length }, (_, i) => skin.mesh.positions[3 * i]!);
    const nose = xs.filter((_, i) => pads[i] === 1);
    expect(nose.length).toBeGreaterThan(5);
    expect(Math.max(...xs) - Math.max(...nose)).toBeLessThan(skin.cellMm / 10);
    expect(Math.min(...nose)).toBeGreaterThan(Math.max(...xs) - 10);
    expect(relief(skin, [], 'front').face).toEqual({ lines: [], areas: [] });
  });

  it('stands on the head by itself, from three sides', () => {
    const bones = headBones(skeleton);
    expect([...bones].sort()).toEqual(['ear.L', 'ear.R', 'jaw', 'neckUpper', 'skull']);
    const heads = headForm(posed, 20_000);
    expect(heads.map(({ view }) => view)).toEqual([...HEAD_VIEWS]);
    for (const { outline, face } of heads) {
      expect(outline.length).toBeGreaterThan(0);
      expect(face.areas.length).toBeGreaterThan(2);
    }
  });
});

/** A deer's head for whoever wants two. */
const HEAD: Graft = {
  id: 'second',
  name: 'Second head',
  from: 'red-deer',
  part: 'head',
  onBone: 'thoracic',
  at: 0.9,
  size: 1,
};

describe('a face that goes elsewhere', () => {
  const { face } = animalById('grey-heron')!;

  it('keeps what lies on bones that have a name there', () => {
    const skullOnly = renamedFace(face, (bone) => (bone === 'skull' ? 'skull2' : null))!;
    expect(skullOnly.eyes.map(({ at }) => at[0])).toEqual(['skull2']);
    expect(skullOnly.holes).toEqual([]);
    for (const through of skullOnly.lines)
      expect(through.every(([bone]) => bone === 'skull2')).toBe(true);
    expect(renamedFace(undefined, (bone) => bone)).toBeUndefined();
    expect(joinedFaces(face, skullOnly)!.eyes).toHaveLength(2);
    expect(joinedFaces(undefined, face)).toBe(face);
  });

  it('goes with a head that is lent', () => {
    const subject = composeCreature({
      ...newCreature('own', 'Two heads', 'grey-wolf'),
      grafts: [HEAD],
    });
    if (subject === undefined) throw new Error('not composed');
    expect(subject.animal.face!.eyes).toHaveLength(2);
    const bones = subject.plan.bones.map(({ key }) => key);
    for (const [bone] of facePlaces(subject.animal.face!)) expect(bones).toContain(bone);
  });

  it('is told where it lies on no bone', () => {
    const wolf = animalById('grey-wolf')!;
    const odd = renamedFace(wolf.face, () => 'nowhere');
    const told = animalFaults(planById(wolf.planId)!, { ...wolf, face: odd! });
    expect(told.join(' ')).toContain('nowhere');
  });
});

describe('lines of a face', () => {
  it.each(['grey-wolf', 'eurasian-otter', 'barn-owl'])(
    'of %s stand on its sleeves, the mouth too',
    (id) => {
      const posed = restPose(skeletonOf(id));
      const { lines } = posed.skeleton.animal.face!;
      const drawn = faceShapes(posed).filter(({ hex, out }) => hex === null && out === null);
      const paired = lines.filter((line) => line.some(([, , around]) => around !== 0));
      expect(drawn.length).toBe(lines.length + paired.length);
    },
  );
});
