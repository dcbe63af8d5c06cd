import { firstMasses } from '../body/firstMasses.ts';
import { centreOfMass } from '../body/massCentre.ts';
import type { Point2 } from '../geometry/hull.ts';
import { perchFootprint } from '../stance/perch.ts';
import { restingOutline } from '../stance/restingBones.ts';
import { smallestBase, type SmallBase } from '../posing/smallestBase.ts';
import type { WireSetting } from './wireSetting.ts';

/**
 * The smallest board on which a piece survives the tilt that it must, by thin sections of one density before its body is
 * worked out; undefined where it does not stand on one.
 */
export function steadyBoard({
  stance,
  base,
}: Pick<WireSetting, 'stance' | 'base'>): SmallBase | undefined {
  const down = stance.feet.filter((foot) => foot.down);
  if (stance.wall !== null || down.length === 0) return undefined;
  const { perch } = stance;
  const own = firstMasses(stance.posed);
  const masses =
    perch === null ? own : [...own, { boneId: '', at: perch.centre, grams: perch.weight.value }];
  const centre = centreOfMass(masses.map(({ at, grams }) => ({ at, mass: grams })));
  if (centre === undefined) return undefined;
  return smallestBase(
    [
      ...down.map(({ ball }): Point2 => [ball[0], ball[2]]),
      ...restingOutline(stance),
      ...(perch === null ? [] : perchFootprint(perch)),
    ],
    [centre[0], centre[2]],
    centre[1],
    masses.reduce((sum, { grams }) => sum + grams, 0),
    base.thicknessMm,
    stance.tiltDeg,
  );
}
