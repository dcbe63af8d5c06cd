import type { Vec3 } from '../../geometry/vec3.ts';
import type { FleshCurve } from '../animal.ts';
import { apart } from './shapes.ts';

/** From the first of a row to its last. */
type FromTo = readonly [from: number, to: number];

const between = ([from, to]: FromTo, i: number, many: number): number =>
  many === 1 ? from : from + ((to - from) * i) / (many - 1);

/** A row along a bone: how many, from which share of it to which, how high over its line and how far beside it. */
interface Row {
  readonly many: number;
  readonly along: FromTo;
  readonly up: FromTo;
  readonly beside: FromTo;
  /** Length of each, life mm. */
  readonly long: FromTo;
}

const inRow = (
  { many, along, up, beside, long }: Row,
  each: (i: number, at: number, root: Vec3, long: number) => FleshCurve,
): readonly FleshCurve[] =>
  Array.from({ length: many }, (_, i) =>
    each(
      i,
      between(along, i, many),
      [0, between(up, i, many), -between(beside, i, many)],
      between(long, i, many),
    ),
  );

/** Teeth of one jaw on both sides, that point down (`way` −1) or up; larger and smaller ones take turns. */
export const teeth = (
  name: string,
  row: Row,
  way: 1 | -1,
  hex = '#efe8d6',
): readonly FleshCurve[] =>
  inRow(row, (i, at, root, long) => {
    const of = long * (i % 3 === 1 ? 1 : 0.72);
    const on = (out: number): Vec3 => [root[0], root[1] + way * out * of, root[2]];
    return apart(
      `${name} ${i + 1}`,
      { hex, bothSides: true, isTooth: true },
      [at, 0.2 * of, on(-0.25)],
      [at, 0.17 * of, on(0.45)],
      [at, 0.04 * of, on(1)],
    );
  });

/** Keels of the large scutes along a back or a tail: thin, and steeper behind; one row on the midline or two. */
export const scutes = (
  name: string,
  row: Row,
  hex: string,
  back: 1 | -1 = -1,
): readonly FleshCurve[] =>
  inRow(row, (i, at, root, long) => {
    const on = (out: number): Vec3 => [back * 0.5 * out * long, root[1] + out * long, root[2]];
    return apart(
      `${name} ${i + 1}`,
      { hex, breadth: 0.34, bothSides: row.beside[0] !== 0 },
      [at, 0.62 * long, on(-0.3)],
      [at, 0.4 * long, on(0.4)],
      [at, 0.08 * long, on(1)],
    );
  });

/** Locks of long hair that hang on either side, and sway to and fro a little. */
export const fringe = (name: string, row: Row): readonly FleshCurve[] =>
  inRow(row, (i, at, root, long) => {
    const sway = (i % 2 === 0 ? 1 : -1) * 0.08 * long;
    return apart(
      `${name} ${i + 1}`,
      { bothSides: true, breadth: 0.7 },
      [at, 0.2 * long, root],
      [at, 0.19 * long, [-0.06 * long, root[1] - 0.5 * long, root[2]]],
      [at, 0.03 * long, [sway - 0.1 * long, root[1] - long, root[2] + 0.04 * long]],
    );
  });
