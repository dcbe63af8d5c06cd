import type { Workpiece } from '../workshop/workpiece.ts';
import { baseWorkings } from './baseWorkings.ts';
import { hangingWorkings } from './hangingWorkings.ts';
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
): readonly Working[] {
  const height: Working = {
    ...common,
    id: 'balance.height',
    label: 'Centre of mass above the base',
    value: facts.massCentre[1],
    unit: 'mm',
    provenance: facts.exact ? 'derived' : 'memory',
    reading: {
      method: 'mean height of clay, cores and wires on their bones, weighed by their mass',
      resolution: facts.exact ? 'one cell of the body’s grid' : 'a few sections of each bone',
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    source: facts.exact
      ? 'statics; each cell of the body belongs to its nearest bone'
      : 'statics; thin sections of each bone, until the body is worked out',
  };
  const grams: Working = {
    ...common,
    id: 'balance.grams',
    label: 'Weight of the piece',
    value: facts.grams,
    unit: 'g',
    provenance: massKnown ? 'derived' : 'memory',
    formula: facts.weight === null ? 'm = body' : 'm = body + weight',
    inputs: [
      input(
        'body',
        'Clay, cores and wires',
        facts.grams - (facts.weight?.grams ?? 0),
        'g',
        massKnown ? 'derived' : 'memory',
      ),
      ...(facts.weight === null
        ? []
        : [input('weight', 'Metal weight inside', facts.weight.grams, 'g' as const, 'own')]),
    ],
    source: massKnown
      ? 'the stage Mass'
      : 'volume at 1.3 g/ml, common practice, until Mass is known',
  };
  const weight = weightWorkings(facts, choice);
  if (choice.hold !== 'base')
    return [height, grams, ...weight, ...hangingWorkings(facts, choice, stance, grams)];
  return [
    height,
    grams,
    ...tipWorkings(facts, height),
    ...footWorkings(facts, grams),
    ...weight,
    ...baseWorkings(facts, choice, height, grams),
  ];
}

function tipWorkings(facts: BalanceFacts, height: Working): readonly Working[] {
  const { footing: stands, rose, standing } = facts;
  const worst = worstDirection(rose);
  const margin: Working = {
    ...common,
    id: 'balance.margin',
    label: 'Inside the feet by',
    value: stands.marginMm,
    unit: 'mm',
    reading: {
      method: 'least distance to an edge of the outline round the soles; minus is outside',
      resolution: 'exact: straight edges between points round each sole',
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    inputs: [input('N', 'Feet that touch', standing.length, 'count', 'derived')],
    source:
      'statics; convex hull of the soles, each as wide as its foot is thick, and of toes that touch',
  };
  return [
    margin,
    {
      ...common,
      id: 'balance.tip',
      label:
        worst === undefined
          ? 'Tips at a tilt of'
          : `Tips towards ${directionText(worst.towardsDeg)} at`,
      value: stands.tipDeg,
      unit: 'deg',
      formula: 'φ = atan2(margin, h)',
      inputs: [asInput('margin', margin), asInput('h', height)],
      source: 'statics; unpegged, as the pegs of the legs hold much more',
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
      label: `${foot.contact.name} carries`,
      value,
      unit: 'g',
      formula: 'R = φ · (m − rest)',
      note:
        feet.length === 1
          ? 'The one place that bears all.'
          : feet.length === 2
            ? 'The share is that of a lever along the line between the feet, held to 0 to 1.'
            : 'The shares keep forces and moments in balance with the least sum of squares.',
      inputs: [
        asInput('m', grams),
        input('rest', 'Lies on the ground by itself', resting, 'g', 'derived'),
        input('φ', 'Share of this foot', shares[i] ?? 0, 'ratio', 'derived'),
        input('N', 'Feet and rods that bear', feet.length, 'count', 'derived'),
      ],
      source:
        value < -0.005 * total
          ? 'statics; less than nothing pulls: this foot needs a rod or a long peg, or it lifts off'
          : 'statics; a stiff piece on equal feet, which pegs may also hold down',
      target: { kind: 'contact', id: foot.contact.id },
    };
  });
}
