import * as say from './words.ts';
import { sideOf } from './coatItems.ts';
import type { SkinPart } from '../body/skin.ts';
import { innerRadiusMm, middleOf } from '../body/skin.ts';
import { clayFreeMm } from '../body/undersize.ts';
import type { RegionBuild } from '../mass/buildUp.ts';
import type { Plan } from '../planTypes.ts';
import { WEIGHT, type DrawingItem, type PagePoint, type View } from './drawing.ts';
import { partOutlines } from './partOutline.ts';
import { project } from './views.ts';

/** The foil core: every part of a foil region drawn in by its shell and by the coat stuck on it. */
export function coreItems(plan: Plan, view: View): readonly DrawingItem[] {
  const outlines = plan.builds
    .filter((build) => build.core !== 'solid')
    .flatMap((build) =>
      partsOf(plan, build).flatMap((part) =>
        partOutlines(view, part, build.shellMm + freeMm(plan, part)),
      ),
    );
  if (outlines.length === 0) return [];
  return [{ kind: 'union', ink: 'core', layer: 'core', weight: WEIGHT.hair, outlines }];
}

const keyOf = (plan: Plan, part: SkinPart): string =>
  plan.measure.skeleton.byId.get(part.boneId)?.key ?? '';

const partsOf = (plan: Plan, build: RegionBuild): readonly SkinPart[] =>
  plan.stance.skin.filter((part) => build.region.bones.includes(keyOf(plan, part)));

/** What applied fibre takes off the side of a part, model mm. */
function freeMm(plan: Plan, part: SkinPart): number {
  const { skeleton, lifePerModel } = plan.measure;
  const bone = skeleton.byId.get(part.boneId);
  return clayFreeMm(skeleton, bone, 'side', plan.piece.skin, lifePerModel);
}

/** Room that a label needs, mm: on a screen text is drawn larger than on paper. */
const LABEL_MM = [24, 9] as const;

/** The thickness of the clay written on each region, near side; large regions before small ones. */
export function shellLabels(plan: Plan, view: View): readonly DrawingItem[] {
  const taken: PagePoint[] = [];
  const places = plan.builds.flatMap((build) => {
    const near = partsOf(plan, build).filter((part) => sideOf(plan, part) !== 'right');
    const [largest] = near.toSorted((a, b) => innerRadiusMm(b) - innerRadiusMm(a));
    return largest === undefined ? [] : [{ build, largest }];
  });
  places.sort((a, b) => innerRadiusMm(b.largest) - innerRadiusMm(a.largest));
  return places.flatMap(({ build, largest }): DrawingItem[] => {
    const [x, y] = project(view, middleOf(largest));
    // A label over another can be read in the ledger; here it would hide both.
    if (taken.some((at) => Math.abs(at[0] - x) < LABEL_MM[0] && Math.abs(at[1] - y) < LABEL_MM[1]))
      return [];
    taken.push([x, y]);
    return [
      {
        kind: 'text',
        ink: 'ink',
        layer: 'shells',
        at: [x, y - 1.2],
        text: build.core === 'solid' ? say.solid : build.shellMm.toFixed(1),
        sizeMm: 3.2,
        anchor: 'middle',
        face: 'number',
        target: { kind: 'region', id: build.region.id },
      },
    ];
  });
}
