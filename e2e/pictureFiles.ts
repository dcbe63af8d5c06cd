import { deflateSync } from 'node:zlib';
import { PDFDocument } from 'pdf-lib';

/** A file to put into an input. */
export interface TestFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}

const CRC_TABLE = Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c >>> 0;
});

function chunk(type: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
  let crc = 0xffffffff;
  for (const byte of body) crc = CRC_TABLE[(crc ^ byte) & 0xff]! ^ (crc >>> 8);
  const out = Buffer.alloc(body.length + 8);
  out.writeUInt32BE(data.length, 0);
  body.copy(out, 4);
  out.writeUInt32BE((crc ^ 0xffffffff) >>> 0, body.length + 4);
  return out;
}

/** A blank PNG of one bit a pixel: large pictures make small files. */
export function blankPng(name: string, widthPx: number, heightPx: number): TestFile {
  const head = Buffer.alloc(13);
  head.writeUInt32BE(widthPx, 0);
  head.writeUInt32BE(heightPx, 4);
  head[8] = 1;
  const rows = Buffer.alloc((1 + Math.ceil(widthPx / 8)) * heightPx, 0xff);
  for (let y = 0; y < heightPx; y++) rows[y * (1 + Math.ceil(widthPx / 8))] = 0;
  return {
    name,
    mimeType: 'image/png',
    buffer: Buffer.concat([
      Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'),
      chunk('IHDR', head),
      chunk('IDAT', deflateSync(rows)),
      chunk('IEND', Buffer.alloc(0)),
    ]),
  };
}

/** A JPEG with an EXIF block that says how it lies. */
export function withOrientation(jpeg: Buffer, orientation: number): Buffer {
  const tiff = Buffer.from([
    0x4d,
    0x4d,
    0,
    42,
    0,
    0,
    0,
    8,
    0,
    1,
    1,
    0x12,
    0,
    3,
    0,
    0,
    0,
    1,
    0,
    orientation,
    0,
    0,
    0,
    0,
    0,
    0,
  ]);
  const exif = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff]);
  const head = Buffer.from([0xff, 0xe1, 0, exif.length + 2]);
  return Buffer.concat([jpeg.subarray(0, 2), head, exif, jpeg.subarray(2)]);
}

/** A PDF of two drawn pages. */
export async function twoPages(): Promise<Buffer> {
  const document_ = await PDFDocument.create();
  for (const width of [300, 400]) {
    const page = document_.addPage([width, 200]);
    page.drawLine({ start: { x: 20, y: 20 }, end: { x: width - 20, y: 180 }, thickness: 2 });
  }
  return Buffer.from(await document_.save());
}

/** A file as a page is given one. */
export const asFile = (name: string, mimeType: string, buffer: Buffer): TestFile => ({
  name,
  mimeType,
  buffer,
});
