/* eslint-disable max-lines -- the tests of one subject, which share its pieces */
import { describe, expect, it } from 'vitest';
import { landmarksOf } from '../../anatomy/landmarks.ts';
import { animalById, ANIMALS, planById } from '../../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../../anatomy/skeleton.ts';
import { NO_REFERENCES } from '../../start/newPiece.ts';
import type { Picture, References } from '../../piece/referencesSchema.ts';
import { snagSentence } from '../../piece/snag.ts';
import { REFERENCE_PLATES } from '../../sheets/referencePlates.ts';
import { pictureOf, placesOf, type Shot } from '../../testing/simulatedPictures.ts';
import { shakyHand, tracedPlate } from '../../testing/tracing.ts';
import { boneLengths } from './boneLengths.ts';
import { calibrate, pagePoint } from './calibration.ts';
import { foundShares } from './foundShares.ts';
import { measuredViews } from './measuredViews.ts';
import { alignedPairs } from './alignTo.ts';
import { planReferences, type ReferencesPlan } from './planReferences.ts';
import { clickSpread } from './precision.ts';
import { axesOf, pageOfPlace, placeOfPage } from './viewAxes.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const OTTER = skeletonOf('eurasian-otter');
const SIDE: Shot = { view: 'side', pxPerMm: 2.4 };
const FRONT: Shot = { view: 'front', pxPerMm: 3.1 };
const TOP: Shot = { view: 'top', pxPerMm: 2.2 };

const planOf = (
  skeleton: Skeleton,
  pictures: readonly Picture[],
  more: Partial<References> = {},
): ReferencesPlan =>
  planReferences({ references: { ...NO_REFERENCES, pictures: [...pictures], ...more }, skeleton });
const shots = (skeleton: Skeleton, ...all: readonly Shot[]): readonly Picture[] =>
  all.map((shot) => pictureOf(placesOf(skeleton), shot));

describe('views and their axes', () => {
  it('give a place back from the pages that show it', () => {
    for (const view of ['side', 'front', 'back', 'top'] as const)
      for (const facing of ['left', 'right'] as const) {
        const axes = axesOf({ view, facing })!;
        const place = placeOfPage(axes, pageOfPlace(axes, [11, 22, 33]));
        expect(place.filter((v) => v !== null)).toHaveLength(2);
        place.forEach((v, k) => expect([null, [11, 22, 33][k]]).toContain(v));
        expect(place[axes.towards.axis]).toBeNull();
      }
    expect(axesOf({ view: 'photo', facing: 'left' })).toBeUndefined();
  });

  it('show the same animal whichever way it looks, however the sheet lies on the scanner', () => {
    for (const facing of ['left', 'right'] as const)
      for (const turnDeg of [0, 90, 180, 270] as const)
        for (const tiltDeg of [-7, 0, 4]) {
          const pictures = shots(
            OTTER,
            { ...SIDE, facing, turnDeg, tiltDeg },
            { ...FRONT, tiltDeg: -tiltDeg },
          );
          const { traced } = planOf(OTTER, pictures);
          expect(traced).toHaveLength(OTTER.bones.length);
          for (const { found } of traced)
            expect(found.mm, `${found.bone.id} ${facing} ${turnDeg} ${tiltDeg}`).toBeCloseTo(
              found.bone.lifeLengthMm,
              6,
            );
        }
  });
});

describe('calibration', () => {
  const [side] = shots(OTTER, { ...SIDE, tiltDeg: 3 });

  it('gives millimetres in a pixel and the level, with how sure they are', () => {
    const found = calibrate(side!, OTTER);
    if (typeof found === 'string') throw new Error(found);
    expect(found.mmPerPx).toBeCloseTo(1 / 2.4, 9);
    expect((found.levelRad * 180) / Math.PI).toBeCloseTo(3, 6);
    // Two clicks of the usual spread over 720 px.
    expect(found.relative).toBeCloseTo((Math.SQRT2 * Math.hypot(1.5, 1 / Math.sqrt(12))) / 720, 9);
  });

  it('adds how sure the known length is', () => {
    const scale = { ...(side!.scale as Extract<Picture['scale'], { by: 'length' }>) };
    const sure = calibrate({ ...side!, scale }, OTTER);
    const unsure = calibrate({ ...side!, scale: { ...scale, plusMinusMm: 12 } }, OTTER);
    if (typeof sure === 'string' || typeof unsure === 'string') throw new Error('calibrates');
    expect(unsure.relative).toBeCloseTo(Math.hypot(sure.relative, 6 / 300), 12);
  });

  it('takes the scale from a bone that is known', () => {
    const found = calibrate({ ...side!, scale: { by: 'bone', boneId: 'tail3' } }, OTTER);
    if (typeof found === 'string') throw new Error(found);
    expect(found.mmPerPx).toBeCloseTo(1 / 2.4, 6);
    expect(found.known.mm).toBe(OTTER.byId.get('tail3')!.lifeLengthMm);
  });

  it('undoes what the lens does to a part that lies nearer than the scale', () => {
    // A ruler at 3 m, a paw 150 mm before it: seen 3000/2850 too large (similar triangles).
    const camera = { distanceMm: 3000, nearerMm: 150 };
    const found = calibrate({ ...side!, camera, level: null }, OTTER);
    if (typeof found === 'string') throw new Error(found);
    const [right] = pagePoint(found, [2000 + 240, 1500]);
    expect(right).toBeCloseTo((100 * 2850) / 3000, 9);
  });

  it.each([
    ['no-scale', { scale: null }],
    [
      'scale-of-no-length',
      { scale: { by: 'length', from: [5, 5], to: [5, 5], mm: 100, plusMinusMm: 0 } },
    ],
    ['bone-not-placed', { scale: { by: 'bone', boneId: 'tail3' }, landmarks: {} }],
    ['level-of-no-length', { level: { from: [9, 9], to: [9, 9] } }],
    ['lens-inside-the-animal', { camera: { distanceMm: 300, nearerMm: 290 } }],
  ] as const)('says %s, and the snag says what to do', (gap, part) => {
    const picture = { ...side!, ...part } as Picture;
    expect(calibrate(picture, OTTER)).toBe(gap);
    const { snags, traced, gaps } = planOf(OTTER, [picture]);
    expect(traced).toEqual([]);
    expect(gaps.map((entry) => entry.gap)).toEqual([gap]);
    const told = snags
      .filter((snag) => snag.code === 'picture-gives-nothing')
      .map((snag) => snagSentence(snag));
    // A picture without any landmark is not reproached yet.
    expect(told).toHaveLength('landmarks' in part ? 0 : 1);
    if (told[0]) expect(told[0]).toMatch(/^side view gives no lengths: .+\.$/);
  });

  it('learns the spread of the hand from landmarks that were clicked again', () => {
    const once = pictureOf(placesOf(OTTER), { ...SIDE, sigmaPx: 4, seed: 8 });
    expect(clickSpread(once)).toMatchObject({ own: false });
    const often = pictureOf(placesOf(OTTER), { ...SIDE, sigmaPx: 4, seed: 8, clicks: 5 });
    const spread = clickSpread(often);
    expect(spread.own).toBe(true);
    expect(spread.sigmaPx).toBeGreaterThan(3.4);
    expect(spread.sigmaPx).toBeLessThan(4.6);
  });
});

describe('true lengths from two views', () => {
  it('are found where each view alone is too short, and the share that it hides is told', () => {
    const { traced } = planOf(OTTER, shots(OTTER, SIDE, FRONT));
    const femur = traced.find(({ found }) => found.bone.id === 'pelvis.L')!;
    expect(femur.working.value).toBeCloseTo(44, 6);
    for (const seen of femur.found.seen) {
      expect(seen.mm).toBeLessThan(44);
      expect(seen.hidden).toBeCloseTo(1 - seen.mm / 44, 6);
    }
    expect(femur.working.formula).toContain('√');
  });

  it('of the midline are told from the side alone; of limbs only the least that they can be', () => {
    const { traced, offers, unknown } = planOf(OTTER, shots(OTTER, SIDE));
    const by = (id: string) => traced.find(({ found }) => found.bone.id === id)!.found;
    expect(by('lumbar')).toMatchObject({ whole: true, inMidplane: true });
    expect(by('femur.L').whole).toBe(false);
    expect(by('femur.L').mm).toBeLessThanOrEqual(82);
    expect(offers.map(({ found }) => found.key)).not.toContain('femur');
    expect(unknown.next).toMatchObject({ kind: 'view', view: 'front' });
    expect(unknown.bones.find(({ bone }) => bone.id === 'femur.L')?.lacks).toBe('second-view');
  });

  it('name the one landmark that would settle most', () => {
    const [side, front] = shots(OTTER, SIDE, FRONT) as [Picture, Picture];
    const { 'tibia.L.start': _, ...placed } = front.landmarks;
    const { unknown } = planOf(OTTER, [side, { ...front, landmarks: placed }]);
    expect(unknown.bones.map(({ bone }) => bone.id)).toEqual(['femur.L', 'tibia.L']);
    expect(unknown.next).toEqual({
      kind: 'landmark',
      pictureId: front.id,
      landmarkId: 'tibia.L.start',
      settles: 2,
    });
  });

  it('correct each landmark by its own depth once another view shows it', () => {
    const camera = { distanceMm: 2500, nearerMm: 80 };
    const pictures = shots(OTTER, { ...SIDE, camera }, { ...FRONT, camera }, TOP);
    const { traced } = planOf(OTTER, pictures);
    for (const { found } of traced)
      expect(Math.abs(found.mm / found.bone.lifeLengthMm - 1), found.bone.id).toBeLessThan(2e-3);
    const blind = planOf(
      OTTER,
      pictures.map((picture) => ({ ...picture, camera: null })),
    );
    const worst = Math.max(
      ...blind.traced.map(({ found }) => Math.abs(found.mm / found.bone.lifeLengthMm - 1)),
    );
    expect(worst).toBeGreaterThan(0.03);
  });
});

describe('what is stated holds', () => {
  // Round trip: skeletons are photographed askew, through a lens, by a shaky hand. JCGM 100:2008
  // calls a range of two sigma one of 95 %.
  it.each([
    ['drawings', {}, ['eurasian-otter', 'grey-heron', 'nile-crocodile'], 1.5],
    [
      'photographs',
      { camera: { distanceMm: 6000, nearerMm: 120 } },
      ['eurasian-otter', 'barn-owl'],
      1.5,
    ],
  ] as const)('for at least 95 % of the bones of seeded %s', (_, lens, animals, sigmaPx) => {
    let inside = 0;
    let all = 0;
    for (const id of animals) {
      const skeleton = skeletonOf(id);
      const places = placesOf(skeleton);
      for (let seed = 1; seed <= 12; seed++) {
        const pictures = [SIDE, FRONT, TOP].map((shot, i) =>
          pictureOf(places, { ...shot, ...lens, sigmaPx, tiltDeg: i - 1, seed: 10 * seed + i }),
        );
        for (const found of boneLengths(
          skeleton,
          measuredViews(pictures, skeleton).views,
        ).values()) {
          all += 1;
          if (Math.abs(found.mm - found.bone.lifeLengthMm) <= found.plusMinusMm) inside += 1;
        }
      }
    }
    expect(all).toBeGreaterThan(700);
    expect(inside / all).toBeGreaterThanOrEqual(0.95);
    // And it is no idle promise: the ranges are not much wider than they need be.
    expect(inside / all).toBeLessThan(0.999);
  });

  it('from repeated clicks as well, and surer by them', () => {
    const places = placesOf(OTTER);
    const ranges = [1, 5].map((clicks) => {
      const pictures = [SIDE, FRONT].map((shot, i) =>
        pictureOf(places, { ...shot, sigmaPx: 3, clicks, seed: 5 + i }),
      );
      return boneLengths(OTTER, measuredViews(pictures, OTTER).views).get('femur.L')!.plusMinusMm;
    }) as [number, number];
    expect(ranges[1]).toBeLessThan(ranges[0]);
  });
});

describe('views that disagree', () => {
  const PLATES = REFERENCE_PLATES.filter(({ view }) => view !== 'photo');

  it.each(['eurasian-otter', 'grey-heron'])('say where, on the plates of the %s', (id) => {
    const plates = PLATES.filter((plate) => plate.animalId === id);
    const planted = plates.find((plate) => plate.planted !== null)!.planted!;
    const pictures = plates.map((plate) => tracedPlate(plate, shakyHand(17, 1)));
    const plan = planOf(skeletonOf(id), pictures);
    const [worst] = plan.disagreements;
    expect(worst).toMatchObject({ landmarkId: planted.landmarkId, axis: 1, clear: true });
    expect(Math.abs(worst!.mm)).toBeGreaterThan(planted.upMm * 0.75);
    expect(Math.abs(worst!.mm)).toBeLessThan(planted.upMm * 1.25);
    expect(worst!.outlier).toEqual({ pictureId: pictures[1]!.id, why: 'left-and-right' });
    expect(plan.matches[0]!.remedy).toMatchObject({
      kind: 'move-landmark',
      landmarkId: planted.landmarkId,
    });
    const snag = plan.snags.find((snag) => snag.code === 'views-disagree')!;
    expect(snagSentence(snag)).toContain('from the front is likely wrong here');
    // A length on which the drawings disagree is not told as if it were sure.
    for (const { found } of plan.traced)
      expect(Math.abs(found.mm - found.bone.lifeLengthMm), found.bone.id).toBeLessThan(
        1.6 * found.plusMinusMm,
      );
  });

  it('say nothing where they agree but for the hand', () => {
    const places = placesOf(OTTER);
    const pictures = [SIDE, FRONT].map((shot, i) =>
      pictureOf(places, { ...shot, sigmaPx: 1, seed: 60 + i }),
    );
    const clear = planOf(OTTER, pictures).disagreements.filter(
      (disagreement) => disagreement.clear,
    );
    expect(clear.length).toBeLessThan(3);
  });

  it('are reconciled by scale where one is drawn too large', () => {
    const [side, front] = shots(OTTER, SIDE, FRONT) as [Picture, Picture];
    const scale = front.scale as Extract<Picture['scale'], { by: 'length' }>;
    const { matches } = planOf(OTTER, [side, { ...front, scale: { ...scale, mm: 312 } }]);
    expect(matches[0]!.remedy).toMatchObject({ kind: 'rescale', pictureId: front.id });
    expect(matches[0]!.remedy!.by).toBeCloseTo(300 / 312, 6);
    expect(matches[0]!.remedy!.afterMm).toBeLessThan(1e-6);
  });

  it('are reconciled by level where one lies askew', () => {
    const [side, front] = shots(OTTER, { ...SIDE, tiltDeg: 2 }, FRONT) as [Picture, Picture];
    const { matches } = planOf(OTTER, [{ ...side, level: null }, front]);
    expect(matches[0]!.remedy).toMatchObject({ kind: 'relevel', pictureId: side.id });
    expect(Math.abs(matches[0]!.remedy!.by)).toBeCloseTo(2, 1);
  });

  it('name the outlier where a third view contradicts it too', () => {
    const places = placesOf(OTTER);
    const wrong = new Map(places);
    const [x, y, z] = places.get('skull.end')!;
    wrong.set('skull.end', [x + 40, y + 40, z]);
    const pictures = [pictureOf(wrong, SIDE), pictureOf(places, FRONT), pictureOf(places, TOP)];
    const found = planOf(OTTER, pictures).disagreements.filter(
      (disagreement) => disagreement.landmarkId === 'skull.end' && disagreement.clear,
    );
    expect(found.map((disagreement) => disagreement.axis).toSorted()).toEqual([0, 1]);
    for (const disagreement of found)
      expect(disagreement.outlier).toEqual({ pictureId: pictures[0]!.id, why: 'third-view' });
  });

  it('of two animals are refused in a sentence', () => {
    const [side] = shots(OTTER, SIDE) as [Picture];
    const wolf = pictureOf(placesOf(skeletonOf('grey-wolf')), { ...FRONT, pxPerMm: 1 });
    const strange = planOf(OTTER, [side, wolf]).snags.find(
      (snag) => snag.code === 'views-of-different-animals',
    )!;
    expect(strange.grade).toBe('fix');
    expect(snagSentence(strange)).toMatch(/^side view and front view do not show one body/);
  });

  it('lie upon each other by a similarity where both are of one side', () => {
    const [one, other] = shots(OTTER, SIDE, { ...SIDE, facing: 'right', tiltDeg: 5 }) as [
      Picture,
      Picture,
    ];
    const scale = other.scale as Extract<Picture['scale'], { by: 'length' }>;
    const plan = planOf(OTTER, [
      one,
      { ...other, id: 'again', level: null, scale: { ...scale, mm: 330 } },
    ]);
    const aligned = alignedPairs(plan.matches);
    expect(aligned).toHaveLength(1);
    expect(aligned[0]!.by.factor).toBeCloseTo(300 / 330, 6);
    expect(Math.abs(aligned[0]!.by.turnDeg)).toBeCloseTo(5, 6);
    expect(aligned[0]!.by.rmsMm).toBeLessThan(1e-6);
  });
});

describe('both sides and both sources', () => {
  it('show a left leg that is not the right leg', () => {
    const places = new Map(placesOf(OTTER));
    const [x, y, z] = places.get('hindDigits.L.start')!;
    places.set('hindDigits.L.start', [x, y - 12, z]);
    const pictures = [SIDE, FRONT].map((shot) => pictureOf(places, shot));
    const [worst] = planOf(OTTER, pictures).sides;
    expect(worst).toMatchObject({ key: 'metatarsus', clear: true });
    expect(worst!.differenceMm).toBeGreaterThan(9);
  });

  it('take tape and caliper before pictures, at the specimen’s own scale', () => {
    const plan = planOf(OTTER, shots(OTTER, SIDE, FRONT), {
      specimen: { name: 'cast at half size', lifePerSpecimen: 2 },
      readings: { 'femur.L': [40, 40.2, 39.8], 'femur.R': [41] },
    });
    const femur = plan.offers.find(({ found }) => found.key === 'femur')!;
    expect(femur.found.provenance).toBe('measured');
    expect(femur.found.parts.map((part) => part.mm)).toEqual([80, 82]);
    expect(femur.working.value).toBeGreaterThan(80);
    expect(femur.changePercent).toBeCloseTo((100 * (femur.working.value - 82)) / 82, 9);
    expect(plan.offers.find(({ found }) => found.key === 'tibia')!.found.provenance).toBe('photo');
  });

  it('doubt a reading that is far from the others', () => {
    const plan = planOf(OTTER, [], { readings: { 'tibia.L': [92, 92.4, 91.8, 29.1] } });
    const snag = plan.snags.find((snag) => snag.code === 'reading-doubted')!;
    expect(snagSentence(snag)).toContain('29.1 mm lies far from the 92.1 mm');
    expect(plan.offers[0]!.working.value).toBeCloseTo(92.07, 1);
  });

  it('tell two ends of a bone that were put on one point', () => {
    const [side] = shots(OTTER, SIDE) as [Picture];
    const at = side.landmarks['tibia.L.start']!;
    const landmarks = { ...side.landmarks, 'metatarsus.L.start': at };
    const snag = planOf(OTTER, [{ ...side, landmarks }]).snags.find(
      (snag) => snag.code === 'landmarks-on-one-point',
    )!;
    expect(snagSentence(snag)).toContain('Knee, left and Ankle (hock), left lie on one point');
  });

  it('find nothing and say so in a new piece', () => {
    const plan = planOf(OTTER, []);
    expect(plan.workings).toEqual([]);
    expect(plan.snags).toEqual([]);
    expect(plan.unknown.next).toEqual({ kind: 'view', view: 'side', settles: OTTER.bones.length });
  });
});

describe('shares of the trunk', () => {
  it('are odd where the proportion is, not where the animal is large', () => {
    const large = new Map(
      [...placesOf(OTTER)].map(([id, [x, y, z]]) => [id, [1.4 * x, 1.4 * y, 1.4 * z] as const]),
    );
    const even = planOf(
      OTTER,
      [SIDE, FRONT].map((shot) => pictureOf(large, shot)),
    );
    expect(even.offers.some(({ found }) => found.outOfRange)).toBe(true);
    expect(foundShares(OTTER, even.offers).filter((foundShare) => foundShare.odd)).toEqual([]);
    const long = new Map(placesOf(OTTER));
    for (const side of ['L', 'R'])
      for (const id of ['metatarsus', 'hindDigits'].map((key) => `${key}.${side}`))
        for (const end of ['start', 'end']) {
          const place = long.get(`${id}.${end}`);
          if (place) long.set(`${id}.${end}`, [place[0], place[1] - 60, place[2]]);
        }
    const odd = planOf(
      OTTER,
      [SIDE, FRONT].map((shot) => pictureOf(long, shot)),
    );
    const told = foundShares(OTTER, odd.offers).filter((foundShare) => foundShare.odd);
    expect(told.map((foundShare) => foundShare.key)).toEqual(['tibia']);
    expect(told[0]!.share).toBeGreaterThan(told[0]!.range[1]);
    expect(foundShares(OTTER, [])).toEqual([]);
  });
});

describe('landmarks of every animal', () => {
  it.each(ANIMALS.map((animal) => animal.id))(
    'hold each bone of the %s between two of them',
    (id) => {
      const skeleton = skeletonOf(id);
      const places = placesOf(skeleton);
      expect([...places.keys()].toSorted()).toEqual(
        landmarksOf(skeleton)
          .map((landmark) => landmark.id)
          .toSorted(),
      );
      const pictures = [SIDE, FRONT].map((shot) => pictureOf(places, shot));
      const { traced } = planOf(skeleton, pictures);
      expect(traced.length).toBeGreaterThanOrEqual(skeleton.bones.length - 2);
      for (const { found } of traced)
        expect(found.mm, found.bone.id).toBeCloseTo(found.bone.lifeLengthMm, 5);
    },
  );
});
