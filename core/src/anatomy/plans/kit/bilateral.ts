import { mirrored, mirroredAxis, unit, type Vec3 } from '../../../geometry/vec3.ts';
import type { BoneSpec, DegreeOfFreedom, FreedomName, Joint, Side } from '../../bodyPlan.ts';

/** A bone as a plan's author writes it: once, for the left side or the midline. */
export interface BoneDraft {
  readonly key: string;
  /** Where several bones of the midline share a key: the links of a serpent. */
  readonly id?: string;
  readonly name: string;
  readonly parent: string | null;
  readonly at?: number;
  readonly rest: Vec3;
  readonly joint: Joint;
  readonly measured: string;
  /** What is seen at its far end, where no other bone begins: "tip of the snout". */
  readonly tip?: string;
  readonly optional?: boolean;
}

/** Left and right bones from one draft; parents of the midline are shared. */
export function bothSides(drafts: readonly BoneDraft[]): readonly BoneSpec[] {
  const paired = new Set(drafts.map((draft) => draft.key));
  return (['left', 'right'] as const).flatMap((side) =>
    drafts.map((draft) => sided(draft, side, paired)),
  );
}

/** Midline bones from drafts. */
export function midline(drafts: readonly BoneDraft[]): readonly BoneSpec[] {
  return drafts.map((draft) => sided(draft, 'mid', new Set()));
}

const SUFFIX: Readonly<Record<Side, string>> = { left: '.L', right: '.R', mid: '' };

/** The id of a paired bone or contact on one side. */
export const sidedId = (key: string, side: Side): string => `${key}${SUFFIX[side]}`;

const OTHER: Readonly<Record<Side, Side>> = { left: 'right', right: 'left', mid: 'mid' };

/** The id of the same thing on the other side of the body; things of the midline are their own. */
export const imageId = (key: string, side: Side): string => sidedId(key, OTHER[side]);

function sided(draft: BoneDraft, side: Side, paired: ReadonlySet<string>): BoneSpec {
  const { key, name, parent, at = 1, rest, joint, measured, tip } = draft;
  const direction = unit(rest);
  return {
    id: draft.id ?? sidedId(key, side),
    key,
    name: side === 'mid' ? name : `${name}, ${side}`,
    plainName: name,
    side,
    image: draft.id ?? imageId(key, side),
    parent: parent !== null && paired.has(parent) ? sidedId(parent, side) : parent,
    at,
    rest: side === 'right' ? mirrored(direction) : direction,
    joint: side === 'right' ? mirroredJoint(joint) : joint,
    measured,
    ...(tip === undefined ? {} : { tip }),
    ...(draft.optional === true ? { optional: true } : {}),
  };
}

function mirroredJoint(joint: Joint): Joint {
  const entries = Object.entries(joint.freedoms) as [FreedomName, DegreeOfFreedom][];
  const freedoms = Object.fromEntries(
    entries.map(([name, freedom]) => [name, { ...freedom, axis: mirroredAxis(freedom.axis) }]),
  );
  return { ...joint, freedoms };
}

/** The same angles for a bone of both sides, by key: a part of a stance that is symmetrical. */
export const onBothSides = <T>(key: string, angles: T): Record<string, T> => ({
  [sidedId(key, 'left')]: angles,
  [sidedId(key, 'right')]: angles,
});
