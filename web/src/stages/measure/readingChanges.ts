import { MOST_READINGS, type Workpiece } from '@keen-sinew/core';

const withReadings = (piece: Workpiece, boneId: string, readings: readonly number[]): Workpiece => {
  const { [boneId]: _, ...others } = piece.references.readings;
  const next = readings.length === 0 ? others : { ...others, [boneId]: [...readings] };
  return { ...piece, references: { ...piece.references, readings: next } };
};

/** The document with one more reading of a bone, mm of the specimen. */
export const withReading = (piece: Workpiece, boneId: string, mm: number): Workpiece =>
  withReadings(
    piece,
    boneId,
    [...(piece.references.readings[boneId] ?? []), mm].slice(-MOST_READINGS),
  );

/** The document without one reading of a bone. */
export const withoutReading = (piece: Workpiece, boneId: string, index: number): Workpiece =>
  withReadings(
    piece,
    boneId,
    (piece.references.readings[boneId] ?? []).filter((_, i) => i !== index),
  );
