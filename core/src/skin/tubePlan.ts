import * as say from './words.ts';
import type { Animal } from '../anatomy/animal.ts';
import { zoneOf, type CoatZone } from '../anatomy/coat.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { developedFrustum, slantOf, type FlatPiece } from './flat/developed.ts';
import { nearestWhole } from './planting.ts';
import type { Tube, TubeStation } from './tubes.ts';

/** A stretch of a tube between two stations that is laid flat in one piece. */
export interface TubePiece {
  readonly from: TubeStation;
  readonly to: TubeStation;
  readonly flat: FlatPiece;
}

/** Rows of scales over a tube. */
export interface TubeRows {
  readonly round: Working;
  readonly along: Working;
  readonly pitch: Working;
  /** Width of a scale where the tube is thickest. */
  readonly width: Working;
  /** Share of the girth that the belly plates take; 0 without. */
  readonly bellyShare: number;
  /** Width of a belly plate where the tube is thickest; null without. */
  readonly belly: Working | null;
  readonly keeled: boolean;
  /** Plates along the back, side by side and one after the other; null without. */
  readonly back: { readonly across: number; readonly along: number } | null;
}

/** A tube with its skin laid flat, and its rows of scales where it has some. */
export interface TubePlan {
  readonly tube: Tube;
  readonly length: Working;
  readonly girth: Working;
  readonly pieces: readonly TubePiece[];
  readonly rows: TubeRows | null;
}

/** Belly plates take a third of the girth. Common practice. */
export const BELLY_SHARE = 1 / 3;
/** A scale is seen of its length but for what lies under the one before. Common practice. */
const SCALE_SEEN = 0.8;
/** A piece is straight where no girth in it strays further than this share from the line between its ends. */
const STRAYS = 0.03;
/** No piece is longer than this, so that it fits a page, mm. */
const LONGEST_MM = 180;
/** And none shorter than this, where it is not the last. */
const SHORTEST_MM = 14;

/** Cuts a tube into as few frusta as fit it, each laid flat without any stretch. */
export function tubePieces({ stations }: Tube): readonly TubePiece[] {
  const pieces: TubePiece[] = [];
  for (let i = 0; i < stations.length - 1; ) {
    let end = i + 1;
    while (end + 1 < stations.length && isStraight(stations.slice(i, end + 2))) end++;
    const [from, to] = [stations[i]!, stations[end]!];
    const radius = ({ girthMm }: TubeStation): number => girthMm / (2 * Math.PI);
    const flat = developedFrustum(radius(from), radius(to), to.atMm - from.atMm);
    pieces.push({ from, to, flat });
    i = end;
  }
  return pieces;
}

function isStraight(stations: readonly TubeStation[]): boolean {
  const [from, to] = [stations[0]!, stations.at(-1)!];
  const long = to.atMm - from.atMm;
  if (long > LONGEST_MM) return false;
  if (long < SHORTEST_MM) return true;
  return stations.every(({ atMm, girthMm }) => {
    const line = from.girthMm + ((to.girthMm - from.girthMm) * (atMm - from.atMm)) / long;
    return Math.abs(girthMm - line) <= STRAYS * line;
  });
}

/** A tube with its numbers. */
export function tubePlan(
  tube: Tube,
  skeleton: Skeleton,
  skin: Workpiece['skin'],
  scale: Working,
): TubePlan {
  const girths = tube.stations.map(({ girthMm }) => girthMm);
  const reading = {
    method: say.sectionsAlongTube,
    resolution: say.stationsOf(tube.stations.length),
    checkedBy: 'core/src/skin/tubes.test.ts',
  };
  const girth: Working = {
    ...common(tube, 'girth'),
    label: say.girthOf(tube.name),
    value: greatest(girths),
    unit: 'mm',
    range: [least(girths), greatest(girths)],
    reading,
    inputs: [asInput('n', scale)],
    source: say.skinWhereThickest,
  };
  const pieces = tubePieces(tube);
  const length: Working = {
    ...common(tube, 'length'),
    label: say.lengthOf(tube.name),
    value: pieces.reduce((sum, { flat }) => sum + slantOf(flat), 0),
    unit: 'mm',
    reading,
    inputs: [asInput('n', scale)],
    source: say.alongSkin,
  };
  return {
    ...{ tube, girth, length, pieces },
    rows: rowsOf(tube, skeleton, skin, scale, { girth, length }),
  };
}

const common = ({ id }: Tube, what: string) =>
  ({ id: `skin.tube.${id}.${what}`, stage: 'skin', provenance: 'derived' }) as const;

/** The zone of scales that a tube is mostly covered with; undefined without one. */
function scaleZone({ animal, byId }: Skeleton, { stations }: Tube): CoatZone | undefined {
  const middle = stations[Math.floor(stations.length / 2)]!;
  const key = byId.get(middle.boneId)?.key ?? '';
  const zone = zoneOf(animal.coat, key, 'side');
  return zone?.covering === 'scale' ? zone : undefined;
}

const countsFor = (animal: Animal, skeleton: Skeleton, { stations }: Tube) =>
  animal.scaleCounts?.find(({ bones }) => {
    const middle = stations[Math.floor(stations.length / 2)]!;
    return bones.includes(skeleton.byId.get(middle.boneId)?.key ?? '');
  });

function rowsOf(
  tube: Tube,
  skeleton: Skeleton,
  skin: Workpiece['skin'],
  scale: Working,
  { girth, length }: { readonly girth: Working; readonly length: Working },
): TubeRows | null {
  const zone = scaleZone(skeleton, tube);
  if (zone?.hair == null || zone.lock === null) return null;
  const counts = countsFor(skeleton.animal, skeleton, tube);
  const own = skin.rows[tube.id];
  const bellyShare = counts?.belly ? BELLY_SHARE : 0;
  const sides = input('b', say.shareOfBelly, bellyShare, 'ratio', 'memory');
  const widthMm = (skin.zones[zone.id]?.wideMm ?? zone.lock.mm) / scale.value;
  const longMm = (SCALE_SEEN * (skin.zones[zone.id]?.hairMm ?? zone.hair.mm)) / scale.value;
  const round = countWorking(
    { ...common(tube, 'round'), label: say.roundOf(tube.name) },
    { own: own?.round ?? null, counted: counts?.round ?? null },
    {
      value: nearestWhole((girth.value * (1 - bellyShare)) / widthMm),
      formula: 'R = max(1, ⌊g · (1 − b) / w⌉)',
      inputs: [asInput('g', girth), sides, input('w', say.scaleWide, widthMm, 'mm', 'derived')],
    },
  );
  const along = countWorking(
    { ...common(tube, 'along'), label: say.alongOf(tube.name) },
    { own: own?.along ?? null, counted: counts?.along ?? null },
    {
      value: nearestWhole(length.value / longMm),
      formula: 'N = max(1, ⌊L / p⌉)',
      inputs: [asInput('L', length), input('p', say.scaleSeen, longMm, 'mm', 'derived')],
    },
  );
  return {
    ...{ round, along, bellyShare, keeled: counts?.keeled ?? false },
    pitch: {
      ...common(tube, 'pitch'),
      label: say.pitchOf(tube.name),
      value: length.value / along.value,
      unit: 'mm',
      digits: 2,
      formula: 'p = L / N',
      inputs: [asInput('L', length), asInput('N', along)],
      source: say.rowsFillLength,
    },
    width: {
      ...common(tube, 'width'),
      label: say.scaleWidthOf(tube.name),
      value: (girth.value * (1 - bellyShare)) / round.value,
      unit: 'mm',
      digits: 2,
      formula: 'w = g · (1 − b) / R',
      inputs: [asInput('g', girth), sides, asInput('R', round)],
      source: say.rowsAndBellySum,
    },
    belly:
      bellyShare === 0
        ? null
        : {
            ...common(tube, 'belly'),
            label: say.bellyOf(tube.name),
            value: bellyShare * girth.value,
            unit: 'mm',
            formula: 'B = b · g',
            inputs: [sides, asInput('g', girth)],
            source: say.rowsAndBellySum,
          },
    back: counts?.back === undefined ? null : { across: counts.back.across[1], along: counts.back.along[1] },
  };
}

/** A count that the user set, that zoologists give, or that follows from the size of a scale. */
function countWorking(
  head: Pick<Working, 'id' | 'stage' | 'label' | 'provenance'>,
  told: {
    readonly own: number | null;
    readonly counted: readonly [number, number, number] | null;
  },
  derived: Pick<Working, 'value' | 'inputs'> & { readonly formula: string },
): Working {
  const { own, counted } = told;
  if (own === null && counted === null)
    return { ...head, ...derived, unit: 'count', source: say.scalesByTheirSize };
  const value = own ?? counted![1];
  const provenance = own === null ? 'memory' : 'own';
  return {
    ...head,
    ...{ value, unit: 'count', provenance, formula: 'x' },
    inputs: [
      input('x', own === null ? say.countedInAnimal : say.setByYou, value, 'count', provenance),
    ],
    source: own === null ? say.libraryOfAnimals : say.decidedByYou,
    ...(counted === null ? {} : { range: [counted[0], counted[2]] as const }),
  };
}
