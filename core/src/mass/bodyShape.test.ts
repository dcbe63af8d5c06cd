/* eslint-disable max-lines -- the tests of one subject, which share its pieces */
import { usualZone } from '../piece/skinSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { beforeAll, describe, expect, it } from 'vitest';
import { validateBytes } from 'gltf-validator';
import Module, { type ManifoldToplevel } from 'manifold-3d';
import { ANIMALS } from '../anatomy/registry.ts';
import { bladeArea, posedBlades } from '../body/blades.ts';
import { bodyGrid, FINE_CELLS } from '../body/bodyGrid.ts';
import { sampleField } from '../body/sampleField.ts';
import { bodyBlends } from '../body/bodyBlends.ts';
import { fleshField, gridOver } from '../body/fleshField.ts';
import { cellCentre } from '../body/cellGrid.ts';
import { fleshParts } from '../body/fleshParts.ts';
import { glbOf } from '../formats/gltf.ts';
import { stlOf } from '../formats/stl.ts';
import { loopArea } from '../geometry/contours.ts';
import { assertMesh, meshMeasures } from '../geometry/triangleMesh.ts';
import { planPiece } from '../plan.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { newWorkpiece, changed, otterPiece, plainPiece } from '../testing/samples.ts';
import { sampled } from '../testing/sampled.ts';
import type { BodyShape } from './bodyShape.ts';
import { layersOf } from './layers.ts';
import { done } from '../jobs/jobKinds.ts';

const shapeOf = (piece: Workpiece, fine = false): BodyShape =>
  done(planPiece(piece).jobs.shape, fine).value;
const layersFor = (piece: Workpiece, total = 200_000) => {
  const { stance, builds } = planPiece(piece);
  const parts = fleshParts(stance.posed);
  const blends = bodyBlends(stance.posed.skeleton, parts);
  const field = fleshField(parts, gridOver(parts, total), blends);
  return layersOf(field, stance.posed, builds, piece.skin);
};
const otter = shapeOf(otterPiece(), true);
let wasm: ManifoldToplevel;
beforeAll(async () => {
  wasm = await Module();
  wasm.setup();
});

describe('the meshes of a model', () => {
  it('are closed and manifold, and a mesh library finds the same volume within 1 %', () => {
    for (const name of ['skin', 'clay', 'core'] as const) {
      const mesh = otter.meshes![name];
      assertMesh(mesh);
      const theirs = new wasm.Manifold(
        new wasm.Mesh({ numProp: 3, vertProperties: mesh.positions, triVerts: mesh.indices }),
      );
      expect(theirs.status()).toBe('NoError');
      const field = name === 'core' ? otter.coreMm3 : otter.volumeMm3;
      expect(Math.abs(theirs.volume() / field - 1)).toBeLessThan(0.01);
      theirs.delete();
    }
  });

  // Second opinion on a section: the library slices the same solid by a plane.
  it('are sliced by a mesh library to the area of the section card', () => {
    const cut = otter.cuts.find(({ boneId }) => boneId === 'lumbar')!;
    const [along, up, right] = cut.axes;
    const { positions, indices } = otter.meshes!.skin;
    const turned = new Float32Array(positions.length);
    for (let i = 0; i < positions.length; i += 3) {
      const p = [0, 1, 2].map((k) => positions[i + k]! - cut.centre[k]!);
      [right, up, along].forEach((axis, k) => {
        turned[i + k] = axis[0] * p[0]! + axis[1] * p[1]! + axis[2] * p[2]!;
      });
    }
    // Right, up and along are left-handed: their triangles are turned over.
    const flipped = indices.map((_, i) => indices[i - (i % 3) + [0, 2, 1][i % 3]!]!);
    const solid = new wasm.Manifold(
      new wasm.Mesh({ numProp: 3, vertProperties: turned, triVerts: flipped }),
    );
    const polygons = solid.slice(0).toPolygons();
    const theirs = polygons
      .map((polygon) => Math.abs(loopArea(polygon as unknown as [number, number][])))
      .reduce((best, area) =>
        Math.abs(area - loopArea(cut.skin)) < Math.abs(best - loopArea(cut.skin)) ? area : best,
      );
    expect(loopArea(cut.skin) / theirs).toBeCloseTo(1, 1);
    expect(Math.abs(loopArea(cut.skin) / theirs - 1)).toBeLessThan(0.02);
    solid.delete();
  });

  it('are read by the validator of glTF without an error or a warning', async () => {
    const { skin, core } = otter.meshes!;
    const bytes = glbOf(
      [
        { name: 'body', mesh: skin, colour: [0.5, 0.4, 0.3] },
        { name: 'core', mesh: core, colour: [0.7, 0.7, 0.7] },
      ],
      'Otter on the log',
    );
    const report = await validateBytes(bytes);
    expect(report.issues.messages).toEqual([]);
    expect(report.issues.numErrors + report.issues.numWarnings).toBe(0);
    expect(report.info.totalTriangleCount).toBe((skin.indices.length + core.indices.length) / 3);
  });

  it('come back from STL as they were, standing on z = 0 and in millimetres', () => {
    const { skin } = otter.meshes!;
    const bytes = stlOf(skin, 'Otter');
    const view = new DataView(bytes.buffer);
    const many = view.getUint32(80, true);
    expect(bytes.length).toBe(84 + 50 * many);
    expect(many).toBe(skin.indices.length / 3);
    // A reader of its own: corners joined where they are the same, measured by the mesh library.
    const known = new Map<string, number>();
    const points: number[] = [];
    const triangles = new Uint32Array(3 * many);
    for (let t = 0; t < many; t++)
      for (let n = 0; n < 3; n++) {
        const p = [0, 1, 2].map((k) => view.getFloat32(84 + 50 * t + 12 + 12 * n + 4 * k, true));
        const key = p.join(' ');
        if (!known.has(key)) {
          known.set(key, points.length / 3);
          points.push(...p);
        }
        triangles[3 * t + n] = known.get(key)!;
      }
    const solid = new wasm.Manifold(
      new wasm.Mesh({
        numProp: 3,
        vertProperties: Float32Array.from(points),
        triVerts: triangles,
      }),
    );
    expect(solid.status()).toBe('NoError');
    expect(solid.volume() / meshMeasures(skin).volume).toBeCloseTo(1, 4);
    const { min, max } = solid.boundingBox();
    expect(min[2]).toBeGreaterThan(-1);
    expect(max[2] - min[2]).toBeLessThan(max[0] - min[0]);
    solid.delete();
  });
});

describe('plates', () => {
  it('of fins, feathers and membranes are closed, and thick enough to hold', () => {
    const bladed = ['harbour-porpoise', 'grey-heron', 'rhamphorhynchus', 'emperor-dragonfly'];
    for (const id of sampled(bladed, 1, 5)) {
      const piece = newWorkpiece('n', 'n', id);
      const { plates } = shapeOf(piece, true).meshes!;
      assertMesh(plates);
      const { posed } = planPiece(piece).stance;
      const area = posedBlades(posed).reduce((sum, blade) => sum + bladeArea(blade), 0);
      expect(meshMeasures(plates).volume).toBeGreaterThan(0.3 * 0.8 * area);
    }
  });
});

describe('the body in a stance', () => {
  // Every demonstration piece as it is posed, beside its body at rest; thin blades are no part of it.
  it.each(sampled(demoWorkpieces(), 2, 9).map((piece) => [piece.name, piece] as const))(
    '%s has the volume that it has at rest, within 2 per cent',
    (_, piece) => {
      const { skeleton, lifePerModel } = planPiece(piece).measure;
      const bare = { ...skeleton, animal: { ...skeleton.animal, blades: [] } };
      const rest = bodyGrid(bare, FINE_CELLS / 3).volumeMm3 / lifePerModel ** 3;
      expect(Math.abs(shapeOf(piece, true).volumeMm3 / rest - 1)).toBeLessThan(0.02);
    },
  );

  it.each(sampled([45, -45, -30, 30], 1, 3))(
    'a knee bent by %d degrees keeps the volume of its leg within 2 per cent',
    (deg) => {
      const piece = plainPiece();
      const of = (flexion: number): number => {
        const anglesDeg = { 'tibia.L': { flexion } };
        return shapeOf(changed(piece, 'stance', { anglesDeg }), true).volumeMm3;
      };
      const leg = bodyGrid(planPiece(piece).measure.skeleton, FINE_CELLS / 3)
        .bones.filter(({ boneId }) => /^(femur|tibia|metatarsus|hindDigits)\.L$/.test(boneId))
        .reduce((sum, bone) => sum + bone.volumeMm3, 0);
      const model = leg / planPiece(piece).measure.lifePerModel ** 3;
      expect(Math.abs(of(deg) - of(0))).toBeLessThan(0.02 * model + 0.004 * of(0));
    },
  );
});

describe('layers', () => {
  it('keep the core at least a shell from every bit of the surface, whatever its region', () => {
    const piece = changed(plainPiece(), 'mass', {
      shells: { head: { core: 'foil', shellMm: 3 }, neck: { core: 'foil', shellMm: 8 } },
    });
    const { builds } = planPiece(piece);
    const layers = layersFor(piece);
    const surface: { readonly at: readonly number[]; readonly shell: number }[] = [];
    const cores: (readonly number[])[] = [];
    layers.skin.forEach((d, at) => {
      if (Math.abs(d) < 0.3 * layers.cellMm)
        surface.push({ at: cellCentre(layers, at), shell: builds[layers.region[at]!]!.shellMm });
      if (layers.core[at]! < 0 && at % 37 === 0) cores.push(cellCentre(layers, at));
    });
    expect(cores.length).toBeGreaterThan(30);
    for (const core of cores) {
      const short = surface.filter(
        ({ at, shell }) =>
          Math.hypot(...at.map((v, k) => v - core[k]!)) < shell - 1.1 * layers.cellMm,
      );
      expect(short).toEqual([]);
    }
  });

  // Common practice: a shell of 4 to 6 mm over packed foil; fur stuck on is taken off the clay.
  it.each([4, 6])('leave a %d mm shell between the clay’s face and the core', (shellMm) => {
    const layers = layersFor(changed(plainPiece(), 'mass', { shellMm }));
    const { posed } = planPiece(plainPiece()).stance;
    const chest = posed.byId.get('thoracic')!;
    const middle = [0, 1, 2].map((k) => (chest.start[k]! + chest.end[k]!) / 2 - (k === 1 ? 12 : 0));
    let y = middle[1]!;
    while (sampleField(layers.core, layers, middle[0]!, y, middle[2]!) < 0) y += 0.05;
    const coreTop = y;
    while (sampleField(layers.skin, layers, middle[0]!, y, middle[2]!) < 0) y += 0.05;
    expect(y - coreTop).toBeGreaterThan(shellMm * 0.97);
    expect(y - coreTop).toBeLessThan(shellMm * 1.25);
  });

  it('draw the clay in by the fur that is stuck on, and the core by as much', () => {
    const bare = shapeOf(plainPiece());
    const zones = Object.fromEntries(
      planPiece(plainPiece()).measure.skeleton.animal.coat.map(({ id }) => [
        id,
        { ...usualZone('fibre'), hairMm: 30 },
      ]),
    );
    const furred = shapeOf(changed(plainPiece(), 'skin', { zones }));
    expect(furred.coreMm3).toBeLessThan(0.95 * bare.coreMm3);
    const girth = (shape: BodyShape) => shape.cuts.find(({ boneId }) => boneId === 'lumbar')!;
    expect(girth(furred).clayGirthMm).toBeLessThan(girth(bare).clayGirthMm - 1);
    expect(girth(furred).girthMm).toBeCloseTo(girth(bare).girthMm, 6);
  });
});

describe('what is found in the clay', () => {
  it('is thickest where a region is solid, and a shell where it has a core', () => {
    const plain = shapeOf(plainPiece(), true);
    const of = (shape: BodyShape, id: string): number =>
      shape.thick.find(({ regionId }) => regionId === id)!.mm;
    expect(of(plain, 'trunk')).toBeGreaterThan(4.5);
    expect(of(plain, 'trunk')).toBeLessThan(8);
    const solid = shapeOf(
      changed(plainPiece(), 'mass', { shells: { trunk: { core: 'solid', shellMm: 5 } } }),
      true,
    );
    expect(of(solid, 'trunk')).toBeGreaterThan(20);
  });

  it('is a trapped hollow where a hollow core has no vent', () => {
    const hollow = changed(plainPiece(), 'mass', {
      shells: { trunk: { core: 'hollow', shellMm: 5 } },
    });
    const found = shapeOf(hollow).hollows;
    // In rough cells the neck may part the hollow of the trunk in two.
    expect(new Set(found.map(({ regionId }) => regionId))).toEqual(new Set(['trunk']));
    expect(found[0]!.mm3).toBeGreaterThan(1000);
    expect(shapeOf(changed(hollow, 'mass', { vents: ['trunk'] })).hollows).toEqual([]);
    expect(shapeOf(plainPiece()).hollows).toEqual([]);
  });
});

describe('section cuts', () => {
  it('of animals of the library are closed and hold their core inside', () => {
    for (const { id } of sampled(ANIMALS, 7, 3)) {
      const shape = shapeOf(newWorkpiece('n', 'n', id));
      expect(shape.cuts.length).toBeGreaterThan(1);
      for (const cut of shape.cuts) {
        expect(loopArea(cut.skin)).toBeGreaterThan(0);
        const core = cut.core.reduce((sum, loop) => sum + loopArea(loop), 0);
        expect(core).toBeLessThan(loopArea(cut.clay));
        expect(cut.girthMm).toBeGreaterThan(2 * cut.widthMm * 0.9);
      }
    }
  });

  it('lie where the user asks for them', () => {
    const cards = [
      { boneId: 'lumbar', along: 0.2 },
      { boneId: 'tail2', along: 0.9 },
    ];
    const shape = shapeOf(changed(plainPiece(), 'mass', { cards }));
    expect(shape.cuts.map(({ boneId, along }) => [boneId, along])).toEqual([
      ['lumbar', 0.2],
      ['tail2', 0.9],
    ]);
    expect(shape.cuts[0]!.wires.length).toBeGreaterThan(0);
  });
});

describe('muscles laid in order', () => {
  it('never take the same clay twice, nor the core', () => {
    const total = otter.muscles.reduce((sum, muscle) => sum + muscle.mm3, 0);
    expect(total).toBeGreaterThan(0);
    expect(total).toBeLessThan(otter.volumeMm3 - otter.coreMm3);
  });

  it('have pegs as high as the shell where there is a core under them', () => {
    const onCore = otter.pegs.filter((peg) => peg.onto === 'core');
    expect(onCore.length).toBeGreaterThan(3);
    for (const peg of otter.pegs) expect(peg.heightMm).toBeGreaterThan(0);
    const shellMm = otterPiece().mass.shellMm;
    for (const peg of onCore) expect(peg.heightMm, peg.name).toBeGreaterThan(0.9 * shellMm - 1);
    // The wire of the fore legs lies on the spine there, so it is nearer than the core.
    const withers = otter.pegs.find(({ id }) => id === 'withers')!;
    expect(withers.onto).toBe('wire');
    expect(withers.heightMm).toBeLessThan(shellMm);
  });
});
