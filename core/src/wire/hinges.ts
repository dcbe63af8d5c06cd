import * as say from './words.ts';
import { posedBone } from '../anatomy/pose.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { input, type Reading, type Working } from '../piece/working.ts';
import { toRad } from '../units/angles.ts';
import { jointText } from './routePoints.ts';
import type { WireSetting } from './wireSetting.ts';

/** Pins that are sold as wire, mm. */
const PINS_MM = [0.5, 0.8, 1, 1.2, 1.5, 2, 2.5, 3, 4] as const;
/** A pin is about this share of the thickness at its joint: common practice. */
const PIN_SHARE = 0.15;
/** A tube is this much wider inside than its pin, mm: common practice. */
const PLAY_MM = 0.1;
/** A leaf reaches this many thicknesses along its bone: common practice. */
const LEAF = 1.2;
/** A joint is not opened farther than this for the reckoning, degrees. */
const MOST_DEG = 120;

/** A joint that stays free in a posable piece. mm. */
export interface Hinge {
  readonly boneId: string;
  readonly name: string;
  readonly pin: Working;
  readonly tube: Working;
  readonly leaf: Working;
  /** Without putty or brittle skin on each side of the joint. */
  readonly gap: Working;
}

/** The free joints of a piece with what a hinge there would measure. */
export interface HingePlan {
  readonly hinges: readonly Hinge[];
  readonly workings: readonly Working[];
}

/**
 * Sizes of a hinge at each joint that the user leaves free (a jaw, a beak, a knee): the pin and its
 * tube from the thickness there, and the stretch on each side that must stay free of hard putty so that
 * its edges do not meet when the joint closes: r·tan(θ/2) for a limb of half thickness r that flexes by θ.
 */
export function planHinges({ stance, wire }: WireSetting): HingePlan {
  const hinges = wire.posable
    ? wire.freeJoints.flatMap((id) => (stance.posed.byId.has(id) ? [hingeOf(stance, id)] : []))
    : [];
  return { hinges, workings: hinges.flatMap(({ pin, tube, leaf, gap }) => [pin, tube, leaf, gap]) };
}

/** The pin that is looked up. */
const SOLD_PIN: Reading = {
  method: 'the first pin sold of at least k · t',
  resolution: say.thicknessesThatAreSold,
  checkedBy: 'core/src/wire/hinges.test.ts',
};

function hingeOf(stance: WireSetting['stance'], boneId: string): Hinge {
  const { bone, start } = posedBone(stance.posed, boneId);
  const halfMm = Math.max(0.5, -skinDistance(stance.skin, start));
  const { flexion } = bone.joint.freedoms;
  const flexDeg = Math.min(
    MOST_DEG,
    Math.max(Math.abs(flexion?.minDeg ?? 0), Math.abs(flexion?.maxDeg ?? 0)),
  );
  const name = jointText(bone);
  const pinMm = PINS_MM.find((d) => d >= PIN_SHARE * 2 * halfMm) ?? PINS_MM.at(-1)!;
  const thick = input('t', say.thicknessAtJoint, 2 * halfMm, 'mm', 'derived');
  const working = (
    what: string,
    label: string,
    value: number,
    how: string | Reading,
    inputs: Working['inputs'],
  ): Working => ({
    id: `wire.hinge.${boneId}.${what}`,
    stage: 'wire',
    label: `${name}: ${label}`,
    value,
    unit: 'mm',
    provenance: 'derived',
    ...(typeof how === 'string' ? { formula: how } : { reading: how }),
    inputs,
    source: say.sectionsOfBodyAs,
    target: { kind: 'bone', id: boneId },
  });
  return {
    boneId,
    name,
    pin: working('pin', 'pin', pinMm, SOLD_PIN, [
      thick,
      input('k', say.itsShareOfThickness, PIN_SHARE, 'ratio', 'memory'),
    ]),
    tube: working('tube', say.tubeInside, pinMm + PLAY_MM, say.pinPlay, [
      input('pin', say.pin, pinMm, 'mm', 'derived'),
      input('play', say.play, PLAY_MM, 'mm', 'memory'),
    ]),
    leaf: working('leaf', say.leafAlongEachBone, LEAF * 2 * halfMm, 'k · t', [
      thick,
      input('k', say.timesThickness, LEAF, 'ratio', 'memory'),
    ]),
    gap: working(
      'gap',
      say.freeOfPuttyOn,
      halfMm * Math.tan(toRad(flexDeg) / 2),
      'r · tan(θ / 2)',
      [
        input('r', say.halfThickness, halfMm, 'mm', 'derived'),
        input('θ', say.farthestFlexion, flexDeg, 'deg', 'memory'),
      ],
    ),
  };
}
