import { MOST_READINGS, type Piece } from '@keen-sinew/core';

const withReadings = (piece: Piece, boneId: string, readings: readonly number[]): Piece => {
  const { [boneId]: _, ...others } = piece.references.readings;
  const next = readings.length === 0 ? others : { ...others, [boneId]: [...readings] };
  return { ...piece, references: { ...piece.references, readings: next } };
};

/** The document with one more reading of a bone, mm of the specimen. */
export const withReading = (piece: Piece, boneId: string, mm: number): Piece =>
  withReadings(
    piece,
    boneId,
    [...(piece.references.readings[boneId] ?? []), mm].slice(-MOST_READINGS),
  );

/** The document without one reading of a bone. */
export const withoutReading = (piece: Piece, boneId: string, index: number): Piece =>
  withReadings(
    piece,
    boneId,
    (piece.references.readings[boneId] ?? []).filter((_, i) => i !== index),
  );
