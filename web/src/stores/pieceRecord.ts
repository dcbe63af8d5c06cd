import * as say from './words.ts';
import {
  boundedData,
  inWorkshop,
  isOfToday,
  newWorkshop,
  PIECE_VERSION,
  problemSentence,
  readTodaysPiece,
  type Parsed,
  type Piece,
  type PieceFile,
  type Workpiece,
  type Workshop,
} from '@keen-sinew/core';
import { historyReady, stepBetween, stepped, type HistoryStep } from './history.ts';

/**
 * What is stored of a piece: its document, and the way back and forth. The steps are those of the
 * workpiece, as they may touch the workshop too.
 */
export interface StoredPiece {
  readonly piece: Piece;
  readonly past: readonly HistoryStep[];
  readonly future: readonly HistoryStep[];
  readonly revision: number;
  readonly savedAt: string;
}

/** A stored piece of today's version, with what its record of an older one held of the workshop. */
export interface ReadPiece extends StoredPiece {
  readonly carried: Workshop | null;
}

/** A stored record with its document read, or the sentence of what is wrong with it. */
export async function readRecord(raw: unknown): Promise<ReadPiece | string> {
  // First its bounds: what runs in circles or is named like a prototype is not looked into further.
  const bounded = boundedData(raw);
  if (!bounded.ok) return problemSentence(bounded.problem);
  if (!isStored(raw)) return say.storedRecordIsNot;
  try {
    const read = await readAny(raw.piece);
    if (!read.ok) return problemSentence(read.problem);
    const { piece, workshop: carried } = read.value;
    return { ...raw, piece, carried, ...(await journalOf(raw, read.value)) };
  } catch (error) {
    return say.storedRecordCannot(String(error));
  }
}

/** Whether a record was written by a newer application than this one. */
export function isNewer(raw: unknown): boolean {
  const version = (raw as { piece?: { version?: unknown } | null } | null)?.piece?.version;
  return Number.isInteger(version) && Number(version) > PIECE_VERSION;
}

/**
 * The journal of a record, brought to today's version with its document. Steps of a document that had
 * to be changed, or that were kept whole as they once were, are made anew from the documents that they
 * lead to; from one that cannot be read any more on, the way ends.
 */
async function journalOf(
  raw: StoredPiece,
  read: PieceFile,
): Promise<Pick<StoredPiece, 'past' | 'future'>> {
  const whole = [...raw.past, ...raw.future].some((step) => 'piece' in step);
  const same = (raw.piece as { version?: unknown }).version === read.piece.version;
  if (same && !whole) return { past: raw.past, future: raw.future };
  return {
    past: await steps(raw.past, 'back', raw.piece, joined(read)),
    future: await steps(raw.future, 'forth', raw.piece, joined(read)),
  };
}

/** Reads a document of any version; what brings older ones up is fetched only for them. */
async function readAny(data: unknown): Promise<Parsed<PieceFile>> {
  if (isOfToday(data)) return readTodaysPiece(data);
  return (await import('./olderPieces.ts')).readPiece(data);
}

/** A document as it lay in the workshop of its time. */
const joined = ({ piece, workshop }: PieceFile): Workpiece =>
  inWorkshop(piece, workshop ?? newWorkshop());

/** Steps of one way, the nearest last, led from document to document. */
async function steps(
  kept: StoredPiece['past'],
  way: 'back' | 'forth',
  rawNow: object,
  now: Workpiece,
): Promise<readonly HistoryStep[]> {
  await historyReady;
  const made: HistoryStep[] = [];
  let [raw, here] = [rawNow, now];
  for (const step of kept.toReversed()) {
    const wholeThen = (step as { piece?: object }).piece;
    raw = wholeThen ?? stepped(raw, step[way]);
    const there = await readAny(raw);
    if (!there.ok) break;
    const then = joined(there.value);
    const [before, after] = way === 'back' ? [then, here] : [here, then];
    const found = stepBetween(step.label, before, after);
    if (found !== undefined) made.unshift(found);
    here = then;
  }
  return made;
}

export function isStored(raw: unknown): raw is StoredPiece {
  const record = raw as Partial<StoredPiece> | null;
  return (
    typeof record === 'object' &&
    record !== null &&
    typeof record.piece === 'object' &&
    record.piece !== null &&
    isJournal(record.past) &&
    isJournal(record.future) &&
    Number.isInteger(record.revision) &&
    typeof record.savedAt === 'string'
  );
}

/** Whether steps can be led along: patches, or the documents that older versions kept. */
const isJournal = (steps: unknown): boolean =>
  Array.isArray(steps) &&
  steps.every((step: Partial<HistoryStep & { piece: unknown }> | null) => {
    if (typeof step !== 'object' || step === null || typeof step.label !== 'string') return false;
    return (
      (isPatches(step.forth) && isPatches(step.back)) ||
      (typeof step.piece === 'object' && step.piece !== null)
    );
  });

const OPS: readonly unknown[] = ['add', 'remove', 'replace'];

/** Whether every change of a step is one of ours, and leads down own fields alone. */
const isPatches = (patches: unknown): boolean =>
  Array.isArray(patches) &&
  patches.every((patch: { op?: unknown; path?: unknown } | null) => {
    if (typeof patch !== 'object' || patch === null || !OPS.includes(patch.op)) return false;
    return (
      Array.isArray(patch.path) &&
      patch.path.every(
        (key: unknown) =>
          Number.isInteger(key) || (typeof key === 'string' && !(key in Object.prototype)),
      )
    );
  });
