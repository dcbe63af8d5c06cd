import type { Plan } from '../planTypes.ts';
import type { StepPlan } from '../bench/planBench.ts';
import { eyeSheet } from './apart/eyeSheet.ts';
import { fittingSheets } from './apart/fittingSheet.ts';
import { basePlanDrawing, perchPlanDrawings } from './basePlan.ts';
import { bendingCards } from './bendingCards.ts';
import { layersOf, paintedForm } from './colour/painted.ts';
import type { Drawing } from './drawing.ts';
import { elevation, type ElevationOptions } from './elevation.ts';
import { formDrawing } from './formItems.ts';
import { bladeSheets } from './skin/bladeSheets.ts';
import { barbSheets, featherMaps } from './skin/featherDrawings.ts';
import { strokeCard } from './strokeCard.ts';
import { wireStrips } from './wireStrips.ts';

/** What draws a step, and the rest of its id behind the head it was found by. */
type Rule = (plan: Plan, rest: string) => readonly (Drawing | undefined)[];

const side =
  (show: ElevationOptions['show']): Rule =>
  (plan) => [elevation(plan, 'side', { show, dimensions: false, bindings: show === 'wires' })];
const form: Rule = (plan) => [formDrawing(plan, 'side')];
const wireOf = ({ wire }: Plan, id: string) => wire.wires.filter((of) => of.id === id);

const BY_ID: Readonly<Record<string, Rule>> = {
  'sheets.print': side('wires'),
  'wire.thin.cut': ({ wire }) => [wireStrips(wire.wires.filter(({ kind }) => kind === 'fine'))],
  'wire.bind': side('wires'),
  'wire.mount': side('wires'),
  'wire.drill': ({ wire }) => [basePlanDrawing(wire.base)],
  'wire.perch': ({ wire }) => perchPlanDrawings(wire.base).slice(0, 1),
  'mass.core': side('core'),
  'mass.shell': side('core'),
  'mass.solid': side('core'),
  'mass.work-over': side('muscles'),
  'parts.eyes': (plan) => [eyeSheet(plan)],
  'parts.sockets': (plan) => [eyeSheet(plan), formDrawing(plan, 'front')],
  'parts.set': (plan) => [eyeSheet(plan), formDrawing(plan, 'front')],
  'skin.folds': form,
  'skin.fibre': side('coat'),
  'colour.mix-clay': (plan) => [paintedForm(plan, 'side', 0)],
  'colour.clean': form,
  'colour.primer': (plan) => [paintedForm(plan, 'side', 0)],
  'colour.sheen': (plan) => [paintedForm(plan, 'side', layersOf(plan).length)],
  'bench.look-back': (plan) => [paintedForm(plan, 'side', layersOf(plan).length)],
};

const BY_HEAD: readonly (readonly [head: string, rule: Rule])[] = [
  ['parts.make.', (plan) => fittingSheets(plan.fittings).slice(0, 1)],
  ['parts.', form],
  ['skin.feathers.', (plan) => [...featherMaps(plan), ...barbSheets(plan)]],
  ['skin.blades.', bladeSheets],
  [
    'skin.',
    (plan, id) => [
      strokeCard({ ...plan.skin, zones: plan.skin.zones.filter(({ zone }) => zone.id === id) }, 1),
      elevation(plan, 'side', { show: 'coat', dimensions: false }),
    ],
  ],
  [
    'colour.',
    (plan, id) => {
      const at = layersOf(plan).findIndex((layer) => layer.id === id);
      return at < 0 ? [] : [paintedForm(plan, 'side', at), paintedForm(plan, 'side', at + 1)];
    },
  ],
];

/**
 * What shows a step: the wire with its marks, the region to fill, the part and its size, the strokes of a zone, the
 * piece before and after a layer. None where it needs no drawing, or where what it shows is still worked out.
 */
export function stepDrawings(plan: Plan, { id }: Pick<StepPlan, 'id'>): readonly Drawing[] {
  const drawings = ruleOf(id)(plan);
  return drawings.filter(
    (drawing) => drawing !== undefined && drawing.items.length > 0,
  ) as readonly Drawing[];
}

const CUT = /^wire\.(.+)\.cut$/;
const BEND = /^wire\.(.+)\.bend$/;

function ruleOf(id: string): (plan: Plan) => readonly (Drawing | undefined)[] {
  const own = BY_ID[id];
  if (own !== undefined) return (plan) => own(plan, '');
  const [cut, bent] = [CUT.exec(id)?.[1], BEND.exec(id)?.[1]];
  if (cut !== undefined) return (plan) => [wireStrips(wireOf(plan, cut))];
  if (bent !== undefined)
    return (plan) => wireOf(plan, bent).flatMap((wire) => bendingCards(wire).slice(0, 1));
  const head = BY_HEAD.find(([start]) => id.startsWith(start));
  return (plan) => head?.[1](plan, id.slice(head[0].length)) ?? [];
}
