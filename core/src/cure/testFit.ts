import * as say from './words.ts';
import type { BodyPart, EyePlan } from '../fittings/fittingsPlan.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { PlacedMass } from '../body/supports.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import { ropeDiameterMm } from '../wire/twist.ts';
import type { Join, TestFit } from './curePlan.ts';

const common = { stage: 'cure', provenance: 'derived', unit: 'mm', digits: 1 } as const;

/** A hinge pin for a jaw or a half of a bill: of thin wire, and its hole so much wider, mm: common practice. */
const HINGE_PIN_MM = 0.8;
const HINGE_PLAY_MM = 0.1;
/** Without a wire of its own a part goes over a pin as thick as this, mm: common practice. */
const PLAIN_PIN_MM = 2;

/** What the trials are made from. */
export interface FitInputs {
  readonly skeleton: Skeleton;
  readonly bodyParts: readonly BodyPart[];
  readonly eyes: EyePlan | null;
  readonly joins: readonly Join[];
  readonly wires: readonly PlannedWire[];
  /** Between a part and the wire in it, all round, mm. */
  readonly clearanceMm: number;
}

/** What must slide over or into what, in the order in which it is tried, while it can still be changed: parts of the body over their wires first, then eyes, then what stands on pins. */
export function planFits(of: FitInputs): readonly TestFit[] {
  const parts = of.bodyParts.flatMap((part) => partFits(part, of));
  const eyes: readonly TestFit[] =
    of.eyes === null
      ? []
      : [
          {
            ...{ id: 'eyes', name: say.eyesInSockets, inner: of.eyes.ball, bore: of.eyes.socket },
            ...{ when: 'soft', how: say.tryEyes, stop: null },
          },
        ];
  const pins = of.joins.flatMap(({ fittingId, name, pin, drill, when }): readonly TestFit[] =>
    pin === null || drill === null
      ? []
      : [
          {
            ...{ id: fittingId, name: say.onItsPin(name), inner: pin, bore: drill, stop: null },
            ...{ when: when === 'before' ? 'soft' : 'baked', how: say.tryPin },
          },
        ],
  );
  return [...parts, ...eyes, ...pins];
}

/** A part of the body over its wire; a jaw on its hinge. */
function partFits(part: BodyPart, of: FitInputs): readonly TestFit[] {
  const { boneId, name } = part;
  const bone = of.skeleton.byId.get(boneId)!;
  const isJaw = bone.key === 'jaw';
  const wireMm = isJaw ? HINGE_PIN_MM : (wireThrough(of.wires, boneId) ?? PLAIN_PIN_MM);
  const play = isJaw ? HINGE_PLAY_MM : 2 * of.clearanceMm;
  const inner: Working = {
    ...common,
    ...{ id: `cure.fit.${boneId}.inner`, value: wireMm, formula: 'd' },
    label: isJaw ? say.hingePin : say.wireIn(name),
    inputs: [input('d', isJaw ? say.hingePin : say.wireIn(name), wireMm, 'mm', 'derived')],
    source: isJaw ? say.hingeCommonPractice : say.wiresOfArmature,
  };
  const bore: Working = {
    ...common,
    ...{ id: `cure.fit.${boneId}.bore`, label: say.boreOf(name), value: wireMm + play },
    formula: 'D = d + p',
    inputs: [asInput('d', inner), input('p', say.play, play, 'mm', isJaw ? 'memory' : 'own')],
    source: say.boreCommonPractice,
  };
  return [
    {
      ...{ id: boneId, name, inner, bore, when: 'soft' },
      how: isJaw ? say.tryHinge : say.tryOverWire,
      stop: isJaw ? stopOf(boneId, bone.joint.freedoms.flexion) : null,
    },
  ];
}

const stopOf = (
  boneId: string,
  flexion: { readonly minDeg: number; readonly maxDeg: number } | undefined,
): Working | null =>
  flexion === undefined
    ? null
    : {
        ...{ id: `cure.fit.${boneId}.stop`, stage: 'cure', provenance: 'memory', unit: 'deg' },
        label: say.hingeStops,
        value: Math.max(Math.abs(flexion.minDeg), Math.abs(flexion.maxDeg)),
        formula: 'x',
        inputs: [
          input(
            'x',
            say.jointLimit,
            Math.max(Math.abs(flexion.minDeg), Math.abs(flexion.maxDeg)),
            'deg',
            'memory',
          ),
        ],
        source: say.limitsOfPlan,
      };

/** How thick the wires through a bone are, twisted together, mm; undefined where none goes through. */
function wireThrough(wires: readonly PlannedWire[], boneId: string): number | undefined {
  const thick = wires.flatMap(({ through, diameterMm }) =>
    through
      .filter((carried) => carried.boneId === boneId)
      .map(({ strands }) => ropeDiameterMm(strands, diameterMm)),
  );
  return thick.length === 0 ? undefined : Math.max(...thick);
}

/** Clay and cores of each part of the body that is made apart, g: what its bones weigh, left and right together. */
export const bodyPartGrams = (
  parts: readonly BodyPart[],
  masses: readonly PlacedMass[],
  skeleton: Skeleton,
): readonly Working[] =>
  parts.map(({ boneId, name, boneIds, count }): Working => {
    const own = new Set(
      boneIds.flatMap((id) => (count === 2 ? [id, skeleton.byId.get(id)!.image] : [id])),
    );
    return {
      ...{ id: `cure.part.${boneId}.grams`, stage: 'cure', provenance: 'derived', unit: 'g' },
      label: say.partWeighs(name),
      value: masses.reduce((sum, { boneId: on, grams }) => sum + (own.has(on) ? grams : 0), 0),
      digits: 1,
      reading: {
        method: say.massesOfItsBones,
        resolution: say.cellsOfBody,
        checkedBy: 'core/src/cure/joins.test.ts',
      },
      inputs: [],
      source: say.cellsNearestBone,
    };
  });
