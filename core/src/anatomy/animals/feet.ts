import { add, distance, scale, type Vec3 } from '../../geometry/vec3.ts';
import type { FleshCurve } from '../animal.ts';
import { apart, curve, type CurveRow } from './shapes.ts';

/** Horn of claws and hooves. */
const HORN = '#3a332b';

/**
 * A claw that goes on from the tip of a toe, which is told as its last row: so long along its curve, bent down by `bend` of its
 * length; `way` is where it points at rest. Life mm.
 */
export function claw(
  name: string,
  [at, radius, offset = [0, 0, 0]]: CurveRow,
  long: number,
  { way = [1, 0, 0], bend = 0.35, hex = HORN }: { way?: Vec3; bend?: number; hex?: string } = {},
): FleshCurve {
  const on = (share: number, down: number): Vec3 => [
    way[0] * share,
    way[1] * share - down,
    way[2] * share,
  ];
  const line = [on(-0.05, -0.02), on(0.45, 0), on(0.8, 0.4 * bend), on(1, bend)];
  // So long along its curve, however it is bent.
  const k = long / line.slice(1).reduce((sum, p, i) => sum + distance(line[i]!, p), 0);
  const radii = [0.75, 0.6, 0.36, 0.08];
  return apart(
    name,
    { hex, breadth: 0.8 },
    ...line.map((p, i): CurveRow => [at, radii[i]! * radius, add(offset, scale(p, k))]),
  );
}

/**
 * Four toes that meet the ground: the middle two longer and side by side, the outer ones
 * behind them; `wide` is the radius of one at its knuckle, the claws so long, life mm. General knowledge of
 * dogs and cats.
 */
export const pawToes = (wide: number, clawMm: number): readonly FleshCurve[] =>
  [-1.55, -0.52, 0.52, 1.55].flatMap((beside, i) => {
    const isOuter = Math.abs(beside) > 1;
    const [root, knuckle, tip] = isOuter ? [0.1, 0.42, 0.72] : [0.25, 0.65, 0.96];
    const last: CurveRow = [tip, 0.72 * wide, [0, -3, beside * wide]];
    return [
      curve(
        `toe ${i + 2}`,
        [root, 0.85 * wide, [0, 2, beside * 0.8 * wide]],
        [knuckle, wide, [0, 1, beside * wide]],
        last,
      ),
      claw(`claw ${i + 2}`, [tip, 0.5 * wide, [0.55 * wide, 0, beside * wide]], clawMm),
    ];
  });

/** Toes side by side or spread, each from a root to its tip and ending in a claw of some length. */
export const clawedToes = (
  toes: Readonly<Record<string, readonly [rows: readonly CurveRow[], clawMm: number]>>,
  way: Vec3 = [1, 0, 0],
): readonly FleshCurve[] =>
  Object.entries(toes).flatMap(([name, [rows, clawMm]]) => [
    curve(name, ...rows),
    claw(`claw of the ${name}`, rows.at(-1)!, clawMm, { way }),
  ]);

/**
 * The two hooves of a cloven foot about the end of its bone, `long` from heel to tip and standing on the
 * ground `under` mm below that end; and the two dewclaws behind the fetlock, each `dew` long. Life mm, general
 * knowledge of deer and goats.
 */
export const clovenHoof = (long: number, under: number, dew: number): readonly FleshCurve[] => [
  ...[-1, 1].map((side) => {
    const beside = side * 0.2 * long;
    return apart(
      `hoof ${side < 0 ? 3 : 4}`,
      { hex: HORN, breadth: 0.5 },
      [1, 0.62 * under, [-0.36 * long, -0.38 * under, beside]],
      [1, 1.02 * under, [-0.08 * long, 0, beside]],
      [1, 0.74 * under, [0.3 * long, -0.3 * under, beside]],
      [1, 0.3 * under, [0.6 * long, -0.74 * under, 0.75 * beside]],
    );
  }),
  ...[-1, 1].map((side) =>
    apart(
      `dewclaw ${side < 0 ? 2 : 5}`,
      HORN,
      [0.08, 0.3 * dew, [-0.75 * dew, 0, side * 0.5 * dew]],
      [0.08, 0.26 * dew, [-1.1 * dew, -0.5 * dew, side * 0.55 * dew]],
      [0.08, 0.1 * dew, [-1.2 * dew, -1 * dew, side * 0.5 * dew]],
    ),
  ),
];

/** Nails on the front of a pillar foot, spread about it in a bow: how far ahead, how far beside, their size. */
export const nails = (
  many: number,
  ahead: number,
  beside: number,
  size: number,
): readonly FleshCurve[] =>
  Array.from({ length: many }, (_, i) => {
    const angle = ((i - (many - 1) / 2) * 0.62 * Math.PI) / Math.max(1, many - 1);
    const at = (out: number, up: number): Vec3 => [
      ahead * Math.cos(angle) * out,
      up,
      beside * Math.sin(angle) * out,
    ];
    return apart(
      `nail ${i + 1}`,
      { hex: '#8d8064', breadth: 1.5 },
      [1, 0.36 * size, at(0.72, 0.3 * size)],
      [1, 0.42 * size, at(0.88, -0.1 * size)],
      [1, 0.34 * size, at(0.94, -0.5 * size)],
    );
  });
