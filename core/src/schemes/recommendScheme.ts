import { greatest, least } from '../geometry/extremes.ts';
import { boxSize } from '../geometry/box.ts';
import { bodyBox } from '../body/blades.ts';
import type { SchemeId } from '../piece/wireSchema.ts';
import type { SchemeCase, SchemeCost } from './compareSchemes.ts';

/** One thing that speaks for a scheme, or against it, with its weight. */
export interface Reason {
  readonly weight: number;
  readonly text: string;
}

/** A scheme with what speaks for and against it. */
export interface SchemeAdvice {
  readonly id: SchemeId;
  readonly score: number;
  readonly reasons: readonly Reason[];
}

/** A piece shorter than this in every direction needs no wire, mm: common practice. */
const TINY_MM = 50;
/** A piece heavier than this wants stiff legs or an iron, g: common practice. */
const HEAVY_G = 600;
/** A former at least this wide makes a coil worth its winding, mm: common practice. */
const WIDE_FORMER_MM = 30;

/**
 * Which scheme suits the piece: each is weighed by what was worked out for it (what it bears, what
 * would be to fix, how long it takes) and by what the makers of each school hold it good for (common
 * practice). The best comes first; every reason is told with its sign.
 */
export function recommendScheme(
  of: SchemeCase,
  costs: readonly SchemeCost[],
): readonly SchemeAdvice[] {
  const times = costs
    .filter(({ scheme }) => scheme.id !== 'no-wire')
    .map(({ minutes }) => minutes.value);
  const quickest = least(times);
  return costs
    .map((cost): SchemeAdvice => {
      const reasons = [...reckoned(cost, quickest), ...SCHOOL[cost.scheme.id](factsOf(of, cost))];
      return {
        id: cost.scheme.id,
        score: reasons.reduce((sum, { weight }) => sum + weight, 0),
        reasons: reasons.toSorted((a, b) => Math.abs(b.weight) - Math.abs(a.weight)),
      };
    })
    .toSorted((a, b) => b.score - a.score);
}

interface Facts {
  readonly grams: number;
  readonly longestMm: number;
  readonly feetDown: number;
  readonly limbs: number;
  readonly posable: boolean;
  readonly coilMm: number;
}

function factsOf({ piece, stance, balance }: SchemeCase, { wire }: SchemeCost): Facts {
  const coil = wire.wires
    .flatMap(({ lines }) => lines)
    .find(({ id }) => id.endsWith('.coil'))
    ?.inputs.find(({ symbol }) => symbol === 'D')?.value;
  return {
    grams: balance.grams,
    longestMm: greatest(boxSize(bodyBox(stance.posed))),
    feetDown: stance.feet.filter(({ contact, down }) => down && contact.kind === 'foot').length,
    limbs: stance.posed.skeleton.plan.limbPairs.length - stance.folded.length,
    posable: piece.wire.posable,
    coilMm: coil ?? 0,
  };
}

const pro = (weight: number, text: string): Reason => ({ weight, text });
const con = (weight: number, text: string): Reason => ({ weight: -weight, text });
const when = (holds: boolean, reason: Reason): readonly Reason[] => (holds ? [reason] : []);

/** What follows from the scheme's own plan. */
function reckoned({ fixes, worst, minutes }: SchemeCost, quickest: number): readonly Reason[] {
  return [
    ...when(
      fixes > 0,
      con(5, `${fixes} ${fixes === 1 ? 'thing' : 'things'} to fix before it can be built`),
    ),
    ...(worst === null
      ? []
      : worst.value <= 100
        ? [
            pro(
              2,
              `holds the raw clay: its worst joint bears ${worst.value.toFixed(0)} % of what bends it`,
            ),
          ]
        : [
            con(
              2,
              `gives under the raw clay: its worst joint bears ${worst.value.toFixed(0)} % of what bends it`,
            ),
          ]),
    ...when(minutes.value === quickest, pro(1, 'the quickest to make')),
  ];
}

/** What the schools hold a scheme good for. Common practice. */
const SCHOOL: Readonly<Record<SchemeId, (facts: Facts) => readonly Reason[]>> = {
  'bound-loops': ({ longestMm }) => [
    ...when(longestMm >= TINY_MM, pro(1, 'each wire can be made again on its own')),
  ],
  'folded-pair': ({ limbs, grams }) => [
    limbs === 0
      ? con(1, 'there are no limbs to run its ends into')
      : pro(0.5, 'no joint between leg and trunk that could slip'),
    ...when(grams > HEAVY_G, con(1, 'heavy for wires that cannot be replaced one by one')),
  ],
  'base-rods': ({ feetDown, posable, grams }) => [
    ...when(feetDown === 0, con(2, 'no foot stands on the base')),
    ...when(feetDown === 1, con(1, 'only one leg to put a rod into')),
    ...when(feetDown > 1 && grams > HEAVY_G, pro(2, 'heavy, and its legs stand on the base')),
    ...when(posable, con(3, 'rods in the legs cannot be re-posed')),
  ],
  'back-iron': ({ feetDown, posable, grams }) => [
    ...when(feetDown === 0, con(2, 'the stance already has its rods, so an iron adds nothing')),
    ...when(feetDown === 1, pro(2, 'one foot down is one point of fixing: an iron is the second')),
    ...when(posable, pro(4, 'the skeleton stays soft and can be posed again')),
    ...when(
      grams > HEAVY_G && feetDown > 0,
      pro(1, 'heavy: the iron carries it while it is built'),
    ),
    ...when(!posable, con(1, 'an iron that has to be hidden or cut off')),
  ],
  'coiled-trunk': ({ coilMm }) => [
    coilMm >= WIDE_FORMER_MM
      ? pro(0.5, `its barrel takes a coil on a ${coilMm.toFixed(0)} mm former, which saves a core`)
      : con(2, 'its trunk is too slender or too bent for a coil'),
  ],
  'no-wire': ({ longestMm }) => [
    longestMm < TINY_MM
      ? pro(4, `only ${longestMm.toFixed(0)} mm long: clay alone holds`)
      : con(6, `at ${longestMm.toFixed(0)} mm its limbs would droop and break without wire`),
  ],
};
