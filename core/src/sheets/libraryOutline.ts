import { sectionsOf } from '../anatomy/shaped.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { sectionOutline, sectionPoint, type AxisSample } from '../body/sleeveSection.ts';
import { sleeveRuns, type SleeveRun } from '../body/sleeve.ts';
import type { Plan } from '../planTypes.ts';
import { WEIGHT, type DrawingItem, type PagePoint, type View } from './drawing.ts';
import { project } from './views.ts';

/** Points round a section of which the outermost are taken. */
const RING = 32;

/** The library's flesh, dashed, where the user has another shape: the edges of its sleeves in the same stance. */
export function libraryOutline(plan: Plan, view: View): readonly DrawingItem[] {
  const { librarySkeleton } = plan.measure;
  const { shape } = plan.piece.measure;
  const { posed } = plan.stance;
  const bones = posed.bones.map((of) => ({
    ...of,
    bone: librarySkeleton.byId.get(of.bone.id) ?? of.bone,
  }));
  const library: PosedSkeleton = { ...posed, skeleton: librarySkeleton, bones };
  return sleeveRuns(library)
    .filter(({ boneId }) => {
      const bone = librarySkeleton.byId.get(boneId);
      return bone !== undefined && bone.side !== 'right' && sectionsOf(shape, bone) !== undefined;
    })
    .flatMap((run) => edgesOf(run, view))
    .map((points) => ({
      ...{ kind: 'line', ink: 'soft', layer: 'library', weight: WEIGHT.thin, dashed: true },
      points,
    }));
}

/** Both edges of a run on the page; none where it is seen along its axis. */
function edgesOf({ samples }: SleeveRun, view: View): readonly (readonly PagePoint[])[] {
  const [first, last] = [samples[0]!, samples.at(-1)!].map(({ at }) => project(view, at));
  const [dx, dy] = [last![0] - first![0], last![1] - first![1]];
  if (Math.hypot(dx, dy) === 0) return [];
  const off = ([x, y]: PagePoint): number => dx * y - dy * x;
  const ends = (sample: AxisSample): readonly [PagePoint, PagePoint] => {
    const ring = sectionOutline(sample, RING)
      .map(([above, side]) => project(view, sectionPoint(sample, above, side)))
      .toSorted((a, b) => off(a) - off(b));
    return [ring[0]!, ring.at(-1)!];
  };
  const both = samples.map(ends);
  return [both.map(([low]) => low), both.map(([, high]) => high)];
}
