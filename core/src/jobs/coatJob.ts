import type { CoatChoice, CoatMap } from '../lie/coatMap.ts';
import type { StrokesOfZone } from '../lie/strokeSet.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { TubePlan } from '../skin/tubePlan.ts';
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

/** How many strokes, tufts or scales a zone has on its body, and how large one is; undefined for bare skin. */
function drawnIn({ strokes, planting, method, length, width }: ZonePlan, mm2: number) {
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
    return [{ ...drawn, zone, many: Math.round((drawn.many * bodies[zone]!) / whole) }];
  });
  const sum = all.reduce((total, { many }) => total + many, 0);
  const share = Math.min(1, MOST_DRAWN / Math.max(1, sum));
  if (share === 1) return { zones: all, share };
  return { zones: all.map((of) => ({ ...of, many: Math.floor(of.many * share) })), share };
}

/** Rows of scales that are drawn one by one: those of animals whose scales are not too many. */
function drawnRows(tubes: readonly TubePlan[]): CoatChoice['rows'] {
  const told = tubes.flatMap(({ tube, rows }) => (rows === null ? [] : [{ tube, rows }]));
  const all = told.reduce((sum, { rows }) => sum + rows.round.value * rows.along.value, 0);
  if (all > MOST_IN_ROWS) return [];
  return told.map(({ tube, rows }) => ({
    ...{ sleeve: tube.sleeve, stations: tube.stations, paired: tube.paired },
    ...{ round: rows.round.value, along: rows.along.value, bellyShare: rows.bellyShare },
  }));
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
  // Rows stand where scales are made in the clay: not where they are left smooth, or something is stuck on.
  const rowZones = of.plan.zones.flatMap(({ zone, method }, i) =>
    zone.covering === 'scale' && ['carved', 'stamped'].includes(method) ? [i] : [],
  );
  const rows = drawnRows(of.plan.tubes);
  const input = { model: of.asked, choice: { zones, marks, rows, rowZones, vary, blendMm }, share };
  return { name: 'coat', key: JSON.stringify(input), input, twoSteps: true };
}
