import {
  clearFilmOver,
  coatFromCard,
  contrastRatio,
  coveredShare,
  dryBrushed,
  filmOver,
  hidingThickness,
} from '../../src/colour/kubelkaMunk.ts';
import { num, type Adapter } from '../checkFile.ts';

/** Films over grounds, glazes, washes, dry brush, hiding, and coats from a card, in one band or by band. */
export const colourLayers: Adapter = (entry) => {
  const at = (key: string): number => num(entry, key) ?? NaN;
  const has = (key: string): boolean => num(entry, key) !== undefined;
  const list = (key: string): readonly number[] => entry.input[key] as readonly number[];
  if (has('coats')) {
    const after: number[] = [];
    for (let n = 0; n < at('coats'); n++) {
      const ground = after.at(-1) ?? at('groundReflectance');
      const scattering = at('scatteringPerMm') * at('coatThicknessMm');
      after.push(filmOver(at('absorptionPerMm') / at('scatteringPerMm'), scattering, ground));
    }
    return { reflectancesAfterEachCoat: after };
  }
  if (has('thicknessMm')) {
    const scattering = at('scatteringPerMm') * at('thicknessMm');
    if (scattering === 0) {
      const absorption = at('absorptionPerMm') * at('thicknessMm');
      return { reflectance: clearFilmOver(absorption, at('groundReflectance')) };
    }
    const ratio = at('absorptionPerMm') / at('scatteringPerMm');
    return { reflectance: filmOver(ratio, scattering, at('groundReflectance')) };
  }
  if (Array.isArray(entry.input['paintReflectances']))
    return {
      reflectances: list('paintReflectances').map((paint, i) =>
        dryBrushed(paint, list('baseReflectances')[i]!, at('coveredShare')),
      ),
    };
  if (has('seenReflectance'))
    return {
      coveredShare: coveredShare(
        at('paintReflectance'),
        at('baseReflectance'),
        at('seenReflectance'),
      ),
    };
  if (has('scatteringThicknessFullStrength'))
    return {
      reflectances: list('paintShares').map((share) =>
        filmOver(
          at('kOverS'),
          share * at('scatteringThicknessFullStrength'),
          at('groundReflectance'),
        ),
      ),
    };
  if (has('targetRatio'))
    return {
      scatteringThickness: hidingThickness(at('kOverS'), at('whiteGround'), at('targetRatio')),
    };
  if (has('scatteringThickness')) {
    const over = (ground: number): number =>
      filmOver(at('kOverS'), at('scatteringThickness'), ground);
    const white = at('whiteGround');
    return {
      overBlack: over(0),
      overWhite: over(white),
      contrastRatio: contrastRatio(at('kOverS'), at('scatteringThickness'), white),
    };
  }
  if (!Array.isArray(entry.input['reflectancesOverBlack'])) return {};
  const coats = list('reflectancesOverBlack').map((black, i) =>
    coatFromCard(
      { black: at('blackGround'), white: at('whiteGround') },
      { black, white: list('reflectancesOverWhite')[i]! },
    ),
  );
  return {
    kOverS: coats.map(({ ratio }) => ratio),
    scatteringThicknesses: coats.map(({ scattering }) => scattering),
  };
};
