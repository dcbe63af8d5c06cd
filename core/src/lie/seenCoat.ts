import type { Point2 } from '../geometry/hull.ts';
import { cross, dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { depthBuffer, type DepthBuffer } from '../surface/depthBuffer.ts';
import { pixelFor, type DrawnSkin, type Flat } from '../surface/relief.ts';
import { VIEW_FRAMES, type ReliefView, type ViewFrame } from '../surface/reliefViews.ts';
import { flowLines } from './flowLines.ts';
import { keptFor } from './keptFor.ts';
import type { StrokeSet } from './strokeSet.ts';

/** Numbers that a stroke is told by as it is seen. */
export const STROKE_NUMBERS = 8;

/** A coat as it is seen from one side, mm of the page. */
export interface SeenCoat {
  readonly view: ReliefView;
  /** Lines along the lie, root first. */
  readonly flow: readonly {
    readonly zone: number;
    readonly points: readonly Point2[];
  }[];
  /** Root, half way and tip of each stroke that is seen, and the way from it to its side: {@link STROKE_NUMBERS} a stroke. */
  readonly strokes: Float32Array;
  readonly zone: Uint8Array;
  /** 0 on the animal's left, 1 between, 2 on its right. */
  readonly side: Uint8Array;
}

/** Roots this far behind what is seen are hidden, in cells of the skin. */
const HIDDEN = 1.5;

/** All that may hide a stroke, and what is nearest from each side. */
export interface CoatScene {
  readonly drawn: DrawnSkin;
  readonly from: (view: ReliefView) => DepthBuffer;
}

/** A skin with its flat parts; what is nearest from a side is found once, when it is first asked. */
export function coatScene(drawn: DrawnSkin, flats: readonly Flat[]): CoatScene {
  const { mesh, cellMm } = drawn;
  const scene = { ...mesh, flats: flats.map(({ outline }) => outline) };
  const found = keptFor<DrawnSkin, DepthBuffer>();
  return {
    drawn,
    from: (view) =>
      found(drawn, view, () =>
        depthBuffer(scene, VIEW_FRAMES[view], pixelFor(mesh.positions, cellMm)),
      ),
  };
}

/** What of a coat is seen from a side, strokes as long and as wide as foreshortening leaves them. */
export function seenCoat(
  { drawn, from }: CoatScene,
  ways: Float32Array,
  strokes: StrokeSet,
  hasLie: readonly boolean[],
  view: ReliefView,
): SeenCoat {
  const frame = VIEW_FRAMES[view];
  const buffer = from(view);
  const seen = strokesSeen(buffer, drawn.cellMm, strokes, frame);
  return { view, flow: flowLines(buffer, drawn, ways, hasLie, frame), ...seen };
}

function strokesSeen(
  buffer: DepthBuffer,
  cellMm: number,
  { many, lines, normals, widthMm, zone, side }: StrokeSet,
  frame: ViewFrame,
): Pick<SeenCoat, 'strokes' | 'zone' | 'side'> {
  const [found, zones, sides]: [number[], number[], number[]] = [[], [], []];
  const point = (n: number, k: number): Vec3 => [
    lines[9 * n + 3 * k]!,
    lines[9 * n + 3 * k + 1]!,
    lines[9 * n + 3 * k + 2]!,
  ];
  for (let n = 0; n < many; n++) {
    const root = point(n, 0);
    const depth = dot(frame.towards, root);
    const [x, y] = [dot(frame.right, root), dot(frame.up, root)];
    const i = Math.round((x - buffer.low[0]) / buffer.pixelMm);
    const j = Math.round((y - buffer.low[1]) / buffer.pixelMm);
    // Beside the picture there is nothing; a place there would be found on another of its lines.
    if (i < 0 || j < 0 || i >= buffer.wide || j >= buffer.high) continue;
    const nearest = buffer.near[i + buffer.wide * j];
    // Of a head by itself what lies before or behind its skin is of another part.
    if (nearest === undefined || Math.abs(depth - nearest) > HIDDEN * cellMm) continue;
    const normal: Vec3 = [normals[3 * n]!, normals[3 * n + 1]!, normals[3 * n + 2]!];
    if (dot(normal, frame.towards) <= 0) continue;
    const [mid, tip] = [point(n, 1), point(n, 2)];
    const aside = scale(unit(cross(normal, sub(tip, root))), widthMm[n]! / 2);
    found.push(
      ...[x, y, dot(frame.right, mid), dot(frame.up, mid)],
      ...[dot(frame.right, tip), dot(frame.up, tip)],
      ...[dot(frame.right, aside), dot(frame.up, aside)],
    );
    zones.push(zone[n]!);
    sides.push(side[n]!);
  }
  return {
    strokes: Float32Array.from(found),
    zone: Uint8Array.from(zones),
    side: Uint8Array.from(sides),
  };
}
