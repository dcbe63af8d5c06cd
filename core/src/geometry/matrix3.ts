/** A column of three numbers. */
export type Triple = readonly [number, number, number];
/** Three rows. */
export type Matrix3 = readonly [Triple, Triple, Triple];

/** A matrix times a column. */
export const times = (m: Matrix3, v: Triple): Triple => [
  m[0][0] * v[0] + m[0][1] * v[1] + m[0][2] * v[2],
  m[1][0] * v[0] + m[1][1] * v[1] + m[1][2] * v[2],
  m[2][0] * v[0] + m[2][1] * v[1] + m[2][2] * v[2],
];

/** The inverse of a 3×3 matrix by cofactors. */
export function inverse3([a, b, c]: Matrix3): Matrix3 {
  const minor = (p: Triple, q: Triple, i: 0 | 1 | 2, j: 0 | 1 | 2): number =>
    p[i] * q[j] - p[j] * q[i];
  const det = a[0] * minor(b, c, 1, 2) - a[1] * minor(b, c, 0, 2) + a[2] * minor(b, c, 0, 1);
  return [
    [minor(b, c, 1, 2) / det, -minor(a, c, 1, 2) / det, minor(a, b, 1, 2) / det],
    [-minor(b, c, 0, 2) / det, minor(a, c, 0, 2) / det, -minor(a, b, 0, 2) / det],
    [minor(b, c, 0, 1) / det, -minor(a, c, 0, 1) / det, minor(a, b, 0, 1) / det],
  ];
}
