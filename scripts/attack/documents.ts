import fc from 'fast-check';
import { inWorkshop, newWorkshop, planPiece, type PieceFile } from '../../core/src/index.ts';
import {
  blows,
  struck,
  struckText,
  textBlow,
  type Json,
} from '../../core/src/testing/attack/mutation.ts';
import { planFaults } from '../../core/src/testing/attack/planFaults.ts';
import {
  READERS,
  readingFault,
  type ReaderUnderAttack,
} from '../../core/src/testing/attack/readers.ts';
import { smallest } from '../../core/src/testing/attack/smallest.ts';
import { attempt, type Part } from './part.ts';

const CASES = 400;
/** One in so many documents that were read is planned as well. */
const PLANNED = 100;

/** Documents struck anywhere, and their text: read, written back, and some of them planned. */
export const documents: Part = {
  name: 'documents',
  round: async (seed) => {
    const reader = READERS[seed % READERS.length]!;
    const failures = [...struckDocuments(reader, seed), ...struckTexts(reader, seed)];
    return { tried: 2 * CASES, failures };
  },
};

function struckDocuments(reader: ReaderUnderAttack, seed: number): readonly string[] {
  const cases = fc.tuple(fc.nat(reader.sound.length - 1), blows);
  return fc.sample(cases, { seed, numRuns: CASES }).flatMap(([n, all], i) => {
    const sound = reader.sound[n]!;
    const document = struck(sound, all);
    const faultOf = (data: Json): string | undefined =>
      attempt(reader.name, () => {
        const text = JSON.stringify(data);
        return (
          readingFault(reader, text) ?? (i % PLANNED === 0 ? planFault(reader, text) : undefined)
        );
      });
    const fault = faultOf(document);
    if (fault === undefined) return [];
    const { differs } = smallest(document, sound, (data) => faultOf(data) !== undefined);
    return [`${fault}\n    smallest: ${JSON.stringify(differs).slice(0, 600)}`];
  });
}

function planFault(reader: ReaderUnderAttack, text: string): string | undefined {
  const read = reader.read(text);
  if (reader.name !== 'pieces' || !read.ok) return undefined;
  const { piece, workshop } = read.value as PieceFile;
  return planFaults(planPiece(inWorkshop(piece, workshop ?? newWorkshop())))[0];
}

function struckTexts(reader: ReaderUnderAttack, seed: number): readonly string[] {
  const cases = fc.tuple(fc.nat(reader.sound.length - 1), textBlow);
  return fc.sample(cases, { seed, numRuns: CASES }).flatMap(([n, blow]) => {
    const text = struckText(JSON.stringify(reader.sound[n], null, 2), blow);
    const fault = attempt(reader.name, () => readingFault(reader, text));
    return fault === undefined ? [] : [`${fault}\n    ${JSON.stringify(blow).slice(0, 300)}`];
  });
}
