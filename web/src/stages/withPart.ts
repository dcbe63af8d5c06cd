import type { Piece } from '@keen-sinew/core';

type Section = 'measure' | 'stance' | 'wire' | 'mass' | 'cure' | 'skin' | 'colour' | 'bench';

/** The document with part of one section's decisions replaced. */
export const withPart = <S extends Section>(
  piece: Piece,
  section: S,
  part: Partial<Piece[S]>,
): Piece => ({ ...piece, [section]: { ...piece[section], ...part } });
