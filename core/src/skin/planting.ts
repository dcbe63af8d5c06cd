/** Millimetres squared in a square centimetre. */
const MM2_PER_CM2 = 100;

/** Rounds halves up, and never to nothing. */
export const nearestWhole = (x: number): number => Math.max(1, Math.floor(x + 0.5));

/** How far points of a density stand from each other, mm: in a square lattice, in a hexagonal one, and its rows. */
export function spacings(perCm2: number): {
  readonly squareMm: number;
  readonly hexMm: number;
  readonly rowMm: number;
} {
  const hexMm = 10 * Math.sqrt(2 / (Math.sqrt(3) * perCm2));
  return { squareMm: 10 / Math.sqrt(perCm2), hexMm, rowMm: (Math.sqrt(3) / 2) * hexMm };
}

/** Points of a density on an area, not rounded. */
export const plantedCount = (areaMm2: number, perCm2: number): number =>
  (areaMm2 / MM2_PER_CM2) * perCm2;

/** Strokes that cover an area of which each covers its own length × width but for what lies on another; not rounded. */
export const strokesOver = (
  areaMm2: number,
  lengthMm: number,
  widthMm: number,
  freshShare: number,
): number => areaMm2 / (lengthMm * widthMm * freshShare);

/** Tufts for so many hairs, whole. */
export const tuftsFor = (hairs: number, hairsPerTuft: number): number =>
  Math.ceil(hairs / hairsPerTuft - 1e-9);

/** Weight of so many solid round fibres, g: length in mm, diameter in µm, density in g/ml. */
export const fibreGrams = (
  count: number,
  lengthMm: number,
  micrometre: number,
  gPerMl: number,
): number => (count * lengthMm * Math.PI * (micrometre / 1000) ** 2 * gPerMl) / 4 / 1000;

/** Scales in rows over a band whose girth changes evenly. */
export interface ScaleRows {
  readonly around: number;
  readonly rows: number;
  readonly pitchMm: number;
  /** Of each row, at its middle. */
  readonly widthsMm: readonly number[];
  /** How far a row is moved round: every second one by half of its own width. */
  readonly shiftsMm: readonly number[];
}

/** Rows of scales over a band: as many round in every row, by the greater girth. */
export function scaleRows(
  girthStartMm: number,
  girthEndMm: number,
  lengthMm: number,
  scaleWidthMm: number,
  rowPitchMm: number,
): ScaleRows {
  const around = nearestWhole(Math.max(girthStartMm, girthEndMm) / scaleWidthMm);
  const rows = nearestWhole(lengthMm / rowPitchMm);
  const widthsMm = Array.from({ length: rows }, (_, i) => {
    const girth = girthStartMm + ((girthEndMm - girthStartMm) * (i + 0.5)) / rows;
    return girth / around;
  });
  return {
    ...{ around, rows, widthsMm, pitchMm: lengthMm / rows },
    shiftsMm: widthsMm.map((w, i) => (i % 2 === 1 ? w / 2 : 0)),
  };
}

/** Plates in one file along a length: how many, what is seen of each, how long each is, and where each begins. */
export function platesAlong(
  lengthMm: number,
  visibleMm: number,
  overlapMm: number,
): {
  readonly plates: number;
  readonly visibleMm: number;
  readonly plateMm: number;
  readonly edgesMm: readonly number[];
} {
  const plates = nearestWhole(lengthMm / visibleMm);
  const fitted = lengthMm / plates;
  return {
    ...{ plates, visibleMm: fitted, plateMm: fitted + overlapMm },
    edgesMm: Array.from({ length: plates }, (_, i) => i * fitted),
  };
}
