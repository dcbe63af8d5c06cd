import { ROOT, run } from './prepare.mjs';

/** npm run test:long: the unit tests with every case, where npm test takes a seeded sample. */
process.chdir(ROOT);
process.exit(run('npx', ['vitest', 'run'], { LONG: '1' }));
