import type { Picture, PictureView } from '../../piece/referencesSchema.ts';
import type { Vec3 } from '../../geometry/vec3.ts';

/** Axes of the animal by index: 0 forward, 1 up, 2 to its right. */
export type Axis = 0 | 1 | 2;

/** What the right of the page and the top of the page are in the animal's axes: an axis and a sign. */
export interface PageAxes {
  readonly across: { readonly axis: Axis; readonly sign: 1 | -1 };
  readonly up: { readonly axis: Axis; readonly sign: 1 | -1 };
  /** The axis that points at the viewer, with the sign of its near side. */
  readonly towards: { readonly axis: Axis; readonly sign: 1 | -1 };
}

type MeasuredView = Exclude<PictureView, 'photo'>;

const FACING_LEFT: Readonly<Record<MeasuredView, PageAxes>> = {
  side: {
    across: { axis: 0, sign: -1 },
    up: { axis: 1, sign: 1 },
    towards: { axis: 2, sign: -1 },
  },
  front: {
    across: { axis: 2, sign: -1 },
    up: { axis: 1, sign: 1 },
    towards: { axis: 0, sign: 1 },
  },
  back: {
    across: { axis: 2, sign: 1 },
    up: { axis: 1, sign: 1 },
    towards: { axis: 0, sign: -1 },
  },
  top: {
    across: { axis: 0, sign: -1 },
    up: { axis: 2, sign: 1 },
    towards: { axis: 1, sign: 1 },
  },
};

/** The same views with the head to the right: seen from the animal's right, or turned half round. */
const FACING_RIGHT: Readonly<Partial<Record<MeasuredView, PageAxes>>> = {
  side: {
    across: { axis: 0, sign: 1 },
    up: { axis: 1, sign: 1 },
    towards: { axis: 2, sign: 1 },
  },
  top: {
    across: { axis: 0, sign: 1 },
    up: { axis: 2, sign: -1 },
    towards: { axis: 1, sign: 1 },
  },
};

/** The axes of a picture that is measured; undefined for a photograph that is read by itself. */
export function axesOf({ view, facing }: Pick<Picture, 'view' | 'facing'>): PageAxes | undefined {
  if (view === 'photo') return undefined;
  return (facing === 'right' ? FACING_RIGHT[view] : undefined) ?? FACING_LEFT[view];
}

/** A place in the animal's axes of which a view shows only some. */
export type PartialPlace = readonly [number | null, number | null, number | null];

/** The two coordinates of the animal that a page point (mm, y up) shows. */
export function placeOfPage(axes: PageAxes, [right, up]: readonly [number, number]): PartialPlace {
  const place: [number | null, number | null, number | null] = [null, null, null];
  place[axes.across.axis] = axes.across.sign * right;
  place[axes.up.axis] = axes.up.sign * up;
  return place;
}

/** The page point of a place, mm: the inverse of {@link placeOfPage}. */
export const pageOfPlace = (axes: PageAxes, place: Vec3): readonly [number, number] => [
  axes.across.sign * place[axes.across.axis],
  axes.up.sign * place[axes.up.axis],
];
