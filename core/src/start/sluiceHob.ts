import { usualZone } from '../piece/skinSchema.ts';
import { newCreature, type Creature } from '../anatomy/creature.ts';
import type { Thing } from '../anatomy/shapeSchema.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { newPieceOf, softWire } from './newPiece.ts';

/** A legend of the fen: heavy in the shoulder, short in the tail, with long forelegs. Invented. */
const HOB: Creature = {
  ...newCreature('sluice-hob', 'Sluice Hob', 'grey-wolf'),
  size: 1.1,
  lengthsMm: { humerus: 240, radius: 265, tail1: 60, tail2: 50, tail3: 40, tail4: 30 },
  girth: { forelegs: 1.2, trunk: 1.12 },
  eyeMm: 26,
};

/** What all of its things have that say nothing else. */
const PLAIN = {
  ...{ offMm: 0, breadth: 1, tip: 0.1, leanDeg: 0, twistDeg: 0, turnDeg: 0, curlDeg: 0 },
  ...{ hex: null, row: null },
} satisfies Partial<Thing>;

/** Horns that curl out of their plane, a row of spikes that gets smaller towards the tail, and a mane on either side of the neck. */
const THINGS: readonly Thing[] = [
  {
    ...PLAIN,
    ...{ id: 'horns', name: 'Curled horns', kind: 'horn', sides: 'both' },
    ...{ boneId: 'skull', along: 0.2, around: 32, lengthMm: 330, thickMm: 46 },
    ...{ leanDeg: 10, twistDeg: 55, turnDeg: 230, curlDeg: 40 },
  },
  {
    ...PLAIN,
    ...{ id: 'spikes', name: 'Spikes of the back', kind: 'spike', sides: 'middle' },
    ...{ boneId: 'thoracic', along: 0.95, around: 0, lengthMm: 90, thickMm: 42, leanDeg: 30 },
    turnDeg: 18,
    row: { many: 11, boneId: 'tail2', along: 0.5, around: 0, endShare: 0.4 },
  },
  {
    ...PLAIN,
    ...{ id: 'mane', name: 'Mane', kind: 'tuft', sides: 'both', hex: '#3f3527' },
    ...{ boneId: 'neckUpper', along: 0.95, around: 18, lengthMm: 230, thickMm: 66, leanDeg: 70 },
    ...{ tip: 0.15, turnDeg: 55 },
    row: { many: 9, boneId: 'thoracic', along: 0.75, around: 26, endShare: 0.75 },
  },
  {
    ...PLAIN,
    ...{ id: 'ruff', name: 'Ruff', kind: 'tuft', sides: 'both', hex: '#5a4c38' },
    ...{ boneId: 'neckUpper', along: 0.7, around: 60, lengthMm: 220, thickMm: 70, leanDeg: 75 },
    ...{ twistDeg: 25, tip: 0.12, turnDeg: 40 },
    row: { many: 7, boneId: 'neckLower', along: 0.1, around: 105, endShare: 0.9 },
  },
];

/** The Sluice Hob: horned, maned, spiked, its forelegs made apart. It takes five bakes. */
export function sluiceHob(): Piece {
  const hob = newPieceOf('sluice-hob', 'The Sluice Hob', HOB);
  return {
    ...hob,
    colour: { ...hob.colour, school: 'dark-up', primer: 'black' },
    place: 'Shelf of Fen legends, Marrowby Fen',
    measure: {
      ...hob.measure,
      scale: { by: 'ratio', lifePerModel: 6 },
      shape: { ...hob.measure.shape, things: [...THINGS] },
    },
    stance: {
      ...hob.stance,
      anglesDeg: { neckLower: { flexion: -10 }, skull: { flexion: 12 } },
    },
    wire: {
      ...hob.wire,
      spine: { ...softWire(2), strands: 2 },
      limbs: { 'hind-legs': softWire(2.5), 'fore-legs': softWire(2.5) },
    },
    mass: {
      ...hob.mass,
      clay: {
        ...hob.mass.clay,
        name: 'Firm clay, moss',
        label: { temperatureC: 130, limitC: null, minutes: 30, perMm: 6, packetG: 350 },
      },
    },
    fittings: {
      ...hob.fittings,
      apart: ['humerus.L'],
      // Its clay does not bear the heat of the surface: it is laid on that, and baked last and cooler.
      made: { 'own-mane': { material: 'stuff-1', spare: 1 } },
    },
    // Its flanks are a cloak of combed fibre.
    skin: {
      ...hob.skin,
      zones: { flanks: { ...usualZone('fibre'), hairMm: 25 } },
    },
    cure: {
      ...hob.cure,
      things: [{ id: 'found-1', name: 'Snail shells in the ruff', stuff: 'ceramic', when: 'last' }],
    },
  };
}
