import * as say from './words.ts';
import type { PosedSkeleton } from '../../anatomy/pose.ts';
import { LIBRARY_FEATURE, type Shape, type Thing } from '../../anatomy/shapeSchema.ts';
import { thingPlaces } from '../../anatomy/thingPlaces.ts';
import { skinPoint } from '../../body/facePoint.ts';
import { reachAlong, skinHit } from '../../body/skinHit.ts';
import { skinParts } from '../../body/skin.ts';
import { nearestSleeve, placeOn, type SkinPlace } from '../../body/skinPlace.ts';
import type { Fitting } from '../../fittings/fittingsPlan.ts';
import { add, dot, scale } from '../../geometry/vec3.ts';
import type { Plan } from '../../planTypes.ts';
import { onPage, RELIEF_VIEWS, VIEW_FRAMES } from '../../surface/reliefViews.ts';
import type { PagePoint } from '../drawing.ts';
import { headPage, type HeadPage } from '../headPlaces.ts';

/** A part made apart on a drawing of the form or of the head, to be dragged over the skin. */
export interface ThingGrip {
  /** The part, and whether it is the end of its row. */
  readonly fittingId: string;
  readonly isEnd: boolean;
  readonly name: string;
  readonly boneId: string;
  readonly at: PagePoint;
}

/** The page of a drawing of the form or of the head by its id; undefined for any other drawing. */
export function formPage(plan: Plan, drawingId: string): HeadPage | undefined {
  const view = RELIEF_VIEWS.find((of) => drawingId === `form-${of}`);
  if (view === undefined) return headPage(plan, drawingId);
  return { view, times: 1, onDrawing: (p) => p };
}

/** The grips of all parts made apart that this page shows, one for each part on its near side, and one for the end of each row. */
export function thingGrips(plan: Plan, page: HeadPage): readonly ThingGrip[] {
  const { posed } = plan.stance;
  return plan.fittings.fittings.flatMap((fitting): readonly ThingGrip[] => {
    const own = thingOf(posed, fitting.id);
    const grip = (isEnd: boolean, place: RootPlace | undefined): readonly ThingGrip[] => {
      const at = place && seenOn(posed, page, place);
      return at === undefined
        ? []
        : [{ fittingId: fitting.id, isEnd, name: fitting.name, boneId: place!.boneId, at }];
    };
    if (own !== undefined) {
      const places = thingPlaces(posed.skeleton, own);
      return [...grip(false, places[0]), ...(own.row === null ? [] : grip(true, places.at(-1)))];
    }
    return grip(false, rootOf(posed, fitting));
  });
}

type RootPlace = Pick<SkinPlace, 'boneId' | 'along' | 'around'>;

const thingOf = (posed: PosedSkeleton, fittingId: string): Thing | undefined =>
  posed.skeleton.things.find(({ id }) => fittingId === `own-${id}`);

/** Where the first piece of a part of the library stands on the skin: eyes in the face, others where their root lies. */
function rootOf(posed: PosedSkeleton, { id, pieces }: Fitting): RootPlace | undefined {
  const [eye] = posed.skeleton.animal.face?.eyes ?? [];
  if (id === 'eyes' && eye !== undefined) {
    const [key, along, around] = eye.at;
    const boneId = posed.skeleton.bones.find((bone) => bone.key === key)?.id;
    return boneId === undefined ? undefined : { boneId, along, around };
  }
  const piece = pieces.find(({ side }) => side >= 0);
  if (piece === undefined) return undefined;
  const parts = skinParts(posed).filter(({ boneId }) => boneId === piece.boneId);
  const sleeve = nearestSleeve(parts, piece.root);
  return sleeve && placeOn(posed, sleeve, piece.root);
}

/** Where a place stands on a page; undefined where it is turned away. */
function seenOn(posed: PosedSkeleton, page: HeadPage, place: RootPlace): PagePoint | undefined {
  const point = skinPoint(posed, place);
  const frame = VIEW_FRAMES[page.view];
  return point !== undefined && dot(point.out, frame.towards) > -0.2
    ? page.onDrawing(onPage(frame, point.at))
    : undefined;
}

/** The place on the skin that lies under a point of a page, told for the left side or the midline; undefined where there is none. */
export function placeUnder(
  posed: PosedSkeleton,
  page: HeadPage,
  p: PagePoint,
): RootPlace | undefined {
  const { right, up, towards } = VIEW_FRAMES[page.view];
  const [zx, zy] = page.onDrawing([0, 0]);
  const [x, y] = [(p[0] - zx) / page.times, (p[1] - zy) / page.times];
  const far = reachAlong(posed, towards) + 1;
  const from = add(add(scale(right, x), scale(up, y)), scale(towards, far));
  const hit = skinHit(posed, from, scale(towards, -1));
  if (hit === undefined) return undefined;
  const bone = posed.skeleton.byId.get(hit.boneId)!;
  const isRight = bone.side === 'right';
  return {
    boneId: isRight ? bone.image : bone.id,
    along: rounded(hit.along, 1000),
    around: rounded(isRight ? -hit.around : hit.around, 10),
  };
}

const rounded = (value: number, steps: number): number => Math.round(value * steps) / steps;

/**
 * The shape with a part made apart dragged to a point of a page, over a body as it stood when the part was taken.
 * Undefined where nothing can follow: beside the body, or off the bone of what belongs to one.
 */
export function thingDragged(
  plan: Plan,
  page: HeadPage,
  grip: Pick<ThingGrip, 'fittingId' | 'isEnd'>,
  to: PagePoint,
): ((shape: Shape) => Shape) | undefined {
  const { posed } = plan.stance;
  const place = placeUnder(posed, page, to);
  if (place === undefined) return undefined;
  const own = thingOf(posed, grip.fittingId);
  if (own !== undefined) return (shape) => withPlace(posed, shape, own.id, place, grip.isEnd);
  const fitting = plan.fittings.fittings.find(({ id }) => id === grip.fittingId);
  const was = fitting && rootOf(posed, fitting);
  if (was === undefined || was.boneId !== place.boneId) return undefined;
  if (grip.fittingId === 'eyes')
    return (shape) => ({
      ...shape,
      eyes: { ...shape.eyes, along: place.along, around: Math.abs(place.around) },
    });
  return (shape) => {
    const before = shape.features[grip.fittingId] ?? LIBRARY_FEATURE;
    const moved = {
      ...before,
      along: rounded((before.along ?? 0) + place.along - was.along, 1000),
      around: rounded((before.around ?? 0) + place.around - was.around, 10),
    };
    return { ...shape, features: { ...shape.features, [grip.fittingId]: moved } };
  };
}

/** A shape with a thing, or the end of its row, at another place; what stands on the midline stays on it. */
export function withPlace(
  { skeleton }: Pick<PosedSkeleton, 'skeleton'>,
  shape: Shape,
  thingId: string,
  { boneId, along, around }: RootPlace,
  isEnd: boolean,
): Shape {
  const isMid = skeleton.byId.get(boneId)?.side === 'mid';
  const put = (thing: Thing): Thing => {
    const angle =
      thing.sides === 'middle' && isMid
        ? Math.abs(around) < 90
          ? 0
          : 180
        : thing.sides === 'both' && isMid
          ? Math.abs(around)
          : around;
    const place = { boneId, along: Math.min(1.5, Math.max(-0.5, along)), around: angle };
    return isEnd && thing.row !== null
      ? { ...thing, row: { ...thing.row, ...place } }
      : { ...thing, ...place };
  };
  return {
    ...shape,
    things: shape.things.map((thing) => (thing.id === thingId ? put(thing) : thing)),
  };
}

/** Words for a grip. */
export const gripTitle = ({ name, isEnd }: ThingGrip): string =>
  isEnd ? say.endOfRow(name) : say.dragThing(name);
