import type { Step, WorkKind } from '../piece/step.ts';

/** What a hand needs to know beside the numbers of a step. All of it common practice. */
export interface StepGuide {
  /** What lies on the table before it is begun. */
  readonly table: readonly string[];
  /** How it looks when it is right. */
  readonly right: string;
  /** What goes wrong here, and how it is seen in time. */
  readonly wrong: string;
}

const guide = (table: string, right: string, wrong: string): StepGuide => ({
  table: table.split(', '),
  right,
  wrong,
});

const BY_KIND: Readonly<Record<WorkKind, StepGuide>> = {
  print: guide(
    'printer, steel rule, tape to join pages',
    'The bar on each page measures what it says.',
    'A printer that fits the page to the paper makes every length on it wrong.',
  ),
  cut: guide(
    'wire, side cutters, steel rule, tape for the marks, eye protection',
    'Laid on the sheet, the wire ends where the drawn line ends, and its named end carries tape.',
    'A wire cut short is lost: hold the rule to the end that stays, and measure twice.',
  ),
  bend: guide(
    'the cut wire, pen, flat pliers, round pliers, the printed sheet',
    'Laid on the sheet at the last bend, it covers the drawn line.',
    'A bend made the wrong way round shows only two bends later: look at the dial each time.',
  ),
  bind: guide(
    'the bent wires, binding wire or tape, flat pliers, the printed sheet',
    'Nothing slides or turns when a leg is pulled.',
    'A binding that slips lets the armature turn inside the clay, and the clay cracks over it.',
  ),
  drill: guide(
    'board, pencil, square, centre punch, drill, the bit that is told, clamps',
    'A peg goes in by hand and does not wobble.',
    'A bit that wanders sets a foot wrong: punch each centre first.',
  ),
  model: guide(
    'clay, modelling tools, callipers, the printed outlines, a damp or soft cloth',
    'Held against its outline it stays inside the line all round.',
    'Too fat creeps in a little at a time: measure at each stage, not at the end.',
  ),
  bake: guide(
    'oven, thermometer beside the piece, tray with a soft bed, props, timer, gloves',
    'Cold, a thin place springs back under the nail and shows no white line.',
    'Dials lie: it is the thermometer at the piece that counts.',
  ),
  set: guide(
    'the part, what holds it, a mirror to see both sides',
    'From the front and from above, left and right sit alike.',
    'One side is set to the eye alone: measure both from the midline.',
  ),
  texture: guide(
    'the tool that is told, the map of the coat, a spare piece of clay to try on',
    'Strokes follow the map and no two beside each other are alike.',
    'The first strokes are too long and too regular: try on the spare piece until the hand is warm.',
  ),
  clean: guide(
    'soft brush, cotton swabs, fine paper, dust mask',
    'It is dull all over, without fingerprints or dust.',
    'Grease of fingers keeps paint off: hold it by its base.',
  ),
  paint: guide(
    'the recipe, palette, brushes, water, cloth, a white card to try on',
    'On the card it is the colour of the swatch when it is dry.',
    'Paint that is not dry lifts with the next layer: wait as long as is told.',
  ),
  look: guide(
    'scale, steel rule, camera, this plan',
    'What it weighs and measures stands beside what was reckoned.',
    'What is not written down now is forgotten by the next piece.',
  ),
};

/** What dries or cools by itself. */
const WAITING = guide(
  'a clock, a box over it against dust',
  'To the lip it is no longer cool, and a clean finger leaves no mark.',
  'Warm air from a dryer skins it over and leaves it wet below: let it take its time.',
);

/** Where the kind of work alone does not tell enough. */
const BY_ID: readonly (readonly [head: string, guide: StepGuide])[] = [
  [
    'mass.condition',
    guide(
      'packets of clay, knife, rolling pin, a clean board',
      'A strip bent round a finger does not crack.',
      'Cold or old clay that is not worked through tears later, and bakes weak.',
    ),
  ],
  [
    'mass.core',
    guide(
      'foil, the printed core outlines, a mallet or a smooth stone, tape',
      'It rings hard, gives nowhere, and lies inside the core outline.',
      'A core cannot be shaved once it is covered: too fat now is too fat for good.',
    ),
  ],
  [
    'mass.shell',
    guide(
      'sheets of clay as thick as is told, knife, needle, the printed outlines',
      'A needle finds the same depth wherever it is tried.',
      'Air shut in against the core swells in the oven: roll each sheet on from its middle.',
    ),
  ],
  [
    'parts.eyes',
    guide(
      'clay or bought eyes, a ball gauge or callipers',
      'Two that are laid side by side cannot be told apart.',
      'An eye a little too large makes the whole animal a young one.',
    ),
  ],
  [
    'parts.set',
    guide(
      'eyes, lids rolled of soft clay, a blunt needle, a mirror',
      'In the mirror it looks the same as before: both eyes look at one point.',
      'Lids closed too far make it sleepy, too little startled.',
    ),
  ],
  [
    'skin.fibre',
    guide(
      'fibre cut to its length, glue, tweezers, comb, scissors',
      'Combed along the map no bare place shows.',
      'Begun at the head, each row covers the roots of the one before: begin at the tail.',
    ),
  ],
  [
    'colour.primer',
    guide(
      'primer, a wide soft brush or a spray booth, respirator, a test tile',
      'A thin dull coat with every stroke of the coat still open.',
      'A solvent in it may keep some clays sticky for ever: the test tile tells, not the piece.',
    ),
  ],
  [
    'colour.sheen',
    guide(
      'varnishes, a soft brush for each, a test tile',
      'Dull places are dull from every side, wet ones mirror the lamp.',
      'Too thick, it clouds in the hollows: two thin coats.',
    ),
  ],
];

/** What to have, how it looks when right, and what goes wrong at a step. */
export const guideOf = ({
  id,
  work,
  occupies,
}: Pick<Step, 'id' | 'work' | 'occupies'>): StepGuide =>
  occupies === 'nothing' ? WAITING : (BY_ID.find(([head]) => id === head)?.[1] ?? BY_KIND[work]);
