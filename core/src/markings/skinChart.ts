import type { PosedSkeleton } from '../anatomy/pose.ts';
import { placeOn } from '../body/skinPlace.ts';
import { sleeveId } from '../body/sleeveChain.ts';
import type { SkinPart, SleevePart } from '../body/skin.ts';
import { sectionMiddle } from '../body/sleeveSection.ts';
import { volumeKept } from '../body/volumeKept.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { keptFor } from '../lie/keptFor.ts';
import type { SkinSurface } from '../surface/skinSurface.ts';
import { arcSections } from './arcs.ts';
import { leftOf, runOfBone, runsOf } from './runs.ts';
import { spotOn, type SkinSpot } from './skinPoint.ts';

/** Where each point of a skin lies: on its own run, and, on the first bones of limbs, on the column as well. */
export interface SkinChart {
  readonly own: readonly (SkinSpot | undefined)[];
  readonly onColumn: readonly (SkinSpot | undefined)[];
}

/** A limb's skin belongs to the column's markings on so many of its first bones: shoulder and upper arm, hip and thigh. */
const ROOTS = 2;

const charts = keptFor<SkinSurface, SkinChart>();

/** The chart of a skin in a stance: places on its sleeves are measured at rest. Made once for each skin. */
export const skinChart = (posed: PosedSkeleton, skin: SkinSurface): SkinChart =>
  charts(skin, 0, () => chartOf(posed, skin));

function chartOf(posed: PosedSkeleton, { parts, mesh }: SkinSurface): SkinChart {
  const { skeleton } = posed;
  const flesh = volumeKept(posed);
  const told = new Map(
    flesh.flatMap((part) => (isTold(posed, part) ? [[nameOf(part), part] as const] : [])),
  );
  const columnParts = [...told.values()].filter(({ boneId }) =>
    runsOf(skeleton)[0]!.bones.has(boneId),
  );
  const roots = rootBones(posed);
  // The sleeve that a part's points are told on: its own, or the last of its bone where it has none.
  const sleeves = parts.map(
    ({ boneId, sleeve }) =>
      told.get(`${sleeve} ${boneId}`) ?? [...told.values()].findLast((of) => of.boneId === boneId),
  );
  const spot = (part: SleevePart | undefined, p: Vec3): SkinSpot | undefined => {
    if (part === undefined) return undefined;
    const run = runOfBone(skeleton, part.boneId);
    const sections = arcSections(skeleton, part.sleeve, part.boneId);
    if (run === undefined || sections === undefined) return undefined;
    const left = leftOf(skeleton, part.boneId);
    return spotOn(run, sections, { ...placeOn(posed, part, p), boneId: left.boneId }, left.isRight);
  };
  const own: (SkinSpot | undefined)[] = [];
  const onColumn: (SkinSpot | undefined)[] = [];
  for (let i = 0; i < mesh.owner.length; i++) {
    const of = mesh.owner[i]!;
    const p: Vec3 = [
      mesh.positions[3 * i]!,
      mesh.positions[3 * i + 1]!,
      mesh.positions[3 * i + 2]!,
    ];
    const its = spot(sleeves[of], p);
    own.push(its);
    const isRoot = roots.has(parts[of]!.boneId);
    onColumn.push(its?.run.isColumn ? its : isRoot ? spot(nearest(columnParts, p), p) : undefined);
  }
  return { own, onColumn };
}

/** Whether a part is a sleeve that the animal is told by: no toe, no muscle, no eyelid. */
function isTold(posed: PosedSkeleton, part: SkinPart): part is SleevePart {
  const bone = posed.byId.get(part.boneId)?.bone;
  return (
    part.kind === 'sleeve' &&
    bone !== undefined &&
    bone.flesh.some((of) => 'sleeve' in of && sleeveId(of.sleeve, bone.side) === part.sleeve)
  );
}

const nameOf = (part: SkinPart): string =>
  part.kind === 'sleeve' ? `${part.sleeve} ${part.boneId}` : part.boneId;

/** The first bones of every limb, of both sides. */
function rootBones({ skeleton }: PosedSkeleton): ReadonlySet<string> {
  const limbs = skeleton.plan.parts.filter(({ kind }) => kind === 'limbs' || kind === 'wings');
  const keys = new Set(limbs.flatMap((limb) => limb.keys.slice(0, ROOTS)));
  return new Set(skeleton.bones.filter(({ key }) => keys.has(key)).map(({ id }) => id));
}

/** The part whose axis comes nearest to a point. */
function nearest(parts: readonly SleevePart[], p: Vec3): SleevePart | undefined {
  let [best, least]: [SleevePart | undefined, number] = [undefined, Infinity];
  for (const part of parts)
    for (const sample of part.samples) {
      const [x, y, z] = sectionMiddle(sample);
      const far = (x - p[0]) ** 2 + (y - p[1]) ** 2 + (z - p[2]) ** 2;
      if (far < least) [best, least] = [part, far];
    }
  return best;
}
