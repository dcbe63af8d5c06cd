import { describe, expect, it } from 'vitest';
import { landmarksOf } from '../anatomy/landmarks.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import type { Picture } from '../piece/referencesSchema.ts';
import { pictureOf, placesOf } from '../testing/simulatedPictures.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { planPiece } from '../plan.ts';
import { problemSentence } from '../units/problem.ts';
import { foundCsv } from './foundLengths.ts';
import { landmarksCsv, landmarksTps, readLandmarks } from './landmarkFiles.ts';
import { readPictureHeader, uprightSize } from './pictureHeader.ts';

const text = (latin: string): number[] => [...latin].map((c) => c.charCodeAt(0));
const be = (value: number, bytes: number): number[] =>
  Array.from({ length: bytes }, (_, i) => (value >> (8 * (bytes - 1 - i))) & 0xff);
const le = (value: number, bytes: number): number[] => be(value, bytes).toReversed();

const png = (w: number, h: number): Uint8Array =>
  Uint8Array.from([
    ...text('\x89PNG\r\n\x1a\n'),
    ...be(13, 4),
    ...text('IHDR'),
    ...be(w, 4),
    ...be(h, 4),
  ]);
/** A JPEG's head: EXIF with an orientation, a table, the frame header. */
function jpeg(w: number, h: number, orientation: number, little: boolean): Uint8Array {
  const n = little ? le : be;
  const tiff = [
    ...text(little ? 'II' : 'MM'),
    ...n(42, 2),
    ...n(8, 4),
    ...n(1, 2),
    ...n(0x0112, 2),
    ...n(3, 2),
    ...n(1, 4),
    ...n(orientation, 2),
    ...n(0, 2),
    ...n(0, 4),
  ];
  const exif = [...text('Exif\0\0'), ...tiff];
  return Uint8Array.from([
    0xff,
    0xd8,
    0xff,
    0xe1,
    ...be(exif.length + 2, 2),
    ...exif,
    0xff,
    0xdb,
    ...be(5, 2),
    0,
    0,
    0,
    0xff,
    0xc0,
    ...be(17, 2),
    8,
    ...be(h, 2),
    ...be(w, 2),
    3,
    0,
    0,
    0,
    0,
    0,
    0,
    0,
    0,
    0,
  ]);
}
const riff = (chunk: string, body: readonly number[]): Uint8Array =>
  Uint8Array.from([
    ...text('RIFF'),
    ...le(40, 4),
    ...text('WEBP'),
    ...text(chunk),
    ...le(20, 4),
    ...body,
    ...Array(20).fill(0),
  ]);

describe('the head of a picture file', () => {
  it('tells PNG, JPEG and WebP and their sizes, whatever the file is called', () => {
    expect(readPictureHeader('a.jpg', png(640, 480))).toMatchObject({
      ok: true,
      value: { type: 'image/png', widthPx: 640, heightPx: 480, orientation: 1 },
    });
    const lossy = riff('VP8 ', [0, 0, 0, 0x9d, 0x01, 0x2a, ...le(800, 2), ...le(600, 2)]);
    const lossless = riff('VP8L', [0x2f, ...le((800 - 1) | ((600 - 1) << 14), 4)]);
    const extended = riff('VP8X', [0, 0, 0, 0, ...le(799, 3), ...le(599, 3)]);
    for (const bytes of [lossy, lossless, extended])
      expect(readPictureHeader('w', bytes)).toMatchObject({
        ok: true,
        value: { type: 'image/webp', widthPx: 800, heightPx: 600 },
      });
  });

  it('reads the orientation of EXIF in both byte orders, and lays the size upright', () => {
    for (const little of [true, false])
      for (const orientation of [1, 3, 6, 8]) {
        const read = readPictureHeader('p.jpg', jpeg(4000, 3000, orientation, little));
        if (!read.ok) throw new Error(problemSentence(read.problem));
        expect(read.value.orientation).toBe(orientation);
        expect(uprightSize(read.value).widthPx).toBe(orientation >= 5 ? 3000 : 4000);
      }
  });

  it.each([
    ['renamed.png', Uint8Array.from(text('%PDF-1.7')), 'a PDF document'],
    ['drawing.png', Uint8Array.from(text('<svg xmlns')), 'an SVG drawing'],
    ['old.jpg', Uint8Array.from(text('GIF89a')), 'a GIF picture'],
    ['notes.webp', Uint8Array.from(text('hello there')), 'a file of another kind'],
    ['nothing.png', new Uint8Array(), 'an empty file'],
    ['cut.png', Uint8Array.from(text('\x89PNG\r\n\x1a\n\0\0')), 'a damaged picture'],
    ['cut.jpg', jpeg(100, 100, 1, true).subarray(0, 30), 'a damaged picture'],
    ['tiny.png', png(8, 400), '8 × 400 pixels'],
    ['huge.png', png(20_000, 20_000), '20000 × 20000 pixels'],
  ])('refuses %s in a sentence', (name, bytes, received) => {
    const read = readPictureHeader(name, bytes);
    if (read.ok) throw new Error('was accepted');
    const sentence = problemSentence(read.problem);
    expect(sentence).toContain(name);
    expect(sentence).toContain(received);
    expect(sentence).toMatch(/allowed is .*picture/);
  });

  it('takes a picture of 100 megapixels', () => {
    expect(readPictureHeader('large.png', png(11_600, 8_700)).ok).toBe(true);
  });
});

describe('landmarks in files', () => {
  const animal = animalById('eurasian-otter')!;
  const skeleton = buildSkeleton(planById(animal.planId)!, animal);
  const landmarks = landmarksOf(skeleton);
  const whole = pictureOf(placesOf(skeleton), {
    view: 'side',
    pxPerMm: 2.4,
    sigmaPx: 3,
    clicks: 2,
  });
  const { 'ear.L.start': _, ...placed } = whole.landmarks;
  const picture: Picture = { ...whole, landmarks: placed, name: 'side, "left" view' };

  it('go out as TPS and come back, those that are missing as NA', () => {
    const tps = landmarksTps(picture, landmarks, skeleton);
    expect(tps.startsWith(`LM=${landmarks.length}\n`)).toBe(true);
    expect(tps).toContain('NA NA');
    expect(/SCALE=([\d.]+)/.exec(tps)![1]).toMatch(/^0\.41\d/);
    const read = readLandmarks('side.tps', tps, picture, landmarks);
    if (!read.ok) throw new Error(problemSentence(read.problem));
    expect(Object.keys(read.value).toSorted()).toEqual(Object.keys(placed).toSorted());
    for (const [id, [u, v]] of Object.entries(read.value)) {
      const clicks = placed[id]!;
      expect(u).toBeCloseTo((clicks[0]![0] + clicks[1]![0]) / 2, 1);
      expect(v).toBeCloseTo((clicks[0]![1] + clicks[1]![1]) / 2, 1);
    }
  });

  it('come back from CSV by picture, the mean of the clicks', () => {
    const csv = landmarksCsv([picture, { ...picture, name: 'other' }], landmarks);
    const read = readLandmarks('all.csv', csv, picture, landmarks);
    if (!read.ok) throw new Error(problemSentence(read.problem));
    expect(Object.keys(read.value)).toHaveLength(Object.keys(placed).length);
  });

  it('without names are taken in the plan’s order', () => {
    const bare = landmarksTps(picture, landmarks, skeleton).replace(/COMMENT=.*\n/, '');
    const read = readLandmarks('bare.tps', bare, picture, landmarks);
    expect(read.ok && Object.keys(read.value).length).toBe(Object.keys(placed).length);
  });

  it.each([
    ['another file', 'hello', 'a TPS file'],
    ['too few points', 'LM=2\n1 2\n3 4\n', '2 landmarks without names'],
    ['a point that is no number', `LM=${landmarks.length}\n1 x\n`, 'two numbers'],
    ['a point off the picture', `LM=1\n9000 5\nCOMMENT=skull.end\n`, 'a point on the picture'],
    ['a table without its columns', 'picture,x\na,1\n', 'columns picture, landmark'],
    ['a strange landmark', 'picture,landmark,x_px,y_px\n"side, ""left"" view",wing,1,1\n', 'wing'],
    [
      'rows of other pictures',
      'picture,landmark,x_px,y_px\nother,skull.end,1,1\n',
      'no row of this picture',
    ],
  ])('refuse %s in a sentence', (_name, file, words) => {
    const read = readLandmarks('marks.txt', file, picture, landmarks);
    if (read.ok) throw new Error('was accepted');
    expect(problemSentence(read.problem)).toContain(words);
    expect(problemSentence(read.problem)).toContain('marks.txt');
  });
});

describe('lengths found', () => {
  it('go out as a table, one row a bone, the plan’s beside them', () => {
    const heron = demoWorkpieces().find((piece) => piece.id === 'heron-at-the-sluice')!;
    const { references } = planPiece(heron);
    const [head, ...rows] = foundCsv(references).trimEnd().split('\r\n');
    expect(head).toBe('bone,name,found_mm,plus_minus_mm,from,plan_mm,plan_from,change_percent');
    expect(rows).toHaveLength(references.offers.length);
    const femur = rows.find((row) => row.startsWith('femur,'))!.split(',');
    expect(Number(femur[2])).toBeCloseTo(
      references.offers.find(({ found }) => found.key === 'femur')!.working.value,
      2,
    );
    expect(femur.slice(4, 7)).toEqual(['photo', '84', 'memory']);
  });
});
