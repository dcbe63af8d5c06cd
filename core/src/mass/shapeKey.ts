import type { Piece } from '../piece/pieceSchema.ts';

/** What the shape of a model hangs on: another key asks for another shape. */
export const shapeKey = ({ measure, stance, wire, mass, skin }: Piece): string =>
  JSON.stringify([
    // Only what decides the scale: another oven of no matter leaves the shape as it is.
    measure.scale.by === 'oven'
      ? { ...measure, box: null }
      : {
          ...measure,
          oven: null,
          ovenAirMm: 0,
          onBoard: false,
          box: measure.scale.by === 'box' ? measure.box : null,
        },
    stance,
    wire,
    [mass.shells, mass.shellMm, mass.cards, mass.vents],
    skin.zones,
  ]);
