import type { BodyGrid } from '../body/bodyGrid.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { StageResult } from '../piece/stageResult.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { FormSurface } from '../surface/formSurface.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { bladePlans, bladeWorkings, type BladePlan } from './blades/bladePlan.ts';
import { featherSnags } from './feathers/featherSnags.ts';
import { featherPlan, featherWorkings, type FeatherPlan } from './feathers/featherPlan.ts';
import { foldPlans, foldWorkings, type FoldPlan } from './foldPlan.ts';
import { limbAreas } from './limbAreas.ts';
import { platePlans, type PlatePlan } from './platePlan.ts';
import { skinSnags } from './skinSnags.ts';
import { stampPlan, type StampPlan } from './stampPlan.ts';
import { ownTools, type StrokeTool } from './tools.ts';
import { tubePlan, type TubePlan } from './tubePlan.ts';
import { tubesOf } from './tubes.ts';
import { coatWork, type CoatWork } from './workHours.ts';
import { areasFrom } from './zoneAreas.ts';
import { zonePlan, zoneWorkings, type ZonePlan } from './zonePlan.ts';

export type { ZonePlan } from './zonePlan.ts';

/** What Skin hands on. */
export interface SkinPlan extends StageResult {
  readonly zones: readonly ZonePlan[];
  readonly tools: readonly StrokeTool[];
  /** How strokes vary, as the user has it. */
  readonly vary: Workpiece['skin']['vary'];
  /** Long parts with their skin laid flat. */
  readonly tubes: readonly TubePlan[];
  readonly stamps: readonly StampPlan[];
  /** Large plates with places of their own. */
  readonly plates: readonly PlatePlan[];
  /** Flight and tail feathers; null where the animal has none. */
  readonly feathers: FeatherPlan | null;
  /** Thin wings, fins and membranes. */
  readonly blades: readonly BladePlan[];
  /** Folds inside bent joints that the coat does not hide. */
  readonly folds: readonly FoldPlan[];
  /** Hand work by limb; null while the surface is worked out. */
  readonly work: CoatWork | null;
}

/** What Skin reads. */
export interface SkinInputs {
  readonly skin: Workpiece['skin'];
  readonly measure: MeasurePlan;
  readonly stance: StancePlan;
  /** The wires that shafts of feathers are wound round. */
  readonly wires: WirePlan['wires'];
  /** The skin in this stance; until it is known, that of the body at rest stands for it. */
  readonly surface: FormSurface | null;
  readonly body: BodyGrid | null;
}

/**
 * The coat at the model's scale: strokes and the tools that make them, what is planted, rows of scales with the skin
 * laid flat, stamps, and how long all of it takes by hand.
 */
export function planSkin(inputs: SkinInputs): SkinPlan {
  const { skin, measure, stance, surface } = inputs;
  const { skeleton, scale } = measure;
  const tools = ownTools(skin.tools, skin.ownTools);
  const areaOf = areasFrom(inputs);
  const zones = skeleton.animal.coat.map((zone, i) =>
    zonePlan(zone, skin, scale, areaOf?.(zone, i) ?? null, tools),
  );
  const tubes = tubesOf(stance.posed).map((tube) => tubePlan(tube, skeleton, skin, scale));
  const stamps = skin.stamps.flatMap((choice) => stampPlan(choice, zones, skin) ?? []);
  const plates = platePlans(stance.posed, scale);
  const folds = foldPlans(stance.posed, zones, skin.pace);
  const feathers = featherPlan(skeleton, skin, scale, inputs.wires);
  const feathered = new Set(feathers?.rows.map(({ row }) => row.root.bone));
  const blades = bladePlans(stance.posed, skin.feathers, scale, feathered);
  const work = coatWork(zones, surface && limbAreas(surface, skeleton));
  return {
    ...{ zones, tools, tubes, stamps, plates, folds, feathers, blades, work, vary: skin.vary },
    workings: [
      ...zones.flatMap(zoneWorkings),
      ...tubes.flatMap(({ length, girth, rows }) => [
        ...[length, girth],
        ...(rows === null ? [] : [rows.round, rows.along, rows.pitch, rows.width]),
        ...(rows?.belly ? [rows.belly] : []),
      ]),
      ...stamps
        .flatMap(({ wide, long, presses, minutes, round, seam }) => [
          ...[wide, long, presses, minutes, round, seam],
        ])
        .filter((working) => working !== null),
      ...plates.flatMap(({ long, wide }) => [long, wide]),
      ...folds.flatMap(foldWorkings),
      ...featherWorkings(feathers),
      ...bladeWorkings(blades),
      ...(work === null ? [] : [...work.limbs.map(({ minutes }) => minutes), work.total]),
    ],
    snags: [
      ...skinSnags({ zones, tools, stamps, tubes }, skin, skeleton, scale),
      ...featherSnags(feathers, skin.feathers.sheets, skin.feathers.gapMm),
    ],
  };
}
