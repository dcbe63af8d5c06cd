import { pictureAnswer } from '../core/src/colour/palette/areaColour.ts';
import { pictureColours, type PictureQuestion } from '../core/src/colour/palette/pictureColours.ts';
import { seeded, seedOf } from '../core/src/geometry/seeded.ts';
import { median, type CoatTime } from './coatBench.ts';

/** A picture of 24 megapixels of a coat in soft light: slow waves of four colours, and noise. */
function picture(): PictureQuestion {
  const [width, height] = [6000, 4000];
  const random = seeded(seedOf('picture'));
  const noise = Int8Array.from({ length: 4096 }, () => Math.round(24 * (random() - 0.5)));
  const colours = [
    [92, 70, 48],
    [176, 148, 110],
    [60, 54, 50],
    [222, 210, 190],
  ] as const;
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0, i = 0; y < height; y++)
    for (let x = 0; x < width; x++, i += 4) {
      const of = colours[((x >> 9) + (y >> 8)) & 3]!;
      const off = noise[(x * 7 + y * 131) & 4095]! + ((x >> 6) & 31);
      rgba[i] = of[0] + off;
      rgba[i + 1] = of[1] + off;
      rgba[i + 2] = of[2] + off + noise[(x + y) & 4095]!;
      rgba[i + 3] = 255;
    }
  return { width, height, rgba, round: null, light: [1.05, 1, 0.92] };
}

/** The palette of a picture of 24 megapixels in six colours. */
export function paletteTimes(): readonly CoatTime[] {
  const question = picture();
  return [
    {
      name: 'palette of a 24-megapixel picture',
      ms: median(3, () => pictureAnswer(pictureColours(question), 6)),
      aim: '1 s',
    },
  ];
}
