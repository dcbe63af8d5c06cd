import type { Vec3 } from '../geometry/vec3.ts';
import type { PagePoint, View } from './drawing.ts';

/**
 * A point of the animal on the page, mm. Side elevations face left, so the near side is the
 * animal's left; from the front its left is on the right of the page; from above the front is on
 * the left of the page and the animal's left at the bottom.
 */
export function project(view: View, [x, y, z]: Vec3): PagePoint {
  if (view === 'side') return [-x, y];
  return view === 'front' ? [-z, y] : [-x, z];
}

/** The two coordinates of the animal that a page point of a view shows; the third is kept. */
export function unproject(view: View, [px, py]: PagePoint, kept: Vec3): Vec3 {
  if (view === 'side') return [-px, py, kept[2]];
  return view === 'front' ? [kept[0], py, -px] : [-px, kept[1], py];
}
