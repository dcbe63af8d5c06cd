import type { BodyGrid } from '../body/bodyGrid.ts';
import type { BodyDecisions } from '../measure/measuredSkeleton.ts';
import type { Job } from './job.ts';

/** The body at rest and life size, shared out to its bones, of the animal that Measure decides; where its lengths are from does not matter. */
export function bodyJob(measure: BodyDecisions): Job<BodyDecisions, BodyGrid> {
  const input = bodyDecisions(measure);
  return { name: 'body', key: JSON.stringify(input), input, twoSteps: true };
}

/** What the body is read from: lengths without their provenance. */
export const bodyDecisions = (measure: BodyDecisions): BodyDecisions => ({
  animalId: measure.animalId,
  creature: measure.creature,
  extent: measure.extent,
  individual: measure.individual,
  lifeLengths: Object.fromEntries(
    Object.entries(measure.lifeLengths).map(([key, { mm }]) => [
      key,
      { mm, provenance: 'own', plusMinusMm: null, on: null },
    ]),
  ),
  // What stands off the skin is no flesh.
  shape: { ...measure.shape, features: {}, things: [] },
});
