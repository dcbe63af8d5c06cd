import type { Thing } from './shapeSchema.ts';
import type { Bone, Skeleton } from './skeleton.ts';

/** Where one of a row of things starts, on its own side, and how large it is against the first. */
export interface ThingPlace {
  readonly boneId: string;
  readonly along: number;
  readonly around: number;
  readonly size: number;
}

/** A bone of a way over the skeleton, and from which share of it to which it is gone along. */
interface Leg {
  readonly bone: Bone;
  readonly from: number;
  readonly to: number;
}

/** The places of a thing on the side that it is told for: one, or a row of them; none where its bone is not there. */
export function thingPlaces(skeleton: Skeleton, thing: Thing): readonly ThingPlace[] {
  const { boneId, along, around, row } = thing;
  if (!skeleton.byId.has(boneId)) return [];
  const first = { boneId, along, around, size: 1 };
  if (row === null) return [first];
  const legs = legsBetween(skeleton, thing, row);
  if (legs.length === 0) return [first];
  const whole = legs.reduce((sum, leg) => sum + legMm(leg), 0);
  return Array.from({ length: row.many }, (_, i): ThingPlace => {
    const share = i / (row.many - 1);
    const at = whole === 0 ? { boneId, along } : placeOnWay(legs, share * whole);
    return {
      ...at,
      around: around + (row.around - around) * share,
      size: 1 + (row.endShare - 1) * share,
    };
  });
}

const legMm = ({ bone, from, to }: Leg): number => Math.abs(to - from) * bone.lifeLengthMm;

/** The place so many life mm along a way. */
function placeOnWay(legs: readonly Leg[], mm: number): Pick<ThingPlace, 'boneId' | 'along'> {
  let left = mm;
  for (const leg of legs) {
    const long = legMm(leg);
    if (left <= long || leg === legs.at(-1)) {
      const t = long === 0 ? 0 : Math.min(1, left / long);
      return { boneId: leg.bone.id, along: leg.from + (leg.to - leg.from) * t };
    }
    left -= long;
  }
  throw new Error('a way has a last leg');
}

type On = Pick<ThingPlace, 'boneId' | 'along'>;

/** The way over the bones between two places: up to the bone that bears both, and down again; none to a bone that is not there. */
function legsBetween(skeleton: Skeleton, a: On, b: On): readonly Leg[] {
  const [up, down] = [rootward(skeleton, a.boneId), rootward(skeleton, b.boneId)];
  if (down.length === 0) return [];
  const [bearer] = up.filter((bone) => down.includes(bone));
  if (bearer === undefined) return [];
  const rising = up.slice(0, up.indexOf(bearer));
  const falling = down.slice(0, down.indexOf(bearer)).toReversed();
  // Where on a bone the way comes in from a bone that it bears.
  const seat = (bones: readonly Bone[], own: number): number => bones.at(-1)?.at ?? own;
  return [
    ...rising.map((bone, i): Leg => ({
      bone,
      from: i === 0 ? a.along : rising[i - 1]!.at,
      to: 0,
    })),
    { bone: bearer, from: seat(rising, a.along), to: falling[0]?.at ?? b.along },
    ...falling.map((bone, i): Leg => ({
      bone,
      from: 0,
      to: falling[i + 1]?.at ?? b.along,
    })),
  ];
}

/** A bone and all that bear it, up to the root; nothing for one that is not there. */
function rootward(skeleton: Skeleton, boneId: string): readonly Bone[] {
  const bone = skeleton.byId.get(boneId);
  if (bone === undefined) return [];
  return [bone, ...(bone.parent === null ? [] : rootward(skeleton, bone.parent))];
}
