import type { Workpiece } from '../workshop/workpiece.ts';
import { common, type BalanceFacts } from './balanceFacts.ts';
import { asGiven, input, type Working } from '../piece/working.ts';
import { ballRadiusMm, WEIGHT_COVER_MM, WEIGHT_METALS, type WeightPlace } from './counterweight.ts';

/** The ball that fits a place under its cover: its radius is a reading of the body's sections. */
export const roomOf = (roomMm: number): Pick<Working, 'inputs'> & { readonly formula: string } => ({
  formula: 'd = 2 · (t − cover)',
  inputs: [
    input('t', 'Thickest half of the flesh', roomMm + WEIGHT_COVER_MM, 'mm', 'derived'),
    input('cover', 'Clay over it', WEIGHT_COVER_MM, 'mm', 'memory'),
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
  inputs: [input('m', 'Weight', grams, 'g', 'derived'), input('ρ', name, gPerMl, 'g/ml', 'memory')],
  source: 'solid geometry; densities from handbooks, from memory',
});

const room = (id: string, roomMm: number): Working => ({
  ...common,
  id,
  label: 'Room there under 2 mm of clay, across',
  value: 2 * roomMm,
  unit: 'mm',
  ...roomOf(roomMm),
  source: 'the sections of the body',
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
      label: `${metal.name} weight inside`,
      value: weight.grams,
      unit: 'g',
      provenance: 'own',
      ...asGiven('Set by you', weight.grams, 'g', 'own'),
      source: 'a decision of the piece',
      target,
    },
    { ...ball(metal, weight.grams, 'balance.weight.placed.ball', 'As a ball, across'), target },
    { ...room('balance.weight.placed.room', weightRoomMm), target },
  ];
}

/** The lightest weight that would do, at the best place for it; none where none is needed. */
function neededWorkings(metal: MetalOf, best: WeightPlace | undefined): readonly Working[] {
  if (best === undefined) return [];
  const target = { kind: 'bone', id: best.boneId } as const;
  const across = `As a ball of ${metal.name.toLowerCase()}, across`;
  return [
    {
      ...common,
      id: 'balance.weight.needed',
      label: 'A weight that would do',
      value: best.grams,
      unit: 'g',
      reading: {
        method:
          'the least weight there that brings the centre inside every edge by the wanted margin, and 2 % more',
        resolution: 'whole grams',
        checkedBy: 'core/src/balance/balance.test.ts',
      },
      inputs: [],
      source: 'balance of moments about the edges of the outline',
      target,
    },
    ball(metal, best.grams, 'balance.weight.ball', across),
    { ...room('balance.weight.room', best.roomMm), target },
  ];
}
