import { loopArea } from '../../geometry/contours.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { least } from '../../geometry/extremes.ts';
import type { FeatherSheet } from '../../piece/featherSchema.ts';
import { rectangleOf, type FeatherPlan } from './featherPlan.ts';
import { mirroredVane, type Vane } from './vane.ts';

/** A feather to lay on a sheet by its rectangle, mm. */
export interface ToNest {
  /** Side and number: L.P3. */
  readonly id: string;
  readonly longMm: number;
  readonly wideMm: number;
  readonly areaMm2: number;
}

/** What is nested. */
export interface NestQuestion {
  readonly feathers: readonly ToNest[];
  readonly sheets: readonly FeatherSheet[];
  readonly gapMm: number;
}

/** A feather on its sheet: the corner, the size and the turn of its rectangle, mm. */
export interface NestedFeather extends ToNest {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Its shaft lies across the sheet. */
  readonly isTurned: boolean;
}

export interface NestedSheet {
  readonly sheet: FeatherSheet;
  /** Beyond what is at hand. */
  readonly isBought: boolean;
  readonly feathers: readonly NestedFeather[];
}

export interface Nesting {
  readonly sheets: readonly NestedSheet[];
  /** Feathers that no sheet takes. */
  readonly tooLarge: readonly string[];
}

/** Every feather that is cut from sheet, left and right, as far as it has grown. */
export function cutFeathers({ rows }: FeatherPlan): readonly (ToNest & { readonly vane: Vane })[] {
  return rows
    .filter(({ way }) => way === 'cut')
    .flatMap(({ feathers }) =>
      feathers.flatMap((feather) => {
        const [longMm, wideMm] = rectangleOf(feather);
        const sides = [
          ['L', mirroredVane(feather.vane), feather.grown[0]],
          ['R', feather.vane, feather.grown[1]],
        ] as const;
        return sides
          .filter(([, , grown]) => grown > 0)
          .map(([side, vane, grown]) => ({
            ...{ id: `${side}.${feather.id}`, longMm: longMm * grown, wideMm: wideMm * grown },
            areaMm2: Math.abs(loopArea(vane.outline)) * grown * grown,
            vane: grown === 1 ? vane : sized(vane, grown),
          }));
      }),
    );
}

const sized = ({ outline, shaft }: Vane, k: number): Vane => ({
  outline: outline.map(([x, y]) => [x * k, y * k]),
  shaft: shaft.map(([x, y]) => [x * k, y * k]),
});

/** A feather's points on its sheet: its rectangle moved and, where it lies across, turned by a right angle. */
export function onSheet(vane: Vane, { x, y, isTurned }: NestedFeather): Vane {
  const turned = (p: Point2): Point2 => (isTurned ? [-p[1], p[0]] : p);
  const outline = vane.outline.map(turned);
  const [left, low] = [least(outline.map((p) => p[0])), least(outline.map((p) => p[1]))];
  const moved = (p: Point2): Point2 => [p[0] - left + x, p[1] - low + y];
  return { outline: outline.map(moved), shaft: vane.shaft.map((p) => moved(turned(p))) };
}

/** What of the sheets in use the feathers are, 0 to 1; 0 where nothing is laid. */
export function fillOf({ sheets }: Nesting): number {
  const all = sheets.reduce((sum, { sheet }) => sum + sheet.longMm * sheet.wideMm, 0);
  const used = sheets
    .flatMap(({ feathers }) => feathers)
    .reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
  return all === 0 ? 0 : used / all;
}
