import type { Triple } from '../geometry/matrix3.ts';
import { encodedRgb, rgbToLab } from './colourSpaces.ts';
import { linearOf } from './observer.ts';
import type { Spectrum } from './spectra.ts';

/** CIELAB against D65 of a spectrum as it is seen. */
export const labOfSpectrum = (seen: Spectrum): Triple => rgbToLab(linearOf(seen));

/** "#rrggbb" of a spectrum as it is seen; what no screen shows is held to what it does. */
export const hexOfSpectrum = (seen: Spectrum): string =>
  `#${encodedRgb(linearOf(seen).map((v) => Math.min(1, Math.max(0, v))) as unknown as Triple)
    .map((v) =>
      Math.round(255 * v)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
