import type { PosedSkeleton } from '../anatomy/pose.ts';
import { apartMeshes, apartSkin, withApart, type ApartMesh } from './apartSkin.ts';
import { bladeSkins, type BladeSkin } from './bladeSkin.ts';
import { faceOn } from './faceOn.ts';
import { footForms, type FootForm } from './footForm.ts';
import { headForm } from './headForm.ts';
import { relief, type Relief } from './relief.ts';
import { RELIEF_VIEWS } from './reliefViews.ts';
import { zoneAreas } from './skinAreas.ts';
import { skinSurface, SURFACE_CELLS, type SkinSurface } from './skinSurface.ts';

/** The finished form of a piece in its stance: its skin, what of it each zone takes, and how it is seen. */
export interface FormSurface {
  readonly skin: SkinSurface;
  /** What stands out of it by itself: claws, tines, plumes. */
  readonly apart: readonly ApartMesh[];
  readonly blades: readonly BladeSkin[];
  /** Area by zone, in the order of the coat, with the feathers, membranes and fins; mm² of the model. */
  readonly zonesMm2: readonly number[];
  readonly reliefs: readonly Relief[];
  /** The head by itself; none in a coarse answer. */
  readonly heads: readonly Relief[];
  /** The left feet by themselves; none in a coarse answer. */
  readonly feet: readonly FootForm[];
}

/** Views of a first answer: those of the elevations. */
const FIRST_VIEWS = ['side', 'front', 'top'] as const;

/** Works the form of a posed model out. `onProgress` is told 0 to 1. Pure and deterministic. */
export function formSurface(
  posed: PosedSkeleton,
  fine: boolean,
  onProgress: (done: number) => void = () => undefined,
  cells: number = fine ? SURFACE_CELLS.fine : SURFACE_CELLS.coarse,
): FormSurface {
  const skin = skinSurface(posed, cells);
  onProgress(0.6);
  const blades = bladeSkins(posed);
  const zones = posed.skeleton.animal.coat.length;
  const zonesMm2 = [...zoneAreas(skin, zones)].slice(0, zones);
  for (const { zone, areaMm2 } of blades) if (zone < zones) zonesMm2[zone]! += areaMm2;
  const views = fine ? RELIEF_VIEWS : FIRST_VIEWS;
  const face = faceOn(posed, skin);
  const apart = apartSkin(posed, skin.cellMm);
  const drawnSkin = withApart(skin, apart);
  const reliefs = views.map((view, i) => {
    const drawn = relief(drawnSkin, blades, view, face);
    onProgress(0.6 + (0.4 * (i + 1)) / views.length);
    return drawn;
  });
  const heads = fine ? headForm(posed) : [];
  const feet = fine ? footForms(posed) : [];
  return { skin, apart: apartMeshes(apart), blades, zonesMm2, reliefs, heads, feet };
}
