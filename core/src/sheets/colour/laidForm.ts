import type { SeenArea } from '../../colour/palette/laidOver.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import type { Point2 } from '../../geometry/hull.ts';
import type { Plan } from '../../planTypes.ts';
import type { ReliefView } from '../../surface/reliefViews.ts';
import { reliefOf } from '../formItems.ts';
import { markedIds } from './markedItems.ts';

/** A side of a piece to lay over a picture, mm of the page. */
export interface LaidForm {
  /** Its zones and markings, in the order in which they lie over each other. */
  readonly areas: readonly SeenArea[];
  /** Its outline, closed, and the edges inside it. */
  readonly lines: readonly (readonly Point2[])[];
  readonly middle: Point2;
  readonly wide: number;
  readonly high: number;
}

/**
 * A side of a piece as it is laid over a picture to ask for its colours; undefined while its form or what
 * is marked on it is worked out.
 */
export function laidForm(plan: Plan, view: ReliefView): LaidForm | undefined {
  const relief = reliefOf(plan, view);
  if (relief === undefined) return undefined;
  if (plan.markings.markings.length > 0 && plan.marked === null) return undefined;
  const { coat } = plan.measure.skeleton.animal;
  const ids = markedIds(plan);
  const regions = plan.marked?.views.find((of) => of.view === view)?.regions ?? [];
  const edge = relief.outline.flat();
  const [xs, ys] = [edge.map(([x]) => x), edge.map(([, y]) => y)];
  const [low, top] = [
    [least(xs), least(ys)],
    [greatest(xs), greatest(ys)],
  ] as const;
  return {
    areas: [
      ...relief.zones.map(({ zone, loops }) => ({ zoneId: coat[zone]?.id ?? null, loops })),
      ...regions.map(({ main, into, loops }) => ({
        zoneId: into === null ? (ids[main] ?? null) : null,
        loops,
      })),
      // Eyes, bare noses and what else is drawn on a face are looked at by drawing round them.
      ...relief.face.areas.map(({ loop }) => ({ zoneId: null, loops: [loop] })),
    ],
    lines: [...relief.outline.map((loop) => [...loop, loop[0]!]), ...relief.inner],
    middle: [(low[0]! + top[0]!) / 2, (low[1]! + top[1]!) / 2],
    ...{ wide: top[0]! - low[0]!, high: top[1]! - low[1]! },
  };
}
