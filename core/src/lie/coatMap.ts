import { restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { nearestSleeve, placeOn } from '../body/skinPlace.ts';
import { skinParts } from '../body/skin.ts';
import { apartSkin, withApart } from '../surface/apartSkin.ts';
import { bladeSkins } from '../surface/bladeSkin.ts';
import { HEAD_VIEWS, headBones } from '../surface/headForm.ts';
import { RELIEF_VIEWS, type ReliefView } from '../surface/reliefViews.ts';
import { skinSurface, type SkinSurface } from '../surface/skinSurface.ts';
import { carriedLie } from './carriedLie.ts';
import { keptFor } from './keptFor.ts';
import type { LieMark, LiePlace } from './lieMarks.ts';
import { restLie, type RestLie } from './restLie.ts';
import { joinedStrokes, scaleRowsOn, type RowsOnTube } from './scaleRowsOn.ts';
import { coatScene, seenCoat, type CoatScene, type SeenCoat } from './seenCoat.ts';
import { strokeSet, type Irregularity, type StrokeSet, type StrokesOfZone } from './strokeSet.ts';

/** What a coat is worked out from, beside the posed model. */
export interface CoatChoice {
  readonly zones: readonly StrokesOfZone[];
  readonly marks: readonly LieMark[];
  /** Rows of scales, where they are drawn one by one. */
  readonly rows: readonly RowsOnTube[];
  /** Zones whose scales stand in those rows, by their places in the coat. */
  readonly rowZones: readonly number[];
  readonly vary: Irregularity;
  /** Strokes of one zone run into the next over so many mm of the model. */
  readonly blendMm: number;
}

/** The coat of a piece: how it lies and what is seen of it from each side. */
export interface CoatMap {
  readonly views: readonly SeenCoat[];
  /** The head by itself; none in a coarse answer. */
  readonly heads: readonly SeenCoat[];
  /** Places where the lie has no way of its own. */
  readonly whorls: readonly LiePlace[];
  /** Roots, halves and tips of the strokes in space, nine numbers a stroke; their zones. */
  readonly lines: Float32Array;
  readonly zone: Uint8Array;
  /** Edge of a cell of the skin that the lie was solved on, life mm. */
  readonly cellMm: number;
}

/** Cells of the skin that the lie is solved on, and of the one that it is seen on. */
const COAT_CELLS = {
  coarse: { rest: 14_000, stance: 30_000 },
  fine: { rest: 45_000, stance: 120_000 },
} as const;
/** Cells of the head by itself. */
const HEAD_CELLS = 60_000;

const FIRST_VIEWS = ['side', 'front', 'top'] as const satisfies readonly ReliefView[];

/** The skins of the last model asked for: guides that are moved do not change them. */
const skinOf = keptFor<PosedSkeleton | Skeleton, SkinSurface>();

/** What stands before the strokes of a skin, from each side. */
const scenes = keptFor<SkinSurface, CoatScene>();

/** The rest stance of a skeleton, one and the same each time. */
const restOf = keptFor<Skeleton, PosedSkeleton>();

/** A first picture has no more strokes than these, of each zone its share. */
const FIRST_STROKES = 3000;

function thinnedTo(most: number, zones: readonly StrokesOfZone[]): readonly StrokesOfZone[] {
  const all = zones.reduce((sum, { many }) => sum + many, 0);
  return all <= most
    ? zones
    : zones.map((of) => ({ ...of, many: Math.ceil((of.many * most) / all) }));
}

/** Works the coat of a posed model out. `onProgress` is told 0 to 1. Pure and deterministic. */
export function coatMap(
  posed: PosedSkeleton,
  choice: CoatChoice,
  fine: boolean,
  onProgress: (done: number) => void = () => undefined,
): CoatMap {
  const cells = COAT_CELLS[fine ? 'fine' : 'coarse'];
  const { skeleton } = posed;
  const rest = restOf(skeleton, 0, () => restPose(skeleton));
  const restSkin = skinOf(skeleton, cells.rest, () => skinSurface(rest, cells.rest));
  onProgress(0.2);
  const lie = restLie(rest, restSkin, choice.marks);
  onProgress(0.35);
  const skin = skinOf(posed, cells.stance, () => skinSurface(posed, cells.stance));
  onProgress(0.55);
  const ways = carriedLie(rest, lie, posed, skin);
  const rows = scaleRowsOn(posed, choice.rows, choice.rowZones);
  const all = fine ? choice.zones : thinnedTo(FIRST_STROKES, choice.zones);
  const free = all.filter(({ zone }) => !rows.zone.includes(zone));
  const strokes = joinedStrokes([
    strokeSet(posed, skin, ways, free, choice.vary, choice.blendMm),
    rows,
  ]);
  onProgress(0.8);
  const scene = scenes(skin, 0, () =>
    coatScene(withApart(skin, apartSkin(posed, skin.cellMm)), bladeSkins(posed)),
  );
  const hasLie = skeleton.animal.coat.map(({ covering = 'hair' }) => covering !== 'skin');
  const views = (fine ? RELIEF_VIEWS : FIRST_VIEWS).map((view) =>
    seenCoat(scene, ways, strokes, hasLie, view),
  );
  const heads = fine ? headCoats(rest, lie, posed, strokes, hasLie) : [];
  return {
    ...{ views, heads, lines: strokes.lines, zone: strokes.zone, cellMm: restSkin.cellMm },
    whorls: lie.whorls.flatMap((p): LiePlace[] => {
      const part = nearestSleeve(skinParts(rest), p);
      return part === undefined ? [] : [placeOn(rest, part, p)];
    }),
  };
}

/** The head alone, with those strokes of the whole that lie on its skin. */
function headCoats(
  rest: PosedSkeleton,
  lie: RestLie,
  posed: PosedSkeleton,
  strokes: StrokeSet,
  hasLie: readonly boolean[],
): readonly SeenCoat[] {
  const bones = headBones(posed.skeleton);
  if (bones.size === 0) return [];
  const skin = skinOf(posed, HEAD_CELLS, () => skinSurface(posed, HEAD_CELLS, bones));
  const ways = carriedLie(rest, lie, posed, skin);
  const scene = scenes(skin, 0, () =>
    coatScene(
      withApart(skin, apartSkin(posed, skin.cellMm, bones)),
      bladeSkins(posed).filter(({ boneId }) => bones.has(boneId)),
    ),
  );
  return HEAD_VIEWS.map((view) => seenCoat(scene, ways, strokes, hasLie, view));
}
