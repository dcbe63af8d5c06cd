import type { ApartMesh, ShapeMeshes } from '@keen-sinew/core';
import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  Plane,
  SphereGeometry,
  Vector3,
} from 'three';
import { meshGeometry } from './meshGeometry.ts';
import { GripTable, type SpaceDrag } from './GripTable.ts';

/** Layers from the outside in; what is peeled off is left as glass. */
export const PEELS = ['skin', 'clay', 'core', 'wires'] as const;
export type Peel = (typeof PEELS)[number];

const COLOURS = { skin: 0xcdb892, clay: 0xb98f68, core: 0xaab2b5, plates: 0xbda679 } as const;
const GLASS = 0.16;
const WIRE = 0x1f6b5c;
const GRIP = 0x9a5b00;
/** Radius of a grip, as a share of the body's length. */
const GRIP_SHARE = 0.006;

type Point = readonly [number, number, number];

/** What is shown beside the meshes, mm of the model. */
export interface BodyScene {
  readonly meshes: ShapeMeshes;
  /** What stands out of the skin by itself. */
  readonly apart: readonly ApartMesh[];
  /** Wires as chains of points. */
  readonly wires: readonly (readonly Point[])[];
  /** Strokes of the coat: roots, halves and tips, nine numbers each; shown with the skin. */
  readonly coat?: Float32Array | undefined;
  /** Cut the body open here: a point, and the way that is taken off; null for a whole body. */
  readonly cut: { readonly at: Point; readonly way: Point } | null;
  /** Places on the skin that can be dragged. */
  readonly grips: readonly { readonly id: string; readonly at: Point }[];
}

/** The shaded body over its wires, to be turned, peeled and cut open. */
export class BodyTurning extends GripTable {
  constructor(box: HTMLElement, drag: SpaceDrag | null = null) {
    super(box, drag);
    this.renderer.localClippingEnabled = true;
  }

  /** Shows the body down to a layer; the layers outside it are glass. */
  show({ meshes, apart, wires, coat, cut, grips }: BodyScene, peel: Peel): void {
    const body = new Group();
    const planes =
      cut === null
        ? []
        : [
            new Plane().setFromNormalAndCoplanarPoint(
              new Vector3(...cut.way).negate(),
              new Vector3(...cut.at),
            ),
          ];
    const shown = PEELS.indexOf(peel);
    (['core', 'clay', 'skin', 'plates'] as const).forEach((name) => {
      // Fins, feathers and membranes go with the skin.
      const place = PEELS.indexOf(name === 'plates' ? 'skin' : name);
      const mesh = meshes[name];
      // Skin and clay are one surface where no fibre is stuck on.
      if (mesh.indices.length === 0 || (name === 'clay' && mesh === meshes.skin)) return;
      // Inner layers are seen in a cut only, or through glass.
      if (place > shown && cut === null && name !== 'core') return;
      const glass = place < shown;
      const material = new MeshLambertMaterial({
        color: COLOURS[name],
        side: DoubleSide,
        transparent: glass,
        opacity: glass ? GLASS : 1,
        depthWrite: !glass,
        clippingPlanes: planes,
      });
      const part = new Mesh(meshGeometry(mesh), material);
      part.renderOrder = glass ? 1 : 0;
      body.add(part);
    });
    // Claws and plumes go with the skin too.
    if (shown === 0)
      for (const mesh of apart) {
        const color = mesh.hex ?? COLOURS.skin;
        body.add(
          new Mesh(meshGeometry(mesh), new MeshLambertMaterial({ color, clippingPlanes: planes })),
        );
      }
    if (shown === 0 && coat !== undefined) body.add(hairs(coat, planes));
    const line = new BufferGeometry();
    const points = wires.flatMap((wire) => wire.slice(1).flatMap((to, i) => [...wire[i]!, ...to]));
    line.setAttribute('position', new BufferAttribute(Float32Array.from(points), 3));
    body.add(new LineSegments(line, new LineBasicMaterial({ color: WIRE, linewidth: 2 })));
    this.grips = grips.map(({ id, at }) => ({ id, at: new Vector3(...at) }));
    const ball = new SphereGeometry(GRIP_SHARE * sizeOf(meshes.skin.positions), 12, 8);
    for (const { at } of this.grips) {
      const grip = new Mesh(ball, new MeshLambertMaterial({ color: GRIP }));
      grip.position.copy(at);
      body.add(grip);
    }
    this.put(body);
  }
}

const HAIR = 0x2a3a36;

/** Strokes in space, each as two straight lines. */
function hairs(coat: Float32Array, clippingPlanes: Plane[]): LineSegments {
  const ends = new Float32Array((coat.length / 9) * 12);
  for (let n = 0; 9 * n < coat.length; n++) {
    ends.set(coat.subarray(9 * n, 9 * n + 6), 12 * n);
    ends.set(coat.subarray(9 * n + 3, 9 * n + 9), 12 * n + 6);
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(ends, 3));
  return new LineSegments(geometry, new LineBasicMaterial({ color: HAIR, clippingPlanes }));
}

/** How far a body reaches along its length, mm. */
function sizeOf(positions: Float32Array): number {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < positions.length; i += 3) {
    low = Math.min(low, positions[i]!);
    high = Math.max(high, positions[i]!);
  }
  return high > low ? high - low : 0;
}
