import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Snag } from '../piece/snag.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { WiredJoint } from './wiredJoint.ts';
import type { Peg } from './pegs.ts';
import type { Sag } from './sag.ts';
import { WANTED_FACTOR, wireSizes } from './sizes.ts';

/**
 * One snag a wire: where it gives under raw clay, what hangs down then, and what would hold there. Rods
 * have their own.
 */
export function strengthSnags(
  joints: readonly WiredJoint[],
  wires: readonly PlannedWire[],
  choice: Workpiece['wire'],
  posed: PosedSkeleton,
  pegs: readonly Peg[],
  hanging: readonly Sag[],
): readonly Snag[] {
  return wires.flatMap((wire): Snag[] => {
    const own = joints.filter((joint) => joint.wire.id === wire.id);
    const worst = own.reduce<WiredJoint | undefined>(
      (a, b) => (a === undefined || share(b) > share(a) ? b : a),
      undefined,
    );
    const [peg] = pegs
      .filter(({ wireId, stiff }) => wireId === wire.id && !stiff)
      .toSorted((a, b) => b.bending.value - a.bending.value);
    const pegShare = (peg?.bending.value ?? 0) / 100;
    if (worst === undefined || Math.max(share(worst), pegShare) <= 1) return [];
    const sizes = wireSizes(wire, joints, choice.ownMetals);
    const atPeg = pegShare > share(worst);
    const atPegMm = wire.diameterMm * Math.cbrt(WANTED_FACTOR * pegShare);
    const leastMm = Math.max(sizes.leastMm, atPegMm);
    const ends = hanging
      .filter(({ givesAt }) => givesAt?.wire.id === wire.id)
      .map(({ name }) => say.text(name.charAt(0).toLowerCase(), name.slice(1)));
    const { mostMm, stiffer, strands } = sizes;
    const { bone } = posedBone(posed, worst.boneId);
    const joint = bone.joint.name.charAt(0).toLowerCase() + bone.joint.name.slice(1);
    return [
      {
        code: 'wire-too-weak',
        grade: 'watch',
        stage: 'wire',
        target: { kind: 'bone', id: worst.boneId },
        facts: {
          wire: `${wire.id} ${wire.name}`,
          place: atPeg
            ? say.baseUnder(peg!.place.name)
            : bone.side === 'mid'
              ? joint
              : `${bone.side} ${joint}`,
          percent: 100 * Math.max(share(worst), pegShare),
          ends: listed(ends),
          turned: !atPeg && worst.turnedShare > worst.posedShare,
          leastMm,
          mostMm,
          stiffer: atPegMm > sizes.leastMm ? '' : (stiffer?.name ?? ''),
          strands,
        },
      },
    ];
  });
}

const share = ({ posedShare, turnedShare }: WiredJoint): number =>
  Math.max(posedShare, turnedShare);

/** Words as a list within a sentence. */
const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : say.and(words.slice(0, -1).join(', '), words.at(-1) ?? '');
