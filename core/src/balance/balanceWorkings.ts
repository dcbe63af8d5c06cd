import { greatest } from '../geometry/extremes.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import { posedBone } from '../anatomy/pose.ts';
import { GRAVITY } from '../units/gravity.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { ballRadiusMm, WEIGHT_COVER_MM, WEIGHT_METALS } from './counterweight.ts';
import { wallPullN } from './hangingPoint.ts';
import type { BalancePlan } from './balancePlan.ts';
import { WOOD_G_PER_ML } from './smallestBase.ts';
import { directionText, worstDirection } from './tipRose.ts';

type Facts = Omit<BalancePlan, 'workings' | 'snags'>;

const target = { kind: 'mass-centre', id: 'mass-centre' } as const;
const common = { stage: 'stance', provenance: 'derived', inputs: [], target } as const;

/** The numbers of how a stance stands, hangs or is held on a wall. */
export function balanceWorkings(
  facts: Facts,
  choice: Piece['stance'],
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

function tipWorkings(facts: Facts, height: Working): readonly Working[] {
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
function footWorkings({ bearing, grams: total }: Facts, grams: Working): Working[] {
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

/** The ball that fits a place under its cover: its radius is a reading of the body's sections. */
const roomOf = (roomMm: number): Pick<Working, 'inputs'> & { readonly formula: string } => ({
  formula: 'd = 2 · (t − cover)',
  inputs: [
    input('t', 'Thickest half of the flesh', roomMm + WEIGHT_COVER_MM, 'mm', 'derived'),
    input('cover', 'Clay over it', WEIGHT_COVER_MM, 'mm', 'memory'),
  ],
});

function weightWorkings(
  { weight, weightRoomMm, places }: Facts,
  choice: Piece['stance'],
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

function baseWorkings(
  { base, grams: total }: Facts,
  choice: Piece['stance'],
  height: Working,
  grams: Working,
): readonly Working[] {
  const inputs = [
    input('φ', 'Tilt that it must survive', choice.tiltDeg, 'deg', 'own'),
    asInput('h', height),
    asInput('m', grams),
    input('t', 'Thickness of the board', base.thicknessMm, 'mm', 'own'),
    input('ρ', 'Wood', WOOD_G_PER_ML, 'g/ml', 'memory'),
  ];
  const board = (id: string, label: string, value: number): Working => ({
    ...common,
    id: `balance.base.${id}`,
    label,
    value,
    unit: 'mm',
    reading: {
      method:
        'widened until every edge is h · tan φ from the common centre, and 12 mm beyond the feet',
      resolution: 'a millionth of a millimetre',
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    inputs,
    source: 'statics; piece and board tip as one',
    target: { kind: 'piece', id: 'base' },
  });
  return [
    board('length', 'Smallest base, front to back', base.lengthMm),
    board('width', 'Smallest base, left to right', base.widthMm),
    {
      ...common,
      id: 'balance.base.tip',
      label: 'On it, tips at a tilt of',
      value: base.tipDeg,
      unit: 'deg',
      formula: 'φ = atan2(margin, h)',
      note: 'Piece and board tip together.',
      inputs: [
        input('margin', 'Common centre inside the nearest edge', base.marginMm, 'mm', 'derived'),
        input('h', 'Common centre above the table', base.heightMm, 'mm', 'derived'),
        input('board', 'Weight of the board', base.boardG, 'g', 'derived'),
        input('m', 'Weight of the piece', total, 'g', 'derived'),
      ],
      source: 'statics',
      target: { kind: 'piece', id: 'base' },
    },
  ];
}

function hangingWorkings(
  { hook, massCentre }: Facts,
  choice: Piece['stance'],
  { posed }: StancePlan,
  grams: Working,
): readonly Working[] {
  if (hook === undefined) return [];
  const { bone, start } = posedBone(posed, hook.boneId);
  const at = { kind: 'bone', id: bone.id } as const;
  const from = bone.joint.name.charAt(0).toLowerCase() + bone.joint.name.slice(1);
  const place: Working = {
    ...common,
    id: 'balance.hook.place',
    label: `Hook, from the ${from} along the spine`,
    value: Math.hypot(...hook.place.map((v, k) => v - start[k as 0])),
    unit: 'mm',
    reading: {
      method: 'the place of the spine straight above the centre of mass, or nearest to it',
      resolution: 'exact: straight bones',
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    source: 'statics: what hangs comes to rest with its centre under the hook',
    target: at,
  };
  const tilt: Working = {
    ...common,
    id: 'balance.hook.tilt',
    label: 'Hung there, it tilts by',
    value: hook.tiltDeg,
    unit: 'deg',
    formula: 'φ = atan2(off, below)',
    inputs: [
      input('off', 'Hook beside the centre', hook.offMm, 'mm', 'derived'),
      input('below', 'Centre below the hook', hook.belowMm, 'mm', 'derived'),
    ],
    source: 'statics',
    target: at,
  };
  if (choice.hold === 'hanging') return [place, tilt];
  const wallZ = greatest(posed.bones.flatMap(({ start: a, end: b }) => [a[2], b[2]]));
  const outMm = Math.max(0, wallZ - massCentre[2]);
  const apartMm = Math.max(1, hook.place[1]);
  return [
    place,
    {
      ...common,
      id: 'balance.wall.pull',
      label: 'Pull on the upper fixing',
      value: wallPullN(grams.value, outMm, apartMm, GRAVITY),
      unit: 'N',
      formula: 'F = m · g · d / H',
      inputs: [
        asInput('m', grams),
        input('g', 'Gravity', GRAVITY, 'm/s2', 'published'),
        input('d', 'Centre of mass from the wall', outMm, 'mm', 'derived'),
        input('H', 'Upper fixing above the lower', apartMm, 'mm', 'derived'),
      ],
      source: 'statics; the far side against the wall, a stay at the lowest place',
      target: at,
    },
  ];
}
