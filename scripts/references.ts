import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import {
  drawingSvg,
  plateDrawing,
  plateLayout,
  plateReference,
  REFERENCE_PLATES,
  type Picture,
} from '@keen-sinew/core';
import { shakyHand, tracedPlate } from '../core/src/testing/tracing.ts';
import { barePieces } from '../core/src/start/demoPieces.ts';
import { colourPicture, colourPlate, COLOUR_PLATES } from './colourPlates.ts';
import { CHROMIUM, CHROMIUM_FLAGS } from '../e2e/launch.ts';

/** npm run references: draws the demonstration's reference pictures anew, into the application. */
const FOLDER = fileURLToPath(new URL('../web/public/references/', import.meta.url));
const require = createRequire(import.meta.url);

/** A font of the application as a rule that needs no file beside it. */
async function fontRule(family: string, file: string): Promise<string> {
  const data = (await readFile(require.resolve(file))).toString('base64');
  return `@font-face { font-family: '${family}'; src: url(data:font/woff;base64,${data}); }`;
}

await mkdir(FOLDER, { recursive: true });
const fonts = [
  await fontRule('Alegreya', '@fontsource/alegreya/files/alegreya-latin-400-italic.woff'),
  await fontRule(
    'Atkinson Hyperlegible Next',
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  ),
].join('\n');
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
for (const plate of REFERENCE_PLATES) {
  const drawing = plateDrawing(plate);
  const [width, height] = drawing.box.max;
  const page = await browser.newPage({ viewport: { width, height } });
  const svg = drawingSvg(drawing)
    .replace(/^<\?xml.*\n/, '')
    .replace(`width="${width}mm" height="${height}mm"`, `width="${width}" height="${height}"`);
  await page.setContent(
    `<style>${fonts} body { margin: 0; background: #fdfbf5 } svg { display: block }</style>${svg}`,
  );
  await page.waitForFunction("document.fonts.status === 'loaded'");
  await page.screenshot({ path: `${FOLDER}${plate.file}` });
  await page.close();
  console.log(plate.file, width, height);
}
const colourPictures: Picture[] = [];
for (const plate of COLOUR_PLATES) {
  const made = colourPlate(plate, barePieces());
  const picture = colourPicture(plate, made);
  const { widthPx: width, heightPx: height } = picture;
  const page = await browser.newPage({ viewport: { width, height } });
  const svg = drawingSvg(made.drawing)
    .replace(/^<\?xml.*\n/, '')
    .replace(/width="[\d.]+mm" height="[\d.]+mm"/, `width="${width}" height="${height}"`);
  await page.setContent(`<style>body { margin: 0 } svg { display: block }</style>${svg}`);
  await page.screenshot({ path: `${FOLDER}${plate.file}` });
  await page.close();
  colourPictures.push(picture);
  console.log(plate.file, width, height);
}
await browser.close();

/** What a patient hand placed on some of them; rounded to a tenth of a pixel. */
const HAND_PX = 1.2;
const traced = (file: string): Picture =>
  tracedPlate(plateOf(file), shakyHand(41 + file.length, HAND_PX));
const plateOf = (file: string) => REFERENCE_PLATES.find((plate) => plate.file === file)!;
/** On the photograph the hand also said how trunk, neck and tail point. */
function midlineSigns(): Picture['nearer'] {
  const all = Object.entries(plateLayout(plateOf('otter-photograph.png')).nearer);
  return Object.fromEntries(all.filter(([bone]) => !/\.[LR]$/.test(bone)));
}
const demo = {
  OTTER_PICTURES: [
    plateReference(plateOf('otter-side.png')),
    plateReference(plateOf('otter-front.png')),
    { ...traced('otter-photograph.png'), scale: null, nearer: midlineSigns() },
  ],
  HERON_PICTURES: [traced('heron-side.png'), traced('heron-front.png')],
};
const rounded = (_: string, value: unknown): unknown =>
  typeof value === 'number' ? Math.round(value * 10) / 10 : value;
const asText = (all: Readonly<Record<string, unknown>>): readonly string[] =>
  Object.entries(all).map(
    ([name, pictures]) =>
      `export const ${name}: readonly Picture[] = ${JSON.stringify(pictures, rounded)};`,
  );
const written = (file: string, about: readonly string[], all: Readonly<Record<string, unknown>>) =>
  writeFile(
    fileURLToPath(new URL(`../core/src/start/${file}`, import.meta.url)),
    [
      "import type { Picture } from '../piece/referencesSchema.ts';",
      '',
      '/*',
      ...about,
      ' */',
      ...asText(all),
      '',
    ].join('\n'),
  );
await written(
  'demoPictures.ts',
  [
    ' * Pictures of the demonstration with what was clicked on them. Written by `npm run references`, which',
    ' * also draws the pictures; all of it is invented.',
  ],
  demo,
);
await written(
  'demoColourPictures.ts',
  [
    ' * Coloured pictures of the demonstration. Written by `npm run references`, which also draws them; all of it is',
    ' * invented.',
  ],
  { COLOUR_PICTURES: colourPictures },
);
