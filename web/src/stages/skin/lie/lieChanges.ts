import type { LieMarkChoice, LieMarkKind, LiePlace, Workpiece } from '@keen-sinew/core';
import { freeId } from '@keen-sinew/core';
import { withPart } from '../../withPart.ts';

/** More places than these on one line say no more than fewer. */
export const MOST_PLACES = 16;

/** What a mark turns its hair by where nobody said: of a parting, its angle; a whorl stands off on all sides. */
const TURNS: Readonly<Record<LieMarkKind, number>> = { guide: 0, parting: 55, ridge: 55, whorl: 0 };

/** A new mark through some places; on both sides, unless it lies on the middle line. */
export function withNewMark(
  piece: Workpiece,
  kind: LieMarkKind,
  places: readonly LiePlace[],
  radiusMm: number,
): Workpiece {
  const { marks } = piece.skin;
  const id = freeId(
    kind,
    marks.map((mark) => mark.id),
  );
  const step = Math.max(1, (places.length - 1) / (MOST_PLACES - 1));
  const kept =
    places.length <= MOST_PLACES
      ? places
      : Array.from({ length: MOST_PLACES }, (_, i) => places[Math.round(i * step)]!);
  const mark: LieMarkChoice = {
    ...{ id, kind, places: kept.map((place) => ({ ...place })), mirrored: true },
    ...{ turnDeg: TURNS[kind], radiusMm },
  };
  return withPart(piece, 'skin', { marks: [...marks, mark] });
}

/** A mark changed in part. */
export const withMark = (piece: Workpiece, id: string, part: Partial<LieMarkChoice>): Workpiece =>
  withPart(piece, 'skin', {
    marks: piece.skin.marks.map((mark) => (mark.id === id ? { ...mark, ...part } : mark)),
  });

/** One place of a mark moved. */
export function withPlace(piece: Workpiece, id: string, n: number, place: LiePlace): Workpiece {
  const mark = piece.skin.marks.find((of) => of.id === id);
  if (mark === undefined) return piece;
  return withMark(piece, id, {
    places: mark.places.map((old, i) => (i === n ? { ...place } : old)),
  });
}

export const withoutMark = (piece: Workpiece, id: string): Workpiece =>
  withPart(piece, 'skin', { marks: piece.skin.marks.filter((mark) => mark.id !== id) });
