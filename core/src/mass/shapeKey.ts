import type { Piece } from '../piece/pieceSchema.ts';

/** What the shape of a model hangs on: another key asks for another shape. */
export const shapeKey = ({ measure, stance, wire, mass, skin }: Piece): string =>
  JSON.stringify([
    { ...measure, oven: null, box: null },
    stance,
    wire,
    [mass.shells, mass.shellMm, mass.cards, mass.vents],
    skin.zones,
  ]);
