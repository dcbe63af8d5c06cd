import { bodyBox } from '../body/blades.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import { perchFootprint } from '../stance/perch.ts';
import { restingOutline } from '../stance/restingBones.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { BoardEdges } from './perchOnBoard.ts';
import type { WireSetting } from './wireSetting.ts';
import * as say from './words.ts';

/** Where a board lies: its edges and its size, mm. */
export interface BoardFrame extends BoardEdges {
  readonly lengthMm: number;
  readonly widthMm: number;
}

/** Less than this beyond a board shows as its edge, mm. */
const SHOWS_MM = 0.5;

/** How far the outmost of some places lies beyond a board, and over which side; undefined where all lie on it. */
export function beyondBoard(
  { frontX, leftZ, lengthMm, widthMm }: BoardFrame,
  points: readonly Point2[],
): { readonly mm: number; readonly side: string } | undefined {
  const sides = points.flatMap(([x, z]) => [
    { mm: x - frontX, side: say.atFront },
    { mm: frontX - lengthMm - x, side: say.atRear },
    { mm: leftZ - z, side: say.atLeft },
    { mm: z - leftZ - widthMm, side: say.atRight },
  ]);
  const worst = sides.toSorted((a, b) => b.mm - a.mm)[0];
  return worst !== undefined && worst.mm > SHOWS_MM ? worst : undefined;
}

/** How far the body goes beyond its board where it goes farthest; null where all of it is over the board, or there is none. */
export function overBoard(
  { stance }: Pick<WireSetting, 'stance'>,
  board: BoardFrame,
): Working | null {
  if (stance.wall !== null || stance.hold !== 'base') return null;
  const { min, max } = bodyBox(stance.posed);
  const worst = beyondBoard(board, [
    [min[0], min[2]],
    [max[0], max[2]],
  ]);
  if (worst === undefined) return null;
  return {
    id: 'base.over',
    stage: 'wire',
    label: say.goesBeyondBoard(worst.side),
    value: worst.mm,
    unit: 'mm',
    provenance: 'derived',
    reading: {
      method: say.boxRoundBody,
      resolution: say.exactStraightPeg,
      checkedBy: 'core/src/wire/perch.test.ts',
    },
    inputs: [],
    source: say.boardMayBeShorter,
    target: { kind: 'piece', id: 'base' },
  };
}

/** A perch or a belly that sticks out over its board: allowed, and told. */
export function boardSnags(
  { stance }: Pick<WireSetting, 'stance'>,
  board: BoardFrame,
): readonly Snag[] {
  if (stance.wall !== null || stance.hold !== 'base') return [];
  const { perch } = stance;
  const standing = perch === null ? undefined : beyondBoard(board, perchFootprint(perch));
  const lying = beyondBoard(board, restingOutline(stance));
  return [
    ...(perch === null || standing === undefined
      ? []
      : [beyond('ground', perch.name, standing.side, standing.mm)]),
    ...(lying === undefined ? [] : [beyond('piece', say.body, lying.side, lying.mm)]),
  ];
}

const beyond = (id: string, what: string, side: string, mm: number): Snag => ({
  code: 'beyond-board',
  grade: 'watch',
  stage: 'wire',
  target: { kind: 'piece', id },
  facts: { what, side, mm },
});
