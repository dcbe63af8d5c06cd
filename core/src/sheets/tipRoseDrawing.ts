import * as say from './words.ts';
import type { BalancePlan } from '../balance/balancePlan.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';

/** Rings are drawn at these tilts. */
const RINGS_DEG = [10, 20, 30] as const;
const MOST_DEG = 45;
const RING_SEGMENTS = 72;

/**
 * How far the piece can be tilted in each direction before it goes over, seen from above with the
 * front on the left: the farther out, the safer. Empty rings where it does not stand by itself.
 * `mmPerDeg` sets its size on the sheet.
 */
export function tipRoseDrawing({ rose }: BalancePlan, mmPerDeg: number): Drawing {
  const at = (towardsDeg: number, deg: number): PagePoint => {
    const rad = (towardsDeg * Math.PI) / 180;
    const r = Math.min(MOST_DEG, deg) * mmPerDeg;
    return [-r * Math.cos(rad), r * Math.sin(rad)];
  };
  const target = { kind: 'mass-centre', id: 'mass-centre' } as const;
  const ring = (deg: number): DrawingItem => ({
    kind: 'line',
    ink: 'soft',
    layer: 'balance',
    weight: WEIGHT.hair,
    closed: true,
    points: Array.from({ length: RING_SEGMENTS }, (_, i) => at((360 * i) / RING_SEGMENTS, deg)),
  });
  const label = (deg: number): DrawingItem => ({
    kind: 'text',
    ink: 'soft',
    layer: 'balance',
    at: [0.4 * mmPerDeg, deg * mmPerDeg + 0.3 * mmPerDeg],
    text: `${deg}°`,
    sizeMm: 3.2 * mmPerDeg,
    anchor: 'start',
    face: 'number',
  });
  const petals: readonly DrawingItem[] =
    rose.length === 0
      ? []
      : [
          {
            kind: 'line',
            ink: 'ink',
            layer: 'balance',
            weight: WEIGHT.far,
            closed: true,
            points: rose.map(({ towardsDeg, tipDeg }) => at(towardsDeg, tipDeg)),
            target,
          },
        ];
  const outer = RINGS_DEG.at(-1)!;
  const front: DrawingItem = {
    kind: 'line',
    ink: 'mid',
    layer: 'balance',
    weight: WEIGHT.thin,
    points: [
      [-(outer - 3) * mmPerDeg, 2 * mmPerDeg],
      [-outer * mmPerDeg, 0],
      [-(outer - 3) * mmPerDeg, -2 * mmPerDeg],
    ],
  };
  return fittedDrawing(
    'tip-rose',
    say.tipsAt,
    [...RINGS_DEG.map(ring), ...RINGS_DEG.map(label), ...petals, front],
    2 * mmPerDeg,
  );
}
