import { bodyGrid, COARSE_CELLS, FINE_CELLS, type BodyGrid } from '../body/bodyGrid.ts';
import { measuredSkeleton, type BodyDecisions } from '../measure/measuredSkeleton.ts';
import type { Job, JobKind } from './job.ts';

/** The body at rest and at life size, shared out to its bones. */
export const bodyWork: JobKind<BodyDecisions, BodyGrid> = {
  run: (of, told) => bodyGrid(measuredSkeleton(of), FINE_CELLS, told),
  coarse: (of, told) => bodyGrid(measuredSkeleton(of), COARSE_CELLS, told),
};

/** The body of the animal that Measure decides; where its lengths are from does not matter. */
export function bodyJob(measure: BodyDecisions): Job<BodyDecisions, BodyGrid> {
  const input = bodyDecisions(measure);
  return { ...bodyWork, name: 'body', key: JSON.stringify(input), input };
}

/** What the body is read from: lengths without their provenance. */
export const bodyDecisions = (measure: BodyDecisions): BodyDecisions => ({
  animalId: measure.animalId,
  creature: measure.creature,
  figure: measure.figure,
  lifeLengths: Object.fromEntries(
    Object.entries(measure.lifeLengths).map(([key, { mm }]) => [
      key,
      { mm, provenance: 'own', plusMinusMm: null, on: null },
    ]),
  ),
  shape: measure.shape,
});
