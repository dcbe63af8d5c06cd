/** The head of a PNG of this size, as far as a reader of headers looks, and some bytes behind it. */
export function pngBytes(widthPx: number, heightPx: number): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(64);
  bytes.set([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  const view = new DataView(bytes.buffer);
  view.setUint32(8, 13);
  bytes.set(new TextEncoder().encode('IHDR'), 12);
  view.setUint32(16, widthPx);
  view.setUint32(20, heightPx);
  return bytes;
}
