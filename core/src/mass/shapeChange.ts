import * as say from './words.ts';
import { sleeveVolume } from '../body/sleeveVolume.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { asInput, input, type Working } from '../piece/working.ts';

const MM3_PER_ML = 1000;

/**
 * What the user's shape weighs more or less than the library's: in life, and in clay on the model, from the sections
 * of their sleeves. Empty where the shape is the library's.
 */
export function shapeChange(
  { skeleton, librarySkeleton, lifePerModel, scale }: MeasurePlan,
  density: Working,
): readonly Working[] {
  const [own, library] = [sleeveVolume(skeleton), sleeveVolume(librarySkeleton)];
  if (Math.abs(own / library - 1) < 1e-9) return [];
  const common = { stage: 'mass', provenance: 'derived', source: say.sectionsOfSleeves } as const;
  const reading = [
    input('V', say.yourSleeves, own / MM3_PER_ML, 'ml', 'derived'),
    input('V₀', say.librarysSleeves, library / MM3_PER_ML, 'ml', 'derived'),
  ] as const;
  const gPerMl = skeleton.animal.density?.gPerMl ?? 1;
  return [
    {
      ...common,
      id: 'mass.shape.change.life',
      label: say.changeInLife,
      value: ((own - library) / MM3_PER_ML) * (gPerMl / 1000),
      unit: 'kg',
      formula: 'Δm = (V − V₀) · ρ / 1000',
      inputs: [...reading, input('ρ', say.densityOfBody, gPerMl, 'g/ml', 'memory')],
    },
    {
      ...common,
      id: 'mass.shape.change.clay',
      label: say.changeInClay,
      value: ((own - library) / MM3_PER_ML / lifePerModel ** 3) * density.value,
      unit: 'g',
      digits: 1,
      formula: 'Δm = (V − V₀) / n³ · ρ',
      inputs: [
        ...reading,
        input('n', say.scale, lifePerModel, 'scale', scale.provenance),
        asInput('ρ', density),
      ],
    },
  ];
}
