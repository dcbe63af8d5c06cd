import * as say from './words.ts';
import { markingOn, markingZoneId, type Marking } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { regionOf } from './region.ts';
import { fitted, laidBands } from './laidBands.ts';

/** A ring where it is painted: its colour, how far from the front of its run it begins, how wide it is; of the model. */
export interface RingMeasure {
  readonly colour: number;
  readonly from: Working;
  readonly wide: Working;
}

/** What a marking measures on the model. */
export interface MarkingMeasures {
  readonly markingId: string;
  /** Across it, from one to the next, and so on: what its kind has. */
  readonly sizes: readonly Working[];
  readonly rings: readonly RingMeasure[];
}

/** Rings beyond these say no more than the pattern does. */
const MOST_RINGS = 80;

/** The sizes of markings at the model's scale, life mm over n; of rings each one's place and width. */
export const markingMeasures = (
  skeleton: Skeleton,
  markings: readonly Marking[],
  scale: Working,
): readonly MarkingMeasures[] =>
  markings.map((marking) => ({
    markingId: marking.id,
    sizes: sizesOf(skeleton, marking, scale),
    rings: ringsOf(skeleton, marking, scale),
  }));

const base = ({ id }: Marking, what: string) =>
  ({
    id: `colour.marking.${id}.${what}`,
    stage: 'colour',
    unit: 'mm',
    provenance: 'derived',
    target: { kind: 'zone', id: markingZoneId(id, 0) },
    source: say.lifeOverScale,
  }) as const;

/** One size of a marking over the scale. */
const sized = (
  marking: Marking,
  what: string,
  label: string,
  lifeMm: number,
  scale: Working,
): Working => ({
  ...{ ...base(marking, what), label: `${marking.name}: ${label}`, digits: 2 },
  value: lifeMm / scale.value,
  formula: 'w / n',
  inputs: [input('w', say.inLife(label), lifeMm, 'mm', 'own'), asInput('n', scale)],
});

const ACROSS: ReadonlySet<Marking['kind']> = new Set([
  ...(['zigzag', 'stripes', 'line', 'patch', 'spots', 'rosettes', 'eyespots'] as const),
  ...(['wing-border', 'wing-veins', 'wing-dots', 'wing-bars', 'wing-spot'] as const),
  ...(['feather-edges', 'feather-bars'] as const),
]);
const REPEATS: ReadonlySet<Marking['kind']> = new Set([
  ...(['spots', 'rosettes', 'eyespots', 'wing-bars', 'feather-bars'] as const),
]);

function sizesOf(skeleton: Skeleton, marking: Marking, scale: Working): readonly Working[] {
  const { kind, widthMm, stepMm, lengthMm, edge, edgeMm, repeats } = marking;
  const size = (what: string, label: string, lifeMm: number): Working =>
    sized(marking, what, label, lifeMm, scale);
  const region = kind === 'zigzag' ? regionOf(skeleton, marking) : undefined;
  const wave =
    region && (region.to - region.from) / fitted(repeats, stepMm, region.to - region.from);
  return [
    ...(ACROSS.has(kind) ? [size('across', say.across, widthMm)] : []),
    ...(REPEATS.has(kind) ? [size('step', say.fromOneToNext, stepMm)] : []),
    ...(wave === undefined ? [] : [size('step', say.oneWave, wave)]),
    ...(kind === 'zigzag' ? [size('swing', say.sideToSide, lengthMm)] : []),
    ...(kind === 'patch' && marking.places.length === 1
      ? [size('long', say.alongBody, lengthMm)]
      : []),
    ...(edge === 'hard' || markingOn(marking) === 'feathers'
      ? []
      : [size('edge', say.edgeOver, edgeMm)]),
  ];
}

function ringsOf(skeleton: Skeleton, marking: Marking, scale: Working): readonly RingMeasure[] {
  const region = marking.kind === 'rings' ? regionOf(skeleton, marking) : undefined;
  if (region === undefined) return [];
  return laidBands(marking, region)
    .flatMap((laid) => (laid.band.colour === null ? [] : [{ ...laid, colour: laid.band.colour }]))
    .slice(0, MOST_RINGS)
    .map(({ colour, from, to }, i): RingMeasure => ({
      colour,
      from: {
        ...{ ...base(marking, `ring-${i + 1}.from`), label: say.ringFrom(marking.name, i + 1) },
        ...{ value: from / scale.value, digits: 1, formula: 'd / n' },
        inputs: [input('d', say.fromFrontInLife, from, 'mm', 'derived'), asInput('n', scale)],
      },
      wide: {
        ...{ ...base(marking, `ring-${i + 1}.wide`), label: say.ringWide(marking.name, i + 1) },
        ...{ value: (to - from) / scale.value, digits: 1, formula: 'b / n' },
        inputs: [input('b', say.ringInLife, to - from, 'mm', 'derived'), asInput('n', scale)],
      },
    }));
}
