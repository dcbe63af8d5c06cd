import * as say from './words.ts';
import { zoneOf, type CoatZone } from '../anatomy/coat.ts';
import type { BodyGrid } from '../body/bodyGrid.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { FormSurface } from '../surface/formSurface.ts';

/** What areas are told from. */
interface AreaInputs {
  readonly measure: MeasurePlan;
  readonly surface: FormSurface | null;
  readonly body: BodyGrid | null;
}

/** How the skin of a zone is told from what is known. */
export function areasFrom({
  measure,
  surface,
  body,
}: AreaInputs): ((zone: CoatZone, place: number) => Working) | null {
  if (surface !== null) return (zone, place) => zoneArea(zone, place, measure, surface);
  return body && ((zone) => restArea(zone, measure, body));
}

/** Skin of a zone of the body at rest, from its patches that fall to it. */
function restArea(zone: CoatZone, measure: MeasurePlan, body: BodyGrid): Working {
  const { skeleton, lifePerModel } = measure;
  const lifeMm2 = body.patches
    .filter((patch) => {
      const key = skeleton.byId.get(patch.boneId)?.key ?? '';
      return zoneOf(skeleton.animal.coat, key, patch.facing)?.id === zone.id;
    })
    .reduce((sum, patch) => sum + patch.areaMm2, 0);
  return {
    ...areaCommon(zone),
    value: lifeMm2 / lifePerModel ** 2 / 100,
    formula: 'a = A / n²',
    inputs: [
      input('A', say.skinInLife, lifeMm2 / 100, 'cm2', 'derived'),
      asInput('n', measure.scale),
    ],
    source: say.patchesOfBodyThat,
  };
}

const areaCommon = (zone: CoatZone) =>
  ({
    id: `skin.zone.${zone.id}.area`,
    stage: 'skin',
    label: say.skinOf(zone.name),
    unit: 'cm2',
    digits: 1,
    provenance: 'derived',
    target: { kind: 'zone', id: zone.id },
  }) as const;

/** Skin of a zone on the model as it stands: its triangles, and what shows of its feathers, membranes and fins. */
const zoneArea = (
  zone: CoatZone,
  place: number,
  measure: MeasurePlan,
  { skin, zonesMm2 }: FormSurface,
): Working => ({
  ...areaCommon(zone),
  value: zonesMm2[place]! / 100,
  reading: {
    method: say.trianglesOfThisZone,
    resolution: say.cellsOf(skin.cellMm.toFixed(2)),
    checkedBy: 'core/src/surface/surface.test.ts',
  },
  inputs: [asInput('n', measure.scale)],
  source: say.skinInThisStance,
});
