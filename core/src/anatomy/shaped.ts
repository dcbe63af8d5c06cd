import { withOwnEyes } from './ownEyes.ts';
import { withOwnFeatures } from './ownFeatures.ts';
import { withOwnHead } from './ownHead.ts';
import type { Shape } from './shapeSchema.ts';
import {
  isApart,
  type Flesh,
  type FleshSleeve,
  type FleshStation,
  type SleeveStation,
} from './animal.ts';
import type { Bone, Skeleton } from './skeleton.ts';

/** Flesh that stands a little further out all round, or in; never quite nothing. Life mm. */
export function fattened(flesh: Flesh, mm: number): Flesh {
  const out = (half: number): number => Math.max(half * LEAST_SHARE, half + mm);
  if ('sleeve' in flesh)
    return {
      ...flesh,
      stations: flesh.stations.map((station) => {
        const half = (station.above + station.below) / 2;
        const more = out(half) - half;
        return {
          ...station,
          above: station.above + more,
          below: station.below + more,
          halfWidth: out(station.halfWidth),
        };
      }),
    };
  return {
    ...flesh,
    points: flesh.points.map((point) => ({ ...point, radius: out(point.radius) })),
  };
}

/** However lean, this much of a part is left. */
const LEAST_SHARE = 0.25;

/** A section as its mirror image on the right side. */
const mirroredStation = (fleshStation: FleshStation): FleshStation =>
  fleshStation.side === 0 ? fleshStation : { ...fleshStation, side: -fleshStation.side };

/** Sections nearer to each other than this share of their bone are one: the first of them holds. */
const LEAST_APART = 0.001;

/** Sections in order along their bone, none on top of another. */
const inOrder = (stations: readonly FleshStation[]): readonly FleshStation[] =>
  stations
    .toSorted((a, b) => a.at - b.at)
    .reduce<readonly FleshStation[]>((kept, station) => {
      const before = kept.at(-1);
      return before === undefined || station.at - before.at >= LEAST_APART
        ? [...kept, station]
        : kept;
    }, []);

/** Sections from end to end of the bone: what stands nearest to an end holds up to it. */
const endToEnd = (stations: readonly FleshStation[]): readonly FleshStation[] => [
  ...(stations[0]!.at > 0 ? [{ ...stations[0]!, at: 0 }] : []),
  ...stations,
  ...(stations.at(-1)!.at < 1 ? [{ ...stations.at(-1)!, at: 1 }] : []),
];

/** The user's sections in place of a bone's flesh: those of its sleeve, or a body of their own. */
function withSections(
  bones: readonly Bone[],
  bone: Bone,
  own: readonly FleshStation[],
): readonly Flesh[] {
  const { flesh, key } = bone;
  // Where two sleeves meet on a bone, as neck and head on the skull, it is the one that is mostly there.
  const sleeve = mainSleeve(flesh);
  const curves = flesh.filter((part) => 'curve' in part);
  const others = flesh.filter((part) => 'sleeve' in part && part !== sleeve);
  const stations = sleeve === undefined ? endToEnd(inOrder(own)) : inOrder(own);
  const of = sleeve ?? ownSleeve(key);
  const [upright, sideways, isReversed] = sectionSigns(bones, bone, of);
  const made = stations.map((station) => sleeveStation(station, upright, sideways));
  const shaped = { ...of, stations: isReversed ? made.toReversed() : made };
  return [shaped, ...others, ...(sleeve === undefined ? curves.filter(isApart) : curves)];
}

/** The sleeve that is mostly there on a bone, where several meet. */
export const mainSleeve = (flesh: readonly Flesh[]): FleshSleeve | undefined =>
  flesh
    .filter((part) => 'sleeve' in part)
    .toSorted((a, b) => b.stations.length - a.stations.length)[0];

/** Which way up and aside a sleeve's sections are told against sections of its bone. */
export function sectionSigns(
  bones: readonly Bone[],
  bone: Bone,
  sleeve: FleshSleeve,
): readonly [upright: 1 | -1, sideways: 1 | -1, isReversed: boolean] {
  // A sleeve may run against its bone, and a bone of the column backwards: its sections lie upside down.
  const isReversed = runsAgainst(bones, bone, sleeve);
  const isBack = sleeve.faces === 'back' && bone.rest[0] < 0;
  return [isBack ? -1 : 1, isBack !== isReversed ? -1 : 1, isReversed];
}

/** Whether a sleeve runs against a bone: by its stations there, or by the bones that it comes from and goes to. */
function runsAgainst(
  bones: readonly Bone[],
  bone: Bone,
  { sleeve, order, stations }: FleshSleeve,
): boolean {
  if (stations.length > 1) return stations[0]!.at > stations.at(-1)!.at;
  const neighbour = (step: 1 | -1): Bone | undefined =>
    bones.find(
      ({ side, flesh }) =>
        side === bone.side &&
        flesh.some(
          (part) => 'sleeve' in part && part.sleeve === sleeve && part.order === order + step,
        ),
    );
  const [next, before] = [neighbour(1), neighbour(-1)];
  if (next?.parent === bone.id) return next.at < 0.5;
  if (next !== undefined) return next.id === bone.parent;
  return before?.parent === bone.id && before.at >= 0.5;
}

/** What a bone without a sleeve gets for its sections: one of its own. */
const ownSleeve = (key: string): FleshSleeve => ({
  sleeve: `own ${key}`,
  order: 0,
  faces: 'back',
  stations: [],
});

/** A section about its middle as one from the bone's line, turned over where the signs say so. */
const sleeveStation = (
  { at, halfDepth, halfWidth, squareness, squareBelow, widest, up, side }: FleshStation,
  upright: 1 | -1,
  sideways: 1 | -1,
): SleeveStation => ({
  ...{ at, halfWidth, side: side === 0 ? 0 : sideways * side },
  above: upright * up + halfDepth,
  below: halfDepth - upright * up,
  widest: widest === 0 ? 0 : upright * widest,
  squareAbove: upright === 1 ? squareness : squareBelow,
  squareBelow: upright === 1 ? squareBelow : squareness,
});

/** A section of a sleeve as one about its middle: the inverse of {@link sleeveStation}. */
export function sectionOf(
  {
    at,
    above,
    below,
    halfWidth,
    widest = 0,
    squareAbove = 2,
    squareBelow = 2,
    side = 0,
  }: SleeveStation,
  upright: 1 | -1,
  sideways: 1 | -1,
): FleshStation {
  const [over, under] = upright === 1 ? [squareAbove, squareBelow] : [squareBelow, squareAbove];
  return {
    ...{ at, halfWidth, halfDepth: (above + below) / 2 },
    ...{ squareness: over, squareBelow: under, widest: upright * widest + 0 },
    ...{ up: (upright * (above - below)) / 2 + 0, side: sideways * side + 0 },
  };
}

/** The sections that hold for a bone: its own side's, or those of both sides. */
export function sectionsOf(
  shape: Shape,
  bone: Pick<Bone, 'id' | 'key' | 'side'>,
): readonly FleshStation[] | undefined {
  const own = shape.sections[bone.id];
  if (own !== undefined) return own;
  const both = shape.sections[bone.key];
  return bone.side === 'right' ? both?.map(mirroredStation) : both;
}

/**
 * The skeleton with the user's sections in place of the library's flesh, and fat on or off by
 * region, and eyes and features of the head of the user's own. The same object where the shape is the library's.
 */
export function shapedSkeleton(library: Skeleton, shape: Shape): Skeleton {
  const { sections, bulk, fatMm } = shape;
  const skeleton = withOwnFeatures(withOwnHead(library, shape.head), shape);
  const animal = withOwnEyes(skeleton.animal, shape.eyes);
  if ([sections, bulk, fatMm].every((entry) => Object.keys(entry).length === 0))
    return animal === skeleton.animal ? skeleton : { ...skeleton, animal };
  const bones = skeleton.bones.map((bone): Bone => {
    const own = sectionsOf(shape, bone);
    const flesh = own === undefined ? bone.flesh : withSections(skeleton.bones, bone, own);
    const region = skeleton.plan.regions.find((region) => region.bones.includes(bone.key));
    const fat = (region && fatMm[region.id]) ?? 0;
    return {
      ...bone,
      flesh: fat === 0 ? flesh : flesh.map((of) => (isApart(of) ? of : fattened(of, fat))),
    };
  });
  return { ...skeleton, animal, bones, byId: new Map(bones.map((bone) => [bone.id, bone])), bulk };
}
