import { plural } from '../units/plural.ts';
import * as say from './words.ts';
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
  /** More speaks for it than against it, and nothing is to fix: it bears its load. */
  readonly suits: boolean;
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
 * practice). The best of those that bear their load comes first; every reason is told with its sign.
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
      const score = reasons.reduce((sum, { weight }) => sum + weight, 0);
      return {
        id: cost.scheme.id,
        score,
        suits: score > 0 && bears(cost),
        reasons: reasons.toSorted((a, b) => Math.abs(b.weight) - Math.abs(a.weight)),
      };
    })
    .toSorted((a, b) => Number(b.suits) - Number(a.suits) || b.score - a.score);
}

/** Whether the wires of a scheme hold their load under raw clay; clay without wire has none to give. */
const bears = ({ fixes, worst }: SchemeCost): boolean =>
  fixes === 0 && (worst === null || worst.value <= 100);

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
    ...when(fixes > 0, con(5, say.toFixBeforeIt(fixes, plural(fixes, say.things)))),
    ...(worst === null
      ? []
      : worst.value <= 100
        ? [pro(2, say.holdsRawClayIts(worst.value.toFixed(0)))]
        : [con(2, say.givesUnderRawClay(worst.value.toFixed(0)))]),
    ...when(minutes.value === quickest, pro(1, say.quickestToMake)),
  ];
}

/** What the schools hold a scheme good for. Common practice. */
const SCHOOL: Readonly<Record<SchemeId, (facts: Facts) => readonly Reason[]>> = {
  'bound-loops': ({ longestMm }) => [...when(longestMm >= TINY_MM, pro(1, say.eachWireCanBe))],
  'folded-pair': ({ limbs, grams }) => [
    limbs === 0 ? con(1, say.thereAreNoLimbs) : pro(0.5, say.noJointBetweenLeg),
    ...when(grams > HEAVY_G, con(1, say.heavyForWiresThat)),
  ],
  'base-rods': ({ feetDown, posable, grams }) => [
    ...when(feetDown === 0, con(2, say.noFootStandsOn)),
    ...when(feetDown === 1, con(1, say.onlyOneLegTo)),
    ...when(feetDown > 1 && grams > HEAVY_G, pro(2, say.heavyAndItsLegs)),
    ...when(posable, con(3, say.rodsInLegsCannot)),
  ],
  'back-iron': ({ feetDown, posable, grams }) => [
    ...when(feetDown === 0, con(2, say.stanceAlreadyHasIts)),
    ...when(feetDown === 1, pro(2, say.oneFootDownIs)),
    ...when(posable, pro(4, say.skeletonStaysSoftAnd)),
    ...when(grams > HEAVY_G && feetDown > 0, pro(1, say.heavyIronCarriesIt)),
    ...when(!posable, con(1, say.ironThatHasTo)),
  ],
  'coiled-trunk': ({ coilMm }) => [
    coilMm >= WIDE_FORMER_MM
      ? pro(0.5, say.itsBarrelTakesCoil(coilMm.toFixed(0)))
      : con(2, say.itsTrunkIsToo),
  ],
  'no-wire': ({ longestMm }) => [
    longestMm < TINY_MM
      ? pro(4, say.onlyMmLongClay(longestMm.toFixed(0)))
      : con(6, say.atMmItsLimbs(longestMm.toFixed(0))),
  ],
};
