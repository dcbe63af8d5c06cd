import * as say from './words.ts';
import type { PosedSkeleton } from '../../anatomy/pose.ts';
import { bladePatterns, type BladePattern } from '../../body/bladePattern.ts';
import { bladeArea, posedBlades } from '../../body/blades.ts';
import { greatest } from '../../geometry/extremes.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { asGiven, asInput, input, type Working } from '../../piece/working.ts';
import type { BladeWay, FeatherChoice } from '../../piece/featherSchema.ts';
import { edgeBends, edgePath, type EdgeBend } from './edgeWire.ts';
import { foldsWorking, propWorking } from './sagAndFolds.ts';

/** A thin wing, a fin or a membrane at the model's scale. */
export interface BladePlan {
  readonly pattern: BladePattern;
  readonly way: BladeWay;
  /** Left and right, or one on the midline. */
  readonly many: number;
  readonly atScale: Working;
  readonly made: Working;
  readonly area: Working;
  /** Where bones hold it, of the model. */
  readonly attached: Working | null;
  /** What of it is not spread in this stance. */
  readonly slack: Working;
  /** Folds that take that up; null of what is not pressed on, which is made flat. */
  readonly folds: Working | null;
  /** From prop to prop while it is soft; null of what is not of clay. */
  readonly prop: Working | null;
  /** Wire along its leading edge; null of what is pressed on the piece, or stands by itself. */
  readonly wire: EdgeWire | null;
  readonly minutes: Working;
}

/** The wire along a leading edge, with its way and its bends on the flat pattern. */
export interface EdgeWire {
  readonly thickMm: number;
  readonly path: readonly Point2[];
  readonly bends: readonly (EdgeBend & { readonly mark: Working; readonly turn: Working })[];
  readonly cut: Working;
  /** What is added to the outline along the edge, and lapped over the wire. */
  readonly lap: Working;
}

/** The least thickness that each way bears, mm, and what of its area a hand makes in a minute, cm²: from memory. */
const LEAST_MM: Readonly<Record<BladeWay, number>> = { pressed: 2, clay: 1.2, sheet: 0.1 };
const CM2_IN_MINUTE: Readonly<Record<BladeWay, number>> = { pressed: 2, clay: 1.5, sheet: 2 };
/** Wire for an edge where nobody says, mm, and how far it reaches into the body: common practice. */
const EDGE_WIRE_MM = 0.6;
const INTO_BODY_MM = 12;
/** Longer than so many times its width it flops: common practice. */
const SLENDER = 2.2;
/** A membrane between limbs is pressed on; thinner things are made over a wire. */
const MEMBRANE_BONES = 3;

const usualWay = ({ bones }: BladePattern): BladeWay =>
  bones.length >= MEMBRANE_BONES ? 'pressed' : 'clay';

/** Thin wings, fins and membranes of a posed animal; those that rows of feathers are told for are left out. */
export function bladePlans(
  posed: PosedSkeleton,
  choice: FeatherChoice,
  scale: Working,
  feathered: ReadonlySet<string>,
): readonly BladePlan[] {
  const now = posedBlades(posed);
  return bladePatterns(posed.skeleton, 1 / scale.value)
    .filter(({ bones }) => !bones.some(({ key }) => feathered.has(key)))
    .map((pattern): BladePlan => {
      const { blade } = pattern;
      const own = choice.blades[blade.id];
      const way = own?.way ?? usualWay(pattern);
      const its = now.filter((of) => of.blade.id === blade.id);
      const made = madeWorking(pattern, way, own?.thickMm ?? null, scale);
      const area = areaWorking(pattern);
      const many = Math.max(1, its.length);
      const thickMm = own?.wireMm ?? EDGE_WIRE_MM;
      const slack = slackWorking(pattern, area, greatest(its.map(bladeArea)) / 100);
      return {
        ...{ pattern, way, many, made, area, slack, atScale: scaled(pattern, scale) },
        attached: attachedWorking(pattern),
        folds: way === 'pressed' ? foldsWorking(pattern, slack, made) : null,
        prop: way === 'sheet' ? null : propWorking(pattern, made),
        wire: isCarried(pattern, way, made, scale, own?.wireMm ?? null)
          ? edgeWire(pattern, thickMm, made)
          : null,
        minutes: minutesWorking(pattern, way, area, many),
      };
    });
}

/** A long wing that is made thicker than life has a wire along its edge; a stout fin stands by itself, unless the user wants one. */
const isCarried = (
  { longMm, wideMm, blade }: BladePattern,
  way: BladeWay,
  made: Working,
  scale: Working,
  own: number | null,
): boolean =>
  way !== 'pressed' &&
  (own !== null || (longMm > SLENDER * wideMm && made.value > blade.thickness.mm / scale.value));

/** Every number that is known of thin wings, fins and membranes. */
export const bladeWorkings = (plans: readonly BladePlan[]): readonly Working[] =>
  plans.flatMap(({ atScale, made, area, attached, slack, folds, prop, wire, minutes }) =>
    [
      ...[atScale, made, area, attached, slack, folds, prop],
      ...[wire?.cut ?? null, wire?.lap ?? null, minutes],
      ...(wire?.bends.flatMap(({ mark, turn }) => [mark, turn]) ?? []),
    ].filter((working) => working !== null),
  );

const common = (pattern: BladePattern, what: string) =>
  ({ id: `skin.blade.${pattern.blade.id}.${what}`, stage: 'skin' }) as const;

function scaled(pattern: BladePattern, scale: Working): Working {
  const { name, thickness } = pattern.blade;
  return {
    ...{ ...common(pattern, 'scale'), label: say.thickAtScale(name), unit: 'mm', digits: 2 },
    ...{ value: thickness.mm / scale.value, provenance: 'derived', formula: 't = T / n' },
    inputs: [
      input('T', say.thickInLife, thickness.mm, 'mm', thickness.provenance),
      asInput('n', scale),
    ],
    source: say.definitionOfScale,
  };
}

/** As thin as life at this scale where its stuff bears that, else as thin as it bears. */
function madeWorking(
  pattern: BladePattern,
  way: BladeWay,
  own: number | null,
  scale: Working,
): Working {
  const told = {
    ...{ ...common(pattern, 'made'), label: say.thickMade(pattern.blade.name) },
    ...({ unit: 'mm', digits: 2 } as const),
  };
  if (own !== null)
    return {
      ...{ ...told, value: own, provenance: 'own' },
      ...asGiven(say.setByYou, own, 'mm', 'own'),
      source: say.decidedByYou,
    };
  const atScale = scaled(pattern, scale);
  return {
    ...{ ...told, value: Math.max(atScale.value, LEAST_MM[way]), provenance: 'derived' },
    formula: 'd = max(t, m)',
    inputs: [asInput('t', atScale), input('m', say.leastOfWay[way], LEAST_MM[way], 'mm', 'memory')],
    source: say.compromise,
  };
}

const areaWorking = (pattern: BladePattern): Working => ({
  ...{ ...common(pattern, 'area'), label: say.areaOf(pattern.blade.name), unit: 'cm2' },
  ...{ value: pattern.areaMm2 / 100, digits: 1, provenance: 'derived', inputs: [] },
  source: say.outlineLaidFlat,
  reading: {
    ...{ method: say.areaByLoop, resolution: say.outlineLaidFlat },
    checkedBy: 'core/src/body/bladePattern.test.ts',
  },
});

function attachedWorking(pattern: BladePattern): Working | null {
  const inputs = pattern.bones.map(({ ends: [a, b] }) =>
    input('bᵢ', say.alongBone, Math.hypot(b[0] - a[0], b[1] - a[1]), 'mm', 'derived'),
  );
  if (inputs.length === 0) return null;
  return {
    ...{ ...common(pattern, 'attached'), label: say.attachedOf(pattern.blade.name), unit: 'mm' },
    ...{ value: inputs.reduce((sum, { value }) => sum + value, 0), digits: 0, inputs },
    ...{ provenance: 'derived', formula: 'Σ bᵢ', source: say.boneByBone },
  };
}

/** Of the spread blade, what this stance does not spread; none where it stretches it. */
function slackWorking(pattern: BladePattern, area: Working, nowCm2: number): Working {
  const value = Math.max(0, 1 - nowCm2 / area.value);
  return {
    ...{ ...common(pattern, 'slack'), label: say.slackOf(pattern.blade.name), unit: 'percent' },
    ...{ value: 100 * value, digits: 0, provenance: 'derived', formula: 'f = max(0, 1 − a / A)' },
    inputs: [input('a', say.shownNow, nowCm2, 'cm2', 'derived'), asInput('A', area)],
    source: say.foldsByArea,
  };
}

function edgeWire(pattern: BladePattern, thickMm: number, made: Working): EdgeWire {
  const path = edgePath(pattern.outline);
  const long = path
    .slice(1)
    .reduce((sum, [x, y], i) => sum + Math.hypot(x - path[i]![0], y - path[i]![1]), 0);
  const { name } = pattern.blade;
  return {
    ...{
      thickMm,
      path,
      bends: edgeBends(path).map((bend, i) => bendWorkings(pattern, bend, i + 1)),
    },
    cut: {
      ...{ ...common(pattern, 'wire'), label: say.edgeOf(name), unit: 'mm', digits: 1 },
      ...{ value: long + INTO_BODY_MM, provenance: 'derived', formula: 'c = l + e' },
      inputs: [
        input('l', say.alongEdge, long, 'mm', 'derived'),
        input('e', say.intoBody, INTO_BODY_MM, 'mm', 'memory'),
      ],
      source: say.intoBodyByPractice,
    },
    lap: {
      ...{ ...common(pattern, 'lap'), label: say.lapOf(name), unit: 'mm', digits: 1 },
      value: (Math.PI * thickMm) / 2 + 2 * made.value,
      ...{ provenance: 'derived', formula: 's = π · d / 2 + 2 · t' },
      inputs: [input('d', say.wireThick, thickMm, 'mm', 'own'), asInput('t', made)],
      source: say.halfRound,
    },
  };
}

/** A bend with its mark and its turn as numbers that can be opened. */
function bendWorkings(pattern: BladePattern, bend: EdgeBend, n: number): EdgeWire['bends'][number] {
  const { name } = pattern.blade;
  return {
    ...bend,
    mark: {
      ...{
        ...common(pattern, `bend.${n}.mark`),
        label: say.markOf(name, n),
        unit: 'mm',
        digits: 1,
      },
      ...{ value: bend.markMm, provenance: 'derived', formula: 'Σ sᵢ', source: say.alongWire },
      inputs: bend.legsMm.map((mm) => input('sᵢ', say.straightPart, mm, 'mm', 'derived')),
    },
    turn: {
      ...{
        ...common(pattern, `bend.${n}.turn`),
        label: say.turnOf(name, n),
        unit: 'deg',
        digits: 0,
      },
      ...{
        value: Math.abs(bend.turnDeg),
        provenance: 'derived',
        inputs: [],
        source: say.alongWire,
      },
      reading: {
        ...{ method: say.turnByDirections, resolution: say.withinEdge },
        checkedBy: 'core/src/skin/blades/blades.test.ts',
      },
    },
  };
}

function minutesWorking(
  pattern: BladePattern,
  way: BladeWay,
  area: Working,
  many: number,
): Working {
  return {
    ...{ ...common(pattern, 'minutes'), label: say.minutesOf(pattern.blade.name), unit: 'min' },
    ...{ value: (many * area.value) / CM2_IN_MINUTE[way], provenance: 'derived' },
    formula: 't = k · A · m / p',
    inputs: [
      input('k', say.howMany, many, 'count', 'derived'),
      asInput('A', area),
      input('m', say.aMinute, 1, 'min', 'memory'),
      input('p', say.paceOfWay, CM2_IN_MINUTE[way], 'cm2', 'memory'),
    ],
    source: say.minutesByArea,
  };
}
