import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildIfStale, installIfMissing, ROOT, run } from './prepare.mjs';

const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
const RESULTS = join(ROOT, 'test-results');
const counts = { passed: 0, failed: 0, flaky: 0 };

/** Debian's Chromium: installed where it is missing and this user may; else said how. */
function haveChromium() {
  if (existsSync(CHROMIUM)) return true;
  const mayInstall = existsSync('/usr/bin/apt-get') && process.getuid?.() === 0;
  if (mayInstall) {
    console.log('Installing Chromium (first run only)');
    run('apt-get', ['update', '-qq']);
    run('apt-get', ['install', '-y', '-qq', 'chromium'], { DEBIAN_FRONTEND: 'noninteractive' });
  }
  if (existsSync(CHROMIUM)) return true;
  console.error(
    `Chromium is missing at ${CHROMIUM}. Install it (apt-get install chromium, as root), or name another with CHROMIUM=… npm test.`,
  );
  return false;
}

/** Steps that pass or fail as a whole, side by side; each one's output is shown when it is done. */
async function steps(all) {
  const results = await Promise.all(
    all.map(async ([name, command, args]) => ({ name, ...(await output(command, args)) })),
  );
  for (const { name, code, text } of results) {
    console.log(`\n— ${name}`);
    if (text !== '') console.log(text);
    if (code === 0) counts.passed += 1;
    else {
      counts.failed += 1;
      console.error(`${name} failed`);
    }
  }
}

/** Runs a command in the project's folder without showing it; resolves to its exit code and output. */
function output(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, shell: process.platform === 'win32' });
    let text = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (data) => (text += data.toString()));
    child.on('error', (error) => resolve({ code: 1, text: `${command}: ${error.message}` }));
    child.on('close', (code) => resolve({ code: code ?? 1, text: text.trim() }));
  });
}

/** A step whose tests are counted one by one from its report. */
function countedStep(name, command, args, report, read) {
  console.log(`\n— ${name}`);
  rmSync(report, { force: true });
  const code = run(command, args);
  if (!existsSync(report)) {
    counts.failed += 1;
    console.error(`${name} left no report`);
    return;
  }
  const { passed, failed, flaky = 0 } = read(JSON.parse(readFileSync(report, 'utf8')));
  counts.passed += passed;
  counts.flaky += flaky;
  // A run that ends badly without a failed test (a file that does not load) is a failure too.
  counts.failed += failed === 0 && code !== 0 ? 1 : failed;
}

installIfMissing();
mkdirSync(RESULTS, { recursive: true });
await steps([
  ['formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['lint', 'npx', ['eslint', '.', '--max-warnings', '0']],
  ['types of the core', 'npm', ['run', '--silent', 'types:core']],
  ['types of tests, server and scripts', 'npm', ['run', '--silent', 'types:node']],
  ['types of the interface', 'npm', ['run', '--silent', 'types:web']],
]);
const unitReport = join(RESULTS, 'unit.json');
countedStep(
  'unit tests and checks',
  'npx',
  ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitReport}`],
  unitReport,
  (report) => ({ passed: report.numPassedTests, failed: report.numFailedTests }),
);
buildIfStale();
if (haveChromium()) {
  countedStep('end to end', 'npx', ['playwright', 'test'], join(RESULTS, 'e2e.json'), (report) => ({
    passed: report.stats.expected,
    failed: report.stats.unexpected,
    flaky: report.stats.flaky,
  }));
} else {
  counts.failed += 1;
}
// Told by itself: a test that passed only when it was run again is neither a pass nor a failure.
if (counts.flaky > 0) console.log(`\n${counts.flaky} flaky: passed only when run again`);
console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);
