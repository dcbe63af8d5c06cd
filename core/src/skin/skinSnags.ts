import { wordsOf, zoneOf } from '../anatomy/coat.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { Snag } from '../piece/snag.ts';
import type { SnagFacts } from '../piece/snagFacts.ts';
import type { Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { StampPlan } from './stampPlan.ts';
import type { StrokeTool } from './tools.ts';
import type { TubePlan } from './tubePlan.ts';
import type { ZonePlan } from './zonePlan.ts';

/** Pressed scales larger than the library's largest by this factor are out of scale. Common practice. */
const OUT_OF_SCALE = 1.1;
/** A roller's pattern closes where its seam is within this share of a scale. Common practice. */
const SEAM_SHARE = 0.2;

/** What is wrong with the coat. */
export function skinSnags(
  of: {
    readonly zones: readonly ZonePlan[];
    readonly tools: readonly StrokeTool[];
    readonly tubes: readonly TubePlan[];
    readonly stamps: readonly StampPlan[];
  },
  skin: Workpiece['skin'],
  skeleton: Skeleton,
  scale: Working,
): readonly Snag[] {
  return [
    ...of.zones.flatMap((entry) => toolSnags(entry, of.tools)),
    ...of.zones.flatMap((entry) => scaleSnags(entry, scale)),
    ...of.tubes.flatMap((tube) => rowSnags(tube, skeleton, scale)),
    ...of.stamps.flatMap(seamSnags),
    ...lostMarks(skin.marks, skeleton),
  ];
}

function toolSnags(entry: ZonePlan, tools: readonly StrokeTool[]): readonly Snag[] {
  const { zone, strokes, width } = entry;
  if (strokes === null || width === null || strokes.tool !== undefined) return [];
  const [finest] = tools;
  const common = {
    grade: 'watch',
    stage: 'skin',
    target: { kind: 'zone', id: zone.id },
  } as const;
  if (finest === undefined) return [{ ...common, code: 'no-tool', facts: { zone: zone.name } }];
  return [
    {
      ...common,
      code: 'hair-finer-than-tool',
      facts: {
        zone: zone.name,
        what: wordsOf(zone).stroke,
        strokeMm: width.value,
        tool: finest.name,
        leastMm: finest.leastMm,
        locks: strokes.locksPerStroke,
      },
    },
  ];
}

/** A scale larger than the animal's largest: by its own width, or because the finest tool makes no smaller one. */
function scaleSnags({ zone, width, strokes, method }: ZonePlan, scale: Working): readonly Snag[] {
  if (zone.covering !== 'scale' || zone.lock === null || width === null || method === 'smooth')
    return [];
  const made = strokes?.wide.value ?? width.value;
  const mostMm = zone.lock.range[1] / scale.value;
  if (made <= OUT_OF_SCALE * mostMm) return [];
  const by = made > width.value ? 'tool' : 'width';
  return [tooLarge(zone.id, { zone: zone.name, mm: made, mostMm, lifeMm: made * scale.value, by })];
}

/** Rows set so few that their scales are larger than the animal's largest. */
function rowSnags(
  { tube, rows }: TubePlan,
  { animal, byId }: Skeleton,
  scale: Working,
): readonly Snag[] {
  if (rows?.round.provenance !== 'own') return [];
  const middle = tube.stations[Math.floor(tube.stations.length / 2)]!;
  const zone = zoneOf(animal.coat, byId.get(middle.boneId)?.key ?? '', 'side');
  const lock = zone?.lock ?? null;
  if (zone === undefined || lock === null) return [];
  const [mm, mostMm] = [rows.width.value, lock.range[1] / scale.value];
  if (mm <= OUT_OF_SCALE * mostMm) return [];
  const facts = { zone: tube.name, mm, mostMm, lifeMm: mm * scale.value, by: 'rows' } as const;
  return [tooLarge(zone.id, facts)];
}

const tooLarge = (id: string, facts: SnagFacts['scale-too-large']): Snag => ({
  code: 'scale-too-large',
  grade: 'watch',
  stage: 'skin',
  target: { kind: 'zone', id },
  facts,
});

/** Marks whose bones the animal does not have. */
const lostMarks = (marks: Workpiece['skin']['marks'], { byId }: Skeleton): readonly Snag[] =>
  marks
    .filter(({ places }) => places.some(({ boneId }) => !byId.has(boneId)))
    .map(({ id, kind }) => ({
      code: 'lie-mark-lost',
      grade: 'watch',
      stage: 'skin',
      target: { kind: 'piece', id: 'skin' },
      facts: { mark: `${kind} ${id}` },
    }));

function seamSnags({ choice, seam, scaleLong, zone, round }: StampPlan): readonly Snag[] {
  if (seam === null || round === null) return [];
  const off = Math.abs(seam.value) / scaleLong.value;
  if (off <= SEAM_SHARE) return [];
  return [
    {
      code: 'roller-seam',
      grade: 'watch',
      stage: 'skin',
      target: { kind: 'zone', id: zone.zone.id },
      facts: {
        roller: choice.name,
        seamMm: seam.value,
        fitting: Math.max(1, Math.round(round.value / scaleLong.value)),
        diameterMm: (choice.along * scaleLong.value) / Math.PI,
      },
    },
  ];
}
