import { upTo, type VersionedData, type VersionSteps } from '../units/versions.ts';
import { CREATURE_VERSION } from './creature.ts';

/**
 * From version n of an own animal to n + 1, under n; each step frozen like those of a piece. Version 1
 * is the only one so far, so there is none yet.
 */
const STEPS: VersionSteps = {};

/** An own animal's data brought to today's version; undefined where its version is unknown or newer. */
export const migrateCreature = (data: VersionedData): VersionedData | undefined =>
  upTo(CREATURE_VERSION, STEPS, data);
