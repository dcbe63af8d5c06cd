import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { common, type BalanceFacts } from './balanceFacts.ts';
import { asGiven, input, type Working } from '../piece/working.ts';
import { ballRadiusMm, WEIGHT_COVER_MM, WEIGHT_METALS, type WeightPlace } from './counterweight.ts';

/** The ball that fits a place under its cover: its radius is a reading of the body's sections. */
export const roomOf = (roomMm: number): Pick<Working, 'inputs'> & { readonly formula: string } => ({
  formula: 'd = 2 · (t − cover)',
  inputs: [
    input('t', say.thickestHalfOfFlesh, roomMm + WEIGHT_COVER_MM, 'mm', 'derived'),
    input('cover', say.clayOverIt, WEIGHT_COVER_MM, 'mm', 'memory'),
  ],
});

/** What the workings of a weight share: its metal. */
interface MetalOf {
  readonly name: string;
  readonly gPerMl: number;
}

const ball = ({ name, gPerMl }: MetalOf, grams: number, id: string, label: string): Working => ({
  ...common,
  id,
  label,
  value: 2 * ballRadiusMm(grams, gPerMl),
  unit: 'mm',
  formula: 'd = 2 · ∛(3 · m / (4 · π · ρ))',
  inputs: [
    input('m', say.weight, grams, 'g', 'derived'),
    input('ρ', name, gPerMl, 'g/ml', 'memory'),
  ],
  source: say.solidGeometryDensitiesFrom,
});

const room = (id: string, roomMm: number): Working => ({
  ...common,
  id,
  label: say.roomThereUnderMm,
  value: 2 * roomMm,
  unit: 'mm',
  ...roomOf(roomMm),
  source: say.sectionsOfBody,
});

/** A metal weight inside: what would be needed, or what was placed, as a ball with the room there. */
export function weightWorkings(
  { weight, weightRoomMm, places }: BalanceFacts,
  choice: Workpiece['stance'],
): readonly Working[] {
  const metal = WEIGHT_METALS[choice.weight?.metal ?? 'steel'];
  const needed = neededWorkings(metal, places[0]);
  if (weight === null) return needed;
  const target = { kind: 'bone', id: weight.boneId } as const;
  return [
    {
      ...common,
      id: 'balance.weight.placed',
      label: say.weightInside(metal.name),
      value: weight.grams,
      unit: 'g',
      provenance: 'own',
      ...asGiven(say.setByYou, weight.grams, 'g', 'own'),
      source: say.decisionOfPiece,
      target,
    },
    { ...ball(metal, weight.grams, 'balance.weight.placed.ball', say.asBallAcross), target },
    { ...room('balance.weight.placed.room', weightRoomMm), target },
  ];
}

/** The lightest weight that would do, at the best place for it; none where none is needed. */
function neededWorkings(metal: MetalOf, best: WeightPlace | undefined): readonly Working[] {
  if (best === undefined) return [];
  const target = { kind: 'bone', id: best.boneId } as const;
  const across = say.asBallOfAcross(metal.name.toLowerCase());
  return [
    {
      ...common,
      id: 'balance.weight.needed',
      label: say.weightThatWouldDo,
      value: best.grams,
      unit: 'g',
      reading: {
        method: say.leastWeightThereThat,
        resolution: say.wholeGrams,
        checkedBy: 'core/src/balance/balance.test.ts',
      },
      inputs: [],
      source: say.balanceOfMomentsAbout,
      target,
    },
    ball(metal, best.grams, 'balance.weight.ball', across),
    { ...room('balance.weight.room', best.roomMm), target },
  ];
}
