import { input, type Working } from '../piece/working.ts';
import { FINE_SIZES_MM, LEAST_FINE_MM } from './fineDrafts.ts';
import { metalById } from './metals.ts';
import type { WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';
import type { WireSize } from '../units/gauges.ts';

/** A shaft is about this share of its length thick: common practice. */
const SHAFT_SHARE = 1 / 30;

/** The straight wire inside a part that is made apart and set in: a claw, a plume, a bristle, a bill. */
export interface Shaft {
  /** Under which the user's choice is kept: "part-claws". */
  readonly key: string;
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** Length of the part on the model. */
  readonly length: Working;
  readonly metal: string;
  readonly metalName: string;
  readonly densityKgM3: number;
  readonly size: WireSize;
  readonly diameterMm: number;
  /** Null where it gets no wire; `why` says it. */
  readonly cut: Working | null;
  readonly why: string;
}

/** Key of a part made apart among the thin wires of the document. */
export const shaftKey = (featureId: string): string => `part-${featureId}`;

/**
 * Straight wires for the parts that the animal lists (claws, plumes, antennae, teeth): as long as the
 * part, and an end to bind or to stick into the clay. Parts too short to need one get none; the user
 * may give them one, or leave one out.
 */
export function planShafts(
  { stance, wire }: WireSetting,
  carried: ReadonlySet<string>,
): readonly Shaft[] {
  const { animal, bones } = stance.posed.skeleton;
  let count = 0;
  return (animal.features ?? []).flatMap((feature): readonly Shaft[] => {
    // A feature whose bone has a wire of its own to the tip needs no second one.
    if (bones.some(({ key, id }) => key === feature.bone && carried.has(id))) return [];
    const key = shaftKey(feature.id);
    const own = wire.fine[key];
    const lengthMm = feature.size.mm * stance.posed.sizeFactor;
    const ofLife = input('size', 'Of life', stance.posed.sizeFactor, 'ratio', 'derived');
    const life = input(
      'l',
      `${feature.name} in life`,
      feature.size.mm,
      'mm',
      feature.size.provenance,
    );
    const length: Working = {
      id: `wire.shaft.${feature.id}.length`,
      stage: 'wire',
      label: `${feature.name}, each`,
      value: lengthMm,
      unit: 'mm',
      provenance: 'derived',
      formula: 'l · size',
      inputs: [life, ofLife],
      source: 'size of the part in the library',
    };
    const usual = FINE_SIZES_MM.find((d) => d <= lengthMm * SHAFT_SHARE) ?? FINE_SIZES_MM.at(-1)!;
    const size: WireSize = own?.size ?? { system: 'mm', value: usual };
    const metal = metalById(own?.metal ?? wire.spine.metal, wire.ownMetals);
    const why =
      own === null
        ? 'left out by you'
        : own === undefined && lengthMm < LEAST_FINE_MM
          ? 'too short to need a wire'
          : '';
    const id = why === '' ? `P${++count}` : '';
    const { tieEnd } = wire.allowancesMm;
    return [
      {
        key,
        id,
        name: feature.name,
        count: own?.count ?? feature.count,
        length,
        metal: metal.id,
        metalName: metal.name,
        densityKgM3: metal.densityKgM3,
        size,
        diameterMm: choiceDiameterMm({ size }),
        why,
        cut:
          why !== ''
            ? null
            : {
                id: `wire.${id}.cut`,
                stage: 'wire',
                label: `${id} ${feature.name}, each cut`,
                value: lengthMm + tieEnd,
                unit: 'mm',
                provenance: 'derived',
                formula: 'l · size + a',
                inputs: [life, ofLife, input('a', 'End to stick in or bind', tieEnd, 'mm', 'own')],
                source: 'size of the part in the library; the end is common practice',
              },
      },
    ];
  });
}
