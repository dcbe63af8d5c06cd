import * as say from './words.ts';
import type { Marking } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { markingMeasures, type MarkingMeasures } from './measures.ts';
import { girthsAlong, type GirthAlong } from './girthsAlong.ts';
import type { MarkingEntry, MarkingInputs } from './markingEntry.ts';
import { markingSnags } from './markingSnags.ts';
import type { MarkingMap } from './markingMap.ts';
import { markParts } from './markParts.ts';

export type { MarkingEntry } from './markingEntry.ts';

/** What Markings hand on. */
export interface MarkingsPlan extends StageResult {
  readonly markings: readonly Marking[];
  /** Whether the piece has its own; otherwise they are those of the animal. */
  readonly isOwn: boolean;
  /** From the bottom to the top; null while they are worked out. */
  readonly entries: readonly MarkingEntry[] | null;
  /** How thick the body is along each long part that something is marked on. */
  readonly girths: readonly GirthAlong[];
  /** What each measures on the model. */
  readonly measures: readonly MarkingMeasures[];
  /** What of each zone its own paint goes on: all where nothing is marked on it. */
  readonly painted: Readonly<Record<string, Working>>;
}

/** The markings of a piece: its own, or those that its animal brings. */
export const markingsOf = (
  { animal }: Skeleton,
  { markings }: Pick<Workpiece['colour'], 'markings'>,
): readonly Marking[] => markings ?? animal.markings ?? [];

/** Markings as zones of colour, with what each takes of the skin. */
export function planMarkings(inputs: MarkingInputs): MarkingsPlan {
  const { skeleton, choice, map } = inputs;
  const markings = markingsOf(skeleton, choice);
  const entries = markings.length === 0 ? [] : map && entriesOf(inputs, markings, map);
  const painted = map === null ? {} : paintedZones(inputs, map);
  const measures = markingMeasures(skeleton, markings, inputs.scale);
  const girths = girthsAlong(skeleton, markings, inputs.skin.tubes, inputs.scale);
  return {
    ...{ markings, entries, measures, girths, painted, isOwn: choice.markings !== null },
    workings: [
      ...(entries ?? []).map(({ area }) => area),
      ...measures.flatMap(({ sizes, rings }) => [
        ...sizes,
        ...rings.flatMap(({ from, wide }) => [from, wide]),
      ]),
      ...girths.flatMap(({ places }) => places.flatMap(({ at, girth }) => [at, girth])),
      ...Object.values(painted),
    ],
    snags: markingSnags(inputs, markings, entries),
  };
}

/** Less than this of its own area is nothing. */
const SEEN = 1e-3;

function entriesOf(
  { skeleton, choice, scale }: MarkingInputs,
  markings: readonly Marking[],
  { areas, cellMm }: MarkingMap,
): readonly MarkingEntry[] {
  return markParts(markings).flatMap(({ markingId, colour, zoneId }, n): MarkingEntry[] => {
    const marking = markings.find(({ id }) => id === markingId)!;
    const own = areas.ownMm2[n] ?? 0;
    // A marking whose places the animal has not takes nothing, and is told as a snag.
    if (own <= 0) return [];
    const { name, hex } = marking.colours[colour]!;
    const seen = areas.seenMm2[n]!;
    return [
      {
        ...{ marking, colour, zoneId, name, hex: choice.zones[zoneId]?.hex ?? hex },
        area: areaWorking(zoneId, name, seen / 100, cellMm, scale),
        under: skeleton.animal.coat[areas.under[n]!]?.id ?? null,
        isHidden: seen < SEEN * own,
      },
    ];
  });
}

const areaWorking = (
  zoneId: string,
  name: string,
  cm2: number,
  cellMm: number,
  scale: Working,
): Working => ({
  ...{ id: `colour.marking.${zoneId}.area`, stage: 'colour', label: say.skinThatShows(name) },
  ...{ value: cm2, unit: 'cm2', digits: 2, provenance: 'derived' },
  reading: {
    method: say.trianglesOfMarking,
    resolution: say.cellsOf(cellMm.toFixed(2)),
    checkedBy: 'core/src/markings/seen.test.ts',
  },
  inputs: [asInput('n', scale)],
  source: say.markedInThisStance,
  target: { kind: 'zone', id: zoneId },
});

/** The skin that each zone's own paint goes on, of those that something is marked on. */
function paintedZones(
  { skeleton, skin }: MarkingInputs,
  { areas }: MarkingMap,
): Readonly<Record<string, Working>> {
  const whole = wholeOf(areas);
  return Object.fromEntries(
    skeleton.animal.coat.flatMap(({ id, name }, i): [string, Working][] => {
      const area = skin.zones.find(({ zone }) => zone.id === id)?.area;
      const all = whole[i] ?? 0;
      if (!area || all <= 0) return [];
      const share = Math.min(1, (areas.zonesMm2[i]! + areas.overMm2[i]!) / all);
      if (share >= 1) return [];
      return [[id, paintedWorking(id, name, area, share)]];
    }),
  );
}

/** All skin of each zone, whatever is marked on it. */
const wholeOf = (areas: MarkingMap['areas']): readonly number[] =>
  areas.zonesMm2.map((left, i) => left + areas.markedMm2[i]!);

const paintedWorking = (id: string, name: string, area: Working, share: number): Working => ({
  ...{ id: `colour.zone.${id}.painted`, stage: 'colour', label: say.paintedOf(name) },
  ...{ value: area.value * share, unit: 'cm2', digits: 1, provenance: 'derived' },
  formula: 'a · k',
  inputs: [asInput('a', area), input('k', say.shareBesideMarkings, share, 'ratio', 'derived')],
  source: say.areasSumToSkin,
  target: { kind: 'zone', id },
});
