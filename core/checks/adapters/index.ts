import type { Adapter } from '../checkFile.ts';
import { animals } from './animals.ts';
import { colour } from './colour.ts';
import { drawingStandards } from './drawingStandards.ts';
import { heatConduction } from './heatConduction.ts';
import { solids } from './solids.ts';
import { springback } from './springback.ts';
import { staticBalance } from './staticBalance.ts';
import { wireBending } from './wireBending.ts';
import { wireGauges } from './wireGauges.ts';

/** One adapter per topic. */
export const ADAPTERS: Readonly<Record<string, Adapter>> = {
  animals,
  colour,
  'drawing-standards': drawingStandards,
  'heat-conduction': heatConduction,
  solids,
  springback,
  'static-balance': staticBalance,
  'wire-bending': wireBending,
  'wire-gauges': wireGauges,
};
