import * as say from './words.ts';
import { posedBone } from '../anatomy/pose.ts';
import { beforeWall, type Wall } from '../body/wall.ts';
import type { Footfall } from '../stance/stancePlan.ts';
import { seatDepthMm } from './pegSeat.ts';
import { ballRef, boneRef, pegRef } from './routeRef.ts';
import { rodChoice, rodLines } from './rodDraft.ts';
import type { Route } from './routes.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';

/**
 * The rod of a piece on a wall: square through the plate to the column, then along it to the end of that bone, where
 * it is lashed to the spine in two places so that the piece cannot turn.
 */
export function wallRodDraft(setting: WireSetting, wall: Wall, hold: Footfall): WireDraft {
  const { stance, wire } = setting;
  const seat = setting.seat(0, 0);
  const { id, bone: boneId } = hold.contact;
  const { end, bone } = posedBone(stance.posed, boneId);
  const meets = { ref: ballRef(id), at: hold.ball, name: say.rodMeetsColumn };
  const route: Route = {
    points: [
      {
        ref: pegRef(id),
        at: beforeWall(wall, hold.ball, -seatDepthMm(seat)),
        name: say.pegInPlate,
      },
      meets,
      { ref: boneRef(boneId, 1), at: end, name: say.endOfWallRod },
    ],
    wrapAt: null,
    pegs: [true, false],
  };
  return {
    key: `rod:${id}`,
    kind: 'rod',
    name: say.wallRod,
    namedEnd: say.endBehindPlate,
    choice: wire.limbs[id] === undefined ? rodChoice(setting) : { ...wire.limbs[id], strands: 1 },
    route,
    through: [{ boneId, strands: 1 }],
    along: [bone],
    lines: (wireId, schedule) => rodLines(setting, wireId, schedule, seat, say.spine),
  };
}
