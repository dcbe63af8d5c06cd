import { PLAIN_MARKING, type Marking, type MarkingPlace } from '../anatomy/marking.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { newPiece, softWire } from './newPiece.ts';

const at = (boneId: string, along: number, around: number): MarkingPlace => ({
  ...{ boneId, along, around },
});

/** Three colours in their order, the pale one speckled, as the legend has it. Invented. */
const RINGS: Marking = {
  ...PLAIN_MARKING,
  ...{ id: 'rings', name: 'Rings', kind: 'rings' },
  colours: [
    { name: 'Coal of the rings', hex: '#1f1b1c' },
    { name: 'Bog ochre of the rings', hex: '#c9a24a' },
    { name: 'Madder of the rings', hex: '#8c2f25' },
  ],
  places: [at('neck.1', 0.6, 0), at('tail4', 0.9, 180)],
  bands: [
    { colour: 0, mm: 9, speckle: 0 },
    { colour: 1, mm: 5, speckle: 0.2 },
    { colour: 2, mm: 14, speckle: 0 },
    { colour: 1, mm: 5, speckle: 0.2 },
  ],
  ...{ widthMm: 1.6, vary: 0.25, seed: 7 },
};

const COLLAR: Marking = {
  ...PLAIN_MARKING,
  ...{ id: 'collar', name: 'Collar', kind: 'field', edge: 'broken', edgeMm: 1 },
  colours: [{ name: 'Collar', hex: '#e4d9b4' }],
  places: [at('skull', 0.06, 0), at('neck.1', 0.45, 180)],
  ...{ widthMm: 2, vary: 0.3 },
};

const EYE_LINE: Marking = {
  ...PLAIN_MARKING,
  ...{ id: 'eye-line', name: 'Eye line', kind: 'line' },
  colours: [{ name: 'Eye line', hex: '#1f1b1c' }],
  places: [at('skull', 0.7, 66), at('skull', 0.4, 74), at('skull', 0.1, 84)],
  ...{ widthMm: 2.4, vary: 0.1 },
};

/** Old Girdle, the snake that girdles the fen and keeps its eels: a legend. Invented. */
export function ringSnake(): Piece {
  const snake = newPiece('old-girdle', 'Old Girdle', 'adder');
  return {
    ...snake,
    place: 'Shelf of Fen legends, Marrowby Fen',
    measure: { ...snake.measure, scale: { by: 'ratio', lifePerModel: 1.5 } },
    stance: { ...snake.stance, presetId: 'coiled' },
    wire: {
      ...snake.wire,
      spine: { ...softWire(1), strands: 2 },
      limbs: { front: softWire(1.6), rear: softWire(1.6) },
      coverMm: 0.5,
    },
    colour: {
      ...snake.colour,
      school: 'light-down',
      markings: [RINGS, COLLAR, EYE_LINE].map((marking) => ({
        ...marking,
        colours: [...marking.colours],
        places: [...marking.places],
        bands: [...marking.bands],
      })),
      zones: {},
    },
  };
}
