import * as say from './words.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { hexToOklch } from './colourSpaces.ts';
import { hexDifference } from './hexDifference.ts';
import type { LayeredZone } from './layerPlan.ts';

/** A zone or a marking as it comes out, beside what a picture shows of it. */
export interface ColourCheck {
  readonly zoneId: string;
  readonly name: string;
  /** As it comes out on the piece, and as the picture shows it. */
  readonly hex: string;
  readonly seen: string;
  readonly picture: string;
  readonly difference: Working;
  /** In what it differs most, in words. */
  readonly how: string;
}

/** Farther off than this anybody sees it, CIEDE2000. Common practice. */
const FAR = 10;
/** Less than these is no difference in lightness, chroma (OKLCh) or hue, degrees. */
const LEAST = { lightness: 0.03, chroma: 0.015, hueDeg: 12 } as const;

/** In what a colour differs most from another: lightness, strength or hue. */
export function howOff(hex: string, seen: string): string {
  const [a, b] = [hexToOklch(hex), hexToOklch(seen)];
  if (a === undefined || b === undefined) throw new Error(`not a colour: ${hex}, ${seen}`);
  const hue = ((a[2] - b[2] + 540) % 360) - 180;
  const light = (a[0] - b[0]) / LEAST.lightness;
  const strong = (a[1] - b[1]) / LEAST.chroma;
  // The hue of a grey says nothing.
  const turned = Math.min(a[1], b[1]) < LEAST.chroma ? 0 : hue / LEAST.hueDeg;
  const most = Math.max(...[light, strong, turned].map(Math.abs));
  if (most < 1) return say.nearlyAlike;
  if (Math.abs(light) === most) return light > 0 ? say.tooLight : say.tooDark;
  if (Math.abs(strong) === most) return strong > 0 ? say.tooStrong : say.tooGrey;
  return say.otherHue;
}

/** Zones and markings that a picture was asked about, the farthest off first. */
export function colourChecks(
  zones: readonly (LayeredZone & { readonly end: { readonly hex: string } | null })[],
  seen: Workpiece['colour']['seen'],
): readonly ColourCheck[] {
  return zones
    .flatMap(({ zone, hex, end }): ColourCheck[] => {
      const its = seen[zone.id];
      if (its === undefined) return [];
      const out = end?.hex ?? hex;
      return [
        {
          ...{ zoneId: zone.id, name: zone.name, hex: out, seen: its.hex, picture: its.picture },
          how: howOff(out, its.hex),
          difference: {
            ...{ id: `colour.check.${zone.id}`, stage: 'colour', label: say.offPicture(zone.name) },
            ...{ value: hexDifference(out, its.hex), unit: 'ratio', digits: 1, inputs: [] },
            provenance: 'derived',
            reading: {
              method: say.differenceBetween(its.hex, out),
              resolution: say.meanOfPlaces,
              checkedBy: 'core/src/colour/checkColours.test.ts',
            },
            source: say.asPictureShows(its.picture),
            target: zone.target,
          },
        },
      ];
    })
    .toSorted((a, b) => b.difference.value - a.difference.value);
}

/** What is too far off to be passed over. */
export const checkSnags = (checks: readonly ColourCheck[]): readonly Snag[] =>
  checks
    .filter(({ difference }) => difference.value > FAR)
    .map(({ name, picture, difference, how }): Snag => ({
      ...{ stage: 'colour', grade: 'watch', code: 'colour-far-off' },
      ...(difference.target ? { target: difference.target } : {}),
      facts: { zone: name, difference: difference.value, picture, how },
    }));
