import * as say from './words.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import { readJson } from '../units/readJson.ts';
import { refusedBySchema } from '../units/schemaProblem.ts';
import { CREATURE_FORMAT, CREATURE_VERSION, creatureSchema, type Creature } from './creature.ts';
import { creatureFaults } from './creatureFaults.ts';
import { migrateCreature } from './creatureMigrations.ts';

/**
 * Reads an own animal's file: text → JSON → schema → names that must exist. Anything wrong comes
 * back as one problem that says where; nothing is half read.
 */
export function readCreatureText(text: string): Parsed<Creature> {
  const read = readJson(text, say.wholeFileOfOwn);
  if (!read.ok) return read;
  const data = read.value;
  const format = (data as { format?: unknown } | null)?.format;
  if (format !== CREATURE_FORMAT)
    return refused(say.file, format ?? typeof data, say.fileOfFormat(CREATURE_FORMAT));
  const { version } = data as { version?: unknown };
  const current = migrateCreature(data as Record<string, unknown>);
  if (current === undefined)
    return refused(say.filesVersion, version, say.versionFromTo(CREATURE_VERSION));
  const parsed = creatureSchema.safeParse(current);
  if (!parsed.success)
    return refusedBySchema(creatureSchema, current, parsed.error.issues, say.wholeOwnAnimal);
  const fault = creatureFaults(parsed.data)[0];
  return fault === undefined
    ? accepted(parsed.data)
    : refused(fault.where, fault.received, fault.allowed);
}
