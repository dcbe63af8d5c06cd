import type { Point2 } from '../geometry/hull.ts';
import { dot, type Vec3 } from '../geometry/vec3.ts';
import type { DepthBuffer } from './depthBuffer.ts';
import type { FaceShape } from './faceShapes.ts';
import { hundredth, inMm, maskOutlines } from './maskOutlines.ts';
import type { ViewFrame } from './reliefViews.ts';
import type { SkinSurface } from './skinSurface.ts';

/** A face from one side, in mm of its page. */
export interface FaceRelief {
  readonly lines: readonly (readonly Point2[])[];
  /** Areas from the first to the last, each over those before. */
  readonly areas: readonly { readonly hex: string; readonly loop: readonly Point2[] }[];
}

/** An area that is seen more from its edge than this is not seen: cosine to the viewer. */
const LEAST_FACING = 0.08;

/** A face in space: its shapes, the colours of its pads, and on which of them each point of the skin lies. */
export interface FaceOnSkin {
  readonly shapes: readonly FaceShape[];
  readonly padHexes: readonly string[];
  /** 0 for none, else the place of the pad and one. */
  readonly pads: Uint8Array;
}

/** A face is told on the sections, and seen where the skin lies no more than so many cells over it. */
const SLACK_CELLS = 3;

/** What of a face is seen in a view: its pads, and the rest of it over them. */
export function faceSeen(
  buffer: DepthBuffer,
  { mesh, cellMm }: Pick<SkinSurface, 'mesh' | 'cellMm'>,
  face: FaceOnSkin | null,
  frame: ViewFrame,
): FaceRelief {
  if (face === null) return { lines: [], areas: [] };
  const { shapes, pads, padHexes } = face;
  const seen = faceRelief(shapes, buffer, frame, SLACK_CELLS * cellMm);
  const onPads = padHexes.flatMap((hex, n) => {
    const isOn = (at: number): boolean => {
      const t = buffer.seen[at]!;
      return t >= 0 && pads[mesh.indices[3 * t]!] === n + 1;
    };
    return maskOutlines(buffer, isOn).map((line) => ({ hex, loop: inMm(buffer, line) }));
  });
  return { lines: seen.lines, areas: [...onPads, ...seen.areas] };
}

/** What of a face's shapes is seen in a view: areas by their middle, lines point by point; `slackMm` deep still counts. */
function faceRelief(
  shapes: readonly FaceShape[],
  buffer: DepthBuffer,
  frame: ViewFrame,
  slackMm: number,
): FaceRelief {
  const page = pageOf(frame);
  const isBare = bareIn(buffer, frame, slackMm);
  const isSeen = (p: Vec3, out: Vec3 | null): boolean =>
    (out === null || dot(out, frame.towards) >= LEAST_FACING) && isBare(p);
  const lines = shapes.flatMap(({ hex, points, out, closed }): readonly (readonly Point2[])[] => {
    if (hex !== null) return [];
    const ring = closed ? [...points, points[0]!] : points;
    return stretches(ring, (p) => isSeen(p, out)).map((line) => line.map(page));
  });
  const areas = shapes.flatMap(({ hex, points, out }) =>
    hex !== null && isSeen(middleOf(points), out) ? [{ hex, loop: points.map(page) }] : [],
  );
  return { lines, areas };
}

const pageOf =
  (frame: ViewFrame) =>
  (p: Vec3): Point2 => [hundredth(dot(frame.right, p)), hundredth(dot(frame.up, p))];

/** Whether nothing lies more than `slackMm` before a point. */
const bareIn =
  (buffer: DepthBuffer, frame: ViewFrame, slackMm: number) =>
  (p: Vec3): boolean => {
    const [x, y] = [dot(frame.right, p), dot(frame.up, p)];
    const i = Math.round((x - buffer.low[0]) / buffer.pixelMm);
    const j = Math.round((y - buffer.low[1]) / buffer.pixelMm);
    if (i < 0 || j < 0 || i >= buffer.wide || j >= buffer.high) return true;
    return dot(frame.towards, p) >= buffer.near[i + buffer.wide * j]! - slackMm;
  };

/** What is seen of lines in space, mm of the page; `slackMm` deep still counts. */
export const linesSeen = (
  lines: readonly (readonly Vec3[])[],
  buffer: DepthBuffer,
  frame: ViewFrame,
  slackMm: number,
): readonly (readonly Point2[])[] =>
  lines.flatMap((line) =>
    stretches(line, bareIn(buffer, frame, slackMm)).map((stretch) => stretch.map(pageOf(frame))),
  );

/** The stretches of a line that are seen, of two points at least. */
function stretches(
  points: readonly Vec3[],
  isSeen: (p: Vec3) => boolean,
): readonly (readonly Vec3[])[] {
  const lines: Vec3[][] = [];
  let open = false;
  for (const p of points) {
    const seen = isSeen(p);
    if (seen && open) lines.at(-1)!.push(p);
    else if (seen) lines.push([p]);
    open = seen;
  }
  return lines.filter((line) => line.length > 1);
}

const middleOf = (points: readonly Vec3[]): Vec3 => {
  const sum = (k: 0 | 1 | 2): number => points.reduce((s, p) => s + p[k], 0) / points.length;
  return [sum(0), sum(1), sum(2)];
};
