import type { JointAngles, Skeleton } from '@keen-sinew/core';
import { settledStance, skinParts } from '@keen-sinew/core';
import {
  CylinderGeometry,
  DoubleSide,
  Group,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  SphereGeometry,
  Vector3,
} from 'three';
import { fleshGeometry } from './fleshGeometry.ts';
import { Turntable, UP } from './Turntable.ts';

const SKIN = 0xcdb892;
/** The bones are seen through the body. */
const GLASS = 0.5;
const INKS = { left: 0x9c3f26, right: 0x436079, mid: 0x1f6b5c } as const;

/** A stance to turn: the body as glass over its bones, left rust, right slate, midline green. */
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
    for (const geometry of skinParts(posed).flatMap(fleshGeometry)) {
      // Its depth is drawn first, so that of all the parts only the outermost surface is seen.
      const depth = new Mesh(
        geometry,
        new MeshBasicMaterial({ colorWrite: false, side: DoubleSide }),
      );
      depth.renderOrder = 1;
      const skin = new Mesh(
        geometry,
        new MeshLambertMaterial({
          color: SKIN,
          side: DoubleSide,
          transparent: true,
          opacity: GLASS,
        }),
      );
      skin.renderOrder = 2;
      body.add(depth, skin);
    }
    this.put(body);
  }
}
