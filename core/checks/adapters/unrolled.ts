import {
  areaOf,
  developedBand,
  developedFrustum,
  goreHalfWidthMm,
  goreLengthMm,
  helix,
  radiusAt,
  ribbonHelix,
  slantOf,
  type BodyStation,
  type FlatPiece,
} from '../../src/skin/flat/developed.ts';
import { superellipseGirth } from '../../src/skin/flat/girth.ts';
import { num, type Adapter } from '../checkFile.ts';

type At = (key: string) => number;

/** Cylinders, cones, girths, bands, gores and helices laid flat, told by their inputs. */
export const unrolled: Adapter = (entry) => {
  const at: At = (key) => num(entry, key) ?? NaN;
  const has = (key: string): boolean => entry.input[key] !== undefined;
  if (has('stationsMm')) return band(entry.input['stationsMm'] as readonly BodyStation[], at);
  if (has('smallRadiusMm')) return cone(at);
  if (has('exponent'))
    return {
      girthMm: superellipseGirth(at('semiAxisAMm'), at('semiAxisBMm'), at('exponent')),
    };
  if (has('gores')) return gores(at, entry.input['latitudesDeg'] as readonly number[]);
  if (has('ribbonWidthMm')) {
    const { pitchMm, turns, lengthMm } = ribbonHelix(
      at('radiusMm'),
      at('ribbonWidthMm'),
      at('axialLengthMm'),
    );
    return { pitchMm, turns, lengthMm };
  }
  if (has('pitchMm')) {
    const { lengthMm, leadDeg, axialMm } = helix(at('radiusMm'), at('pitchMm'), at('turns'));
    return { lengthMm, leadAngleDeg: leadDeg, axialLengthMm: axialMm };
  }
  return cylinder(at);
};

function cylinder(at: At) {
  const flat = developedFrustum(at('radiusMm'), at('radiusMm'), at('heightMm'));
  if (flat.shape !== 'rectangle') return {};
  const { lengthMm, widthMm } = flat;
  return { lengthMm, widthMm, areaMm2: areaOf(flat), diagonalMm: Math.hypot(lengthMm, widthMm) };
}

function cone(at: At) {
  const flat = developedFrustum(at('smallRadiusMm'), at('largeRadiusMm'), at('axialHeightMm'));
  if (flat.shape !== 'sector') return {};
  const arc = (radius: number): number => (radius * flat.sectorAngleDeg * Math.PI) / 180;
  const { slantMm, innerRadiusMm, outerRadiusMm, sectorAngleDeg } = flat;
  return {
    ...{ slantMm, innerRadiusMm, outerRadiusMm, sectorAngleDeg },
    ...{ innerArcMm: arc(innerRadiusMm), outerArcMm: arc(outerRadiusMm), areaMm2: areaOf(flat) },
  };
}

const told = (piece: FlatPiece) => {
  if (piece.shape === 'rectangle') return piece;
  const { shape, slantMm, innerRadiusMm, outerRadiusMm, sectorAngleDeg } = piece;
  return { shape, slantMm, innerRadiusMm, outerRadiusMm, sectorAngleDeg };
};

function band(stations: readonly BodyStation[], at: At) {
  const [from, wide] = [at('bandFromMm'), at('bandWidthMm')];
  const pieces = developedBand(stations, from, wide);
  const girth = (x: number): number => 2 * Math.PI * radiusAt(stations, x);
  return {
    ...{ girthAtStartMm: girth(from), girthAtEndMm: girth(from + wide) },
    slantMm: pieces.reduce((sum, piece) => sum + slantOf(piece), 0),
    areaMm2: pieces.reduce((sum, piece) => sum + areaOf(piece), 0),
    pieces: pieces.map(told),
  };
}

const gores = (at: At, latitudes: readonly number[]) => ({
  halfWidthsMm: latitudes.map((deg) => goreHalfWidthMm(at('radiusMm'), at('gores'), deg)),
  lengthMm: goreLengthMm(at('radiusMm')),
  goreAreaMm2: (4 * Math.PI * at('radiusMm') ** 2) / at('gores'),
});
