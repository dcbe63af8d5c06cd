import * as say from './words.ts';
import type { Bone, Skeleton } from '../../anatomy/skeleton.ts';
import type { Provenance } from '../../anatomy/provenance.ts';
import type { References } from '../../piece/referencesSchema.ts';
import { readingsOf, type ReadingSummary } from '../readings.ts';
import type { BoneFound } from './boneLengths.ts';
import { COVERAGE } from './precision.ts';

/** Left against right of one bone, life mm. */
export interface SidesCompared {
  readonly key: string;
  readonly name: string;
  readonly leftMm: number;
  readonly rightMm: number;
  /** Left less right. */
  readonly differenceMm: number;
  /** What the two readings leave open, with 95 %. */
  readonly plusMinusMm: number;
  /** Whether the difference is more than the readings leave open. */
  readonly clear: boolean;
}

/** A life length that can be taken over: of a bone, left and right alike. */
export interface FoundLength {
  readonly key: string;
  readonly name: string;
  readonly bone: Bone;
  readonly mm: number;
  readonly plusMinusMm: number;
  readonly provenance: Extract<Provenance, 'photo' | 'measured'>;
  /** What it was found on. */
  readonly parts: readonly {
    readonly label: string;
    readonly mm: number;
    readonly plusMinusMm: number;
  }[];
  /** What the plan has now. */
  readonly nowMm: number;
  readonly nowFrom: Provenance;
  readonly outOfRange: boolean;
}

/** A length with how sure it is, for the weighted mean. */
interface Part {
  readonly label: string;
  readonly mm: number;
  readonly plusMinusMm: number;
}

/** Lengths by bone key: tape and caliper before pictures, the mean of left and right. */
export function foundLengths(
  skeleton: Skeleton,
  photographed: ReadonlyMap<string, BoneFound>,
  references: References,
): readonly FoundLength[] {
  const keys = [...new Set(skeleton.bones.map((bone) => bone.key))];
  return keys.flatMap((key): FoundLength[] => {
    const bones = skeleton.bones.filter((bone) => bone.key === key);
    const taped = bones.flatMap((bone) => tapePart(bone, references));
    const traced = bones.flatMap((bone) => photoPart(photographed.get(bone.id)));
    const parts = taped.length > 0 ? taped : traced;
    const first = bones[0]!;
    if (parts.length === 0) return [];
    const { mm, plusMinusMm } = weighted(parts);
    return [
      {
        key,
        name: first.plainName,
        bone: first,
        mm,
        plusMinusMm,
        provenance: taped.length > 0 ? 'measured' : 'photo',
        parts,
        nowMm: first.lifeLengthMm,
        nowFrom: first.provenance,
        outOfRange: mm < first.range[0] || mm > first.range[1],
      },
    ];
  });
}

const sideWords = (bone: Bone): string =>
  bone.side === 'mid' ? '' : bone.side === 'left' ? ' left' : ' right';

function tapePart(bone: Bone, { readings, specimen }: References): readonly Part[] {
  const summary = readingsOf(readings[bone.id] ?? []);
  return summary === undefined
    ? []
    : [
        {
          label: say.tapeOrCaliper(sideWords(bone)),
          ...inLife(summary, specimen.lifePerSpecimen),
        },
      ];
}

const inLife = (
  { value, plusMinusMm }: ReadingSummary,
  lifePerSpecimen: number,
): Pick<Part, 'mm' | 'plusMinusMm'> => ({
  mm: value * lifePerSpecimen,
  plusMinusMm: plusMinusMm * lifePerSpecimen,
});

const photoPart = (found: BoneFound | undefined): readonly Part[] =>
  found === undefined || !found.whole
    ? []
    : [
        {
          label: say.pictures(sideWords(found.bone)),
          mm: found.mm,
          plusMinusMm: found.plusMinusMm,
        },
      ];

/**
 * The mean weighed by 1/σ². Both sides are read off the same pictures with the same scale, so their
 * errors are not taken as independent: the range is the mean of theirs, not narrower.
 */
function weighted(parts: readonly Part[]): Pick<Part, 'mm' | 'plusMinusMm'> {
  const weights = parts.map(({ plusMinusMm }) => 1 / Math.max(plusMinusMm, 1e-6) ** 2);
  const total = weights.reduce((sum, w) => sum + w, 0);
  const mean = (of: (part: Part) => number): number =>
    parts.reduce((sum, part, i) => sum + of(part) * weights[i]!, 0) / total;
  return { mm: mean(({ mm }) => mm), plusMinusMm: mean(({ plusMinusMm }) => plusMinusMm) };
}

/** Left against right wherever both are known, the clearest difference first. */
export function sidesCompared(
  skeleton: Skeleton,
  photographed: ReadonlyMap<string, BoneFound>,
  references: References,
): readonly SidesCompared[] {
  const lengthOf = (bone: Bone | undefined): Part | undefined =>
    bone && (tapePart(bone, references)[0] ?? photoPart(photographed.get(bone.id))[0]);
  const rows = skeleton.bones
    .filter((bone) => bone.side === 'left')
    .flatMap((bone): SidesCompared[] => {
      const left = lengthOf(bone);
      const right = lengthOf(
        skeleton.bones.find((other) => other.key === bone.key && other.side === 'right'),
      );
      if (left === undefined || right === undefined) return [];
      const differenceMm = left.mm - right.mm;
      const plusMinusMm = Math.hypot(left.plusMinusMm, right.plusMinusMm);
      return [
        {
          key: bone.key,
          name: bone.plainName,
          leftMm: left.mm,
          rightMm: right.mm,
          differenceMm,
          plusMinusMm,
          clear: Math.abs(differenceMm) > plusMinusMm,
        },
      ];
    });
  const surely = ({ differenceMm, plusMinusMm }: SidesCompared): number =>
    Math.abs(differenceMm) / Math.max(plusMinusMm, COVERAGE * 1e-6);
  return rows.toSorted((a, b) => surely(b) - surely(a));
}
