import { readFile } from 'node:fs/promises';
import { checkFileSchema } from '../core/checks/checkFile.ts';
import { runChecks } from '../core/checks/runner.ts';

/** npm run --silent checks -- FILE.json…: runs files of check values through the core. */
async function main(paths: readonly string[]): Promise<number> {
  if (paths.length === 0) {
    console.error('Checks: received no file; allowed is one or more JSON files of check values.');
    return 1;
  }
  let passed = 0;
  let failed = 0;
  let unread = 0;
  for (const path of paths) {
    const file = await readCheckFile(path);
    if (typeof file === 'string') {
      console.error(file);
      unread += 1;
      continue;
    }
    const report = runChecks(file);
    passed += report.passed;
    failed += report.failures.length;
    for (const { id, mismatch } of report.failures) {
      const { key, expected, got } = mismatch;
      console.log(
        `FAIL ${file.topic} ${id} ${key}: expected ${JSON.stringify(expected)}, got ${JSON.stringify(got)}`,
      );
    }
    if (report.notCovered.length > 0)
      console.log(`not covered, ${file.topic}: ${report.notCovered.join('; ')}`);
  }
  console.log(`${passed} passed, ${failed} failed`);
  return failed + unread > 0 ? 1 : 0;
}

async function readCheckFile(path: string) {
  try {
    const parsed = checkFileSchema.safeParse(JSON.parse(await readFile(path, 'utf8')));
    if (parsed.success) return parsed.data;
    const issue = parsed.error.issues[0];
    return `${path}: ${issue?.path.join('.') ?? ''} ${issue?.message ?? 'is not a file of checks'}`;
  } catch (error) {
    return `${path}: ${error instanceof Error ? error.message : String(error)}`;
  }
}

process.exitCode = await main(process.argv.slice(2));
