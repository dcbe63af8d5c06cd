import { mkdir } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { opened, served, settled } from './served.ts';

/** npm run shots: one picture of each main view from the demonstration, into docs/screenshots. */
const VIEWS: readonly {
  readonly name: string;
  readonly path: string;
  readonly act?: (page: Page) => Promise<void>;
}[] = [
  { name: 'pieces', path: '/pieces' },
  { name: 'workshop', path: '/workshop', act: (page) => page.locator('#oven').waitFor() },
  { name: 'library', path: '/library/red-deer?with=woolly-mammoth' },
  {
    name: 'own-animal',
    path: '/library/grey-wolf',
    act: async (page) => {
      await page.getByRole('button', { name: 'Take it as a start for your own' }).click();
      await page.getByRole('button', { name: 'Add a part' }).click();
      const neck = page.getByRole('textbox', { name: 'Length of Neck, lower half', exact: true });
      await neck.fill('400');
      await neck.press('Enter');
    },
  },
  { name: 'measure', path: '/piece/otter-on-the-log/measure' },
  {
    name: 'pictures',
    path: '/piece/heron-at-the-sluice/measure/pictures/heron-side',
    act: async (page) => {
      await page.locator('.canvas canvas').first().waitFor();
      await page.locator('.ledger li button', { hasText: 'Ankle, left' }).click();
    },
  },
  { name: 'stance', path: '/piece/otter-on-the-log/stance' },
  {
    name: 'wire',
    path: '/piece/otter-on-the-log/wire',
    act: (page) => page.locator('[data-working="wire.B.cut"]').click(),
  },
  { name: 'bending', path: '/piece/otter-on-the-log/bending/B/5' },
  {
    name: 'mass',
    path: '/piece/otter-on-the-log/mass',
    act: (page) => page.locator('[data-working="mass.clay.grams"]').click(),
  },
  {
    name: 'form',
    path: '/piece/wolf-at-the-carr/mass',
    act: async (page) => {
      await page.getByText('Form', { exact: true }).click();
      await page.getByText('Finished form, from its left front').waitFor();
    },
  },
  {
    name: 'cure',
    path: '/piece/otter-on-the-log/cure',
    act: async (page) => {
      await page.locator('.apexcharts-series').first().waitFor();
    },
  },
  {
    name: 'fittings',
    path: '/piece/sluice-hob/cure/fittings',
    act: (page) => page.getByRole('button', { name: 'Curled horns' }).click(),
  },
  { name: 'skin', path: '/piece/otter-on-the-log/skin' },
  {
    name: 'colour',
    path: '/piece/old-girdle/colour/markings',
    act: async (page) => {
      await page.getByText('Above', { exact: true }).click();
      await page.getByText('In its colours').waitFor();
    },
  },
  {
    name: 'bench',
    path: '/piece/otter-on-the-log/bench',
    act: async (page) => {
      for (const step of ['Print the shop sheets', 'Cut A, spine'])
        await page.getByRole('checkbox', { name: `Done: ${step}` }).click();
    },
  },
  { name: 'working', path: '/piece/otter-on-the-log/working/mass.core' },
  {
    name: 'files',
    path: '/piece/otter-on-the-log/wire',
    act: (page) => page.getByRole('button', { name: 'Print shop sheets' }).click(),
  },
  {
    name: 'night',
    path: '/piece/wolf-at-the-carr/stance',
    act: async (page) => {
      await page.getByRole('button', { name: 'Night bench' }).click();
    },
  },
];

const wanted = process.argv.slice(2);
const out = new URL('../docs/screenshots/', import.meta.url);
await mkdir(out, { recursive: true });
const { page, close } = await served(fileURLToPath(new URL('../web/dist', import.meta.url)));
for (const view of VIEWS) {
  if (wanted.length > 0 && !wanted.includes(view.name)) continue;
  await opened(page, view.path);
  await view.act?.(page);
  await settled(page);
  await page.evaluate('document.fonts.ready');
  await page.screenshot({
    path: fileURLToPath(new URL(`${view.name}.png`, out)),
    animations: 'disabled',
  });
}
await close();
