import { withOwnEyes } from './ownEyes.ts';
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

/** Sections from end to end of the bone: what stands nearest to an end holds up to it. */
function endToEnd(stations: readonly FleshStation[]): readonly FleshStation[] {
  const sorted = stations.toSorted((a, b) => a.at - b.at);
  const ends = [{ ...sorted[0]!, at: 0 }, ...sorted, { ...sorted.at(-1)!, at: 1 }];
  const apart = ends.reduce<readonly FleshStation[]>((kept, station) => {
    const before = kept.at(-1);
    return before === undefined || station.at - before.at >= LEAST_APART
      ? [...kept, station]
      : kept;
  }, []);
  // The far end is an end even where a section stands just before it.
  const last = apart.at(-1)!;
  return last.at < 1 ? [...apart.slice(0, -1), { ...last, at: 1 }] : apart;
}

/** The user's sections in place of a bone's flesh: those of its sleeve, or a body of their own. */
function withSections(
  { flesh, rest, key }: Pick<Bone, 'flesh' | 'rest' | 'key'>,
  own: readonly FleshStation[],
): readonly Flesh[] {
  // Where two sleeves meet on a bone, as neck and head on the skull, it is the one that is mostly there.
  const [sleeve] = flesh
    .filter((part) => 'sleeve' in part)
    .toSorted((a, b) => b.stations.length - a.stations.length);
  const curves = flesh.filter((part) => 'curve' in part);
  const stations = endToEnd(own);
  // A sleeve may run against its bone, and a bone of the column backwards: its sections lie upside down.
  const { stations: before, ...of } = sleeve ?? ownSleeve(key);
  const isReversed = before.length > 1 && before[0]!.at > before.at(-1)!.at;
  const isBack = of.faces === 'back' && rest[0] < 0;
  const made = stations.map((station) =>
    sleeveStation(station, isBack ? -1 : 1, isBack !== isReversed ? -1 : 1),
  );
  const shaped = { ...of, stations: isReversed ? made.toReversed() : made };
  return [shaped, ...(sleeve === undefined ? curves.filter(isApart) : curves)];
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
  { at, halfDepth, halfWidth, squareness, up, side }: FleshStation,
  upright: 1 | -1,
  sideways: 1 | -1,
): SleeveStation => ({
  ...{ at, halfWidth, side: side === 0 ? 0 : sideways * side },
  above: upright * up + halfDepth,
  below: halfDepth - upright * up,
  squareAbove: squareness,
  squareBelow: squareness,
});

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
 * region, and eyes of the user's own. The same object where the shape is the library's.
 */
export function shapedSkeleton(skeleton: Skeleton, shape: Shape): Skeleton {
  const { sections, bulk, fatMm } = shape;
  const animal = withOwnEyes(skeleton.animal, shape.eyes);
  if ([sections, bulk, fatMm].every((entry) => Object.keys(entry).length === 0))
    return animal === skeleton.animal ? skeleton : { ...skeleton, animal };
  const bones = skeleton.bones.map((bone): Bone => {
    const own = sectionsOf(shape, bone);
    const flesh = own === undefined ? bone.flesh : withSections(bone, own);
    const region = skeleton.plan.regions.find((region) => region.bones.includes(bone.key));
    const fat = (region && fatMm[region.id]) ?? 0;
    return {
      ...bone,
      flesh: fat === 0 ? flesh : flesh.map((boneFlesh) => fattened(boneFlesh, fat)),
    };
  });
  return { ...skeleton, animal, bones, byId: new Map(bones.map((bone) => [bone.id, bone])), bulk };
}
