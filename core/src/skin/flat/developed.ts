import { toDeg } from '../../units/angles.ts';

/** A band of skin laid flat: round its body, cut open along one line. Lengths in mm, the angle in degrees. */
export type FlatPiece =
  | {
      readonly shape: 'rectangle';
      /** Round the body. */
      readonly lengthMm: number;
      readonly widthMm: number;
    }
  | {
      readonly shape: 'sector';
      readonly slantMm: number;
      readonly innerRadiusMm: number;
      readonly outerRadiusMm: number;
      readonly sectorAngleDeg: number;
      /** Whether its first edge, as one goes along the body, is the inner one. */
      readonly widens: boolean;
    };

/** Radii that differ by less than this share are one: the centre of a flatter sector would lie too far away. */
const LEVEL = 1e-9;

/**
 * The mantle of a frustum laid flat: a sector of a ring, or a rectangle where both ends are alike. Exact: a cone is
 * developable (s = √(h² + (R − r)²), angle = 360 (R − r)/s).
 */
export function developedFrustum(
  startRadiusMm: number,
  endRadiusMm: number,
  axialMm: number,
): FlatPiece {
  const [less, more] = [Math.min(startRadiusMm, endRadiusMm), Math.max(startRadiusMm, endRadiusMm)];
  if (more - less <= LEVEL * more)
    return { shape: 'rectangle', lengthMm: 2 * Math.PI * more, widthMm: axialMm };
  const slantMm = Math.hypot(axialMm, more - less);
  return {
    shape: 'sector',
    slantMm,
    innerRadiusMm: (less * slantMm) / (more - less),
    outerRadiusMm: (more * slantMm) / (more - less),
    sectorAngleDeg: (360 * (more - less)) / slantMm,
    widens: endRadiusMm > startRadiusMm,
  };
}

/** How long a piece is along the body, on its surface. */
export const slantOf = (piece: FlatPiece): number =>
  piece.shape === 'rectangle' ? piece.widthMm : piece.slantMm;

/** Area of a piece, mm². */
export function areaOf(piece: FlatPiece): number {
  if (piece.shape === 'rectangle') return piece.lengthMm * piece.widthMm;
  const { innerRadiusMm: r, outerRadiusMm: R, sectorAngleDeg } = piece;
  return ((R * R - r * r) * sectorAngleDeg * Math.PI) / 360;
}

/** A station of a round body: along its axis, and its radius there. */
export type BodyStation = readonly [axialMm: number, radiusMm: number];

/** A band of a round body between straight stations, cut at every station in it. */
export function developedBand(
  stations: readonly BodyStation[],
  fromMm: number,
  widthMm: number,
): readonly FlatPiece[] {
  const end = fromMm + widthMm;
  const cuts = [fromMm, ...stations.map(([x]) => x).filter((x) => x > fromMm && x < end), end];
  return cuts.slice(1).map((to, i) => {
    const from = cuts[i]!;
    return developedFrustum(radiusAt(stations, from), radiusAt(stations, to), to - from);
  });
}

/** Radius of a round body at a place of its axis, straight between stations. */
export function radiusAt(stations: readonly BodyStation[], x: number): number {
  const after = Math.max(
    1,
    stations.findIndex(([at]) => at >= x),
  );
  const [[x0, r0], [x1, r1]] = [stations[after - 1]!, stations[after]!];
  return r0 + ((r1 - r0) * (x - x0)) / (x1 - x0);
}

/**
 * Where a point of a piece lies on the flat sheet, mm: `along` is the share of the way from its first edge to its
 * second, `round` the share of the girth from the middle line, −½ to ½. The middle line lies on x, the first edge at 0.
 */
export function onSheet(piece: FlatPiece, along: number, round: number): readonly [number, number] {
  if (piece.shape === 'rectangle') return [along * piece.widthMm, round * piece.lengthMm];
  const { innerRadiusMm, outerRadiusMm, slantMm, sectorAngleDeg, widens } = piece;
  const angle = (round * sectorAngleDeg * Math.PI) / 180;
  const radius = widens ? innerRadiusMm + along * slantMm : outerRadiusMm - along * slantMm;
  const [x, y] = [radius * Math.cos(angle), radius * Math.sin(angle)];
  // The centre lies before a widening piece and behind a narrowing one.
  return widens ? [x - innerRadiusMm, y] : [outerRadiusMm - x, y];
}

/** Half the width of one of n gores of a ball at a latitude, and the length of a gore from pole to pole. */
export const goreHalfWidthMm = (radiusMm: number, gores: number, latitudeDeg: number): number =>
  (Math.PI * radiusMm * Math.cos((latitudeDeg * Math.PI) / 180)) / gores;
export const goreLengthMm = (radiusMm: number): number => Math.PI * radiusMm;

/** A wire or yarn wound about a body: how long it is, its lead, and how far it goes along the body. */
export const helix = (
  radiusMm: number,
  pitchMm: number,
  turns: number,
): { readonly lengthMm: number; readonly leadDeg: number; readonly axialMm: number } => ({
  lengthMm: turns * Math.hypot(2 * Math.PI * radiusMm, pitchMm),
  leadDeg: toDeg(Math.atan2(pitchMm, 2 * Math.PI * radiusMm)),
  axialMm: turns * pitchMm,
});

/** A ribbon wound edge to edge about a body: its pitch, turns, and how long it is along its middle. */
export function ribbonHelix(
  radiusMm: number,
  ribbonMm: number,
  axialMm: number,
): { readonly pitchMm: number; readonly turns: number; readonly lengthMm: number } {
  const round = 2 * Math.PI * radiusMm;
  const pitchMm = (round * ribbonMm) / Math.sqrt(round * round - ribbonMm * ribbonMm);
  const turns = axialMm / pitchMm;
  return { pitchMm, turns, lengthMm: helix(radiusMm, pitchMm, turns).lengthMm };
}
