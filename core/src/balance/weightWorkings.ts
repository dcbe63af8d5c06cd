import type { Workpiece } from '../workshop/workpiece.ts';
import { common, type BalanceFacts } from './balanceFacts.ts';
import { asGiven, input, type Working } from '../piece/working.ts';
import { ballRadiusMm, WEIGHT_COVER_MM, WEIGHT_METALS } from './counterweight.ts';

/** The ball that fits a place under its cover: its radius is a reading of the body's sections. */
export const roomOf = (roomMm: number): Pick<Working, 'inputs'> & { readonly formula: string } => ({
  formula: 'd = 2 · (t − cover)',
  inputs: [
    input('t', 'Thickest half of the flesh', roomMm + WEIGHT_COVER_MM, 'mm', 'derived'),
    input('cover', 'Clay over it', WEIGHT_COVER_MM, 'mm', 'memory'),
  ],
});

/** A metal weight inside: what would be needed, or what was placed, as a ball with the room there. */
export function weightWorkings(
  { weight, weightRoomMm, places }: BalanceFacts,
  choice: Workpiece['stance'],
): Working[] {
  const metal = choice.weight?.metal ?? 'steel';
  const { name, gPerMl } = WEIGHT_METALS[metal];
  const ball = (grams: number, id: string, label: string): Working => ({
    ...common,
    id,
    label,
    value: 2 * ballRadiusMm(grams, gPerMl),
    unit: 'mm',
    formula: 'd = 2 · ∛(3 · m / (4 · π · ρ))',
    inputs: [
      input('m', 'Weight', grams, 'g', 'derived'),
      input('ρ', name, gPerMl, 'g/ml', 'memory'),
    ],
    source: 'solid geometry; densities from handbooks, from memory',
  });
  const best = places[0];
  const needed: Working[] =
    best === undefined
      ? []
      : [
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
            target: { kind: 'bone', id: best.boneId },
          },
          ball(best.grams, 'balance.weight.ball', `As a ball of ${name.toLowerCase()}, across`),
          {
            ...common,
            id: 'balance.weight.room',
            label: 'Room there under 2 mm of clay, across',
            value: 2 * best.roomMm,
            unit: 'mm',
            ...roomOf(best.roomMm),
            source: 'the sections of the body',
            target: { kind: 'bone', id: best.boneId },
          },
        ];
  if (weight === null) return needed;
  const at = { kind: 'bone', id: weight.boneId } as const;
  return [
    {
      ...common,
      id: 'balance.weight.placed',
      label: `${name} weight inside`,
      value: weight.grams,
      unit: 'g',
      provenance: 'own',
      ...asGiven('Set by you', weight.grams, 'g', 'own'),
      source: 'a decision of the piece',
      target: at,
    },
    { ...ball(weight.grams, 'balance.weight.placed.ball', 'As a ball, across'), target: at },
    {
      ...common,
      id: 'balance.weight.placed.room',
      label: 'Room there under 2 mm of clay, across',
      value: 2 * weightRoomMm,
      unit: 'mm',
      ...roomOf(weightRoomMm),
      source: 'the sections of the body',
      target: at,
    },
  ];
}
