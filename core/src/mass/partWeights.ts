import * as say from './words.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { BodyGrid } from '../body/bodyGrid.ts';
import { asInput, input, type Working } from '../piece/working.ts';

/**
 * What share of the whole animal's weight a part usually has, per cent, by plan and part of the plan.
 * From general knowledge of dressed and dissected animals (memory): wide, and only where known.
 */
const USUAL_SHARES: Readonly<Record<string, Readonly<Record<string, readonly [number, number]>>>> =
  {
    'four-footed-mammal': {
      head: [6, 22],
      trunk: [38, 75],
      forelegs: [7, 24],
      hindlegs: [8, 28],
    },
    bird: { trunk: [45, 80], legs: [3, 25] },
  };

/** What each part of the body would weigh at life size, kg or g, with its share of the whole. */
export function partWeights(
  body: BodyGrid,
  skeleton: Skeleton,
  whole: Working,
): readonly Working[] {
  // Small animals are told in grams.
  const light = whole.value < 1;
  const per = light ? 1000 : 1;
  const volumes = new Map(body.bones.map((bone) => [bone.boneId, bone.volumeMm3]));
  return skeleton.plan.parts.flatMap((part): Working[] => {
    const mm3 = skeleton.bones
      .filter((bone) => part.keys.includes(bone.key))
      .reduce((sum, bone) => sum + (volumes.get(bone.id) ?? 0), 0);
    if (mm3 === 0) return [];
    const value = (whole.value * mm3) / body.volumeMm3;
    const usual = USUAL_SHARES[skeleton.plan.id]?.[part.id];
    return [
      {
        id: `mass.part.${part.id}.life`,
        stage: 'mass',
        label: say.atLifeSize(part.name),
        value: value * per,
        unit: light ? 'g' : 'kg',
        provenance: 'derived',
        formula: 'm = M · v / V',
        inputs: [
          asInput('M', whole),
          input('v', say.fleshOfThisPart, mm3 / 1000, 'ml', 'derived'),
          input('V', say.wholeBody, body.volumeMm3 / 1000, 'ml', 'derived'),
        ],
        source: say.cellsNearestToParts(
          ((100 * mm3) / body.volumeMm3).toFixed(0),
          usual === undefined ? '' : say.usuallyToMemory(usual[0], usual[1]),
        ),
        ...(usual === undefined
          ? {}
          : {
              range: [
                (per * whole.value * usual[0]) / 100,
                (per * whole.value * usual[1]) / 100,
              ] as const,
            }),
      },
    ];
  });
}
