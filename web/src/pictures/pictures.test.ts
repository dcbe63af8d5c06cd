import {
  parted,
  pieceText,
  readPieceText,
  planPiece,
  plateReference,
  REFERENCE_PLATES,
  type Picture,
} from '@keen-sinew/core';
import { describe, expect, it, vi } from 'vitest';
import { demoWorkpieces } from '@keen-sinew/core';
import { strToU8, zipSync } from 'fflate';
import { openArchive, packArchive } from '../files/archive.ts';
import { pieceZip, readPieceZip, type Hire } from '../files/pieceZip.ts';
import { clicked, nudged, remedied, without, withPicture, withPictures } from './pictureChanges.ts';
import { takeInPictures, type Decode } from './takeIn.ts';

const kept = new Map<string, Blob>();
vi.mock('../stores/pictureStorage.ts', () => ({
  loadPicture: (piece: string, id: string) => Promise.resolve(kept.get(`${piece}/${id}`) ?? null),
}));

const PICTURE: Picture = plateReference(REFERENCE_PLATES[0]!);

describe('clicks on a picture', () => {
  it('replace what was clicked, or are kept for a mean', () => {
    const once = { ...PICTURE, ...clicked(PICTURE, 'skull.end', [10.126, 20], false) };
    expect(once.landmarks['skull.end']).toEqual([[10.13, 20]]);
    expect(clicked(once, 'skull.end', [12, 22], true).landmarks['skull.end']).toEqual([
      [10.13, 20],
      [12, 22],
    ]);
    expect(clicked(once, 'skull.end', [12, 22], false).landmarks['skull.end']).toEqual([[12, 22]]);
  });

  it('are moved together, and taken away', () => {
    const twice = {
      ...PICTURE,
      landmarks: { a: [[1, 2] as [number, number], [3, 4] as [number, number]] },
    };
    expect(nudged(twice, 'a', [10, -1]).landmarks['a']).toEqual([
      [11, 1],
      [13, 3],
    ]);
    expect(without(twice, 'a').landmarks).toEqual({});
  });

  it('are kept up to a number that makes them no surer', () => {
    const many = Array.from({ length: 12 }).reduce<Picture>(
      (of, _, i) => ({ ...of, ...clicked(of, 'a', [i, i], true) }),
      PICTURE,
    );
    expect(many.landmarks['a']).toHaveLength(9);
    expect(many.landmarks['a']!.at(-1)).toEqual([11, 11]);
  });

  it('change one picture of the piece and no other', () => {
    const heron = demoWorkpieces().find((piece) => piece.id === 'heron-at-the-sluice')!;
    const changed = withPicture(heron, 'heron-front', { turnDeg: 90 });
    expect(changed.references.pictures[0]).toBe(heron.references.pictures[0]);
    expect(changed.references.pictures[1]!.turnDeg).toBe(90);
  });
});

describe('views that are reconciled', () => {
  const plates = REFERENCE_PLATES.filter(({ file }) => /^heron-(side|front)/.test(file));
  const heron = demoWorkpieces().find((piece) => piece.id === 'heron-at-the-sluice')!;
  const planted = plates[1]!.planted!.landmarkId;
  const matchOf = (pictures: readonly Picture[]) => {
    const clean = pictures.map((picture) => ({ ...picture, ...without(picture, planted) }));
    return planPiece(withPictures(heron, clean)).references.matches[0]!;
  };
  const [side, front] = heron.references.pictures as [Picture, Picture];

  it.each([
    ['rescale', { ...front, scale: { ...front.scale!, mm: 106 } as Picture['scale'] }],
    ['relevel', null],
  ] as const)('by what the remedy says: %s', (kind, wrong) => {
    const { from, to } = side.level!;
    const askew = {
      ...side,
      level: { from, to: [to[0], to[1] + 60] as [number, number] },
    };
    const pictures = wrong ? [side, wrong] : [askew, front];
    const before = matchOf(pictures);
    expect(before.remedy?.kind).toBe(kind);
    const part = remedied(
      pictures.find((picture) => picture.id === before.remedy!.pictureId)!,
      before.remedy!,
    )!;
    const after = matchOf(
      pictures.map((picture) =>
        picture.id === before.remedy!.pictureId ? { ...picture, ...part } : picture,
      ),
    );
    expect(after.rmsMm).toBeLessThan(before.rmsMm * 0.6);
    expect(after.rmsMm).toBeCloseTo(before.remedy!.afterMm, 0);
  });
});

/** The head of a PNG: its pixels are never decoded here. */
function pngFile(name: string, widthPx: number, heightPx: number): File {
  const bytes = new Uint8Array(64);
  bytes.set([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52]);
  const data = new DataView(bytes.buffer);
  data.setUint32(16, widthPx);
  data.setUint32(20, heightPx);
  return new File([bytes], name);
}
const decoding =
  (widthPx: number, heightPx: number, keptWidthPx = widthPx): Decode =>
  (blob) =>
    Promise.resolve({ blob, widthPx, heightPx, keptWidthPx });

describe('files taken in', () => {
  it('become pictures of the view that was chosen, each under a name of its own', async () => {
    const files = [pngFile('Side view.png', 600, 400), pngFile('side-view.png', 600, 400)];
    const found = await takeInPictures(files, 'front', ['side-view'], decoding(600, 400));
    expect(found.sentences).toEqual([]);
    expect(found.pictures.map(({ picture }) => picture.id)).toEqual(['side-view-2', 'side-view-3']);
    expect(found.pictures[0]!.picture).toMatchObject({
      name: 'Side view.png',
      view: 'front',
      widthPx: 600,
      pxPerKept: 1,
      scale: null,
    });
  });

  it('keep the pixels of the picture as it came where a smaller copy is kept', async () => {
    const found = await takeInPictures(
      [pngFile('large.png', 12_000, 8_000)],
      'side',
      [],
      decoding(12_000, 8_000, 4_000),
    );
    expect(found.pictures[0]!.picture).toMatchObject({ widthPx: 12_000, pxPerKept: 3 });
  });

  it('are told in a sentence where they are none, and the others are taken', async () => {
    const broken: Decode = () => Promise.reject(new Error('no picture in it'));
    const bad = [new File(['GIF89a'], 'moving.png'), pngFile('small.png', 4, 4)];
    const found = await takeInPictures(
      [...bad, pngFile('good.png', 50, 50)],
      'side',
      [],
      decoding(50, 50),
    );
    expect(found.pictures).toHaveLength(1);
    expect(found.sentences[0]).toBe(
      'moving.png: received “a GIF picture”; allowed is a picture in PNG, JPEG or WebP.',
    );
    expect(found.sentences[1]).toContain('4 × 4 pixels');
    const damaged = await takeInPictures([pngFile('cut.png', 50, 50)], 'side', [], broken);
    expect(damaged.sentences[0]).toMatch(/^cut\.png: the picture is damaged .*no picture in it/);
    const lying = await takeInPictures([pngFile('lie.png', 50, 50)], 'side', [], decoding(60, 50));
    expect(lying.sentences[0]).toContain('speaks of 50 × 50 pixels and 60 × 50 were found');
  });

  it('are refused beyond the most that a piece takes', async () => {
    const ids = Array.from({ length: 24 }, (_, i) => `p${i}`);
    const found = await takeInPictures(
      [pngFile('more.png', 50, 50)],
      'side',
      ids,
      decoding(50, 50),
    );
    expect(found.pictures).toEqual([]);
    expect(found.sentences[0]).toContain('24 pictures already');
  });
});

/** Archives packed and opened on this thread. */
vi.stubGlobal('navigator', {});
const here: Hire = (act) => act({ packArchive, openArchive });
const { signal: never } = new AbortController();

describe('a piece in an archive', () => {
  const [otter] = demoWorkpieces();
  const piece = {
    ...otter!,
    references: {
      ...otter!.references,
      pictures: [...otter!.references.pictures, { ...PICTURE, id: 'mine', shipped: null }],
    },
  };

  it('brings its document and its kept pictures back', async () => {
    kept.set(`${piece.id}/mine`, pngFile('mine.png', 30, 20));
    const told: number[] = [];
    const packed = await pieceZip(piece, (share) => told.push(share), never, here);
    const { text, pictures } = await readPieceZip(packed, (share) => told.push(share), never, here);
    expect(readPieceText(text)).toEqual({ ok: true, value: parted(piece) });
    expect(pictures.map(({ id }) => id)).toEqual(['mine']);
    expect(pictures[0]!.blob.type).toBe('image/png');
    expect(pictures[0]!.blob.size).toBe(64);
    expect(Math.max(...told)).toBe(1);
  });

  const refusalOf = async (files: Parameters<typeof zipSync>[0]): Promise<string> => {
    const file = new Blob([zipSync(files) as Uint8Array<ArrayBuffer>]);
    return readPieceZip(file, () => undefined, never, here).then(
      () => 'read',
      (error: Error) => error.message,
    );
  };
  const document_ = strToU8(pieceText(piece));
  const picture = new Uint8Array(64);
  picture.set([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);

  it.each([
    ['no archive', {}, /received “files without a piece”; allowed is an archive with a piece.json/],
    ['another’s', { 'notes.txt': strToU8('hello') }, /received “notes.txt”; allowed is piece.json/],
    ['a way out', { 'piece.json': document_, '../../evil': strToU8('x') }, /“..\/..\/evil”/],
    ['a hidden way', { 'pictures/../x': strToU8('x') }, /“pictures\/..\/x”/],
    [
      'a prototype',
      { 'piece.json': document_, 'pictures/__proto__': strToU8('x') },
      /“pictures\/__proto__”/,
    ],
    ['no picture', { 'piece.json': document_, 'pictures/mine': strToU8('GIF89a') }, /GIF/],
    ['a torn piece', { 'piece.json': strToU8('{') }, /line 1: received/],
    [
      'a crowd',
      Object.fromEntries(Array.from({ length: 2200 }, (_, i) => [`pictures/p${i}`, strToU8('x')])),
      /received “2200 files”; allowed is at most 2100 files/,
    ],
  ])('is refused in a sentence where it holds %s', async (_, files, sentence) => {
    expect(await refusalOf(files)).toMatch(sentence);
  });

  it('is refused where a picture is not one of its piece', async () => {
    const bytes = new Uint8Array(await pngFile('mine.png', 30, 20).arrayBuffer());
    expect(await refusalOf({ 'piece.json': document_, 'pictures/mine': bytes })).toBe('read');
    expect(await refusalOf({ 'piece.json': document_, 'pictures/other': bytes })).toMatch(
      /received “other”; allowed is pictures that its piece names: mine/,
    );
  });

  it('is refused where it is damaged, or unpacks to more than it says', async () => {
    const packed = new Uint8Array(
      zipSync({ 'piece.json': strToU8(' '.repeat(100_000)) }, { level: 9 }),
    );
    const said = (bytes: Uint8Array): Promise<string> =>
      readPieceZip(new Blob([bytes as Uint8Array<ArrayBuffer>]), () => undefined, never, here).then(
        () => 'read',
        (error: Error) => error.message,
      );
    expect(await said(packed.slice(0, 60))).toMatch(/a damaged archive, or none/);
    // The size in the central directory: 24 bytes after its signature (APPNOTE 4.3.12).
    const lying = packed.slice();
    const at = lying.findIndex((_, i) => lying[i] === 0x50 && lying[i + 2] === 1);
    new DataView(lying.buffer).setUint32(at + 24, 10, true);
    expect(await said(lying)).toMatch(/more bytes than the archive says|a damaged archive/);
    const bomb = packed.slice();
    new DataView(bomb.buffer).setUint32(at + 24, 0xf0000000, true);
    expect(await said(bomb)).toMatch(/received “4027 MB”; allowed is at most 2000 MB/);
  });
});
