import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Snag } from '../piece/snag.ts';
import { largestRadiusMm, REVERSAL_LIMIT_DEG, type BendSchedule } from './bendSchedule.ts';
import { spareMm, type ThinnestCover } from './cover.ts';
import { widestRadiusMm } from './formingBend.ts';
import type { Metal } from './metals.ts';
import type { Route } from './routes.ts';

/** Snags of the shape of a wire: bends that cannot be made as drawn. */
export function bendSnags(
  wireId: string,
  wireName: string,
  schedule: BendSchedule,
  route: Route,
): readonly Snag[] {
  return schedule.faults.map((fault): Snag => {
    const bend = schedule.bends[fault.bend];
    const text = say.bend2(fault.bend + 1, route.points[bend?.vertex ?? 0]?.name ?? 'end');
    const common = {
      grade: 'fix',
      stage: 'wire',
      target: { kind: 'bend', wireId: wireId, bend: fault.bend + 1 },
    } as const;
    if (fault.kind === 'reversal') {
      const facts = {
        wire: wireName,
        bend: text,
        deg: fault.bendDeg,
        limitDeg: REVERSAL_LIMIT_DEG,
      };
      return { ...common, code: 'bend-reversal', facts };
    }
    const facts = {
      wire: wireName,
      bend: text,
      haveMm: fault.haveMm,
      needMm: fault.needMm,
      maxRadiusMm: largestRadiusMm(schedule, fault.leg),
    };
    return { ...common, code: 'bend-too-short', facts };
  });
}

/** Snag of a wire that lies too near the skin, with the thickest that would do. */
export function coverSnags(
  wireId: string,
  cover: ThinnestCover,
  wantedMm: number,
): readonly Snag[] {
  if (cover.coverMm >= wantedMm) return [];
  return [
    {
      code: 'wire-too-thick',
      grade: 'fix',
      stage: 'wire',
      target: { kind: 'wire', id: wireId },
      facts: {
        place: cover.place,
        limbMm: Math.max(0, 2 * cover.depthMm),
        wireMm: cover.wireMm,
        coverMm: cover.coverMm,
        minMm: wantedMm,
        maxWireMm: cover.wireMm + spareMm(cover, wantedMm),
      },
    },
  ];
}

/** How tightly and how widely one wire is bent. */
export interface MetalCase {
  readonly metal: Metal;
  readonly diameterMm: number;
  /** Smallest and largest finished centreline radius of its bends, mm. */
  readonly tightestMm: number;
  readonly widestMm: number;
  /** Whether even the widest bend stays. */
  readonly stays: boolean;
  readonly tests: Workpiece['wire']['testBends'];
}

/** Snags of metal and radius: nothing stays bent, or the metal may crack; each with the nearest that can. */
export function metalSnags(
  wireId: string,
  wireName: string,
  { metal, diameterMm, tightestMm, widestMm, stays, tests }: MetalCase,
): readonly Snag[] {
  const common = { stage: 'wire', target: { kind: 'wire', id: wireId } } as const;
  const insideMm = tightestMm - diameterMm / 2;
  const leastMm = metal.leastInsideDiameters * diameterMm;
  const tight: readonly Snag[] =
    insideMm >= leastMm - 1e-9
      ? []
      : [
          {
            ...common,
            code: 'bend-tight-for-metal',
            grade: 'watch',
            facts: { wire: wireName, insideMm, leastMm, metal: metal.name },
          },
        ];
  if (stays) return tight;
  const canMm = widestRadiusMm(metal, diameterMm, widestMm, tests);
  return [
    ...tight,
    {
      ...common,
      code: 'springback-too-large',
      grade: 'fix',
      facts: { wire: wireName, metal: metal.name, radiusMm: widestMm, widestMm: canMm },
    },
  ];
}
