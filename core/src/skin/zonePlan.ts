import type { CoatZone } from '../anatomy/coat.ts';
import type { CoatMethod } from '../piece/skinSchema.ts';
import type { Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { StrokeTool } from './tools.ts';
import { porePlan, type PorePlan } from './porePlan.ts';
import { methodOf, zoneSizes, type ZoneSizes } from './zoneSizes.ts';
import { zonePlanting, type ZonePlanting } from './zonePlanting.ts';
import { zoneStrokes, type ZoneStrokes } from './zoneStrokes.ts';

/** One zone of the coat at the model's scale. */
export interface ZonePlan extends ZoneSizes {
  readonly zone: CoatZone;
  readonly method: CoatMethod;
  /** Its skin on the model; null while that is worked out. */
  readonly area: Working | null;
  /** How it is carved; null for what is not. */
  readonly strokes: ZoneStrokes | null;
  /** How it is planted; null for what is not. */
  readonly planting: ZonePlanting | null;
  /** Pores of bare skin; null where none are wanted. */
  readonly pores: PorePlan | null;
  /** Hand work for it, by strokes or by tufts; stamps have their own. */
  readonly minutes: Working | null;
}

/** A zone with its sizes, and how much of what it takes. */
export function zonePlan(
  zone: CoatZone,
  skin: Workpiece['skin'],
  scale: Working,
  area: Working | null,
  tools: readonly StrokeTool[],
): ZonePlan {
  const sizes = zoneSizes(zone, skin, scale);
  const method = methodOf(zone, skin);
  const { length, width } = sizes;
  const strokes =
    method === 'carved' && width !== null && length.value > 0
      ? zoneStrokes(zone, skin, { length, width }, area, tools)
      : null;
  const planting = length.value > 0 ? zonePlanting(zone, skin, method, length, area) : null;
  const pores = method === 'smooth' ? porePlan(zone, skin, area) : null;
  return {
    ...{ zone, method, area, strokes, planting, pores, ...sizes },
    minutes: strokes?.minutes ?? planting?.minutes ?? pores?.minutes ?? null,
  };
}

/** Every number of a zone. */
export const zoneWorkings = (entry: ZonePlan): readonly Working[] =>
  [
    entry.area,
    entry.hairLife,
    entry.length,
    entry.width,
    entry.undersize,
    ...(entry.strokes === null ? [] : strokeWorkings(entry, entry.strokes)),
    ...(entry.pores === null ? [] : [entry.pores.count, entry.pores.spacing, entry.pores.minutes]),
    ...(entry.planting === null ? [] : plantingWorkings(entry.planting)),
  ].filter((working) => working !== null);

const strokeWorkings = ({ width }: ZonePlan, of: ZoneStrokes): readonly (Working | null)[] => [
  ...(of.wide === width ? [] : [of.wide]),
  of.deep,
  of.count,
  of.minutes,
];

const plantingWorkings = (of: ZonePlanting): readonly (Working | null)[] => [
  of.hairs,
  of.tufts,
  of.spacing,
  of.rowGap,
  of.cut,
  of.grams,
  of.glue,
  of.minutes,
  of.weft,
];
