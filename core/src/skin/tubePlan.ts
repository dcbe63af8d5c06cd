import * as say from './words.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { asInput, type Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { developedFrustum, slantOf, type FlatPiece } from './flat/developed.ts';
import { ofTube, tubeRows, type TubeRows } from './tubeRows.ts';
import type { Tube, TubeStation } from './tubes.ts';

/** A stretch of a tube between two stations that is laid flat in one piece. */
export interface TubePiece {
  readonly from: TubeStation;
  readonly to: TubeStation;
  readonly flat: FlatPiece;
}

/** A tube with its skin laid flat, and its rows of scales where it has some. */
export interface TubePlan {
  readonly tube: Tube;
  readonly length: Working;
  readonly girth: Working;
  readonly pieces: readonly TubePiece[];
  readonly rows: TubeRows | null;
}

/** A piece is straight where no girth in it strays further than this share from the line between its ends. */
const STRAYS = 0.03;
/** No piece is longer than this, so that it fits a page, mm. */
const LONGEST_MM = 180;
/** And none shorter than this, where it is not the last. */
const SHORTEST_MM = 14;

/** Cuts a tube into as few frusta as fit it, each laid flat without any stretch. */
export function tubePieces({ stations }: Tube): readonly TubePiece[] {
  const pieces: TubePiece[] = [];
  for (let i = 0; i < stations.length - 1;) {
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
    ...ofTube(tube, 'girth'),
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
    ...ofTube(tube, 'length'),
    label: say.lengthOf(tube.name),
    value: pieces.reduce((sum, { flat }) => sum + slantOf(flat), 0),
    unit: 'mm',
    reading,
    inputs: [asInput('n', scale)],
    source: say.alongSkin,
  };
  return {
    ...{ tube, girth, length, pieces },
    rows: tubeRows(tube, skeleton, skin, scale, { girth, length }),
  };
}
