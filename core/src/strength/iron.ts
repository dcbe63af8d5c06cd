import type { BalancePlan } from '../balance/planBalance.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { input, type Working } from '../piece/working.ts';
import { GRAVITY } from '../stance/gaitSpeed.ts';
import { metalById } from '../wire/metals.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { Load } from './jointLoads.ts';
import { diameterForMoment, yieldMomentNmm } from './sections.ts';
import { WANTED_FACTOR } from './sizes.ts';

/** The iron as the one support: it pushes up with the whole weight where it meets the trunk. */
export const ironSupport = (iron: PlannedWire, grams: number): Load => ({
  boneId: iron.through[0]?.boneId ?? '',
  at: iron.route.points[1]!.at,
  grams: -grams,
});

/**
 * What the back iron bears at the base: the weight times how far the centre of mass lies beside it,
 * against the yield of its section. Moment in N·mm (statics).
 */
export function planIron(
  iron: PlannedWire,
  choice: Piece['wire'],
  balance: BalancePlan,
): { readonly workings: readonly Working[]; readonly snags: readonly Snag[] } {
  const metal = metalById(iron.metal, choice.ownMetals);
  const [x, , z] = iron.route.points[0]!.at;
  const leverMm = Math.hypot(balance.massCentre[0] - x, balance.massCentre[2] - z);
  const momentNmm = (balance.grams / 1000) * GRAVITY * leverMm;
  const yieldNmm = yieldMomentNmm(iron.diameterMm, metal.yieldMPa[2]);
  const percent = (100 * momentNmm) / yieldNmm;
  const leastMm = diameterForMoment(WANTED_FACTOR * momentNmm, metal.yieldMPa[2]);
  const target = { kind: 'wire', id: iron.id } as const;
  const share: Working = {
    id: `strength.${iron.id}.iron`,
    stage: 'wire',
    label: `${iron.id} ${iron.name}, at the base`,
    value: percent,
    unit: 'percent',
    provenance: 'derived',
    formula: 'share = W · l / M_y, with M_y = Y · πd³ / 32',
    inputs: [
      input('W', 'The whole piece', balance.grams, 'g', 'derived'),
      input('l', 'Centre of mass beside the iron', leverMm, 'mm', 'derived'),
      input('d', 'Iron', iron.diameterMm, 'mm', 'own'),
      input('Y', `Yield of ${metal.name}`, metal.yieldMPa[2], 'MPa', 'memory'),
    ],
    source: 'statics and strength of materials; over 100 % the iron gives',
    target,
  };
  const snags: Snag[] =
    percent <= 100
      ? []
      : [
          {
            code: 'iron-too-weak',
            grade: 'fix',
            stage: 'wire',
            target,
            facts: { percent, leverMm, leastMm },
          },
        ];
  return { workings: [share], snags };
}
