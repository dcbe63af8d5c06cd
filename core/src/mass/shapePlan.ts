import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { thickSnags, hollowSnags } from './shapeSnags.ts';
import type { MuscleSpec, RegionSpec } from '../anatomy/bodyPlan.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { restMuscles } from '../body/muscles.ts';
import type { Snag } from '../piece/snag.ts';
import { asInput, input, type Reading, type Working } from '../piece/working.ts';
import type { BodyShape, MuscleClay, ThickPlace } from './bodyShape.ts';
import type { DepthPeg } from './depthPegs.ts';
import type { SectionCut } from './sectionCut.ts';

/** A section card: its number, the cut, and what a tape and a caliper must read there. */
export interface SectionCard {
  readonly number: number;
  readonly name: string;
  /** Where, and what was found there: its place stays when cards before it come or go. */
  readonly cut: SectionCut;
  readonly girth: Working;
  /** The same before the coat is stuck on; the same number where nothing is. */
  readonly clayGirth: Working;
  readonly width: Working;
  readonly depth: Working;
}

/** A muscle in the order of laying, both sides together. */
export interface MuscleRow {
  readonly id: string;
  readonly name: string;
  readonly form: string;
  /** 1 is laid first. */
  readonly order: number;
  readonly layer: 1 | 2 | 3;
  readonly bulk: number;
  readonly grams: Working;
  /** Of one side in this stance, in per cent of its length at rest. */
  readonly length: Working | null;
}

/** A depth peg with its number and height. */
export interface PegRow {
  readonly number: number;
  readonly peg: DepthPeg;
  readonly height: Working;
}

/** What the shape of the posed model says, as numbers with their reckoning. */
export interface ShapePlan {
  readonly shape: BodyShape;
  readonly cards: readonly SectionCard[];
  /** The user's places where there is no section to cut, in words, with their index. */
  readonly uncut: readonly { readonly index: number; readonly words: string }[];
  readonly muscles: readonly MuscleRow[];
  readonly pegs: readonly PegRow[];
  readonly volume: Working;
  readonly thickest: Working | null;
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

const GRID = say.posedBodyOnIts;
const common = { stage: 'mass', provenance: 'derived' } as const;

/** A reading of the posed body on its grid. */
const onCells = (method: string): Reading => ({
  method,
  resolution: say.fractionOfOneCell,
  checkedBy: 'core/src/mass/bodyShape.test.ts',
});

/** Reads cards, muscles, pegs and dangers off the shape of a posed model. */
export function shapePlan(
  shape: BodyShape,
  skeleton: Skeleton,
  mass: Workpiece['mass'],
  density: Working,
): ShapePlan {
  const cards = shape.cuts.map((cut, i) => sectionCard(cut, i + 1));
  const muscles = muscleRows(shape, skeleton, density);
  const pegs = shape.pegs.map((peg, i) => pegRow(peg, i + 1));
  const regionOf = (id: string): RegionSpec | undefined =>
    skeleton.plan.regions.find((region) => region.id === id);
  const boneOf = (id: string): string => skeleton.byId.get(id)?.plainName.toLowerCase() ?? '';
  const [thickest] = shape.thick.toSorted((a, b) => b.mm - a.mm);
  const thick = thickest ? thickWorking(thickest, regionOf(thickest.regionId)) : null;
  const volume: Working = {
    ...common,
    id: 'mass.shape.volume',
    label: say.bodyInThisStance,
    value: shape.volumeMm3 / 1000,
    unit: 'ml',
    reading: onCells(say.cellsOfPosedBody),
    inputs: [input('h', say.edgeOfCell, shape.cellMm, 'mm', 'derived')],
    source: say.bendsKeepVolumeWithin(GRID),
  };
  return {
    shape,
    cards,
    uncut: shape.uncut.flatMap((index) => {
      const place = mass.cards?.[index];
      const name = place && skeleton.byId.get(place.boneId)?.name;
      return place === undefined
        ? []
        : [{ index, words: `${name ?? place.boneId}, ${Math.round(place.along * 100)} %` }];
    }),
    muscles,
    pegs,
    volume,
    thickest: thick,
    workings: [
      volume,
      ...(thick === null ? [] : [thick]),
      ...cards.flatMap((card) => [
        card.girth,
        ...(card.clayGirth === card.girth ? [] : [card.clayGirth]),
        card.width,
        card.depth,
      ]),
      ...muscles.flatMap((muscle) =>
        muscle.length === null ? [muscle.grams] : [muscle.length, muscle.grams],
      ),
      ...pegs.map((peg) => peg.height),
    ],
    snags: [
      ...thickSnags(shape.thick, mass, regionOf, boneOf),
      ...hollowSnags(shape, regionOf, boneOf),
    ],
  };
}

function sectionCard(cut: SectionCut, number: number): SectionCard {
  const name = cut.boneName;
  const place = say.along2(name.toLowerCase(), Math.round(cut.along * 100));
  const target = { kind: 'section', place: { boneId: cut.boneId, along: cut.along } } as const;
  const measure = (what: string, label: string, value: number, method: string): Working => ({
    ...common,
    id: `mass.card.${number}.${what}`,
    label: say.at(label, number, place),
    value,
    unit: 'mm',
    reading: onCells(method),
    inputs: [],
    source: say.sectionSquareToBone(GRID),
    target,
  });
  const girth = measure('girth', say.girth, cut.girthMm, say.lengthOfOutlineOf);
  const same = Math.abs(cut.girthMm - cut.clayGirthMm) < 1e-9;
  return {
    number,
    name,
    cut,
    girth,
    clayGirth: same
      ? girth
      : measure('clay', say.girthOfClay, cut.clayGirthMm, say.lengthOfOutlineUnder),
    width: measure('width', say.width, cut.widthMm, say.widestOfOutlineTo),
    depth: measure('depth', say.depth, cut.depthMm, say.widestOfOutlineBack),
  };
}

function muscleRows(shape: BodyShape, skeleton: Skeleton, density: Working): readonly MuscleRow[] {
  const clay = new Map(shape.muscles.map((muscle) => [muscle.id, muscle]));
  const rest = restMuscles(skeleton);
  const inOrder = skeleton.plan.muscles.toSorted((a, b) => a.belly.layer - b.belly.layer);
  return inOrder.flatMap((spec, order): MuscleRow[] => {
    const own = rest.filter((restMuscle) => restMuscle.spec === spec);
    if (own.length === 0) return [];
    const laid = own.map((restMuscle) => clay.get(restMuscle.id));
    const mm3 = laid.reduce((sum, entry) => sum + (entry?.mm3 ?? 0), 0);
    const first = own.find((restMuscle) => restMuscle.side !== 'right');
    const now = first && clay.get(first.id);
    return [
      {
        id: spec.id,
        name: spec.name,
        form: spec.form,
        order: order + 1,
        layer: spec.belly.layer,
        bulk: skeleton.bulk[spec.id] ?? 1,
        length: now === undefined ? null : muscleLength(spec, now),
        grams: {
          ...common,
          id: `mass.muscle.${spec.id}.grams`,
          label: own.length > 1 ? say.all(spec.name, own.length) : spec.name,
          value: (mm3 / 1000) * density.value,
          unit: 'g',
          digits: 1,
          formula: 'm = v · ρ',
          inputs: [
            input('v', say.clayOfMuscleOutside, mm3 / 1000, 'ml', 'derived'),
            asInput('ρ', density),
          ],
          source:
            'belly between origin and insertion, thicker by √(L₀/L) where it is shorter; what lies under it is not counted twice',
          target: { kind: 'muscle', id: spec.id },
        },
      },
    ];
  });
}

/** How long a muscle is in this stance, in per cent of its length at rest. */
function muscleLength(spec: MuscleSpec, clay: MuscleClay): Working {
  return {
    ...common,
    id: `mass.muscle.${spec.id}.length`,
    label: say.length(spec.name),
    value: (100 * clay.lengthMm) / clay.restLengthMm,
    unit: 'percent',
    formula: 'p = L / L₀',
    inputs: [
      input('L', say.originToInsertionIn, clay.lengthMm, 'mm', 'derived'),
      input('L₀', say.originToInsertionAt, clay.restLengthMm, 'mm', 'derived'),
    ],
    source: say.bonesOfPosedModel,
    target: { kind: 'muscle', id: spec.id },
  };
}

function pegRow(peg: DepthPeg, number: number): PegRow {
  return {
    number,
    peg,
    height: {
      ...common,
      id: `mass.peg.${peg.id}`,
      label: say.peg(number, peg.name),
      value: peg.heightMm,
      unit: 'mm',
      reading: onCells(peg.onto === 'core' ? say.fromFaceOfClay : say.fromFaceOfClayTo),
      inputs: [],
      source: peg.over === 'bone' ? say.skinLiesOnBone(GRID) : GRID,
      target: { kind: 'peg', id: String(number) },
    },
  };
}

function thickWorking(place: ThickPlace, region: RegionSpec | undefined): Working {
  return {
    ...common,
    id: 'mass.thickest',
    label: say.thickestClay(region?.name.toLowerCase() ?? ''),
    value: place.mm,
    unit: 'mm',
    reading: onCells(say.twiceGreatestDistanceFrom),
    inputs: [],
    source: say.wireInsideIsNot(GRID),
    target: { kind: 'region', id: place.regionId },
  };
}
