import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { probeReadings, type OvenKind, type ProbeReading } from './devices/probe.ts';
import { createApp } from './app.ts';

/** For slow machines: no test measures time. */
const PATIENT = { timeout: 60_000 };

let server: Server;
let address: string;

beforeAll(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'keen-sinew-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<p>start page</p>');
  writeFileSync(join(folder, 'assets', 'a.js'), 'export {};');
  writeFileSync(join(folder, 'assets', 'a.js.br'), brotliCompressSync('export {};'));
  server = createApp(folder).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => server.close());

describe('the server', () => {
  it('sends the start page for every address of the application', async () => {
    for (const path of ['/', '/pieces', '/piece/otter/wire', '/piece/otter/working/mass.core']) {
      const response = await fetch(address + path);
      expect(await response.text()).toContain('start page');
      expect(response.headers.get('cache-control')).toBe('no-cache');
    }
  });

  it('allows a page to load from itself only', async () => {
    const { headers } = await fetch(address);
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/https?:|'unsafe-eval'/);
    expect(headers.get('strict-transport-security')).toBeNull();
    expect(headers.get('x-powered-by')).toBeNull();
  });

  it('keeps built files for good and has no start page in place of a missing one', async () => {
    expect((await fetch(`${address}/assets/a.js`)).headers.get('cache-control')).toContain(
      'immutable',
    );
    expect((await fetch(`${address}/assets/missing.js`)).status).toBe(404);
  });

  it('sends built files packed where the browser takes that, and plain where not', async () => {
    for (const [accepted, encoding] of [
      ['gzip, br', 'br'],
      ['identity', null],
    ] as const) {
      const headers = { 'Accept-Encoding': accepted };
      const response = await fetch(`${address}/assets/a.js`, { headers });
      expect(response.headers.get('content-encoding')).toBe(encoding);
      expect(response.headers.get('content-type')).toContain('javascript');
      expect(response.headers.get('cache-control')).toContain('immutable');
      expect(await response.text()).toBe('export {};');
    }
  });

  it('says that it is not built yet', async () => {
    const empty = createApp(mkdtempSync(join(tmpdir(), 'keen-sinew-'))).listen(0, '127.0.0.1');
    await new Promise((resolve) => empty.once('listening', resolve));
    const response = await fetch(`http://127.0.0.1:${(empty.address() as AddressInfo).port}/`);
    expect(response.status).toBe(503);
    expect(await response.text()).toContain('not built yet');
    empty.close();
  });
});

describe('what is not there', () => {
  it('is told plainly: a file, a device, an address that cannot be read', async () => {
    const said = async (path: string): Promise<string> => {
      const response = await fetch(address + path);
      return `${response.status} ${await response.text()}`;
    };
    for (const path of ['/robots.txt.bak', '/pieces/otter.json', '/assets/missing.js'])
      expect(await said(path)).toBe('404 There is no such file here.');
    expect(await said('/devices/lathe')).toBe('404 There is no such device here.');
    expect(await said('/%E0%A4%A')).toBe('400 The address cannot be read.');
    expect(await said('/assets/%00')).toMatch(/^4\d\d [^/\\]*$/);
    const posted = await fetch(`${address}/pieces`, { method: 'POST' });
    expect(posted.status).toBe(404);
  });
});

describe('the simulated caliper', () => {
  it('opens only so many streams, and lets go of those that are closed', async () => {
    const open = Array.from({ length: 12 }, () => new AbortController());
    await Promise.all(
      open.map(({ signal }) => fetch(`${address}/devices/caliper?mm=82`, { signal })),
    );
    const one = (): Promise<Response> => fetch(`${address}/devices/caliper?mm=82`);
    const refusal = await one();
    expect(refusal.status).toBe(503);
    expect(await refusal.text()).toContain('allowed are 12 at once');
    for (const stream of open) stream.abort();
    await vi.waitFor(async () => {
      const response = await one();
      expect(response.status).toBe(200);
      await response.body?.cancel();
    }, PATIENT);
  });

  it('streams readings of a length that scatter as a hand does, and now and then slip', async () => {
    const quick = createApp(mkdtempSync(join(tmpdir(), 'keen-sinew-')), 1).listen(0, '127.0.0.1');
    await new Promise((resolve) => quick.once('listening', resolve));
    const { port } = quick.address() as AddressInfo;
    const stop = new AbortController();
    const response = await fetch(`http://127.0.0.1:${port}/devices/caliper?mm=82&seed=3`, {
      signal: stop.signal,
    });
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    let text = '';
    const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
    while ((text.match(/event: reading/g)?.length ?? 0) < 8) text += (await reader.read()).value;
    stop.abort();
    const values = [...text.matchAll(/data: (\{.*\})/g)].map(
      ([, json]) => (JSON.parse(json!) as { mm: number }).mm,
    );
    const first = values.slice(0, 6);
    for (const mm of first) expect(Math.abs(mm - 82)).toBeLessThan(82 * 0.02);
    expect(new Set(first).size).toBeGreaterThan(3);
    expect(values[6]).toBeCloseTo(82 * 0.9, 2);
    quick.close();
  });

  it('refuses what is no length in a sentence', async () => {
    const response = await fetch(`${address}/devices/caliper?mm=far`);
    expect(response.status).toBe(400);
    expect(await response.text()).toContain('received “far”');
  });
});

describe('the simulated probe', () => {
  /** Readings of an oven, minute by minute for so long. */
  const trace = (kind: OvenKind, minutes: number): readonly ProbeReading[] => {
    const readings = probeReadings(kind, 130, 20, 1, 7);
    return Array.from({ length: minutes }, () => readings.next().value);
  };
  const peak = (of: readonly ProbeReading[]): number => Math.max(...of.map(({ airC }) => airC));

  it('warms from the room to where its oven settles, and the ball behind the air', () => {
    const steady = trace('steady', 120);
    expect(steady[0]!.airC).toBeCloseTo(20, 0);
    for (const { airC, ballC } of steady.slice(60)) {
      expect(Math.abs(airC - 130)).toBeLessThan(3);
      expect(Math.abs(ballC - 130)).toBeLessThan(3);
    }
    for (const { airC, ballC } of steady.slice(2, 20)) expect(ballC).toBeLessThan(airC);
    expect(peak(trace('overshoots', 60))).toBeGreaterThan(170);
    expect(peak(trace('cool', 120))).toBeLessThan(108);
    expect(trace('steady', 5)).toEqual(trace('steady', 5));
  });

  it('warms its ball as the one-term solution says', () => {
    // Incropera & DeWitt, ch. 5: a sphere of 40 mm in air that is hot from the start, k 0.25, ρc 2.3625e6, h 14.
    const bi = (14 * 0.02) / 0.25;
    // ζ₁ of a sphere: 1 − ζ cot ζ = Bi, by bisection.
    let [low, high] = [0.01, Math.PI - 0.01];
    for (let i = 0; i < 60; i++) {
      const zeta = (low + high) / 2;
      if (1 - zeta / Math.tan(zeta) < bi) low = zeta;
      else high = zeta;
    }
    const rate = ((low * low * 0.25) / 2.3625e6 / 0.02 ** 2) * 60;
    // Far behind a slow oven that has long settled, what is left of the way falls by that share each minute.
    const readings = probeReadings('steady', 130, 40, 1, 1);
    const ball = Array.from({ length: 90 }, () => readings.next().value.ballC);
    const [early, later] = [130 - ball[50]!, 130 - ball[71]!];
    expect(Math.log(early / later) / 21).toBeGreaterThan(0.75 * rate);
    expect(Math.log(early / later) / 21).toBeLessThan(1.25 * rate);
  });

  it('streams as fast as it is asked, and refuses what is no oven', async () => {
    const stop = new AbortController();
    const response = await fetch(
      `${address}/devices/probe?dialC=122&oven=overshoots&speed=3000&seed=2`,
      { signal: stop.signal },
    );
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    let text = '';
    const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
    while ((text.match(/event: reading/g)?.length ?? 0) < 6) text += (await reader.read()).value;
    stop.abort();
    const minutes = [...text.matchAll(/data: (\{.*\})/g)].map(
      ([, json]) => (JSON.parse(json!) as ProbeReading).min,
    );
    expect(minutes.slice(0, 4)).toEqual([0, 0.5, 1, 1.5]);
    const refused = await fetch(`${address}/devices/probe?dialC=900&oven=volcano`);
    expect(refused.status).toBe(400);
    expect(await refused.text()).toMatch(/oven “volcano”.*allowed is one of steady, overshoots/);
  });
});

describe('starting', () => {
  const start = (env: Record<string, string>) =>
    new Promise<{ code: number | null; error: string }>((resolve) => {
      const main = fileURLToPath(new URL('./main.ts', import.meta.url));
      const child = spawn(process.execPath, ['--import', 'tsx', main], {
        env: { ...process.env, ...env },
      });
      let error = '';
      child.stderr.on('data', (data: Buffer) => (error += data.toString()));
      child.on('exit', (code) => resolve({ code, error }));
    });

  it('says in a sentence that a port is taken, and offers another', async () => {
    const taken = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => taken.once('listening', resolve));
    const { port } = taken.address() as AddressInfo;
    const { code, error } = await start({ PORT: String(port), HOST: '127.0.0.1' });
    expect(code).toBe(1);
    expect(error).toContain(`Port ${port} on 127.0.0.1 is taken`);
    expect(error).toContain(`PORT=${port + 1} npm start`);
    taken.close();
  });

  it.each(['SIGTERM', 'SIGINT'] as const)('ends at %s with a stream open', async (signal) => {
    const main = fileURLToPath(new URL('./main.ts', import.meta.url));
    const child = spawn(process.execPath, ['--import', 'tsx', main], {
      env: { ...process.env, PORT: '0', HOST: '127.0.0.1' },
    });
    const ended = new Promise((resolve) => child.once('exit', resolve));
    const [line] = (await once(child.stdout, 'data')) as [Buffer];
    const where = /http:\S+/.exec(line.toString())![0];
    const response = await fetch(`${where}/devices/caliper?mm=82`);
    expect(response.status).toBe(200);
    child.kill(signal);
    expect(await ended).toBe(0);
  });

  it('refuses a port that is none', async () => {
    expect((await start({ PORT: '' })).error).toContain('PORT: received “”');
    const { code, error } = await start({ PORT: 'harbour' });
    expect(code).toBe(1);
    expect(error).toContain('PORT: received “harbour”; allowed is a whole number from 0 to 65535.');
  });
});
