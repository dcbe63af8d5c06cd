import { describe, expect, it } from 'vitest';
import { isApart } from '../anatomy/animal.ts';
import { restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import { animalById, ANIMALS, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { posedApart } from '../body/apart.ts';
import { skinParts } from '../body/skin.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { assertMesh, type TriangleMesh } from '../geometry/triangleMesh.ts';
import { distance, mirrored } from '../geometry/vec3.ts';
import { settledStance } from '../posing/settledStance.ts';
import { apartLines, apartMeshes, apartSkin, withApart } from './apartSkin.ts';
import { faceOn } from './faceOn.ts';
import { headBones } from './headForm.ts';
import { relief } from './relief.ts';
import { skinSurface, SURFACE_CELLS } from './skinSurface.ts';

const restOf = (id: string): PosedSkeleton => {
  const animal = animalById(id)!;
  return restPose(buildSkeleton(planById(animal.planId)!, animal));
};
const stanceOf = (id: string, size: number): PosedSkeleton => {
  const animal = animalById(id)!;
  const skeleton = buildSkeleton(planById(animal.planId)!, animal);
  const presetId = animal.usualStance ?? skeleton.plan.stances[0]!.id;
  return settledStance(skeleton, { presetId, anglesDeg: {}, lifted: null }, size);
};
const WITH_APART = ANIMALS.filter(({ flesh }) => Object.values(flesh).flat().some(isApart));

describe.each(WITH_APART)('what stands out of the skin of the $name', ({ id }) => {
  const posed = restOf(id);
  const things = posedApart(posed);

  it('is rooted in the body', () => {
    const parts = skinParts(posed);
    for (const { curve, samples } of things) {
      const [first] = samples;
      // A claw sits on the tip of its toe, a barb of a feather on the one before it.
      const off = skinDistance(parts, first!.at);
      const onOthers = Math.min(
        ...things
          .filter((other) => other.samples !== samples)
          .flatMap((other) =>
            other.samples.map(({ at, above }) => distance(at, first!.at) - above),
          ),
      );
      expect(Math.min(off, onOthers), curve).toBeLessThan(1.5 * first!.above);
    }
  });

  it('is alike on both sides', () => {
    for (const { samples } of things)
      for (const { at, above } of samples) {
        const image = mirrored(at);
        const nearest = Math.min(
          ...things.flatMap((other) => other.samples.map((of) => distance(of.at, image))),
        );
        expect(nearest).toBeLessThan(1e-3 * above + 1e-6);
      }
  });

  it('has a closed mesh of its own, and the skin stays as it was', () => {
    const skin = skinSurface(posed, 12_000);
    const all = withApart(skin, apartSkin(posed, skin.cellMm));
    const { positions, normals, indices, owner } = all.mesh;
    expect(positions.subarray(0, skin.mesh.positions.length)).toEqual(skin.mesh.positions);
    expect(indices.subarray(0, skin.mesh.indices.length)).toEqual(skin.mesh.indices);
    expect(all.apartHexes).toHaveLength(owner.length - all.apartFrom);
    for (const list of [all.zone, all.facing, all.sleeve, all.arcMm, all.coatMm])
      expect(list).toHaveLength(owner.length);
    const drawn = things.length - apartLines(posed, skin.cellMm).length;
    expect(all.parts).toHaveLength(skin.parts.length + drawn);
    for (let part = skin.parts.length; part < all.parts.length; part++) {
      const own = Array.from({ length: indices.length / 3 }, (_, t) => t).filter(
        (t) => owner[indices[3 * t]!] === part,
      );
      const triangles = Uint32Array.from(
        own.flatMap((t) => [...indices.subarray(3 * t, 3 * t + 3)]),
      );
      expect(() => assertMesh({ positions, normals, indices: triangles })).not.toThrow();
    }
  });
});

describe('what stands out, by its colours', () => {
  it('has each of its triangles once, as closed meshes', () => {
    const apart = apartSkin(stanceOf('red-deer', 1 / 10), 1);
    const meshes = apartMeshes(apart);
    expect(new Set(meshes.map(({ hex }) => hex))).toEqual(new Set(apart.hexes));
    expect(meshes.length).toBeGreaterThan(1);
    const triangles = meshes.reduce((sum, { indices }) => sum + indices.length, 0);
    expect(triangles).toBe(apart.mesh.indices.length);
    for (const mesh of meshes) expect(() => assertMesh(mesh)).not.toThrow();
  });
});

describe('nothing thin dissolves', () => {
  // Scales of small and of large pieces.
  it.each([1, 1 / 6, 1 / 20])('the crest of the heron is drawn at %d of life', (size) => {
    const posed = stanceOf('grey-heron', size);
    const skin = skinSurface(posed, 30_000);
    const all = withApart(skin, apartSkin(posed, skin.cellMm));
    const head = headBones(posed.skeleton);
    const { face } = relief(all, [], 'side', faceOn(posed, skin, head));
    // As areas where they are wide enough for that, else as lines.
    const dark = [
      ...face.areas.filter(({ hex }) => hex === '#23262b').map(({ loop }) => loop),
      ...face.lines.filter((line) => line.length > 10),
    ].map((points) => points.map(([x]) => x));
    const length = Math.max(...dark.map((xs) => Math.max(...xs) - Math.min(...xs)));
    // From the crown to the tips of the plumes: about 150 mm in life.
    expect(length / size).toBeGreaterThan(120);
    expect(length / size).toBeLessThan(190);
  });

  it('draws the whiskers of the otter as lines, in a coarse and in a fine answer', () => {
    const posed = stanceOf('eurasian-otter', 1 / 3);
    for (const cells of [20_000, 90_000]) {
      const skin = skinSurface(posed, cells);
      // Five whiskers on either side; small claws may be lines too.
      expect(apartLines(posed, skin.cellMm).length).toBeGreaterThanOrEqual(10);
      const { face } = relief(
        withApart(skin, apartSkin(posed, skin.cellMm)),
        [],
        'front',
        faceOn(posed, skin),
      );
      const long = face.lines.filter((line) => {
        const [a, b] = [line[0]!, line.at(-1)!];
        return Math.hypot(a[0] - b[0], a[1] - b[1]) > 20 / 3;
      });
      expect(long.length).toBeGreaterThan(5);
    }
  });
});

/** How many pieces a mesh is in: the points that its triangles join. */
function pieces({ positions, indices }: TriangleMesh): number {
  const joined = Int32Array.from({ length: positions.length / 3 }, (_, i) => i);
  const rootOf = (i: number): number => {
    let at = i;
    while (joined[at] !== at) at = joined[at] = joined[joined[at]!]!;
    return at;
  };
  for (let t = 0; t < indices.length; t += 3) {
    const root = rootOf(indices[t]!);
    joined[rootOf(indices[t + 1]!)] = root;
    joined[rootOf(indices[t + 2]!)] = root;
  }
  return joined.filter((of, i) => of === i).length;
}

describe('the skin of a fine answer', () => {
  // Cells grow with the model: the scale does not matter. Thin limbs, long columns, steep joints.
  it.each(['adder', 'alpine-ibex', 'grey-heron', 'rhamphorhynchus', 'raft-spider'])(
    'is one piece, with no island and no hole inside: %s',
    (id) => {
      expect(pieces(skinSurface(stanceOf(id, 1 / 10), SURFACE_CELLS.fine).mesh)).toBe(1);
    },
  );
});

describe('what is drawn is what is counted', () => {
  const digits = (id: string, bone: string): number => {
    const flesh = animalById(id)!.flesh[bone]!;
    return flesh.filter(
      (part) => 'curve' in part && !isApart(part) && /toe|finger|thumb/.test(part.curve),
    ).length;
  };
  const claws = (id: string, bone: string, name: RegExp): number =>
    animalById(id)!.flesh[bone]!.filter((part) => isApart(part) && name.test(part.curve)).length;
  const counted = (id: string, name: RegExp): number =>
    animalById(id)!.counts!.find((count) => name.test(count.name))!.range[0];

  it.each([
    ['grey-wolf', 'foreDigits', /Toes that meet/, 0],
    ['grey-wolf', 'hindDigits', /Toes that meet/, 0],
    ['eurasian-otter', 'foreDigits', /Toes/, 0],
    ['eurasian-otter', 'hindDigits', /Toes/, 0],
    ['nile-crocodile', 'foreDigits', /forefoot/, 0],
    ['nile-crocodile', 'hindDigits', /hind foot/, 0],
    // The longest toe goes on from the limb, in its sleeve.
    ['fire-salamander', 'foreDigits', /forefoot/, 1],
    ['fire-salamander', 'hindDigits', /hind foot/, 1],
    ['baryonyx', 'foreDigits', /Fingers/, 0],
    ['deinonychus', 'foreDigits', /Fingers/, 0],
    // The hind toe is a bone of its own.
    ['grey-heron', 'toes', /Toes/, 1],
    ['barn-owl', 'toes', /Toes/, 1],
    ['dodo', 'toes', /Toes/, 1],
    ['rhamphorhynchus', 'fingers', /Clawed fingers/, 0],
  ])('digits: %s, %s', (id, bone, name, elsewhere) => {
    expect(digits(id, bone) + elsewhere).toBe(counted(id, name));
  });

  // Dental and digital counts of handbooks, from memory.
  it.each([
    ['red-deer', 'foreDigits', /^hoof/, 2],
    ['alpine-ibex', 'hindDigits', /^hoof/, 2],
    ['red-deer', 'foreDigits', /^dewclaw/, 2],
    ['woolly-mammoth', 'foreDigits', /^nail/, 5],
    ['woolly-mammoth', 'hindDigits', /^nail/, 4],
    ['nile-crocodile', 'foreDigits', /^claw/, 3],
    ['nile-crocodile', 'hindDigits', /^claw/, 3],
    ['nile-crocodile', 'skull', /^upper tooth/, 18],
    ['nile-crocodile', 'jaw', /^lower tooth/, 15],
    ['baryonyx', 'hindDigits', /^claw/, 4],
    ['deinonychus', 'hindDigits', /^claw|^sickle/, 4],
  ])('%s, %s: %s', (id, bone, name, many) => {
    expect(claws(id, bone, name)).toBe(many);
  });
});
