import * as say from './words.ts';
import type { Marking } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { asInput, type Working } from '../piece/working.ts';
import type { TubePlan } from '../skin/tubePlan.ts';
import type { Tube } from '../skin/tubes.ts';
import { runOfBone, runsOf } from './runs.ts';

/** The girths of one long part at even places, from its front. */
export interface GirthAlong {
  readonly tubeId: string;
  readonly name: string;
  readonly places: readonly { readonly at: Working; readonly girth: Working }[];
}

/** Places along a part that its girth is told at. */
const PLACES = 10;

/** How thick a body is along each of its long parts that something is marked on, mm of the model. */
export function girthsAlong(
  skeleton: Skeleton,
  markings: readonly Marking[],
  tubes: readonly TubePlan[],
  scale: Working,
): readonly GirthAlong[] {
  const runs = new Set(
    markings.flatMap(({ places }) =>
      places.flatMap(({ boneId }) => runOfBone(skeleton, boneId)?.id ?? []),
    ),
  );
  const isMarked = ({ stations }: Tube): boolean =>
    runsOf(skeleton).some(({ id, bones }) => runs.has(id) && bones.has(stations[0]?.boneId ?? ''));
  return tubes
    .filter(({ tube }) => isMarked(tube))
    .map(({ tube }) => ({
      ...{ tubeId: tube.id, name: tube.name },
      places: Array.from({ length: PLACES + 1 }, (_, i) => placeOf(tube, i, scale)),
    }));
}

function placeOf(tube: Tube, n: number, scale: Working) {
  const atMm = (n * tube.lengthMm) / PLACES;
  const reading = {
    method: say.sectionsAlong,
    resolution: say.stationsOf(tube.stations.length),
    checkedBy: 'core/src/skin/tubes.test.ts',
  };
  const common = {
    stage: 'colour',
    unit: 'mm',
    digits: 1,
    provenance: 'derived',
    reading,
    inputs: [asInput('n', scale)],
    source: say.alongAxis,
  } as const;
  const id = `colour.along.${tube.id}.${n}`;
  return {
    at: { ...common, id: `${id}.at`, label: say.placeAlong(tube.name, n), value: atMm },
    girth: { ...common, id, label: say.girthAt(tube.name, n), value: girthAt(tube, atMm) },
  };
}

/** The girth at a length along a tube, straight between its stations. */
function girthAt({ stations }: Tube, atMm: number): number {
  const after = stations.findIndex((station) => station.atMm >= atMm);
  if (after <= 0) return stations[after < 0 ? stations.length - 1 : 0]!.girthMm;
  const [a, b] = [stations[after - 1]!, stations[after]!];
  return a.girthMm + ((b.girthMm - a.girthMm) * (atMm - a.atMm)) / (b.atMm - a.atMm);
}
