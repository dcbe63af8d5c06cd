import { MINUTES } from '../wire/minutes.ts';
import { cutPieces } from '../wire/planStock.ts';
import type { WirePlan } from '../wire/wirePlan.ts';

/** How often each thing is done for an armature. */
export interface WorkCounts {
  readonly pieces: number;
  readonly bends: number;
  readonly bindings: number;
  readonly holes: number;
  /** Wire that is twisted or coiled, m. */
  readonly twistedM: number;
}

/** Counts what an armature takes. */
export function workCounts(plan: WirePlan): WorkCounts {
  const { wires, bindings, base } = plan;
  const made = wires.filter(({ otherEndOf }) => otherEndOf === null);
  const twisted = made.flatMap((wire) => {
    const coil = wire.lines.find(({ id }) => id.endsWith('.coil'))?.value ?? 0;
    const strands = wire.moreStrands.map(({ count, cut }) => count * cut.value);
    const folded = wire.lines.find(({ id }) => id.endsWith('.trunk'))?.value ?? 0;
    return [coil, folded, ...strands];
  });
  return {
    pieces: cutPieces(plan).length,
    bends: wires.reduce((sum, wire) => sum + wire.count * wire.bends.length, 0),
    bindings: bindings.bindings.reduce((sum, { count }) => sum + count, 0),
    holes: base.holes.length,
    twistedM: twisted.reduce((sum, mm) => sum + mm, 0) / 1000,
  };
}

/** Minutes that these workCounts take at the usual pace. */
export const benchMinutes = ({ pieces, bends, bindings, holes, twistedM }: WorkCounts): number =>
  pieces * (MINUTES.cut + MINUTES.check) +
  bends * (MINUTES.mark + MINUTES.bend) +
  bindings * MINUTES.bind +
  holes * MINUTES.hole +
  twistedM * MINUTES.twistPerM;
