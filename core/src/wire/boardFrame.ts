import { skinDistance } from '../body/surfaceDistance.ts';
import { skinBox } from '../body/skin.ts';
import { beforeWall, seenOnWall, type Wall } from '../body/wall.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { WireSetting } from './wireSetting.ts';

/**
 * How places lie to the board, mm: [towards its front edge, out of it, to the right]. On the ground that is
 * forward, up and to the animal's right; on a wall up, out of the wall and to the right of one who looks at it.
 */
export const toBoard = ({ stance }: Pick<WireSetting, 'stance'>, p: Vec3): Vec3 =>
  stance.wall === null ? p : seenOnWall(stance.wall, p);

/** Places on the wall at which the flesh is looked for along either side. */
const LOOKED_AT = 48;

/** Places on the wall at which flesh meets it, by a few dozen along either side; none where it does not. */
export function meetsWall({ stance }: Pick<WireSetting, 'stance'>, wall: Wall): readonly Vec3[] {
  const { min, max } = skinBox(stance.skin);
  const found: Vec3[] = [];
  const along = wall.axis === 0 ? 2 : 0;
  for (let i = 0; i <= LOOKED_AT; i++)
    for (let j = 0; j <= LOOKED_AT; j++) {
      const y = min[1] + ((max[1] - min[1]) * i) / LOOKED_AT;
      const across = min[along] + ((max[along] - min[along]) * j) / LOOKED_AT;
      const p = beforeWall(wall, along === 2 ? [0, y, across] : [across, y, 0], 0);
      if (skinDistance(stance.skin, p) <= 0) found.push(p);
    }
  return found;
}
