import type { Side } from './bodyPlan.ts';
import type { Skeleton } from './skeleton.ts';

/** A place that can be seen and clicked on a picture: a joint, or the tip of a bone. */
export interface Landmark {
  readonly id: string;
  readonly name: string;
  readonly side: Side;
  /** Id of its mirror image; its own on the midline. */
  readonly image: string;
  readonly bone: string;
  /** Where on the bone: 0 its start, 1 its end. */
  readonly at: 0 | 1;
}

/** The places where a bone begins and ends, by landmark; null where nothing marks that end. */
export interface BoneEnds {
  readonly start: string | null;
  readonly end: string | null;
}

/**
 * Which landmarks hold a bone between them. Bones that begin at one place share its landmark: that
 * of the first bone there. A root begins where a bone seated on its start does.
 */
export function boneEnds(skeleton: Skeleton): ReadonlyMap<string, BoneEnds> {
  const seated = (parent: string, at: number): string | null => {
    const first = skeleton.bones.find((bone) => bone.parent === parent && bone.at === at);
    return first === undefined ? null : `${first.id}.start`;
  };
  const ends = new Map<string, BoneEnds>();
  for (const bone of skeleton.bones) {
    const { id, parent, at, tip } = bone;
    const before = parent === null ? undefined : ends.get(parent);
    const shared = at === 1 ? before?.end : at === 0 ? before?.start : undefined;
    ends.set(id, {
      start: parent === null ? seated(id, 0) : (shared ?? `${id}.start`),
      end: seated(id, 1) ?? (tip === undefined ? null : `${id}.end`),
    });
  }
  return ends;
}

/**
 * The landmarks of a skeleton: every joint that moves or begins a bone away from the midline, and
 * every tip. A place that two bones share is told once.
 */
export function landmarksOf(skeleton: Skeleton): readonly Landmark[] {
  const sideText = (side: Side): string => (side === 'mid' ? '' : `, ${side}`);
  const ends = boneEnds(skeleton);
  const used = new Set([...ends.values()].flatMap(({ start, end }) => [start, end]));
  const joints = skeleton.bones
    .filter((bone) => used.has(`${bone.id}.start`))
    .map((bone): Landmark => ({
      id: `${bone.id}.start`,
      name: `${bone.joint.name.replace(' (does not move)', '')}${sideText(bone.side)}`,
      side: bone.side,
      image: `${bone.image}.start`,
      bone: bone.id,
      at: 0,
    }));
  const tips = skeleton.bones
    .filter((bone) => used.has(`${bone.id}.end`))
    .map((bone): Landmark => ({
      id: `${bone.id}.end`,
      name: `${(bone.tip ?? '').charAt(0).toUpperCase()}${(bone.tip ?? '').slice(1)}${sideText(bone.side)}`,
      side: bone.side,
      image: `${bone.image}.end`,
      bone: bone.id,
      at: 1,
    }));
  return [...joints, ...tips];
}
