import type { JointAngles, Skeleton } from '@keen-sinew/core';
import { settledStance } from '@keen-sinew/core';
import {
  AmbientLight,
  CylinderGeometry,
  DirectionalLight,
  GridHelper,
  Group,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Scene,
  SphereGeometry,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';

const INKS = { left: 0x9c3f26, right: 0x436079, mid: 0x1f6b5c } as const;
const PAPER = 0xfaf7ef;
const GRID = 0xcfc6b2;
const UP = new Vector3(0, 1, 0);

/**
 * A stance that can be turned freely: bones as rods, near side rust, far side slate, midline green.
 * Drawn only when something changed. Throws where the browser has no WebGL.
 */
export class SkeletonTurning {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly camera = new PerspectiveCamera(30, 1, 1, 100_000);
  private readonly controls: OrbitControls;
  private body = new Group();

  constructor(private readonly box: HTMLElement) {
    this.renderer = new WebGLRenderer({ antialias: true });
    this.renderer.setClearColor(PAPER);
    this.renderer.setPixelRatio(window.devicePixelRatio);
    box.append(this.renderer.domElement);
    const sun = new DirectionalLight(0xffffff, 2);
    sun.position.set(1, 3, -2);
    this.scene.add(new AmbientLight(0xffffff, 1.6), sun, this.body);
    this.controls = new OrbitControls(this.camera, this.renderer.domElement);
    this.controls.addEventListener('change', () => this.draw());
  }

  /** Shows a stance, life mm. The camera is set anew for another animal only. */
  show(skeleton: Skeleton, presetId: string, anglesDeg: JointAngles): void {
    const posed = settledStance(skeleton, { presetId, anglesDeg, lifted: null });
    this.scene.remove(this.body);
    const first = this.body.children.length === 0;
    disposeOf(this.body);
    this.body = new Group();
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
      this.body.add(rod, joint);
    }
    const xs = posed.bones.flatMap(({ start, end }) => [start[0], end[0]]);
    const ys = posed.bones.flatMap(({ start, end }) => [start[1], end[1]]);
    const middle = new Vector3((Math.min(...xs) + Math.max(...xs)) / 2, Math.max(...ys) / 2.4, 0);
    const size = Math.max(...xs) - Math.min(...xs) + Math.max(...ys);
    const grid = new GridHelper(size, 10, GRID, GRID);
    grid.position.set(middle.x, 0, 0);
    this.body.add(grid);
    this.scene.add(this.body);
    if (first) {
      this.camera.position.copy(middle).add(new Vector3(size * 0.55, size * 0.4, -size * 1.25));
      this.camera.far = size * 20;
      this.controls.target.copy(middle);
      this.controls.update();
    }
    this.draw();
  }

  /** Turns about the vertical, degrees: the same by keyboard as by dragging. */
  turn(deg: number): void {
    const offset = this.camera.position.clone().sub(this.controls.target);
    offset.applyAxisAngle(UP, (deg * Math.PI) / 180);
    this.camera.position.copy(this.controls.target).add(offset);
    this.controls.update();
    this.draw();
  }

  resize(): void {
    const { clientWidth: w, clientHeight: h } = this.box;
    if (w === 0 || h === 0) return;
    this.camera.aspect = w / h;
    this.camera.updateProjectionMatrix();
    this.renderer.setSize(w, h);
    this.draw();
  }

  destroy(): void {
    this.controls.dispose();
    disposeOf(this.body);
    this.renderer.dispose();
    this.renderer.domElement.remove();
  }

  private draw(): void {
    this.renderer.render(this.scene, this.camera);
  }
}

function disposeOf(group: Group): void {
  group.traverse((part) => {
    if (!(part instanceof Mesh)) return;
    part.geometry.dispose();
    (part.material as MeshLambertMaterial).dispose();
  });
}
