import {
  AmbientLight,
  Box3,
  DirectionalLight,
  GridHelper,
  Group,
  LineSegments,
  Mesh,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Sphere,
  Vector2,
  Vector3,
  WebGLRenderer,
  type Material,
  type Ray,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { LAMP, lampWay, type LampPlace } from './lamp.ts';

const PAPER = 0xfaf7ef;
const GRID = 0xcfc6b2;
export const UP = new Vector3(0, 1, 0);
/** From the left, a little from before and above. */
const VIEWED_FROM = new Vector3(0.55, 0.4, -1.25).normalize();
/** A place on the screen, px. */
export type PointerPlace = Pick<PointerEvent, 'clientX' | 'clientY'>;

/** Room left round what is framed; the corners of its ball are mostly empty. */
const AIR = 0.92;

/**
 * A thing that can be turned freely, on a grid. Drawn only when something changed. Throws where the
 * browser has no WebGL.
 */
export class Turntable {
  protected readonly renderer: WebGLRenderer;
  protected body = new Group();
  private readonly scene = new Scene();
  private readonly lamp = new DirectionalLight(0xffffff, 2.2);
  private readonly camera = new PerspectiveCamera(30, 1, 1, 100_000);
  private readonly controls: OrbitControls;

  constructor(protected readonly box: HTMLElement) {
    this.renderer = new WebGLRenderer({ antialias: true });
    this.renderer.setClearColor(PAPER);
    this.renderer.setPixelRatio(window.devicePixelRatio);
    box.append(this.renderer.domElement);
    this.lamp.position.set(...lampWay(LAMP));
    this.scene.add(new AmbientLight(0xffffff, 1.4), this.lamp, this.body);
    this.controls = new OrbitControls(this.camera, this.renderer.domElement);
    this.controls.addEventListener('change', () => this.draw());
    this.resize();
  }

  /** Shows another body, the whole of it; the camera is set anew for the first one only. */
  protected put(next: Group): void {
    const first = this.body.children.length === 0;
    this.scene.remove(this.body);
    disposeOf(this.body);
    this.body = next;
    const box = new Box3().setFromObject(next);
    const { center, radius } = box.getBoundingSphere(new Sphere());
    const grid = new GridHelper(2 * radius, 10, GRID, GRID);
    grid.position.set(center.x, 0, center.z);
    next.add(grid);
    this.scene.add(next);
    if (first) {
      const away = framedFrom(radius, this.camera.fov, this.camera.aspect);
      this.camera.position.copy(center).addScaledVector(VIEWED_FROM, away);
      this.camera.far = 20 * away;
      this.controls.target.copy(center);
      this.camera.updateProjectionMatrix();
      this.controls.update();
    }
    this.draw();
  }

  /** Puts the lamp where the maker's stands: the shadows are then those of the bench. */
  light(from: LampPlace): void {
    this.lamp.position.set(...lampWay(from));
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

  /** The line of sight through a pointer's place on the screen. */
  protected sightAt({ clientX, clientY }: PointerPlace): Ray {
    const { left, top, width, height } = this.renderer.domElement.getBoundingClientRect();
    const caster = new Raycaster();
    const at = new Vector2((2 * (clientX - left)) / width - 1, 1 - (2 * (clientY - top)) / height);
    caster.setFromCamera(at, this.camera);
    return caster.ray;
  }

  /** How far a point in space is seen from a pointer's place, px. */
  protected pxFrom(point: Vector3, { clientX, clientY }: PointerPlace): number {
    const { left, top, width, height } = this.renderer.domElement.getBoundingClientRect();
    const seen = point.clone().project(this.camera);
    return Math.hypot(
      left + ((seen.x + 1) / 2) * width - clientX,
      top + ((1 - seen.y) / 2) * height - clientY,
    );
  }

  /** Whether dragging turns the view. */
  protected set turns(on: boolean) {
    this.controls.enabled = on;
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

  protected draw(): void {
    this.renderer.render(this.scene, this.camera);
  }
}

/**
 * How far from its middle a ball of a radius is seen whole, with a little air, by a camera of a vertical
 * field of view in degrees and an aspect of width over height: r / sin(half the lesser field).
 */
export function framedFrom(radius: number, fovDeg: number, aspect: number): number {
  const half = (fovDeg * Math.PI) / 360;
  const lesser = Math.min(half, Math.atan(Math.tan(half) * aspect));
  return (AIR * radius) / Math.sin(lesser);
}

function disposeOf(group: Group): void {
  group.traverse((part) => {
    if (!(part instanceof Mesh || part instanceof LineSegments)) return;
    part.geometry.dispose();
    (part.material as Material).dispose();
  });
}
