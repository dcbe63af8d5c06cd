import * as say from './words.ts';
import { greatest } from '../geometry/extremes.ts';
import type { Animal } from '../anatomy/animal.ts';
import type { BodyPlan, PartSpec } from '../anatomy/bodyPlan.ts';
import { ANIMALS, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import type { Subject } from '../anatomy/subjectType.ts';
import { planSizes } from '../posing/planSizes.ts';

/** What lengths can be told as shares of. */
export const NORMS = ['trunk', 'head', 'height'] as const;
export type Norm = (typeof NORMS)[number];

/** A length of a body that another body has too, under one id. */
export interface BodyLine {
  readonly id: string;
  readonly name: string;
  readonly mm: number;
}

/** Limbs of different plans that stand for each other. */
const HOMOLOGOUS: Readonly<Record<string, readonly [id: string, name: string]>> = {
  forelegs: ['fore-limb', say.foreLimb],
  'fore-legs': ['fore-limb', say.foreLimb],
  arms: ['fore-limb', say.foreLimb],
  wings: ['fore-limb', say.foreLimb],
  hindlegs: ['hind-limb', say.hindLimb],
  'hind-legs': ['hind-limb', say.hindLimb],
  legs: ['hind-limb', say.hindLimb],
};

/** The lengths of a body that can be compared: head, neck, trunk, tail, limbs, and limb bones. */
export function bodyLines(skeleton: Skeleton): readonly BodyLine[] {
  const { plan } = skeleton;
  const lengthOf = (test: (key: string) => boolean, part?: PartSpec): number =>
    skeleton.bones
      .filter(
        (bone) => bone.side !== 'right' && (part === undefined || part.keys.includes(bone.key)),
      )
      .filter((bone) => test(bone.key))
      .reduce((sum, bone) => sum + bone.lifeLengthMm, 0);
  const trunk = plan.parts.find((part) => part.kind === 'trunk');
  const head = plan.parts.find((part) => part.kind === 'head');
  const tail = plan.parts.find((part) => part.kind === 'tail');
  const onMidline = (key: string): boolean =>
    skeleton.bones.find((bone) => bone.key === key)?.side === 'mid';
  const isNeck = (key: string): boolean => /^(.*-)?neck/i.test(key);
  const isHead = (key: string): boolean => /^(.*-)?(skull|bill|head)$/.test(key);
  const lines: readonly BodyLine[] = [
    { id: 'head', name: say.head, mm: lengthOf(isHead, head) },
    { id: 'neck', name: say.neck, mm: lengthOf(isNeck) },
    {
      id: 'trunk',
      name: say.trunk,
      mm: trunk ? lengthOf((key) => onMidline(key) && !isNeck(key), trunk) : 0,
    },
    { id: 'tail', name: say.tail, mm: tail ? lengthOf(() => true, tail) : 0 },
    ...limbLines(skeleton),
  ];
  return lines.filter((line) => line.mm > 0);
}

/** The limbs; wings stand for fore limbs only where there are no others. */
function limbLines(skeleton: Skeleton): readonly BodyLine[] {
  const { parts } = skeleton.plan;
  const lines = parts
    .filter((part) => part.kind === 'limbs')
    .map((part) => limbLine(skeleton, part, HOMOLOGOUS[part.id]));
  const wings = parts.filter((part) => part.kind === 'wings');
  const free = !lines.some((line) => line.id === 'fore-limb');
  return [
    ...lines,
    ...wings.map((part) => limbLine(skeleton, part, free ? HOMOLOGOUS[part.id] : undefined)),
  ];
}

/** A limb along its wire: from the girdle to the end, without side branches. */
function limbLine(
  skeleton: Skeleton,
  part: PartSpec,
  [id, name]: readonly [id: string, name: string] = [part.id, part.name],
): BodyLine {
  const bones = skeleton.bones.filter(
    (bone) => bone.side === 'left' && part.keys.includes(bone.key),
  );
  const reach = new Map<string, number>();
  for (const bone of bones) {
    const before = bone.at === 1 ? (reach.get(bone.parent ?? '') ?? 0) : 0;
    reach.set(bone.id, before + bone.lifeLengthMm);
  }
  return { id, name, mm: Math.max(0, greatest(reach.values())) };
}

/** The length that stands for one, in mm: the trunk, the head, or the height as it stands. */
export function normMm(skeleton: Skeleton, norm: Norm): number {
  if (norm !== 'height')
    return (
      bodyLines(skeleton).find((line) => line.id === norm)?.mm ?? skeleton.bones[0]!.lifeLengthMm
    );
  const sizes = planSizes(skeleton);
  const height = sizes.find(({ spec }) => spec.kind === 'height' || spec.kind === 'top');
  return height?.mm ?? sizes.find(({ spec }) => spec.kind === 'chain')!.mm;
}

/** One row of a comparison: the share of each body, undefined where it has no such length. */
export interface ComparedLine {
  readonly id: string;
  readonly name: string;
  readonly shares: readonly (number | undefined)[];
  readonly mm: readonly (number | undefined)[];
}

/** Bodies side by side: their lengths as shares of one of their own. */
export function compareBodies(skeletons: readonly Skeleton[], norm: Norm): readonly ComparedLine[] {
  const lines = skeletons.map(bodyLines);
  const norms = skeletons.map((skeleton) => normMm(skeleton, norm));
  const ids = [...new Set(lines.flatMap((all) => all.map((line) => line.id)))];
  return ids.map((id) => {
    const found = lines.map((all) => all.find((line) => line.id === id));
    return {
      id,
      name: found.find((line) => line !== undefined)?.name ?? id,
      mm: found.map((line) => line?.mm),
      shares: found.map((line, i) => line && line.mm / norms[i]!),
    };
  });
}

/** A proportion outside everything known: data; the sentence is made in {@link oddSentence}. */
export interface OddProportion {
  readonly line: string;
  readonly share: number;
  readonly more: boolean;
  /** The nearest of those known: its share and its animal. */
  readonly knownShare: number;
  readonly knownAnimal: string;
  readonly group: string;
}

/** Beyond everything known by so much counts as odd, not as a rounding. */
const SLACK = 1.05;

/** Proportions of a body to its trunk that lie outside every animal of the library on its plan. */
export function oddProportions({ plan, animal }: Subject): readonly OddProportion[] {
  const basePlanId = plan.id.split('+')[0]!;
  const known = knownOn(basePlanId).filter((entry) => entry.id !== animal.id);
  const group = planById(basePlanId)?.name.toLowerCase() ?? 'animal';
  const skeleton = buildSkeleton(plan, animal);
  const trunk = normMm(skeleton, 'trunk');
  return bodyLines(skeleton).flatMap((line): OddProportion[] => {
    const others = known.flatMap((animal) => {
      const share = shareOf(animal, line.id);
      return share === undefined ? [] : [{ share, name: animal.name }];
    });
    const [least, most] = [
      others.toSorted((a, b) => a.share - b.share)[0],
      others.toSorted((a, b) => b.share - a.share)[0],
    ];
    if (line.id === 'trunk' || least === undefined || most === undefined) return [];
    const share = line.mm / trunk;
    const common = { line: line.name, share, group };
    if (share > most.share * SLACK)
      return [{ ...common, more: true, knownShare: most.share, knownAnimal: most.name }];
    if (share < least.share / SLACK)
      return [{ ...common, more: false, knownShare: least.share, knownAnimal: least.name }];
    return [];
  });
}

const knownOn = (planId: string): readonly Animal[] =>
  ANIMALS.filter((animal) => animal.planId === planId);

const shareCache = new Map<string, ReadonlyMap<string, number>>();

/** A library animal's share of its trunk, by line; remembered, as the library does not change. */
function shareOf(animal: Animal, lineId: string): number | undefined {
  let shares = shareCache.get(animal.id);
  const plan = planById(animal.planId);
  if (shares === undefined && plan !== undefined) {
    const skeleton = buildSkeleton(plan as BodyPlan, animal);
    const trunk = normMm(skeleton, 'trunk');
    shares = new Map(bodyLines(skeleton).map((line) => [line.id, line.mm / trunk]));
    shareCache.set(animal.id, shares);
  }
  return shares?.get(lineId);
}

/** "Neck 2.1 × trunk: longer than any four-footed mammal here (most: red deer, 0.5)." */
export const oddSentence = (odd: OddProportion): string =>
  say.TrunkThanAny(
    odd.line,
    odd.share.toFixed(2),
    odd.more ? 'longer' : 'shorter',
    odd.group,
    odd.more ? 'most' : 'least',
    odd.knownAnimal.toLowerCase(),
    odd.knownShare.toFixed(2),
  );
