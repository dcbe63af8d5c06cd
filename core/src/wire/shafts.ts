import * as say from './words.ts';
import type { Animal } from '../anatomy/animal.ts';
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
  /** Whether the user left it out. */
  readonly leftOut: boolean;
}

type Feature = NonNullable<Animal['features']>[number];

/** Key of a part made apart among the thin wires of the document. */
export const shaftKey = (featureId: string): string => `part-${featureId}`;

/**
 * Straight wires for the parts that the animal lists (claws, plumes, antennae, teeth): as long as the
 * part, and an end to bind or to stick into the clay. Parts too short to need one get none; the user
 * may give them one, or leave one out.
 */
export function planShafts(setting: WireSetting, carried: ReadonlySet<string>): readonly Shaft[] {
  const { animal, bones } = setting.stance.posed.skeleton;
  // A feature whose bone has a wire of its own to the tip needs no second one.
  const apart = (animal.features ?? []).filter(
    (feature) => !bones.some(({ key, id }) => key === feature.bone && carried.has(id)),
  );
  let count = 0;
  return apart.map((feature) => {
    const why = whyNone(setting, feature);
    return shaftOf(setting, feature, why, why === '' ? `P${++count}` : '');
  });
}

const lengthOf = ({ stance }: WireSetting, { size }: Feature): number =>
  size.mm * stance.posed.sizeFactor;

/** Why a part gets no wire, in words; empty where it gets one. */
function whyNone(setting: WireSetting, feature: Feature): string {
  const own = setting.wire.fine[shaftKey(feature.id)];
  if (own === null) return say.leftOutByYou;
  return own === undefined && lengthOf(setting, feature) < LEAST_FINE_MM ? say.tooShortToNeed : '';
}

function shaftOf(setting: WireSetting, feature: Feature, why: string, id: string): Shaft {
  const { stance, wire } = setting;
  const key = shaftKey(feature.id);
  const own = wire.fine[key];
  const lengthMm = lengthOf(setting, feature);
  const { mm, provenance } = feature.size;
  const inputs = [
    input('l', say.inLife(feature.name), mm, 'mm', provenance),
    input('size', say.ofLife, stance.posed.sizeFactor, 'ratio', 'derived'),
  ];
  const common = { stage: 'wire', unit: 'mm', provenance: 'derived' } as const;
  const usual = FINE_SIZES_MM.find((d) => d <= lengthMm * SHAFT_SHARE) ?? FINE_SIZES_MM.at(-1)!;
  const size: WireSize = own?.size ?? { system: 'mm', value: usual };
  const metal = metalById(own?.metal ?? wire.spine.metal, wire.ownMetals);
  const { tieEnd } = wire.allowancesMm;
  const cut: Working = {
    ...common,
    id: `wire.${id}.cut`,
    label: say.eachCut(id, feature.name),
    value: lengthMm + tieEnd,
    formula: 'l · size + a',
    inputs: [...inputs, input('a', say.endToStickIn, tieEnd, 'mm', 'own')],
    source: say.sizeOfPartIn,
  };
  return {
    key,
    id,
    name: feature.name,
    count: own?.count ?? feature.count,
    length: {
      ...common,
      id: `wire.shaft.${feature.id}.length`,
      label: say.each3(feature.name),
      value: lengthMm,
      formula: 'l · size',
      inputs,
      source: say.sizeOfPartInLibrary,
    },
    metal: metal.id,
    metalName: metal.name,
    densityKgM3: metal.densityKgM3,
    size,
    diameterMm: choiceDiameterMm({ size }),
    why,
    leftOut: own === null,
    cut: why === '' ? cut : null,
  };
}
