/* eslint-disable max-lines -- the steps of an armature, one after the other */
import { plural } from '../units/plural.ts';
import * as say from './words.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';
import { binderById } from './binders.ts';
import { sizeText } from '../units/gauges.ts';
import { perchSeatText, perchSteps } from './perchSteps.ts';
import { ROD_KEY_WORDS } from './rodKeys.ts';
import { isStraight, times, type PlannedWire } from './plannedWire.ts';
import { byHand, type Task } from './byHand.ts';
import { MINUTES } from './minutes.ts';
import { SHAFT_STEP, THIN_STEP } from './planStock.ts';
import type { WirePlan } from './wirePlan.ts';
import { listText, type Sentence, type Step } from '../piece/step.ts';

/** What the steps read of the wire plan. */
type Armature = Pick<WirePlan, 'wires' | 'bindings' | 'base' | 'shafts' | 'rodKey' | 'hangs'>;

/** From the printed sheets to an armature that stands on its base. */
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
      title: say.printShopSheets,
      sentence: [say.printSheetsAtNever],
      cautions: [],
      needs: [],
      work: 'print',
      ...byHand({ id: 'sheets.print', title: say.printShopSheets }, [
        { what: say.barsToMeasure, times: 1, minutes: MINUTES.check },
      ]),
    },
    ...large.flatMap((plannedWire) =>
      plannedWire.otherEndOf === null
        ? [cutStep(plannedWire), bendStep(plannedWire)]
        : [bendStep(plannedWire)],
    ),
    ...thinSteps(thin),
    ...shaftSteps(wire),
    ...(wire.base.on === 'none' ? [] : [drillStep(wire)]),
    ...perchSteps(wire),
    {
      id: 'wire.bind',
      stage: 'wire',
      title: say.bindArmature,
      sentence: [
        ...bindingText(wire, choice.hipTurns, binderById(choice.binder.kind).name),
        say.holdItAgainstSheets,
      ],
      cautions: ['cut-wire'],
      needs: thin.length === 0 ? bent : [...bent, THIN_STEP],
      work: 'bind',
      ...byHand({ id: 'wire.bind', title: say.bindArmature }, [
        {
          what: say.placesToBind,
          times: wire.bindings.bindings.reduce((sum, { count }) => sum + count, 0),
          minutes: MINUTES.bind,
        },
      ]),
    },
    wire.base.on === 'none' ? standStep(wire) : mountStep(wire, choice),
  ];
}

/** The armature set on its board, plate or perch, and kept from turning. */
function mountStep(wire: Armature, choice: WireDecisions): Step {
  const { holes, on, perch } = wire.base;
  const glued = wire.wires.some(
    ({ kind }) => (kind === 'rod' || kind === 'iron') && choice.rod.thread === null,
  );
  const title = on === 'wall' ? say.setItOnPlate : say.setItOnIts;
  return {
    id: 'wire.mount',
    stage: 'wire',
    title,
    sentence: [
      say.pushPegsThroughAnd(
        plural(holes.length, { one: say.hole, other: say.allHoles(holes.length) }),
      ),
      ...(glued ? [say.glueRodsIn] : []),
      ...(wire.rodKey === 'none' || wire.rodKey === null
        ? []
        : [` ${ROD_KEY_WORDS[wire.rodKey].how}`]),
    ],
    cautions: [...(glued ? (['epoxy'] as const) : []), 'lead', 'qualified'],
    needs: ['wire.bind', 'wire.drill', ...(perch === null ? [] : ['wire.perch'])],
    work: 'bind',
    ...byHand({ id: 'wire.mount', title }, [
      { what: say.pegsToFix, times: holes.length, minutes: MINUTES.mount },
    ]),
  };
}

/** A piece without a base of its own: it is bent until it stands, or hung up to see how it hangs. */
function standStep(wire: Armature): Step {
  const title = wire.hangs ? say.hangItUp : say.standItUp;
  return {
    id: 'wire.mount',
    stage: 'wire',
    title,
    sentence: [wire.hangs ? say.hangItUpHow : say.standItUpHow],
    cautions: [],
    needs: ['wire.bind'],
    work: 'bind',
    ...byHand({ id: 'wire.mount', title }, [
      { what: say.timesToTry, times: 1, minutes: MINUTES.mount },
    ]),
  };
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
        ? [say.twistIntoTrunkUp(listText(limbs))]
        : [
            say.windRoundSpineAnd(
              listText(limbs),
              times(turns),
              limbs.length > 1 ? say.eachAfter : '',
              binder,
            ),
          ]),
    ...(rods.length === 0 ? [] : [say.lashToWireBeside(listText(rods), binder)]),
    ...(thin.length === 0 ? [] : [say.bindBesideWiresThey(listText(thin))]),
    ...(bindings.total.unit === 'm' && bindings.total.value > 0
      ? [say.thisTakes, bindings.total, say.ofWord(binder)]
      : []),
  ];
}

/** Pieces cut and checked. */
const cutting = (pieces: number): readonly Task[] => [
  { what: say.piecesToCutAnd, times: pieces, minutes: MINUTES.cut + MINUTES.check },
];

function cutStep(wire: PlannedWire): Step {
  const short = wire.moreStrands.flatMap(({ name, count, cut }): Sentence => [
    say.andOf(count),
    cut,
    ` (${name.toLowerCase()})`,
  ]);
  const head = { id: `wire.${wire.id}.cut`, title: say.cut(wire.id, wire.name.toLowerCase()) };
  const strands = wire.moreStrands.reduce((sum, { count }) => sum + count, 0);
  return {
    ...head,
    stage: 'wire',
    sentence: [
      say.cut2(wire.count > 1 ? `${times(wire.count)} ` : '', wire.metalName, wire.sizeText),
      wire.cut,
      ...short,
      say.markWithTape(wire.namedEnd),
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
  const twist: Sentence = wire.strands > 1 ? [say.twistStrandsTogetherEvenly(wire.strands)] : [];
  const head = {
    id: `wire.${wire.id}.bend`,
    title: `${first === undefined ? say.straighten : say.bend3} ${wire.id}, ${wire.name.toLowerCase()}`,
  };
  const twistedM =
    wire.moreStrands.reduce((sum, { count, cut }) => sum + count * cut.value, 0) / 1000;
  return {
    ...head,
    stage: 'wire',
    sentence: [
      ...twist,
      ...(first === undefined
        ? [say.leaveItStraightRoll]
        : [
            say.bendItCountedFrom(times(bends.length), wire.namedEnd),
            say.firstMarkIsAt,
            first.mark,
            ...(first.bendTo === undefined ? ['.'] : [say.bentTo, first.bendTo, '.']),
          ]),
    ],
    cautions: ['cut-wire'],
    needs: [`wire.${wire.id}.cut`],
    work: 'bend',
    ...byHand(head, [
      {
        what: say.bendsToMarkAnd,
        times: wire.count * bends.length,
        minutes: MINUTES.mark + MINUTES.bend,
      },
      ...(twistedM === 0
        ? []
        : [{ what: say.metresToTwist, times: twistedM, minutes: MINUTES.twistPerM }]),
      { what: say.wiresToLayOn, times: wire.count, minutes: MINUTES.check },
    ]),
    ...(first === undefined ? {} : { bendsWire: wire.id }),
  };
}

/** One step to cut all thin wires, and one for each that is bent. */
function thinSteps(thin: readonly PlannedWire[]): readonly Step[] {
  if (thin.length === 0) return [];
  const each = thin.flatMap(({ id, name, count, sizeText: size, cut }, i): Sentence => [
    `${i === 0 ? say.cutThinWires : '; '}${id} ${name.toLowerCase()}, ${count > 1 ? `${times(count)} ` : ''}${size}, `,
    cut,
  ]);
  return [
    {
      id: THIN_STEP,
      stage: 'wire',
      title: say.cutThinWires2,
      sentence: [...each, say.keepEachKindTogether],
      cautions: ['cut-wire', 'small-parts'],
      needs: ['sheets.print'],
      work: 'cut',
      ...byHand(
        { id: THIN_STEP, title: say.cutThinWires2 },
        cutting(thin.reduce((sum, { count }) => sum + count, 0)),
      ),
    },
    ...thin
      .filter(({ bends }) => bends.length > 0)
      .map((plannedWire) => ({ ...bendStep(plannedWire), needs: [THIN_STEP] })),
  ];
}

/** One step for all shafts of parts that are made apart. */
function shaftSteps({ shafts }: Armature): readonly Step[] {
  const cut = shafts.flatMap((shaft) => (shaft.cut === null ? [] : [{ ...shaft, cut: shaft.cut }]));
  if (cut.length === 0) return [];
  return [
    {
      id: SHAFT_STEP,
      stage: 'wire',
      title: say.cutShaftsOfParts,
      sentence: cut
        .flatMap(({ id, name, count, metalName, size, cut: each }, i): Sentence => [
          say.ofEach(
            i === 0 ? say.forPartsMadeApart : '; ',
            id,
            name.toLowerCase(),
            count,
            metalName,
            sizeText(size),
          ),
          each,
        ])
        .concat(say.roughenThemSoThat),
      cautions: ['cut-wire', 'small-parts'],
      needs: ['sheets.print'],
      work: 'cut',
      ...byHand(
        { id: SHAFT_STEP, title: say.cutShaftsOfParts },
        cutting(cut.reduce((sum, { count }) => sum + count, 0)),
      ),
    },
  ];
}

function drillStep({ base }: Armature): Step {
  const onWall = base.on === 'wall';
  const inBoard = base.holes.filter(({ into }) => into === 'board');
  const title = onWall ? say.drillPlate : say.drillBase;
  return {
    id: 'wire.drill',
    stage: 'wire',
    title,
    sentence: [
      say.sawBoardOf,
      base.length,
      ' by ',
      base.width,
      onWall ? say.andMarkItsTop : say.andMarkItsFront,
      ...inBoard.flatMap((hole, i): Sentence => [
        say.hole2(i === 0 ? '' : '; ', hole.number),
        hole.along,
        onWall ? say.downBetween : say.backBetween,
        hole.across,
        say.acrossDrill,
        hole.diameter,
      ]),
      ...(base.perch === null ? [] : perchSeatText(base.perch)),
      '.',
    ],
    cautions: ['drill', 'sanding'],
    needs: ['sheets.print'],
    work: 'drill',
    ...byHand({ id: 'wire.drill', title }, [
      {
        what: say.holesToMarkAnd,
        times: inBoard.length + (base.perch?.seats.length ?? 0),
        minutes: MINUTES.hole,
      },
    ]),
  };
}
