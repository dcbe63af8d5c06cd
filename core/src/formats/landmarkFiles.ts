import * as say from './words.ts';
import type { Landmark } from '../anatomy/landmarks.ts';
import { calibrate } from '../measure/pictures/calibration.ts';
import { meanPoint } from '../measure/pictures/precision.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { Picture, PicturePoint } from '../piece/referencesSchema.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import { plainNumber } from '../units/parseNumber.ts';
import { csvRows, csvText } from './csv.ts';

/** Landmark files are short; longer ones are none. */
const MOST_CHARACTERS = 2_000_000;

/** Landmarks read from a file: pixels of the picture, y down, by landmark. */
export type ReadLandmarks = Readonly<Record<string, PicturePoint>>;

const places = (value: number): string => (Math.round(value * 100) / 100).toString();

/**
 * A picture's landmarks in the text format of geometric morphometrics: one `LM=` block of x and y in
 * pixels from the lower left corner, in the plan's order, `NA NA` where one is not placed; names in a
 * comment, scale in life mm per pixel.
 */
export function landmarksTps(
  picture: Picture,
  landmarks: readonly Landmark[],
  skeleton: Skeleton,
): string {
  const calibration = calibrate(picture, skeleton);
  const rows = landmarks.map(({ id }) => {
    const clicks = picture.landmarks[id];
    if (clicks === undefined) return say.naNa;
    const [u, v] = meanPoint(clicks);
    return `${places(u)} ${places(picture.heightPx - v)}`;
  });
  return [
    `LM=${landmarks.length}`,
    ...rows,
    // One line, whatever the picture is called.
    `IMAGE=${picture.name.replaceAll(/\p{C}/gu, ' ')}`,
    `ID=${picture.id}`,
    ...(typeof calibration === 'string' ? [] : [`SCALE=${calibration.mmPerPx}`]),
    `COMMENT=${landmarks.map(({ id }) => id).join(' ')}`,
    '',
  ].join('\n');
}

/** Landmarks of all pictures as a table: pixels as placed, y down, one row a click. */
export function landmarksCsv(pictures: readonly Picture[], landmarks: readonly Landmark[]): string {
  const rows = pictures.flatMap((picture) =>
    landmarks.flatMap(({ id, name }) =>
      (picture.landmarks[id] ?? []).map(([u, v], i) => [
        picture.name,
        picture.view,
        id,
        name,
        i + 1,
        Number(places(u)),
        Number(places(v)),
      ]),
    ),
  );
  return csvText(['picture', 'view', 'landmark', 'name', 'click', 'x_px', 'y_px'], rows);
}

/**
 * Reads landmarks for a picture from TPS or CSV, told by the text itself. TPS without names is taken
 * in the plan's order and must then have as many landmarks as the plan.
 */
export function readLandmarks(
  fileName: string,
  text: string,
  picture: Picture,
  landmarks: readonly Landmark[],
): Parsed<ReadLandmarks> {
  if (text.length > MOST_CHARACTERS)
    return refused(fileName, say.charactersOf(text.length), say.landmarksOfAtMost(MOST_CHARACTERS));
  const first = text.trimStart();
  if (/^LM\s*=/i.test(first)) return readTps(fileName, first, picture, landmarks);
  if (/^picture,/i.test(first)) return readCsv(fileName, first, picture, landmarks);
  return refused(fileName, first.slice(0, 20), say.landmarkFileThatIsOurs);
}

function readTps(
  fileName: string,
  text: string,
  picture: Picture,
  landmarks: readonly Landmark[],
): Parsed<ReadLandmarks> {
  const lines = text.split(/\r?\n/).map((line) => line.trim());
  const count = Number(/^LM\s*=\s*(\d+)$/i.exec(lines[0] ?? '')?.[1]);
  if (!Number.isInteger(count))
    return refused(say.line(fileName), lines[0], say.landmarkCountFollows);
  // A second block belongs to another picture: only the first is read.
  const end = lines.findIndex((line, i) => i > 0 && /^LM\s*=/i.test(line));
  const block = end < 0 ? lines : lines.slice(0, end);
  const comment = block.find((line) => /^COMMENT\s*=/i.test(line))?.replace(/^[^=]*=\s*/, '');
  const names = comment?.split(/\s+/) ?? [];
  const known = new Set(landmarks.map(({ id }) => id));
  const byName = names.length === count && names.every((name) => known.has(name));
  if (!byName && count !== landmarks.length)
    return refused(
      fileName,
      say.landmarksWithoutNamesOf(count),
      `${landmarks.length} landmarks in the plan’s order, or names in a COMMENT= line`,
    );
  const found: Record<string, PicturePoint> = {};
  for (let i = 0; i < count; i++) {
    const line = block[i + 1] ?? '';
    if (/^(NA\s+NA|-1\s+-1)$/i.test(line)) continue;
    const [x, y, ...more] = line.split(/\s+/).map(plainNumber);
    if (x === undefined || y === undefined || more.length > 0 || ![x, y].every(Number.isFinite))
      return refused(say.line2(fileName, i + 2), line, say.twoNumbersXAnd);
    found[byName ? names[i]! : landmarks[i]!.id] = [x, picture.heightPx - y];
  }
  return within(fileName, found, picture);
}

function readCsv(
  fileName: string,
  text: string,
  picture: Picture,
  landmarks: readonly Landmark[],
): Parsed<ReadLandmarks> {
  const [head = [], ...rows] = csvRows(text);
  const columns = head.map((cell) => cell.trim().toLowerCase());
  const at = (name: string): number => columns.indexOf(name);
  const [of, id, x, y] = [at('picture'), at('landmark'), at('x_px'), at('y_px')];
  if ([of, id, x, y].includes(-1))
    return refused(say.line(fileName), head.join(','), say.columnsPictureLandmarkX);
  const known = new Set(landmarks.map((landmark) => landmark.id));
  const clicks: Record<string, PicturePoint[]> = {};
  for (const [i, parts] of rows.entries()) {
    if (parts[of] !== picture.name) continue;
    const name = parts[id] ?? '';
    if (!known.has(name))
      return refused(say.line2(fileName, i + 2), name, say.landmarkOfThisAnimals);
    const point = [plainNumber(parts[x] ?? ''), plainNumber(parts[y] ?? '')] as const;
    if (!point.every(Number.isFinite))
      return refused(say.line2(fileName, i + 2), parts.join(','), say.numbersForXPx);
    (clicks[name] ??= []).push(point);
  }
  if (Object.keys(clicks).length === 0)
    return refused(fileName, say.noRowOfThis, say.rowsWhosePictureIs(picture.name));
  const found = Object.entries(clicks).map(([name, points]) => [name, meanPoint(points)] as const);
  return within(fileName, Object.fromEntries(found), picture);
}

function within(
  fileName: string,
  found: ReadLandmarks,
  { widthPx, heightPx }: Picture,
): Parsed<ReadLandmarks> {
  const outside = Object.entries(found).find(
    ([, [u, v]]) => u < 0 || v < 0 || u > widthPx || v > heightPx,
  );
  if (outside === undefined) return accepted(found);
  return refused(
    `${fileName}, ${outside[0]}`,
    say.pointAtPixels(outside[1].map(places).join(', ')),
    say.pointOnPictureOf(widthPx, heightPx),
  );
}
