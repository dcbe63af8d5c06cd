import type { Piece } from '../piece/pieceSchema.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { WirePlan } from '../wire/planWire.ts';
import { listText, type Sentence, type Step } from './step.ts';

/** From the printed sheets to an armature that stands on its base. */
export function armatureSteps(wire: WirePlan, piece: Pick<Piece, 'wire'>): readonly Step[] {
  const bent = wire.wires.map((one) => `wire.${one.id}.bend`);
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
    },
    ...wire.wires.flatMap((one) => [cutStep(one), bendStep(one)]),
    drillStep(wire),
    {
      id: 'wire.bind',
      stage: 'wire',
      title: 'Bind the armature',
      sentence: [
        `Wind ${listText(wire.wires.slice(1).map((one) => `${one.id} (${one.name.toLowerCase()})`))} round the spine, ${piece.wire.hipTurns} turns each, and lash every crossing with thin tie wire until nothing slips. Hold it against the 1:1 sheets from the side and the front.`,
      ],
      cautions: ['cut-wire'],
      needs: bent,
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
    },
  ];
}

function cutStep(wire: PlannedWire): Step {
  const short: Sentence =
    wire.shortStrands === null
      ? []
      : [
          `, and ${wire.shortStrands.count} of `,
          wire.shortStrands.cut,
          ' that begins at the root of the tail',
        ];
  return {
    id: `wire.${wire.id}.cut`,
    stage: 'wire',
    title: `Cut ${wire.id}, ${wire.name.toLowerCase()}`,
    sentence: [
      `Cut ${wire.metalName}, ${wire.sizeText}: `,
      wire.cut,
      ...short,
      `. Mark the ${wire.namedEnd} with tape.`,
    ],
    cautions: ['cut-wire'],
    needs: ['sheets.print'],
  };
}

function bendStep(wire: PlannedWire): Step {
  const first = wire.bends[0];
  const twist: Sentence =
    wire.strands > 1 ? [`Twist the ${wire.strands} strands together evenly. `] : [];
  return {
    id: `wire.${wire.id}.bend`,
    stage: 'wire',
    title: `Bend ${wire.id}, ${wire.name.toLowerCase()}`,
    sentence: [
      ...twist,
      `Bend it ${wire.bends.length} times, counted from the ${wire.namedEnd}`,
      ...(first === undefined
        ? ['.']
        : [
            '; the first mark is at ',
            first.mark,
            ...(first.bendTo === undefined ? ['.'] : [', bent to ', first.bendTo, '.']),
          ]),
    ],
    cautions: ['cut-wire'],
    needs: [`wire.${wire.id}.cut`],
    bendsWire: wire.id,
  };
}

function drillStep({ base }: WirePlan): Step {
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
  };
}
