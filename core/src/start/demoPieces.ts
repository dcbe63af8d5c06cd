import { newWorkshop } from '../workshop/newWorkshop.ts';
import { inWorkshop, type Workpiece } from '../workshop/workpiece.ts';
import type { PaintOnHand, Supply, Workshop } from '../workshop/workshopSchema.ts';
import { adderInACoil } from './demoAdder.ts';
import { withColourPicture } from './demoColours.ts';
import { HERON_PICTURES, OTTER_PICTURES } from './demoPictures.ts';
import { newPiece, softWire } from './newPiece.ts';
import { otterShellTrace } from './demoTrace.ts';
import { fishingBaryonyx } from './demoBaryonyx.ts';
import { ringSnake } from './demoRingSnake.ts';
import { raftSpiderOnTheWater } from './demoSpider.ts';
import { dragonflyOverTheReeds, overTheOldFen, owlDoll, owletInDown } from './demoFliers.ts';
import { sluiceHob } from './sluiceHob.ts';
import type { Piece } from '../piece/pieceSchema.ts';

/**
 * The demonstration: pieces for the visitor hut of the invented wetland reserve Marrowby Fen, an
 * otter on a washed-up log, a wolf at the edge of the carr, a heron stalking at the sluice, an adder
 * basking in a coil, a fishing dinosaur for the corner of the fen before the fen, two legends of it, a raft spider and a
 * dragonfly many times life size, an owl doll with wings of felt, an owlet in down, and a pterosaur. All of it is
 * invented. Made once: a piece is never changed in place.
 */
export const demoPieces = (): readonly Piece[] => (pieces ??= barePieces().map(withColourPicture));
let pieces: readonly Piece[] | undefined;

/** The pieces without those pictures. */
export const barePieces = (): readonly Piece[] => [
  otterOnTheLog(),
  wolfAtTheCarr(),
  heronAtTheSluice(),
  adderInACoil(),
  fishingBaryonyx(),
  sluiceHob(),
  ringSnake(),
  raftSpiderOnTheWater(),
  owlDoll(),
  dragonflyOverTheReeds(),
  overTheOldFen(),
  owletInDown(),
];

/**
 * The studio of the demonstration: an oven that runs eight degrees hot, coils begun and sticks left
 * over, a block of clay and the paints of the last piece. All of it is invented.
 */
export const demoWorkshop = (): Workshop => {
  const fresh = newWorkshop();
  return {
    ...fresh,
    oven: {
      ...fresh.oven,
      inside: { lengthMm: 480, heightMm: 300, widthMm: 400 },
      offsetC: 8,
    },
    wire: {
      ...fresh.wire,
      stock: demoWire(),
    },
    clays: [
      {
        id: 'clay-1',
        classId: 'oven-firm',
        name: 'Firm clay, warm grey',
        grams: 420,
        packetPrice: 6.5,
        where: 'tin on the shelf',
        opened: '2026-03-14',
      },
    ],
    supplies: demoSupplies(),
    hourRate: 18,
    marginPercent: 10,
    stuffs: [
      {
        ...{ id: 'stuff-1', name: 'Soft clay, straw', gPerMl: 1.6, standsC: 112 },
        cures: { temperatureC: 105, minutes: 20, perMm: 5 },
      },
    ],
    paints: [
      paint('paint-1', 'Earth brown', '#5b4430', 'semi-opaque', 40),
      paint('paint-2', 'Straw', '#c9b183', 'semi-opaque', 25),
      paint('paint-3', 'Soot', '#2b2926', 'opaque', 30),
      paint('paint-4', 'Chalk white', '#f0ece2', 'opaque', 60),
      paint('paint-5', 'Rust', '#8a4a2b', 'semi-transparent', 20),
      paint('paint-6', 'Ochre', '#b98636', 'semi-opaque', 20),
      paint('paint-7', 'Slate blue', '#3d4a5c', 'semi-opaque', 18),
    ],
  };
};

const paint = (
  id: string,
  name: string,
  hex: string,
  opacity: PaintOnHand['opacity'],
  ml: number,
): PaintOnHand => ({
  ...{ id, name, kind: 'paint', hex, tile: null, tint: null, opacity, card: null },
  ...{ light: 'good', ml, packMl: 60, price: 4.2, where: '', opened: null },
});

const demoWire = (): Workshop['wire']['stock'] => [
  {
    id: 'coil-1',
    metal: 'aluminium-soft',
    size: { system: 'mm', value: 2 },
    lengthsMm: [1000, 1000],
    where: 'hook by the door',
  },
  {
    id: 'coil-2',
    metal: 'aluminium-soft',
    size: { system: 'mm', value: 1 },
    lengthsMm: [500],
    where: '',
  },
  {
    id: 'sticks',
    metal: 'copper-annealed',
    size: { system: 'SWG', value: 16 },
    lengthsMm: [300, 300],
    where: '',
  },
];

const demoSupplies = (): Supply[] => [
  supply('supply-1', 'foil', 'Kitchen foil', 'm', 12, { pack: 30, price: 3.4 }),
  supply('supply-2', 'primer', 'Grey primer', 'ml', 90, { pack: 250, price: 8.9 }),
  supply('supply-3', 'varnish', 'Satin varnish', 'ml', 40, { pack: 120, price: 7.2 }),
  supply('supply-4', 'board', 'Beech board, 300 by 150 mm', 'piece', 1, { pack: 1, price: 5 }),
  supply('supply-5', 'eyes', 'Glass eyes, 3.5 mm, brown', 'piece', 2, { pack: 2, price: 3.8 }),
];

const supply = (
  id: string,
  kind: Supply['kind'],
  name: string,
  unit: Supply['unit'],
  amount: number,
  sold: Pick<Supply, 'pack' | 'price'>,
): Supply => ({ ...{ id, kind, name, unit, amount, where: '', opened: null }, ...sold });

/** The demonstration pieces as they lie in their workshop. */
export const demoWorkpieces = (): readonly Workpiece[] =>
  (workpieces ??= demoPieces().map((piece) => inWorkshop(piece, demoWorkshop())));
let workpieces: readonly Workpiece[] | undefined;

function otterOnTheLog(): Piece {
  const otter = newPiece('otter-on-the-log', 'Otter on the log', 'eurasian-otter');
  const wire = { metal: 'aluminium-soft', size: { system: 'mm', value: 2 }, strands: 1 } as const;
  return {
    ...otter,
    place: 'Visitor hut, Marrowby Fen',
    measure: {
      ...otter.measure,
      scale: { by: 'ratio', lifePerModel: 3 },
    },
    fittings: { ...otter.fittings, made: { eyes: { material: 'glass', spare: 2 } } },
    references: { ...otter.references, pictures: [...OTTER_PICTURES] },
    stance: { ...otter.stance, presetId: 'walking' },
    wire: {
      ...otter.wire,
      spine: { ...wire, strands: 2 },
      limbs: { 'hind-legs': wire, 'fore-legs': wire },
    },
    mass: {
      ...otter.mass,
      shells: { tail: { core: 'foil', shellMm: 3 } },
      clay: {
        classId: 'oven-firm',
        name: 'Firm clay, warm grey',
        label: { temperatureC: 130, limitC: null, minutes: 30, perMm: 6, packetG: 350 },
        weighed: { grams: 70, lengthMm: 40, widthMm: 50, heightMm: 20 },
        old: false,
        tile: {
          ...{ on: '2026-03-14', bent: 'springs', scratched: 'fine', note: '3 mm, half an hour' },
          ...{ rawHex: '#b3a998', bakedHex: '#a99e8c' },
        },
      },
    },
    cure: { ...otter.cure, log: [otterShellTrace()] },
    confirmed: ['measure'],
  };
}

function heronAtTheSluice(): Piece {
  const heron = newPiece('heron-at-the-sluice', 'Heron at the sluice', 'grey-heron');
  return {
    ...heron,
    place: 'Sluice window, Marrowby Fen',
    measure: { ...heron.measure, scale: { by: 'ratio', lifePerModel: 4 } },
    references: { ...heron.references, pictures: [...HERON_PICTURES] },
    stance: { ...heron.stance, presetId: 'stalking' },
    wire: {
      ...heron.wire,
      spine: { ...softWire(1.6), strands: 2 },
      limbs: { legs: softWire(1.6), wings: softWire(1) },
      coverMm: 0.5,
    },
    mass: { ...heron.mass, shellMm: 3, shells: { neck: { core: 'foil', shellMm: 3 } } },
  };
}

function wolfAtTheCarr(): Piece {
  const wolf = newPiece('wolf-at-the-carr', 'Wolf at the carr', 'grey-wolf');
  const wire = {
    metal: 'steel-annealed',
    size: { system: 'SWG', value: 16 },
    strands: 1,
  } as const;
  return {
    ...wolf,
    place: 'Visitor hut, Marrowby Fen',
    measure: {
      ...wolf.measure,
      scale: { by: 'ratio', lifePerModel: 6 },
    },
    stance: {
      ...wolf.stance,
      anglesDeg: {
        neckLower: { flexion: -14 },
        skull: { flexion: 6, abduction: 18 },
        tail1: { flexion: 10 },
      },
    },
    wire: {
      ...wolf.wire,
      spine: { ...wire, strands: 2 },
      limbs: { 'hind-legs': wire, 'fore-legs': wire },
    },
    mass: {
      ...wolf.mass,
      shellMm: 4,
      shells: { 'upper-limbs': { core: 'solid', shellMm: 4 } },
      clay: {
        classId: 'oven-soft',
        name: 'Soft clay, beige',
        label: { temperatureC: null, limitC: null, minutes: null, perMm: null, packetG: null },
        weighed: null,
        old: false,
        tile: null,
      },
    },
    skin: {
      ...wolf.skin,
      marks: [
        {
          ...{ id: 'guide-1', kind: 'guide', mirrored: true, turnDeg: 0, radiusMm: 20 },
          places: [
            { boneId: 'neckUpper', along: 0.6, around: 96 },
            { boneId: 'neckUpper', along: 0.3, around: 118 },
            { boneId: 'neckLower', along: 0.9, around: 138 },
          ],
        },
        {
          ...{ id: 'whorl-1', kind: 'whorl', mirrored: true, turnDeg: 25, radiusMm: 40 },
          places: [{ boneId: 'neckLower', along: 0.15, around: 172 }],
        },
      ],
    },
    colour: { ...wolf.colour, school: 'dark-up' },
  };
}
