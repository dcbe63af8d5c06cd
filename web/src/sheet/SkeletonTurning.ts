import type { JointAngles, Skeleton } from '@keen-sinew/core';
import { settledStance, greatest, least } from '@keen-sinew/core';
import { CylinderGeometry, Group, Mesh, MeshLambertMaterial, SphereGeometry, Vector3 } from 'three';
import { Turntable, UP } from './Turntable.ts';

const INKS = { left: 0x9c3f26, right: 0x436079, mid: 0x1f6b5c } as const;

/** A stance to turn: bones as rods, near side rust, far side slate, midline green. */
export class SkeletonTurning extends Turntable {
  /** Shows a stance, life mm. */
  show(skeleton: Skeleton, presetId: string, anglesDeg: JointAngles): void {
    const posed = settledStance(skeleton, { presetId, anglesDeg, lifted: null });
    const body = new Group();
    const whole = posed.bones.reduce((sum, { bone }) => sum + bone.lifeLengthMm, 0);
    const thick = whole / 420;
    for (const { bone, start, end } of posed.bones) {
      const material = new MeshLambertMaterial({ color: INKS[bone.side] });
      const [a, b] = [new Vector3(...start), new Vector3(...end)];
      const rod = new Mesh(new CylinderGeometry(thick, thick, a.distanceTo(b), 8), material);
      rod.position.copy(a).lerp(b, 0.5);
      rod.quaternion.setFromUnitVectors(UP, b.clone().sub(a).normalize());
      const joint = new Mesh(new SphereGeometry(thick * 1.9, 12, 8), material);
      joint.position.copy(a);
      body.add(rod, joint);
    }
    const xs = posed.bones.flatMap(({ start, end }) => [start[0], end[0]]);
    const ys = posed.bones.flatMap(({ start, end }) => [start[1], end[1]]);
    const middle = new Vector3((least(xs) + greatest(xs)) / 2, greatest(ys) / 2.4, 0);
    this.put(body, middle, greatest(xs) - least(xs) + greatest(ys));
  }
}
