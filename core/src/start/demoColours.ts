import type { Piece } from '../piece/pieceSchema.ts';
import { COLOUR_PICTURES } from './demoColourPictures.ts';

/** Which piece each coloured picture is of. */
const COLOURS_OF: Readonly<Record<string, string>> = {
  'adder-colours': 'adder-in-a-coil',
  'old-girdle-colours': 'old-girdle',
  'wolf-colours': 'wolf-at-the-carr',
  'heron-colours': 'heron-at-the-sluice',
  'dragonfly-colours': 'dragonfly-over-the-reeds',
  'baryonyx-colours': 'fishing-baryonyx',
};

/** A piece with the coloured picture that it is checked against, where there is one. */
export const withColourPicture = (piece: Piece): Piece => {
  const picture = COLOUR_PICTURES.find(({ id }) => COLOURS_OF[id] === piece.id);
  if (picture === undefined) return piece;
  const { references } = piece;
  return { ...piece, references: { ...references, pictures: [...references.pictures, picture] } };
};
