import type { Snag } from '../piece/snag.ts';
import { largestRadiusMm, REVERSAL_LIMIT_DEG, type BendSchedule } from './bendSchedule.ts';
import type { ThinnestCover } from './cover.ts';
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
    const text = `bend ${fault.bend + 1} (${route.points[bend?.vertex ?? 0]?.name ?? 'end'})`;
    const common = {
      grade: 'fix',
      stage: 'wire',
      target: { kind: 'bend', id: `${wireId}.${fault.bend + 1}` },
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
        maxWireMm: 2 * (cover.depthMm - wantedMm),
      },
    },
  ];
}

/** Snags of metal and radius: nothing stays bent, or the metal may crack. */
export function metalSnags(
  wireId: string,
  wireName: string,
  metal: Metal,
  diameterMm: number,
  radiusMm: number,
  springsBackWholly: boolean,
): readonly Snag[] {
  const target = { kind: 'wire', id: wireId } as const;
  const insideMm = radiusMm - diameterMm / 2;
  const leastMm = metal.leastInsideDiameters * diameterMm;
  const tight: readonly Snag[] =
    insideMm >= leastMm - 1e-9
      ? []
      : [
          {
            code: 'bend-tight-for-metal',
            grade: 'watch',
            stage: 'wire',
            target,
            facts: { wire: wireName, insideMm, leastMm, metal: metal.name },
          },
        ];
  if (!springsBackWholly) return tight;
  return [
    ...tight,
    {
      code: 'springback-too-large',
      grade: 'fix',
      stage: 'wire',
      target,
      facts: { wire: wireName, metal: metal.name, radiusMm },
    },
  ];
}
