import type { Adapter } from '../checkFile.ts';
import { animals } from './animals.ts';
import { bakeOrder } from './bakeOrder.ts';
import { bakeTime } from './bakeTime.ts';
import { colour } from './colour.ts';
import { colourLayers } from './colourLayers.ts';
import { curves } from './curves.ts';
import { directionField } from './directionField.ts';
import { distances } from './distances.ts';
import { drawingStandards } from './drawingStandards.ts';
import { heatConduction } from './heatConduction.ts';
import { landmarkAlignment, photoPerspective, twoViewTrueLength } from './photos.ts';
import { legEquilibrium } from './legEquilibrium.ts';
import { materials } from './materials.ts';
import { openData } from './openData.ts';
import { ovenTrace } from './ovenTrace.ts';
import { palettes } from './palettes.ts';
import { planting } from './planting.ts';
import { printer } from './printer.ts';
import { recipes } from './recipes.ts';
import { estimates, scheduling, schedulingMore } from './scheduling.ts';
import { solids } from './solids.ts';
import { springback } from './springback.ts';
import { staticBalance } from './staticBalance.ts';
import { stockCutting } from './stockCutting.ts';
import { unrolled } from './unrolled.ts';
import { wireBending } from './wireBending.ts';
import { wireGauges } from './wireGauges.ts';
import { wireMechanics } from './wireMechanics.ts';

/** One adapter per topic. */
export const ADAPTERS: Readonly<Record<string, Adapter>> = {
  animals,
  'bake-order': bakeOrder,
  'bake-time': bakeTime,
  colour,
  'colour-layers': colourLayers,
  curves,
  'direction-field': directionField,
  'distance-transform': distances,
  'drawing-standards': drawingStandards,
  estimates,
  'heat-conduction': heatConduction,
  'landmark-alignment': landmarkAlignment,
  'leg-equilibrium': legEquilibrium,
  materials,
  'open-data': openData,
  'oven-trace': ovenTrace,
  palettes,
  'photo-perspective': photoPerspective,
  planting,
  printer,
  recipes,
  scheduling,
  'scheduling-more': schedulingMore,
  solids,
  springback,
  'static-balance': staticBalance,
  'stock-cutting': stockCutting,
  'two-view-true-length': twoViewTrueLength,
  unrolled,
  'wire-bending': wireBending,
  'wire-gauges': wireGauges,
  'wire-mechanics': wireMechanics,
};
