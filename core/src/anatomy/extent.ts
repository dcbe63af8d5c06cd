import type { Animal, Flesh, FleshSleeve } from './animal.ts';
import type { BodyPlan, BoneSpec, SizeSpec, StanceSpec, WallSide } from './bodyPlan.ts';
import { planFor, withoutBones } from './planFor.ts';
import type { Subject } from './subjectType.ts';
import { withoutKeys } from './withoutKeys.ts';
import { toDeg } from '../units/angles.ts';
import * as say from './words.ts';

/** How much of an animal a piece is: all of it, its head and neck, or the left half of them on a wall. */
export const EXTENTS = ['whole', 'head', 'relief'] as const;
export type Extent = (typeof EXTENTS)[number];

/** The bones of the column that lie in the head and neck, from the cut on; none where a plan has no head apart. */
function headLine(plan: BodyPlan): readonly BoneSpec[] {
  const head = plan.parts.find(({ kind }) => kind === 'head');
  const line = plan.spine.flatMap((id) => plan.bones.find((bone) => bone.id === id) ?? []);
  return line.filter(({ key }) => head?.keys.includes(key));
}

/** What a piece of an animal on this plan can be. */
export const extentsOf = (plan: BodyPlan): readonly Extent[] =>
  headLine(plan).length === 0 ? ['whole'] : EXTENTS;

/**
 * A neck that rises more steeply than this has no length that could run into a wall behind it, degrees: it ends
 * in a stump and stands on a rod.
 */
const STEEPEST_DEG = 60;

/**
 * The part of an animal that a piece shows. A head begins at the first joint of its neck, which becomes the root;
 * the flesh of the neck runs on through the wall, which cuts it. A relief has what lies on the midline and on the
 * left. What is told of the whole animal, its weight, its gaits, its feet, is told no more. The whole where the
 * plan has no head apart.
 */
export function cutTo({ plan: general, animal }: Subject, extent: Extent): Subject {
  const plan = planFor(general, animal);
  const [root] = headLine(plan);
  if (extent === 'whole' || root === undefined) return { plan: general, animal };
  const kept = new Set([root.id]);
  for (const bone of plan.bones)
    if (bone.parent !== null && kept.has(bone.parent)) kept.add(bone.id);
  const isGone = ({ id, side }: BoneSpec): boolean =>
    !kept.has(id) || (extent === 'relief' && side === 'right');
  const gone = new Set(plan.bones.filter(isGone).map(({ id }) => id));
  const left = withoutBones(plan, gone);
  const keys = new Set(left.bones.map(({ key }) => key));
  const told = [...plan.bones.map(({ key }) => key), ...animal.coat.flatMap(({ bones }) => bones)];
  const lost = told.filter((key) => !keys.has(key));
  const part = withoutKeys(animal, [...new Set(lost)]);
  const wall = wallSide(left, part, extent);
  return {
    plan: headPlan(left, root, wall),
    animal: {
      ...part,
      ranges: { sizes: {} },
      flesh:
        wall !== 'behind'
          ? part.flesh
          : { ...part.flesh, [root.key]: runOn(part, root, part.flesh[root.key] ?? []) },
    },
  };
}

/** How steeply a bone rises or falls in the side elevation, degrees from level, without its sign. */
const steepDeg = (animal: Pick<Animal, 'rest'>, { key, rest }: BoneSpec): number => {
  const [x, y] = animal.rest?.[key] ?? rest;
  return toDeg(Math.abs(Math.atan2(y, x)));
};

function wallSide(plan: BodyPlan, animal: Animal, extent: Extent): WallSide | undefined {
  if (extent === 'relief') return 'beside';
  const neck = headLine(plan).filter(({ key }) => key !== 'skull');
  return neck.every((bone) => steepDeg(animal, bone) <= STEEPEST_DEG) ? 'behind' : undefined;
}

/** The plan of what is left, hung on the first joint of the neck. */
function headPlan(left: BodyPlan, root: BoneSpec, wall: WallSide | undefined): BodyPlan {
  const line = headLine(left).map(({ id }) => id);
  const length: SizeSpec = {
    ...{ id: 'length', name: say.headAndNeck, measured: say.fromCutOfNeck },
    ...{ kind: 'chain', bones: line },
  };
  const { parts } = left;
  const alone = left.sizes.filter(({ kind, id }) => kind === 'chain' && id !== 'length');
  return {
    ...left,
    id: `${left.id}+${wall ?? 'bust'}`,
    bones: left.bones.map((bone) =>
      bone.id === root.id ? { ...bone, parent: null, at: 0 } : bone,
    ),
    contacts: [],
    limbPairs: [],
    spine: line,
    tailBones: [],
    spineEnds: { ...left.spineEnds, tail: { reach: 0, name: say.cutOfNeck } },
    parts: parts.toSorted(
      (a, b) => Number(b.keys.includes(root.key)) - Number(a.keys.includes(root.key)),
    ),
    sizes: [length, ...alone],
    stances: heldHeads(left.stances),
    gaits: [],
    ...(wall === undefined ? {} : { wall }),
  };
}

/** How a head is held in the stances of the whole animal, each once. */
function heldHeads(stances: readonly StanceSpec[]): readonly StanceSpec[] {
  const seen = new Set<string>();
  return stances.flatMap(({ id, name, anglesDeg }) => {
    const held = JSON.stringify(anglesDeg);
    if (seen.has(held)) return [];
    seen.add(held);
    return [{ id, name, anglesDeg, lifted: [] }];
  });
}

/** A neck runs on behind its first joint by at least this many of its half heights, so that a wall cuts it square. */
const LEAST_BEHIND = 0.8;

/** The flesh of the first bone of a neck, with a section more of the first one's size behind its joint. */
function runOn(animal: Animal, root: BoneSpec, flesh: readonly Flesh[]): readonly Flesh[] {
  const long = animal.lengths[root.key]?.mm ?? 1;
  const slope = Math.tan((steepDeg(animal, root) * Math.PI) / 180);
  const longer = (sleeve: FleshSleeve): FleshSleeve => {
    const [first] = sleeve.stations;
    if (first === undefined) return sleeve;
    const half = Math.max(first.above, first.below);
    const at = -(Math.max(LEAST_BEHIND, 1.2 * slope) * half) / long;
    return first.at <= at
      ? sleeve
      : { ...sleeve, stations: [{ ...first, at }, ...sleeve.stations] };
  };
  return flesh.map((of) => ('sleeve' in of ? longer(of) : of));
}
