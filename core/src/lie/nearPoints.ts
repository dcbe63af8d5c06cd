/** Points sorted by the cell of space that they lie in, of one kind or another, to find those near a place. */
export interface NearPoints {
  /** The nearest point of a kind within the reach, by its index; −1 where there is none. */
  readonly nearest: (kind: number, x: number, y: number, z: number) => number;
  /** Tells every point of a kind within the reach, with the square of how far it is. */
  readonly each: (
    kind: number,
    x: number,
    y: number,
    z: number,
    tell: (index: number, square: number) => void,
  ) => void;
}

/** More cells than these along a side are made larger: the reach stays what it is. */
const MOST_CELLS = 160;

/** Sorts points into cells at least as large as the reach. Kinds are whole numbers from 0 up; 0 for all where none are told. */
export function nearPoints(
  positions: Float32Array,
  reach: number,
  kinds?: ArrayLike<number>,
): NearPoints {
  const { cellOf, counts } = cellsOver(positions, reach);
  const many = positions.length / 3;
  const starts = new Uint32Array(counts[0] * counts[1] * counts[2] + 1);
  const of = new Uint32Array(many);
  for (let i = 0; i < many; i++) {
    const z = cellOf(positions[3 * i + 2]!, 2);
    const y = cellOf(positions[3 * i + 1]!, 1);
    of[i] = cellOf(positions[3 * i]!, 0) + counts[0] * (y + counts[1] * z);
    starts[of[i]! + 1]!++;
  }
  for (let c = 1; c < starts.length; c++) starts[c]! += starts[c - 1]!;
  const sorted = new Uint32Array(many);
  const next = starts.slice();
  for (let i = 0; i < many; i++) sorted[next[of[i]!]!++] = i;
  const most = reach * reach;

  const each: NearPoints['each'] = (kind, x, y, z, tell) => {
    const ci = cellOf(x, 0);
    const cj = cellOf(y, 1);
    const ck = cellOf(z, 2);
    const from = Math.max(0, ci - 1);
    const to = Math.min(counts[0] - 1, ci + 1);
    for (let k = Math.max(0, ck - 1); k <= Math.min(counts[2] - 1, ck + 1); k++)
      for (let j = Math.max(0, cj - 1); j <= Math.min(counts[1] - 1, cj + 1); j++) {
        const row = counts[0] * (j + counts[1] * k);
        if (from > to) continue;
        for (let n = starts[from + row]!; n < starts[to + row + 1]!; n++) {
          const i = sorted[n]!;
          if (kinds !== undefined && kinds[i] !== kind) continue;
          const dx = positions[3 * i]! - x;
          const dy = positions[3 * i + 1]! - y;
          const dz = positions[3 * i + 2]! - z;
          const square = dx * dx + dy * dy + dz * dz;
          if (square <= most) tell(i, square);
        }
      }
  };
  return {
    each,
    nearest: (kind, x, y, z) => {
      let [best, least] = [-1, Infinity];
      each(kind, x, y, z, (i, square) => {
        if (square < least) [best, least] = [i, square];
      });
      return best;
    },
  };
}

/** Cells over the box round some points: the cell of a number along an axis, and how many there are along each. */
function cellsOver(positions: Float32Array, reach: number) {
  const [low, high] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ];
  for (let n = 0; n < positions.length; n++) {
    const v = positions[n]!;
    if (v < low[n % 3]!) low[n % 3] = v;
    if (v > high[n % 3]!) high[n % 3] = v;
  }
  const size = [0, 1, 2].map((k) => Math.max(reach, (high[k]! - low[k]! || reach) / MOST_CELLS));
  const counts = [0, 1, 2].map((k) =>
    positions.length === 0 ? 1 : Math.floor((high[k]! - low[k]!) / size[k]!) + 1,
  ) as [number, number, number];
  // What lies outside the box belongs to the cell before its first or after its last.
  const cellOf = (v: number, k: number): number =>
    Math.max(-2, Math.min(counts[k]! + 1, Math.floor((v - low[k]!) / size[k]!)));
  return { cellOf, counts };
}
