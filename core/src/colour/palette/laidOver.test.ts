import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { insideLoop } from '../../geometry/contours.ts';
import type { Point2 } from '../../geometry/hull.ts';
import type { Triple } from '../../geometry/matrix3.ts';
import { hexToLab } from '../colourSpaces.ts';
import { quickDifference } from '../quickDifference.ts';
import { linearHex } from './areaColour.ts';
import { coloursUnder, placed, type Placing, type SeenArea } from './laidOver.ts';
import { rowsWithin } from './pictureColours.ts';

const square = (left: number, low: number, side: number): readonly Point2[] => [
  [left, low],
  [left + side, low],
  [left + side, low + side],
  [left, low + side],
];
const MIDDLE: Point2 = [50, 40];
/** A body, a saddle that lies over part of it, a soft edge of that, and an eye too small to be read. */
const AREAS: readonly SeenArea[] = [
  { zoneId: 'body', loops: [square(10, 0, 80)] },
  { zoneId: 'under', loops: [square(32, 32, 20)] },
  { zoneId: 'saddle', loops: [square(30, 30, 30)] },
  { zoneId: null, loops: [square(60, 30, 6)] },
  { zoneId: 'speck', loops: [square(14, 4, 2)] },
];
const HEXES: Readonly<Record<string, Triple>> = {
  ...{ body: [150, 120, 90], saddle: [60, 55, 52], under: [255, 0, 0], speck: [0, 0, 255] },
};
const SOFT: Triple = [20, 200, 20];
const PAPER: Triple = [240, 238, 230];

/** A picture of the areas, painted pixel by pixel through the placing turned round. */
function picture(placing: Placing, width = 260, height = 220) {
  const turn = (placing.turnDeg * Math.PI) / 180;
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [x + 0.5 - placing.at[0], placing.at[1] - y - 0.5];
      const along = (Math.cos(turn) * dx + Math.sin(turn) * dy) / placing.pxPerMm;
      const up = (Math.cos(turn) * dy - Math.sin(turn) * dx) / placing.pxPerMm;
      const p: Point2 = [MIDDLE[0] + (placing.mirrored ? -along : along), MIDDLE[1] + up];
      const top = AREAS.findLast(({ loops }) => insideLoop(loops[0]!, p));
      const rgb = top === undefined ? PAPER : top.zoneId === null ? SOFT : HEXES[top.zoneId]!;
      rgba.set([...rgb, 255], 4 * (y * width + x));
    }
  return { width, height, rgba };
}

const hexOf = (rgb: Triple): string =>
  `#${rgb.map((v) => v.toString(16).padStart(2, '0')).join('')}`;
const off = (a: string, b: string): number => quickDifference(...hexToLab(a)!, ...hexToLab(b)!);
const PLAIN: Placing = { at: [130, 110], pxPerMm: 2, turnDeg: 0, mirrored: false };
const NO_LIGHT: Triple = [1, 1, 1];

describe('a piece laid over a picture', () => {
  it('finds its colours under its zones, however the picture is turned, sized and mirrored', () => {
    fc.assert(
      fc.property(
        fc.record({
          at: fc.tuple(fc.double({ min: 120, max: 140 }), fc.double({ min: 100, max: 120 })),
          pxPerMm: fc.double({ min: 1.4, max: 2 }),
          turnDeg: fc.double({ min: -180, max: 180 }),
          mirrored: fc.boolean(),
        }),
        (placing) => {
          const found = coloursUnder({
            ...picture(placing as Placing),
            ...{ areas: AREAS, middle: MIDDLE, placing: placing as Placing, light: NO_LIGHT },
          });
          const of = new Map(found.map((zone) => [zone.zoneId, zone]));
          for (const id of ['body', 'saddle']) {
            expect(off(of.get(id)!.hex!, hexOf(HEXES[id]!))).toBeLessThan(0.6);
          }
          // What lies wholly under another is not seen, and of a speck too little.
          expect(of.has('under')).toBe(false);
          expect(of.get('speck')?.hex ?? null).toBeNull();
        },
      ),
      { numRuns: 25 },
    );
  });

  it('takes the light out of what it finds', () => {
    const light: Triple = [1.2, 1, 0.8];
    const at = { areas: AREAS, middle: MIDDLE, placing: PLAIN };
    const [bare] = coloursUnder({ ...picture(PLAIN), ...at, light: NO_LIGHT });
    const [lit] = coloursUnder({ ...picture(PLAIN), ...at, light });
    // By the transfer function of sRGB (IEC 61966-2-1).
    const linear = (byte: number): number => ((byte / 255 + 0.055) / 1.055) ** 2.4;
    const byHand = HEXES['body']!.map((v, k) => linear(v) * light[k]!) as unknown as Triple;
    expect(off(lit!.hex!, linearHex(byHand))).toBeLessThan(0.6);
    expect(off(lit!.hex!, bare!.hex!)).toBeGreaterThan(3);
  });

  it('tells nothing of what hangs over the edge of the picture', () => {
    const placing: Placing = { ...PLAIN, at: [-300, 110] };
    const of = { ...picture(PLAIN), areas: AREAS, middle: MIDDLE, placing, light: NO_LIGHT };
    expect(coloursUnder(of)).toEqual([]);
  });

  it('puts its middle where it is told, and one of its mm as long', () => {
    const onto = placed({ at: [30, 20], pxPerMm: 3, turnDeg: 90, mirrored: false }, MIDDLE);
    expect(onto(MIDDLE)).toEqual([30, 20]);
    // Counter-clockwise: what was on the right is above.
    const [x, y] = onto([51, 40]);
    expect(x).toBeCloseTo(30, 12);
    expect(y).toBeCloseTo(17, 12);
  });
});

describe('the pixels of a row within loops', () => {
  it('are those whose middles are in, and none of a hole', () => {
    const loops = [square(1, 1, 8), square(3, 3, 4)];
    const rows = Array.from({ length: 10 }, (_, y) => rowsWithin(loops, y, 10));
    const many = rows.flat().reduce((sum, [from, to]) => sum + to - from, 0);
    expect(many).toBe(8 * 8 - 4 * 4);
    expect(rows[0]).toEqual([]);
    expect(rows[4]).toEqual([
      [1, 3],
      [7, 9],
    ]);
  });
});
