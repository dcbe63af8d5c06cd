/* eslint-disable max-lines -- the steps in clay, one after the other */
import { wordsOf } from '../anatomy/coat.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { CurePlan } from '../cure/curePlan.ts';
import type { BakeStage } from '../cure/bakeStages.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { CautionId } from '../piece/cautions.ts';
import type { SkinPlan, ZonePlan } from '../skin/planSkin.ts';
import { hasLids, hasMuscles } from './finishing.ts';
import { listSentence, listText, UNTOLD, type Sentence, type Step } from '../piece/step.ts';

/** From the bare armature to the finished, cured surface. */
export function claySteps(
  skeleton: Skeleton,
  mass: MassPlan,
  skin: SkinPlan,
  cure: CurePlan,
): readonly Step[] {
  const shell = cure.stages.find((stage) => stage.id === 'shell');
  const parts = cure.stages.find((stage) => stage.id === 'parts');
  const finish = cure.stages.find((stage) => stage.id === 'finish');
  const built = ['mass.shell', 'mass.solid'];
  const carved = skin.zones
    .filter((zone) => zone.method === 'carved' && zone.width !== null)
    .toReversed();
  const carving = carved.map((zone) => zoneStep(zone, shell ? ['mass.work-over'] : built));
  return [
    conditionStep(mass, cure),
    eyesStep(cure),
    ...(parts ? [cureStep(parts, cure, ['parts.eyes'])] : []),
    coreStep(mass),
    shellStep(mass),
    solidStep(mass),
    ...(shell ? [cureStep(shell, cure, built)] : []),
    {
      id: 'parts.set',
      stage: 'mass',
      title: 'Set the eyes',
      sentence: [
        `Press both eyes in, and look from the front and from above whether they sit alike${hasLids(skeleton) ? '; close the lids over them' : ''}.`,
      ],
      cautions: ['sharp'],
      needs: [parts ? 'cure.parts' : 'parts.eyes', ...(shell ? ['cure.shell'] : built)],
      work: 'model',
      ...UNTOLD,
    },
    ...(shell
      ? [
          {
            id: 'mass.work-over',
            stage: 'mass' as const,
            title: 'Work over the shell',
            sentence: workOver(skeleton, mass),
            cautions: ['solvent', 'sanding'] as const,
            needs: ['cure.shell', 'parts.set'],
            work: 'model' as const,
            ...UNTOLD,
          },
        ]
      : []),
    ...carving,
    ...(finish
      ? [cureStep(finish, cure, [...carving.map((step) => step.id), 'parts.set', ...built])]
      : []),
  ];
}

/** What comes over a baked shell; muscles by the numbers that they have on the sheets. */
function workOver(skeleton: Skeleton, { shape }: MassPlan): Sentence {
  const laid = (shape?.muscles ?? []).filter(({ grams }) => grams.value >= LEAST_MUSCLE_G);
  const muscles: Sentence =
    laid.length > 0
      ? [
          'lay the muscles in their order, ',
          ...listSentence(
            laid.map(({ order, name, grams }): Sentence => [
              `${order} ${name.toLowerCase()} `,
              grams,
            ]),
          ),
          ', then ',
        ]
      : hasMuscles(skeleton)
        ? ['add muscle and ']
        : ['add '];
  return [
    'Roughen the shell, ',
    ...muscles,
    'the last thin skin of clay. Hold it against the outlines on the sheet: what is outside them now is too fat.',
  ];
}

/** A muscle of less clay is a touch of the thumb, g. */
const LEAST_MUSCLE_G = 0.05;

function conditionStep({ batches }: MassPlan, cure: CurePlan): Step {
  const epoxy = [cure.figures, cure.shellFigures].some(
    (entry) => entry?.clay.setting === 'chemical',
  );
  return {
    id: 'mass.condition',
    stage: 'mass',
    title: 'Make the clay ready',
    sentence: [
      'Have ',
      ...listSentence(
        batches.map(({ figures, grams, packets, laidFor }): Sentence => [
          grams,
          ` of “${figures.name}” ready ${laidFor === 'piece' ? '' : `for the ${laidFor} `}(`,
          packets,
          ` ${packets.value === 1 ? 'packet' : 'packets'})`,
        ]),
      ),
      ', worked until it is soft and even. ',
      epoxy ? 'Mix equal parts only as much as you use in an hour.' : 'Keep it clean of dust.',
    ],
    cautions: epoxy ? ['epoxy', 'label'] : ['label'],
    needs: [],
    work: 'model',
    ...UNTOLD,
  };
}

function eyesStep({ eye }: CurePlan): Step {
  return {
    id: 'parts.eyes',
    stage: 'cure',
    title: 'Make the eyes',
    sentence: [
      'Roll two balls of ',
      eye,
      ' and two spare ones from the same rolled sheet, so that they are alike; choose the best pair.',
    ],
    cautions: ['small-parts'],
    needs: ['mass.condition'],
    work: 'model',
    ...UNTOLD,
  };
}

function coreStep({ foil, regions }: MassPlan): Step {
  const cored = regions.filter((region) => region.core === 'foil');
  return {
    id: 'mass.core',
    stage: 'mass',
    title: 'Pack the core',
    sentence:
      cored.length === 0
        ? ['No foil: every region is solid clay on the wire.']
        : [
            'Tear ',
            foil.metres,
            ' of foil off the roll (',
            foil.grams,
            ') and pack it hard round the wire: ',
            ...listSentence(
              cored.map((regionMass): Sentence => [
                `${regionMass.region.name.toLowerCase()} `,
                regionMass.coreVolume,
              ]),
            ),
            '. Bind it with tape, and hold it inside the grey core on the sheet: a core that is too big cannot be shaved later.',
          ],
    cautions: ['foil'],
    needs: ['wire.mount'],
    work: 'model',
    ...UNTOLD,
  };
}

function shellStep({ sheets, shellFigures }: MassPlan): Step {
  return {
    id: 'mass.shell',
    stage: 'mass',
    title: 'Lay the shell',
    sentence:
      sheets.length === 0
        ? ['No shell: every region is solid clay on the wire.']
        : [
            `Roll ${shellFigures ? `“${shellFigures.name}”` : 'clay'}: `,
            ...listSentence(
              sheets.map((sheet): Sentence => [
                sheet.area,
                ' to ',
                sheet.gap,
                ' (',
                sheet.papers,
                ` sheets of paper on either side of the pin) for ${listText(sheet.names).toLowerCase()}`,
              ]),
            ),
            '. Lay it on from the belly up, press every air pocket out, and prick what you cannot press.',
          ],
    cautions: ['sharp'],
    needs: ['mass.core', 'mass.condition'],
    work: 'model',
    ...UNTOLD,
  };
}

function solidStep({ regions }: MassPlan): Step {
  const solid = regions.filter((region) => region.core === 'solid');
  return {
    id: 'mass.solid',
    stage: 'mass',
    title: 'Build the slender parts',
    sentence:
      solid.length === 0
        ? ['No solid part: every region has a core.']
        : [
            'Build straight on the wire, in solid clay: ',
            ...listSentence(
              solid.map((regionMass): Sentence => [
                `${regionMass.region.name.toLowerCase()} `,
                regionMass.clay,
              ]),
            ),
            '. Weigh each out, so that left and right get the same.',
          ],
    cautions: [],
    needs: ['wire.mount', 'mass.condition'],
    work: 'model',
    ...UNTOLD,
  };
}

const CURE_CAUTIONS: Readonly<Record<'oven' | 'air' | 'chemical', readonly CautionId[]>> = {
  oven: ['oven', 'hot-parts', 'solvent', 'heat-gun', 'label', 'qualified'],
  air: ['label'],
  chemical: ['epoxy', 'label'],
};

function cureStep(stage: BakeStage, cure: CurePlan, needs: readonly string[]): Step {
  const { dial, figures } = cure;
  const { bake, rule } = stage;
  const sentence: Sentence =
    dial === null || bake === null
      ? ['Let it set for ', rule, ', away from sun and draught.']
      : [
          'Bake at ',
          dial,
          ' on the dial for ',
          bake,
          ', counted from when it is in the hot oven; support what could droop, and let it cool in the oven.',
        ];
  return {
    id: `cure.${stage.id}`,
    stage: 'cure',
    title: `${figures.clay.setting === 'oven' ? 'Bake' : 'Set'}: ${stage.name.toLowerCase()}`,
    sentence,
    cautions: CURE_CAUTIONS[figures.clay.setting],
    needs,
    work: bake === null ? 'set' : 'bake',
    occupies: bake === null ? 'nothing' : 'oven',
    duration: bake ?? rule,
  };
}

function zoneStep(entry: ZonePlan, needs: readonly string[]): Step {
  const { zone, tool } = entry;
  const who = tool?.name ?? 'your finest tool';
  return {
    id: `skin.${zone.id}`,
    stage: 'skin',
    title: `Carve the coat: ${zone.name.toLowerCase()}`,
    sentence: [`With the ${who}${tool === undefined ? '' : `, ${tool.how}`}: `, ...strokes(entry)],
    cautions: ['sharp'],
    needs,
    work: 'texture',
    ...UNTOLD,
  };
}

/** A scale so much wider than it is long is a plate across the belly. */
const PLATE = 2;
/** A feather so much longer than it is wide is one of the fan of a wing or a tail. */
const FLIGHT = 5;

/** What is pressed or drawn in a zone, how large, and which way it lies. */
function strokes({ zone, length, width, locksPerStroke }: ZonePlan): Sentence {
  const { one: entry } = wordsOf(zone);
  const wide = width?.value ?? length.value;
  const size: Sentence = [length, ' long and ', width ?? '', ' wide'];
  if (entry === 'scale' && wide > PLATE * length.value)
    return [
      'plates right across, ',
      ...size,
      ', in one row from the throat to the tail. Each laps over the next behind it; keep their edges straight and level.',
    ];
  if (entry === 'feather' && length.value > FLIGHT * wide)
    return [
      'each feather by itself, ',
      ...size,
      '. Cut its edge as a step, the outermost lowest and each laid over it towards the body, draw the shaft, and the barbs slanting from it.',
    ];
  const short = width !== null && length.value < 2 * width.value;
  const many =
    locksPerStroke > 1
      ? `, each standing for about ${locksPerStroke} ${entry === 'hair' ? 'locks' : 'of them'}`
      : '';
  return [
    `${short ? 'dots and flicks' : 'strokes'} `,
    ...size,
    `${many}. Follow ${wordsOf(zone).lie}, and vary each ${entry === 'hair' ? 'by a third' : 'a little'}.`,
  ];
}
