import type { Triple } from '../../geometry/matrix3.ts';
import { hexToOklch } from '../colourSpaces.ts';
import { toRad } from '../../units/angles.ts';
import { heldToFew } from './groups.ts';

/** A colour to hold, and how much it counts: its area, cm². */
export interface ColourToHold {
  readonly hex: string;
  readonly weight: number;
}

/** OKLab of "#rrggbb". */
function oklabOf(hex: string): Triple {
  const [l, c, h] = hexToOklch(hex) ?? [0, 0, 0];
  return [l, c * Math.cos(toRad(h)), c * Math.sin(toRad(h))];
}

/** For each of some colours that of k of them which stands for it, so that as little as can be is changed over all. */
export function coloursHeld(colours: readonly ColourToHold[], k: number): readonly string[] {
  const { nearest } = heldToFew(
    {
      colours: colours.map(({ hex }) => oklabOf(hex)),
      weights: colours.map(({ weight }) => weight),
    },
    k,
  );
  return nearest.map((i) => colours[i]!.hex);
}
