import type { SurfaceGraph } from './surfaceGraph.ts';

/** What is known of a field of directions before it is solved: two parts of a vector at each point, in its frame. */
export interface LieConstraints {
  /** 1 where the vector is held as it is told. */
  readonly held: Uint8Array;
  /** What is held, and elsewhere what is leant towards: two numbers a point. */
  readonly towards: Float64Array;
  /** How much a point leans: against the weights of its neighbours; 0 where nothing draws it. */
  readonly lean: Float64Array;
}

/** The answer: two parts at each point, before they are brought to unit length. */
export interface HarmonicLie {
  readonly vectors: Float64Array;
  readonly rounds: number;
  /** What is left of the equation, as a share of where it began. */
  readonly rest: number;
}

/** Solved to this share of where it began, and in so many rounds at most. */
const SOLVED = 1e-4;
const MOST_ROUNDS = 3000;

/**
 * Vectors that are harmonic between what is held: Σ w (v − R v') + lean (v − towards) = 0 at every free point, R the
 * transport from the neighbour. Conjugate gradients (M. Hestenes and E. Stiefel, 1952) with the diagonal before them.
 * As no weight is below 0, no vector is longer than the longest that is held or leant towards.
 */
export function harmonicLie(
  graph: SurfaceGraph,
  { held, towards, lean }: LieConstraints,
  solved = SOLVED,
): HarmonicLie {
  const { many } = graph;
  const diagonal = diagonals(graph, lean);
  const x = towards.slice();
  const r = new Float64Array(2 * many);
  const [z, p, q] = [r.slice(), r.slice(), r.slice()];
  // What is left at the start, with the held ones in place.
  times(graph, diagonal, held, x, q, true);
  for (let i = 0; i < many; i++) {
    if (held[i]) continue;
    r[2 * i] = lean[i]! * towards[2 * i]! - q[2 * i]!;
    r[2 * i + 1] = lean[i]! * towards[2 * i + 1]! - q[2 * i + 1]!;
  }
  let now = eased(r, diagonal, z);
  let rounds = 0;
  const first = now;
  p.set(z);
  while (now > solved * solved * first && now > 0 && rounds < MOST_ROUNDS) {
    times(graph, diagonal, held, p, q, false);
    const step = now / product(p, q);
    addTimes(x, step, p);
    addTimes(r, -step, q);
    const before = now;
    now = eased(r, diagonal, z);
    turnTo(p, z, now / before);
    rounds++;
  }
  return { vectors: x, rounds, rest: first === 0 ? 0 : Math.sqrt(now / first) };
}

/** What is left, each part by its diagonal; returns how much that is. */
function eased(r: Float64Array, diagonal: Float64Array, z: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < r.length; i++) {
    z[i] = r[i]! / diagonal[i >> 1]!;
    sum += z[i]! * r[i]!;
  }
  return sum;
}

function product(p: Float64Array, q: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < p.length; i++) sum += p[i]! * q[i]!;
  return sum;
}

function addTimes(x: Float64Array, step: number, p: Float64Array): void {
  for (let i = 0; i < x.length; i++) x[i] = x[i]! + step * p[i]!;
}

function turnTo(p: Float64Array, z: Float64Array, share: number): void {
  for (let i = 0; i < p.length; i++) p[i] = z[i]! + share * p[i]!;
}

/** What each point counts itself: its neighbours and what it leans by; 1 where it has neither. */
function diagonals({ many, starts, weight }: SurfaceGraph, lean: Float64Array): Float64Array {
  const diagonal = Float64Array.from(lean);
  for (let i = 0; i < many; i++) {
    for (let e = starts[i]!; e < starts[i + 1]!; e++) diagonal[i]! += weight[e]!;
    if (diagonal[i] === 0) diagonal[i] = 1;
  }
  return diagonal;
}

/** The equation on free points; held neighbours count where they are told to. */
function times(
  { many, starts, to, weight, cos, sin }: SurfaceGraph,
  diagonal: Float64Array,
  held: Uint8Array,
  v: Float64Array,
  out: Float64Array,
  withHeld: boolean,
): void {
  for (let i = 0; i < many; i++) {
    if (held[i]) {
      out[2 * i] = out[2 * i + 1] = 0;
      continue;
    }
    // Plain numbers: this is the inner loop.
    let a = diagonal[i]! * v[2 * i]!;
    let b = diagonal[i]! * v[2 * i + 1]!;
    for (let e = starts[i]!; e < starts[i + 1]!; e++) {
      const j = to[e]!;
      if (held[j] && !withHeld) continue;
      const w = weight[e]!;
      const c = w * cos[e]!;
      const s = w * sin[e]!;
      a -= c * v[2 * j]! - s * v[2 * j + 1]!;
      b -= s * v[2 * j]! + c * v[2 * j + 1]!;
    }
    out[2 * i] = a;
    out[2 * i + 1] = b;
  }
}
