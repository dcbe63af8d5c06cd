import { toDeg } from '../../units/angles.ts';
import { alignPoints } from '../photo/alignment.ts';
import type { ViewPair } from './disagreements.ts';
import type { PairMatch } from './reconcile.ts';

/** How one picture is laid upon another. */
export interface Laid {
  readonly factor: number;
  /** Counter-clockwise. */
  readonly turnDeg: number;
  /** What it leaves, life mm. */
  readonly rmsMm: number;
}

/**
 * Two pictures of the same view laid upon each other: the similarity of Umeyama (1991), as scale,
 * turn in degrees counter-clockwise and what it leaves, life mm. Undefined for other pairs or fewer
 * than three shared landmarks.
 */
export function alignTo(pair: ViewPair): Laid | undefined {
  const [a, b] = pair.views;
  if (a.axes.across.axis !== b.axes.across.axis || a.axes.up.axis !== b.axes.up.axis)
    return undefined;
  const ids = pair.shared.map(({ landmarkId }) => landmarkId);
  if (ids.length < 3) return undefined;
  const flip = a.axes.across.sign * b.axes.across.sign;
  const from = ids.map((id) => b.points.get(id)!.page).map(([x, y]) => [flip * x, y]);
  const to = ids.map((id) => [...a.points.get(id)!.page]);
  const { scale, rotation, rms: rmsMm } = alignPoints(from, to);
  return {
    factor: scale,
    turnDeg: flip * toDeg(Math.atan2(rotation[1]![0]!, rotation[0]![0]!)),
    rmsMm,
  };
}

/** Every pair of pictures that can be laid upon each other, once each. */
export const alignedPairs = (
  matches: readonly PairMatch[],
): readonly { readonly match: PairMatch; readonly by: Laid }[] =>
  matches.flatMap((match) => {
    const { axis, views } = match.pair;
    const by = axis === 2 || axis !== views[0].axes.up.axis ? undefined : alignTo(match.pair);
    return by === undefined ? [] : [{ match, by }];
  });
