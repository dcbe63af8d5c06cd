import type { FeatherChoice, FeatherShape, FeatherWay, Workpiece } from '@keen-sinew/core';
import { withPart } from '../../withPart.ts';

/** The feathers changed in part. */
export const withFeathers = (piece: Workpiece, part: Partial<FeatherChoice>): Workpiece =>
  withPart(piece, 'skin', { feathers: { ...piece.skin.feathers, ...part } });

type RowChoice = FeatherChoice['rows'][string];
const USUAL: RowChoice = { way: 'pressed', many: null, longestMm: null, overlap: null };

/** A row changed in part. */
export function withFeatherRow(piece: Workpiece, id: string, part: Partial<RowChoice>): Workpiece {
  const { rows } = piece.skin.feathers;
  return withFeathers(piece, { rows: { ...rows, [id]: { ...USUAL, ...rows[id], ...part } } });
}

/**
 * A row made in another way. What is cut from sheet leaves the clay of its zone smooth; where none of the `beside`
 * rows of that zone is cut any more, the zone is worked as is usual again.
 */
export function withWay(
  piece: Workpiece,
  id: string,
  zone: string,
  way: FeatherWay,
  beside: readonly string[],
): Workpiece {
  const changed = withFeatherRow(piece, id, { way });
  const { zones, feathers } = changed.skin;
  const { [zone]: own, ...others } = zones;
  if (way === 'cut') {
    const base = { hairMm: null, wideMm: null, overlap: null, perCm2: null, ...own };
    const smooth = { ...base, method: 'smooth' as const };
    return withPart(changed, 'skin', { zones: { ...zones, [zone]: smooth } });
  }
  const isStillCut = beside.some((row) => feathers.rows[row]?.way === 'cut');
  return isStillCut || own?.method !== 'smooth'
    ? changed
    : withPart(changed, 'skin', { zones: others });
}

/** How much of a feather has grown, on one side; wholly grown needs no word. */
export function withGrown(piece: Workpiece, key: string, share: number): Workpiece {
  const { [key]: _before, ...others } = piece.skin.feathers.grown;
  return withFeathers(piece, { grown: share === 1 ? others : { ...others, [key]: share } });
}

/** An outline shaped by hand, of a feather or of a row; null for the one that comes by itself. */
export function withFeatherShape(
  piece: Workpiece,
  key: string,
  shape: FeatherShape | null,
): Workpiece {
  const { [key]: _before, ...others } = piece.skin.feathers.shapes;
  return withFeathers(piece, { shapes: shape === null ? others : { ...others, [key]: shape } });
}

type BladeChoice = FeatherChoice['blades'][string];

/** A thin wing, fin or membrane changed in part; `way` is how it is made until now. */
export function withBlade(
  piece: Workpiece,
  id: string,
  way: BladeChoice['way'],
  part: Partial<BladeChoice>,
): Workpiece {
  const { blades } = piece.skin.feathers;
  const usual = { way, thickMm: null, wireMm: null };
  return withFeathers(piece, { blades: { ...blades, [id]: { ...usual, ...blades[id], ...part } } });
}
