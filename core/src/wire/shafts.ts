import * as say from './words.ts';
import type { Fitting } from '../fittings/fittingsPlan.ts';
import { LEAST_WIRED_MM } from '../fittings/planFittings.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { FINE_SIZES_MM } from './fineDrafts.ts';
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
  /** The bone that its part sits on, or the left one of two. */
  readonly boneId: string;
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

/** Key of a part made apart among the thin wires of the document. */
export const shaftKey = (fittingId: string): string => `part-${fittingId}`;

/**
 * Straight wires for the parts made apart that are set in (claws, plumes, horns): as long as the
 * part, and an end to bind or to stick into the clay. Parts too short or thick to need one get none; the user
 * may give them one, or leave one out.
 */
export function planShafts(
  setting: WireSetting,
  fittings: readonly Fitting[],
  carried: ReadonlySet<string>,
): readonly Shaft[] {
  const { bones } = setting.stance.posed.skeleton;
  // What grows on a bone that has a wire of its own to the tip needs no second one.
  const isCarried = ({ made, boneId }: Fitting): boolean => {
    const key = bones.find(({ id }) => id === boneId)?.key;
    return made === 'grown' && bones.some((bone) => bone.key === key && carried.has(bone.id));
  };
  let count = 0;
  return fittings
    .filter((fitting) => fitting.kind.shape !== 'ball' && !isCarried(fitting))
    .map((fitting) => {
      const why = whyNone(setting, fitting);
      return shaftOf(setting, fitting, why, why === '' ? `P${++count}` : '');
    });
}

/** Why a part gets no wire, in words; empty where it gets one. */
function whyNone({ wire }: WireSetting, fitting: Fitting): string {
  const own = wire.fine[shaftKey(fitting.id)];
  if (own === null) return say.leftOutByYou;
  if (own !== undefined) return '';
  if (fitting.length.value < LEAST_WIRED_MM) return say.tooShortToNeed;
  return fitting.wired || fitting.made === 'grown' ? '' : say.holdsWithoutOne;
}

function shaftOf(setting: WireSetting, fitting: Fitting, why: string, id: string): Shaft {
  const { wire } = setting;
  const { name, boneId, count, length } = fitting;
  const key = shaftKey(fitting.id);
  const own = wire.fine[key];
  const lengthMm = length.value;
  const inputs = [asInput('l', length)];
  const common = { stage: 'wire', unit: 'mm', provenance: 'derived' } as const;
  const usual = FINE_SIZES_MM.find((d) => d <= lengthMm * SHAFT_SHARE) ?? FINE_SIZES_MM.at(-1)!;
  const size: WireSize = own?.size ?? { system: 'mm', value: usual };
  const metal = metalById(own?.metal ?? wire.spine.metal, wire.ownMetals);
  const { tieEnd } = wire.allowancesMm;
  const cut: Working = {
    ...common,
    id: `wire.${id}.cut`,
    label: say.eachCut(id, name),
    value: lengthMm + tieEnd,
    formula: 'l + a',
    inputs: [...inputs, input('a', say.endToStickIn, tieEnd, 'mm', 'own')],
    source: say.sizeOfPartIn,
  };
  return {
    ...{ key, id, name, boneId, size, why },
    count: own?.count ?? count,
    length: {
      ...common,
      id: `wire.shaft.${fitting.id}.length`,
      label: say.each3(name),
      value: lengthMm,
      formula: 'l',
      inputs,
      source: say.sizeOfPartInLibrary,
    },
    metal: metal.id,
    metalName: metal.name,
    densityKgM3: metal.densityKgM3,
    diameterMm: choiceDiameterMm({ size }),
    leftOut: own === null,
    cut: why === '' ? cut : null,
  };
}
