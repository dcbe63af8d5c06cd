import type { CoatChoice, CoatMap } from '../lie/coatMap.ts';
import type { StrokesOfZone } from '../lie/strokeSet.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { BACK_SHARE } from '../skin/tubeRows.ts';
import type { ZonePlan } from '../skin/zonePlan.ts';
import type { FormSurface } from '../surface/formSurface.ts';
import { zoneAreas } from '../surface/skinAreas.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Job } from './job.ts';
import type { SurfaceQuestion } from './surfaceJob.ts';

/** What a coat on the skin is worked out from. */
export interface CoatQuestion {
  readonly model: SurfaceQuestion;
  readonly choice: CoatChoice;
  /** What of all strokes is drawn: 1, or less where there are too many to draw. */
  readonly share: number;
}

/** More strokes than these are told, and not drawn one by one. */
const MOST_DRAWN = 60_000;
const MOST_IN_ROWS = 12_000;
/** A pore as it is drawn. */
const PORE_MM = 0.35;

/** How many strokes, tufts or scales a zone has on its body, and how large one is; undefined for bare skin. */
function drawnIn({ strokes, planting, pores, method, length, width }: ZonePlan, mm2: number) {
  if (pores !== null) return { many: pores.count.value, lengthMm: PORE_MM, widthMm: PORE_MM };
  if (width === null || length.value === 0 || method === 'smooth') return undefined;
  const all = strokes?.count ?? planting?.tufts;
  const wide = strokes?.wide ?? width;
  const many = all?.value ?? mm2 / (length.value * width.value);
  return { many, lengthMm: length.value, widthMm: wide.value };
}

/** What is drawn of each zone: as many as are told, by what of the zone lies on the body and not on blades. */
function drawnZones(
  surface: FormSurface,
  zones: readonly ZonePlan[],
): { readonly zones: readonly StrokesOfZone[]; readonly share: number } {
  const bodies = zoneAreas(surface.skin, zones.length);
  const all = zones.flatMap((entry, zone): StrokesOfZone[] => {
    const whole = surface.zonesMm2[zone]!;
    const drawn = drawnIn(entry, whole);
    if (drawn === undefined || whole === 0) return [];
    const inRows = entry.zone.covering === 'feather' && entry.method === 'carved';
    const many = Math.round((drawn.many * bodies[zone]!) / whole);
    return [{ ...drawn, zone, many, inRows }];
  });
  const sum = all.reduce((total, { many }) => total + many, 0);
  const share = Math.min(1, MOST_DRAWN / Math.max(1, sum));
  if (share === 1) return { zones: all, share };
  return { zones: all.map((of) => ({ ...of, many: Math.floor(of.many * share) })), share };
}

/** Rows of scales that are drawn one by one: of animals whose scales are not too many all, else the plates of the back. */
function drawnRows(plan: SkinPlan): Pick<CoatChoice, 'rows' | 'rowZones'> {
  const told = plan.tubes.flatMap(({ tube, rows }) => (rows === null ? [] : [{ tube, rows }]));
  const all = told.reduce((sum, { rows }) => sum + rows.round.value * rows.along.value, 0);
  const few = all <= MOST_IN_ROWS;
  // Rows stand where scales are made in the clay: not where they are left smooth, or something is stuck on.
  const rowZones = plan.zones.flatMap(({ zone: { covering, facing }, method }, i) =>
    covering === 'scale' &&
    ['carved', 'stamped'].includes(method) &&
    (few || (facing?.length === 1 && facing[0] === 'up'))
      ? [i]
      : [],
  );
  const rows = told
    .filter((of) => few || of.rows.back !== null)
    .map(({ tube, rows: its }) => ({
      ...{ sleeve: tube.sleeve, stations: tube.stations, paired: tube.paired },
      ...(few
        ? { round: its.round.value, along: its.along.value, bellyShare: its.bellyShare }
        : { round: 0, along: 0, bellyShare: 0 }),
      back: its.back && { ...its.back, share: BACK_SHARE },
    }));
  return { rows, rowZones };
}

/** The coat of a model in its stance: its lie, its strokes, and how it is seen. */
export function coatJob(of: {
  readonly asked: SurfaceQuestion;
  readonly surface: FormSurface;
  readonly plan: SkinPlan;
  readonly skin: Workpiece['skin'];
}): Job<CoatQuestion, CoatMap> {
  const { vary, blendMm, marks } = of.skin;
  const { zones, share } = drawnZones(of.surface, of.plan.zones);
  const input = {
    model: of.asked,
    choice: { zones, marks, ...drawnRows(of.plan), vary, blendMm },
    share,
  };
  return { name: 'coat', key: JSON.stringify(input), input, twoSteps: true };
}
