import { restPose } from '../anatomy/pose.ts';
import { thinnestRadius } from '../body/runRadius.ts';
import { skinParts } from '../body/skin.ts';
import * as say from './words.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { ROUND_SCALES } from './roundScales.ts';
import { input, type Working } from '../piece/working.ts';
import type { Provenance } from '../anatomy/provenance.ts';

/** What is made of something small, and the least that hands and clay can do: common practice. */
export const LEAST_MM = {
  /** A limb hides a wire of 0.8 mm under 0.6 mm of clay all round. */
  limb: 2,
  /** A claw, tooth or horn that can be held and set in. */
  feature: 1,
  /** A fin or membrane of clay that does not crack. */
  blade: 0.8,
  /** A lock, feather or scale that a fine needle can press. */
  stroke: 0.3,
  eye: 1,
} as const;
export type SmallKind = keyof typeof LEAST_MM;

/** Something small of the animal, in life and at a scale. */
export interface SmallThing {
  readonly kind: SmallKind;
  readonly name: string;
  readonly lifeMm: number;
  readonly provenance: Provenance;
  readonly boneId?: string;
}

/** The smallest of each kind on an animal: thinnest limb, smallest claw, thinnest fin, finest lock, eye. */
export function smallThings(skeleton: Skeleton): readonly SmallThing[] {
  const { animal, plan } = skeleton;
  const limbKeys = new Set(
    plan.parts
      .filter(({ kind }) => kind === 'limbs' || kind === 'wings' || kind === 'tail')
      .flatMap(({ keys }) => keys),
  );
  const flesh = skinParts(restPose(skeleton));
  const limbs = skeleton.bones
    .filter((bone) => bone.side !== 'right' && limbKeys.has(bone.key))
    .flatMap((bone): SmallThing[] => {
      const radius = thinnestRadius(flesh, bone.id);
      if (radius === 0) return [];
      return [
        {
          kind: 'limb',
          name: say.atItsThinnest(bone.plainName),
          lifeMm: 2 * radius,
          provenance: 'memory',
          boneId: bone.id,
        },
      ];
    });
  const features = (animal.features ?? []).map((feature): SmallThing => ({
    kind: 'feature',
    name: feature.name,
    lifeMm: feature.size.mm,
    provenance: feature.size.provenance,
  }));
  const blades = (animal.blades ?? []).map((blade): SmallThing => ({
    kind: 'blade',
    name: say.thickness(blade.name),
    lifeMm: blade.thickness.mm,
    provenance: blade.thickness.provenance,
  }));
  const strokes = animal.coat.flatMap((zone): SmallThing[] =>
    zone.lock === null
      ? []
      : [
          {
            kind: 'stroke',
            name: say.oneStrokeWide(zone.name),
            lifeMm: zone.lock.mm,
            provenance: zone.lock.provenance,
          },
        ],
  );
  const eye: SmallThing = {
    kind: 'eye',
    name: say.eyeAcross,
    lifeMm: animal.eye.mm,
    provenance: animal.eye.provenance,
  };
  return [...[limbs, features, blades, strokes].flatMap(smallest), eye];
}

const smallest = (things: readonly SmallThing[]): readonly SmallThing[] =>
  things.length === 0 ? [] : [things.reduce((a, b) => (b.lifeMm < a.lifeMm ? b : a))];

/** A small thing at a scale, and the least that can be made of its kind, mm. */
export interface SmallPart {
  readonly leastMm: number;
  readonly size: Working;
}

/** Each small thing at a scale. */
export const smallParts = (skeleton: Skeleton, lifePerModel: number): readonly SmallPart[] =>
  smallThings(skeleton).map((thing) => ({
    leastMm: LEAST_MM[thing.kind],
    size: sizeOf(thing, lifePerModel),
  }));

const sizeOf = (thing: SmallThing, lifePerModel: number): Working => ({
  id: `measure.small.${thing.kind}`,
  stage: 'measure',
  label: thing.name,
  value: thing.lifeMm / lifePerModel,
  unit: 'mm',
  digits: 2,
  provenance: 'derived',
  formula: 'l = L / n',
  inputs: [
    input('L', say.life(thing.name), thing.lifeMm, 'mm', thing.provenance),
    input('n', say.scale, lifePerModel, 'scale', 'own'),
  ],
  source: say.definitionOfScaleLess(LEAST_MM[thing.kind]),
  target:
    thing.boneId === undefined
      ? { kind: 'piece', id: 'piece' }
      : { kind: 'bone', id: thing.boneId },
});

/** The three round scales nearest to one, in order. */
export const roundScalesNear = (lifePerModel: number): readonly number[] =>
  ROUND_SCALES.toSorted(
    (a, b) => Math.abs(Math.log(a / lifePerModel)) - Math.abs(Math.log(b / lifePerModel)),
  )
    .slice(0, 3)
    .toSorted((a, b) => a - b);

/** An eye that is sold, and the scale at which it fits. */
export interface EyeFit {
  readonly eyeMm: number;
  readonly lifePerModel: number;
}

/** Eyes of whole and half millimetres (as they are sold; common practice) next to the one needed. */
export function eyeFits(lifeEyeMm: number, lifePerModel: number): readonly EyeFit[] {
  const wanted = lifeEyeMm / lifePerModel;
  const below = Math.max(0.5, Math.floor(wanted * 2) / 2);
  return [below, below + 0.5].map((eyeMm) => ({ eyeMm, lifePerModel: lifeEyeMm / eyeMm }));
}
