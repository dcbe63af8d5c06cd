import * as say from './words.ts';
import { wordsOf, type CoatZone } from '../anatomy/coat.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { nearestWhole, strokesOver } from './planting.ts';
import { toolFor, type StrokeTool } from './tools.ts';

/** How a zone is pressed or drawn into the clay. */
export interface ZoneStrokes {
  /** The tool of the user's that makes it; undefined where none is fine enough. */
  readonly tool: StrokeTool | undefined;
  /** Locks that one stroke of the finest tool stands for; 1 where a tool is fine enough. */
  readonly locksPerStroke: number;
  /** As wide as a stroke can be made: the zone's own width, or the finest that a tool makes. */
  readonly wide: Working;
  /** How many of them cover the zone; null while its area is not known. */
  readonly count: Working | null;
  readonly minutes: Working | null;
  /** How deep a stroke is pressed. */
  readonly deep: Working;
}

/** Share of a stroke that lies on the one before, where nobody said. Common practice. */
const OVERLAPS = { hair: 0.3, feather: 0.35, down: 0.3, scale: 0.1, skin: 0 } as const;
/** A stroke is so deep against its width. Common practice. */
const DEEP_SHARE = 0.4;

export const overlapOf = (zone: CoatZone, skin: Workpiece['skin']): number =>
  skin.zones[zone.id]?.overlap ?? (zone.beads === true ? 0 : OVERLAPS[zone.covering ?? 'hair']);

/** The strokes of a carved zone. */
export function zoneStrokes(
  zone: CoatZone,
  skin: Workpiece['skin'],
  sizes: { readonly length: Working; readonly width: Working },
  area: Working | null,
  tools: readonly StrokeTool[],
): ZoneStrokes {
  const { width } = sizes;
  const tool = toolFor(tools, width.value);
  const [finest] = tools;
  const isFine = tool !== undefined || finest === undefined;
  const wide = isFine ? width : simplified(zone, width, finest);
  const count = area && countWorking(zone, skin, sizes.length, wide, area);
  return {
    ...{ tool, wide, count },
    locksPerStroke: isFine ? 1 : Math.ceil(finest.leastMm / width.value),
    minutes: count && minutesWorking(zone, skin, count, tool?.atOnce ?? 1),
    deep: {
      ...common(zone, 'deep'),
      label: say.deepOf(zone.name, wordsOf(zone).stroke),
      value: DEEP_SHARE * wide.value,
      unit: 'mm',
      digits: 2,
      formula: 'd = k · w',
      inputs: [
        input('k', say.depthAgainstWidth, DEEP_SHARE, 'ratio', 'memory'),
        asInput('w', wide),
      ],
      source: say.shallowStrokesTakePaint,
    },
  };
}

const common = (zone: CoatZone, what: string) =>
  ({
    id: `skin.zone.${zone.id}.${what}`,
    stage: 'skin',
    provenance: 'derived',
    target: { kind: 'zone', id: zone.id },
  }) as const;

/** Too fine a coat is simplified: its strokes are as wide as the finest tool makes them. */
const simplified = (zone: CoatZone, width: Working, finest: StrokeTool): Working => ({
  ...common(zone, 'made'),
  label: say.widthMade(zone.name),
  value: Math.max(width.value, finest.leastMm),
  unit: 'mm',
  digits: 2,
  formula: 'b = max(w, t)',
  inputs: [
    asInput('w', width),
    input('t', say.finestOf(finest.name), finest.leastMm, 'mm', 'memory'),
  ],
  source: say.oneStrokeStandsForMore,
});

function countWorking(
  zone: CoatZone,
  skin: Workpiece['skin'],
  length: Working,
  wide: Working,
  area: Working,
): Working {
  const overlap = overlapOf(zone, skin);
  const fresh = 1 - overlap;
  return {
    ...common(zone, 'strokes'),
    label: say.manyStrokes(zone.name),
    value: nearestWhole(strokesOver(100 * area.value, length.value, wide.value, fresh)),
    unit: 'count',
    formula: 'N = max(1, ⌊a / (l · w · (1 − o)) ⌉)',
    inputs: [
      asInput('a', area),
      asInput('l', length),
      asInput('w', wide),
      input(
        'o',
        say.shareOnLast,
        overlap,
        'ratio',
        (skin.zones[zone.id]?.overlap ?? null) === null ? 'memory' : 'own',
      ),
    ],
    source: say.eachCoversItsOwn,
  };
}

function minutesWorking(
  zone: CoatZone,
  skin: Workpiece['skin'],
  count: Working,
  atOnce: number,
): Working {
  const isScale = zone.covering === 'scale';
  const pace = isScale ? skin.pace.scalesPerMin : skin.pace.strokesPerMin;
  return {
    ...common(zone, 'minutes'),
    label: say.minutesOf(zone.name),
    value: count.value / (pace * atOnce),
    unit: 'min',
    formula: 't = N / (p · k) · q',
    inputs: [
      asInput('N', count),
      input('p', isScale ? say.scalesInMinute : say.strokesInMinute, pace, 'count', 'own'),
      input('k', say.strokesAtOnce, atOnce, 'count', 'memory'),
      input('q', say.oneMinute, 1, 'min', 'derived'),
    ],
    source: say.paceOfYours,
  };
}
