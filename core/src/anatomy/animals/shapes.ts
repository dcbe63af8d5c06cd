import type { Vec3 } from '../../geometry/vec3.ts';
import type {
  ApartLook,
  Blade,
  BladeRibs,
  Count,
  Feature,
  Flesh,
  FleshCurve,
  FleshSleeve,
  SleeveStation,
} from '../animal.ts';
import type { CoatZone, RoughSize } from '../coat.ts';
import type { FeatherRow } from '../plumage.ts';
import type { ThingKind } from '../thingKinds.ts';
import { memory } from './memory.ts';

/** A count from general knowledge. */
export const count = (name: string, low: number, high = low, note?: string): Count => ({
  name,
  range: [low, high],
  provenance: 'memory',
  ...(note === undefined ? {} : { note }),
});

/**
 * A part made apart, from general knowledge; left and right together are two. Where it is drawn, its curves are told
 * by how their names begin and by the bones that carry them.
 */
export const feature = (
  id: string,
  name: string,
  bone: string,
  many: number,
  size: RoughSize,
  kind: ThingKind,
  curves?: readonly string[],
  bones: readonly string[] = [bone],
): Feature => ({
  ...{ id, name, kind, bone, count: many, size },
  ...(curves === undefined ? {} : { drawn: { curves, on: bones } }),
});

/** A corner of a blade's outline. */
export const corner = (bone: string, at: number, offset?: Vec3): Blade['outline'][number] => ({
  ...on(bone, at, offset),
  corner: true,
});

/** Lines in a blade: how many, from where to where on its outline, and where to they go. */
export const ribs = (many: number, from: BladeRibs['from'], to: BladeRibs['to']): BladeRibs => ({
  many,
  from,
  to,
});

/** A point of a blade's outline, which is smooth there. */
export const on = (bone: string, at: number, offset?: Vec3): Blade['outline'][number] => ({
  bone,
  at,
  ...(offset === undefined ? {} : { offset }),
});

type Rest = Pick<CoatZone, 'facing' | 'covering' | 'sheen' | 'beads'>;

/**
 * A zone of the coat, sizes from general knowledge: length and width of its hairs, feathers or
 * scales in life mm (null for bare skin), how steeply they stand in degrees, and its colour.
 */
export const zone = (
  id: string,
  name: string,
  bones: readonly string[],
  size: readonly [lengthMm: number, widthMm: number, lieDeg: number] | null,
  hex: string,
  more: Partial<Rest> = {},
): CoatZone => ({
  id,
  name,
  bones,
  hair: size === null ? null : memory(size[0], size[0] * 0.6, size[0] * 1.5),
  lock: size === null ? null : memory(size[1], size[1] * 0.6, size[1] * 1.6),
  lieDeg: size?.[2] ?? 0,
  hex,
  sheen: 'matt',
  ...more,
});

/**
 * A section of a sleeve as it is read off a drawing: bone, share of it, above (in limbs: in front), below
 * (behind), half the width, life mm; then where it is widest (−1 to 1) and the exponents above and below. A
 * round section is told by its radius alone.
 */
export type SleeveRow =
  | readonly [bone: string, at: number, radius: number]
  | readonly [
      bone: string,
      at: number,
      above: number,
      below: number,
      halfWidth: number,
      widest?: number,
      squareAbove?: number,
      squareBelow?: number,
    ];

/** The rows of a sleeve along its chain of bones. */
export interface SleeveRows {
  readonly faces: FleshSleeve['faces'];
  readonly rows: readonly SleeveRow[];
}

/** Sleeves by name, shared out to the bones that they go along. */
export function sleeves(
  all: Readonly<Record<string, SleeveRows>>,
): Readonly<Record<string, readonly FleshSleeve[]>> {
  const flesh: Record<string, FleshSleeve[]> = {};
  for (const [sleeve, { faces, rows }] of Object.entries(all)) {
    const bones = [...new Set(rows.map(([bone]) => bone))];
    for (const [order, bone] of bones.entries()) {
      const stations = rows.filter(([of]) => of === bone).map(stationOf);
      (flesh[bone] ??= []).push({ sleeve, order, faces, stations });
    }
  }
  return flesh;
}

const stationOf = ([
  ,
  at,
  above,
  below = above,
  halfWidth = above,
  widest,
  squareAbove,
  squareBelow,
]: SleeveRow): SleeveStation => ({
  ...{ at, above, below, halfWidth },
  ...(widest === undefined ? {} : { widest }),
  ...(squareAbove === undefined ? {} : { squareAbove }),
  ...(squareBelow === undefined ? {} : { squareBelow }),
});

/** A point of a curve as it is read off a drawing: place on its bone, radius, and the way off it, life mm. */
export type CurveRow = readonly [at: number, radius: number, offset?: Vec3];

/** A round solid along points from its root to its tip. */
export const curve = (name: string, ...rows: readonly CurveRow[]): FleshCurve => ({
  curve: name,
  points: rows.map(([at, radius, offset]) => ({
    ...{ at, radius },
    ...(offset === undefined ? {} : { offset }),
  })),
});

/** What stands out of the skin by itself along points from its root to its tip: its look, or its colour alone. */
export const apart = (
  name: string,
  look: ApartLook | string,
  ...rows: readonly CurveRow[]
): FleshCurve => ({
  ...curve(name, ...rows),
  apart: typeof look === 'string' ? { hex: look } : look,
});

/** The flesh of an animal: its sleeves along their chains of bones, and the curves that bones carry. */
export function fleshOf(
  all: Readonly<Record<string, SleeveRows>>,
  curves: Readonly<Record<string, readonly FleshCurve[]>> = {},
): Readonly<Record<string, readonly Flesh[]>> {
  const flesh: Record<string, readonly Flesh[]> = { ...sleeves(all) };
  for (const [bone, list] of Object.entries(curves))
    flesh[bone] = [...(flesh[bone] ?? []), ...list];
  return flesh;
}

/** A row of flight feathers on the bones of a wing: primaries on the hand, secondaries on the forearm. */
export const remiges = (
  id: 'primaries' | 'secondaries',
  [hand, forearm]: readonly [hand: string, forearm: string],
  of: Pick<FeatherRow, 'zone' | 'many' | 'longest' | 'formula' | 'wide' | 'tip'> &
    Partial<Pick<FeatherRow, 'notched' | 'fan'>>,
): FeatherRow =>
  id === 'primaries'
    ? {
        ...{ id, name: 'Primaries', letter: 'P', leading: 0.25, turnDeg: 12 },
        root: { bone: hand, first: 0.04, last: 1 },
        fan: { first: [forearm, 74], last: [hand, 8] },
        ...of,
      }
    : {
        ...{ id, name: 'Secondaries', letter: 'S', leading: 0.35, turnDeg: 8, ...of },
        root: { bone: forearm, first: 0.97, last: 0.05 },
        fan: { first: [forearm, 77], last: [forearm, 104] },
      };

/** Tail feathers in a fan, those of one side told. */
export const rectrices = (
  of: Pick<FeatherRow, 'zone' | 'many' | 'longest' | 'formula' | 'wide' | 'tip'>,
  spreadDeg: number,
  bone = 'tail',
): FeatherRow => ({
  ...{ id: 'tail', name: 'Tail feathers', letter: 'R', leading: 0.42, turnDeg: 4, ...of },
  root: { bone, first: 0, last: 0 },
  fan: { first: [bone, spreadDeg / (2 * of.many[1] - 1)], last: [bone, spreadDeg] },
});
