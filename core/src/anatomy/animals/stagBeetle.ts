import type { Vec3 } from '../../geometry/vec3.ts';
import type { Animal } from '../animal.ts';
import { INSECT } from '../plans/insect.ts';
import { edge, face, groove } from './faces.ts';
import { mark, markWing } from './marks.ts';
import { memory } from './memory.ts';
import { apart, count, feature, on, zone, fleshOf, type SleeveRows, curve } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  head: {
    faces: 'back',
    rows: [
      ['head', -0.04, 2.4, 2.4, 5.4],
      ['head', 0.15, 3.6, 3.4, 7.4, 0, 2.4, 2.4],
      ['head', 0.45, 3.9, 3.7, 8.3, 0, 2.6, 2.6],
      ['head', 0.75, 3.5, 3.4, 8, 0, 2.8, 2.6],
      ['head', 1, 1.8, 2, 6.4, 0, 2.6, 2.4],
    ],
  },
  antenna: {
    faces: 'back',
    rows: [
      ['antenna', 0, 0.5],
      ['antenna', 0.6, 0.4],
      ['antenna', 0.98, 0.4],
    ],
  },
  mandible: {
    faces: 'back',
    rows: [
      ['mandible', -0.1, 1.7, 1.7, 2.3],
      ['mandible', 0.5, 1.4, 1.4, 1.9],
      ['mandible', 1, 1.3, 1.3, 1.8],
      ['mandibleTip', 0.5, 1.1, 1.1, 1.5],
      ['mandibleTip', 0.97, 0.5],
    ],
  },
  prothorax: {
    faces: 'back',
    rows: [
      ['prothorax', -0.02, 3, 3.2, 7.2],
      ['prothorax', 0.2, 4.3, 4.3, 8.6, 0, 2.3, 2],
      ['prothorax', 0.6, 4.6, 4.5, 9, 0, 2.3, 2],
      ['prothorax', 0.95, 3.6, 3.8, 7.8, 0, 2.3, 2],
    ],
  },
  thorax: {
    faces: 'back',
    rows: [
      ['pterothorax', -0.51, 0, 1.2, 1.2, 0.35],
      ['pterothorax', -0.11, 3.4, 4.5, 6.5],
      ['pterothorax', 0.3, 4.5, 5.5, 8],
      ['pterothorax', 0.7, 4.5, 6, 8.5],
      ['pterothorax', 1.11, 4.5, 5.5, 8],
      ['pterothorax', 1.52, 3.4, 4.5, 6.5],
      ['pterothorax', 1.91, 0, 1.2, 1.2, 0.35],
    ],
  },
  abdomen: {
    faces: 'back',
    rows: [
      ['abdomen1', -0.19, 4.5, 5, 7.5],
      ['abdomen1', 0.15, 4.5, 5.5, 8.5],
      ['abdomen1', 0.9, 4.5, 5.5, 8],
      ['abdomen2', 0.1, 4.5, 5, 8],
      ['abdomen2', 0.9, 4.5, 4.5, 7.5],
      ['abdomen3', 0.1, 4, 4.5, 6.5],
      ['abdomen3', 0.85, 2.8, 2.8, 4.5],
      ['abdomen3', 1.18, 0.8, 0.8, 1.2],
    ],
  },
  forewing: {
    faces: 'back',
    rows: [
      ['forewing', 0.03, 5, -4, 1.4],
      ['forewing', 0.2, 5.5, -3.6, 3.2],
      ['forewing', 0.35, 5.5, -3.4, 4],
      ['forewing', 0.5, 5.5, -3.4, 4],
      ['forewing', 0.65, 5.5, -3.4, 4],
      ['forewing', 0.8, 5.5, -3.8, 3],
    ],
  },
  ...Object.fromEntries(
    ['fore', 'mid', 'hind'].map((pair): [string, SleeveRows] => [
      `${pair} leg`,
      {
        faces: 'back',
        rows: [
          [`${pair}Coxa`, 0.4, 1.8],
          [`${pair}Coxa`, 1, 1.6],
          [`${pair}Femur`, 1, 1],
          [`${pair}Tibia`, 1, 1],
          [`${pair}Tarsus`, 1, 0.5],
        ],
      },
    ]),
  ),
} satisfies Readonly<Record<string, SleeveRows>>;

/** A point on the inner edge of a mandible. */
const jawTooth = (name: string, at: number, [x, y, z]: Vec3) =>
  curve(name, [at, 1, [0, 0, 0]], [at, 0.7, [0.5 * x, y, 0.6 * z]], [at, 0.3, [x, y, z]]);

/** A spine on the outer edge of a tibia. */
const spine = (name: string, at: number, long: number) =>
  apart(
    name,
    HORN,
    [at, 0.3, [0, 0.3, 0]],
    [at, 0.24, [0.2, 0.8, -0.4]],
    [at, 0.08, [0.5, long, -0.8]],
  );

/** One of the two claws of a foot. */
const footClaw = (side: number) =>
  apart(
    `claw ${side < 0 ? 1 : 2}`,
    HORN,
    [0.96, 0.3, [0, 0, 0.2 * side]],
    [1, 0.26, [0.3 * side, 0.2, -0.8]],
    [1, 0.08, [0.6 * side, -0.4, -1.6]],
  );
const HORN = '#1f1917';

/** Whose parts are made apart, and where. */
const TARSI = ['foreTarsus', 'midTarsus', 'hindTarsus'];
const TIBIAE = ['foreTibia', 'midTibia', 'hindTibia'];

/** What stands off it along curves of its own. */
const CURVES = {
  head: [
    apart(
      'eye',
      { hex: '#1b1714', bothSides: true },
      [0.44, 0.9, [0, 0.2, -7.4]],
      [0.56, 1.15, [0, 0.3, -7.8]],
      [0.68, 0.8, [0, 0.2, -7.6]],
    ),
  ],
  antenna: [0, 1, 2, 3].map((i) =>
    apart(
      `club ${i + 1}`,
      { hex: '#241c19', breadth: 0.5 },
      [0.72 + 0.08 * i, 0.45, [0, 0, 0]],
      [0.72 + 0.08 * i, 0.55, [1.2, 0, 0.5]],
      [0.72 + 0.08 * i, 0.2, [2.2, 0, 0.8]],
    ),
  ),
  mandible: [
    jawTooth('tooth past the middle', 1, [-0.4, 0.1, 3.6]),
    jawTooth('small tooth', 0.6, [0.6, 0.1, 2.4]),
  ],
  mandibleTip: [jawTooth('inner prong of the fork', 0.72, [1.6, 0.2, 3])],
  ...Object.fromEntries(
    ['fore', 'mid', 'hind'].flatMap((pair) => [
      [`${pair}Tibia`, [0.45, 0.7, 0.95].map((at, i) => spine(`spine ${i + 1}`, at, 1.1))],
      [`${pair}Tarsus`, [-1, 1].map((side) => footClaw(side))],
    ]),
  ),
};

/**
 * Stag beetle, a large male, wing cases closed. All values are from general knowledge (memory), to
 * be checked against a specimen.
 */
export const STAG_BEETLE: Animal = Object.freeze({
  id: 'stag-beetle',
  name: 'Stag beetle',
  latin: 'Lucanus cervus',
  planId: 'insect',
  lengths: {
    head: memory(10, 6, 13),
    antenna: memory(9, 6, 11),
    mandible: memory(11, 4, 16),
    mandibleTip: memory(8.5, 2.5, 12),
    prothorax: memory(9, 6, 11),
    pterothorax: memory(9, 6, 11),
    abdomen1: memory(6.5, 4.5, 8),
    abdomen2: memory(6.5, 4.5, 8),
    abdomen3: memory(6, 4, 7.5),
    forewing: memory(27, 18, 33),
    foreCoxa: memory(4.5, 3, 5.5),
    foreFemur: memory(9, 6, 11),
    foreTibia: memory(9.5, 6.5, 11.5),
    foreTarsus: memory(7, 5, 8.5),
    midCoxa: memory(4.5, 3, 5.5),
    midFemur: memory(9, 6, 11),
    midTibia: memory(9, 6, 11),
    midTarsus: memory(7, 5, 8.5),
    hindCoxa: memory(5, 3.5, 6),
    hindFemur: memory(9.5, 6.5, 11.5),
    hindTibia: memory(9.5, 6.5, 11.5),
    hindTarsus: memory(7.5, 5, 9),
  },
  rest: {
    forewing: [-1, -0.08, -0.16],
    mandible: [0.84, 0.06, -0.54],
    mandibleTip: [0.93, 0.04, 0.36],
    antenna: [0.5, 0.15, -0.85],
  },
  seats: { mandible: 0.82 },
  flesh: fleshOf(SLEEVES, CURVES),
  blades: [
    {
      id: 'wing-case',
      name: 'Wing case',
      paired: true,
      outline: [
        on('forewing', 0.02, [0, 4.4, 3.6]),
        on('forewing', 0.02, [0, 2.6, -4.6]),
        on('forewing', 0.6, [0, 2.4, -5]),
        on('forewing', 0.96, [0, 2.6, 0]),
        on('forewing', 0.98, [0, 3, 4]),
        on('forewing', 0.5, [0, 5.6, 4]),
      ],
      thickness: memory(0.25, 0.15, 0.35),
    },
  ],
  features: [
    feature('eyes', 'Eyes', 'head', 2, memory(3, 2.2, 4), 'eye', ['eye'], ['head']),
    feature('mandibles', 'Mandibles', 'mandible', 2, memory(19, 6, 28), 'mandible'),
    feature('antennae', 'Antennae', 'antenna', 2, memory(9, 6, 11), 'grown feeler'),
    feature(
      'clubs',
      'Leaves of the antennae',
      'antenna',
      8,
      memory(2.4, 1.5, 3),
      'plate',
      ['club'],
      ['antenna'],
    ),
    feature('claws', 'Claws', 'foreTarsus', 12, memory(1.9, 1.2, 2.4), 'claw', ['claw'], TARSI),
    feature(
      'spines',
      'Spines of the legs',
      'foreTibia',
      18,
      memory(1.6, 0.8, 2.2),
      'spike',
      ['spine'],
      TIBIAE,
    ),
  ],
  counts: [
    count('Legs', 6),
    count('Segments of each foot', 5),
    count('Leaves of the antenna’s club', 4, 5),
  ],
  face: face({
    lines: [
      edge(['head', 0.2, 30], ['head', 0.5, 24], ['head', 0.86, 30]),
      groove(['head', 0.05, 0], ['head', 0.05, 60], ['head', 0.05, 110]),
      groove(['prothorax', 0.02, 0], ['prothorax', 0.02, 60], ['prothorax', 0.02, 110]),
      groove(
        ['forewing', 0.02, -50],
        ['forewing', 0.3, -72],
        ['forewing', 0.6, -72],
        ['forewing', 0.8, -60],
      ),
      edge(
        ['forewing', 0.06, 100],
        ['forewing', 0.3, 96],
        ['forewing', 0.6, 96],
        ['forewing', 0.8, 100],
      ),
    ],
  }),
  coat: [
    zone('head', 'Head', INSECT.head, null, '#241c19', { covering: 'skin', sheen: 'satin' }),
    zone('jaws', 'Mandibles and antennae', INSECT.feelers, null, '#5a2419', {
      covering: 'skin',
      sheen: 'gloss',
    }),
    zone('thorax', 'Thorax', INSECT.thorax, null, '#221b18', { covering: 'skin', sheen: 'satin' }),
    zone('cases', 'Wing cases and abdomen', [...INSECT.wings, ...INSECT.abdomen], null, '#43201a', {
      covering: 'skin',
      sheen: 'gloss',
    }),
    zone('legs', 'Legs', INSECT.legs, null, '#1f1917', { covering: 'skin', sheen: 'satin' }),
  ],
  markings: [
    markWing(
      'case-seam',
      'Dark seam of the wing cases',
      'wing-border',
      'wing-case',
      [['Seam of the cases', '#1b1412']],
      { widthMm: 0.7, edge: 'soft', edgeMm: 0.4 },
    ),
    mark(
      'thorax-edge',
      'Dark hind edge of the shield',
      'field',
      [['Edge of the shield', '#141110']],
      [
        ['prothorax', 0, 0],
        ['prothorax', 0.16, 100],
      ],
      { widthMm: 0.6, vary: 0.1 },
    ),
  ],
  eye: memory(2.2, 1.6, 2.8),
  density: { gPerMl: 0.75, why: 'air under the wing cases and in the air tubes' },
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.8 },
  ],
  ranges: {
    massKg: [0.0015, 0.006],
    sizes: { length: [28, 60], 'length-with-jaws': [35, 85] },
  },
  commonMistake:
    'The mandibles are made as round horns bent inwards: they are flat, forked at the tip and with a tooth past the middle, on a head that is broader than the thorax.',
} satisfies Animal);
