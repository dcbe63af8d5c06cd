import * as say from './words.ts';
import type { FaceEye } from '../anatomy/face.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { facePoint, idOn } from '../body/facePoint.ts';
import { distance, dot, sub, unit } from '../geometry/vec3.ts';
import { asInput, input, type Reading, type Working } from '../piece/working.ts';
import type { EyePlan, Fitting } from './fittingsPlan.ts';

const common = { stage: 'cure', provenance: 'derived', unit: 'mm', digits: 1 } as const;

/** A ball goes easily into a hole so much wider, mm: common practice. */
const SOCKET_PLAY_MM = 0.2;
/** Strips of clay for lids, in diameters of the ball; no strip is narrower than can be cut, mm: common practice. */
const UPPER_LID = 0.4;
const LOWER_LID = 0.28;
const LEAST_STRIP_MM = 0.8;
/** A pupil is so wide for the iris that shows, a spot of light for the ball: memory; look at the animal. */
const PUPIL: Readonly<Record<FaceEye['pupil'], number | null>> = {
  dark: null,
  round: 0.45,
  upright: 0.16,
  level: 0.62,
};
const CATCH_LIGHT = 0.12;

const onSkin: Reading = {
  method: say.placesOnSkin,
  resolution: say.exactPlaces,
  checkedBy: 'core/src/fittings/fittings.test.ts',
};

/** How the first pair of eyes is set: what shows, how deep, how far apart, with what lids; null for an animal without. */
export function planEyes(fitting: Fitting | undefined, posed: PosedSkeleton): EyePlan | null {
  const [eye] = posed.skeleton.animal.face?.eyes ?? [];
  if (fitting === undefined || eye === undefined) return null;
  const left = facePoint(posed, eye.at, 1);
  if (left === undefined) return null;
  const ball = fitting.sold ?? fitting.length;
  const right = facePoint(posed, eye.at, -1);
  const head = posedBone(posed, idOn(posed, eye.at[0], 1)!);
  const isRelief = posed.skeleton.plan.wall === 'beside';
  const tip = dot(sub(head.end, left.at), unit(sub(head.end, head.start)));
  const d = asInput('d', ball);
  const opening = Math.min(1, eye.opening[0]);
  const open = input('o', say.openingOfLids, opening, 'ratio', 'memory');
  const reading = (id: string, label: string, value: number): Working => ({
    ...common,
    ...{ id: `fittings.eyes.${id}`, label, value, reading: onSkin, inputs: [] },
    source: say.placeOfEye,
  });
  return {
    ball,
    seen: {
      ...common,
      ...{ id: 'fittings.eyes.seen', label: say.seenOfBall, value: ball.value * opening },
      ...{ formula: 'w = d · o', inputs: [d, open], source: say.openingInLibrary },
    },
    depth: {
      ...common,
      ...{ id: 'fittings.eyes.depth', label: say.deepInSocket },
      value: (ball.value * (1 + Math.sqrt(1 - opening ** 2))) / 2,
      ...{ formula: 't = d / 2 · (1 + √(1 − o²))', inputs: [d, open], source: say.capOfBall },
    },
    socket: {
      ...common,
      ...{ id: 'fittings.eyes.socket', label: say.socketWide },
      value: ball.value + SOCKET_PLAY_MM,
      formula: 's = d + p',
      inputs: [d, input('p', say.play, SOCKET_PLAY_MM, 'mm', 'memory')],
      source: say.playCommonPractice,
    },
    between:
      isRelief || right === undefined
        ? null
        : reading('between', say.betweenEyes, distance(left.at, right.at)),
    fromTip: reading('from-tip', say.eyeFromTip, tip),
    others: otherPairs(posed),
    ...lids(ball),
    ...marks(ball, eye, opening),
  };
}

/** Where the further pairs of an animal with many eyes lie: how far apart, and how far back from the tip of the head. */
function otherPairs(posed: PosedSkeleton): readonly Working[] {
  const { face } = posed.skeleton.animal;
  return (face?.eyes ?? []).slice(1).flatMap(({ at }, i): readonly Working[] => {
    const [left, right] = [facePoint(posed, at, 1), facePoint(posed, at, -1)];
    if (left === undefined || right === undefined) return [];
    const head = posedBone(posed, idOn(posed, at[0], 1)!);
    const back = dot(sub(head.end, left.at), unit(sub(head.end, head.start)));
    const of = (id: string, label: string, value: number): Working => ({
      ...common,
      ...{ id: `fittings.eyes.${i + 2}.${id}`, label, value, reading: onSkin, inputs: [] },
      source: say.placeOfEye,
    });
    return [
      of('between', say.pairApart(i + 2), distance(left.at, right.at)),
      of('from-tip', say.pairBack(i + 2), back),
    ];
  });
}

const lids = (ball: Working): Pick<EyePlan, 'upperLid' | 'lowerLid'> => {
  const strip = (id: string, label: string, share: number): Working => ({
    ...common,
    ...{ id: `fittings.eyes.${id}`, label },
    value: Math.max(LEAST_STRIP_MM, share * ball.value),
    formula: 'b = max(a, s · d)',
    inputs: [
      input('a', say.atLeast, LEAST_STRIP_MM, 'mm', 'memory'),
      input('s', say.shareOfBall, share, 'ratio', 'memory'),
      asInput('d', ball),
    ],
    source: say.stripsCommonPractice,
  });
  return {
    upperLid: strip('upper-lid', say.upperLidStrip, UPPER_LID),
    lowerLid: strip('lower-lid', say.lowerLidStrip, LOWER_LID),
  };
};

function marks(
  ball: Working,
  { pupil }: FaceEye,
  opening: number,
): Pick<EyePlan, 'pupil' | 'catchLight'> {
  const share = PUPIL[pupil];
  const of = (id: string, label: string, wide: number, k: number): Working => ({
    ...common,
    ...{ id: `fittings.eyes.${id}`, label, value: wide * k * ball.value },
    formula: 'w = d · o · s',
    inputs: [
      asInput('d', ball),
      input('o', say.openingOfLids, wide, 'ratio', 'memory'),
      input('s', say.shareOfWhatShows, k, 'ratio', 'memory'),
    ],
    source: say.lookAtAnimal,
  });
  return {
    pupil: share === null ? null : of('pupil', say.pupilOf[pupil], opening, share),
    catchLight: of('catch-light', say.catchLight, opening, CATCH_LIGHT),
  };
}
