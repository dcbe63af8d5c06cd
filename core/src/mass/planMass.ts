import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { BodyGrid } from '../body/bodyGrid.ts';
import { bodyWeight } from '../body/bodyWeight.ts';
import type { PlacedMass } from '../body/supports.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { asInput, input, type Reading, type Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import type { BodyShape } from './bodyShape.ts';
import { boneMasses } from './boneMasses.ts';
import { clayStages, partsStage } from './clayStages.ts';
import { clayThickness, type ClayThickness } from './clayThickness.ts';
import { conditionOf, type Condition } from './condition.ts';
import { partWeights } from './partWeights.ts';
import { shapePlan, type ShapePlan } from './shapePlan.ts';
import { clayNeed, type ClayBatch } from './clayBatches.ts';
import { buildUp, type BuildUp, type RegionBuild } from './buildUp.ts';
import { clayFigures, type ClayFigures } from './clayFigures.ts';
import { fittingMasses } from './fittingMasses.ts';
import { foilWorkings, type FoilPlan } from './foil.ts';
import { massSnags } from './massSnags.ts';
import { shapeChange } from './shapeChange.ts';
import { sheetGroups, type SheetGroup } from './sheetGroups.ts';
import { modelWeight } from './modelWeight.ts';

/** A region with its numbers. */
export interface RegionMass extends RegionBuild, BuildUp {
  readonly area: Working;
  readonly clay: Working;
  readonly coreVolume: Working;
}

/** What Mass hands on: clay and foil by region and in all, sheets to roll, and the weights. */
export interface MassPlan extends StageResult {
  readonly figures: ClayFigures;
  /** Figures of another clay for the shells, if there is one. */
  readonly shellFigures: ClayFigures | null;
  readonly regions: readonly RegionMass[];
  readonly volume: Working;
  readonly area: Working;
  readonly clayVolume: Working;
  /** Clay to have ready, with the spare. */
  readonly clayGrams: Working;
  /** Of it, without the spare: the shells over cores, which may be baked first, and what is solid. */
  readonly stages: readonly Working[];
  /** The same by kind of clay, with the packets to buy. */
  readonly batches: readonly ClayBatch[];
  readonly foil: FoilPlan;
  readonly sheets: readonly SheetGroup[];
  /** Left for the skin over what is baked first, mm. */
  readonly skinMm: number;
  readonly modelGrams: Working;
  /** How thick the clay of each region is at its thickest; Cure goes by it. */
  readonly thickness: readonly ClayThickness[];
  /** Clay and cores of each bone where the stance has them; wires come on top. */
  readonly masses: readonly PlacedMass[];
  readonly lifeWeight: Working;
  /** The same in a plain sentence. */
  readonly condition: Condition;
  /** What the user's shape weighs more than the library's, in life and in clay; empty where it is the library's. */
  readonly changes: readonly Working[];
  /** Weight at life size of each part of the body. */
  readonly parts: readonly Working[];
  /** Cards, muscles, pegs and dangers; null while the posed body is still being worked out. */
  readonly shape: ShapePlan | null;
}

/** What Mass reads. */
export interface MassInputs {
  readonly mass: Workpiece['mass'];
  readonly skin: Workpiece['skin'];
  readonly builds: readonly RegionBuild[];
  readonly measure: MeasurePlan;
  readonly stance: StancePlan;
  readonly fittings: FittingsPlan;
  readonly wire: WirePlan;
  readonly body: BodyGrid | null;
  readonly bodyShape: BodyShape | null;
}

/** Foil, clay and weight of the posed model. Null while the body is still being worked out. */
// eslint-disable-next-line max-lines-per-function -- the stage in its order: built, weighed, bought, told
export function planMass(inputs: MassInputs): MassPlan | null {
  const { mass, skin, builds, measure, stance, fittings, wire, body, bodyShape } = inputs;
  if (body === null) return null;
  const { skeleton, lifePerModel } = measure;
  const figures = clayFigures(mass.clay);
  const shellFigures = mass.shellClay && clayFigures(mass.shellClay, 'shell-clay');
  const regions = builds.map((build) =>
    regionMass(build, buildUp(build, skeleton, body, skin, lifePerModel), measure.scale),
  );
  const totals = totalWorkings(regions, measure, body);
  const need = clayNeed(regions, figures, shellFigures, mass.sparePercent, clayOf(fittings));
  const foil = foilWorkings(regions, mass.foil);
  const stages = [
    ...clayStages(regions, figures.density, shellFigures?.density),
    ...partsStage(clayOf(fittings)),
  ];
  const sheets = sheetGroups(regions, mass.paperMm, mass.sheet);
  const lifeWeight = bodyWeight(body, skeleton.animal);
  const condition = conditionOf(lifeWeight, skeleton, measure.librarySkeleton);
  const parts = partWeights(body, skeleton, lifeWeight);
  const changes = shapeChange(measure, figures.density);
  const thickness = clayThickness(regions, bodyShape, body, skeleton, skin, lifePerModel);
  const shape = bodyShape && shapePlan(bodyShape, skeleton, mass, figures.density);
  const apart = fittingMasses(stance.posed, fittings.fittings);
  const modelGrams = modelWeight(need.batches, foil.grams, wire, gramsOf(apart));
  const onBones = boneMasses(stance.posed, body, regions, skin, lifePerModel, {
    clay: figures.density.value,
    shell: (shellFigures ?? figures).density.value,
    foil: mass.foil.packedGPerMl,
  });
  const masses = [...onBones, ...apart];
  return {
    figures,
    shellFigures,
    regions,
    ...totals,
    ...need,
    stages,
    foil,
    sheets,
    skinMm: mass.skinMm,
    modelGrams,
    thickness,
    masses,
    lifeWeight,
    condition,
    changes,
    parts,
    shape,
    workings: [
      totals.volume,
      totals.area,
      ...regions.flatMap((region) => [region.area, region.clay, region.coreVolume]),
      need.clayVolume,
      need.clayGrams,
      ...stages,
      ...need.batches.flatMap((batch) => [
        ...(need.batches.length > 1 ? [batch.volume, batch.grams] : []),
        batch.figures.density,
        batch.figures.packet,
        batch.packets,
      ]),
      ...foil.workings,
      ...sheets.flatMap((sheet) => [sheet.area, sheet.gap, sheet.papers, sheet.count]),
      modelGrams,
      lifeWeight,
      ...changes,
      ...parts,
      ...(shape?.workings ?? []),
    ],
    snags: [
      ...massSnags(mass, skin, measure, stance, lifeWeight, condition),
      ...(shape?.snags ?? []),
    ],
  };
}

/** Clay of all parts made apart with their spares, g. */
const clayOf = ({ fittings }: FittingsPlan): readonly Working[] =>
  fittings.flatMap(({ grams, material }) =>
    grams === null || material.id !== 'clay' ? [] : [grams],
  );

const gramsOf = (masses: readonly PlacedMass[]): number =>
  masses.reduce((sum, { grams }) => sum + grams, 0);

/** A reading of the body's depth profile. */
const byDepth = (method: string): Reading => ({
  method,
  resolution: say.straightBetweenDepthsHalf,
  checkedBy: 'core/src/mass/buildUp.test.ts',
});

function regionMass(build: RegionBuild, up: BuildUp, scale: Working): RegionMass {
  const { region, core, shellMm } = build;
  const target = { kind: 'region', id: region.id } as const;
  const common = { stage: 'mass', provenance: 'derived', target } as const;
  const t = input('t', say.shellOfClay, shellMm, 'mm', 'own');
  const u = input('u', say.leftFreeForApplied, up.undersizeMm, 'mm', 'derived');
  const inputs = core !== 'solid' ? [t, u, asInput('n', scale)] : [u, asInput('n', scale)];
  const source = say.depthProfileOfBody;
  return {
    ...build,
    ...up,
    area: {
      ...common,
      id: `mass.region.${region.id}.area`,
      label: say.skin(region.name),
      value: up.areaMm2 / 100,
      unit: 'cm2',
      formula: 'a = A / n²',
      inputs: [
        input('A', say.skinInLife, (up.areaMm2 * scale.value ** 2) / 100, 'cm2', 'derived'),
        asInput('n', scale),
      ],
      source: say.skinOfBodyOn,
    },
    clay: {
      ...common,
      id: `mass.region.${region.id}.clay`,
      label: say.clay(region.name),
      value: up.clayMm3 / 1000,
      unit: 'ml',
      digits: 1,
      reading: byDepth(core !== 'solid' ? say.whatLiesDeeperThan : say.whatLiesDeeperThanU),
      inputs,
      source,
    },
    coreVolume: {
      ...common,
      id: `mass.region.${region.id}.core`,
      label: `${region.name}, ${core === 'hollow' ? 'hollow' : say.foilCore2}`,
      value: up.coreMm3 / 1000,
      unit: 'ml',
      digits: 1,
      ...(core === 'solid'
        ? { formula: '0', note: say.noCoreSolidClay }
        : { reading: byDepth(say.whatLiesDeeperThanUT) }),
      inputs,
      source,
    },
  };
}

type Totals = Pick<MassPlan, 'volume' | 'area'>;

function totalWorkings(
  regions: readonly RegionMass[],
  measure: MeasurePlan,
  body: BodyGrid,
): Totals {
  const common = { stage: 'mass', provenance: 'derived' } as const;
  const sum = (of: (regionMass: RegionMass) => Working): number =>
    regions.reduce((total, region) => total + of(region).value, 0);
  const perRegion = (of: (regionMass: RegionMass) => Working): Working['inputs'] =>
    regions.map((region) => asInput('aᵢ', of(region)));
  return {
    volume: {
      ...common,
      id: 'mass.volume',
      label: say.wholeModel,
      value: body.volumeMm3 / measure.lifePerModel ** 3 / 1000,
      unit: 'ml',
      formula: 'v = V / n³',
      inputs: [
        input('V', say.bodyInLife, body.volumeMm3 / 1000, 'ml', 'derived'),
        asInput('n', measure.scale),
      ],
      source: say.sleevesAlongBones,
    },
    area: {
      ...common,
      id: 'mass.area',
      label: say.skinOfModel,
      value: sum((regionMass) => regionMass.area),
      unit: 'cm2',
      formula: 'a = Σ aᵢ',
      inputs: perRegion((regionMass) => regionMass.area),
      source: say.regionsBelow,
    },
  };
}
