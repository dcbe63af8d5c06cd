import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { CHROMIUM } from '../e2e/launch.ts';
import { kills, records, tabs } from './attack/browser.ts';
import { documents } from './attack/documents.ts';
import { files } from './attack/files.ts';
import type { Part } from './attack/part.ts';
import { range } from './attack/range.ts';

/*
 * npm run attack: documents, files, records, kills and tabs that are as bad as can be, until the time is
 * up. Prints how many of each were tried, and every failure with its seed and its smallest case; ends with 1
 * where anything failed. A round is made again with --seed N --part NAME --rounds 1.
 */

const USAGE =
  'npm run attack -- [--seed N] [--seconds S | --long | --rounds R] [--part NAME] (five minutes where nothing is said)';
const MINUTES_5 = 300;
const HOUR = 3600;
/** A failure of the same kind is printed so many times. */
const MOST_PRINTED = 20;

const args = process.argv.slice(2);

function number(name: string): number | undefined {
  const at = args.indexOf(`--${name}`);
  if (at < 0) return undefined;
  const value = Number(args[at + 1]);
  if (Number.isFinite(value) && value >= 0 && args[at + 1]?.trim() !== '') return value;
  console.error(`--${name}: received “${args[at + 1] ?? ''}”; allowed is ${USAGE}.`);
  process.exit(1);
}

const first = number('seed') ?? Math.floor(Date.now() / 1000) % 1e6;
const seconds = number('seconds') ?? (args.includes('--long') ? HOUR : MINUTES_5);
const rounds = number('rounds') ?? Infinity;
const wanted = args.includes('--part') ? args[args.indexOf('--part') + 1] : undefined;

/** Attacks in the browser need a built application. */
const hasBrowser =
  existsSync(CHROMIUM) &&
  existsSync(fileURLToPath(new URL('../web/dist/index.html', import.meta.url)));
const all: readonly Part[] = [
  documents,
  range,
  files,
  ...(hasBrowser ? [records, kills, tabs] : []),
].filter(({ name }) => wanted === undefined || name === wanted);
if (all.length === 0) {
  console.error(`--part: received “${wanted}”; there is no such part, or no browser for it.`);
  process.exit(1);
}
if (!hasBrowser)
  console.log('Without Chromium or without `npm run build`: records, kills and tabs are left out.');

const tried = new Map(all.map(({ name }) => [name, { tried: 0, failed: 0, spentMs: 0 }]));
const end = performance.now() + 1000 * seconds;
let printed = 0;
/** Each round goes to the part that has had least time, so that all have the same share of it. */
for (let round = 0; performance.now() < end && round < rounds; round++) {
  const part = all.reduce((least, next) =>
    tried.get(next.name)!.spentMs < tried.get(least.name)!.spentMs ? next : least,
  );
  const seed = first + round;
  const count = tried.get(part.name)!;
  const begun = performance.now();
  const { tried: cases, failures } = await part.round(seed);
  count.spentMs += performance.now() - begun;
  count.tried += cases;
  count.failed += failures.length;
  for (const failure of failures)
    if (printed++ < MOST_PRINTED)
      console.log(
        `FAILED ${part.name}, --seed ${seed} --part "${part.name}" --rounds 1\n    ${failure}`,
      );
}
for (const part of all) await part.close?.();

console.log(`\nattacked from seed ${first}`);
let failed = 0;
for (const [name, count] of tried) {
  failed += count.failed;
  console.log(
    `${name.padEnd(24)} ${String(count.tried).padStart(8)} tried ${String(count.failed).padStart(6)} failed`,
  );
}
process.exit(failed === 0 ? 0 : 1);
