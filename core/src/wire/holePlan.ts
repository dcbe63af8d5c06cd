import * as say from './words.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { input, type Reading, type Working } from '../piece/working.ts';
import type { Perch } from '../stance/perch.ts';
import { toDeg } from '../units/angles.ts';
import type { Peg } from './basePegs.ts';
import { drillFor, HOLE_CLEARANCE_MM, threadById } from './hardware.ts';
import type { PegSeat } from './pegSeat.ts';
import type { BoardEdges } from './perchOnBoard.ts';
import type { WireSetting } from './wireSetting.ts';

/** A hole that leans less than this is drilled square. */
const SQUARE_DEG = 1;

/**
 * A hole of the base, from the front left corner: `along` backwards, `across` to the right. In a log or a branch `along`
 * is the way round from its top line, forwards, and in a rock or a post from its own front.
 */
export interface Hole {
  readonly number: number;
  readonly into: PegSeat['into'];
  /** How deep a hole that does not go through is drilled. */
  readonly depth: Working | null;
  readonly foot: string;
  readonly contactId: string;
  /** The wire or rod that goes in. */
  readonly wireId: string;
  readonly along: Working;
  readonly across: Working;
  readonly diameter: Working;
  /** How far the hole leans from square, and where its top leans to, seen from above. */
  readonly slant: Working;
  readonly leansTo: string;
  /** The same as a direction in plan: x forward, z to the right; zero where it is square. */
  readonly lean: readonly [x: number, z: number];
  /** The turn in which its peg is set and fixed: crosswise over the board. */
  readonly order: number;
  /** Place on the face of the board: towards its front and to its right. */
  readonly x: number;
  readonly z: number;
}

/** Where a hole is. */
const THROUGH_THE_TOP: Reading = {
  method: say.wherePegGoesThrough,
  resolution: say.exactStraightPeg,
  checkedBy: 'core/src/wire/planWire.test.ts',
};

/** How far a peg leans from square to the board. */
const slantWorking = (
  number: number,
  { up }: Peg,
  common: Pick<Working, 'stage' | 'provenance' | 'source' | 'target'>,
): Working => {
  const flat = Math.hypot(up[0], up[2]);
  return {
    ...common,
    id: `base.hole.${number}.slant`,
    label: say.holeLeans(number),
    value: toDeg(Math.atan2(flat, up[1])),
    unit: 'deg',
    formula: 'φ = atan2(s, u)',
    inputs: [
      input('s', say.sidewaysOnLengthOf, flat, 'ratio', 'derived'),
      input('u', say.upwardsOnSame, up[1], 'ratio', 'derived'),
    ],
    note: say.noughtIsSquareTo,
  };
};

/** Where a hole is on the board or the perch, and from where that is measured. */
function placeOf(
  { stance: { wall, perch } }: Pick<WireSetting, 'stance'>,
  { at: [x, , z], seat }: Peg,
  { frontX, leftZ }: BoardEdges,
): { readonly along: readonly [string, number]; readonly across: readonly [string, number] } {
  if (seat.into === 'perch' && perch !== null)
    return { along: alongPerch(perch, x), across: [say.fromItsLeftEnd, z - perch.z[0]] };
  return {
    along: [wall === null ? say.fromFrontEdge : say.fromUpperEdge, frontX - x],
    across: [say.fromLeftEdge, z - leftZ],
  };
}

/** A hole for a peg: where, how wide, how deep, how it leans, and in which turn its peg is set. */
export function holeOf(
  setting: WireSetting,
  peg: Peg,
  number: number,
  order: number,
  edges: BoardEdges,
): Hole {
  const common = {
    stage: 'wire',
    provenance: 'derived',
    source: say.pegOfAsPosed(peg.name),
    target: { kind: 'hole', id: peg.contactId },
  } as const;
  const place = (what: string, [label, value]: readonly [string, number]): Working => ({
    ...common,
    id: `base.hole.${number}.${what}`,
    label: say.hole3(number, label),
    value,
    unit: 'mm',
    reading: THROUGH_THE_TOP,
    inputs: [],
  });
  const { along, across } = placeOf(setting, peg, edges);
  const { up, seat } = peg;
  const flat = Math.hypot(up[0], up[2]);
  const isSquare = toDeg(Math.atan2(flat, up[1])) < SQUARE_DEG;
  return {
    number,
    into: seat.into,
    depth: seat.into === 'perch' ? place('depth', [say.deep, seat.throughMm / up[1]]) : null,
    foot: peg.name,
    contactId: peg.contactId,
    wireId: peg.wire.id,
    order,
    x: peg.at[0],
    z: peg.at[2],
    along: place('along', along),
    across: place('across', across),
    diameter: drillWorking(setting, peg, place('diameter', ['drill', 0])),
    slant: slantWorking(number, peg, common),
    lean: isSquare ? [0, 0] : [up[0] / flat, up[2] / flat],
    leansTo: isSquare ? say.squareToBoard : leanText(up),
  };
}

/** The drill for a peg: the clearance hole of its thread, or the first drill that lets its wire through. */
function drillWorking({ wire }: WireSetting, peg: Peg, place: Working): Working {
  const { formula: _none, ...where } = place;
  const d = peg.wire.diameterMm;
  const thread = peg.threaded && wire.rod.thread !== null ? threadById(wire.rod.thread) : undefined;
  return {
    ...where,
    value: thread?.clearanceMm ?? drillFor(d),
    reading: {
      method: thread ? say.clearanceHoleFor(thread.id) : say.firstDrillOfAt,
      resolution: say.drillsThatAreSold,
      checkedBy: 'core/src/wire/bindings.test.ts',
    },
    inputs: [
      input('d', say.wire, d, 'mm', 'own'),
      ...(thread ? [] : [input('clearance', say.clearance, HOLE_CLEARANCE_MM, 'mm', 'memory')]),
    ],
    source: thread ? say.isoMediumSeriesFrom : say.drillsThatAreSoldCommon,
  };
}

/** How a hole lies along a perch: round a log from its top line, else from its own front edge. */
function alongPerch({ kind, x, diameterMm }: Perch, at: number): readonly [string, number] {
  if (kind === 'rock' || kind === 'post') return [say.fromItsFront, x[1] - at];
  const r = diameterMm / 2;
  const off = at - (x[0] + x[1]) / 2;
  return [say.roundFromTopLine, r * Math.asin(Math.min(1, Math.max(-1, off / r)))];
}

/** Where the top of a peg leans to, seen from above. */
function leanText([x, , z]: Vec3): string {
  const fromFront = toDeg(Math.atan2(z, x));
  const names = [
    say.front,
    say.frontRight,
    say.right,
    say.rearRight,
    say.rear,
    say.rearLeft,
    say.left,
    say.frontLeft,
  ];
  return say.topLeansTo(names[(Math.round(fromFront / 45) + 8) % 8]!);
}
