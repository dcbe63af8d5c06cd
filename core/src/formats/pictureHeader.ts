import * as say from './words.ts';
import { PICTURE_LIMITS } from '../piece/referencesSchema.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';

/** What the first bytes of a picture file say. */
export interface PictureHeader {
  readonly type: 'image/png' | 'image/jpeg' | 'image/webp';
  /** As stored, before the orientation is obeyed. */
  readonly widthPx: number;
  readonly heightPx: number;
  /** Orientation of EXIF, 1 to 8; 1 where none is given. */
  readonly orientation: number;
}

/** Pictures are told by their first bytes, never by their names. */
const ALLOWED = say.pictureInPngJpeg;
/** What other files begin with, so that a renamed one is named. */
const OTHERS: readonly (readonly [start: string, what: string])[] = [
  ['GIF8', say.gifPicture],
  ['BM', say.bmpPicture],
  ['II*\0', say.tiffPicture],
  ['MM\0*', say.tiffPicture],
  ['%PDF', say.pdfDocument],
  ['<svg', say.svgDrawing],
  ['<?xml', say.xmlFile],
  ['PK', say.zipArchive],
  ['{', say.jsonText],
];

/**
 * Reads type, size and orientation from the first bytes of a file (64 kB are plenty). Refuses other
 * files by what they really are, damaged headers, and pictures that are too small or too large.
 */
export function readPictureHeader(name: string, bytes: Uint8Array): Parsed<PictureHeader> {
  if (bytes.length === 0) return refused(name, say.emptyFile, ALLOWED);
  const header = pngHeader(bytes) ?? jpegHeader(bytes) ?? webpHeader(bytes);
  if (header === undefined) {
    const start = latin(bytes, 0, 5);
    const other = OTHERS.find(([begin]) => start.startsWith(begin));
    return refused(name, other?.[1] ?? say.fileOfAnotherKind, ALLOWED);
  }
  if (header === 'damaged')
    return refused(name, say.damagedPictureWithoutIts, say.wholePictureFile);
  const { widthPx, heightPx } = header;
  const size = say.pictureOfPixels(widthPx, heightPx);
  if (Math.min(widthPx, heightPx) < PICTURE_LIMITS.minPx)
    return refused(name, size, say.pictureOfAtLeast(PICTURE_LIMITS.minPx));
  if (
    widthPx * heightPx > PICTURE_LIMITS.maxMegapixels * 1e6 ||
    Math.max(widthPx, heightPx) > PICTURE_LIMITS.maxPx
  )
    return refused(name, size, say.pictureOfAtMost(PICTURE_LIMITS.maxMegapixels));
  return accepted(header);
}

/** Width and height as a viewer shows them: orientations 5 to 8 lie on their side. */
export const uprightSize = ({
  widthPx,
  heightPx,
  orientation,
}: PictureHeader): { readonly widthPx: number; readonly heightPx: number } =>
  orientation >= 5 ? { widthPx: heightPx, heightPx: widthPx } : { widthPx, heightPx };

type Found = PictureHeader | 'damaged' | undefined;

const latin = (bytes: Uint8Array, at: number, count: number): string =>
  String.fromCharCode(...bytes.subarray(at, at + count));
const view = (bytes: Uint8Array): DataView =>
  new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);

/** PNG (ISO/IEC 15948): signature, then IHDR with width and height. */
function pngHeader(bytes: Uint8Array): Found {
  if (latin(bytes, 0, 8) !== '\x89PNG\r\n\x1a\n') return undefined;
  if (bytes.length < 24 || latin(bytes, 12, 4) !== 'IHDR') return 'damaged';
  const data = view(bytes);
  return {
    type: 'image/png',
    widthPx: data.getUint32(16),
    heightPx: data.getUint32(20),
    orientation: 1,
  };
}

/** JPEG (ITU-T T.81): segments up to the frame header, with EXIF (CIPA DC-008) on the way. */
function jpegHeader(bytes: Uint8Array): Found {
  if (bytes[0] !== 0xff || bytes[1] !== 0xd8) return undefined;
  const data = view(bytes);
  let orientation = 1;
  let at = 2;
  while (at + 9 < bytes.length) {
    if (bytes[at] !== 0xff) return 'damaged';
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    const size = data.getUint16(at + 2);
    const isFrame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
    if (isFrame) {
      return {
        type: 'image/jpeg',
        widthPx: data.getUint16(at + 7),
        heightPx: data.getUint16(at + 5),
        orientation,
      };
    }
    if (marker === 0xe1 && latin(bytes, at + 4, 6) === 'Exif\0\0')
      orientation = exifOrientation(bytes.subarray(at + 10, at + 2 + size)) ?? orientation;
    at += 2 + size;
  }
  return 'damaged';
}

/** WebP (RFC 9649): RIFF container with a lossy, lossless or extended chunk first. */
function webpHeader(bytes: Uint8Array): Found {
  if (latin(bytes, 0, 4) !== 'RIFF' || latin(bytes, 8, 4) !== 'WEBP') return undefined;
  if (bytes.length < 30) return 'damaged';
  const data = view(bytes);
  const chunk = latin(bytes, 12, 4);
  const sized = (widthPx: number, heightPx: number): Found => ({
    type: 'image/webp',
    widthPx,
    heightPx,
    orientation: 1,
  });
  if (chunk === 'VP8 ')
    return sized(data.getUint16(26, true) & 0x3fff, data.getUint16(28, true) & 0x3fff);
  if (chunk === 'VP8L') {
    const bits = data.getUint32(21, true);
    return sized((bits & 0x3fff) + 1, ((bits >> 14) & 0x3fff) + 1);
  }
  const three = (at: number): number => bytes[at]! | (bytes[at + 1]! << 8) | (bytes[at + 2]! << 16);
  return chunk === 'VP8X' ? sized(three(24) + 1, three(27) + 1) : 'damaged';
}

const ORIENTATION_TAG = 0x0112;

/** The orientation of a TIFF block; undefined where it has none or is damaged. */
function exifOrientation(tiff: Uint8Array): number | undefined {
  if (tiff.length < 14) return undefined;
  const little = latin(tiff, 0, 2) === 'II';
  const data = view(tiff);
  const first = data.getUint32(4, little);
  if (first + 2 > tiff.length) return undefined;
  const entries = data.getUint16(first, little);
  for (let i = 0; i < entries; i++) {
    const at = first + 2 + 12 * i;
    if (at + 12 > tiff.length) return undefined;
    if (data.getUint16(at, little) !== ORIENTATION_TAG) continue;
    const value = data.getUint16(at + 8, little);
    return value >= 1 && value <= 8 ? value : undefined;
  }
  return undefined;
}
