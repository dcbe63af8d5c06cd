import * as say from './words.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { bodyStations } from '../body/stations.ts';
import type { Working } from '../piece/working.ts';

/** How heavy a body is for its kind, in plain words, and where that comes from. */
export interface Condition {
  readonly sentence: string;
  /** Where on the column it differs most from the library's body; null where it does not. */
  readonly place: { readonly bone: string; readonly at: number; readonly percent: number } | null;
}

/** A station differs from the library's body when its section does by this share. */
const LEAST_DIFFERENCE = 0.03;

/**
 * The condition of an animal from its weight at life size in its usual range: the lower and upper
 * quarter are lean and heavy. The place is the station whose section (width times depth) differs most
 * from the library's; in the direction of the fault where the weight is out of its range.
 */
export function conditionOf(weight: Working, shaped: Skeleton, library: Skeleton): Condition {
  const range = weight.range;
  if (range === undefined) return { sentence: say.nothingIsKnownOf, place: null };
  const [low, high] = range;
  const kg = weight.value;
  const place = differingPlace(shaped, library, kg > high ? 1 : kg < low ? -1 : null);
  const at = place === null ? '' : `: ${placeWords(place)}`;
  if (kg > high) return { sentence: say.tooHeavyBy(shareWords(kg / high - 1), at), place };
  if (kg < low) return { sentence: say.tooLightBy(shareWords(1 - kg / low), at), place };
  const share = (kg - low) / (high - low);
  const words =
    share < 0.25 ? say.leanAnimal : share > 0.75 ? say.heavyAnimal : say.animalInUsualCondition;
  return { sentence: `${words}${place === null ? '' : at}.`, place };
}

const placeWords = (place: NonNullable<Condition['place']>): string =>
  say.isRoundThanUsual(
    place.bone.toLowerCase(),
    Math.abs(place.percent).toFixed(0),
    place.percent > 0 ? 'larger' : 'smaller',
    Math.round(place.at * 100),
  );

const FRACTIONS = [
  [1 / 10, say.tenth],
  [1 / 8, say.eighth],
  [1 / 6, say.sixth],
  [1 / 5, say.fifth],
  [1 / 4, say.quarter],
  [1 / 3, say.third],
  [1 / 2, say.half],
] as const;

/** A share in words: the nearest of the fractions that people say. */
export function shareWords(share: number): string {
  if (share < 0.07) return say.little;
  if (share > 0.6) return `${(share * 100).toFixed(0)} %`;
  const nearest = FRACTIONS.reduce((best, fraction) =>
    Math.abs(fraction[0] - share) < Math.abs(best[0] - share) ? fraction : best,
  );
  return nearest[1];
}

function differingPlace(
  shaped: Skeleton,
  library: Skeleton,
  fault: 1 | -1 | null,
): Condition['place'] {
  if (shaped === library) return null;
  const usual = new Map(
    bodyStations(library).map((bodyStation) => [
      `${bodyStation.boneId} ${bodyStation.at}`,
      bodyStation.widthMm * bodyStation.depthMm,
    ]),
  );
  let best: Condition['place'] = null;
  for (const bodyStation of bodyStations(shaped)) {
    const before = usual.get(`${bodyStation.boneId} ${bodyStation.at}`);
    if (before === undefined || before === 0) continue;
    // The girth goes with the root of the section.
    const share = Math.sqrt((bodyStation.widthMm * bodyStation.depthMm) / before) - 1;
    const sign = fault ?? Math.sign(share);
    if (share * sign < LEAST_DIFFERENCE) continue;
    if (best === null || share * sign > Math.abs(best.percent) / 100)
      best = { bone: bodyStation.boneName, at: bodyStation.at, percent: share * 100 };
  }
  return best;
}
