import type { WireDecisions } from '../workshop/workpiece.ts';
import { binderById } from './binders.ts';
import { sizeText } from '../units/gauges.ts';
import { isStraight, times, type PlannedWire } from './plannedWire.ts';
import { byHand, type Task } from './byHand.ts';
import { MINUTES } from './minutes.ts';
import type { WirePlan } from './wirePlan.ts';
import { listText, type Sentence, type Step } from '../piece/step.ts';

/** What the steps read of the wire plan. */
type Armature = Pick<WirePlan, 'wires' | 'bindings' | 'base' | 'shafts'>;

/** From the printed sheets to an armature that stands on its base. */
// eslint-disable-next-line max-lines-per-function -- one list of steps in their order
export function armatureSteps(wire: Armature, choice: WireDecisions): readonly Step[] {
  const thin = wire.wires.filter(({ kind }) => kind === 'fine');
  const large = wire.wires.filter(({ kind }) => kind !== 'fine');
  const bent = [...large, ...thin.filter(({ bends }) => bends.length > 0)].map(
    ({ id }) => `wire.${id}.bend`,
  );
  return [
    {
      id: 'sheets.print',
      stage: 'measure',
      title: 'Print the shop sheets',
      sentence: [
        'Print the sheets at 100 %, never “fit to page”, and measure the 100 mm bar before anything is cut.',
      ],
      cautions: [],
      needs: [],
      work: 'print',
      ...byHand({ id: 'sheets.print', title: 'Print the shop sheets' }, [
        { what: 'Bars to measure', times: 1, minutes: MINUTES.check },
      ]),
    },
    ...large.flatMap((plannedWire) =>
      plannedWire.otherEndOf === null
        ? [cutStep(plannedWire), bendStep(plannedWire)]
        : [bendStep(plannedWire)],
    ),
    ...thinSteps(thin),
    ...shaftSteps(wire),
    drillStep(wire),
    {
      id: 'wire.bind',
      stage: 'wire',
      title: 'Bind the armature',
      sentence: [
        ...bindingText(wire, choice.hipTurns, binderById(choice.binder.kind).name),
        'Hold it against the 1:1 sheets from the side and the front.',
      ],
      cautions: ['cut-wire'],
      needs: thin.length === 0 ? bent : [...bent, 'wire.thin.cut'],
      work: 'bind',
      ...byHand({ id: 'wire.bind', title: 'Bind the armature' }, [
        {
          what: 'Places to bind',
          times: wire.bindings.bindings.reduce((sum, { count }) => sum + count, 0),
          minutes: MINUTES.bind,
        },
      ]),
    },
    {
      id: 'wire.mount',
      stage: 'wire',
      title: 'Set it on its base',
      sentence: [
        `Push the pegs through ${wire.base.holes.length === 1 ? 'the hole' : `all ${wire.base.holes.length} holes`}, and fix them below. Shake the base: the armature must not move. What moves now cracks the clay later.`,
      ],
      cautions: ['lead', 'qualified'],
      needs: ['wire.bind', 'wire.drill'],
      work: 'bind',
      ...byHand({ id: 'wire.mount', title: 'Set it on its base' }, [
        { what: 'Pegs to fix', times: wire.base.holes.length, minutes: MINUTES.mount },
      ]),
    },
  ];
}

/** What is wound round the spine, what is lashed beside what, and the tie wire that it takes. */
function bindingText({ wires, bindings }: Armature, turns: number, binder: string): Sentence {
  const named = (...kinds: readonly PlannedWire['kind'][]): readonly string[] =>
    wires
      .filter(({ kind }) => kinds.includes(kind))
      .map((wire) => `${wire.id} (${wire.name.toLowerCase()})`);
  const [limbs, rods, thin] = [named('limbs'), named('rod', 'iron'), named('fine')];
  const folded = wires.some(({ otherEndOf }) => otherEndOf !== null);
  return [
    ...(limbs.length === 0
      ? []
      : folded
        ? [
            `Twist ${listText(limbs)} into the trunk up to their folds, and lash where the ends part. `,
          ]
        : [
            `Wind ${listText(limbs)} ${times(turns)} round the spine${limbs.length > 1 ? ' each' : ''}, and lash every crossing with ${binder} until nothing slips. `,
          ]),
    ...(rods.length === 0
      ? []
      : [
          `Lash ${listText(rods)} to the wire beside with ${binder}, in two places each, until nothing slips. `,
        ]),
    ...(thin.length === 0 ? [] : [`Bind ${listText(thin)} beside the wires they sit on. `]),
    ...(bindings.total.unit === 'm' && bindings.total.value > 0
      ? ['This takes ', bindings.total, ` of ${binder}. `]
      : []),
  ];
}

/** Pieces cut and checked. */
const cutting = (pieces: number): readonly Task[] => [
  { what: 'Pieces to cut and check', times: pieces, minutes: MINUTES.cut + MINUTES.check },
];

function cutStep(wire: PlannedWire): Step {
  const short = wire.moreStrands.flatMap(({ name, count, cut }): Sentence => [
    `, and ${count} of `,
    cut,
    ` (${name.toLowerCase()})`,
  ]);
  const head = { id: `wire.${wire.id}.cut`, title: `Cut ${wire.id}, ${wire.name.toLowerCase()}` };
  const strands = wire.moreStrands.reduce((sum, { count }) => sum + count, 0);
  return {
    ...head,
    stage: 'wire',
    sentence: [
      `Cut ${wire.count > 1 ? `${times(wire.count)} ` : ''}${wire.metalName}, ${wire.sizeText}: `,
      wire.cut,
      ...short,
      `. Mark the ${wire.namedEnd} with tape.`,
    ],
    cautions: ['cut-wire'],
    needs: ['sheets.print'],
    work: 'cut',
    ...byHand(head, cutting(wire.count + strands)),
  };
}

function bendStep(wire: PlannedWire): Step {
  const bends = wire.bends.filter((bend) => !isStraight(bend));
  const [first] = bends;
  const twist: Sentence =
    wire.strands > 1 ? [`Twist the ${wire.strands} strands together evenly. `] : [];
  const head = {
    id: `wire.${wire.id}.bend`,
    title: `${first === undefined ? 'Straighten' : 'Bend'} ${wire.id}, ${wire.name.toLowerCase()}`,
  };
  const twistedM =
    wire.moreStrands.reduce((sum, { count, cut }) => sum + count * cut.value, 0) / 1000;
  return {
    ...head,
    stage: 'wire',
    sentence: [
      ...twist,
      ...(first === undefined
        ? ['Leave it straight: roll it on a flat board until it lies true.']
        : [
            `Bend it ${times(bends.length)}, counted from the ${wire.namedEnd}`,
            '; the first mark is at ',
            first.mark,
            ...(first.bendTo === undefined ? ['.'] : [', bent to ', first.bendTo, '.']),
          ]),
    ],
    cautions: ['cut-wire'],
    needs: [`wire.${wire.id}.cut`],
    work: 'bend',
    ...byHand(head, [
      {
        what: 'Bends to mark and make',
        times: wire.count * bends.length,
        minutes: MINUTES.mark + MINUTES.bend,
      },
      ...(twistedM === 0
        ? []
        : [{ what: 'Metres to twist', times: twistedM, minutes: MINUTES.twistPerM }]),
      { what: 'Wires to lay on the sheet', times: wire.count, minutes: MINUTES.check },
    ]),
    ...(first === undefined ? {} : { bendsWire: wire.id }),
  };
}

/** One step to cut all thin wires, and one for each that is bent. */
function thinSteps(thin: readonly PlannedWire[]): readonly Step[] {
  if (thin.length === 0) return [];
  const each = thin.flatMap(({ id, name, count, sizeText: size, cut }, i): Sentence => [
    `${i === 0 ? 'Cut the thin wires: ' : '; '}${id} ${name.toLowerCase()}, ${count > 1 ? `${times(count)} ` : ''}${size}, `,
    cut,
  ]);
  return [
    {
      id: 'wire.thin.cut',
      stage: 'wire',
      title: 'Cut the thin wires',
      sentence: [...each, '. Keep each kind together.'],
      cautions: ['cut-wire', 'small-parts'],
      needs: ['sheets.print'],
      work: 'cut',
      ...byHand(
        { id: 'wire.thin.cut', title: 'Cut the thin wires' },
        cutting(thin.reduce((sum, { count }) => sum + count, 0)),
      ),
    },
    ...thin
      .filter(({ bends }) => bends.length > 0)
      .map((plannedWire) => ({ ...bendStep(plannedWire), needs: ['wire.thin.cut'] })),
  ];
}

/** One step for all shafts of parts that are made apart. */
function shaftSteps({ shafts }: Armature): readonly Step[] {
  const cut = shafts.flatMap((shaft) => (shaft.cut === null ? [] : [{ ...shaft, cut: shaft.cut }]));
  if (cut.length === 0) return [];
  return [
    {
      id: 'wire.shafts',
      stage: 'wire',
      title: 'Cut the shafts of the parts',
      sentence: cut
        .flatMap(({ id, name, count, metalName, size, cut: each }, i): Sentence => [
          `${i === 0 ? 'For parts made apart: ' : '; '}${id} ${name.toLowerCase()}, ${count} of ${metalName}, ${sizeText(size)}, each `,
          each,
        ])
        .concat('. Roughen them, so that the clay holds.'),
      cautions: ['cut-wire', 'small-parts'],
      needs: ['sheets.print'],
      work: 'cut',
      ...byHand(
        { id: 'wire.shafts', title: 'Cut the shafts of the parts' },
        cutting(cut.reduce((sum, { count }) => sum + count, 0)),
      ),
    },
  ];
}

function drillStep({ base }: Armature): Step {
  return {
    id: 'wire.drill',
    stage: 'wire',
    title: 'Drill the base',
    sentence: [
      'Saw a board of ',
      base.length,
      ' by ',
      base.width,
      ' and mark its front. From the front left corner, ',
      ...base.holes.flatMap((hole, i): Sentence => [
        `${i === 0 ? '' : '; '}hole ${hole.number}: `,
        hole.along,
        ' back, ',
        hole.across,
        ' across, drill ',
        hole.diameter,
      ]),
      '.',
    ],
    cautions: ['drill', 'sanding'],
    needs: ['sheets.print'],
    work: 'drill',
    ...byHand({ id: 'wire.drill', title: 'Drill the base' }, [
      { what: 'Holes to mark and drill', times: base.holes.length, minutes: MINUTES.hole },
    ]),
  };
}
