import * as say from './words.ts';
import { loopArea } from '../../geometry/contours.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { least } from '../../geometry/extremes.ts';
import { input, type Working } from '../../piece/working.ts';
import type { FeatherSheet } from '../../piece/featherSchema.ts';
import { rectangleOf, type FeatherPlan } from './featherPlan.ts';
import type { Vane } from './vane.ts';

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

/** Whether a rectangle lies on a sheet with its gaps: along it, or across where it has no grain. */
export function fitsOn(
  { longMm, wideMm, grained }: FeatherSheet,
  [long, wide]: readonly [long: number, wide: number],
  gapMm: number,
): boolean {
  const [most, broad] = [longMm - 2 * gapMm, wideMm - 2 * gapMm];
  return (long <= most && wide <= broad) || (!grained && long <= broad && wide <= most);
}

/** Every feather that is cut from sheet, left and right, as far as it has grown. */
export function cutFeathers({ rows }: FeatherPlan): readonly (ToNest & { readonly vane: Vane })[] {
  return rows
    .filter(({ way }) => way === 'cut')
    .flatMap(({ feathers }) =>
      feathers.flatMap((feather) => {
        const sides = [
          ['L', feather.sides[0]],
          ['R', feather.sides[1]],
        ] as const;
        return sides.flatMap(([side, vane]) => {
          if (vane === null) return [];
          const [longMm, wideMm] = rectangleOf(vane);
          const areaMm2 = Math.abs(loopArea(vane.outline));
          return [{ id: `${side}.${feather.id}`, longMm, wideMm, areaMm2, vane }];
        });
      }),
    );
}

/** A feather's points on its sheet: its rectangle moved and, where it lies across, turned by a right angle. */
export function onSheet(vane: Vane, { x, y, isTurned }: NestedFeather): Vane {
  const turned = (p: Point2): Point2 => (isTurned ? [-p[1], p[0]] : p);
  const outline = vane.outline.map(turned);
  const [left, low] = [least(outline.map((p) => p[0])), least(outline.map((p) => p[1]))];
  const moved = (p: Point2): Point2 => [p[0] - left + x, p[1] - low + y];
  return { outline: outline.map(moved), shaft: vane.shaft.map((p) => moved(turned(p))) };
}

/** What of the sheets in use the feathers are; null where nothing is laid. */
export function fillWorking({ sheets }: Nesting): Working | null {
  if (sheets.length === 0) return null;
  const cm2 = (mm2: number): number => mm2 / 100;
  const all = cm2(sheets.reduce((sum, { sheet }) => sum + sheet.longMm * sheet.wideMm, 0));
  const used = cm2(
    sheets.flatMap(({ feathers }) => feathers).reduce((sum, { areaMm2 }) => sum + areaMm2, 0),
  );
  return {
    ...{ id: 'skin.feathers.fill', stage: 'skin', label: say.fillOfSheets, unit: 'percent' },
    ...{ value: (100 * used) / all, digits: 0, provenance: 'derived', formula: 'f = a / A' },
    inputs: [
      input('a', say.feathersOnThem, used, 'cm2', 'derived'),
      input('A', say.sheetsInUse, all, 'cm2', 'derived'),
    ],
    source: say.byOutlines,
  };
}
