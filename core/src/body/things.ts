import type { ApartLook } from '../anatomy/animal.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Thing } from '../anatomy/shapeSchema.ts';
import type { SetKind } from '../anatomy/thingKinds.ts';
import { thingPlaces, type ThingPlace } from '../anatomy/thingPlaces.ts';
import { aboutAxis, shortestTurn, turn } from '../geometry/quat.ts';
import { add, cross, dot, length, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { toRad } from '../units/angles.ts';
import { skinPoint } from './facePoint.ts';
import type { SkinPoint } from './skinPlace.ts';
import type { AxisSample } from './sleeveSection.ts';

/** A thing of the user's own on a posed body: its axis with its sections, mm of the posed size. */
export interface PosedThing {
  readonly thing: Thing;
  /** Which of its row, from 0, and on which side of the animal. */
  readonly order: number;
  readonly side: 1 | -1;
  readonly boneId: string;
  readonly look: ApartLook;
  readonly samples: readonly AxisSample[];
}

/** What a thing looks like where no colour was chosen: horn, bone, or the skin's own. */
const HEXES: Readonly<Partial<Record<SetKind, string>>> = {
  horn: '#4a4034',
  claw: '#3a332b',
  nail: '#8d8064',
  tooth: '#efe8d6',
  whisker: '#cfc6b4',
  feeler: '#3a332b',
  tongue: '#8c4a45',
  ball: '#1d1714',
};

/** All things of the user's own on a posed body, each side of a row by itself; none where their bones are not there. */
export const posedThings = (posed: PosedSkeleton): readonly PosedThing[] =>
  posed.skeleton.things.flatMap((thing) => {
    const places = thingPlaces(posed.skeleton, thing);
    return sidesOf(posed, thing).flatMap((side) =>
      places.flatMap((place, order): readonly PosedThing[] => {
        const made = samplesAt(posed, thing, place, side);
        if (made === undefined) return [];
        const { boneId, samples } = made;
        const hex = thing.hex ?? HEXES[thing.kind];
        const look: ApartLook = hex === undefined ? {} : { hex };
        return [{ thing, order, side, boneId, look, samples }];
      }),
    );
  });

/** On which sides a thing is there; of a relief the near side alone is. */
function sidesOf(posed: PosedSkeleton, { sides }: Thing): readonly (1 | -1)[] {
  const isRelief = posed.skeleton.plan.wall === 'beside';
  switch (sides) {
    case 'both':
      return isRelief ? [1] : [1, -1];
    case 'right':
      return isRelief ? [] : [-1];
    case 'left':
    case 'middle':
      return [1];
  }
}

/** A thing of a row at its place on one side; undefined where that has no skin. */
function samplesAt(
  posed: PosedSkeleton,
  thing: Thing,
  { boneId: told, along, around, size }: ThingPlace,
  side: 1 | -1,
): { readonly boneId: string; readonly samples: readonly AxisSample[] } | undefined {
  const bone = posed.skeleton.byId.get(told);
  const boneId = side === 1 ? told : bone?.image;
  if (boneId === undefined) return undefined;
  const place = { boneId, along, around: side * around, offMm: thing.offMm };
  const point = skinPoint(posed, place);
  if (point === undefined) return undefined;
  const frame = rootFrame(posed, boneId, point, side);
  const k = posed.sizeFactor * size;
  const samples = thingAxis(thing, frame, point.at, k).map((sample) => ({
    ...sample,
    boneId,
    share: along,
  }));
  return { boneId, samples };
}

/** Ways at the root of a thing, unit and square to each other: out of the skin, to the animal's rear, and to its own side. */
interface RootFrame {
  readonly out: Vec3;
  readonly back: Vec3;
  readonly beside: Vec3;
}

/** Below this share the rear lies so nearly along the way out of the skin that down stands for it. */
const LEAST_BACK = 0.25;

function rootFrame(
  posed: PosedSkeleton,
  boneId: string,
  { out }: SkinPoint,
  side: 1 | -1,
): RootFrame {
  const { rotation } = posedBone(posed, boneId);
  const inSkin = (way: Vec3): Vec3 => {
    const turned = turn(rotation, way);
    return sub(turned, scale(out, dot(turned, out)));
  };
  const rear = inSkin([-1, 0, 0]);
  const back = unit(length(rear) < LEAST_BACK ? inSkin([0, -1, 0]) : rear);
  return { out, back, beside: scale(cross(back, out), side) };
}

/** Steps along a thing. */
const STEPS = 24;

/**
 * The axis of a thing from its root on the skin to its tip with its sections, `k` times life: a line that starts `lean`
 * from straight out of the skin, turns by `turn` on its way and whose plane turns by `curl`.
 */
export function thingAxis(
  thing: Thing,
  frame: RootFrame,
  root: Vec3,
  k: number,
): readonly Omit<AxisSample, 'boneId' | 'share'>[] {
  const { lengthMm, leanDeg, twistDeg, turnDeg, curlDeg } = thing;
  const { out, back, beside } = frame;
  const mirror = dot(cross(out, back), beside) < 0 ? 1 : -1;
  const [twist, lean] = [toRad(twistDeg), toRad(leanDeg)];
  const away = add(scale(back, Math.cos(twist)), scale(beside, Math.sin(twist)));
  const first = add(scale(out, Math.cos(lean)), scale(away, Math.sin(lean)));
  const bent = add(scale(out, -Math.sin(lean)), scale(away, Math.cos(lean)));
  const wayAt = (t: number): Vec3 => {
    const angle = toRad(turnDeg) * t;
    const curled = turn(aboutAxis(first, mirror * toRad(curlDeg) * t), bent);
    return add(scale(first, Math.cos(angle)), scale(curled, Math.sin(angle)));
  };
  const step = (lengthMm * k) / STEPS;
  let at = root;
  let along = first;
  let up = bent;
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const t = i / STEPS;
    if (i > 0) at = add(at, scale(wayAt(t - 0.5 / STEPS), step));
    const way = unit(wayAt(t));
    up = turn(shortestTurn(along, way), up);
    along = way;
    const half = (thing.thickMm / 2) * k * thicknessAt(thing, t);
    return {
      ...{ at, along, up, across: cross(along, up) },
      ...{ above: half, below: half, half: half * thing.breadth },
      ...{ widest: 0, squareAbove: 2, squareBelow: 2, side: 0 },
    };
  });
}

/** Kinds that are as thick halfway as at their root, and round off to their tip. */
const LEAVES: ReadonlySet<SetKind> = new Set(['plate', 'crest', 'nail', 'ear', 'plume', 'armour']);
const DOMES: ReadonlySet<SetKind> = new Set(['boss', 'ball', 'wattle']);

/** How thick a thing is at a share of its length, as a share of its root: a cone, a leaf, or a dome. */
export function thicknessAt({ kind, tip }: Pick<Thing, 'kind' | 'tip'>, t: number): number {
  if (kind === 'ball') return Math.max(LEAST_THICK, 2 * Math.sqrt(Math.max(0, t * (1 - t))));
  if (DOMES.has(kind)) return Math.max(LEAST_THICK, Math.sqrt(Math.max(0, 1 - t * t)));
  if (LEAVES.has(kind)) {
    const leaf = 0.7 + 0.3 * Math.sin(Math.PI * Math.min(1, 1.6 * t));
    return Math.max(LEAST_THICK, tip, leaf * Math.sqrt(Math.max(0, 1 - t ** 3)));
  }
  return Math.max(LEAST_THICK, 1 + (tip - 1) * t);
}

/** No section is quite nothing. */
const LEAST_THICK = 0.02;
