import * as say from './words.ts';
import { headStands, standOf } from '../anatomy/ownHead.ts';
import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Shape } from '../anatomy/shapeSchema.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { add, dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { VIEW_FRAMES, onPage } from '../surface/reliefViews.ts';
import type { PagePoint } from './drawing.ts';
import { draggedOnHead, seenOnHead, type HeadPage } from './headPlaces.ts';

/** What of a head is dragged on its drawing: on the left side or the midline, the right follows. */
export interface HeadGrip {
  readonly id: string;
  readonly name: string;
  /** Where it is on the drawing, mm. */
  readonly at: PagePoint;
}

/** Two grips nearer to each other on a drawing than this, mm, are one. */
const APART_MM = 0.5;

/** The grips of a head on one of its drawings: eye, nostril, root and tip of each ear, horn, feeler. */
export function headGrips(posed: PosedSkeleton, page: HeadPage): readonly HeadGrip[] {
  const { face } = posed.skeleton.animal;
  const on = (id: string, name: string, place: PagePoint | undefined): readonly HeadGrip[] =>
    place === undefined ? [] : [{ id, name, at: place }];
  const [eye, hole] = [face?.eyes[0], face?.holes[0]];
  const stands = headStands(posed.skeleton).flatMap((bone) => {
    const { start } = posedBone(posed, bone.id);
    const [root, tip] = [start, tipOf(posed, bone)].map((p) =>
      page.onDrawing(onPage(VIEW_FRAMES[page.view], p)),
    );
    const isSeen = Math.hypot(tip![0] - root![0], tip![1] - root![1]) > APART_MM;
    const name = bone.plainName.toLowerCase();
    return [
      ...on(`root:${bone.key}`, say.rootOf(name), root),
      ...(isSeen ? on(`tip:${bone.key}`, say.tipOf(name), tip) : []),
    ];
  });
  return [
    ...on('eye', say.eye, eye && seenOnHead(posed, page, eye.at)),
    ...on('nostril', say.nostril, hole && seenOnHead(posed, page, hole.at)),
    ...stands,
  ];
}

const rounded = (value: number, steps: number): number => Math.round(value * steps) / steps;

/**
 * The shape with a grip of the head dragged by so many mm of a drawing, over a body as it stood when the grip was
 * taken. Undefined where nothing can follow.
 */
export function headDragged(
  posed: PosedSkeleton,
  page: HeadPage,
  id: string,
  by: PagePoint,
): ((shape: Shape) => Shape) | undefined {
  const { face } = posed.skeleton.animal;
  if (id === 'eye' || id === 'nostril') {
    const at = id === 'eye' ? face?.eyes[0]?.at : face?.holes[0]?.at;
    const place = at && draggedOnHead(posed, page, at, by);
    if (place === undefined) return undefined;
    const own = { along: rounded(place.along, 1000), around: rounded(place.around, 10) };
    return id === 'eye'
      ? (shape) => ({ ...shape, eyes: { ...shape.eyes, ...own } })
      : (shape) => ({
          ...shape,
          head: { ...shape.head, nostril: { ...shape.head.nostril, ...own } },
        });
  }
  const [end, key] = id.split(':');
  const bone = headStands(posed.skeleton).find((of) => of.key === key);
  if (bone === undefined) return undefined;
  const own = end === 'root' ? slidRoot(posed, page, bone, by) : turnedTip(posed, page, bone, by);
  return (shape) => {
    const { stands } = shape.head;
    const was = stands[bone.key] ?? { at: null, backDeg: null, outDeg: null };
    return {
      ...shape,
      head: { ...shape.head, stands: { ...stands, [bone.key]: { ...was, ...own } } },
    };
  };
}

/** The way of a drag in space, mm of the body, in the plane of the page. */
const inSpace = ({ view, times }: HeadPage, [x, y]: PagePoint): Vec3 => {
  const { right, up } = VIEW_FRAMES[view];
  return add(scale(right, x / times), scale(up, y / times));
};

/** Where the flesh of a bone ends, which may lie beyond the bone. */
function tipOf(posed: PosedSkeleton, bone: Bone): Vec3 {
  const far = bone.flesh.flatMap((of) => ('sleeve' in of ? of.stations.map(({ at }) => at) : []));
  return alongBone(posedBone(posed, bone.id), Math.max(1, ...far));
}

/** Where along what bears it a bone starts, as near as a drag of its root comes to. */
function slidRoot(posed: PosedSkeleton, page: HeadPage, bone: Bone, by: PagePoint) {
  const bears = posedBone(posed, bone.parent!);
  const along = sub(bears.end, bears.start);
  const frame = VIEW_FRAMES[page.view];
  // What of the bearing bone is seen in this view.
  const seen = sub(along, scale(frame.towards, dot(along, frame.towards)));
  const share = dot(inSpace(page, by), seen) / dot(seen, seen);
  return { at: rounded(Math.min(1.2, Math.max(-0.2, bone.at + share)), 1000) };
}

/** Which way a bone goes whose tip is dragged. */
function turnedTip(posed: PosedSkeleton, page: HeadPage, bone: Bone, by: PagePoint) {
  const { start, rotation } = posedBone(posed, bone.id);
  const way = unit(add(sub(tipOf(posed, bone), start), inSpace(page, by)));
  const { backDeg, outDeg } = standOf({ ...bone, rest: turn(inverse(rotation), way) });
  return {
    backDeg: rounded(backDeg, 10),
    outDeg: bone.side === 'mid' ? 0 : rounded(outDeg, 10),
  };
}
