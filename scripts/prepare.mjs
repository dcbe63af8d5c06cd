import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const ROOT = fileURLToPath(new URL('..', import.meta.url));
const CACHE = join(ROOT, '.cache');

/** Runs a command in the project's folder, its output shown; returns its exit code. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
    shell: process.platform === 'win32',
  });
  if (result.error) console.error(`${command}: ${result.error.message}`);
  return result.status ?? 1;
}

/** Installs the packages of the lock file where they are missing or older than it. */
export function installIfMissing() {
  const stamp = stampOf(['package-lock.json']);
  if (existsSync(join(ROOT, 'node_modules', 'tsx')) && isFresh('install', stamp)) return;
  console.log('Installing packages (first run only, one to two minutes)');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) {
    console.error('The packages could not be installed. The first run needs the package registry.');
    process.exit(1);
  }
  keepStamp('install', stamp);
}

/** Builds the application where a source is newer than what was built; new animals are taken in. */
export function buildIfStale() {
  if (run('node', ['--import', 'tsx', 'scripts/animalIndex.ts']) !== 0) process.exit(1);
  const stamp = stampOf(['core/src', 'web', 'package-lock.json']);
  if (existsSync(join(ROOT, 'web/dist/index.html')) && isFresh('build', stamp)) return;
  console.log('Building the application');
  if (run('npm', ['run', '--silent', 'build']) !== 0) {
    console.error('The application could not be built; what is wrong stands above.');
    process.exit(1);
  }
  keepStamp('build', stamp);
}

/** A fingerprint of files and folders by content, tests and build results left out. */
function stampOf(paths) {
  const hash = createHash('sha256');
  const visit = (path) => {
    if (/(^|[\\/])(node_modules|dist)$/.test(path) || /\.test\.ts$/.test(path)) return;
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) visit(join(path, name));
    } else {
      hash.update(relative(ROOT, path)).update(readFileSync(path));
    }
  };
  for (const path of paths) visit(join(ROOT, path));
  return hash.digest('hex');
}

function isFresh(name, stamp) {
  const file = join(CACHE, name);
  return existsSync(file) && readFileSync(file, 'utf8') === stamp;
}

function keepStamp(name, stamp) {
  mkdirSync(dirname(join(CACHE, name)), { recursive: true });
  writeFileSync(join(CACHE, name), stamp);
}
