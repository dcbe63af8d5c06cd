import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { WiredJoint } from './planStrength.ts';
import { wireSizes } from './sizes.ts';

/** One snag a wire: where it gives under raw clay, and what would hold there. */
export function strengthSnags(
  joints: readonly WiredJoint[],
  wires: readonly PlannedWire[],
  choice: Piece['wire'],
  posed: PosedSkeleton,
): readonly Snag[] {
  return wires.flatMap((wire): Snag[] => {
    const own = joints.filter((joint) => joint.wire.id === wire.id);
    const worst = own.reduce<WiredJoint | undefined>(
      (a, b) => (a === undefined || share(b) > share(a) ? b : a),
      undefined,
    );
    if (worst === undefined || share(worst) <= 1) return [];
    const { leastMm, mostMm, stiffer, strands } = wireSizes(wire, joints, choice);
    const { bone } = posedBone(posed, worst.boneId);
    const place = bone.joint.name.charAt(0).toLowerCase() + bone.joint.name.slice(1);
    return [
      {
        code: 'wire-too-weak',
        grade: 'watch',
        stage: 'wire',
        target: { kind: 'bone', id: worst.boneId },
        facts: {
          wire: `${wire.id} ${wire.name}`,
          place: bone.side === 'mid' ? place : `${bone.side} ${place}`,
          percent: 100 * share(worst),
          turned: worst.turnedShare > worst.posedShare,
          leastMm,
          mostMm,
          stiffer: stiffer?.name ?? '',
          strands,
        },
      },
    ];
  });
}

const share = ({ posedShare, turnedShare }: WiredJoint): number =>
  Math.max(posedShare, turnedShare);
