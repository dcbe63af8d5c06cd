import * as say from './words.ts';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import { input, type Working } from '../piece/working.ts';
import { toDeg, toRad } from '../units/angles.ts';
import type { BendSchedule } from './bendSchedule.ts';
import { bentVertices, type BendStep } from './bentWire.ts';
import type { PlannedBend, PlannedWire } from './plannedWire.ts';
import { releasedRadiusMm } from './springback.ts';

/** Whether the wire is bent past its angle by the springback, or only to the angle itself. */
export type Execution = 'over-bent' | 'to-the-angle';

type Bends = readonly Pick<PlannedBend, 'forming' | 'bendTo' | 'turn' | 'angle'>[];
type Executed = { readonly schedule: BendSchedule; readonly bends: Bends };

/**
 * Executes a bend list as the hand does and lets go: each bend is formed at its forming radius Rᵢ to
 * the angle told, and relaxes to that angle times Rᵢ/R, where R is the radius that Rᵢ releases to.
 * What the arc takes less of the wire stays straight behind it. Returns the vertices in mm, starting at
 * the origin along x, the first bend towards y; only the first `upTo` bends where that is given.
 */
export function executedVertices(
  { schedule, bends }: Executed,
  execution: Execution,
  diameterMm: number,
  upTo = bends.length,
): readonly Vec3[] {
  const feeds = [...schedule.feedsMm];
  const steps = bends.slice(0, upTo).map((bend, i): BendStep => {
    const planned = schedule.bends[i]!;
    const { forming } = bend;
    const toolDeg = execution === 'over-bent' ? bend.bendTo?.value : bend.angle.value;
    // A wire that springs back wholly is left straight: nothing holds it bent.
    if (forming === undefined || toolDeg === undefined) {
      feeds[i + 1]! += planned.arcMm;
      return { bendDeg: 0, turnDeg: bend.turn.value, tangentMm: 0 };
    }
    const arcMm = toRad(toolDeg) * forming.formingMm;
    const radiusMm = releasedRadiusMm(forming.formingMm, forming.yieldOverE, diameterMm);
    feeds[i + 1]! += planned.arcMm - arcMm;
    const rad = arcMm / radiusMm;
    return {
      bendDeg: toDeg(rad),
      turnDeg: bend.turn.value,
      tangentMm: radiusMm * Math.tan(rad / 2),
    };
  });
  const done = feeds.slice(0, upTo);
  const restMm =
    feeds.slice(upTo).reduce((sum, feed) => sum + feed, 0) +
    schedule.bends.slice(upTo).reduce((sum, { arcMm }) => sum + arcMm, 0);
  return bentVertices([...done, restMm], steps, schedule.wound);
}

/**
 * How far from its place the far end of a wire lands if it is bent only to its angles, mm: the reason
 * for the over-bend. Both are laid with their first straight on each other.
 */
export function leftOutMm(wire: Executed, diameterMm: number): number {
  const [meant, got] = (['over-bent', 'to-the-angle'] as const).map((how) =>
    executedVertices(wire, how, diameterMm).at(-1)!,
  );
  return distance(meant!, got!);
}

/** The same as a working; undefined where the wire has no bend. */
export function leftOutWorking(
  id: string,
  wire: Executed,
  diameterMm: number,
): Working | undefined {
  const first = wire.bends.find(({ forming }) => forming !== undefined);
  if (first?.forming === undefined) return undefined;
  return {
    id: `wire.${id}.left-out`,
    stage: 'wire',
    label: say.withoutOverBendIts(id),
    value: leftOutMm(wire, diameterMm),
    unit: 'mm',
    provenance: 'derived',
    reading: {
      method: say.bendsMadeToTheir,
      resolution: say.exactStraightLinesAnd,
      checkedBy: 'core/src/wire/executedBends.test.ts',
    },
    inputs: [
      input(
        'Rᵢ/R',
        say.whatStaysOfBend,
        1 / first.forming.overBend,
        'ratio',
        first.forming.provenance,
      ),
      input('N', say.bends, wire.bends.length, 'count', 'derived'),
    ],
    source: say.springbackOfRoundWire,
    target: { kind: 'wire', id },
  };
}

/** The bends of a wire that lie on a rope: made on all its strands together. */
export const onRope = (wire: PlannedWire, bend: PlannedBend): boolean =>
  (wire.strandsAt[bend.routePoint - 1] ?? 1) > 1 && (wire.strandsAt[bend.routePoint] ?? 1) > 1;
