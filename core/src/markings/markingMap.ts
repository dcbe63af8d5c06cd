import type { Marking } from '../anatomy/marking.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { keptFor } from '../lie/keptFor.ts';
import { coatScene, type CoatScene } from '../lie/seenCoat.ts';
import { apartSkin, withApart } from '../surface/apartSkin.ts';
import { bladeSkins, type BladeSkin } from '../surface/bladeSkin.ts';
import { HEAD_VIEWS, headBones } from '../surface/headForm.ts';
import { RELIEF_VIEWS, type ReliefView } from '../surface/reliefViews.ts';
import { skinSurface, type SkinSurface } from '../surface/skinSurface.ts';
import { markedSkin, type MarkedAreas } from './markedSkin.ts';
import { markedView, type MarkedView } from './markedViews.ts';

/** The markings of a piece on its skin: what each takes, and how it is seen. */
export interface MarkingMap {
  readonly areas: MarkedAreas;
  readonly views: readonly MarkedView[];
  /** The head by itself; none in a coarse answer. */
  readonly heads: readonly MarkedView[];
  /** Edge of a cell of the skin that they are told on, mm of the model. */
  readonly cellMm: number;
}

/** Cells of the two answers, and of the head by itself. */
const CELLS = { coarse: 24_000, fine: 160_000, head: 60_000 } as const;
const FIRST_VIEWS = ['side', 'front', 'top'] as const satisfies readonly ReliefView[];

/** A skin with its blades and what hides what, kept for the last model: markings that are moved do not change it. */
interface Ground {
  readonly skin: SkinSurface;
  readonly blades: readonly BladeSkin[];
  readonly scene: CoatScene;
}

const grounds = keptFor<PosedSkeleton, Ground>();

function groundOf(posed: PosedSkeleton, cells: number, bones: ReadonlySet<string> | null): Ground {
  const skin = skinSurface(posed, cells, bones);
  const blades = bladeSkins(posed).filter(({ boneId }) => bones?.has(boneId) ?? true);
  const apart = apartSkin(posed, skin.cellMm, bones);
  return { skin, blades, scene: coatScene(withApart(skin, apart), blades) };
}

/** Works the markings of a posed model out, on so many cells. `onProgress` is told 0 to 1. Pure and deterministic. */
export function markingMap(
  posed: PosedSkeleton,
  markings: readonly Marking[],
  fine: boolean,
  onProgress: (done: number) => void = () => undefined,
  cells: number = CELLS[fine ? 'fine' : 'coarse'],
): MarkingMap {
  const ground = grounds(posed, cells, () => groundOf(posed, cells, null));
  onProgress(0.4);
  const marked = markedSkin(posed, ground.skin, ground.blades, markings);
  onProgress(0.6);
  const seen = (of: Ground, its: typeof marked, view: ReliefView): MarkedView =>
    markedView(posed, of.scene, its, of.blades, markings, view);
  const views = (fine ? RELIEF_VIEWS : FIRST_VIEWS).map((view) => seen(ground, marked, view));
  const bones = headBones(posed.skeleton);
  const hasHead = fine && bones.size > 0;
  const head = hasHead
    ? grounds(posed, 'head', () => groundOf(posed, CELLS.head, bones))
    : undefined;
  const onHead = head && markedSkin(posed, head.skin, head.blades, markings);
  return {
    ...{ areas: marked.areas, views, cellMm: ground.skin.cellMm },
    heads: head && onHead ? HEAD_VIEWS.map((view) => seen(head, onHead, view)) : [],
  };
}
