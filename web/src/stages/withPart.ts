import type { Workpiece } from '@keen-sinew/core';

type Section =
  | ('measure' | 'stance' | 'wire' | 'mass' | 'fittings' | 'cure' | 'skin' | 'colour' | 'bench')
  | 'atHand';

/** The document with part of one section's decisions replaced. */
export const withPart = <S extends Section>(
  piece: Workpiece,
  section: S,
  part: Partial<Workpiece[S]>,
): Workpiece => ({ ...piece, [section]: { ...piece[section], ...part } });
