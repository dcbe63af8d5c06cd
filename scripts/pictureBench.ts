import { fileURLToPath } from 'node:url';
import type { AddressInfo } from 'node:net';
import { chromium } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from '../e2e/launch.ts';
import { blankPng } from '../e2e/pictureFiles.ts';
import { createApp } from '../server/src/app.ts';

/** What the page took, ms: median of some runs. */
export interface PictureTimes {
  /** A fixed sum of square roots in the page: the same as the reference of the bench. */
  readonly referenceMs: number;
  /** From a click on a picture of 24 megapixels to the frame that shows the landmark. */
  readonly placeMs: number;
  /** From a turn of the wheel to the frame that shows it larger. */
  readonly zoomMs: number;
  /** Pictures decoded while 30 landmarks were placed and the wheel turned 30 times. */
  readonly decodes: number;
}

const RUNS = 24;

/** Opens the built application headless and works on a picture of 6000 × 4000 pixels. */
export async function pictureTimes(): Promise<PictureTimes> {
  const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
  const server = createApp(dist).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as AddressInfo;
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`http://127.0.0.1:${port}/piece/adder-in-a-coil/measure/pictures`);
    await page.getByLabel('Picture files').setInputFiles(blankPng('large.png', 6000, 4000));
    await page.locator('.canvas canvas').first().waitFor();
    await page.getByRole('button', { name: /^Clay \d/ }).waitFor();
    // Given as text: functions are rewritten by the loader and would lack its helpers in the page.
    return (await page.evaluate(`(${IN_PAGE})(${RUNS})`)) as PictureTimes;
  } finally {
    await browser.close();
    server.close();
  }
}

const IN_PAGE = `async (runs) => {
  const middle = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)];
  const frame = () => new Promise((done) => requestAnimationFrame(() => done()));
  const timed = async (act) => {
    await frame();
    const start = performance.now();
    act();
    await frame();
    return performance.now() - start;
  };
  let decodes = 0;
  const decode = HTMLImageElement.prototype.decode;
  HTMLImageElement.prototype.decode = function () {
    decodes += 1;
    return decode.call(this);
  };
  const target = document.querySelector('.canvas .konvajs-content');
  const box = target.getBoundingClientRect();
  const at = (n) => ({
    bubbles: true,
    clientX: box.left + box.width * (0.3 + 0.01 * n),
    clientY: box.top + box.height * 0.5,
    button: 0,
    pointerId: 1,
  });
  const click = (n) => {
    target.dispatchEvent(new MouseEvent('mousedown', at(n)));
    target.dispatchEvent(new MouseEvent('mouseup', at(n)));
  };
  const wheel = (n) =>
    target.dispatchEvent(new WheelEvent('wheel', { ...at(5), deltaY: n % 2 ? 80 : -80, cancelable: true }));
  const reference = [];
  for (let n = 0; n < 10; n++) {
    const start = performance.now();
    let sum = 0;
    for (let i = 0; i < 1e6; i++) sum += Math.sqrt(i ^ (i >> 3));
    reference.push(performance.now() - start + sum * 0);
  }
  const places = [];
  const zooms = [];
  for (let n = 0; n < runs; n++) places.push(await timed(() => click(n)));
  for (let n = 0; n < runs; n++) zooms.push(await timed(() => wheel(n)));
  if (document.querySelectorAll('.ledger li .placed').length < runs / 2)
    throw new Error('the clicks placed no landmarks');
  return {
    referenceMs: middle(reference),
    placeMs: middle(places),
    zoomMs: middle(zooms),
    decodes,
  };
}`;
