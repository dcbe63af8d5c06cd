import { harmonicLie } from '../../src/lie/harmonicLie.ts';
import type { SurfaceGraph } from '../../src/lie/surfaceGraph.ts';
import { toDeg, toRad } from '../../src/units/angles.ts';
import { num, type Adapter } from '../checkFile.ts';

/** An edge of a graph: how much it counts, and by how many radians the frame of its end is turned against its start's. */
interface Edge {
  readonly from: number;
  readonly to: number;
  readonly weight: number;
  readonly turn: number;
}

type Guide = readonly [at: number, angleRad: number];
type Field = {
  readonly anglesDeg: readonly (number | null)[];
  readonly lengthsBefore: readonly number[];
};

/** Nothing that is shorter has a direction. */
const UNDEFINED_BELOW = 1e-9;
const SOLVED = 1e-15;

function graphOf(many: number, edges: readonly Edge[]): SurfaceGraph {
  const rows: { to: number; weight: number; turn: number }[][] = Array.from(
    { length: many },
    () => [],
  );
  for (const { from, to, weight, turn } of edges) {
    rows[from]!.push({ to, weight, turn });
    rows[to]!.push({ to: from, weight, turn: -turn });
  }
  const all = rows.flat();
  const starts = new Uint32Array(many + 1);
  rows.forEach((row, i) => (starts[i + 1] = starts[i]! + row.length));
  return {
    ...{ many, starts, to: Uint32Array.from(all, ({ to }) => to) },
    weight: Float64Array.from(all, ({ weight }) => weight),
    cos: Float64Array.from(all, ({ turn }) => Math.cos(turn)),
    sin: Float64Array.from(all, ({ turn }) => Math.sin(turn)),
  };
}

/** The field that the core's solver finds between guides: two numbers a point. */
function solved(many: number, edges: readonly Edge[], guides: readonly Guide[]): Float64Array {
  const held = new Uint8Array(many);
  const towards = new Float64Array(2 * many);
  for (const [i, angle] of guides) {
    held[i] = 1;
    towards.set([Math.cos(angle), Math.sin(angle)], 2 * i);
  }
  const lean = new Float64Array(many);
  return harmonicLie(graphOf(many, edges), { held, towards, lean }, SOLVED).vectors;
}

const fieldAt = (
  vectors: Float64Array,
  points: readonly number[],
  back: (n: number) => number = () => 0,
): Field => {
  const told = points.map((i, n) => {
    const [x, y] = [vectors[2 * i]!, vectors[2 * i + 1]!];
    const size = Math.hypot(x, y);
    const angle = toDeg(Math.atan2(y, x) - back(n));
    return {
      size,
      angle: size < UNDEFINED_BELOW ? null : angle - 360 * Math.ceil((angle - 180) / 360),
    };
  });
  return { anglesDeg: told.map(({ angle }) => angle), lengthsBefore: told.map(({ size }) => size) };
};

/** Places in order along a line, each once, with the weight of the stretch between two: one over its length. */
function chain(
  places: readonly number[],
  closedAt: number | null,
): { readonly sorted: number[]; readonly edges: Edge[] } {
  const sorted = [...new Set(places)].sort((a, b) => a - b);
  const edges = sorted.slice(1).map((at, i): Edge => ({
    ...{ from: i, to: i + 1, weight: 1 / (at - sorted[i]!), turn: 0 },
  }));
  if (closedAt !== null)
    edges.push({
      from: sorted.length - 1,
      to: 0,
      weight: 1 / (closedAt - sorted.at(-1)! + sorted[0]!),
      turn: 0,
    });
  return { sorted, edges };
}

/**
 * Fields between guides on a strip, a ring, an annulus and a cone by the core's own solver: over graphs whose
 * weights are exact for these surfaces, so that no mesh comes between.
 */
export const directionField: Adapter = (entry) => {
  const at = (key: string): number => num(entry, key) ?? NaN;
  const list = <T>(key: string): readonly T[] => (entry.input[key] ?? []) as readonly T[];
  if (entry.input['startAngleDeg'] !== undefined) {
    const places = list<number>('atDistancesMm');
    const { sorted, edges } = chain([0, at('lengthMm'), ...places], null);
    const guides: Guide[] = [
      [0, toRad(at('startAngleDeg'))],
      [sorted.length - 1, toRad(at('endAngleDeg'))],
    ];
    const vectors = solved(sorted.length, edges, guides);
    return {
      ...fieldAt(
        vectors,
        places.map((mm) => sorted.indexOf(mm)),
      ),
    };
  }
  if (entry.input['circumferenceMm'] !== undefined)
    return { ...ring(at('circumferenceMm'), list('guides'), list('atPlacesMm')) };
  if (entry.input['innerRadiusMm'] !== undefined)
    // Both forms of annulus have the same inputs: the file's own text tells them apart by their names alone.
    return { ...annulus(at, list('atRadiiMm'), entry.id.startsWith('RADIAL')) };
  return { ...cone(at, list('guides'), list('atAzimuthsDeg')) };
};

function ring(
  round: number,
  guides: readonly { readonly atMm: number; readonly angleDeg: number }[],
  places: readonly number[],
): Field {
  const wrapped = (mm: number): number => ((mm % round) + round) % round;
  const all = [...guides.map(({ atMm }) => wrapped(atMm)), ...places.map(wrapped)];
  const { sorted, edges } = chain(all, round);
  const vectors = solved(
    sorted.length,
    edges,
    guides.map(({ atMm, angleDeg }): Guide => [sorted.indexOf(wrapped(atMm)), toRad(angleDeg)]),
  );
  return fieldAt(
    vectors,
    places.map((mm) => sorted.indexOf(wrapped(mm))),
  );
}

/** Points on each circle of an annulus, in frames along the ray. */
const ROUND = 12;

/**
 * An annulus as circles of points. With guides of one direction all round the field is linear in ln r; at a fixed
 * angle to the ray it is of the first order, r and 1/r: in s = ln r the difference u(s − h) + u(s + h) = 2 cosh h u(s) is exact,
 * which gives both the weights along the ray and those round the circle.
 */
function annulus(at: (key: string) => number, radii: readonly number[], toRay: boolean): Field {
  const all = [at('innerRadiusMm'), at('outerRadiusMm'), ...radii].map(Math.log);
  const sorted = [...new Set(all)].sort((a, b) => a - b);
  const turn = (2 * Math.PI) / ROUND;
  const edges: Edge[] = [];
  sorted.forEach((s, i) => {
    const steps = [sorted[i - 1], sorted[i + 1]].flatMap((other) =>
      other === undefined ? [] : [Math.abs(other - s)],
    );
    const aside = steps.reduce((sum, h) => sum + Math.tanh(h / 2), 0) / (2 * (1 - Math.cos(turn)));
    for (let k = 0; k < ROUND; k++) {
      const here = ROUND * i + k;
      edges.push({
        from: here,
        to: ROUND * i + ((k + 1) % ROUND),
        weight: toRay ? aside : 1,
        turn,
      });
      const h = (sorted[i + 1] ?? NaN) - s;
      if (i + 1 < sorted.length)
        edges.push({
          from: here,
          to: here + ROUND,
          weight: toRay ? 1 / Math.sinh(h) : 1 / h,
          turn: 0,
        });
    }
  });
  const guides = [0, sorted.length - 1].flatMap((i, n) =>
    Array.from({ length: ROUND }, (_, k): Guide => {
      const told = toRad(at(n === 0 ? 'innerAngleDeg' : 'outerAngleDeg'));
      return [ROUND * i + k, toRay ? told : told - k * turn];
    }),
  );
  const vectors = solved(ROUND * sorted.length, edges, guides);
  return fieldAt(
    vectors,
    radii.map((r) => ROUND * sorted.indexOf(Math.log(r))),
  );
}

function cone(
  at: (key: string) => number,
  guides: readonly { readonly azimuthDeg: number; readonly angleDeg: number }[],
  azimuths: readonly number[],
) {
  const spread = at('greaterRadiusMm') - at('smallerRadiusMm');
  const flat = spread / Math.hypot(at('lengthMm'), spread);
  const all = [...guides.map(({ azimuthDeg }) => azimuthDeg), ...azimuths];
  const { sorted, edges } = chain(all, 360);
  // The frame of a generator is turned against the one before by the angle between them on the flat sheet.
  const turned = edges.map((edge): Edge => ({ ...edge, turn: toRad(1 / edge.weight) * flat }));
  const vectors = solved(
    sorted.length,
    turned,
    guides.map(({ azimuthDeg, angleDeg }): Guide => [sorted.indexOf(azimuthDeg), toRad(angleDeg)]),
  );
  const [a, b] = guides.map(({ azimuthDeg }) => azimuthDeg) as [number, number];
  return {
    ...fieldAt(
      vectors,
      azimuths.map((deg) => sorted.indexOf(deg)),
    ),
    developedDeg: [(b - a) * flat, (360 - (b - a)) * flat],
  };
}
