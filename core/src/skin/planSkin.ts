import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { wordsOf, type CoatZone } from '../anatomy/coat.ts';
import { coatMm, hairLifeMm, isStuckOn } from '../body/undersize.ts';
import type { CoatMethod } from '../piece/pieceSchema.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { Snag } from '../piece/snag.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import { ownTools, toolFor, type StrokeTool } from './tools.ts';

/** One zone of the coat at the model's scale. */
export interface ZonePlan {
  readonly zone: CoatZone;
  readonly method: CoatMethod;
  /** Hair in life. */
  readonly hairLife: Working;
  /** Length and width of a stroke, and how far it lies from the skin; null on bare skin. */
  readonly length: Working;
  readonly width: Working | null;
  /** Left free under applied fibre. */
  readonly undersize: Working;
  /** The tool of the user's that makes it; undefined where none is fine enough. */
  readonly tool: StrokeTool | undefined;
  /** Locks that one stroke of the finest tool stands for; 1 where a tool is fine enough. */
  readonly locksPerStroke: number;
}

/** What Skin hands on. */
export interface SkinPlan extends StageResult {
  readonly zones: readonly ZonePlan[];
  readonly tools: readonly StrokeTool[];
}

/** What Skin reads. */
export interface SkinInputs {
  readonly skin: Workpiece['skin'];
  readonly measure: MeasurePlan;
}

/** The coat at the model's scale: strokes, tools, and what applied fibre takes off the clay. */
export function planSkin(inputs: SkinInputs): SkinPlan {
  const { skin, measure } = inputs;
  const tools = ownTools(skin.tools);
  const zones = measure.skeleton.animal.coat.map((zone) =>
    zonePlan(zone, skin, tools, measure.scale),
  );
  return {
    zones,
    tools,
    workings: zones.flatMap((zone) => [
      zone.hairLife,
      zone.length,
      ...(zone.width === null ? [] : [zone.width]),
      zone.undersize,
    ]),
    snags: zones.flatMap((zone) => zoneSnags(zone, tools)),
  };
}

// eslint-disable-next-line max-lines-per-function -- one zone with its workings
function zonePlan(
  zone: CoatZone,
  skin: Workpiece['skin'],
  tools: readonly StrokeTool[],
  scale: Working,
): ZonePlan {
  const target = { kind: 'zone', id: zone.id } as const;
  const common = { stage: 'skin', unit: 'mm', target } as const;
  const own = skin.zones[zone.id]?.hairMm ?? null;
  const method = skin.zones[zone.id]?.method ?? (zone.hair === null ? 'smooth' : 'carved');
  const n = asInput('n', scale);
  const words = wordsOf(zone);
  const hairLife: Working = {
    ...common,
    id: `skin.zone.${zone.id}.life`,
    label: say.inLife(zone.name, words.one),
    value: hairLifeMm(zone, skin),
    provenance: own === null ? (zone.hair?.provenance ?? 'memory') : 'own',
    ...asGiven(
      own === null ? say.inLibrary(zone.name) : say.setByYou,
      hairLifeMm(zone, skin),
      'mm',
      own === null ? (zone.hair?.provenance ?? 'memory') : 'own',
    ),
    source: own === null ? say.libraryOfAnimals : say.decidedByYou,
    ...(zone.hair === null ? {} : { range: zone.hair.range }),
  };
  const width = zone.lock && widthWorking(zone, zone.lock, scale);
  const under = coatMm(zone, skin, scale.value);
  const onTop = isStuckOn(method);
  return {
    zone,
    method,
    hairLife,
    length: {
      ...common,
      id: `skin.zone.${zone.id}.length`,
      label: say.onModel(zone.name, words.one),
      value: hairLife.value / scale.value,
      provenance: 'derived',
      formula: 'l = L / n',
      inputs: [asInput('L', hairLife), n],
      source: say.definitionOfScaleVary,
    },
    width,
    undersize: {
      ...common,
      id: `skin.zone.${zone.id}.undersize`,
      label: say.leftFreeForFibre(zone.name),
      value: under,
      provenance: 'derived',
      digits: 2,
      ...(onTop
        ? { formula: method === 'pelt' ? 'u = L · sin(lie) / n + b' : 'u = L · sin(lie) / n' }
        : { formula: '0', note: say.coatIsInClay }),
      inputs: onTop
        ? [
            asInput('L', hairLife),
            input('lie', say.angleToSkin, zone.lieDeg, 'deg', 'memory'),
            n,
            ...(method === 'pelt'
              ? [input('b', say.backingOfPelt, skin.backingMm, 'mm' as const, 'own')]
              : []),
          ]
        : [],
      source: say.fibreStuckOnStands,
    },
    ...strokes(width, tools),
  };
}

function widthWorking(
  zone: CoatZone,
  lock: NonNullable<CoatZone['lock']>,
  scale: Working,
): Working {
  return {
    id: `skin.zone.${zone.id}.width`,
    stage: 'skin',
    label: say.widthOf(zone.name, wordsOf(zone).stroke),
    value: lock.mm / scale.value,
    unit: 'mm',
    digits: 2,
    provenance: 'derived',
    formula: 'w = W / n',
    inputs: [
      input('W', say.widthOfInLife(wordsOf(zone).stroke), lock.mm, 'mm', lock.provenance),
      asInput('n', scale),
    ],
    source: (zone.covering ?? 'hair') === 'hair' ? say.hairsClingIntoLocks : say.definitionOfScale,
    range: [lock.range[0] / scale.value, lock.range[1] / scale.value],
    target: { kind: 'zone', id: zone.id },
  };
}

function strokes(
  width: Working | null,
  tools: readonly StrokeTool[],
): Pick<ZonePlan, 'tool' | 'locksPerStroke'> {
  if (width === null) return { tool: undefined, locksPerStroke: 1 };
  const tool = toolFor(tools, width.value);
  const finest = tools[0];
  return {
    tool,
    locksPerStroke:
      tool !== undefined || finest === undefined ? 1 : Math.ceil(finest.leastMm / width.value),
  };
}

function zoneSnags(entry: ZonePlan, tools: readonly StrokeTool[]): readonly Snag[] {
  if (entry.method !== 'carved' || entry.width === null || entry.tool !== undefined) return [];
  const finest = tools[0];
  const common = {
    grade: 'watch',
    stage: 'skin',
    target: { kind: 'zone', id: entry.zone.id },
  } as const;
  if (finest === undefined)
    return [{ ...common, code: 'no-tool', facts: { zone: entry.zone.name } }];
  return [
    {
      ...common,
      code: 'hair-finer-than-tool',
      facts: {
        zone: entry.zone.name,
        what: wordsOf(entry.zone).stroke,
        strokeMm: entry.width.value,
        tool: finest.name,
        leastMm: finest.leastMm,
        locks: entry.locksPerStroke,
      },
    },
  ];
}
