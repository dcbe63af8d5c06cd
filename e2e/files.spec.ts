import { expect, test } from './test.ts';
import { downloaded, openOtter, row, saved, type, workedOut } from './helpers.ts';

const openFiles = 'Print shop sheets';

test('export, wipe, take in again: the same plan', async ({ page }) => {
  await openOtter(page, 'measure');
  await type(page, 'Thigh (femur), life', '79 mm');
  await expect(row(page, 'measure.bone.femur.model')).toContainText('26.3');
  await saved(page);
  await workedOut(page);
  await page.getByRole('button', { name: openFiles }).click();
  const plan = await downloaded(page, () =>
    page.getByRole('button', { name: /Whole plan/ }).click(),
  );
  const piece = await downloaded(page, () =>
    page.getByRole('button', { name: 'This piece (JSON)' }).click(),
  );
  await page.evaluate(async () => {
    for (const { name } of await indexedDB.databases()) if (name) indexedDB.deleteDatabase(name);
  });
  await page.goto('/pieces');
  await page.getByRole('button', { name: /^Remove.*Otter on the log/ }).click();
  await page.getByLabel('Piece file').setInputFiles({
    name: 'otter.json',
    mimeType: 'application/json',
    buffer: piece,
  });
  await expect(page).toHaveURL(/\/measure$/);
  await expect(row(page, 'measure.bone.femur.model')).toContainText('26.3');
  await workedOut(page);
  await page.getByRole('button', { name: openFiles }).click();
  const again = await downloaded(page, () =>
    page.getByRole('button', { name: /Whole plan/ }).click(),
  );
  const strip = (file: Buffer) => JSON.stringify(JSON.parse(file.toString()).workings);
  expect(strip(again)).toEqual(strip(plan));
});

test('a broken or foreign file gets a sentence and changes nothing', async ({ page }) => {
  await page.goto('/pieces');
  await expect(page.getByRole('link', { name: 'Otter on the log' })).toBeVisible();
  const give = (name: string, text: string) =>
    page
      .getByLabel('Piece file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await give('half.json', '{"format": "keen-sinew-piece", "vers');
  await expect(page.getByRole('alert')).toContainText('half.json was not taken in. The file');
  await give('foreign.json', '{"format": "a recipe"}');
  await expect(page.getByRole('alert')).toContainText('received “a recipe”');
  await give('future.json', '{"format": "keen-sinew-piece", "version": 99}');
  await expect(page.getByRole('alert')).toContainText('version: received 99');
  await expect(page.getByRole('listitem')).toHaveCount(12);
});

test('a removed piece can be put back, and a damaged store falls back on the previous copy', async ({
  page,
}) => {
  await page.goto('/pieces');
  for (const name of [
    'Adder',
    'Heron',
    'Wolf',
    'The fen',
    'The Sluice Hob',
    'Old Girdle',
    'Raft',
    'Dragonfly',
    'Over the old fen',
    'Owl doll',
    'Owlet',
    'Otter on the log',
  ])
    await page.getByRole('button', { name: new RegExp(`^Remove.*${name}`) }).click();
  await expect(page.getByText('There is no piece yet')).toBeVisible();
  await page
    .locator('.n-message', { hasText: 'Otter on the log' })
    .getByRole('button', { name: 'Put it back' })
    .click();
  await expect(page.getByRole('link', { name: 'Otter on the log' })).toBeVisible();

  await openOtter(page, 'measure');
  await type(page, 'Scale', '1:5');
  await saved(page);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('keen-sinew');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const store = open.result.transaction('pieces', 'readwrite').objectStore('pieces');
          const read = store.get('piece/otter-on-the-log');
          read.onsuccess = () => {
            const record = { ...read.result, piece: { ...read.result.piece, version: 'torn' } };
            const write = store.put(record, 'piece/otter-on-the-log');
            write.onsuccess = () => resolve();
          };
        };
      }),
  );
  await page.reload();
  await expect(page.getByRole('alert').first()).toContainText('is damaged and was set aside');
  await expect(row(page, 'measure.scale')).toContainText('1:3');
});

test('the ledger’s cut lengths are those of the exported cut list', async ({ page }) => {
  await openOtter(page, 'wire');
  const shown = Number.parseFloat(
    await page
      .getByRole('row', { name: /^B Hind legs/ })
      .locator('.cut')
      .innerText(),
  );
  await page.getByRole('button', { name: openFiles }).click();
  const csv = (
    await downloaded(page, () => page.getByRole('button', { name: 'Cut list (CSV)' }).click())
  ).toString();
  const rows = csv
    .trim()
    .split('\r\n')
    .map((line) => line.split(','));
  const own = rows.filter((cells) => cells[0] === 'B');
  const cut = Number(own.find((cells) => cells.at(-2) === 'cut')?.at(-1));
  const sum = own
    .filter((cells) => cells.at(-2) !== 'cut')
    .reduce((s, cells) => s + Number(cells.at(-1)), 0);
  expect(cut).toBeCloseTo(shown, 1);
  expect(sum).toBeCloseTo(cut, 2);
  const dxf = (
    await downloaded(page, () =>
      page.getByRole('button', { name: 'Wires laid straight (DXF)' }).click(),
    )
  ).toString();
  expect(dxf).toContain('$INSUNITS\n70\n4\n');
  expect(dxf).toMatch(/LINE\n5\n\w+\n330\n\w+\n100\nAcDbEntity\n8\nWIRE_B\n/);
});
