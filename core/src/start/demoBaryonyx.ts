import type { Piece } from '../piece/pieceSchema.ts';
import { usualZone, type StampChoice } from '../piece/skinSchema.ts';
import { newPiece, softWire } from './newPiece.ts';

/** A roller that closes round its scales, and two stamps. Invented. */
const STAMPS: readonly StampChoice[] = [
  {
    ...{ id: 'stamp-1', name: 'Roller of the flanks', kind: 'roller', zone: 'flanks' },
    ...{ across: 20, along: 52, diameterMm: 12 },
  },
  {
    ...{ id: 'stamp-2', name: 'Stamp of the back', kind: 'stamp', zone: 'back' },
    ...{ across: 12, along: 10, diameterMm: 12 },
  },
  {
    ...{ id: 'stamp-3', name: 'Stamp of the tail', kind: 'stamp', zone: 'tail' },
    ...{ across: 12, along: 8, diameterMm: 12 },
  },
];

/** A fishing dinosaur whose scales are pressed: by hand it would take days. Invented. */
export function fishingBaryonyx(): Piece {
  const baryonyx = newPiece('fishing-baryonyx', 'The fen before the fen', 'baryonyx');
  return {
    ...baryonyx,
    place: 'Corner case, Marrowby Fen',
    measure: {
      ...baryonyx.measure,
      scale: { by: 'ratio', lifePerModel: 18 },
    },
    fittings: {
      ...baryonyx.fittings,
      made: {
        teeth: { material: 'putty', spare: 8 },
        crest: { material: 'clay', spare: 0 },
      },
    },
    stance: {
      ...baryonyx.stance,
      presetId: 'walking',
      anglesDeg: {
        neckLower: { flexion: -22 },
        neckUpper: { flexion: -16 },
        skull: { flexion: -8, abduction: 10 },
      },
    },
    wire: {
      ...baryonyx.wire,
      spine: { ...softWire(1.6), strands: 2 },
      limbs: { 'hind-legs': softWire(2.5), arms: softWire(1.2) },
    },
    mass: {
      ...baryonyx.mass,
      shellMm: 3.5,
      shells: {
        tail: { core: 'foil', shellMm: 3.5 },
        'lower-limbs': { core: 'foil', shellMm: 3.5 },
        arms: { core: 'foil', shellMm: 3.5 },
      },
    },
    skin: {
      ...baryonyx.skin,
      zones: {
        back: usualZone('stamped'),
        flanks: usualZone('stamped'),
        tail: usualZone('stamped'),
      },
      stamps: [...STAMPS],
    },
  };
}
