import * as say from './words.ts';
import {
  cutText,
  inWorkshop,
  newPieceOf,
  parted,
  planPiece,
  problemSentence,
  sound,
  startPiece,
  USUAL_WISH,
  type Creature,
  type StartWish,
  type Piece,
  type Workshop,
} from '@keen-sinew/core';
import { freeId } from './freeId.ts';
import { takenIds, writePiece, type StoredPiece } from './pieceStorage.ts';
import { copyPictures } from './pictureStorage.ts';
import type { useWorkshopStore } from './workshopStore.ts';

/** The demonstration pieces, fetched when they are asked for: few visits need them. */
export const demonstration = async (): Promise<{
  readonly pieces: readonly Piece[];
  readonly workshop: Workshop;
}> => {
  const { demoPieces, demoWorkshop } = await import('./demonstration.ts');
  return { pieces: demoPieces(), workshop: demoWorkshop() };
};

/** A piece that was taken in, and the workshop that it brings where this one lacks some of it. */
export interface TakenIn {
  readonly id: string;
  readonly brings: Workshop | null;
}

/** Ways for a piece to come into the store. */
export interface Intake {
  /** Makes a new piece as one wants it, and returns its id. */
  readonly create: (
    name: string,
    animalId: string,
    wish?: Omit<StartWish, 'animalId'>,
  ) => Promise<string>;
  /** Makes a new piece of an own animal, which it carries along; returns its id. */
  readonly createOf: (name: string, creature: Creature) => Promise<string>;
  /**
   * Takes in a piece file; returns its id with the workshop that it brings where that is another one,
   * or the sentence of what is wrong with it. Of that workshop only metals are taken over unasked:
   * without them the wires could not be reckoned.
   */
  readonly takeIn: (text: string) => Promise<TakenIn | { readonly sentence: string }>;
  /** Puts the demonstration pieces back as they were shipped, beside whatever is there. */
  readonly restoreDemo: () => Promise<void>;
}

/** Writes a piece that has no history yet. */
export async function writeNew(piece: Piece): Promise<void> {
  const savedAt = new Date().toISOString();
  await writePiece({ piece, past: [], future: [], revision: 1, savedAt });
}

/** Writes a piece, its way and its pictures under an id of its own, which it returns: beside what another tab has. */
export async function keepBeside(record: StoredPiece): Promise<string> {
  const { piece } = record;
  const id = freeId(piece.name, await takenIds());
  const name = cutText(say.nameOfMine(piece.name), 80);
  await copyPictures(piece.id, id);
  await writePiece({ ...record, piece: { ...piece, id, name } });
  return id;
}

/** The intake of a store; `listAgain` reads its list anew. */
export function createIntake(
  workshops: ReturnType<typeof useWorkshopStore>,
  listAgain: () => Promise<void>,
): Intake {
  /** Puts a new piece there under an id of its own, which it returns. */
  async function add(name: string, make: (id: string) => Piece): Promise<string> {
    // Asked of the store and not of the list on the screen, which may still be on its way.
    const id = freeId(name, await takenIds());
    await workshops.load();
    await writeNew(make(id));
    await listAgain();
    return id;
  }

  /** With gauges, scheme and shells by its load and size, in this workshop. */
  const soundIn = (piece: Piece): Piece =>
    parted(sound(inWorkshop(piece, workshops.current), planPiece)).piece;

  async function takeIn(text: string): Promise<TakenIn | { sentence: string }> {
    const { readPieceText } = await import('./olderPieces.ts');
    const read = readPieceText(text);
    if (!read.ok) return { sentence: problemSentence(read.problem) };
    const ids = await takenIds();
    await workshops.load();
    const { workshop } = read.value;
    const metals =
      workshop === null ? new Map<string, string>() : await workshops.adoptTheirMetals(workshop);
    const { withMetals } = await import('./adopting.ts');
    const piece = withMetals(read.value.piece, metals);
    const id = ids.includes(piece.id) ? freeId(piece.name, ids) : piece.id;
    await writeNew({ ...piece, id });
    await listAgain();
    const lacks = workshop !== null && (await workshops.lacks(workshop));
    return { id, brings: lacks ? workshop : null };
  }

  return {
    create: (name, animalId, wish = USUAL_WISH) =>
      add(name, (id) => {
        const wished = { ...wish, animalId };
        return parted(startPiece(id, name, wished, workshops.current, planPiece)).piece;
      }),
    createOf: (name, creature) =>
      add(name, (id) => soundIn(newPieceOf(id, name, creature, workshops.current.oven))),
    takeIn,
    async restoreDemo() {
      for (const piece of (await demonstration()).pieces) {
        const ids = await takenIds();
        await writeNew(ids.includes(piece.id) ? { ...piece, id: freeId(piece.name, ids) } : piece);
      }
      await listAgain();
    },
  };
}
