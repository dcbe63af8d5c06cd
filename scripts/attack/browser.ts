import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { AddressInfo } from 'node:net';
import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from '../../e2e/launch.ts';
import { createApp } from '../../server/src/app.ts';
import { DAMAGED } from './records.ts';
import type { Part, Round } from './part.ts';

const DIST = fileURLToPath(new URL('../../web/dist', import.meta.url));
const ID = 'otter-on-the-log';
const OTHERS = ['Wolf at the carr', 'Heron at the sluice'];
const PATIENCE_MS = 30_000;

/** A browser over a served application, begun when it is first needed. */
async function begun(): Promise<{ readonly origin: string; readonly close: () => Promise<void> }> {
  const server = createApp(DIST).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const close = async (): Promise<void> => {
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
  };
  return { origin, close };
}

/** A profile on disk, so that it outlives the browser that is killed over it. */
async function withProfile<T>(act: (folder: string) => Promise<T>): Promise<T> {
  const folder = await mkdtemp(join(tmpdir(), 'keen-sinew-attack-'));
  try {
    return await act(folder);
  } finally {
    await rm(folder, { recursive: true, force: true, maxRetries: 5 });
  }
}

const opened = (folder: string): Promise<BrowserContext> =>
  chromium.launchPersistentContext(folder, {
    executablePath: CHROMIUM,
    args: CHROMIUM_FLAGS,
    serviceWorkers: 'block',
  });

/** What a page throws that nothing catches; it must stay empty. */
function faultsOf(page: Page): string[] {
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(`the page threw: ${error.message}`));
  page.setDefaultTimeout(PATIENCE_MS);
  return faults;
}

async function rename(page: Page, name: string): Promise<void> {
  await page.getByTitle('Rename').click();
  const field = page.getByRole('textbox', { name: 'Name of the piece' });
  await field.fill(name);
  await field.press('Enter');
}

let server: Awaited<ReturnType<typeof begun>> | null = null;
const origin = async (): Promise<string> => (server ??= await begun()).origin;

/** Reads a record of the store of pieces, or puts one there in its place. */
const recordOf = (page: Page, id: string): Promise<unknown> => inStore(page, 'get', `piece/${id}`);

function inStore(page: Page, what: 'get' | 'put' | 'delete', key: string, value?: unknown) {
  return page.evaluate(
    (told) =>
      new Promise((done, fail) => {
        const opening = indexedDB.open('keen-sinew');
        opening.onerror = () => fail(opening.error);
        opening.onsuccess = () => {
          const store = opening.result.transaction('pieces', 'readwrite').objectStore('pieces');
          const asked =
            told.what === 'put'
              ? store.put(told.value, told.key)
              : told.what === 'get'
                ? store.get(told.key)
                : store.delete(told.key);
          asked.onerror = () => fail(asked.error);
          asked.onsuccess = () => {
            opening.result.close();
            done(asked.result);
          };
        };
      }),
    { what, key, value },
  );
}

/** Puts a damaged record in the place of a sound one, without a copy before it. */
async function damage(page: Page, how: string): Promise<void> {
  const raw = await recordOf(page, ID);
  await inStore(page, 'put', `piece/${ID}`, DAMAGED[how]!(raw as never));
  await inStore(page, 'delete', `previous/${ID}`);
}

/** Every kind of damaged record: the other pieces are listed, and the page goes on. */
export const records: Part = {
  name: 'damaged records',
  round: (seed) =>
    withProfile(async (folder): Promise<Round> => {
      const kinds = Object.keys(DAMAGED);
      const how = kinds[seed % kinds.length]!;
      const context = await opened(folder);
      const failures: string[] = [];
      try {
        const page = await context.newPage();
        const faults = faultsOf(page);
        await page.goto(`${await origin()}/pieces`);
        await page.getByRole('link', { name: OTHERS[0]! }).waitFor();
        await page.goto(`${await origin()}/robots.txt`);
        await damage(page, how);
        await page.goto(`${await origin()}/pieces`);
        for (const name of OTHERS) await page.getByRole('link', { name }).waitFor();
        await page.goto(`${await origin()}/piece/${ID}/measure`);
        await page.locator('main:not([aria-busy="true"])').first().waitFor();
        failures.push(...faults);
      } catch (error) {
        failures.push(String((error as Error).message).split('\n')[0]!);
      } finally {
        await context.close();
      }
      return { tried: 1, failures: failures.map((fault) => `${how}: ${fault}`) };
    }),
  close: async () => {
    await server?.close();
    server = null;
  },
};

/** Ends a browser at once, as a power cut would, and waits until it is gone. */
async function kill(context: BrowserContext): Promise<void> {
  const session = await context.browser()!.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  const dead = new Promise((resolve) => context.once('close', resolve));
  process.kill(processInfo.find(({ type }) => type === 'browser')!.id, 'SIGKILL');
  await dead;
}

/** The browser is killed while changes are written: afterwards the piece opens with one of them. */
export const kills: Part = {
  name: 'kills during saves',
  round: (seed) =>
    withProfile(async (folder): Promise<Round> => {
      const context = await opened(folder);
      const page = await context.newPage();
      faultsOf(page);
      const failures: string[] = [];
      await page.goto(`${await origin()}/piece/${ID}/measure`);
      const names = Array.from({ length: 6 }, (_, i) => `Change ${i + 1}`);
      // The kill comes at another moment of the writing with every seed.
      const moment = (seed * 37) % 400;
      const typing = (async () => {
        for (const name of names) await rename(page, name);
      })().catch(() => undefined);
      await new Promise((go) => setTimeout(go, 300 + moment));
      await kill(context);
      await typing;
      const again = await opened(folder);
      try {
        const reopened = await again.newPage();
        const faults = faultsOf(reopened);
        await reopened.goto(`${await origin()}/piece/${ID}/measure`);
        const name = (await reopened.getByTitle('Rename').innerText()).trim();
        if (!['Otter on the log', ...names].includes(name))
          failures.push(`it came back as “${name}”`);
        if (await reopened.getByText('is damaged').count()) failures.push('its record was damaged');
        failures.push(...faults);
      } catch (error) {
        failures.push(String((error as Error).message).split('\n')[0]!);
      } finally {
        await again.close();
      }
      return {
        tried: 1,
        failures: failures.map((fault) => `killed after ${300 + moment} ms: ${fault}`),
      };
    }),
};

/** Two tabs change one piece in turns: nothing that one has stored is written over unasked. */
export const tabs: Part = {
  name: 'two tabs',
  round: (seed) =>
    withProfile(async (folder): Promise<Round> => {
      const context = await opened(folder);
      const failures: string[] = [];
      try {
        const [one, two] = [await context.newPage(), await context.newPage()];
        const faults = [faultsOf(one), faultsOf(two)];
        const address = `${await origin()}/piece/${ID}/measure`;
        await one.goto(address);
        await two.goto(address);
        const [first, second] = seed % 2 === 0 ? [one, two] : [two, one];
        await rename(first, 'The first');
        await first.getByText(/^Saved/).waitFor();
        await rename(second, 'The second');
        await second.getByText('changed in another tab too').waitFor();
        await second.getByRole('button', { name: 'Keep both' }).click();
        await second.getByRole('heading', { name: 'The second (kept here)' }).waitFor();
        await first.reload();
        await first.getByRole('heading', { name: 'The first' }).waitFor();
        failures.push(...faults.flat());
      } catch (error) {
        failures.push(String((error as Error).message).split('\n')[0]!);
      } finally {
        await context.close();
      }
      return { tried: 1, failures };
    }),
};
