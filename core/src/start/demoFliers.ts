import { NEW_FEATHERS, type FeatherChoice } from '../piece/featherSchema.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { usualZone } from '../piece/skinSchema.ts';
import { newPiece, softWire } from './newPiece.ts';

/** All large feathers made in one way, as many and as long as is usual. */
const every = (way: FeatherChoice['rows'][string]['way']): FeatherChoice['rows'] =>
  Object.fromEntries(
    ['primaries', 'secondaries', 'tail'].map((id) => [
      id,
      { way, many: null, longestMm: null, overlap: null },
    ]),
  );

/** An owl to be told stories with: its wings and tail of felt, one primary still growing after the moult. Invented. */
export function owlDoll(): Piece {
  const owl = newPiece('owl-doll', 'Owl doll for story hours', 'barn-owl');
  return {
    ...owl,
    place: 'Story corner, Marrowby Fen',
    measure: { ...owl.measure, scale: { by: 'ratio', lifePerModel: 2 } },
    wire: {
      ...owl.wire,
      scheme: 'bound-loops',
      spine: { ...softWire(2.5), strands: 2 },
      limbs: { legs: softWire(3), wings: softWire(1.6) },
      coverMm: 1,
    },
    mass: foiled(owl, ['neck', 'thighs', 'wings', 'tail']),
    skin: {
      ...owl.skin,
      zones: { flight: usualZone('smooth'), tail: usualZone('smooth') },
      feathers: {
        ...NEW_FEATHERS,
        rows: every('cut'),
        grown: { 'L.P4': 0.7, 'R.P4': 0.7 },
        sheets: [
          {
            ...{ id: 'felt', name: 'Wool felt, tawny', longMm: 300, wideMm: 200 },
            ...{ many: 2, grained: false, thickMm: 1.2 },
          },
        ],
      },
    },
  };
}

/** A dragonfly four times life size, its four wings made apart over wire. Invented. */
export function dragonflyOverTheReeds(): Piece {
  const fly = newPiece('dragonfly-over-the-reeds', 'Dragonfly over the reeds', 'emperor-dragonfly');
  return {
    ...fly,
    place: 'Travelling box, Marrowby Fen',
    measure: { ...fly.measure, scale: { by: 'ratio', lifePerModel: 0.25 } },
    wire: {
      ...fly.wire,
      scheme: 'back-iron',
      spine: { ...softWire(2.5), strands: 2 },
      limbs: {
        forelegs: { ...softWire(1), metal: 'copper-annealed' },
        midlegs: softWire(0.6),
        hindlegs: softWire(0.6),
      },
      coverMm: 0.3,
    },
    mass: foiled(fly, ['head', 'abdomen']),
  };
}

/** A pterosaur of the old fen, its membranes pressed on between arm and leg. Invented. */
export function overTheOldFen(): Piece {
  const flier = newPiece('over-the-old-fen', 'Over the old fen', 'rhamphorhynchus');
  return {
    ...flier,
    place: 'Corner case, Marrowby Fen',
    measure: { ...flier.measure, scale: { by: 'ratio', lifePerModel: 4 } },
    stance: { ...flier.stance, presetId: 'flying' },
    wire: {
      ...flier.wire,
      scheme: 'bound-loops',
      spine: { ...softWire(0.4), metal: 'steel-annealed', strands: 2 },
      limbs: { 'hind-legs': softWire(1.2), wings: softWire(1.6) },
      fine: {
        wingFinger1: { metal: 'steel-annealed', count: 1, size: { system: 'mm', value: 0.4 } },
      },
      coverMm: 0.3,
    },
    mass: foiled(flier, ['neck']),
  };
}

/** A young barn owl in down, its flight feathers still pins. Invented. */
export function owletInDown(): Piece {
  const owlet = newPiece('owlet-in-down', 'Owlet in down', 'barn-owl');
  return {
    ...owlet,
    place: 'Nest box window, Marrowby Fen',
    measure: {
      ...owlet.measure,
      individual: { ...owlet.measure.individual, juvenility: 0.7 },
      scale: { by: 'ratio', lifePerModel: 1.5 },
    },
    wire: {
      ...owlet.wire,
      scheme: 'bound-loops',
      spine: { ...softWire(1.6), strands: 2 },
      limbs: { legs: softWire(1.6), wings: softWire(1.6) },
      coverMm: 1,
    },
    mass: foiled(owlet, ['neck', 'thighs']),
  };
}

/** Foil under a shell in some regions. */
const foiled = ({ mass }: Piece, regions: readonly string[]): Piece['mass'] => ({
  ...mass,
  shells: Object.fromEntries(regions.map((id) => [id, { core: 'foil', shellMm: 4 }])),
});
