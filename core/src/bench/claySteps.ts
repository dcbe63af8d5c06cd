/* eslint-disable max-lines -- the steps in clay, one after the other */
import { plural } from '../units/plural.ts';
import * as say from './words.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { CurePlan } from '../cure/curePlan.ts';
import type { EyePlan, Fitting, FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import {
  bakeSteps,
  firstBake,
  hardStepId,
  partHard,
  partHardBefore,
  surfaceHard,
} from './bakeSteps.ts';
import * as apart from './fittingSteps.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { ClayChoice } from '../piece/pieceSchema.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { powderSteps } from './paintSteps.ts';
import { coatSteps } from './skinSteps.ts';
import { hasLids, hasMuscles } from './finishing.ts';
import { listSentence, listText, UNTOLD, type Sentence, type Step } from '../piece/step.ts';

/** What the steps in clay are told from. */
export interface ClayWork {
  readonly colour: ColourPlan;
  readonly skeleton: Skeleton;
  readonly mass: MassPlan;
  readonly skin: SkinPlan;
  readonly cure: CurePlan;
  readonly fittings: FittingsPlan;
  readonly wire: Pick<WirePlan, 'shafts'>;
  /** The clays of the piece. */
  readonly clays: readonly ClayChoice[];
}

/** From the bare armature to the finished, cured surface, and what is set and baked after it. */
export function claySteps(from: ClayWork): readonly Step[] {
  const { mass, cure, clays } = from;
  const eyes = eyesOf(from);
  const work = fittingWork(from);
  const first = firstBake(cure);
  const sockets = first !== null && eyes ? [socketsStep(eyes, from.fittings.eyes, cure)] : [];
  const shell = [...BUILT, ...sockets.map(({ id }) => id)];
  const { before, surface, after } = finishSteps(from, eyes, first);
  const bakes = bakeSteps(cure, clays, {
    shell,
    surface: [...surface, ...(first === null ? BUILT : [first])],
    of: (item) => apart.madeBy(from.fittings, cure, item),
  });
  return [
    conditionStep(mass, cure, clays),
    ...(eyes ? [eyesStep(eyes)] : []),
    ...apart.makeFittings(work),
    ...apart.makeBodyParts(work, first),
    coreStep(mass),
    shellStep(mass),
    solidStep(mass),
    ...sockets,
    ...before,
    ...bakes,
    ...after,
  ];
}

/** What the bare body is built of. */
const BUILT = ['mass.shell', 'mass.solid'];

const eyesOf = ({ fittings }: ClayWork): Fitting | undefined =>
  fittings.fittings.find(({ thing, made }) => thing === 'eye' && made === 'set');

const fittingWork = ({ fittings, cure, wire }: ClayWork): apart.FittingWork => ({
  ...{ fittings, cure },
  hasShafts: wire.shafts.some(({ cut }) => cut !== null),
});

/** What is set and joined on the built body, worked over, carved and drawn; the steps that the surface is; and what is set when it is baked. */
function finishSteps(
  from: ClayWork,
  eyes: Fitting | undefined,
  first: string | null,
): {
  readonly before: readonly Step[];
  readonly surface: readonly string[];
  readonly after: readonly Step[];
} {
  const { skeleton, mass, skin, cure, fittings, colour } = from;
  const work = fittingWork(from);
  const ready = first === null ? BUILT : [first];
  const setting = apart.setFittings(work, { ready, lastBake: surfaceHard(cure) });
  const { unpainted, painted } = apart.setLast(fittings);
  const late = new Set([...unpainted, ...painted]);
  const after = setting.filter(({ id }) => late.has(id));
  const onBody = [
    ...apart.grownStep(fittings, ready),
    ...apart.joinBodyParts(work, ready),
    ...setting.filter((step) => !after.includes(step)),
  ];
  // Eyes that cure in the surface are pressed in raw.
  const eyesHard = eyes === undefined ? [] : partHardBefore(cure, eyes.id);
  const eyesReady = [...(eyesHard.length === 0 ? ['parts.eyes'] : eyesHard), ...ready];
  const setEyes = eyes
    ? [setEyesStep(skeleton, eyes, fittings.eyes, first !== null, eyesReady)]
    : [];
  const set = [...setEyes, ...onBody];
  const carving = coatSteps(skin, skeleton, first === null ? BUILT : ['mass.work-over']);
  const drawn = apart.drawnStep(fittings, [...set.map(({ id }) => id), ...BUILT]);
  const over = first === null ? [] : [workOverStep(skeleton, mass, first, set)];
  const done = [...set, ...over, ...carving, ...drawn];
  const powder = powderSteps(colour, [...done.map(({ id }) => id), ...BUILT]);
  const before = [...done, ...powder];
  return { before, surface: before.map(({ id }) => id), after };
}

/** The baked shell is roughened, muscles laid on it, and the last skin over them. */
const workOverStep = (
  skeleton: Skeleton,
  mass: MassPlan,
  first: string,
  before: readonly Step[],
): Step => ({
  id: 'mass.work-over',
  stage: 'mass',
  title: say.workOverShell,
  sentence: workOver(skeleton, mass),
  cautions: ['solvent', 'sanding', 'raw-work'],
  needs: [first, ...before.map(({ id }) => id)],
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

function conditionStep({ batches }: MassPlan, cure: CurePlan, clays: readonly ClayChoice[]): Step {
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
      ...(clays.some(({ old }) => old) ? [say.conditionOld] : []),
    ],
    cautions: epoxy ? ['epoxy', 'label'] : ['label', 'raw-work'],
    needs: [],
    work: 'model',
    ...UNTOLD,
  };
}

/** Eyes are set after the shell is hard, into the sockets pressed before; without a shell into the soft clay. */
function setEyesStep(
  skeleton: Skeleton,
  { count }: Fitting,
  eyes: EyePlan | null,
  hasSockets: boolean,
  needs: readonly string[],
): Step {
  const [one, both] = hasSockets
    ? [say.glueEyeIn, say.glueBothEyesIn]
    : [say.pressEyeIn, say.pressBothEyesIn];
  const lids: Sentence =
    eyes === null || !hasLids(skeleton)
      ? []
      : [say.lidsFrom, eyes.upperLid, say.aboveAnd, eyes.lowerLid, say.belowUntil, eyes.seen, '.'];
  return {
    id: 'parts.set',
    stage: 'mass',
    title: say.setEyes,
    sentence: [(count === 1 ? one : both)(hasLids(skeleton) ? say.closeLidsOverThem : ''), ...lids],
    cautions: ['sharp'],
    needs,
    work: 'model',
    ...UNTOLD,
  };
}

/** Eyes rolled of clay with spares, or taken as they are sold. */
function eyesStep({ count, spare, length, sold, material }: Fitting): Step {
  const across = sold ?? length;
  const { isClay } = material;
  return {
    id: 'parts.eyes',
    stage: 'cure',
    title: isClay ? say.makeEyes : say.layOutEyes,
    sentence: isClay
      ? [say.rollBalls(count), across, say.andSpareOnes(count, spare)]
      : [say.takeEyes(count, material.name.toLowerCase()), across, say.chooseEyes(spare)],
    cautions: ['small-parts'],
    needs: isClay ? ['mass.condition'] : [],
    work: 'model',
    ...UNTOLD,
  };
}

/** Sockets are pressed while the shell is soft: an eye set into a hard one stands out. */
function socketsStep(
  { id, count, sold, length }: Fitting,
  eyes: EyePlan | null,
  cure: CurePlan,
): Step {
  const isOne = count === 1;
  const deep: Sentence = eyes === null ? [] : [say.socketDeep, eyes.depth, '.'];
  return {
    id: 'parts.sockets',
    stage: 'mass',
    title: isOne ? say.pressSocket : say.pressSockets,
    sentence: [
      isOne ? say.pressBallOf : say.pressTwoBallsOf,
      sold ?? length,
      say.halfwayIntoShell,
      ...deep,
    ],
    cautions: [],
    needs: ['mass.shell', 'mass.solid', 'parts.eyes', ...socketBalls(cure, id)],
    work: 'model',
    ...UNTOLD,
  };
}

/** Eyes that are hard before the shell press its sockets; others are pressed by a ball of their size. */
const socketBalls = (cure: CurePlan, eyes: string): readonly string[] => {
  const at = (step: string | null): number =>
    cure.stages.findIndex((stage) => hardStepId(stage) === step);
  const [hard] = partHard(cure, eyes);
  return hard !== undefined && at(hard) < at(firstBake(cure)) ? [hard] : [];
};

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
