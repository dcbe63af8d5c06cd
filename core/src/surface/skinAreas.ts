import { eachTriangle } from '../geometry/triangleMesh.ts';
import type { SkinSurface } from './skinSurface.ts';

/** Areas of the skin in this stance by zone of the coat, mm² of the model: a third of each triangle to each corner. */
export function zoneAreas({ mesh, zone }: SkinSurface, zones: number): Float64Array {
  const areas = new Float64Array(zones + 1);
  eachTriangle(mesh, (area, corners) => {
    for (const corner of corners) areas[zone[corner]!]! += area / 3;
  });
  return areas;
}
