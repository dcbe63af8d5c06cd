/* eslint-disable max-lines -- one board with its holes and what is wrong with them */
import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { scale, sub, type Vec3 } from '../geometry/vec3.ts';
import type { Snag } from '../piece/snag.ts';
import { input, type Reading, type Working } from '../piece/working.ts';
import { toDeg } from '../units/angles.ts';
import { baseHardware } from './baseHardware.ts';
import { meetsWall, toBoard } from './boardFrame.ts';
import { boardWorking, OVERHANG_MM } from './boardSize.ts';
import { steadyBoard } from './steadyBoard.ts';
import { drillFor, HOLE_CLEARANCE_MM, threadById } from './hardware.ts';
import type { PlannedWire } from './plannedWire.ts';
import type { WireSetting } from './wireSetting.ts';

/** Wood left beside a hole so that it does not split: common practice. */
const EDGE_MM = 12;
/** Sine of the flattest way into a board, 10 degrees: common practice. */
const FLATTEST = 0.17;
/** A hole that leans less than this is drilled square. */
const SQUARE_DEG = 1;

/** A hole of the base, from the front left corner: `along` backwards, `across` to the right. */
export interface Hole {
  readonly number: number;
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

/**
 * The base as a drilled board; `front` and `left` are its edges, in the animal's axes where it lies on the ground. On a
 * wall its front is the upper edge, and left and right are those of one who looks at it.
 */
export interface BasePlan {
  readonly on: 'ground' | 'wall';
  readonly frontX: number;
  readonly leftZ: number;
  readonly length: Working;
  readonly width: Working;
  readonly thicknessMm: number;
  readonly holes: readonly Hole[];
  readonly hardware: readonly Working[];
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

/** A peg where it goes through the top of the board. */
interface Peg {
  readonly contactId: string;
  readonly name: string;
  readonly wire: PlannedWire;
  /** At the face of the board, as all of it, as it lies to the board. */
  readonly at: Vec3;
  /** Unit, upwards. */
  readonly up: Vec3;
  /** Where the foot hides it; null for a rod that shows. */
  readonly ball: Vec3 | null;
  readonly threaded: boolean;
}

/**
 * Holes where pegs and rods go through the board, its size (the user's, or from the feet and the tilt that it
 * must survive), and the hardware below. A straight peg is square to the board; a rod that leans takes a slanting hole.
 */
export function planBase(setting: WireSetting, wires: readonly PlannedWire[]): BasePlan {
  const { stance, base } = setting;
  const pegs = wires.flatMap((wire) => pegsOf(setting, wire));
  const { wall } = stance;
  const feet = stance.feet.filter((foot) => foot.down).map(({ ball }) => ball);
  const carried = (wall === null ? feet : [...feet, ...meetsWall(setting, wall)]).map((at) =>
    toBoard(setting, at),
  );
  const steady = steadyBoard(setting);
  const under = (low: number, wide: number): readonly number[] => [
    low + OVERHANG_MM,
    low + wide - OVERHANG_MM,
  ];
  const [alongs, acrosses] =
    steady === undefined
      ? [[], []]
      : [under(steady.x0, steady.lengthMm), under(steady.z0, steady.widthMm)];
  const xs = [...carried.map(([x]) => x), ...pegs.map(({ at }) => at[0]), ...alongs];
  const zs = [...carried.map(([, , z]) => z), ...pegs.map(({ at }) => at[2]), ...acrosses];
  const [long, wide] =
    wall === null
      ? [say.baseFrontToBack, say.baseLeftToRight]
      : [say.plateTopToBottom, say.plateLeftToRight];
  const length = boardWorking('length', long, xs, base.lengthMm);
  const width = boardWorking('width', wide, zs, base.widthMm);
  const frontX = middle(xs) + length.value / 2;
  const leftZ = middle(zs) - width.value / 2;
  const sorted = pegs.toSorted((a, b) => b.at[0] - a.at[0]);
  const order = crosswise(sorted);
  const holes = sorted.map((peg, i) => holeOf(setting, peg, i + 1, order[i]!, frontX, leftZ));
  const hardware = baseHardware(setting, pegs.filter((peg) => peg.threaded).length);
  return {
    on: wall === null ? 'ground' : 'wall',
    frontX,
    leftZ,
    length,
    width,
    thicknessMm: base.thicknessMm,
    holes,
    hardware,
    workings: [
      length,
      width,
      ...holes.flatMap((hole) => [hole.along, hole.across, hole.diameter, hole.slant]),
      ...hardware,
    ],
    snags: [
      ...holes.flatMap((hole) => edgeSnag(hole, length.value, width.value)),
      ...sorted.flatMap((peg) => showsSnag(setting, peg)),
    ],
  };
}

/** The pegs of a wire, one at each end that goes into the base. */
function pegsOf(setting: WireSetting, plannedWire: PlannedWire): readonly Peg[] {
  const { stance, wire } = setting;
  const { points, pegs } = plannedWire.route;
  const ends = [
    ...(pegs[0] ? [[points[0]!, points[1]!] as const] : []),
    ...(pegs[1] ? [[points.at(-1)!, points.at(-2)!] as const] : []),
  ];
  return ends.map(([peg, next]): Peg => {
    const contactId = peg.ref.over === 'peg' ? peg.ref.contactId : '';
    const foot = stance.feet.find(({ contact }) => contact.id === contactId);
    const from = toBoard(setting, peg.at);
    const way = sub(toBoard(setting, next.at), from);
    const long = Math.hypot(...way);
    // No drill goes in flatter than this: such a peg is bent to stand square to the board.
    const up: Vec3 = way[1] > FLATTEST * long ? scale(way, 1 / long) : [0, 1, 0];
    // The peg goes as deep below the ground as the setting says, whichever way it leans.
    const rise = setting.pegDepthMm / up[1];
    const at: Vec3 = [from[0] + up[0] * rise, from[1] + up[1] * rise, from[2] + up[2] * rise];
    const stiff = plannedWire.kind === 'rod' || plannedWire.kind === 'iron';
    return {
      contactId,
      name: foot?.contact.name ?? 'iron',
      wire: plannedWire,
      at,
      up,
      ball: foot?.contact.kind === 'foot' ? foot.ball : null,
      threaded: stiff && wire.rod.thread !== null,
    };
  });
}

/** In which turn each peg is set: the first at the front, then each time the one farthest from all set. */
function crosswise(pegs: readonly Peg[]): readonly number[] {
  const order = pegs.map(() => 0);
  const away = (i: number, j: number): number =>
    Math.hypot(pegs[i]!.at[0] - pegs[j]!.at[0], pegs[i]!.at[2] - pegs[j]!.at[2]);
  for (let turn = 1; turn <= pegs.length; turn++) {
    const set = order.flatMap((at, i) => (at > 0 ? [i] : []));
    let [best, far] = [-1, -1];
    for (const [i, at] of order.entries()) {
      const nearest = least(set.map((j) => away(i, j)));
      if (at === 0 && (best === -1 || nearest > far)) [best, far] = [i, nearest];
    }
    order[best] = turn;
  }
  return order;
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

function holeOf(
  { wire, stance }: WireSetting,
  peg: Peg,
  number: number,
  order: number,
  frontX: number,
  leftZ: number,
): Hole {
  const target = { kind: 'hole', id: peg.contactId } as const;
  const common = {
    stage: 'wire',
    provenance: 'derived',
    source: say.pegOfAsPosed(peg.name),
    target,
  } as const;
  const place = (what: string, value: number, label: string, how: Reading): Working => ({
    ...common,
    id: `base.hole.${number}.${what}`,
    label: say.hole3(number, label),
    value,
    unit: 'mm',
    reading: how,
    inputs: [],
  });
  const fromEdge = stance.wall === null ? say.fromFrontEdge : say.fromUpperEdge;
  const d = peg.wire.diameterMm;
  const flat = Math.hypot(peg.up[0], peg.up[2]);
  const slantDeg = toDeg(Math.atan2(flat, peg.up[1]));
  const thread = peg.threaded && wire.rod.thread !== null ? threadById(wire.rod.thread) : undefined;
  return {
    number,
    foot: peg.name,
    contactId: peg.contactId,
    wireId: peg.wire.id,
    order,
    x: peg.at[0],
    z: peg.at[2],
    along: place('along', frontX - peg.at[0], fromEdge, THROUGH_THE_TOP),
    across: place('across', peg.at[2] - leftZ, say.fromLeftEdge, THROUGH_THE_TOP),
    diameter: {
      ...place('diameter', thread?.clearanceMm ?? drillFor(d), 'drill', {
        method: thread ? say.clearanceHoleFor(thread.id) : say.firstDrillOfAt,
        resolution: say.drillsThatAreSold,
        checkedBy: 'core/src/wire/bindings.test.ts',
      }),
      inputs: [
        input('d', say.wire, d, 'mm', 'own'),
        ...(thread ? [] : [input('clearance', say.clearance, HOLE_CLEARANCE_MM, 'mm', 'memory')]),
      ],
      source: thread ? say.isoMediumSeriesFrom : say.drillsThatAreSoldCommon,
    },
    slant: slantWorking(number, peg, common),
    lean: slantDeg < SQUARE_DEG ? [0, 0] : [peg.up[0] / flat, peg.up[2] / flat],
    leansTo: slantDeg < SQUARE_DEG ? say.squareToBoard : leanText(peg.up),
  };
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

const middle = (values: readonly number[]): number =>
  values.length === 0 ? 0 : (least(values) + greatest(values)) / 2;

/** A foot that is too thin to hide its peg. */
function showsSnag({ stance, wire }: WireSetting, peg: Peg): readonly Snag[] {
  if (peg.ball === null) return [];
  const footMm = Math.max(0, -2 * skinDistance(stance.skin, peg.ball));
  const needMm = peg.wire.diameterMm + 2 * wire.coverMm;
  if (footMm >= needMm) return [];
  return [
    {
      code: 'peg-shows',
      grade: 'watch',
      stage: 'wire',
      target: { kind: 'hole', id: peg.contactId },
      facts: {
        foot: peg.name,
        footMm,
        pegMm: peg.wire.diameterMm,
        mostMm: Math.max(0, footMm - 2 * wire.coverMm),
      },
    },
  ];
}

function edgeSnag(hole: Hole, lengthMm: number, widthMm: number): readonly Snag[] {
  const { along, across } = hole;
  const nearest = Math.min(
    along.value,
    lengthMm - along.value,
    across.value,
    widthMm - across.value,
  );
  if (nearest >= EDGE_MM) return [];
  return [
    {
      code: 'feet-off-board',
      grade: 'fix',
      stage: 'wire',
      target: { kind: 'hole', id: hole.contactId },
      facts: { foot: hole.foot, overMm: EDGE_MM - nearest },
    },
  ];
}
