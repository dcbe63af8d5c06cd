import type {
  BodyPlan,
  BonySpec,
  ContactKind,
  ContactSpec,
  FreedomName,
  ExpressionSpec,
  GaitSpec,
  LimbSpec,
  MuscleSpec,
  PartKind,
  RegionSpec,
  SizeSpec,
  StanceSpec,
} from '../../bodyPlan.ts';
import { bothSides, imageId, midline, sidedId, type BoneDraft } from './bilateral.ts';

/** A foot of a part, once for both sides; bones by key. */
export interface FootDraft {
  readonly id: string;
  readonly name: string;
  readonly bone: string;
  readonly reach: readonly (readonly [string, FreedomName])[];
  readonly level: string | null;
}

/** A part of a body as its author writes it: bones, feet, the way of its wire, muscles. */
export interface PlanPart {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly midline?: readonly BoneDraft[];
  readonly paired?: readonly BoneDraft[];
  readonly feet?: readonly FootDraft[];
  /** Bones by key that one wire runs through, from the trunk outwards. */
  readonly wire?: {
    readonly id: string;
    readonly name: string;
    readonly over: string;
    readonly bones: readonly string[];
    readonly foot: string | null;
  };
  /** Muscles with their bones by key. */
  readonly muscles?: readonly MuscleSpec[];
  /** Places where skin lies on bone. */
  readonly bonyLandmarks?: readonly BonySpec[];
}

/** A place of the midline that rests on the ground or is carried by a rod. */
export interface HoldDraft {
  readonly id: string;
  readonly name: string;
  readonly kind: Exclude<ContactKind, 'foot'>;
  readonly bone: string;
}

/** A plan as its author writes it: parts joined on a spine. */
export interface PlanDraft {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly PlanPart[];
  readonly holds?: readonly HoldDraft[];
  /** Ids of limb pairs in the order in which their wires are lettered; as the parts stand otherwise. */
  readonly wireOrder?: readonly string[];
  readonly spine: readonly string[];
  readonly spineEnds: BodyPlan['spineEnds'];
  readonly tailBones: readonly string[];
  readonly fan?: string;
  readonly sizes: readonly SizeSpec[];
  readonly stances: readonly StanceSpec[];
  readonly expressions: readonly ExpressionSpec[];
  readonly gaits: readonly GaitSpec[];
  readonly regions: readonly RegionSpec[];
}

/**
 * Puts a plan together: the midline of all parts first, then every pair, left before right. Parents
 * must stand before their children; the registry's check says where one does not.
 */
export function composePlan(draft: PlanDraft): BodyPlan {
  const { parts, holds = [], wireOrder = [], ...rest } = draft;
  const place = (id: string): number =>
    wireOrder.includes(id) ? wireOrder.indexOf(id) : wireOrder.length;
  return Object.freeze<BodyPlan>({
    ...rest,
    bones: [
      ...midline(parts.flatMap((part) => part.midline ?? [])),
      ...bothSides(parts.flatMap((part) => part.paired ?? [])),
    ],
    contacts: [
      ...(['left', 'right'] as const).flatMap((side) =>
        parts.flatMap((part) => (part.feet ?? []).map((foot) => footOn(foot, side))),
      ),
      ...holds.map((hold): ContactSpec => ({
        ...hold,
        key: hold.id,
        side: 'mid',
        image: hold.id,
        reach: [],
        level: null,
      })),
    ],
    limbPairs: parts
      .flatMap(({ wire }) => (wire === undefined ? [] : [wire]))
      .toSorted((a, b) => place(a.id) - place(b.id))
      .map(({ id, name, over, bones, foot }) => ({
        id,
        name,
        over,
        left: limbOn(bones, foot, 'left'),
        right: limbOn(bones, foot, 'right'),
      })),
    parts: parts.map(({ id, name, kind, midline: mid = [], paired = [] }) => ({
      id,
      name,
      kind,
      keys: [...new Set([...mid, ...paired].map((bone) => bone.key))],
    })),
    muscles: parts.flatMap((part) => part.muscles ?? []),
    bonyLandmarks: parts.flatMap((part) => part.bonyLandmarks ?? []),
  });
}

const limbOn = (
  bones: readonly string[],
  foot: string | null,
  side: 'left' | 'right',
): LimbSpec => ({
  bones: bones.map((key) => sidedId(key, side)),
  contact: foot === null ? null : sidedId(foot, side),
});

function footOn(foot: FootDraft, side: 'left' | 'right'): ContactSpec {
  return {
    id: sidedId(foot.id, side),
    key: foot.id,
    name: `${side} ${foot.name}`,
    side,
    image: imageId(foot.id, side),
    kind: 'foot',
    bone: sidedId(foot.bone, side),
    reach: foot.reach.map(([key, freedom]) => ({ bone: sidedId(key, side), freedom })),
    level: foot.level === null ? null : sidedId(foot.level, side),
  };
}
