/**
 * A smooth curve through points (x rising) that never overshoots them, held level beyond its ends.
 * Source: F. N. Fritsch and R. E. Carlson, SIAM J. Numer. Anal. 17 (1980), 238–246, with the
 * weighted harmonic mean of F. N. Fritsch and J. Butland (1984) for the slopes.
 */
export function monotoneCubic(xs: readonly number[], ys: readonly number[]): (x: number) => number {
  const last = xs.length - 1;
  const widths = xs.slice(1).map((x, i) => x - xs[i]!);
  const rises = widths.map((width, i) => (ys[i + 1]! - ys[i]!) / width);
  const slopes = xs.map((_, i) => {
    if (i === 0 || i === last) return rises[i === 0 ? 0 : last - 1] ?? 0;
    const [before, after] = [rises[i - 1]!, rises[i]!];
    if (before * after <= 0) return 0;
    const [w1, w2] = [2 * widths[i]! + widths[i - 1]!, widths[i]! + 2 * widths[i - 1]!];
    return (w1 + w2) / (w1 / before + w2 / after);
  });
  return (x) => {
    if (x <= xs[0]!) return ys[0]!;
    if (x >= xs[last]!) return ys[last]!;
    let i = 0;
    while (xs[i + 1]! < x) i++;
    const width = widths[i]!;
    const t = (x - xs[i]!) / width;
    const u = 1 - t;
    return (
      ys[i]! * u * u * (1 + 2 * t) +
      ys[i + 1]! * t * t * (1 + 2 * u) +
      width * t * u * (slopes[i]! * u - slopes[i + 1]! * t)
    );
  };
}
