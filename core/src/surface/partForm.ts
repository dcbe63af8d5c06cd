import type { PosedSkeleton } from '../anatomy/pose.ts';
import { apartSkin, withApart } from './apartSkin.ts';
import { bladeSkins } from './bladeSkin.ts';
import { faceOn } from './faceOn.ts';
import { relief, type Relief } from './relief.ts';
import type { ReliefView } from './reliefViews.ts';
import { skinSurface } from './skinSurface.ts';

/** Some bones of a posed model by themselves, with all that is on them, from some sides. */
export function partForm(
  posed: PosedSkeleton,
  bones: ReadonlySet<string>,
  views: readonly ReliefView[],
  cells: number,
): readonly Relief[] {
  const skin = skinSurface(posed, cells, bones);
  const flats = bladeSkins(posed).filter(({ boneId }) => bones.has(boneId));
  const face = faceOn(posed, skin, bones);
  const drawn = withApart(skin, apartSkin(posed, skin.cellMm, bones));
  return views.map((view) => relief(drawn, flats, view, face));
}
