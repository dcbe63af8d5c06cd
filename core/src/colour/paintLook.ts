import { dryBrushed, filmOver, endlessReflectance } from './kubelkaMunk.ts';
import { hexOfSpectrum, labOfSpectrum } from './labOf.ts';
import { BANDS, TO_LINEAR } from './observer.ts';
import type { LayerAsked, LayerLook, ZoneAsked, ZoneLook } from './paintQuestion.ts';
import { insideOf, seenOf, type Mix } from './pigments.ts';
import { quickDifference } from './quickDifference.ts';
import { PLACE_SHARES, SKIN_PLACES } from './schools.ts';
import { spectrumOfHex, type Spectrum } from './spectra.ts';

/** A coat hides its ground where it shows so much of a black one against a white one. Common practice. */
export const HIDES = 0.95;
const MOST_COATS = 6;
/** The white field of a card, inside. */
const WHITE_FIELD = 0.8;

/** A film of a mix over a ground, band by band; `thick` times one undiluted coat. */
export const mixOver = (mix: Mix, thick: number, ground: Spectrum): Spectrum =>
  ground.map((under, i) => filmOver(mix.ratios[i]!, mix.thick * mix.scatters[i]! * thick, under));

/** How much of its ground so many coats hide, by what the eye is most sensitive to. */
export function hiding(mix: Mix, thick: number): number {
  let [black, white] = [0, 0];
  for (let i = 0; i < BANDS; i++) {
    const seen = Math.max(0, TO_LINEAR[1][i]!);
    const sx = mix.thick * mix.scatters[i]! * thick;
    black += seen * filmOver(mix.ratios[i]!, sx, 0);
    white += seen * filmOver(mix.ratios[i]!, sx, WHITE_FIELD);
  }
  return black / white;
}

/** Coats of a mix until it hides its ground; six where it never does. */
export function coatsToHide(mix: Mix, paint: number): number {
  for (let coats = 1; coats < MOST_COATS; coats++)
    if (hiding(mix, coats * paint) >= HIDES) return coats;
  return MOST_COATS;
}

/** A layer over what lies under it in one place. */
function laid(
  { kind, paint }: LayerAsked,
  mix: Mix,
  coats: number,
  covers: number,
  under: Spectrum,
): Spectrum {
  // A film lies everywhere, thicker where it pools.
  if (kind === 'film') return mixOver(mix, coats * paint * covers, under);
  if (covers <= 0) return under;
  const over =
    kind === 'powder' ? mix.ratios.map(endlessReflectance) : mixOver(mix, coats * paint, under);
  return under.map((base, i) => dryBrushed(over[i]!, base, Math.min(1, covers)));
}

/** How a zone looks after each of its layers: each computed over what lies under it, the surface once, on top. */
export function zoneLook(zone: ZoneAsked, mixOf: (hex: string) => Mix): Omit<ZoneLook, 'ladder'> {
  const ground = insideOf(spectrumOfHex(zone.groundHex));
  const shares = PLACE_SHARES[zone.textured ? 'textured' : 'smooth'];
  let places: readonly Spectrum[] = SKIN_PLACES.map(() => ground);
  const seenMean = (): Spectrum => {
    const seen = places.map(seenOf);
    return ground.map((_, i) => seen.reduce((sum, of, p) => sum + shares[p]! * of[i]!, 0));
  };
  const layers = zone.layers.map((layer): LayerLook => {
    const mix = mixOf(layer.hex);
    const coats = layer.coats ?? coatsToHide(mix, layer.paint);
    places = places.map((under, p) => laid(layer, mix, coats, layer.covers[p]!, under));
    return {
      ...{ id: layer.id, coats, hides: hiding(mix, coats * layer.paint) },
      hexes: places.map((of) => hexOfSpectrum(seenOf(of))) as unknown as LayerLook['hexes'],
      mean: hexOfSpectrum(seenMean()),
    };
  });
  // Coloured clay has no layers: it is its mix.
  const mean =
    zone.kind === 'clay' ? seenOf(mixOf(zone.hex).ratios.map(endlessReflectance)) : seenMean();
  const [one, aim] = [labOfSpectrum(mean), labOfSpectrum(spectrumOfHex(zone.hex))];
  return {
    ...{ id: zone.id, layers, hex: hexOfSpectrum(mean) },
    difference: quickDifference(...one, ...aim),
  };
}
