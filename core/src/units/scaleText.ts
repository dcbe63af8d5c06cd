/** Which way a scale may be off where it is written short. */
export type ScaleSide = 'larger' | 'smaller';

/**
 * A scale as the rest of the application writes it, 1:6 or 4:1, rounded so that the model of the written
 * scale is never on the wrong side: `larger` makes it at least as large as that of `lifePerModel`,
 * `smaller` at most. Whole from 20 on, one digit from 5 on, two below.
 */
export function scaleText(lifePerModel: number, side: ScaleSide): string {
  const enlarged = lifePerModel < 1;
  const ratio = enlarged ? 1 / lifePerModel : lifePerModel;
  // A larger model has a larger ratio where it is enlarged, and a smaller one where it is reduced.
  const up = enlarged === (side === 'larger');
  const steps = ratio >= 20 ? 1 : ratio >= 5 ? 10 : 100;
  const exact = ratio * steps;
  // What is a step already, but for the last bits of the division, stays that step.
  const near = Math.round(exact);
  const rounded =
    Math.abs(exact - near) < 1e-9 * exact ? near : up ? Math.ceil(exact) : Math.floor(exact);
  const written = String(rounded / steps);
  return enlarged ? `${written}:1` : `1:${written}`;
}
