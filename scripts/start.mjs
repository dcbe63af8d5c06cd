import { buildIfStale, installIfMissing, run } from './prepare.mjs';

installIfMissing();
buildIfStale();
process.exit(run('node', ['--import', 'tsx', 'server/src/main.ts']));
