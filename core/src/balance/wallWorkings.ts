import * as say from './words.ts';
import { common, type BalanceFacts } from './balanceFacts.ts';
import { inWallMm, type Wall } from '../body/wall.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { GRAVITY } from '../units/gravity.ts';
import { wallPullN } from './hangingPoint.ts';

/** The fixings of a plate lie this far from its edges, mm: common practice. */
export const FIXING_FROM_EDGE_MM = 15;

/** How far a piece stands out of its wall, and what the upper fixing of its plate bears. */
export function wallWorkings(
  { massCentre }: BalanceFacts,
  wall: Wall,
  plate: { readonly length: Working },
  grams: Working,
): readonly Working[] {
  const out: Working = {
    ...common,
    id: 'balance.wall.out',
    label: say.centreOfMassFrom,
    value: Math.max(0, -inWallMm(wall, massCentre)),
    unit: 'mm',
    reading: {
      method: say.squareToTheWall,
      resolution: say.oneCellOfBodys,
      checkedBy: 'core/src/balance/wall.test.ts',
    },
    source: say.statics,
  };
  const apart: Working = {
    ...common,
    id: 'balance.wall.apart',
    label: say.upperFixingAboveLower,
    value: Math.max(1, plate.length.value - 2 * FIXING_FROM_EDGE_MM),
    unit: 'mm',
    formula: 'H = l − 2 · e',
    inputs: [
      asInput('l', plate.length),
      input('e', say.fixingFromEdge, FIXING_FROM_EDGE_MM, 'mm', 'memory'),
    ],
    source: say.plateOnTwoFixings,
  };
  return [
    out,
    apart,
    {
      ...common,
      id: 'balance.wall.pull',
      label: say.pullOnUpperFixing,
      value: wallPullN(grams.value, out.value, apart.value, GRAVITY),
      unit: 'N',
      digits: 2,
      formula: 'F = m · g · d / H',
      inputs: [
        asInput('m', grams),
        input('g', say.gravity, GRAVITY, 'm/s2', 'published'),
        asInput('d', out),
        asInput('H', apart),
      ],
      source: say.plateTurnsAboutLower,
    },
  ];
}
