import {
  Bone,
  BufferGeometry,
  Matrix4,
  MeshBasicMaterial,
  Skeleton,
  SkinnedMesh,
  Vector3,
} from 'three';
import { CCDIKSolver } from 'three/examples/jsm/animation/CCDIKSolver.js';
import {
  demoWorkpieces,
  measuredSkeleton,
  poseSkeleton,
  posedBone,
  reachingChain,
  reachTo,
  stanceAngles,
  type Workpiece,
  type Vec3,
} from '../core/src/index.ts';

/** How well and how fast two ways of reaching put a paw on points, both warmed up. */
export interface Reaches {
  readonly name: string;
  readonly medianMs: number;
  /** Share of the points met within a tenth of a life millimetre. */
  readonly met: number;
}

const RUNS = 300;
const MET_MM = 0.1;
const [otter] = demoWorkpieces() as [Workpiece];
const skeleton = measuredSkeleton(otter.measure);
const start = stanceAngles(skeleton, { presetId: 'standing', anglesDeg: {}, lifted: null });
const PAW = 'metacarpus.L';
const chain = reachingChain(skeleton, PAW);
const posed = poseSkeleton(skeleton, start);
const rest = posedBone(posed, PAW).end;

/** A point on a circle before the paw, within reach. */
const target = (i: number): Vec3 => {
  const rad = (2 * Math.PI * i) / 37;
  return [rest[0] + 14 * Math.cos(rad), rest[1] + 14 + 12 * Math.sin(rad), rest[2]];
};

function measured(name: string, reach: (at: Vec3) => number): Reaches {
  for (let i = 0; i < 40; i++) reach(target(i));
  let met = 0;
  const each = Array.from({ length: RUNS }, (_, i) => {
    const began = performance.now();
    const missMm = reach(target(i));
    const ms = performance.now() - began;
    if (missMm < MET_MM) met += 1;
    return ms;
  }).sort((a, b) => a - b);
  return { name, medianMs: each[RUNS / 2]!, met: met / RUNS };
}

/** The same chain as bones of three.js, with cyclic coordinate descent; it knows no joint limits here. */
function descent(): (at: Vec3) => number {
  const bones = chain.map(() => new Bone());
  const tip = new Bone();
  const goal = new Bone();
  chain.forEach(({ id }, i) => {
    const at = posedBone(posed, id);
    const from = i === 0 ? ([0, 0, 0] as const) : posedBone(posed, chain[i - 1]!.id).start;
    bones[i]!.position.set(at.start[0] - from[0], at.start[1] - from[1], at.start[2] - from[2]);
    if (i > 0) bones[i - 1]!.add(bones[i]!);
  });
  const last = posedBone(posed, PAW);
  tip.position.set(...(last.end.map((v, k) => v - last.start[k as 0]) as [number, number, number]));
  bones.at(-1)!.add(tip);
  const all = [...bones, tip, goal];
  const mesh = new SkinnedMesh(new BufferGeometry(), new MeshBasicMaterial());
  mesh.add(bones[0]!, goal);
  mesh.bind(
    new Skeleton(
      all,
      all.map(() => new Matrix4()),
    ),
  );
  const [effector, targetIndex] = [bones.length, bones.length + 1];
  const links = bones.map((_, i) => ({ index: bones.length - 1 - i }));
  const solver = new CCDIKSolver(mesh, [
    { target: targetIndex, effector, links, iteration: 40, minAngle: 0, maxAngle: 1 },
  ]);
  const place = new Vector3();
  return (at) => {
    for (const bone of bones) bone.quaternion.identity();
    goal.position.set(...at);
    mesh.updateMatrixWorld(true);
    solver.update();
    mesh.updateMatrixWorld(true);
    tip.getWorldPosition(place);
    return place.distanceTo(new Vector3(...at));
  };
}

/** Our reach within the joints’ limits, and the reference. */
export const reachTimes = (): readonly Reaches[] => [
  measured('reach of a paw, within limits', (at) => reachTo(skeleton, start, PAW, at).shortfallMm),
  measured('the same chain, cyclic coordinate descent', descent()),
];
