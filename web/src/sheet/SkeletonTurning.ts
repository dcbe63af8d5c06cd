import type { ApartMesh, PosedSkeleton, Sight, TriangleMesh } from '@keen-sinew/core';
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
import { Turntable, UP, type PointerPlace } from './Turntable.ts';

const SKIN = 0xcdb892;
/** The bones are seen through the body. */
const GLASS = 0.5;
const INKS = { left: 0x9c3f26, right: 0x436079, mid: 0x1f6b5c } as const;
/** A joint is taken hold of so near to its far end, px. */
const HOLD_PX = 16;

/** A stance in space: its bones, and the finished form over them as soon as that is known. */
export interface StanceScene {
  readonly posed: PosedSkeleton;
  readonly form: { readonly skin: TriangleMesh; readonly apart: readonly ApartMesh[] } | null;
}

/** What is told of a bone that is dragged. */
export interface SpaceDrag {
  readonly started: (boneId: string) => void;
  readonly moved: (sight: Sight) => void;
  readonly ended: () => void;
}

/** A stance to turn: the body as glass over its bones, left rust, right slate, midline green. */
export class SkeletonTurning extends Turntable {
  private ends: readonly { readonly id: string; readonly at: Vector3 }[] = [];
  private held: string | null = null;

  constructor(
    box: HTMLElement,
    private readonly drag: SpaceDrag | null,
  ) {
    super(box);
    if (drag === null) return;
    // Before the view is turned: what begins at a joint is no turn of the view.
    box.addEventListener('pointerdown', (event) => this.take(event), { capture: true });
    box.addEventListener('pointermove', (event) => this.move(event));
    for (const end of ['pointerup', 'pointercancel'] as const)
      box.addEventListener(end, () => this.letGo());
  }

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
    this.ends = posed.bones
      .filter(({ bone }) => bone.parent !== null)
      .map(({ bone, end }) => ({ id: bone.id, at: new Vector3(...end) }));
    this.put(body);
  }

  /** The bone whose far end is seen nearest to a place on the screen, if that is near enough. */
  private endAt(place: PointerPlace): string | null {
    const near = this.ends
      .map(({ id, at }) => ({ id, px: this.pxFrom(at, place) }))
      .filter(({ px }) => px <= HOLD_PX)
      .toSorted((a, b) => a.px - b.px);
    return near[0]?.id ?? null;
  }

  private take(event: PointerEvent): void {
    const id = this.endAt(event);
    this.turns = id === null;
    if (id === null) return;
    this.held = id;
    this.box.setPointerCapture(event.pointerId);
    this.drag?.started(id);
  }

  private move(event: PointerEvent): void {
    if (this.held === null) {
      this.box.style.cursor = this.endAt(event) === null ? '' : 'grab';
      return;
    }
    const { origin, direction } = this.sightAt(event);
    this.drag?.moved({ from: origin.toArray(), way: direction.toArray() });
  }

  private letGo(): void {
    if (this.held === null) return;
    this.held = null;
    this.turns = true;
    this.drag?.ended();
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
