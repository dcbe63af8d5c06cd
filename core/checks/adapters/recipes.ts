import { linearRgb, rgbToLab } from '../../src/colour/colourSpaces.ts';
import {
  absorptionRatio,
  endlessReflectance,
  insideSurface,
  throughSurface,
} from '../../src/colour/kubelkaMunk.ts';
import { BANDS, linearOf } from '../../src/colour/observer.ts';
import { insideMix, mixed, type Pigment } from '../../src/colour/pigments.ts';
import { allRecipes, bestTwo, choices, portions } from '../../src/colour/recipes.ts';
import type { Triple } from '../../src/geometry/matrix3.ts';
import { num, type Adapter, type CheckCase } from '../checkFile.ts';

interface Paint {
  readonly id: string;
  readonly reflectances: readonly number[];
}

/** Mixes, and the best recipes of whole parts by rms or by CIEDE2000; paints of equal strength, no surface. */
export const recipes: Adapter = (entry) => {
  const { k1, k2, internalReflectances, measuredReflectances, paints, parts } = entry.input;
  const surface = { outer: Number(k1), inner: Number(k2) };
  if (Array.isArray(internalReflectances))
    return {
      measuredReflectances: internalReflectances.map((r: number) => throughSurface(r, surface)),
    };
  if (Array.isArray(measuredReflectances))
    return {
      internalReflectances: measuredReflectances.map((r: number) => insideSurface(r, surface)),
    };
  if (!Array.isArray(paints)) return {};
  const own = paints as readonly Paint[];
  if (Array.isArray(parts)) return { reflectances: plainMix(own, parts as readonly number[]) };
  if (Array.isArray(entry.input['targetReflectances'])) return byRms(entry, own);
  return byDifference(entry, own);
};

/** Reflectances of a mix in as many bands as the paints have. */
const plainMix = (paints: readonly Paint[], parts: readonly number[]): readonly number[] =>
  paints[0]!.reflectances.map((_, band) => {
    const all = parts.reduce((sum, part) => sum + part, 0);
    const ratio = parts.reduce(
      (sum, part, i) => sum + part * absorptionRatio(paints[i]!.reflectances[band]!),
      0,
    );
    return endlessReflectance(ratio / all);
  });

const limits = (entry: CheckCase) => ({
  maxPaints: num(entry, 'maxPaints') ?? NaN,
  maxParts: num(entry, 'maxParts') ?? NaN,
});

function byRms(entry: CheckCase, paints: readonly Paint[]) {
  const target = entry.input['targetReflectances'] as readonly number[];
  const { maxPaints, maxParts } = limits(entry);
  const two = bestTwo(1e-12);
  for (let many = 1; many <= maxPaints; many++)
    for (const places of choices(paints.length, many))
      for (const portion of portions(many, maxParts)) {
        const parts = paints.map((_, i) => portion[places.indexOf(i)] ?? 0);
        const seen = plainMix(paints, parts);
        const squares = seen.reduce((sum, r, i) => sum + (r - target[i]!) ** 2, 0);
        two.show({ parts, difference: Math.sqrt(squares / target.length) });
      }
  const { best, second } = two.found();
  return {
    partsInGivenOrder: best?.parts,
    rms: best?.difference,
    runnerUpPartsInGivenOrder: second?.parts,
    runnerUpRms: second?.difference,
  };
}

function byDifference(entry: CheckCase, paints: readonly Paint[]) {
  const { targetHex, targetLinearSrgb } = entry.input;
  const linear =
    typeof targetHex === 'string'
      ? linearRgb(
          [1, 3, 5].map(
            (at) => Number.parseInt(targetHex.slice(at, at + 2), 16) / 255,
          ) as unknown as Triple,
        )
      : (targetLinearSrgb as unknown as Triple);
  const targetLab = rgbToLab(linear);
  const pigments = paints.map(({ id, reflectances }): Pigment => ({
    id,
    absorbs: Float64Array.from(reflectances, absorptionRatio),
    scatters: new Float64Array(BANDS).fill(1),
    thick: 1,
  }));
  const [found] = allRecipes(pigments, [targetLab], limits(entry), null);
  const { best, second } = found!;
  const seen = linearOf(insideMix(mixed(pigments, best!.parts)));
  return {
    partsInGivenOrder: best!.parts,
    dE00: best!.difference,
    runnerUpPartsInGivenOrder: second!.parts,
    runnerUpDE00: second!.difference,
    targetLab,
    mixedLinearSrgb: seen,
    mixedLab: rgbToLab(seen),
  };
}
