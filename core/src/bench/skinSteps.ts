import * as say from './words.ts';
import { wordsOf } from '../anatomy/coat.ts';
import type { PartKind } from '../anatomy/bodyPlan.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { isStuckOn } from '../body/undersize.ts';
import { listSentence, type Sentence, type Step } from '../piece/step.ts';
import type { SkinPlan, ZonePlan } from '../skin/planSkin.ts';
import { bladeSteps } from './bladeSteps.ts';
import { byMinutes } from './byMinutes.ts';
import { clayFeatherSteps, featherNeeds } from './featherSteps.ts';
import type { StampPlan } from '../skin/stampPlan.ts';

/** Feet up, tail forwards, head last: each row laps the one before, and a hand leans on nothing that is done. Common practice. */
const ORDER: readonly PartKind[] = ['limbs', 'wings', 'tail', 'trunk', 'head'];

/** The zones in the order in which they are worked. */
function workOrder(zones: readonly ZonePlan[], { plan }: Skeleton): readonly ZonePlan[] {
  const rank = ({ zone }: ZonePlan): number => {
    const part = plan.parts.find(({ keys }) => keys.includes(zone.bones[0] ?? ''));
    const at = part === undefined ? -1 : ORDER.indexOf(part.kind);
    return at < 0 ? ORDER.length : at;
  };
  // The lower parts of a limb come after its upper ones in a coat: from behind is from the feet up.
  return zones.toReversed().sort((a, b) => rank(a) - rank(b));
}

/** Carving and pressing of the coat, zone by zone, once the surface stands. */
export const coatSteps = (
  skin: SkinPlan,
  skeleton: Skeleton,
  needs: readonly string[],
): readonly Step[] => [
  ...foldSteps(skin, needs),
  ...bladeSteps(skin, needs),
  ...clayFeatherSteps(skin, needs),
  ...workOrder(skin.zones, skeleton).flatMap((entry) => {
    const stamps = skin.stamps.filter(({ zone }) => zone === entry);
    if (entry.method === 'stamped') return [stampStep(entry, stamps, needs)];
    if (entry.pores !== null) return [poreStep(entry, entry.pores, needs)];
    const own = [...needs, ...featherNeeds(skin, entry.zone.id)];
    return entry.strokes === null ? [] : [zoneStep(entry, own)];
  }),
];

/** Folds inside bent joints, before the coat that runs over them. */
function foldSteps({ folds }: SkinPlan, needs: readonly string[]): readonly Step[] {
  if (folds.length === 0) return [];
  const [id, title] = ['skin.folds', say.pressFolds];
  return [
    {
      ...{ id, title, needs, stage: 'skin', cautions: ['sharp'], work: 'texture' },
      sentence: [
        say.pressFoldsAcross,
        ...listSentence(
          folds.map(({ name, many, apart, deep }): Sentence => [
            `${name}, `,
            many,
            say.foldsEach,
            apart,
            say.upToDeep,
            deep,
          ]),
        ),
        say.foldsFade,
      ],
      ...byMinutes(
        id,
        title,
        folds.map(({ minutes }) => minutes),
      ),
    },
  ];
}

/** Pores in bare skin. */
function poreStep(
  { zone }: ZonePlan,
  { spacing, count, minutes }: NonNullable<ZonePlan['pores']>,
  needs: readonly string[],
): Step {
  const [id, title] = [`skin.${zone.id}`, say.prickPores(zone.name.toLowerCase())];
  return {
    ...{ id, title, needs, stage: 'skin', cautions: ['sharp'], work: 'texture' },
    sentence: [say.prickWithBundle, spacing, say.poresInAll, count, say.thenBrushOver],
    ...byMinutes(id, title, [minutes]),
  };
}

/** Scales pressed with stamps and rollers. */
function stampStep(
  { zone }: ZonePlan,
  stamps: readonly StampPlan[],
  needs: readonly string[],
): Step {
  const id = `skin.${zone.id}`;
  const title = say.pressScales(zone.name.toLowerCase());
  return {
    ...{ id, title, needs, stage: 'skin', cautions: ['sharp'], work: 'texture' },
    sentence:
      stamps.length === 0
        ? [say.noStampYet]
        : [
            say.dustStampPress,
            ...listSentence(
              stamps.map(({ choice, presses, wide, long }): Sentence => [
                `${choice.name}, `,
                ...(presses === null ? [] : [presses]),
                say.facesOf,
                wide,
                ' × ',
                long,
              ]),
            ),
            say.joinPressesByHand,
          ],
    ...byMinutes(
      id,
      title,
      stamps.map(({ minutes }) => minutes),
    ),
  };
}

/** What is stuck on, last of all, over the paint under it. */
export function fibreStep(skin: SkinPlan, last: string): Step {
  const zones = skin.zones.filter(({ method }) => isStuckOn(method));
  return {
    id: 'skin.fibre',
    stage: 'skin',
    title: say.applyFibre,
    sentence: [
      say.fromTailForwardsAnd,
      ...listSentence(
        zones.map(({ zone, length, planting }): Sentence => [
          say.cutTo(zone.name.toLowerCase()),
          planting?.cut ?? length,
          ...(planting === null ? [] : [say.rowsApart, planting.rowGap]),
        ]),
      ),
      say.trimToOutline,
    ],
    cautions: ['solvent', 'sharp', 'label'],
    needs: [last],
    work: 'texture',
    ...byMinutes(
      'skin.fibre',
      say.applyFibre,
      zones.map(({ planting }) => planting?.minutes ?? null),
    ),
  };
}

function zoneStep(entry: ZonePlan, needs: readonly string[]): Step {
  const { zone, strokes } = entry;
  const tool = strokes?.tool;
  const who = tool?.name ?? say.yourFinestTool;
  return {
    id: `skin.${zone.id}`,
    stage: 'skin',
    title: say.carveCoat(zone.name.toLowerCase()),
    sentence: [say.withWord(who, tool === undefined ? '' : `, ${tool.how}`), ...strokeWords(entry)],
    cautions: ['sharp'],
    needs,
    work: 'texture',
    ...byMinutes(`skin.${zone.id}`, say.carveCoat(zone.name.toLowerCase()), [entry.minutes]),
  };
}

/** A scale so much wider than it is long is a plate across the belly. */
const PLATE = 2;
/** A feather so much longer than it is wide is one of the fan of a wing or a tail. */
const FLIGHT = 5;

/** What is pressed or drawn in a zone, how large, and which way it lies. */
function strokeWords({ zone, length, width, strokes }: ZonePlan): Sentence {
  const locksPerStroke = strokes?.locksPerStroke ?? 1;
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
