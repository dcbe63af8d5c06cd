import type { ApartMesh, PosedSkeleton, TriangleMesh } from '@keen-sinew/core';
import { skinParts } from '@keen-sinew/core';
import {
  CylinderGeometry,
  DoubleSide,
  Group,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  SphereGeometry,
  Vector3,
  type BufferGeometry,
} from 'three';
import { fleshGeometry } from './fleshGeometry.ts';
import { meshGeometry } from './meshGeometry.ts';
import { GripTable } from './GripTable.ts';
import { UP } from './Turntable.ts';

const SKIN = 0xcdb892;
/** The bones are seen through the body. */
const GLASS = 0.5;
const INKS = { left: 0x9c3f26, right: 0x436079, mid: 0x1f6b5c } as const;

/** A stance in space: its bones, and the finished form over them as soon as that is known. */
export interface StanceScene {
  readonly posed: PosedSkeleton;
  readonly form: { readonly skin: TriangleMesh; readonly apart: readonly ApartMesh[] } | null;
}

/** A stance to turn: the body as glass over its bones, left rust, right slate, midline green. */
export class SkeletonTurning extends GripTable {
  /** Shows a stance, mm of the model. */
  show({ posed, form }: StanceScene): void {
    const body = new Group();
    const whole = posed.bones.reduce(
      (sum, { start, end }) => sum + new Vector3(...start).distanceTo(new Vector3(...end)),
      0,
    );
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
    const skins =
      form === null ? skinParts(posed).flatMap(fleshGeometry) : [meshGeometry(form.skin)];
    for (const geometry of skins) body.add(...glass(geometry, SKIN));
    for (const mesh of form?.apart ?? []) {
      const color = mesh.hex ?? SKIN;
      const material = new MeshLambertMaterial({ color, transparent: true, opacity: GLASS });
      body.add(new Mesh(meshGeometry(mesh), material));
    }
    this.grips = posed.bones
      .filter(({ bone }) => bone.parent !== null)
      .map(({ bone, end }) => ({ id: bone.id, at: new Vector3(...end) }));
    this.put(body);
  }
}

/** A surface as glass: its depth is drawn first, so that only the outermost of all is seen. */
function glass(geometry: BufferGeometry, color: number): readonly Mesh[] {
  const depth = new Mesh(geometry, new MeshBasicMaterial({ colorWrite: false, side: DoubleSide }));
  depth.renderOrder = 1;
  const skin = new Mesh(
    geometry,
    new MeshLambertMaterial({ color, side: DoubleSide, transparent: true, opacity: GLASS }),
  );
  skin.renderOrder = 2;
  return [depth, skin];
}
