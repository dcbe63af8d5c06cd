/* eslint-disable max-lines -- the steps in clay, one after the other */
import { plural } from '../units/plural.ts';
import * as say from './words.ts';
import { wordsOf } from '../anatomy/coat.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { CurePlan } from '../cure/curePlan.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { bakedFittings, makeFittings, setFittings } from './fittingSteps.ts';
import type { BakeStage } from '../cure/bakeStages.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { CautionId } from '../piece/cautions.ts';
import type { SkinPlan, ZonePlan } from '../skin/planSkin.ts';
import { hasLids, hasMuscles } from './finishing.ts';
import { listSentence, listText, UNTOLD, type Sentence, type Step } from '../piece/step.ts';

/** What the steps in clay are told from. */
export interface ClayWork {
  readonly skeleton: Skeleton;
  readonly mass: MassPlan;
  readonly skin: SkinPlan;
  readonly cure: CurePlan;
  readonly fittings: FittingsPlan;
  readonly wire: Pick<WirePlan, 'shafts'>;
}

/** From the bare armature to the finished, cured surface. */
export function claySteps(from: ClayWork): readonly Step[] {
  const { skeleton, mass, skin, cure, fittings, wire } = from;
  const shell = cure.stages.find((stage) => stage.id === 'shell');
  const parts = cure.stages.find((stage) => stage.id === 'parts');
  const finish = cure.stages.find((stage) => stage.id === 'finish');
  const built = ['mass.shell', 'mass.solid'];
  const isRelief = skeleton.plan.wall === 'beside';
  const carved = skin.zones
    .filter((zone) => zone.method === 'carved' && zone.width !== null)
    .toReversed();
  const carving = carved.map((zone) => zoneStep(zone, shell ? ['mass.work-over'] : built));
  const ready = shell ? ['cure.shell'] : built;
  const hasShafts = wire.shafts.some(({ cut }) => cut !== null);
  const setting = setFittings(fittings, {
    clayReady: [...(parts ? ['cure.parts'] : []), ...ready],
    lastBake: 'cure.finish',
  });
  const setAfter = setting.filter(({ needs }) => needs.includes('cure.finish'));
  const setBefore = setting.filter((step) => !setAfter.includes(step));
  return [
    conditionStep(mass, cure),
    eyesStep(cure, isRelief),
    ...makeFittings(fittings, hasShafts),
    ...(parts ? [cureStep(parts, cure, ['parts.eyes', ...bakedFittings(fittings)])] : []),
    coreStep(mass),
    shellStep(mass),
    solidStep(mass),
    ...(shell
      ? [socketsStep(cure, isRelief), cureStep(shell, cure, [...built, 'parts.sockets'])]
      : []),
    setEyesStep(skeleton, isRelief, shell !== undefined, [
      parts ? 'cure.parts' : 'parts.eyes',
      ...ready,
    ]),
    ...setBefore,
    ...(shell ? [workOverStep(skeleton, mass, setBefore)] : []),
    ...carving,
    ...(finish
      ? [
          cureStep(finish, cure, [
            ...[...carving, ...setBefore].map(({ id }) => id),
            'parts.set',
            ...built,
          ]),
        ]
      : []),
    ...setAfter,
  ];
}

/** The baked shell is roughened, muscles laid on it, and the last skin over them. */
const workOverStep = (skeleton: Skeleton, mass: MassPlan, setBefore: readonly Step[]): Step => ({
  id: 'mass.work-over',
  stage: 'mass',
  title: say.workOverShell,
  sentence: workOver(skeleton, mass),
  cautions: ['solvent', 'sanding'],
  needs: ['cure.shell', 'parts.set', ...setBefore.map(({ id }) => id)],
  work: 'model',
  ...UNTOLD,
});

/** What comes over a baked shell; muscles by the numbers that they have on the sheets. */
function workOver(skeleton: Skeleton, mass: MassPlan): Sentence {
  const laid = (mass.shape?.muscles ?? []).filter(({ grams }) => grams.value >= LEAST_MUSCLE_G);
  const muscles: Sentence =
    laid.length > 0
      ? [
          say.layMusclesInTheir,
          ...listSentence(
            laid.map(({ order, name, grams }): Sentence => [
              `${order} ${name.toLowerCase()} `,
              grams,
            ]),
          ),
          say.then,
        ]
      : hasMuscles(skeleton)
        ? [say.addMuscleAnd]
        : [say.addWord];
  const [skin] = mass.stages.filter(({ id }) => id === 'mass.clay.skin');
  return [
    say.roughenShell,
    ...muscles,
    ...(skin === undefined
      ? [say.lastThinSkin]
      : [say.lastThinSkinOf, skin, say.skinThick(mass.skinMm)]),
    say.holdAgainstOutlines,
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
    title: say.makeClayReady,
    sentence: [
      say.have,
      ...listSentence(
        batches.map(({ figures, grams, packets, laidFor }): Sentence => [
          grams,
          say.ofReady(figures.name, laidFor === 'piece' ? '' : say.forWord(laidFor)),
          packets,
          ` ${plural(packets.value, say.packets)})`,
        ]),
      ),
      say.workedUntilItIs,
      epoxy ? say.mixEqualPartsOnly : say.keepItCleanOf,
    ],
    cautions: epoxy ? ['epoxy', 'label'] : ['label'],
    needs: [],
    work: 'model',
    ...UNTOLD,
  };
}

/** Eyes are set after the shell is hard, into the sockets pressed before; without a shell into the soft clay. */
function setEyesStep(
  skeleton: Skeleton,
  isRelief: boolean,
  hasSockets: boolean,
  needs: readonly string[],
): Step {
  const [one, both] = hasSockets
    ? [say.glueEyeIn, say.glueBothEyesIn]
    : [say.pressEyeIn, say.pressBothEyesIn];
  return {
    id: 'parts.set',
    stage: 'mass',
    title: say.setEyes,
    sentence: [(isRelief ? one : both)(hasLids(skeleton) ? say.closeLidsOverThem : '')],
    cautions: ['sharp'],
    needs,
    work: 'model',
    ...UNTOLD,
  };
}

/** In a relief only one eye shows. */
function eyesStep({ eye }: CurePlan, isRelief: boolean): Step {
  return {
    id: 'parts.eyes',
    stage: 'cure',
    title: say.makeEyes,
    sentence: isRelief
      ? [say.rollBallOf, eye, say.andSpareOne]
      : [say.rollTwoBallsOf, eye, say.andTwoSpareOnes],
    cautions: ['small-parts'],
    needs: ['mass.condition'],
    work: 'model',
    ...UNTOLD,
  };
}

/** Sockets are pressed while the shell is soft: an eye set into a hard one stands out. */
function socketsStep({ eye }: CurePlan, isRelief: boolean): Step {
  return {
    id: 'parts.sockets',
    stage: 'mass',
    title: isRelief ? say.pressSocket : say.pressSockets,
    sentence: [isRelief ? say.pressBallOf : say.pressTwoBallsOf, eye, say.halfwayIntoShell],
    cautions: [],
    needs: ['mass.shell', 'mass.solid', 'parts.eyes'],
    work: 'model',
    ...UNTOLD,
  };
}

function coreStep({ foil, regions }: MassPlan): Step {
  const cored = regions.filter((region) => region.core === 'foil');
  return {
    id: 'mass.core',
    stage: 'mass',
    title: say.packCore,
    sentence:
      cored.length === 0
        ? [say.noFoilEveryRegion]
        : [
            say.tear,
            foil.metres,
            say.ofFoilOffRoll,
            foil.grams,
            say.andPackItHard,
            ...listSentence(
              cored.map((regionMass): Sentence => [
                `${regionMass.region.name.toLowerCase()} `,
                regionMass.coreVolume,
              ]),
            ),
            say.bindItWithTape,
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
    title: say.layShell,
    sentence:
      sheets.length === 0
        ? [say.noShellEveryRegion]
        : [
            say.roll(shellFigures ? `“${shellFigures.name}”` : 'clay'),
            ...listSentence(
              sheets.map((sheet): Sentence => [
                sheet.area,
                ' to ',
                sheet.gap,
                ' (',
                sheet.papers,
                say.sheetsOfPaperOn(listText(sheet.names).toLowerCase()),
              ]),
            ),
            say.layItOnFrom,
          ],
    cautions: ['sharp'],
    needs: ['mass.core', 'mass.condition'],
    work: 'model',
    ...UNTOLD,
  };
}

function solidStep({ regions, skinMm }: MassPlan): Step {
  const solid = regions.filter((region) => region.core === 'solid');
  return {
    id: 'mass.solid',
    stage: 'mass',
    title: say.buildSlenderParts,
    sentence:
      solid.length === 0
        ? [say.noSolidPartEvery]
        : [
            say.buildStraightOnWire,
            ...listSentence(
              solid.map((regionMass): Sentence => [
                `${regionMass.region.name.toLowerCase()} `,
                regionMass.clay,
              ]),
            ),
            say.weighEachOutSo,
            ...(solid.some(({ skinMm3 }) => skinMm3 > 0) ? [say.leaveSkinOff(skinMm)] : []),
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
      ? [say.letItSetFor, rule, say.awayFromSunAnd]
      : [say.bakeAt, dial, say.onDialFor, bake, say.countedFromWhenIt];
  return {
    id: `cure.${stage.id}`,
    stage: 'cure',
    title: `${figures.clay.setting === 'oven' ? say.bake : say.setWord}: ${stage.name.toLowerCase()}`,
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
  const who = tool?.name ?? say.yourFinestTool;
  return {
    id: `skin.${zone.id}`,
    stage: 'skin',
    title: say.carveCoat(zone.name.toLowerCase()),
    sentence: [say.withWord(who, tool === undefined ? '' : `, ${tool.how}`), ...strokes(entry)],
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
  const size: Sentence = [length, say.longAnd, width ?? '', say.wideAfter];
  if (entry === 'scale' && wide > PLATE * length.value)
    return [say.platesRightAcross, ...size, say.inOneRowFrom];
  if (entry === 'feather' && length.value > FLIGHT * wide)
    return [say.eachFeatherByItself, ...size, say.cutItsEdgeAs];
  const short = width !== null && length.value < 2 * width.value;
  const many =
    locksPerStroke > 1
      ? say.eachStandingForAbout(locksPerStroke, entry === 'hair' ? 'locks' : say.ofThem)
      : '';
  return [
    `${short ? say.dotsAndFlicks : say.strokes} `,
    ...size,
    say.followAndVaryEach(many, wordsOf(zone).lie, entry === 'hair' ? say.byThird : say.little),
  ];
}
