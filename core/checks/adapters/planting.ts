import {
  fibreGrams,
  plantedCount,
  platesAlong,
  scaleRows,
  spacings,
  strokesOver,
  tuftsFor,
} from '../../src/skin/planting.ts';
import { num, type Adapter, type CheckCase } from '../checkFile.ts';

/** Counts, spacings, strokes, tufts, rows of scales, plates and fibres, told by their inputs. */
export const planting: Adapter = (entry) => {
  const at = (key: string): number => num(entry, key) ?? NaN;
  const has = (key: string): boolean => num(entry, key) !== undefined;
  if (has('strokeLengthMm')) return strokes(at);
  if (has('hairsPerTuft')) return tufts(at);
  if (has('girthStartMm')) return scales(at);
  if (has('visibleLengthMm')) return plates(at);
  if (has('diameterMicrometre')) return fibres(at);
  return count(entry, at);
};

type At = (key: string) => number;

function count(_: CheckCase, at: At) {
  const many = plantedCount(at('areaMm2'), at('densityPerCm2'));
  const { squareMm, hexMm, rowMm } = spacings(at('densityPerCm2'));
  return {
    ...{ count: many, countWhole: Math.ceil(many) },
    ...{ squareSpacingMm: squareMm, hexSpacingMm: hexMm, hexRowMm: rowMm },
  };
}

function strokes(at: At) {
  const many = strokesOver(
    at('areaMm2'),
    at('strokeLengthMm'),
    at('strokeWidthMm'),
    at('freshShare'),
  );
  return { strokes: many, strokesWhole: Math.ceil(many), minutes: many / at('strokesPerMin') };
}

function tufts(at: At) {
  const hairs = plantedCount(at('areaMm2'), at('densityPerCm2'));
  const many = tuftsFor(hairs, at('hairsPerTuft'));
  return {
    ...{ hairs, tuftsWhole: many, minutes: (many * at('secondsPerTuft')) / 60 },
    tuftHexSpacingMm: spacings(at('densityPerCm2') / at('hairsPerTuft')).hexMm,
  };
}

function scales(at: At) {
  const rows = scaleRows(
    at('girthStartMm'),
    at('girthEndMm'),
    at('bandLengthMm'),
    at('scaleWidthMm'),
    at('rowPitchMm'),
  );
  return {
    ...{ scalesAround: rows.around, rows: rows.rows, fittedRowPitchMm: rows.pitchMm },
    ...{ scaleWidthsMm: rows.widthsMm, rowShiftsMm: rows.shiftsMm },
    scalesInAll: rows.around * rows.rows,
  };
}

function plates(at: At) {
  const found = platesAlong(at('lengthMm'), at('visibleLengthMm'), at('overlapMm'));
  return {
    ...{ plates: found.plates, fittedVisibleMm: found.visibleMm },
    ...{ plateLengthMm: found.plateMm, edgesMm: found.edgesMm },
  };
}

function fibres(at: At) {
  const [many, long] = [at('count'), at('lengthMm')];
  const grams = fibreGrams(many, long, at('diameterMicrometre'), at('fibreDensityGPerCm3'));
  const totalLengthM = (many * long) / 1000;
  return { grams, totalLengthM, gramsPer1000M: (grams / totalLengthM) * 1000 };
}
