import fc from 'fast-check';

/** The cases of property tests where nobody asks for others. */
const SEED = 20_261_129;

/**
 * Property tests take the same cases in every run, so that what fails has changed; `SEED=7 npm test` takes others, and
 * the long run new ones each time. A test that names its own seed keeps it.
 */
const asked = process.env['SEED'];
if (process.env['LONG'] !== '1' || asked !== undefined)
  fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: Number(asked ?? SEED) });
