import { restPose } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { distance } from '../geometry/vec3.ts';
import { sleeveRuns } from './sleeve.ts';
import { sectionArea } from './sleeveSection.ts';

/**
 * Volume of the sleeves of a body at rest, life mm³, each by itself: areas of the sections times the way between
 * them. Where sleeves overlap it counts twice, so that it tells differences of one body's shapes and no volume.
 */
export const sleeveVolume = (skeleton: Skeleton): number =>
  sleeveRuns(restPose(skeleton)).reduce(
    (sum, { samples }) =>
      sum +
      samples.slice(1).reduce((run, to, i) => {
        const from = samples[i]!;
        return run + ((sectionArea(from) + sectionArea(to)) / 2) * distance(from.at, to.at);
      }, 0),
    0,
  );
