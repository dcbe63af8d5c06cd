import * as say from './words.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { SmallBase } from '../posing/smallestBase.ts';
import { perchFootprint } from '../stance/perch.ts';
import { restingOutline } from '../stance/restingBones.ts';
import { baseHardware, type RodCounts } from './baseHardware.ts';
import { crosswise, pegsOf, type Peg } from './basePegs.ts';
import { meetsWall, toBoard } from './boardFrame.ts';
import { boardWorking, OVERHANG_MM } from './boardSize.ts';
import { boardSnags, overBoard } from './boardSnags.ts';
import { holeOf, type Hole } from './holePlan.ts';
import { perchOnBoard, type PerchOnBoard } from './perchOnBoard.ts';
import type { PlannedWire } from './plannedWire.ts';
import { steadyBoard } from './steadyBoard.ts';
import type { WireSetting } from './wireSetting.ts';

/** Wood left beside a hole so that it does not split: common practice. */
const EDGE_MM = 12;

/**
 * The base as a drilled board; `front` and `left` are its edges, in the animal's axes where it lies on the ground. On a
 * wall its front is the upper edge, and left and right are those of one who looks at it.
 */
export interface BasePlan {
  /** None where the piece stands free on any table, or hangs. */
  readonly on: 'ground' | 'wall' | 'none';
  readonly frontX: number;
  readonly leftZ: number;
  readonly length: Working;
  readonly width: Working;
  readonly thicknessMm: number;
  /** How far the body goes beyond it; null where it does not. */
  readonly over: Working | null;
  readonly holes: readonly Hole[];
  /** What stands on the board and has holes of its own. */
  readonly perch: PerchOnBoard | null;
  readonly hardware: readonly Working[];
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

/**
 * Holes where pegs and rods go through the board, its size (the user's, or from the feet and the tilt that it
 * must survive), and the hardware below. A straight peg is square to the board; a rod that leans takes a slanting hole.
 */
export function planBase(setting: WireSetting, wires: readonly PlannedWire[]): BasePlan {
  const { stance, base } = setting;
  const pegs = wires.flatMap((wire) => pegsOf(setting, wire));
  const { wall } = stance;
  const spread = spreadOf(setting, pegs);
  const [xs, zs] = [spread.map(([x]) => x), spread.map(([, z]) => z)];
  const [long, wide] =
    wall === null
      ? [say.baseFrontToBack, say.baseLeftToRight]
      : [say.plateTopToBottom, say.plateLeftToRight];
  const length = boardWorking('length', long, xs, base.lengthMm);
  const width = boardWorking('width', wide, zs, base.widthMm);
  const edges = {
    frontX: middle(xs) + length.value / 2,
    leftZ: middle(zs) - width.value / 2,
  };
  const sorted = pegs.toSorted((a, b) => b.at[0] - a.at[0]);
  const order = crosswise(sorted);
  const holes = sorted.map((peg, i) => holeOf(setting, peg, i + 1, order[i]!, edges));
  const perch = perchOnBoard(setting, edges);
  const hardware = [...baseHardware(setting, countRods(pegs)), ...(perch?.hardware ?? [])];
  const board = { ...edges, lengthMm: length.value, widthMm: width.value };
  const over = overBoard(setting, board);
  const hasBoard = wall !== null || stance.hold === 'base';
  return {
    on: wall !== null ? 'wall' : hasBoard ? 'ground' : 'none',
    ...edges,
    length,
    width,
    thicknessMm: base.thicknessMm,
    over,
    holes,
    perch,
    hardware,
    workings: [
      ...(hasBoard ? [length, width] : []),
      ...(over === null ? [] : [over]),
      ...holes.flatMap(workingsOf),
      ...hardware,
      ...(perch?.workings ?? []),
    ],
    snags: [
      ...boardSnags(setting, board),
      ...holes.flatMap((hole) => edgeSnag(hole, length.value, width.value)),
      ...sorted.flatMap((peg) => showsSnag(setting, peg)),
    ],
  };
}

const workingsOf = ({ along, across, diameter, slant, depth }: Hole): readonly Working[] => [
  ...[along, across, diameter, slant],
  ...(depth === null ? [] : [depth]),
];

const countRods = (pegs: readonly Peg[]): RodCounts => {
  const stiff = pegs.filter(({ wire: { kind } }) => kind === 'rod' || kind === 'iron');
  const threaded = pegs.filter((peg) => peg.threaded).length;
  return { threaded, stiff: stiff.length, glued: stiff.length - threaded };
};

/** All that has to lie on the board, in plan: feet, pegs, bellies, perches, and what keeps it from tipping. */
function spreadOf(setting: WireSetting, pegs: readonly Peg[]): readonly Point2[] {
  const { stance } = setting;
  const { wall, perch } = stance;
  const feet = stance.feet.filter((foot) => foot.down).map(({ ball }) => ball);
  const carried = (wall === null ? feet : [...feet, ...meetsWall(setting, wall)]).map((at) =>
    toBoard(setting, at),
  );
  const inBoard = pegs.filter(({ seat }) => seat.into === 'board').map(({ at }) => at);
  const steady = steadyBoard(setting);
  return [
    ...[...carried, ...inBoard].map(([x, , z]): Point2 => [x, z]),
    ...(wall === null ? restingOutline(stance) : []),
    ...(perch === null ? [] : perchFootprint(perch)),
    ...(steady === undefined ? [] : cornersWithin(steady)),
  ];
}

/** Corners of a board, less the overhang that every board gets. */
const cornersWithin = ({ x0, z0, lengthMm, widthMm }: SmallBase): readonly Point2[] => [
  [x0 + OVERHANG_MM, z0 + OVERHANG_MM],
  [x0 + lengthMm - OVERHANG_MM, z0 + widthMm - OVERHANG_MM],
];

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
  if (hole.into === 'perch') return [];
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
