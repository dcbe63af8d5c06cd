import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { baseWorkings } from './baseWorkings.ts';
import { hangingWorkings } from './hangingWorkings.ts';
import { wallWorkings } from './wallWorkings.ts';
import { weightWorkings } from './weightWorkings.ts';
import { type BalanceFacts, common } from './balanceFacts.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { directionText, worstDirection } from './tipRose.ts';

/** The numbers of how a stance stands, hangs or is held on a wall. */
export function balanceWorkings(
  facts: BalanceFacts,
  choice: Workpiece['stance'],
  measure: MeasurePlan,
  stance: StancePlan,
  massKnown: boolean,
  plate: { readonly length: Working },
): readonly Working[] {
  const height: Working = {
    ...common,
    id: 'balance.height',
    label: say.centreOfMassAbove,
    value: facts.massCentre[1],
    unit: 'mm',
    provenance: facts.exact ? 'derived' : 'memory',
    reading: {
      method: say.meanHeightOfClay,
      resolution: facts.exact ? say.oneCellOfBodys : say.fewSectionsOfEach,
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    source: facts.exact ? say.staticsEachCellOf : say.staticsThinSectionsOf,
  };
  const grams: Working = {
    ...common,
    id: 'balance.grams',
    label: say.weightOfPiece,
    value: facts.grams,
    unit: 'g',
    provenance: massKnown ? 'derived' : 'memory',
    formula: facts.weight === null ? 'm = body' : 'm = body + weight',
    inputs: [
      input(
        'body',
        say.clayCoresAndWires,
        facts.grams - (facts.weight?.grams ?? 0),
        'g',
        massKnown ? 'derived' : 'memory',
      ),
      ...(facts.weight === null
        ? []
        : [input('weight', say.metalWeightInside, facts.weight.grams, 'g' as const, 'own')]),
    ],
    source: massKnown ? say.stageMass : say.volumeAtGMl,
  };
  const weight = weightWorkings(facts, choice);
  if (stance.wall !== null)
    return [grams, ...weight, ...wallWorkings(facts, stance.wall, plate, grams)];
  if (choice.hold === 'hanging' || choice.hold === 'wall')
    return [height, grams, ...weight, ...hangingWorkings(facts, choice, stance, grams)];
  return [
    height,
    grams,
    // Where nothing touches the ground there is no edge to tip over.
    ...(facts.footing.hull.length === 0 ? [] : tipWorkings(facts, height)),
    ...footWorkings(facts, grams),
    ...weight,
    ...(choice.hold === 'free' ? [] : baseWorkings(facts, choice, height, grams)),
  ];
}

function tipWorkings(facts: BalanceFacts, height: Working): readonly Working[] {
  const { footing: stands, rose, standing } = facts;
  const worst = worstDirection(rose);
  const margin: Working = {
    ...common,
    id: 'balance.margin',
    label: say.insideFeetBy,
    value: stands.marginMm,
    unit: 'mm',
    reading: {
      method: say.leastDistanceToEdge,
      resolution: say.exactStraightEdgesBetween,
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    inputs: [input('N', say.feetThatTouch, standing.length, 'count', 'derived')],
    source: say.staticsConvexHullOf,
  };
  return [
    margin,
    {
      ...common,
      id: 'balance.tip',
      label:
        worst === undefined ? say.tipsAtTiltOf : say.tipsTowardsAt(directionText(worst.towardsDeg)),
      value: stands.tipDeg,
      unit: 'deg',
      formula: 'φ = atan2(margin, h)',
      inputs: [asInput('margin', margin), asInput('h', height)],
      source: say.staticsUnpeggedAsPegs,
    },
  ];
}

/** What each standing foot carries; less than nothing is a pull on its peg. */
function footWorkings({ bearing, grams: total }: BalanceFacts, grams: Working): Working[] {
  const { feet, shares } = bearing;
  const resting = total - bearing.grams;
  return feet.map((foot, i): Working => {
    const value = (shares[i] ?? 0) * bearing.grams;
    return {
      ...common,
      id: `balance.foot.${foot.contact.id}`,
      label: say.carries(foot.contact.name),
      value,
      unit: 'g',
      formula: 'R = φ · (m − rest)',
      note:
        feet.length === 1
          ? say.onePlaceThatBears
          : feet.length === 2
            ? say.shareIsThatOf
            : say.sharesKeepForcesAnd,
      inputs: [
        asInput('m', grams),
        input('rest', say.liesOnGroundBy, resting, 'g', 'derived'),
        input('φ', say.shareOfThisFoot, shares[i] ?? 0, 'ratio', 'derived'),
        input('N', say.feetAndRodsThat, feet.length, 'count', 'derived'),
      ],
      source: value < -0.005 * total ? say.staticsLessThanNothing : say.staticsStiffPieceOn,
      target: { kind: 'contact', id: foot.contact.id },
    };
  });
}
