import type { Picture, PicturePoint } from '../piece/referencesSchema.ts';
import { plateLayout, plateReference, type ReferencePlate } from '../sheets/referencePlates.ts';

/** Evenly spread numbers from 0 to 1, the same for the same seed (a splitmix mixer). */
export function evenNumbers(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x9e3779b9) >>> 0;
    let z = state;
    z = Math.imul(z ^ (z >>> 16), 0x21f0aaad);
    z = Math.imul(z ^ (z >>> 15), 0x735a2d97);
    return ((z ^ (z >>> 15)) >>> 0) / 2 ** 32;
  };
}

/** Normally spread numbers of sigma 1 (G. Box & M. Muller 1958). */
export function normalNumbers(seed: number): () => number {
  const even = evenNumbers(seed);
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}

/** A hand that clicks beside the point by so many pixels (one sigma). */
export function shakyHand(seed: number, sigmaPx: number): (at: PicturePoint) => [number, number] {
  const normal = normalNumbers(seed);
  return ([u, v]) => [u + sigmaPx * normal(), v + sigmaPx * normal()];
}

/** A plate calibrated, levelled and landmarked by a hand; `only` leaves the other landmarks out. */
export function tracedPlate(
  plate: ReferencePlate,
  hand: (at: PicturePoint) => [number, number],
  only: (landmarkId: string) => boolean = () => true,
): Picture {
  const { landmarks, bar, ground } = plateLayout(plate);
  return {
    ...plateReference(plate),
    scale: { by: 'length', from: hand(bar.from), to: hand(bar.to), mm: bar.mm, plusMinusMm: 0 },
    level: { from: hand(ground.from), to: hand(ground.to) },
    landmarks: Object.fromEntries(
      Object.entries(landmarks)
        .filter(([id]) => only(id))
        .map(([id, at]) => [id, [hand(at)]]),
    ),
  };
}
