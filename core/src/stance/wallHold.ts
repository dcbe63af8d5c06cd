import * as say from './words.ts';
import type { ContactSpec } from '../anatomy/bodyPlan.ts';
import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { stanceMassCentre } from '../body/massCentre.ts';
import { thinSections } from '../body/thinSections.ts';
import { inWallMm, type Wall } from '../body/wall.ts';
import type { Footfall } from './stancePlan.ts';

/** The rod of a piece on a wall, as a contact. */
export const WALL_ID = 'wall';

/** The rod of a relief comes in along this share of a bone of the column, and not at its ends. */
const AWAY_FROM_ENDS = 0.15;

/** Where a rod out of the wall meets the column: at its first joint, or in a relief beside its centre of mass. */
export function meetsColumn(
  posed: PosedSkeleton,
  wall: Wall,
): { readonly boneId: string; readonly along: number } {
  const { skeleton } = posed;
  const { spine } = skeleton.plan;
  const centre =
    wall.axis === 2 ? stanceMassCentre(posed, { bones: thinSections(skeleton) }) : undefined;
  if (centre === undefined) return { boneId: spine[0]!, along: 0 };
  const places = spine.flatMap((boneId) =>
    Array.from({ length: 11 }, (_, i) => {
      const along = AWAY_FROM_ENDS + (i / 10) * (1 - 2 * AWAY_FROM_ENDS);
      const [x, y] = alongBone(posedBone(posed, boneId), along);
      return { boneId, along, far: Math.hypot(x - centre[0], y - centre[1]) };
    }),
  );
  return places.reduce((near, place) => (place.far < near.far ? place : near));
}

/** What carries a piece on its wall: a rod out of the plate into the column. Millimetres of the posed size. */
export function wallHold(posed: PosedSkeleton, wall: Wall): Footfall {
  const { boneId, along } = meetsColumn(posed, wall);
  const ball = alongBone(posedBone(posed, boneId), along);
  const contact: ContactSpec = {
    ...{ id: WALL_ID, key: WALL_ID, image: WALL_ID, name: say.wallName, side: 'mid', kind: 'rod' },
    ...{ bone: boneId, reach: [], level: null },
  };
  const outMm = Math.max(0, -inWallMm(wall, ball));
  return {
    contact,
    ball,
    gapMm: outMm,
    groundMm: ball[1],
    down: true,
    touches: true,
    working: {
      id: `stance.foot.${WALL_ID}`,
      stage: 'stance',
      label: say.columnBeforeWall,
      value: outMm,
      unit: 'mm',
      provenance: 'derived',
      reading: {
        method: say.squareToWall,
        resolution: say.exactAsPosed,
        checkedBy: 'core/src/stance/wallHold.test.ts',
      },
      inputs: [],
      source: say.wallStandsWhere,
      target: { kind: 'contact', id: WALL_ID },
    },
  };
}
