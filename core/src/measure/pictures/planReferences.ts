/* eslint-disable max-lines -- one stage with its workings and snags */
import * as say from './words.ts';
import type { Workpiece } from '../../workshop/workpiece.ts';
import { landmarksOf } from '../../anatomy/landmarks.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import type { Picture } from '../../piece/referencesSchema.ts';
import type { Snag } from '../../piece/snag.ts';
import type { StageResult } from '../../piece/stageResult.ts';
import { input, type Working, type WorkingInput } from '../../piece/working.ts';
import type { MeasurePlan } from '../planMeasure.ts';
import { readingsOf } from '../readings.ts';
import { boneLengths, type BoneFound } from './boneLengths.ts';
import type { CalibrationGap } from './calibration.ts';
import { disagreements, viewPairs, type Disagreement } from './disagreements.ts';
import {
  foundLengths,
  sidesCompared,
  type FoundLength,
  type SidesCompared,
} from './foundLengths.ts';
import { measuredViews, type MeasuredView, type ViewsOfAnimal } from './measuredViews.ts';
import { COVERAGE } from './precision.ts';
import { GAP_WORDS, onOnePoint } from './pictureFaults.ts';
import { matchOf, type PairMatch } from './reconcile.ts';
import { stillUnknown, type StillUnknown } from './stillUnknown.ts';

/** A bone as the pictures show it, with its working. */
export interface TracedBone {
  readonly found: BoneFound;
  readonly working: Working;
}

/** A life length that can be taken over, with its working. */
export interface Offer {
  readonly found: FoundLength;
  readonly working: Working;
  /** Against what the plan has now, per cent. */
  readonly changePercent: number;
  /** Whether the plan has this very length already. */
  readonly taken: boolean;
}

/** What pictures and readings say of the animal. Lengths in life mm. */
export interface ReferencesPlan extends StageResult {
  readonly views: ViewsOfAnimal;
  readonly gaps: readonly { readonly picture: Picture; readonly gap: CalibrationGap }[];
  readonly traced: readonly TracedBone[];
  readonly disagreements: readonly Disagreement[];
  readonly matches: readonly PairMatch[];
  readonly offers: readonly Offer[];
  readonly sides: readonly SidesCompared[];
  readonly unknown: StillUnknown;
}

/** Views whose heights miss by more than this share of the whole, whatever their scale, are strangers. */
const STRANGERS = 0.08;
/** Or whose scales are further apart than this factor. */
const STRANGE_FACTOR = 1.35;

/** What the pictures are read with. */
export interface ReferencesInputs {
  readonly references: Workpiece['references'];
  readonly skeleton: Skeleton;
}

/** From pictures with landmarks, and readings, to lengths that can be taken over. */
export function planReferences(inputs: ReferencesInputs): ReferencesPlan {
  const { references, skeleton } = inputs;
  const views = measuredViews(references.pictures, skeleton);
  const lengths = boneLengths(skeleton, views.views);
  const pairs = viewPairs(views.views);
  const matches = pairs.map(matchOf);
  const traced = skeleton.bones.flatMap((bone): TracedBone[] => {
    const found = lengths.get(bone.id);
    return found === undefined ? [] : [{ found, working: tracedWorking(found, views.views) }];
  });
  const offers = foundLengths(skeleton, lengths, references).map(offer);
  const differing = disagreements(views, landmarksOf(skeleton));
  const gaps = views.gaps.filter(({ picture }) => Object.keys(picture.landmarks).length > 0);
  return {
    views,
    gaps: views.gaps,
    traced,
    disagreements: differing,
    matches,
    offers,
    sides: sidesCompared(skeleton, lengths, references),
    unknown: stillUnknown(skeleton, views.views, lengths),
    workings: [
      ...views.views.map(scaleOfPicture),
      ...traced.map(({ working }) => working),
      ...offers.map(({ working }) => working),
    ],
    snags: [
      ...gaps.map(({ picture, gap }): Snag => ({
        code: 'picture-gives-nothing',
        grade: 'watch',
        stage: 'measure',
        target: { kind: 'picture', id: picture.id },
        facts: { picture: picture.name, why: GAP_WORDS[gap] },
      })),
      ...references.pictures.flatMap((picture) =>
        picture.view === 'photo' ? [] : pointSnags(picture, skeleton, lengths),
      ),
      ...strangerSnags(matches),
      ...worstDisagreement(differing, views.views, skeleton),
      ...readingSnags(references, skeleton),
    ],
  };
}

type Bones = MeasurePlan['skeleton'];

function scaleOfPicture({ picture, calibration }: MeasuredView): Working {
  const { known, mmPerPx, relative } = calibration;
  return {
    id: `measure.picture.${picture.id}.scale`,
    stage: 'measure',
    label: say.scale(picture.name),
    value: mmPerPx,
    unit: 'mm/px',
    digits: 4,
    provenance: 'photo',
    plusMinus: COVERAGE * relative * mmPerPx,
    formula: 'm = L / p',
    inputs: [
      input('L', say.knownLength, known.mm, 'mm', 'own'),
      input('p', say.itsLengthOnPicture, known.px, 'px', 'photo'),
    ],
    source: calibration.click.own ? say.definitionOfScaleSpread : say.definitionOfScaleCareful,
    target: { kind: 'picture', id: picture.id },
  };
}

const AXIS_SYMBOLS = ['dx', 'dy', 'dz'] as const;
const AXIS_NAMES = [say.forward, 'Up', say.toSide] as const;

function tracedWorking(found: BoneFound, views: readonly MeasuredView[]): Working {
  const { bone, along, seen, whole, plusMinusMm } = found;
  const nameOf = (id: string): string =>
    views.find(({ picture }) => picture.id === id)?.picture.name ?? id;
  const parts = along.flatMap((d, k): WorkingInput[] =>
    d === null ? [] : [input(AXIS_SYMBOLS[k]!, AXIS_NAMES[k]!, d, 'mm', 'photo')],
  );
  return {
    id: `measure.traced.${bone.id}`,
    stage: 'measure',
    label: say.onPictures(bone.name),
    value: found.mm,
    unit: 'mm',
    provenance: 'photo',
    ...(whole
      ? { formula: 'L = √(dx² + dy² + dz²)' }
      : {
          reading: {
            method: say.lengthAsSeenLeast,
            resolution: say.spreadOfClick,
            checkedBy: 'core/src/measure/pictures/pictures.test.ts',
          },
        }),
    inputs: [
      ...parts,
      ...seen.map(({ pictureId, mm }) =>
        input('s', say.seenIn(nameOf(pictureId)), mm, 'mm', 'photo'),
      ),
    ],
    plusMinus: plusMinusMm,
    source: say.twoViewsOfOne(found.inMidplane ? say.takenToLieIn : ''),
    target: { kind: 'bone', id: bone.id },
  };
}

function offer(found: FoundLength): Offer {
  const { bone, mm, nowMm } = found;
  return {
    found,
    changePercent: (100 * (mm - nowMm)) / nowMm,
    taken: found.nowFrom === found.provenance && Math.abs(mm - nowMm) < 0.05,
    working: {
      id: `measure.found.${found.key}`,
      stage: 'measure',
      label: say.found(found.name),
      value: mm,
      unit: 'mm',
      provenance: found.provenance,
      ...(found.parts.length === 1
        ? { formula: 'L' }
        : {
            reading: {
              method: say.meanOfWhatWas,
              resolution: say.rangeToldBesideIt,
              checkedBy: 'core/src/measure/pictures/pictures.test.ts',
            },
          }),
      inputs: [
        ...found.parts.map((part) => input('L', part.label, part.mm, 'mm', found.provenance)),
        input('L₀', say.inPlanNow, nowMm, 'mm', found.nowFrom),
      ],
      plusMinus: found.plusMinusMm,
      source: say.measuredFrom(bone.measured),
      target: { kind: 'bone', id: bone.id },
      range: bone.range,
    },
  };
}

/**
 * The two ends of a bone on one point: told where no other view shows the bone long, since a view may
 * look along it.
 */
function pointSnags(
  picture: Picture,
  skeleton: Bones,
  lengths: ReadonlyMap<string, BoneFound>,
): readonly Snag[] {
  return onOnePoint(picture, skeleton)
    .filter(({ boneId }) => (lengths.get(boneId)?.seen.length ?? 0) < 2)
    .map(({ first, second }): Snag => ({
      code: 'landmarks-on-one-point',
      grade: 'watch',
      stage: 'measure',
      target: { kind: 'picture', id: picture.id },
      facts: { picture: picture.name, first, second },
    }));
}

function strangerSnags(matches: readonly PairMatch[]): readonly Snag[] {
  return matches
    .filter(({ pair }) => pair.shared.length >= 4)
    .filter(
      ({ shareScaled, factor }) =>
        shareScaled > STRANGERS || Math.max(factor, 1 / factor) > STRANGE_FACTOR,
    )
    .map(({ pair, shareScaled, factor }): Snag => ({
      code: 'views-of-different-animals',
      grade: 'fix',
      stage: 'measure',
      target: { kind: 'picture', id: pair.views[1].picture.id },
      facts: {
        first: pair.views[0].picture.name,
        second: pair.views[1].picture.name,
        percent: 100 * shareScaled,
        factor,
      },
    }));
}

const AXIS_WORDS = [say.alongBody, say.inHeight, say.acrossBody] as const;

function worstDisagreement(
  all: readonly Disagreement[],
  views: readonly MeasuredView[],
  skeleton: Bones,
): readonly Snag[] {
  const clear = all.filter((disagreement) => disagreement.clear);
  const worst = clear[0];
  if (worst === undefined) return [];
  const nameOf = (id: string | undefined): string =>
    views.find(({ picture }) => picture.id === id)?.picture.name ?? '';
  return [
    {
      code: 'views-disagree',
      grade: 'watch',
      stage: 'measure',
      target: { kind: 'landmark', id: worst.landmarkId },
      facts: {
        landmark: landmarksOf(skeleton).find(({ id }) => id === worst.landmarkId)?.name ?? '',
        axis: AXIS_WORDS[worst.axis],
        mm: Math.abs(worst.mm),
        percent: Math.abs(worst.percent),
        plusMinusMm: worst.plusMinusMm,
        first: nameOf(worst.pictureIds[0]),
        second: nameOf(worst.pictureIds[1]),
        outlier: worst.outlier === null ? '' : nameOf(worst.outlier.pictureId),
        others: clear.length - 1,
      },
    },
  ];
}

const readingSnags = (references: Workpiece['references'], skeleton: Bones): readonly Snag[] =>
  Object.entries(references.readings).flatMap(([id, readings]): Snag[] => {
    const summary = readingsOf(readings);
    const bone = skeleton.byId.get(id);
    if (summary === undefined || bone === undefined || summary.doubted.length === 0) return [];
    return [
      {
        code: 'reading-doubted',
        grade: 'watch',
        stage: 'measure',
        target: { kind: 'bone', id },
        facts: { bone: bone.name, mm: readings[summary.doubted[0]!]!, meanMm: summary.value },
      },
    ];
  });
