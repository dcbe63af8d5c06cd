import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { BalancePlan } from '../balance/balancePlan.ts';
import { input, type Working } from '../piece/working.ts';
import type { SchemeId } from '../piece/wireSchema.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { planStrength } from '../strength/planStrength.ts';
import { cutPieces } from '../wire/planStock.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import { planWire } from '../wire/planWire.ts';
import { type WirePlan } from '../wire/wirePlan.ts';
import { SCHEMES, type Scheme } from '../wire/schemes.ts';
import { benchMinutes, workCounts } from './schemeMinutes.ts';
import { MINUTES } from '../wire/minutes.ts';

/** What one scheme would cost this piece, beside the others. */
export interface SchemeCost {
  readonly scheme: Scheme;
  readonly wire: WirePlan;
  readonly metres: Working;
  readonly joints: Working;
  readonly minutes: Working;
  /** What the most loaded joint bears as posed, as a share of what bends it; null without wires. */
  readonly worst: Working | null;
  /** How many things would be to fix. */
  readonly fixes: number;
}

/** What the comparison needs of a plan. */
export interface SchemeCase {
  readonly piece: Pick<Workpiece, 'wire' | 'stance' | 'skin'>;
  readonly stance: StancePlan;
  readonly balance: BalancePlan;
  readonly fittings: Pick<FittingsPlan, 'fittings'>;
}

/** Every scheme worked out for one piece, with the user's wires, regions and routes as they are. */
export const compareSchemes = (of: SchemeCase): readonly SchemeCost[] =>
  SCHEMES.map((scheme) => schemeCost(of, scheme));

function schemeCost(of: SchemeCase, scheme: Scheme): SchemeCost {
  const { piece, stance, balance } = of;
  const choice = { ...piece.wire, scheme: scheme.id };
  const { fittings } = of.fittings;
  const wire = planWire({
    ...{ wire: choice, base: piece.stance.base, stance, skin: piece.skin, fittings },
  });
  const held = planStrength({ choice, stance, wire, balance });
  const done = workCounts(wire);
  const working = workingOf(scheme.id);
  const worst = held.joints.reduce((most, { posedShare }) => Math.max(most, posedShare), 0);
  const at = held.joints.find(({ posedShare }) => posedShare === worst);
  const pieces = cutPieces(wire);
  const lengthMm = pieces.reduce((sum, { mm }) => sum + mm, 0);
  return {
    scheme,
    wire,
    metres: {
      ...working(
        'metres',
        say.wireInAll,
        'Σ lᵢ',
        pieces.map(({ id, mm }) => input('lᵢ', id, mm, 'mm', 'derived')),
      ),
      value: lengthMm / 1000,
      unit: 'm',
      digits: 2,
    },
    joints: {
      ...working(
        'joints',
        say.placesToBind,
        'Σ Nᵢ',
        wire.bindings.bindings.map(({ length, count }) =>
          input('Nᵢ', length.label, count, 'count', 'derived'),
        ),
      ),
      value: done.bindings,
      unit: 'count',
    },
    minutes: minutesWorking(working, done),
    worst:
      at === undefined
        ? null
        : {
            ...working('worst', say.mostLoadedJointAs, 'share = M / M_y', [
              input('M', say.momentThere, at.load.stanceNmm, say.nmm, 'derived'),
              input('M_y', say.momentThatBendsIt, at.yieldNmm, say.nmm, 'derived'),
            ]),
            value: 100 * worst,
            unit: 'percent',
            target: { kind: 'bone', id: at.boneId },
          },
    fixes: [...wire.snags, ...held.snags].filter(({ grade }) => grade === 'fix').length,
  };
}

type WorkingOf = ReturnType<typeof workingOf>;

/** The time that a scheme takes at the bench. */
const minutesWorking = (working: WorkingOf, done: ReturnType<typeof workCounts>): Working => ({
  ...working(
    'minutes',
    say.timeAtBench,
    'pieces · (cut + check) + bends · (mark + bend) + bindings · bind + holes · drill + twisted / m · twist',
    [
      input('pieces', say.cutAndChecked, done.pieces, 'count', 'derived'),
      input('bends', say.markedAndBent, done.bends, 'count', 'derived'),
      input('bindings', say.bound, done.bindings, 'count', 'derived'),
      input('holes', say.drilled, done.holes, 'count', 'derived'),
      input('twisted', say.twistedOrCoiled, done.twistedM, 'm', 'derived'),
      ...(
        [
          ['cut', say.toCutPiece, MINUTES.cut],
          ['check', say.toCheckItOn, MINUTES.check],
          ['mark', say.toMarkBend, MINUTES.mark],
          ['bend', say.toMakeIt, MINUTES.bend],
          ['bind', say.forBinding, MINUTES.bind],
          ['drill', say.forHole, MINUTES.hole],
          ['twist', say.toTwistSoMuch, MINUTES.twistPerM],
        ] as const
      ).map(([symbol, label, minutes]) => input(symbol, label, minutes, 'min', 'memory')),
      input('m', say.soMuch, 1, 'm', 'memory'),
    ],
  ),
  value: benchMinutes(done),
  unit: 'min',
});

const workingOf =
  (id: SchemeId) => (what: string, label: string, formula: string, inputs: Working['inputs']) => ({
    id: `scheme.${id}.${what}`,
    stage: 'wire' as const,
    label,
    provenance: 'derived' as const,
    formula,
    inputs,
    source: say.wholeArmatureWorkedOut,
  });
