import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { zoneOf } from '../anatomy/coat.ts';
import { undersizeLifeMm } from '../body/undersize.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { Condition } from './condition.ts';
import { boneRadii, LEAST_CORE_MM, regionBuilds } from './buildUp.ts';

/** What is wrong with the build-up: shells that leave no core, and a body too fat or too thin. */
export function massSnags(
  mass: Workpiece['mass'],
  skin: Workpiece['skin'],
  measure: MeasurePlan,
  stance: StancePlan,
  lifeWeight: Working,
  condition: Condition,
): readonly Snag[] {
  return [...shellSnags(mass, skin, measure, stance), ...weightSnags(lifeWeight, condition)];
}

/** One snag for each region of foil that has no room for any: its core ends where a bone gets too thin. */
function shellSnags(
  mass: Workpiece['mass'],
  skin: Workpiece['skin'],
  measure: MeasurePlan,
  stance: StancePlan,
): readonly Snag[] {
  const { skeleton, lifePerModel } = measure;
  return regionBuilds({ skeleton, mass }).flatMap((build): Snag[] => {
    const thickest = boneRadii(build, skeleton, stance.skin).at(-1);
    if (build.core === 'solid' || thickest === undefined) return [];
    const bone = skeleton.byId.get(thickest.boneId);
    const zone = bone && zoneOf(skeleton.animal.coat, bone.key, 'side');
    const under = zone === undefined ? 0 : undersizeLifeMm(zone, skin) / lifePerModel;
    const room = thickest.radiusMm - under - LEAST_CORE_MM;
    if (build.shellMm <= room) return [];
    return [
      {
        code: 'shell-over-limb',
        grade: 'fix',
        stage: 'mass',
        target: { kind: 'region', id: build.region.id },
        facts: {
          region: build.region.name,
          bone: bone?.plainName.toLowerCase() ?? '',
          thickMm: 2 * (thickest.radiusMm - under),
          shellMm: build.shellMm,
          maxShellMm: room,
        },
      },
    ];
  });
}

function weightSnags(lifeWeight: Working, { place }: Condition): readonly Snag[] {
  const [lowKg, highKg] = lifeWeight.range ?? [0, Infinity];
  const kg = lifeWeight.value;
  if (kg >= lowKg && kg <= highKg) return [];
  // Length stays, so the mass goes with the square of the girth.
  const girthPercent = (Math.sqrt((kg > highKg ? highKg : lowKg) / kg) - 1) * 100;
  return [
    {
      code: 'body-weight-off',
      grade: 'watch',
      stage: 'mass',
      target: { kind: 'piece', id: 'piece' },
      facts: {
        kg,
        lowKg,
        highKg,
        girthPercent,
        place:
          place === null ? '' : say.along(place.bone.toLowerCase(), Math.round(place.at * 100)),
      },
    },
  ];
}
