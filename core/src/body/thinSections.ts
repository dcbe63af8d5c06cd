import { restPose, posedBone } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { add, distance, lerp, ORIGIN, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import type { BoneMass } from './bodyGrid.ts';
import { domeLength, sectionArea, sectionMiddle, type AxisSample } from './sleeveSection.ts';
import { skinParts, type SkinPart, type SleevePart } from './skin.ts';

/** Volume and middle of one part of flesh, mm³ and mm. */
interface Lump {
  readonly volume: number;
  readonly centre: Vec3;
}

const BALL = (4 / 3) * Math.PI;

/** An ellipsoid, 4/3·π·abc, or a run of a sleeve. */
function lumpOf(part: SkinPart): Lump {
  if (part.kind === 'sleeve') return sleeveLump(part);
  const [a, b, c] = part.radii;
  return { volume: BALL * a * b * c, centre: part.centre };
}

/** A run of a sleeve as slices from sample to sample, with half an ellipsoid for each dome. */
function sleeveLump({ samples, domes }: SleevePart): Lump {
  const slices = samples.slice(1).map((sample, i): Lump => {
    const before = samples[i]!;
    const area = (sectionArea(before) + sectionArea(sample)) / 2;
    return {
      volume: area * distance(before.at, sample.at),
      centre: lerp(sectionMiddle(before), sectionMiddle(sample), 0.5),
    };
  });
  const dome = (sample: AxisSample): Lump => ({
    volume: (2 / 3) * sectionArea(sample) * domeLength(sample),
    centre: sectionMiddle(sample),
  });
  const all = [
    ...slices,
    ...(domes[0] ? [dome(samples[0]!)] : []),
    ...(domes[1] ? [dome(samples.at(-1)!)] : []),
  ];
  const volume = all.reduce((sum, lump) => sum + lump.volume, 0);
  const centre = all.reduce<Vec3>(
    (sum, lump) => add(sum, scale(lump.centre, lump.volume / volume)),
    ORIGIN,
  );
  return { volume, centre };
}

/**
 * Masses of thin sections: what each bone's parts of flesh measure by themselves, life size. They
 * overlap where they meet, so the whole comes out too large; for a centre of mass it is near enough
 * until the body is worked out cell by cell.
 */
export function thinSections(skeleton: Skeleton): readonly BoneMass[] {
  const before = known.get(skeleton);
  if (before !== undefined) return before;
  const made = masses(skeleton);
  known.set(skeleton, made);
  return made;
}

const known = new WeakMap<Skeleton, readonly BoneMass[]>();

function masses(skeleton: Skeleton): readonly BoneMass[] {
  const posed = restPose(skeleton);
  const sums = new Map<string, Lump>();
  for (const part of skinParts(posed)) {
    const lump = lumpOf(part);
    const others = sums.get(part.boneId);
    const volume = lump.volume + (others?.volume ?? 0);
    const centre =
      others === undefined
        ? lump.centre
        : add(others.centre, scale(sub(lump.centre, others.centre), lump.volume / volume));
    sums.set(part.boneId, { volume, centre });
  }
  return [...sums].map(([boneId, { volume, centre }]) => ({
    boneId,
    volumeMm3: volume,
    centre: sub(centre, posedBone(posed, boneId).start),
  }));
}
